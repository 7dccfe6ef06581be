import { inject } from '@angular/core';
import { patchState, signalStore, withMethods, withState } from '@ngrx/signals';
import type { Bin } from '@kadrosyn/contract';
import { withRequestState } from '../api/request-state';
import { Server } from '../api/server';

/** What lies in the bin; null before it was read. */
export const BinContents = signalStore(
  { providedIn: 'root' },
  withState<{ readonly bin: Bin | null }>({ bin: null }),
  withRequestState(),
  withMethods((store, server = inject(Server)) => {
    const load = (): Promise<void> => store._read(async () => patchState(store, { bin: await server.bin() }));
    return {
      load,

      /** @throws Fault */
      async returnPhoto(id: string): Promise<void> {
        await server.returnPhoto(id);
        await load();
      },

      /** Everything in it goes for good. @throws Fault */
      async empty(): Promise<void> {
        await server.emptyBin();
        await load();
      },
    };
  }),
);
export type BinContents = InstanceType<typeof BinContents>;
