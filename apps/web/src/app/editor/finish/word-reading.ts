import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import {
  applyEdit,
  changeItemOperation,
  findItem,
  findOpening,
  findSheet,
  hardToRead,
  invertEdit,
  LOOKINGS,
  remediesFor,
  removeItem,
  seenScale,
  usualLooking,
  weakStretches,
  type Edit,
  type Looking,
  type Opening,
  type Operation,
  type Point,
  type Project,
  type RemedyContext,
  type ResolvedSheet,
} from '@kadrosyn/core';
import { predictRemedies, worthwhile, type MeasuredWord, type PredictedRemedy } from '@kadrosyn/render';
import { OwnFaces } from '../../lettering/own-faces';
import { PhotoLevels } from '../../photos/photo-levels';
import { FindingsEngine } from '../findings/findings-engine';
import { PhotoColours } from './photo-colours';
import { EditorSession } from '../session/session';
import { TextCaret } from '../modes/text/text-caret';

/** From px of the measuring to px of the sheet. */
const onSheetOf =
  ({ edges: { area, scale } }: MeasuredWord) =>
  ({ x, y }: Point): Point => ({ x: (x + area.x) / scale, y: (y + area.y) / scale });

/** A word is measured when nothing has changed for so many ms. */
const REST = 250;

/** How well the selected word can be read, what would help, and what was done. */
@Injectable()
export class WordReading {
  private readonly session = inject(EditorSession);
  private readonly levels = inject(PhotoLevels);
  private readonly engine = inject(FindingsEngine);
  private readonly colours = inject(PhotoColours);
  private readonly typing = inject(TextCaret);
  private readonly axesOf = inject(OwnFaces).axesOf;
  readonly lookings = LOOKINGS;
  private readonly chosenLooking = signal<Looking['id'] | null>(null);
  private readonly found = signal<{ readonly wordId: string; readonly measured: MeasuredWord } | null>(null);
  private readonly predicted = signal<readonly PredictedRemedy[]>([]);
  /** Remedies are being tried out. */
  readonly isPredicting = signal(false);
  /** Whether somebody looks at the remedies: they are tried out only then. */
  readonly isAsked = signal(false);
  readonly showsWeak = signal(false);
  private readonly taken = signal<{ readonly wordId: string; readonly edits: readonly Edit[] } | null>(null);
  private timer: ReturnType<typeof setTimeout> | undefined;
  /** Raised with every measure: what was begun for an older one is left. */
  private run = 0;

  /** The selected lettering without the edit that is going on. */
  readonly word = computed<Opening | null>(() => {
    const opening = this.session.settledOpening();
    // While it is typed, nobody asks; measuring would hold up the next letter.
    const isAsked = opening?.outline.type === 'lettering' && !opening.hidden && !this.typing.opening();
    return isAsked ? opening : null;
  });

  readonly looking = computed<Looking['id']>(() => {
    const [sheet, project] = [this.session.sheet(), this.session.project()];
    return this.chosenLooking() ?? (sheet && project ? usualLooking(sheet, project.unit) : 'screen');
  });

  /** Null while the word has not been measured. */
  readonly measured = computed(() => {
    const found = this.found();
    return found && found.wordId === this.word()?.id ? found.measured : null;
  });

  /** What helps, the best first. */
  readonly remedies = computed(() => {
    const measured = this.measured();
    return measured ? worthwhile(this.predicted(), measured.seen) : [];
  });

  /** How many remedies were taken for the word and can be taken back together. */
  readonly takenCount = computed(() => {
    const taken = this.taken();
    return taken && taken.wordId === this.word()?.id ? taken.edits.length : 0;
  });

  /** Stretches of edges that can not be seen, px of the sheet. */
  readonly weak = computed<readonly (readonly Point[])[]>(() => {
    const measured = this.measured();
    if (!measured || !this.showsWeak()) return [];
    return weakStretches(measured.samples).map((line) => line.map(onSheetOf(measured)));
  });

  /** What is wrong with the word; null while it has not been measured, and where nothing is. */
  readonly finding = computed(() => {
    const measured = this.measured();
    return measured ? (hardToRead.find({ measured, onSheet: onSheetOf(measured) })[0] ?? null) : null;
  });

