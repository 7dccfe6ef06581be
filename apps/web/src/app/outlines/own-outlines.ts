import { inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods } from '@ngrx/signals';
import { prependEntity, removeEntity, setAllEntities, setEntity, withEntities } from '@ngrx/signals/entities';
import type { OwnOutline } from '@kadrosyn/contract';
import { withRequestState } from '../api/request-state';
import { OwnServer } from '../api/own-server';

/** The outlines of the workspace's own. */
export const OwnOutlines = signalStore(
  { providedIn: 'root' },
  withEntities<OwnOutline>(),
  withRequestState(),
  withComputed(({ entities }) => ({
    /** Newest first. */
    list: entities,
  })),
  withMethods((store, server = inject(OwnServer)) => ({
    load(): Promise<void> {
      return store._read(async () => patchState(store, setAllEntities(await server.outlines())));
    },

    /** @throws Fault when it could not be kept. */
    async add(outline: Omit<OwnOutline, 'id'>): Promise<OwnOutline> {
      const kept = await server.addOutline(outline);
      patchState(store, prependEntity(kept));
      return kept;
    },

    async rename(id: string, name: string): Promise<void> {
      patchState(store, setEntity(await server.renameOutline(id, name)));
    },

    async remove(id: string): Promise<void> {
      await server.removeOutline(id);
      patchState(store, removeEntity(id));
    },
  })),
);
export type OwnOutlines = InstanceType<typeof OwnOutlines>;
