import { computed, inject, Injectable, signal } from '@angular/core';
import { apply, crossingKey, invert, markPoint, type Crossing, type Point } from '@kadrosyn/core';
import { EditorSession } from '../../session/session';
import { BreakoutEditing } from '../../breakout/breakout-editing';
import { BreakoutFinder } from '../../breakout/breakout-finder';

/** Painting by hand what passes over in a crossing, where connected regions are not enough. */
@Injectable()
export class HandPainting {
  private readonly session = inject(EditorSession);
  private readonly finder = inject(BreakoutFinder);
  private readonly editing = inject(BreakoutEditing);
  /** Of the pair that is painted on; null while none is. See `crossingKey`. */
  readonly pair = signal<string | null>(null);
  /** Whether the selected item is painted over the other one, or under it. */
  readonly paintsOver = signal(true);
  /** The stroke that follows the pointer, px of the sheet. */
  readonly stroke = signal<readonly Point[] | null>(null);
  /** px of the sheet; null for what suits the sheet. */
  private readonly chosenWidth = signal<number | null>(null);
  readonly width = computed(() => this.chosenWidth() ?? Math.round(this.side() / 25));
  readonly mostWidth = computed(() => Math.round(this.side() / 4));
  private readonly survey = computed(() => {
    const pair = this.pair();
    return this.finder.findings()?.crossings.find(({ crossing }) => crossingKey(crossing) === pair) ?? null;
  });
  /** While the pair is there and its item is selected. */
  readonly active = computed(() => this.survey() !== null);
  readonly strokeCount = computed(() => this.survey()?.crossing.paint?.length ?? 0);

  private side(): number {
    const sheet = this.session.sheet();
    return sheet ? Math.min(sheet.width, sheet.height) : 1000;
  }

  begin(pair: string): void {
    this.pair.set(pair);
  }

  end(): void {
    this.pair.set(null);
  }

  /** Gives up the stroke that is drawn, or ends. */
  goBack(): void {
    if (this.stroke()) this.stroke.set(null);
    else this.end();
  }

  setWidth(width: number): void {
    this.chosenWidth.set(width);
  }

  /** Keeps a stroke. @param points - px of the sheet. */
  async paint(points: readonly Point[]): Promise<void> {
    const [pair, width, paintsOver] = [this.pair(), this.width(), this.paintsOver()];
    const found = await this.finder.now();
    const survey = found?.crossings.find(({ crossing }) => crossingKey(crossing) === pair);
    if (!found || !survey) return;
    const toMarks = invert(survey.toSheet);
    const over = (survey.crossing.lower.itemId === found.itemId) === paintsOver;
    const stroke = {
      points: points.map((p) => markPoint(apply(toMarks, p))),
      width: Math.round(width * Math.hypot(toMarks.a, toMarks.b) * 100) / 100,
      over,
    };
    const name = `Paint ${paintsOver ? 'over' : 'under'} by hand`;
    await this.editing.changeCrossing(survey, (crossing) => ({ ...crossing, paint: [...(crossing.paint ?? []), stroke] }), name);
  }

  takeBack(): void {
    const survey = this.survey();
    if (survey) void this.editing.changeCrossing(survey, unpainted, 'Take back what was painted');
  }
}

/** The crossing without what was painted. */
function unpainted({ paint: _gone, ...rest }: Crossing): Crossing {
  return rest;
}
