import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import {
  findOpening,
  photoToSheet,
  sheetToPhoto,
  type AreaHints,
  type CutoutMark,
  type Opening,
  type Point,
} from '@kadrosyn/core';
import { AreaSurfaces } from '../../areas/area-surfaces';
import { lyingOf } from '../../areas/lying';
import { EditorSession } from '../../session/session';

/** Decimals of a px that strokes are kept with. */
const DIGITS = 10;

/** Saying by strokes what stands in front of the area that an opening lies in, and what does not. Points are px of the host's photo. */
@Injectable()
export class FrontMarking {
  private readonly session = inject(EditorSession);
  private readonly surfaces = inject(AreaSurfaces);
  private readonly openingId = signal<string | null>(null);
  /** Whether strokes say that something is in front, or that it is not. */
  readonly isFront = signal(true);
  /** px of the photo; null for what suits the area. */
  private readonly chosenWidth = signal<number | null>(null);
  /** Strokes that are still looked at. */
  readonly waiting = signal<readonly CutoutMark[]>([]);

  readonly opening = computed<Opening | null>(() => {
    const [id, sheet] = [this.openingId(), this.session.shownSheet()];
    return id === null || !sheet ? null : (findOpening(sheet, id) ?? null);
  });
  readonly lying = computed(() => {
    const opening = this.opening();
    return opening && lyingOf(opening, this.session.context());
  });
  readonly active = computed(() => this.lying() !== null);
  readonly toSheet = computed(() => {
    const lying = this.lying();
    return lying && photoToSheet(lying.host, this.session.context());
  });
  readonly mostWidth = computed(() => Math.max(40, Math.round(this.side() / 6)));
  readonly width = computed(() => this.chosenWidth() ?? Math.max(4, Math.round(this.side() / 60)));
  readonly marks = computed(() => this.lying()?.area.hints?.marks ?? []);
  readonly isLooking = computed(() => this.surfaces.looking().has(this.lying()?.area.id ?? ''));

  constructor() {
    effect(() => {
      const [id, selected] = [this.openingId(), this.session.selectedOpening()?.id];
      if (id !== null && selected !== id) untracked(() => this.end());
    });
  }

  private side(): number {
    const photo = this.lying()?.photo;
    return photo ? Math.min(photo.width, photo.height) : 1000;
  }

  begin(opening: Opening): void {
    this.openingId.set(opening.id);
  }

  end(): void {
    this.openingId.set(null);
    this.waiting.set([]);
  }

  setWidth(width: number): void {
    this.chosenWidth.set(width);
  }

  /** @param at - px of the sheet */
  placeOf(at: Point): Point | null {
    const lying = this.lying();
    return lying && sheetToPhoto(lying.host, at, this.session.context());
  }

  /** Adds a stroke; a point alone is a dab. */
  mark(points: readonly Point[]): void {
    const [lying, isFront] = [this.lying(), this.isFront()];
    if (!lying || points.length === 0) return;
    const mark: CutoutMark = {
      kind: isFront ? 'keep' : 'leave-out',
      points: points.flatMap(({ x, y }) => [rounded(x), rounded(y)]),
      width: this.width(),
    };
    this.waiting.update((marks) => [...marks, mark]);
    void this.say([...this.marks(), ...this.waiting()], isFront ? 'This is in front' : 'This is not in front');
  }

  /** Takes all that was said by strokes back. */
  clear(): void {
    this.waiting.set([]);
    void this.say([], 'Take back what is in front');
  }

  private async say(marks: readonly CutoutMark[], step: string): Promise<void> {
    const lying = this.lying();
    if (!lying) return;
    const { photo, area } = lying;
    const { marks: _before, ...others } = area.hints ?? {};
    const hints: AreaHints = marks.length > 0 ? { ...others, marks } : others;
    const asked = this.waiting();
    await this.surfaces.say(photo, area, hints, `${step} of ${area.name}`);
    // Strokes that were drawn meanwhile wait on.
    this.waiting.update((waiting) =>
      this.surfaces.looking().has(area.id) ? waiting : waiting.filter((mark) => !asked.includes(mark)),
    );
  }
}

function rounded(value: number): number {
  return Math.round(value * DIGITS) / DIGITS;
}
