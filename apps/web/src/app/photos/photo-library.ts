import { computed, inject } from '@angular/core';
import { patchState, signalStore, type, withComputed, withMethods } from '@ngrx/signals';
import { entityConfig, prependEntity, removeEntity, setAllEntities, updateEntity, withEntities } from '@ngrx/signals/entities';
import type { Cutout, Photo } from '@kadrosyn/core';
import type { LibraryPicture, PhotoChange, StoredPhoto } from '@kadrosyn/contract';
import { withRequestState } from '../api/request-state';
import { Server } from '../api/server';
import { PhotoLevels } from './photo-levels';

/** A photo in the supplies: stored, or on its way to the server. */
export interface LibraryPhoto {
  readonly photo: Photo;
  readonly thumbnail: string;
  /** It has clear places: laid on a sheet, it is artwork. */
  readonly clear: boolean;
  readonly tags: readonly string[];
  /** When it was added, as ISO time. */
  readonly addedAt: string;
  /** Share of the upload, 0 to 1; below 0 while it waits to be sent again; undefined once it is stored. */
  readonly uploading?: number;
}

const selectId = ({ photo }: LibraryPhoto): string => photo.id;
const STORED = entityConfig({ entity: type<LibraryPhoto>(), collection: 'stored', selectId });
const ARRIVING = entityConfig({ entity: type<LibraryPhoto>(), collection: 'arriving', selectId });

/** The photos of the workspace: those that the server has, and those on their way to it (`PhotoUploads` sends them). */
export const PhotoLibrary = signalStore(
  { providedIn: 'root' },
  withEntities(STORED),
  withEntities(ARRIVING),
  withRequestState(),
  withComputed(({ storedEntities, storedEntityMap, arrivingEntities }) => ({
    /** Newest first. */
    photos: computed<readonly LibraryPhoto[]>(() => {
      const here = storedEntityMap();
      return [...arrivingEntities().filter(({ photo }) => !here[photo.id]), ...storedEntities()];
    }),
    /** Ids of photos that projects can not be saved with yet. */
    uploadingIds: computed(() => new Set(arrivingEntities().map(({ photo }) => photo.id))),
  })),
  withMethods((store, server = inject(Server), levels = inject(PhotoLevels)) => {
    const change = (id: string, changes: (entry: LibraryPhoto) => Partial<LibraryPhoto>): void =>
      patchState(store, updateEntity({ id, changes }, STORED));

    /** Puts a photo that the server has before all others. */
    const keep = (photo: StoredPhoto): void => {
      patchState(store, removeEntity(photo.id, STORED), prependEntity(shown(photo), STORED));
      // From now on the levels come from the server, whose pixels are those of an export.
      levels.register(photo.id, photo);
    };

    const load = (): Promise<void> =>
      store._read(async () => {
        const photos = await server.photos();
        for (const photo of photos) levels.register(photo.id, photo);
        patchState(store, setAllEntities(photos.map(shown), STORED));
      });

    return {
      load,
      keep,

      find(id: string): LibraryPhoto | undefined {
        return store.storedEntityMap()[id] ?? store.arrivingEntityMap()[id];
      },

      /** @throws Fault when it could not be kept. */
      async change(id: string, wanted: PhotoChange): Promise<void> {
        const photo = shown(await server.changePhoto(id, wanted));
        change(id, () => photo);
      },

      /** Remembers a cutout with its photo, so that it comes along when the photo is laid down. */
      keepCutout(id: string, cutout: Cutout): void {
        change(id, ({ photo }) => {
          const others = (photo.cutouts ?? []).filter((other) => other.id !== cutout.id);
          return { photo: { ...photo, cutouts: [...others, cutout] } };
        });
      },

      /** Takes photos out of the supplies; whatever shows them goes on showing them. @throws Fault */
      async remove(ids: readonly string[]): Promise<void> {
        for (const id of ids) {
          await server.removePhoto(id);
          patchState(store, removeEntity(id, STORED));
        }
      },

      /** Brings removed photos back. @throws Fault */
      async bringBack(ids: readonly string[]): Promise<void> {
        for (const id of ids) await server.returnPhoto(id);
        await load();
      },

      /** Makes a picture of the picture library a photo of one's own. @throws Fault */
      async takeOver(picture: LibraryPicture): Promise<Photo> {
        const stored = await server.takeFromLibrary(picture);
        keep(stored);
        return documentPhoto(stored);
      },

      /** Shows a photo that this browser has read and the server does not have yet. */
      arrive(photo: Photo, file: File, clear: boolean): void {
        if (this.find(photo.id)) return;
        levels.register(photo.id, { width: photo.width, height: photo.height, screenLevel: 0, local: file });
        const thumbnail = URL.createObjectURL(file);
        const entry = { photo, thumbnail, clear, tags: [], addedAt: new Date().toISOString(), uploading: 0 };
        patchState(store, prependEntity<LibraryPhoto, 'arriving'>(entry, ARRIVING));
      },

      /** How far a photo is on its way, 0 to 1; below 0 while it waits. */
      progress(id: string, uploading: number): void {
        patchState(store, updateEntity({ id, changes: { uploading } }, ARRIVING));
      },

      /** A photo is on its way no longer, whatever came of it. */
      arrived(id: string): void {
        patchState(store, removeEntity(id, ARRIVING));
      },

      /** The server has lost a photo: nothing that shows it is saved before it has arrived again. */
      lost(id: string): void {
        patchState(store, removeEntity(id, STORED));
      },
    };
  }),
);
export type PhotoLibrary = InstanceType<typeof PhotoLibrary>;

/** A stored photo as documents name it. */
export function documentPhoto({ id, sha256, name, width, height, focus }: StoredPhoto): Photo {
  return { id, sha256, name, width, height, ...(focus ? { focus } : {}) };
}

function shown(stored: StoredPhoto): LibraryPhoto {
  const { id, clear, tags, addedAt } = stored;
  return { photo: documentPhoto(stored), thumbnail: `/api/photos/${id}/thumbnail`, clear, tags, addedAt };
}
