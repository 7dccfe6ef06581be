import { computed } from '@angular/core';
import { patchState, signalStoreFeature, withComputed, withMethods, withState } from '@ngrx/signals';
import { faultOf } from './fault';

interface RequestState {
  readonly isPending: boolean;
  /** How often the collection was read. */
  readonly loads: number;
  /** What went wrong with the last request, for the person; what was read before is kept. */
  readonly fault: string | null;
}

/** How far a collection of the server is: whether it is asked for, was read, or what went wrong. */
export function withRequestState() {
  return signalStoreFeature(
    withState<RequestState>({ isPending: false, loads: 0, fault: null }),
    withComputed(({ loads }) => ({ loaded: computed(() => loads() > 0) })),
    withMethods((store) => ({
      /** Does a request and says how it went. @returns what it gave, or null when it failed. */
      async _asked<T>(request: () => Promise<T>): Promise<T | null> {
        patchState(store, { isPending: true });
        try {
          const given = await request();
          patchState(store, { isPending: false, fault: null });
          return given;
        } catch (error) {
          patchState(store, { isPending: false, fault: faultOf(error).message });
          return null;
        }
      },
      /** The same for reading the whole collection. */
      async _read(read: () => Promise<void>): Promise<void> {
        await this._asked(async () => {
          await read();
          patchState(store, ({ loads }) => ({ loads: loads + 1 }));
        });
      },
    })),
  );
}
