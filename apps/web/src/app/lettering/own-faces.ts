import { computed, inject } from '@angular/core';
import { patchState, signalStore, withComputed, withMethods } from '@ngrx/signals';
import { removeEntity, setAllEntities, setEntity, withEntities } from '@ngrx/signals/entities';
import { findFace, type ChosenFace, type FaceAxes } from '@kadrosyn/core';
import type { OwnFace } from '@kadrosyn/contract';
import { faultOf } from '../api/fault';
import { withRequestState } from '../api/request-state';
import { OwnServer } from '../api/own-server';

/** What came of adding a font file. */
export interface AddedFace {
  readonly fileName: string;
  readonly face?: OwnFace;
  readonly fault?: string;
}

/** The lettering faces of the workspace's own. */
export const OwnFaces = signalStore(
  { providedIn: 'root' },
  withEntities<OwnFace>(),
  withRequestState(),
  withComputed(({ entities }) => ({
    /** By name. */
    list: computed<readonly OwnFace[]>(() => [...entities()].sort((a, b) => a.name.localeCompare(b.name))),
  })),
  withMethods((store, server = inject(OwnServer)) => {
    const find = (id: string): OwnFace | undefined => store.entityMap()[id];
    return {
      find,

      /** Reads the faces once; a failure leaves it to the next who asks. */
      async load(): Promise<void> {
        if (store.loaded() || store.isPending()) return;
        await store._read(async () => patchState(store, setAllEntities(await server.faces())));
      },

      /** A face as letters name it: of one's own, with its name and the shipped one that looks most like it. */
      chosen(id: string): ChosenFace {
        const own = find(id);
        return own ? { face: id, faceName: own.name, standIn: own.similar } : { face: id };
      },

      /** The axes of any face, shipped or own. */
      axesOf: (id: string): FaceAxes => (findFace(id) ?? find(id))?.axes ?? {},

      /** Adds font files. @returns what came of each. */
      async add(files: readonly File[]): Promise<AddedFace[]> {
        const results: AddedFace[] = [];
        for (const file of files) {
          try {
            const face = await server.addFace(file);
            patchState(store, setEntity(face));
            results.push({ fileName: file.name, face });
          } catch (error) {
            results.push({ fileName: file.name, fault: faultOf(error).message });
          }
        }
        return results;
      },

      /** @throws Fault when it could not be removed. */
      async remove(id: string): Promise<void> {
        await server.removeFace(id);
        patchState(store, removeEntity(id));
      },
    };
  }),
);
export type OwnFaces = InstanceType<typeof OwnFaces>;
