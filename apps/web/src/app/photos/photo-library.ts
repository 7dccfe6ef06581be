import { computed, inject, Injectable, signal } from '@angular/core';
import type { Cutout, NeededMatte, Photo } from '@kadrosyn/core';
import { Fault, faultOf, isPassingStatus, pauseAfter } from '../api/fault';
import { pauseOrOnline } from '../api/pause';
import { Server } from '../api/server';
import type { PhotoChange, LibraryPicture, StoredPhoto, UploadedFile } from '@kadrosyn/contract';
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

/** What came of adding a file. */
export interface AddedFile {
  readonly fileName: string;
  /** Known as soon as the browser has read the file. */
  readonly photo?: Photo;
  readonly fault?: string;
  /** It may well go another time. */
  readonly isPassing?: boolean;
  /** It was in the supplies before. */
  readonly wasHere?: boolean;
}

const READABLE = ['image/jpeg', 'image/png', 'image/webp'];
const UPLOADS_AT_ONCE = 3;
/** How often in a row an upload may fail before it is given up: some two minutes. */
const MOST_FAILURES = 8;
const WAITING = -1;

/** The photos of the workspace, and adding more. */
@Injectable({ providedIn: 'root' })
export class PhotoLibrary {
  private readonly server = inject(Server);
  private readonly levels = inject(PhotoLevels);
  private readonly stored = signal<readonly LibraryPhoto[]>([]);
  private readonly arriving = signal<readonly LibraryPhoto[]>([]);
  /** What was added in this window, by id: a file is read anew when it is needed. */
  private readonly added = new Map<string, File>();
  private readonly waiting: (() => void)[] = [];
  private active = 0;

  /** Newest first. */
  readonly photos = computed<readonly LibraryPhoto[]>(() => {
    const stored = this.stored();
    const here = new Set(stored.map(({ photo }) => photo.id));
    return [...this.arriving().filter(({ photo }) => !here.has(photo.id)), ...stored];
  });
  readonly loaded = signal(false);
  readonly fault = signal<string | null>(null);
  /** Ids of photos that projects can not be saved with yet. */
  readonly uploadingIds = computed(() => new Set(this.arriving().map(({ photo }) => photo.id)));

  async load(): Promise<void> {
    try {
      const photos = await this.server.photos();
      for (const photo of photos) this.levels.register(photo.id, photo);
      this.stored.set(photos.map(shown));
      this.fault.set(null);
      this.loaded.set(true);
    } catch (error) {
      this.fault.set(faultOf(error).message);
    }
  }

  find(id: string): LibraryPhoto | undefined {
    return this.photos().find(({ photo }) => photo.id === id);
  }

  /**
   * Adds files. Each is shown as soon as the browser has read it and uploaded behind.
   * @param onRead - gets each photo at once.
   * @returns what came of each file, when all uploads are over.
   */
  async add(files: readonly File[], onRead: (photo: Photo, file: File) => void = () => undefined): Promise<AddedFile[]> {
    return Promise.all(files.map((file) => this.addOne(file, onRead)));
  }

  /** @throws Fault when it could not be kept. */
  async change(id: string, change: PhotoChange): Promise<void> {
    const photo = await this.server.changePhoto(id, change);
    this.stored.update((list) => list.map((entry) => (entry.photo.id === id ? shown(photo) : entry)));
  }

  /** Remembers a cutout with its photo, so that it comes along when the photo is laid down. */
  keepCutout(id: string, cutout: Cutout): void {
    this.stored.update((list) =>
      list.map((entry) => {
        if (entry.photo.id !== id) return entry;
        const others = (entry.photo.cutouts ?? []).filter((other) => other.id !== cutout.id);
        return { ...entry, photo: { ...entry.photo, cutouts: [...others, cutout] } };
      }),
    );
  }

  /** Takes photos out of the supplies; whatever shows them goes on showing them. @throws Fault */
  async remove(ids: readonly string[]): Promise<void> {
    for (const id of ids) {
      await this.server.removePhoto(id);
      this.stored.update((list) => list.filter((entry) => entry.photo.id !== id));
    }
  }

  /** Brings removed photos back. @throws Fault */
  async bringBack(ids: readonly string[]): Promise<void> {
    for (const id of ids) await this.server.returnPhoto(id);
    await this.load();
  }

  /**
   * Sends a photo again that the server no longer has, if this browser still has its file.
   * @returns whether it is there again. @throws Fault when that can not be told now, since the server is away.
   */
  async sendAgain({ id, name }: Photo): Promise<boolean> {
    const file = this.added.get(id) ?? (await this.masterOf(id, name));
    // It is on its way again: nothing that shows it is saved until it has arrived.
    if (file) this.stored.update((list) => list.filter((entry) => entry.photo.id !== id));
    if (!file) return false;
    const { fault, isPassing = false } = await this.addOne(file, () => undefined);
    if (isPassing) throw new Fault('not-sent', fault!, {}, true);
    return fault === undefined;
  }

