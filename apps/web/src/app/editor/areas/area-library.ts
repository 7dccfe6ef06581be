import { effect, inject, Injectable, signal, untracked } from '@angular/core';
import type { Photo, PhotoArea } from '@kadrosyn/core';
import { faultOf } from '../../api/fault';
import { Server } from '../../api/server';
import { PhotoLibrary } from '../../photos/photo-library';
import { Notices } from '../session/notices';

/** The areas that are kept with photos, whatever project they were found in. What a project uses are its own copies. */
@Injectable()
export class AreaLibrary {
  private readonly server = inject(Server);
  private readonly notices = inject(Notices);
  private readonly photos = inject(PhotoLibrary);
  private readonly known = signal<ReadonlyMap<string, readonly PhotoArea[]>>(new Map());
  private readonly asked = new Set<string>();
  /** Areas of photos that are still on their way to the server. */
  private readonly waiting = new Map<string, { readonly photoId: string; readonly area: PhotoArea }>();

  constructor() {
    effect(() => {
      this.photos.uploadingIds();
      untracked(() => this.send());
    });
  }

  /** Those of the project first, then what else is kept with the photo. */
  of(photo: Photo): readonly PhotoArea[] {
    const own = photo.areas ?? [];
    const ids = new Set(own.map(({ id }) => id));
    return [...own, ...(this.known().get(photo.id) ?? []).filter(({ id }) => !ids.has(id))];
  }

  /** Asks what is kept with a photo; once, unless it fails. */
  ask(photoId: string): void {
    if (this.asked.has(photoId)) return;
    this.asked.add(photoId);
    this.server.areas(photoId).then(
      (areas) => {
        // What was found since it was asked stays.
        const ids = new Set(areas.map(({ id }) => id));
        this.change(photoId, (since) => [...areas, ...since.filter(({ id }) => !ids.has(id))]);
      },
      // A photo that has not been sent yet has none; without the server what the project has is all there is.
      () => this.asked.delete(photoId),
    );
  }

  /** Keeps an area with its photo for every project. */
  keep(photo: Photo, area: PhotoArea): void {
    this.change(photo.id, (areas) => [...areas.filter(({ id }) => id !== area.id), area]);
    this.waiting.set(`${photo.id}/${area.id}`, { photoId: photo.id, area });
    this.send();
  }

  /** What waits, as far as its photo is there. */
  private send(): void {
    const uploading = this.photos.uploadingIds();
    for (const [key, { photoId, area }] of this.waiting) {
      if (uploading.has(photoId)) continue;
      this.waiting.delete(key);
      this.server.keepArea(photoId, area).catch((error: unknown) => {
        this.notices.say(`${area.name} is kept in this project only. ${faultOf(error).message}`);
      });
    }
  }

  remove(photo: Photo, area: PhotoArea): void {
    if (!(this.known().get(photo.id) ?? []).some(({ id }) => id === area.id)) return;
    this.change(photo.id, (areas) => areas.filter(({ id }) => id !== area.id));
    this.server.removeArea(photo.id, area.id).catch((error: unknown) => {
      this.change(photo.id, (areas) => [...areas, area]);
      this.notices.say(`${area.name} is still kept with the photo. ${faultOf(error).message}`);
    });
  }

  private change(photoId: string, by: (areas: readonly PhotoArea[]) => readonly PhotoArea[]): void {
    this.known.update((known) => new Map(known).set(photoId, by(known.get(photoId) ?? [])));
  }
}
