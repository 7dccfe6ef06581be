import { inject, Injectable, signal } from '@angular/core';
import { levelCount, levelFor, pictureSize, type ResolvedSheet } from '@kadrosyn/core';
import { BudgetCache, type PhotoLevel, type PhotoSource } from '@kadrosyn/render';
import { FRAME_TRACE } from '../trace/frame-trace';
import { pauseAfter } from '../api/fault';
import { pauseOrOnline } from '../api/pause';
import type { Decoded, DecodedLevel, DecodeFailure, DecodeRequest, LocalPhoto } from './photo-decoder';
import type { PhotoFiles, SheetDrawer } from './photo-files';
import { LEVEL_DECODERS, NoLevels, TRIES, type LevelDecoder } from './level-decoders';
import { WorkerEnded } from './restarting-worker';

/** Bytes of decoded levels that are kept: a few photos of 24 megapixels at full size, or very many at screen size. */
const LEVEL_BUDGET = 900 * 2 ** 20;

/** The longer side of a drawn sheet that is made for a screen at least, px. */
const SCREEN_SIDE = 1280;

type KeptLevel = PhotoLevel & DecodedLevel;

interface Known extends PhotoFiles {
  /** The finest level that is being made. */
  loading: number;
  screenAsked: boolean;
  /** So many times in a row it did not come. */
  failures: number;
  /** Nothing is asked for: until the next try, or for good. */
  isPaused: boolean;
  /** Of a sheet: what had arrived when it was drawn with something standing in. */
  drawnAt?: number;
}

const closeLevel = ({ bitmap }: KeptLevel): void => bitmap.close();

/**
 * The levels of all photos that are drawn. A small file comes first, so that something is seen at once; the full one
 * follows and replaces it, so that what is shown is what an export gives.
 */
@Injectable({ providedIn: 'root' })
export class PhotoLevels implements PhotoSource {
  /** Raised whenever a level arrives: what was drawn before is to be drawn again. */
  readonly version = signal(0);
  private readonly known = new Map<string, Known>();
  private readonly exact = new BudgetCache<string, KeptLevel>(LEVEL_BUDGET, closeLevel);
  private readonly coarse = new BudgetCache<string, KeptLevel>(LEVEL_BUDGET / 4, closeLevel);
  private readonly decoders = inject(LEVEL_DECODERS);
  private turn = 0;
  /** Raised with every level of a photo: a sheet that was drawn without it is to be drawn again. */
  private arrivals = 0;
  /** By sheet, the picture of it that was there last: it stands in for the next. */
  private readonly lastShown = new Map<string, string>();
  /** Sheets that are being drawn, and what is to be drawn of them next. */
  private readonly drawing = new Map<string, (() => void) | null>();
  /** Who draws sheets that others show; null while no project is open. */
  readonly sheetDrawer = signal<SheetDrawer | null>(null);
  private readonly trace = inject(FRAME_TRACE);

  /** Says where the files of a photo are; may be said again when a local file has been uploaded. */
  register(id: string, files: PhotoFiles): void {
    const before = this.known.get(id);
    this.known.set(id, { ...files, loading: Infinity, screenAsked: before !== undefined, failures: 0, isPaused: false });
    if (before?.local && !files.local) this.standIn(id, before);
  }

  /** What was made from a local file may differ a little from the stored one; it is shown until that has arrived. */
  private standIn(id: string, before: PhotoFiles): void {
    for (let index = 0; index < levelCount(before.width, before.height); index++) {
      const level = this.exact.take(`${id}/${index}`);
      if (level) this.coarse.set(`${id}/${index}`, level, bytesOf(level));
    }
    this.version.update((version) => version + 1);
  }

  inspect(file: File): Promise<LocalPhoto> {
    return this.nextDecoder().call((worker) => worker.inspect(file));
  }

