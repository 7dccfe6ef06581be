import { DestroyRef, inject, Injectable, InjectionToken, signal } from '@angular/core';
import { findOpening, type Pixels } from '@kadrosyn/core';
import {
  BROWSER_ENVIRONMENT,
  LevelChain,
  measureWord,
  shownPicture,
  surveyItem,
  type ItemSurvey,
  type MeasuredWord,
  type PhotoLevel,
  type RenderResources,
} from '@kadrosyn/render';
import type { Remote } from 'comlink';
import { bitmapLevels } from '../../photos/bitmap-levels';
import type { DecodedLevel } from '../../photos/photo-decoder';
import type { DrawnSheet } from '../../photos/photo-files';
import { PhotoLevels } from '../../photos/photo-levels';
import { RestartingWorker } from '../../photos/restarting-worker';
import { EditorSession } from '../session/session';
import type { Answer } from './findings-messages';
import type { FindingsWorker } from './findings.worker';
import { levelsKey, type LackingLevel, type LevelsName, type SentLevel } from './sent-levels';
import { SheetSender, type Looked, type SentSheet } from './sent-sheet';

/** What is asked of the worker, with everything that goes along. */
type Ask<T> = (worker: Remote<FindingsWorker>, sheet: SentSheet, faces: readonly string[]) => Promise<Answer<T>>;

/** Levels are sent so many times for one question at most: what is still on its way then raises the version of the levels, and is asked about anew. */
const ROUNDS = 4;

/** The worker as it is called, and how it is ended. */
export type CalledWorker = Pick<RestartingWorker<FindingsWorker>, 'call' | 'end'>;

export const FINDINGS_WORKER = new InjectionToken<CalledWorker>('findings worker', {
  providedIn: 'root',
  factory: () =>
    new RestartingWorker<FindingsWorker>(() => new Worker(new URL('./findings.worker', import.meta.url), { type: 'module' })),
});

/** Looks at sheets in a worker: pieces and crossings, and how words can be read. */
@Injectable()
export class FindingsEngine {
  private readonly session = inject(EditorSession);
  private readonly levels = inject(PhotoLevels);
  private readonly sheets = new SheetSender();
  private readonly pictures = new SheetSender();
  /** What the worker was sent, by level. The pixels themselves are not held for it. */
  private readonly sent = new Map<
    string,
    { readonly name: LevelsName; readonly index: number; readonly pixels: WeakRef<Pixels> }
  >();
  private readonly worker = inject(FINDINGS_WORKER);
  private last: Promise<unknown> = Promise.resolve();
  /** Raised with every survey: those before it that have not been begun are left out. */
  private surveys = 0;
  private readonly isClosed = signal(false);

  constructor() {
    inject(DestroyRef).onDestroy(() => {
      this.isClosed.set(true);
      this.worker.end();
    });
  }

  /** Starts the worker, so that the first question is answered at once. */
  warm(): void {
    const { shaper } = this.session.context();
    // Without it the first question takes longer, and says what is wrong.
    void this.worker.call((worker) => worker.warm(shaper.faceIds)).catch(() => undefined);
  }

  /** What hangs out of an item, and what became of each pair that it could cross with. Null where a newer question overtook this one. */
  survey(looked: Looked, itemId: string): Promise<ItemSurvey | null> {
    const turn = ++this.surveys;
    return this.inTurn(() =>
      turn === this.surveys
        ? this.answered(
            looked,
            (worker, sheet, faces) => worker.survey({ sheet, faces, itemId }),
            (resources) => surveyItem(looked.sheet, itemId, looked.pairs, resources),
          )
        : Promise.resolve(null),
    );
  }

  /** @param seen - px as it is looked at to one px of the sheet. */
  measure(looked: Omit<Looked, 'pairs'>, wordId: string, seen: number): Promise<MeasuredWord | null> {
    const word = findOpening(looked.sheet, wordId);
    return this.inTurn(() =>
      this.answered(
        { ...looked, pairs: [] },
        (worker, sheet, faces) => worker.measure({ sheet, faces, wordId, seen }),
        (resources) => (word ? measureWord(looked.sheet, word, seen, resources) : null),
      ),
    );
  }

  /** A sheet as the picture that it is in openings of others. @param wanted - the finest level; 0 is the sheet at its own px. */
  picture(looked: Looked, wanted: number): Promise<DrawnSheet> {
    let isExact = true;
    const ask: Ask<readonly DecodedLevel[]> = async (worker, sheet, faces) => {
      const answer = await worker.picture({ sheet, faces, wanted });
      isExact = answer.lacking.length === 0;
      return answer;
    };
    const here = (resources: RenderResources): readonly DecodedLevel[] => {
      const pixels = shownPicture(looked.sheet, resources);
      const chain = new LevelChain(pixels, 0, pixels);
      return bitmapLevels(chain, Math.min(wanted, chain.coarsest));
    };
    return this.inTurn(async () => ({ levels: await this.answered(looked, ask, here, this.pictures), isExact }));
  }

  /** One question after the other: each may need levels first. */
  private inTurn<T>(question: () => Promise<T>): Promise<T> {
    const answer = this.last.then(question);
    this.last = answer.catch(() => undefined);
    return answer;
  }

  private async answered<T>(
    looked: Looked,
    ask: Ask<T>,
    here: (resources: RenderResources) => T,
    sender = this.sheets,
  ): Promise<T> {
    if (this.isClosed()) return new Promise<T>(() => undefined);
    const { shaper } = this.session.context();
    try {
      await this.sendReplaced();
      for (let round = 1; ; round++) {
        const { value, lacking } = await this.worker.call((worker) => ask(worker, sender.send(looked), shaper.faceIds));
        const isMore = round < ROUNDS && (await this.sendLacking(lacking));
        if (!isMore) return value;
      }
    } catch (error) {
      // Nobody waits for an answer any more.
      if (this.isClosed()) return new Promise<T>(() => undefined);
      // A worker that fails (for want of memory) must not leave the item unlooked at; the next question starts another.
      console.error(error);
      this.worker.end();
      this.sheets.forget();
      this.pictures.forget();
      this.sent.clear();
      const version = this.levels.version() + shaper.version;
      return here({ environment: BROWSER_ENVIRONMENT, photos: looked.photos, source: this.levels, shaper, version });
    }
  }

  /** Sends levels that were wanted, as far as they are here. @returns whether there were any that the worker had not got. */
  private async sendLacking(lacking: readonly LackingLevel[]): Promise<boolean> {
    let count = 0;
    for (const { has, scale, ...name } of lacking) {
      const level = this.levelOf(name, scale);
      if (!level || level.index === has) continue;
      await this.send(name, level);
      count++;
    }
    return count > 0;
  }

  /** Sends what has been replaced since: what was made from a file of one's own is not quite what the server has. */
  private async sendReplaced(): Promise<void> {
    for (const { name, index, pixels } of [...this.sent.values()]) {
      const level = this.levels.held(levelsKey(name), index);
      if (level && level.pixels !== pixels.deref()) await this.send(name, level);
    }
  }

  private levelOf({ photoId, matteSha256 }: LevelsName, scale: number): PhotoLevel | undefined {
    return matteSha256 === undefined ? this.levels.level(photoId, scale) : this.levels.subject(photoId, matteSha256, scale);
  }

  private async send(name: LevelsName, { index, pixels, opaque }: PhotoLevel): Promise<void> {
    const level: SentLevel = { ...name, index, pixels, opaque };
    await this.worker.call((worker) => worker.level(level));
    this.sent.set(`${levelsKey(name)}/${index}`, { name, index, pixels: new WeakRef(pixels) });
  }
}