  /** The same for the file of a cutout. @throws Fault as above */
  async sendMatteAgain({ photoId, matteSha256 }: NeededMatte): Promise<boolean> {
    const bytes = await keptByBrowser(`/api/photos/${photoId}/mattes/${matteSha256}/full`);
    if (!bytes) return false;
    const png = new Uint8Array(await bytes.arrayBuffer());
    const sent = await this.server.addMatte(photoId, png).catch((error: unknown) => {
      if (faultOf(error).isPassing) throw error;
      return null;
    });
    return sent === matteSha256;
  }

  /** Makes a picture of the picture library a photo of one's own. @throws Fault */
  async takeOver(picture: LibraryPicture): Promise<Photo> {
    const stored = await this.server.takeFromLibrary(picture);
    this.keep(stored);
    return documentPhoto(stored);
  }

  /** The file that is worked with, where it is the very one that was added: that names the photo. */
  private async masterOf(id: string, name: string): Promise<File | null> {
    for (const size of ['master', 'screen']) {
      const bytes = await keptByBrowser(`/api/photos/${id}/${size}`);
      const file = bytes && new File([bytes], name, { type: bytes.type });
      if (file && (await this.readLocal(file))?.photo.id === id) return file;
    }
    return null;
  }

  private async addOne(file: File, onRead: (photo: Photo, file: File) => void): Promise<AddedFile> {
    const local = READABLE.includes(file.type) ? await this.readLocal(file) : undefined;
    const before = new Set(this.photos().map(({ photo }) => photo.id));
    if (local) {
      this.added.set(local.photo.id, file);
      this.show(local.photo, file, local.clear);
      onRead(local.photo, file);
    }
    await this.turn();
    try {
      const uploaded = await this.uploaded(file, local?.photo.id);
      if (uploaded.error) throw new Fault(uploaded.error.code, uploaded.error.message);
      const photo = uploaded.photo!;
      this.keep(photo);
      if (!local) onRead(documentPhoto(photo), file);
      return { fileName: file.name, photo: documentPhoto(photo), wasHere: before.has(photo.id) };
    } catch (error) {
      const { message: fault, isPassing } = faultOf(error);
      return { fileName: file.name, fault, isPassing, ...(local ? { photo: local.photo } : {}) };
    } finally {
      this.active--;
      this.waiting.shift()?.();
      if (local) this.arriving.update((list) => list.filter(({ photo }) => photo.id !== local.photo.id));
    }
  }

  /** Sends a file; what fails for a passing reason is sent again after a pause. @throws Fault */
  private async uploaded(file: File, localId: string | undefined): Promise<UploadedFile> {
    for (let failures = 1; ; failures++) {
      try {
        return await this.server.upload(file, (share) => this.progress(localId, share));
      } catch (error) {
        const fault = faultOf(error);
        if (!fault.isPassing || failures > MOST_FAILURES) throw error;
        this.progress(localId, WAITING);
        await pauseOrOnline(pauseAfter(failures));
      }
    }
  }

  private async readLocal(file: File): Promise<{ readonly photo: Photo; readonly clear: boolean } | undefined> {
    try {
      const { clear, ...read } = await this.levels.inspect(file);
      return { photo: { ...read, name: file.name.replace(/\.[A-Za-z0-9]{1,5}$/, '') || 'Photo' }, clear };
    } catch {
      // What the browser can not read may still be a picture to the server, which says what is wrong otherwise.
      return undefined;
    }
  }

  private show(photo: Photo, file: File, clear: boolean): void {
    if (this.find(photo.id)) return;
    this.levels.register(photo.id, { width: photo.width, height: photo.height, screenLevel: 0, local: file });
    this.arriving.update((list) => [
      { photo, thumbnail: URL.createObjectURL(file), clear, tags: [], addedAt: new Date().toISOString(), uploading: 0 },
      ...list,
    ]);
  }

  private keep(photo: StoredPhoto): void {
    this.stored.update((list) => [shown(photo), ...list.filter((other) => other.photo.id !== photo.id)]);
    // From now on the levels come from the server, whose pixels are those of an export.
    this.levels.register(photo.id, photo);
  }

  private progress(id: string | undefined, share: number): void {
    if (!id) return;
    this.arriving.update((list) => list.map((entry) => (entry.photo.id === id ? { ...entry, uploading: share } : entry)));
  }

  private async turn(): Promise<void> {
    if (this.active >= UPLOADS_AT_ONCE) await new Promise<void>((resolve) => this.waiting.push(resolve));
    this.active++;
  }
}

/** What the browser has kept of an address, or what stands there now; null where there is nothing. @throws when the server is away */
async function keptByBrowser(address: string): Promise<Blob | null> {
  const answer = await fetch(address, { cache: 'force-cache' });
  if (isPassingStatus(answer.status)) throw new Fault('not-told', 'The server does not answer at the moment.', {}, true);
  return answer.ok ? answer.blob() : null;
}

function shown(stored: StoredPhoto): LibraryPhoto {
  const { id, clear, tags, addedAt } = stored;
  return { photo: documentPhoto(stored), thumbnail: `/api/photos/${id}/thumbnail`, clear, tags, addedAt };
}

function documentPhoto({ id, sha256, name, width, height, focus }: StoredPhoto): Photo {
  return { id, sha256, name, width, height, ...(focus ? { focus } : {}) };
}
