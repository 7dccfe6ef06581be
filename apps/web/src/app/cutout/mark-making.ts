import { inject, Injectable } from '@angular/core';
import type { CutoutMark, Point } from '@kadrosyn/core';
import { draggedBox, type BoxHold } from './box-mark';
import type { CutoutTool } from './cutout-tools';
import { CutoutWork } from './cutout-work';
import { PhotoWindow } from './photo-window';

const OPPOSITE: Readonly<Partial<Record<CutoutTool, CutoutTool>>> = { keep: 'leave-out', 'leave-out': 'keep', brush: 'brush' };

/** Whether the other button draws something else with this tool. */
export const hasOpposite = (tool: CutoutTool): boolean => tool in OPPOSITE;

/** A drag with the box: from where, px of the photo, and by what side or corner of which box. */
export interface BoxDrag {
  readonly from: Point;
  readonly hold: BoxHold | null;
  readonly box: CutoutMark | null;
}

/** Makes marks of places in the photo, with the tool that is chosen. */
@Injectable()
export class MarkMaking {
  private readonly work = inject(CutoutWork);
  private readonly window = inject(PhotoWindow);

  /** The box that a drag has come to. */
  boxTo({ from, hold, box }: BoxDrag, at: Point): CutoutMark {
    const photo = this.work.photo()!;
    if (box && hold) return draggedBox(box, hold, at.x - from.x, at.y - from.y, photo);
    return { kind: 'box', points: [...this.inside(from), ...this.inside(at)] };
  }

  /** The beginning of a stroke with the chosen tool, or with what is its opposite. */
  stroke(points: readonly number[], isOpposite = false): CutoutMark {
    const chosen = this.work.tool();
    const tool = isOpposite ? (OPPOSITE[chosen] ?? chosen) : chosen;
    const width = this.work.strokeWidth();
    if (tool !== 'brush') return { kind: tool === 'soft-edge' || tool === 'leave-out' ? tool : 'keep', points, width };
    return {
      kind: this.work.brushErases() !== isOpposite ? 'erase' : 'paint',
      points,
      width,
      softness: this.work.brushSoftness(),
    };
  }

  /** A box of no size is a slip. */
  isWorthwhile({ kind, points }: CutoutMark): boolean {
    if (kind !== 'box') return true;
    const { scale } = this.window.view();
    return Math.min(Math.abs(points[2]! - points[0]!), Math.abs(points[3]! - points[1]!)) * scale > 4;
  }

  /** A place in the photo, px to a tenth. */
  inside({ x, y }: Point): [number, number] {
    const { width, height } = this.work.photo() ?? { width: 1, height: 1 };
    const round = (value: number): number => Math.round(value * 10) / 10;
    return [round(Math.min(Math.max(x, 0), width)), round(Math.min(Math.max(y, 0), height))];
  }
}
