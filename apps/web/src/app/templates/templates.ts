import { inject } from '@angular/core';
import { patchState, signalStore, withMethods } from '@ngrx/signals';
import { setAllEntities, withEntities } from '@ngrx/signals/entities';
import type { TemplateSummary } from '@kadrosyn/contract';
import { withRequestState } from '../api/request-state';
import { Server } from '../api/server';

/** The templates, shipped and own, in the order of the server. */
export const Templates = signalStore(
  { providedIn: 'root' },
  withEntities<TemplateSummary>(),
  withRequestState(),
  withMethods((store, server = inject(Server)) => {
    const load = (): Promise<void> => store._read(async () => patchState(store, setAllEntities([...(await server.templates())])));
    return {
      load,

      /** @throws Fault */
      async rename(id: string, name: string): Promise<void> {
        await server.renameTemplate(id, name);
        await load();
      },

      /** Projects that were begun from it stay. @returns what puts it back. @throws Fault */
      async remove(id: string): Promise<() => Promise<void>> {
        const kept = await server.template(id);
        await server.removeTemplate(id);
        await load();
        return async () => {
          await server.addTemplate(kept);
          await load();
        };
      },
    };
  }),
);
export type Templates = InstanceType<typeof Templates>;