  level(photoId: string, scale: number): PhotoLevel | undefined {
    const known = this.known.get(photoId);
    if (!known) return undefined;
    const wanted = levelFor(scale, levelCount(known.width, known.height));
    const exact = this.exact.get(`${photoId}/${wanted}`);
    if (exact) {
      this.trace?.hit('photo levels');
      return exact;
    }
    this.ask(photoId, known, wanted);
    return this.nearest(photoId, wanted, known);
  }

  /** A level that is here; nothing is asked for. @param key - id of a photo, or of a subject's levels. */
  held(key: string, index: number): PhotoLevel | undefined {
    return this.exact.get(`${key}/${index}`) ?? this.coarse.get(`${key}/${index}`);
  }

  /** The levels of a subject are known by photo and matte together. */
  subject(photoId: string, matteSha256: string, scale: number): PhotoLevel | undefined {
    const key = `${photoId}/${matteSha256}`;
    const photo = this.known.get(photoId);
    // The matte is of the stored photo, whose px may differ a little from those of the file.
    if (!photo || photo.local) return undefined;
    if (!this.known.has(key)) {
      const { width, height, screenLevel } = photo;
      this.register(key, { width, height, screenLevel, subject: { photoId, matteSha256 } });
    }
    return this.level(key, scale);
  }

  shown(pictureId: string, sheet: ResolvedSheet, scale: number): PhotoLevel | undefined {
    if (!this.known.has(pictureId)) this.register(pictureId, { ...pictureSize(sheet), screenLevel: 0, sheet });
    const level = this.level(pictureId, scale);
    const last = level ? undefined : this.lastShown.get(sheet.id);
    const known = last === undefined ? undefined : this.known.get(last);
    const before = known && this.nearest(last!, levelFor(scale, levelCount(known.width, known.height)), known);
    return before ? { ...before, standsIn: true } : level;
  }

  /** The next coarser level that is here, else the next finer one. */
  private nearest(photoId: string, wanted: number, known: Known): PhotoLevel | undefined {
    const count = levelCount(known.width, known.height);
    for (let index = wanted; index < count; index++) {
      const found = this.held(photoId, index);
      if (found) return found;
    }
    for (let index = wanted - 1; index >= 0; index--) {
      const found = this.held(photoId, index);
      if (found) return found;
    }
    return undefined;
  }

  private ask(photoId: string, known: Known, wanted: number): void {
    // A sheet is drawn at its own px whatever is wanted: small pictures and the large one are made of the same drawing.
    const finest = known.sheet ? Math.min(wanted, screenLevelOf(known)) : wanted;
    if (known.isPaused || finest >= known.loading || known.drawnAt === this.arrivals) return;
    if (known.sheet) return this.askSheet(photoId, known, finest);
    known.loading = finest;
    void this.load(photoId, known, finest);
  }

  private async load(photoId: string, known: Known, wanted: number): Promise<void> {
    const { width, height, screenLevel, local, subject } = known;
    const full = { width, height };
    const fileOf = (size: 'screen' | 'master'): { source: string; cutout?: string } => {
      if (!subject) return { source: `/api/photos/${photoId}/${size}` };
      const photo = `/api/photos/${subject.photoId}`;
      const matte = `${photo}/mattes/${subject.matteSha256}/${size === 'screen' ? 'screen' : 'full'}`;
      return { source: `${photo}/${size}`, cutout: matte };
    };
    const from = performance.now();
    try {
      if (!local && screenLevel > 0 && !known.screenAsked) {
        const coarse = await this.decoded({ ...fileOf('screen'), index: screenLevel, full, wanted: screenLevel });
        this.keep(photoId, coarse, this.coarse);
        known.screenAsked = true;
      }
      const files = local ? { source: local } : fileOf('master');
      const levels = await this.decoded({ ...files, index: 0, full, wanted });
      known.failures = 0;
      // A file that was replaced by `register` meanwhile is asked for again by the next drawing.
      this.keep(photoId, levels, this.known.get(photoId) === known ? this.exact : this.coarse);
      this.tell(photoId, wanted, levels, performance.now() - from);
    } catch (error) {
      console.error(error);
      void this.tryAgain(known, error instanceof NoLevels ? error.failure : 'unreadable');
    } finally {
      if (known.loading === wanted) known.loading = Infinity;
    }
  }

