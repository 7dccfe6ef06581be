import { computed, effect, inject, Injectable, signal, untracked, type OnDestroy } from '@angular/core';
import { FLAT_TOLERANCE, type Cutout, type Photo } from '@kadrosyn/core';
import { faultOf } from '../api/fault';
import { Server } from '../api/server';
import { CutoutDrafts } from './cutout-drafts';
import { CutoutEngine } from './cutout-engine';
import { CutoutHistory, NOTHING_SAID, type CutoutState } from './cutout-history';
import type { BegunCutout, QuickAnswer, SubjectPreview } from './cutout-messages';
import { CutoutMaking, type KeptCutout } from './cutout-making';
import type { CutoutTool } from './cutout-tools';
import { markWords } from './mark-words';
import { SlowAnswers } from './slow-answers';

const UNSURE = 'No subject stands out clearly here, so none was marked. Draw a box around it, or mark it with Keep.';
const NOT_FLAT = 'The background is not flat enough for that. Use a box or strokes.';
const FAILED = 'That could not be worked out. Your marks are kept; take the last one back and try another.';
/** Marks whose cutout is the answer to them. */
const ANSWERED: ReadonlySet<string> = new Set(['suggest', 'box', 'keep', 'leave-out', 'erase', 'soft-edge']);

/** The work on the cutout of one photo: what was said, what came of it, and keeping it. */
@Injectable()
export class CutoutWork implements OnDestroy {
  private readonly server = inject(Server);
  private readonly drafts = inject(CutoutDrafts);
  private readonly making = inject(CutoutMaking);
  private engine: CutoutEngine | null = null;
  private readonly slow = new SlowAnswers();
  readonly history = new CutoutHistory();
  readonly photo = signal<Photo | null>(null);
  readonly begun = signal<BegunCutout | null>(null);
  readonly fault = signal<string | null>(null);
  readonly tool = signal<CutoutTool>('box');
  /** Diameter of strokes and of the brush, px of the photo. */
  readonly strokeWidth = signal(24);
  readonly brushSoftness = signal(0.3);
  readonly brushErases = signal(false);
  /** Newer than `preview` while that is being worked out. */
  readonly answer = signal<QuickAnswer | null>(null);
  readonly preview = signal<SubjectPreview | null>(null);
  readonly isThinking = signal(false);
  readonly news = this.making.news;
  readonly progress = this.making.progress;
  /** Cutouts of this photo that are kept. */
  readonly kept = signal<readonly Cutout[]>([]);
  /** The one that is taken up again; null for a new one. */
  readonly takenUp = signal<Cutout | null>(null);
  readonly name = signal('Subject');
  private first: CutoutState = NOTHING_SAID;

  readonly hasAnswer = computed(() => this.answer()?.isEmpty === false);
  /** A photo of which nothing is kept would be gone from the sheet. Other marks than these make a cutout without an answer. */
  readonly keepsNothing = computed(
    () => this.answer()?.isEmpty === true && this.history.now().marks.every(({ kind }) => ANSWERED.has(kind)),
  );
  readonly wordOfMarks = computed(() => markWords(this.history.now().marks));

  constructor() {
    effect(() => {
      const state = this.history.now();
      if (this.begun()) untracked(() => void this.work(state));
    });
  }

  /** Reads the photo. @param cutoutId - of the cutout that is taken up again. */
  async begin(photo: Photo, cutoutId?: string, clearsFlat = false): Promise<void> {
    this.photo.set(photo);
    this.strokeWidth.set(Math.max(4, Math.round(Math.max(photo.width, photo.height) / 66)));
    this.fault.set(null);
    try {
      const kept = await this.server.cutouts(photo.id);
      this.kept.set(kept);
      await this.take(kept.find(({ id }) => id === cutoutId) ?? null);
      if (clearsFlat && this.begun()?.isFlat) this.history.mark({ kind: 'flat', points: [], tolerance: FLAT_TOLERANCE });
    } catch (error) {
      this.fault.set(faultOf(error).message);
    }
  }

