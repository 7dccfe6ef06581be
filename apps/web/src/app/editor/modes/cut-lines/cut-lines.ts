import { computed, inject, Injectable, signal } from '@angular/core';
import {
  apply,
  crossingKey,
  invert,
  lengthWithin,
  markPoint,
  toNearestEdge,
  type Crossing,
  type Matrix,
  type Parts,
  type Point,
} from '@kadrosyn/core';
import type { SeenCut } from '@kadrosyn/render';
import { EditorSession } from '../../session/session';
import { BreakoutEditing } from '../../breakout/breakout-editing';
import { BreakoutFinder, type Findings } from '../../breakout/breakout-finder';
import { hiddenPixels } from '../../breakout/hidden-pixels';

/** What a cut line divides: the pieces of the overhang, or the regions of a pair (see `crossingKey`). */
export type CutTarget = 'overhang' | { readonly pair: string };

/** A cut line on the sheet. */
export interface ShownCut extends SeenCut {
  readonly key: string;
  readonly target: CutTarget;
  readonly index: number;
  /** px of the sheet. */
  readonly line: readonly Point[];
}

/** What lines are measured and kept by. */
interface Frame {
  readonly parts: Parts;
  /** Px of the sheet to px of the parts' plane, and to those of the marks. */
  readonly toPlane: Matrix;
  readonly toMarks: Matrix;
}

/** A line may be moved so far to a better place, as a share of the sheet's longer side. */
const REACH = 0.06;

/** Lines drawn by hand that divide pieces and regions. */
@Injectable()
export class CutLines {
  private readonly session = inject(EditorSession);
  private readonly finder = inject(BreakoutFinder);
  private readonly editing = inject(BreakoutEditing);
  /** What a line is being drawn across; null while none is. */
  readonly drawing = signal<CutTarget | null>(null);
  /** The line that follows the pointer, px of the sheet: a new one without a key, or the one with it. */
  readonly changing = signal<{ readonly key: string | null; readonly line: readonly Point[] } | null>(null);

  readonly shown = computed<readonly ShownCut[]>(() => {
    const found = this.finder.findings();
    if (!found) return [];
    const { overhang } = found;
    const cutsOf = (
      target: CutTarget,
      key: string,
      lines: Crossing['cuts'],
      cuts: readonly SeenCut[],
      toSheet: Matrix,
    ): ShownCut[] =>
      lines.map((line, index) => ({
        key: `${key} ${index}`,
        target,
        index,
        line: line.map((p) => apply(toSheet, p)),
        ...(cuts[index] ?? { length: 0, at: null }),
      }));
    return [
      ...(overhang ? cutsOf('overhang', 'overhang', this.editing.overhangs().cuts, overhang.cuts, overhang.toSheet) : []),
      ...found.crossings.flatMap(({ crossing, cuts, toSheet }) => {
        const pair = crossingKey(crossing);
        return cutsOf({ pair }, pair, crossing.cuts, cuts, toSheet);
      }),
    ];
  });

  begin(target: CutTarget): void {
    this.drawing.set(target);
  }

  end(): void {
    this.changing.set(null);
    this.drawing.set(null);
  }

  /** How long over would turn to under along a line, px of the sheet, and where that begins. */
  measure(target: CutTarget, line: readonly Point[]): SeenCut {
    const found = this.finder.findings();
    const frame = found && frameOf(found, target);
    if (!frame) return { length: 0, at: null };
    const cut = lengthWithin(
      frame.parts,
      line.map((p) => apply(frame.toPlane, p)),
    );
    const toSheet = invert(frame.toPlane);
    return { length: cut.length * Math.hypot(toSheet.a, toSheet.b), at: cut.at && apply(toSheet, cut.at) };
  }

  /** Keeps the line that was drawn. @returns whether it divides anything. */
  add(line: readonly Point[]): boolean {
    const target = this.drawing();
    if (!target || this.measure(target, line).length === 0) return false;
    this.drawing.set(null);
    void this.change(target, (cuts, toMarks) => [...cuts, line.map((p) => markPoint(apply(toMarks, p)))], 'Draw a cut line');
    return true;
  }

  /** A level line across the middle of all that can be divided: for those who can not draw one. */
  addAcross(): void {
    const target = this.drawing();
    const found = this.finder.findings();
    const frame = target && found && frameOf(found, target);
    if (!frame) return;
    const { width, height, labels } = frame.parts;
    let [left, right, top, bottom] = [width, 0, height, 0];
    for (let i = 0; i < labels.length; i++) {
      if (labels[i] === 0) continue;
      const [x, y] = [i % width, Math.floor(i / width)];
      [left, right, top, bottom] = [Math.min(left, x), Math.max(right, x), Math.min(top, y), Math.max(bottom, y)];
    }
    const middle = (top + bottom + 1) / 2;
    const toSheet = invert(frame.toPlane);
    this.add([apply(toSheet, { x: left - 4, y: middle }), apply(toSheet, { x: right + 5, y: middle })]);
  }

  move({ target, index }: ShownCut, line: readonly Point[]): void {
    void this.change(
      target,
      (cuts, toMarks) =>
        cuts.with(
          index,
          line.map((p) => markPoint(apply(toMarks, p))),
        ),
      'Move a cut line',
    );
  }

  remove({ target, index }: ShownCut): void {
    void this.change(target, (cuts) => cuts.toSpliced(index, 1), 'Remove a cut line');
  }

  /** Moves a line to the nearest place where it cuts less. @returns whether there is one. */
  async toEdge(cut: ShownCut): Promise<boolean> {
    const found = await this.finder.now();
    const frame = found && frameOf(found, cut.target);
    if (!frame) return false;
    const { sheet } = this.session.context();
    const scale = Math.hypot(frame.toPlane.a, frame.toPlane.b);
    const line = cut.line.map((p) => apply(frame.toPlane, p));
    const hidden = cut.target === 'overhang' ? hiddenPixels(found) : undefined;
    const better = toNearestEdge(frame.parts, line, REACH * Math.max(sheet.width, sheet.height) * scale, hidden);
    if (better === line) return false;
    const toSheet = invert(frame.toPlane);
    this.move(
      cut,
      better.map((p) => apply(toSheet, p)),
    );
    return true;
  }

  private async change(
    target: CutTarget,
    change: (cuts: Crossing['cuts'], toMarks: Matrix) => Crossing['cuts'],
    name: string,
  ): Promise<void> {
    const found = await this.finder.now();
    const frame = found && frameOf(found, target);
    if (!frame) return;
    if (target === 'overhang') {
      this.editing.change((overhangs) => ({ ...overhangs, cuts: change(overhangs.cuts, frame.toMarks) }), name);
      return;
    }
    const survey = found.crossings.find(({ crossing }) => crossingKey(crossing) === target.pair)!;
    await this.editing.changeCrossing(survey, (crossing) => ({ ...crossing, cuts: change(crossing.cuts, frame.toMarks) }), name);
  }
}

function frameOf({ overhang, crossings }: Findings, target: CutTarget): Frame | null {
  if (target === 'overhang') {
    return overhang && { parts: overhang.plan.overhang.parts, toPlane: overhang.plan.toPlane, toMarks: invert(overhang.toSheet) };
  }
  const survey = crossings.find(({ crossing }) => crossingKey(crossing) === target.pair);
  return survey ? { parts: survey.plan.zone.parts, toPlane: survey.plan.toPlane, toMarks: invert(survey.toSheet) } : null;
}
