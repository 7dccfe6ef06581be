import { computed, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods } from '@ngrx/signals';
import { removeEntity, setAllEntities, setEntity, withEntities } from '@ngrx/signals/entities';
import type { Style } from '@kadrosyn/core';
import { withRequestState } from '../../api/request-state';
import { OwnServer } from '../../api/own-server';

/** The finishes that the workspace keeps under a name. What went wrong with them last is their `fault`; nothing was changed then. */
export const OwnStyles = signalStore(
  { providedIn: 'root' },
  withEntities<Style>(),
  withRequestState(),
  withComputed(({ entities }) => ({
    /** By name. */
    list: computed<readonly Style[]>(() => [...entities()].sort((a, b) => a.name.localeCompare(b.name))),
  })),
  withMethods((store, server = inject(OwnServer)) => {
    const put = (style: Style): Style => {
      patchState(store, setEntity(style));
      return style;
    };
    return {
      /** Reads the list once; a failure leaves it to the next who asks. */
      async load(): Promise<void> {
        if (store.loaded() || store.isPending()) return;
        await store._read(async () => patchState(store, setAllEntities(await server.styles())));
      },

      /** Null when it could not be kept. */
      add(style: Omit<Style, 'id' | 'revision'>): Promise<Style | null> {
        return store._asked(async () => put(await server.addStyle(style)));
      },

      change(id: string, change: Partial<Omit<Style, 'id' | 'revision'>>): Promise<Style | null> {
        return store._asked(async () => put(await server.changeStyle(id, change)));
      },

      async remove(id: string): Promise<void> {
        await store._asked(async () => {
          await server.removeStyle(id);
          patchState(store, removeEntity(id));
        });
      },
    };
  }),
);
export type OwnStyles = InstanceType<typeof OwnStyles>;
