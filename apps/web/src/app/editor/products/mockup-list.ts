import { computed, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods, withState } from '@ngrx/signals';
import type { Mockup } from '@kadrosyn/contract';
import type { PhotoArea } from '@kadrosyn/core';
import { withRequestState } from '../../api/request-state';
import { Server } from '../../api/server';
import { PhotoLibrary, type LibraryPhoto } from '../../photos/photo-library';

/** A photo that is a product: something can be printed on it or hung in it, in true size. */
export interface ShownMockup {
  readonly entry: LibraryPhoto;
  readonly name: string;
  readonly areas: readonly PhotoArea[];
}

/** The mockups of the workspace: those that came with the application, and those made of one's own photos. */
export const MockupList = signalStore(
  { providedIn: 'root' },
  withState<{ readonly found: readonly Mockup[] }>({ found: [] }),
  withRequestState(),
  withComputed(({ found }, library = inject(PhotoLibrary)) => ({
    mockups: computed<readonly ShownMockup[]>(() =>
      found().flatMap(({ photoId, areas }) => {
        const entry = library.find(photoId);
        const name = areas.find(({ size }) => size)?.name;
        return entry && name ? [{ entry, name, areas }] : [];
      }),
    ),
  })),
  withMethods((store, server = inject(Server)) => ({
    load: (): Promise<void> =>
      store._read(async () => {
        patchState(store, { found: await server.mockups() });
      }),
  })),
);
