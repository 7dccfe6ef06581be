import { inject, Injectable } from '@angular/core';
import type { NeededMatte, Photo } from '@kadrosyn/core';
import type { UploadedFile } from '@kadrosyn/contract';
import { Fault, faultOf, isPassingStatus, pauseAfter } from '../api/fault';
import { pauseOrOnline } from '../api/pause';
import { Server } from '../api/server';
import { PhotoLevels } from './photo-levels';
import { documentPhoto, PhotoLibrary } from './photo-library';

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

/** Sends picture files to the server, and sends again what it has lost. */
@Injectable({ providedIn: 'root' })
export class PhotoUploads {
  private readonly server = inject(Server);
  private readonly levels = inject(PhotoLevels);
  private readonly library = inject(PhotoLibrary);
  /** What was added in this window, by id: a file is read anew when it is needed. */
  private readonly added = new Map<string, File>();
  private readonly waiting: (() => void)[] = [];
  private active = 0;

  /**
   * Adds files. Each is shown as soon as the browser has read it and uploaded behind.
   * @param onRead - gets each photo at once.
   * @returns what came of each file, when all uploads are over.
   */
  async add(files: readonly File[], onRead: (photo: Photo, file: File) => void = () => undefined): Promise<AddedFile[]> {
    return Promise.all(files.map((file) => this.addOne(file, onRead)));
  }

  /**
   * Sends a photo again that the server no longer has, if this browser still has its file.
   * @returns whether it is there again. @throws Fault when that can not be told now, since the server is away.
   */
  async sendAgain({ id, name }: Photo): Promise<boolean> {
    const file = this.added.get(id) ?? (await this.masterOf(id, name));
    if (!file) return false;
    this.library.lost(id);
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
    const before = new Set(this.library.photos().map(({ photo }) => photo.id));
    if (local) {
      this.added.set(local.photo.id, file);
      this.library.arrive(local.photo, file, local.clear);
      onRead(local.photo, file);
    }
    await this.turn();
    try {
      const uploaded = await this.uploaded(file, local?.photo.id);
      if (uploaded.error) throw new Fault(uploaded.error.code, uploaded.error.message);
      const photo = uploaded.photo!;
      this.library.keep(photo);
      if (!local) onRead(documentPhoto(photo), file);
      return { fileName: file.name, photo: documentPhoto(photo), wasHere: before.has(photo.id) };
    } catch (error) {
      const { message: fault, isPassing } = faultOf(error);
      return { fileName: file.name, fault, isPassing, ...(local ? { photo: local.photo } : {}) };
    } finally {
      this.active--;
      this.waiting.shift()?.();
      if (local) this.library.arrived(local.photo.id);
    }
  }

  /** Sends a file; what fails for a passing reason is sent again after a pause. @throws Fault */
  private async uploaded(file: File, localId: string | undefined): Promise<UploadedFile> {
    const progress = (share: number): void => {
      if (localId) this.library.progress(localId, share);
    };
    for (let failures = 1; ; failures++) {
      try {
        return await this.server.upload(file, progress);
      } catch (error) {
        const fault = faultOf(error);
        if (!fault.isPassing || failures > MOST_FAILURES) throw error;
        progress(WAITING);
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
