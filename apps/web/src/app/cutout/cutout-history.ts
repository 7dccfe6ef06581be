import { computed, signal } from '@angular/core';
import { AS_FOUND, STANDARD_EDGE, type CutoutMark, type EdgeSettings, type PieceSettings } from '@kadrosyn/core';

/** All that a person has said of a cutout. */
export interface CutoutState {
  readonly marks: readonly CutoutMark[];
  readonly edge: EdgeSettings;
  readonly pieces: PieceSettings;
}

export const NOTHING_SAID: CutoutState = { marks: [], edge: STANDARD_EDGE, pieces: AS_FOUND };

/** What was said, step by step; every step can be taken back and done again. */
export class CutoutHistory {
  private readonly past = signal<readonly CutoutState[]>([]);
  private readonly future = signal<readonly CutoutState[]>([]);
  private readonly settled = signal<CutoutState>(NOTHING_SAID);
  private readonly tried = signal<CutoutState | null>(null);
  /** As it is shown: with a change that is still being tried. */
  readonly now = computed(() => this.tried() ?? this.settled());
  readonly canUndo = computed(() => this.past().length > 0);
  readonly canRedo = computed(() => this.future().length > 0);

  begin(state: CutoutState): void {
    this.settled.set(state);
    this.past.set([]);
    this.future.set([]);
    this.tried.set(null);
  }

  preview(change: Partial<CutoutState>): void {
    this.tried.set({ ...this.settled(), ...change });
  }

  commit(change: Partial<CutoutState>): void {
    this.past.update((list) => [...list, this.settled()]);
    this.future.set([]);
    this.settled.update((state) => ({ ...state, ...change }));
    this.tried.set(null);
  }

  /** Adds a mark; of boxes, suggestions and flat grounds there is one each, which takes the old one's place. */
  mark(mark: CutoutMark): void {
    // What looks for a subject and what takes the background as it is are two ways: the later one counts.
    const rival = mark.kind === 'box' || mark.kind === 'suggest' ? ['flat', 'own'] : mark.kind === 'flat' ? ['own'] : [];
    const marks = this.settled().marks.filter(({ kind }) => !rival.includes(kind));
    const only = mark.kind === 'box' || mark.kind === 'suggest' || mark.kind === 'flat' || mark.kind === 'own';
    const at = only ? marks.findIndex(({ kind }) => kind === mark.kind) : -1;
    this.commit({ marks: at >= 0 ? marks.with(at, mark) : [...marks, mark] });
  }

  undo(): void {
    this.step(this.past, this.future);
  }

  redo(): void {
    this.step(this.future, this.past);
  }

  private step(from: typeof this.past, to: typeof this.past): void {
    const state = from().at(-1);
    if (!state) return;
    to.update((list) => [...list, this.settled()]);
    from.update((list) => list.slice(0, -1));
    this.settled.set(state);
    this.tried.set(null);
  }
}
