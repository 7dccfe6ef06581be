import { computed, inject, Injectable } from '@angular/core';
import { moveNode, removeNode, toggleCurve, type Point } from '@kadrosyn/core';
import { OutlinePen } from './outline-pen';

/** The chosen point of closed lines, and what is done to it. */
@Injectable()
export class ChosenNode {
  private readonly pen = inject(OutlinePen);

  /** Null where none is chosen, and while a line is drawn. */
  readonly at = computed(() => {
    const [id, drawing] = [this.pen.chosen(), this.pen.drawing()];
    const contour = id && drawing && !drawing.open ? drawing.contours[id.contour] : undefined;
    const node = id ? contour?.[id.node] : undefined;
    return id && contour && node ? { id, contour, node } : null;
  });

  readonly isCurved = computed(() => {
    const node = this.at()?.node;
    return !!(node?.before ?? node?.after);
  });

  /** From a corner to a curve, and back. */
  toggleCurve(): void {
    const chosen = this.at();
    if (chosen) this.pen.change(chosen.id.contour, toggleCurve(chosen.contour, chosen.id.node));
  }

  remove(): void {
    const chosen = this.at();
    if (!chosen) return;
    this.pen.chosen.set(null);
    this.pen.change(chosen.id.contour, removeNode(chosen.contour, chosen.id.node));
  }

  /** @param by - px of the sheet. @returns whether there was one to move */
  moveBy(by: Point): boolean {
    const chosen = this.at();
    if (!chosen) return false;
    this.pen.change(
      chosen.id.contour,
      chosen.contour.map((node, n) => (n === chosen.id.node ? moveNode(node, by) : node)),
    );
    return true;
  }
}