  /** One state of a sheet at a time, and the newest next: those between nobody looks at any more. */
  private askSheet(pictureId: string, known: Known, finest: number): void {
    const { id } = known.sheet!;
    if (this.drawing.has(id)) return void this.drawing.set(id, () => this.ask(pictureId, known, finest));
    this.drawing.set(id, null);
    known.loading = finest;
    void this.drawSheet(pictureId, known, finest).finally(() => {
      const next = this.drawing.get(id);
      this.drawing.delete(id);
      next?.();
    });
  }

  private async drawSheet(pictureId: string, known: Known, wanted: number): Promise<void> {
    const [draw, arrivals] = [this.sheetDrawer(), this.arrivals];
    try {
      if (!draw) return;
      const { levels, isExact } = await draw(known.sheet!, wanted);
      if (!isExact) known.drawnAt = arrivals;
      this.keep(pictureId, levels, isExact ? this.exact : this.coarse);
      this.lastShown.set(known.sheet!.id, pictureId);
    } catch (error) {
      console.error(error);
      void this.tryAgain(known, 'unreadable');
    } finally {
      if (known.loading === wanted) known.loading = Infinity;
    }
  }

  /** @throws NoLevels */
  private async decoded(request: DecodeRequest): Promise<readonly DecodedLevel[]> {
    try {
      const decoded = await this.nextDecoder().call((worker) => worker.decode(request) as Promise<Decoded>);
      if ('levels' in decoded) return decoded.levels;
      throw new NoLevels(decoded.failure, decoded.words);
    } catch (error) {
      if (error instanceof WorkerEnded) throw new NoLevels('unreadable', error.message);
      throw error;
    }
  }

  /** Lets what did not come be asked for by another drawing after a pause. */
  private async tryAgain(known: Known, failure: DecodeFailure): Promise<void> {
    known.failures++;
    known.isPaused = true;
    if (known.failures > TRIES[failure]) return;
    await pauseOrOnline(pauseAfter(known.failures));
    known.isPaused = false;
    this.version.update((version) => version + 1);
  }

  private keep(photoId: string, levels: readonly DecodedLevel[], cache: BudgetCache<string, KeptLevel>): void {
    for (const level of levels.toReversed()) {
      const kept: KeptLevel = { ...level, image: () => level.bitmap };
      cache.set(`${photoId}/${level.index}`, kept, bytesOf(kept));
    }
    if (!this.known.get(photoId)?.sheet) this.arrivals++;
    performance.mark('kadrosyn:level');
    this.version.update((version) => version + 1);
  }

  /** Tells a trace what was read, why, and what is held now. */
  private tell(photoId: string, wanted: number, levels: readonly DecodedLevel[], ms: number): void {
    if (!this.trace) return;
    const bytes = levels.reduce((sum, level) => sum + bytesOf(level), 0);
    this.trace.miss({ cache: 'photo levels', name: photoId, reason: `level ${wanted} was wanted`, ms, bytes });
    this.trace.held('photo levels', this.exact.bytes + this.coarse.bytes);
  }

  private nextDecoder(): LevelDecoder {
    this.turn = (this.turn + 1) % this.decoders.length;
    return this.decoders[this.turn]!;
  }
}

/** The level of a drawn sheet that is enough for a screen. */
function screenLevelOf({ width, height }: PhotoFiles): number {
  return Math.max(0, Math.ceil(Math.log2(Math.max(width, height) / SCREEN_SIDE)));
}

/** Pixels and picture. */
function bytesOf({ pixels }: DecodedLevel): number {
  return pixels.data.byteLength * 2;
}