  constructor() {
    effect(() => {
      const [word, shaper] = [this.word(), this.session.shaper()];
      this.session.sheet();
      this.levels.version();
      this.looking();
      this.isAsked();
      clearTimeout(this.timer);
      this.run++;
      this.isPredicting.set(false);
      if (word && shaper) this.timer = setTimeout(() => void this.measure(), REST);
    });
  }

  lookAs(looking: Looking['id']): void {
    this.chosenLooking.set(looking);
  }

  private async measure(): Promise<void> {
    const [asked, sheet] = [this.word(), this.session.resolvedSheet()];
    const word = asked && sheet && findOpening(sheet, asked.id);
    if (!asked || !sheet || !word) return;
    const seen = seenScale(sheet, this.looking());
    const from = performance.now();
    const { run } = this;
    const { photos } = this.session.context();
    const measured = await this.engine.measure({ sheet, photos }, word.id, seen);
    if (run !== this.run) return;
    performance.measure('kadrosyn:word', { start: from });
    this.found.set(measured && { wordId: word.id, measured });
    if (measured && this.isAsked()) await this.predict(asked, measured, seen, run);
    else this.predicted.set([]);
  }

  /** Tries remedies out one after the other, with room for everything else in between. */
  private async predict(word: Opening, measured: MeasuredWord, seen: number, run: number): Promise<void> {
    const context = this.session.context();
    const { sheet, project } = context;
    const asked: RemedyContext = {
      ...context,
      word,
      measured,
      palette: untracked(() =>
        this.colours.photos().flatMap((photo) => this.colours.paletteOf(photo).map(({ colour }) => colour)),
      ),
      axesOf: this.axesOf,
      seenPx: 1 / seen,
    };
    this.isPredicting.set(true);
    const done: PredictedRemedy[] = [];
    const measure = (after: ResolvedSheet): Promise<MeasuredWord | null> =>
      this.engine.measure({ sheet: after, photos: project.photos }, word.id, seen);
    for await (const remedy of predictRemedies(project, sheet.id, remediesFor(asked), measure)) {
      if (run !== this.run) return;
      done.push(remedy);
    }
    this.predicted.set(done);
    this.isPredicting.set(false);
  }

  preview(remedy: PredictedRemedy | null): void {
    this.session.preview(remedy?.edit ?? null);
  }

  take(remedy: PredictedRemedy): void {
    const wordId = this.word()?.id;
    if (!wordId) return;
    this.session.commit(remedy.edit);
    const before = this.taken();
    this.taken.set({ wordId, edits: before?.wordId === wordId ? [...before.edits, remedy.edit] : [remedy.edit] });
  }

  /** Takes back all that was taken for the word, in one step. What was changed by hand since stays where it is another property. */
  takeBack(): void {
    const taken = this.taken();
    const word = this.word();
    this.taken.set(null);
    if (!taken || !word) return;
    const { project, sheet } = this.session.context();
    const inverses = taken.edits.toReversed().flatMap((edit) => invertEdit(edit).operations);
    const operations = takenBack(project, inverses);
    if (operations.length > 0 && findOpening(sheet, word.id))
      this.session.commit({ name: `Take back the remedies for ${word.name}`, operations });
  }
}

/** The operations as they fit what was changed by hand since. What was removed by hand is gone already. */
function takenBack(project: Project, inverses: readonly Operation[]): Operation[] {
  let now = project;
  return inverses.flatMap((operation) => {
    const sheet = 'sheetId' in operation ? findSheet(now, operation.sheetId) : undefined;
    const id = operation.type === 'remove-item' ? operation.item.id : operation.type === 'change-item' ? operation.itemId : null;
    const item = sheet && id !== null ? findItem(sheet.items, id) : undefined;
    if (id !== null && !item) return [];
    const fitting =
      sheet && item && operation.type === 'remove-item'
        ? removeItem(sheet, item.id, '').operations
        : sheet && item && operation.type === 'change-item'
          ? [changeItemOperation(sheet, item, operation.after)]
          : [operation];
    now = applyEdit(now, { name: '', operations: fitting });
    return fitting;
  });
}