  /** Takes up a kept cutout, or begins another. */
  async take(cutout: Cutout | null): Promise<void> {
    const photo = this.photo()!;
    this.leave();
    const engine = new CutoutEngine();
    this.engine = engine;
    this.begun.set(null);
    this.answer.set(null);
    this.preview.set(null);
    this.news.set(null);
    this.takenUp.set(cutout);
    this.name.set(cutout?.name ?? this.freeName());
    const last = cutout?.revisions.at(-1);
    this.first = last
      ? { marks: last.marks, edge: last.edge ?? NOTHING_SAID.edge, pieces: last.pieces ?? NOTHING_SAID.pieces }
      : NOTHING_SAID;
    this.history.begin(this.first);
    const address = `/api/photos/${photo.id}`;
    const kept = last && { marks: last.marks, matte: `${address}/mattes/${last.matteSha256}/full` };
    try {
      const begun = await engine.begin({ source: `${address}/master`, ...(kept && { kept }) });
      if (engine !== this.engine) return;
      this.begun.set(begun);
      const draft = this.drafts.take(photo.id, cutout?.id ?? null);
      if (draft) {
        this.history.commit(draft);
        this.news.set('Your marks from before are here again; Undo takes them back.');
      } else if (last) return;
      else if (begun.isClear) {
        this.history.mark({ kind: 'own', points: [] });
        this.news.set('This photo has a clear background already: its own is the cutout.');
      } else if (begun.isFlat) this.news.set('The background is one flat colour. “Clear a flat background” does it in one step.');
    } catch (error) {
      console.error(error);
      this.fault.set('The photo could not be read here. The project is kept as it is; go back and try again.');
    }
  }

  /** Ends the work on one cutout; what was said and not used is kept for the next time. */
  private leave(): void {
    const photo = this.photo();
    const { marks, edge, pieces } = this.history.now();
    const isOwnOnly = marks.every(({ kind }) => kind === 'own');
    if (photo && this.engine && this.isChanged() && !isOwnOnly)
      this.drafts.keep(photo.id, this.takenUp()?.id ?? null, { marks, edge, pieces });
    this.engine?.end();
    this.engine = null;
  }

  private isChanged(): boolean {
    return this.history.now() !== this.first;
  }

  suggest(): void {
    this.history.mark({ kind: 'suggest', points: [] });
  }

  private freeName(): string {
    const names = new Set(this.kept().map(({ name }) => name));
    if (!names.has('Subject')) return 'Subject';
    for (let n = 2; ; n++) if (!names.has(`Subject ${n}`)) return `Subject ${n}`;
  }

  private async work(state: CutoutState): Promise<void> {
    const { engine } = this;
    if (!engine) return;
    this.isThinking.set(true);
    try {
      const answer = await engine.answer(state);
      if (!answer || engine !== this.engine) return;
      if (answer.isUnsure && this.slow.mayFindPerson(state)) {
        this.news.set('Looking for a person…');
        const person = await this.slow.person(this.begun()!, state);
        if (engine !== this.engine) return;
        if (person) {
          await engine.take(state.marks, person);
          this.news.set('A person was found.');
          await this.work(state);
          return;
        }
      }
      this.answer.set(answer);
      this.preview.set(null);
      if (answer.isUnsure) this.news.set(UNSURE);
      else if (state.marks.length > 0 && this.news() === UNSURE) this.news.set(null);
      const preview = await engine.preview(state);
      if (!preview || engine !== this.engine) return;
      this.preview.set(preview);
      this.isThinking.set(false);
    } catch (error) {
      if (engine !== this.engine) return;
      console.error(error);
      this.isThinking.set(false);
      this.news.set(error instanceof RangeError || String(error).includes('not flat') ? NOT_FLAT : FAILED);
    }
  }

  /** The path along edges from one point of the photo to another; a straight one while that can not be told. */
  async trace(from: readonly [number, number], to: readonly [number, number]): Promise<readonly number[]> {
    const [begun, photo] = [this.begun(), this.photo()];
    return begun && photo ? this.slow.path(begun.traced, photo, from, to) : to;
  }

  /** Makes the cutout at full size and keeps it as the next revision. Null when it was cancelled or failed; what was said stays. */
  async keep(): Promise<KeptCutout | null> {
    const [photo, engine, known, state] = [this.photo(), this.engine, this.takenUp(), this.history.now()];
    if (!photo || !engine || this.progress() !== null) return null;
    // What is used as it was kept needs no further revision.
    if (known && !this.isChanged()) return { cutout: known, focus: undefined };
    const kept = await this.making.keep(engine, photo, { known, name: this.name() }, state);
    if (kept) this.first = this.history.now();
    return kept;
  }

  /** Makes a PNG of the subject alone, on a clear ground, at full size. Null when it was cancelled or failed. */
  async subjectFile(): Promise<Blob | null> {
    return this.engine && this.making.subjectFile(this.engine, this.history.now());
  }

  /** Gives up making the finished cutout. */
  cancel(): void {
    this.engine?.cancel();
    this.making.giveUp();
  }

  ngOnDestroy(): void {
    this.leave();
    this.slow.end();
  }
}
