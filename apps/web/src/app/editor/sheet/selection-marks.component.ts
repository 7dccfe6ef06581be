import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import {
  apply,
  boxMatrix,
  multiply,
  outlineHandles,
  outlinePath,
  toPathData,
  transformPath,
  type Opening,
  type Point,
} from '@kadrosyn/core';
import { EditorSession } from '../session';
import { CropGuides, guideLines } from './crop-guides';
import { handlesOf, photoCorners, type BoxHandle } from './handles';
import { Viewport } from './viewport';

/** Distance of pegs from the corners of the box, css px. */
const PEG_OFFSET = 13;
/** Distance of the turn handle from the right side, where no other mark is, css px. */
const TURN_OFFSET = 26;

interface PlacedHandle {
  readonly handle: BoxHandle;
  readonly index: number;
  readonly at: Point;
  /** Degrees. */
  readonly turn: number;
}

/** How a selected opening and its photo are marked. All marks are light and dark together. */
@Component({
  selector: 'svg:g[ka-selection-marks]',
  templateUrl: './selection-marks.component.html',
  styleUrl: './selection-marks.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SelectionMarksComponent {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly cropGuides = inject(CropGuides);
  readonly opening = input.required<Opening>();
  readonly locked = input(false);

  /** Maps the opening's own frame to css px of the stage. */
  private readonly frame = computed(() => multiply(this.viewport.matrix(), boxMatrix(this.opening().box)));

  readonly outline = computed(() => {
    const { outline, box } = this.opening();
    const { shaper } = this.session.context();
    // Letters are marked by their box: their own edges would be hidden under so many lines.
    const shape = outline.type === 'lettering' ? ({ type: 'rectangle', radii: [0, 0, 0, 0] } as const) : outline;
    return toPathData(transformPath(this.frame(), outlinePath(shape, box.width, box.height, shaper)), 1);
  });

  /** Lines to compose by, over the selected photo. */
  readonly guides = computed(() => {
    const { box, fill } = this.opening();
    const { a, b, c, d, e, f } = this.frame();
    const lines = fill.type === 'photo' ? guideLines(this.cropGuides.shown(), box.width, box.height) : '';
    return lines && { lines, transform: `matrix(${[a, b, c, d, e, f].join(' ')})` };
  });

  readonly isText = computed(() => this.opening().outline.type === 'lettering');

  readonly handles = computed<readonly PlacedHandle[]>(() => {
    const { box } = this.opening();
    return handlesOf(this.opening()).map((handle, index) => ({
      handle,
      index,
      at: this.offset(handle.x, handle.y, handle.kind === 'peg' ? PEG_OFFSET : 0),
      turn: box.turn + (handle.x === 0.5 ? 0 : 90),
    }));
  });

  /** Short bars that change the form itself. */
  readonly bars = computed(() => {
    const { outline, box } = this.opening();
    const frame = this.frame();
    return outlineHandles(outline, box.width, box.height).map(({ at, name }) => ({
      at: apply(frame, at),
      name,
      isCorner: outline.type === 'corners',
    }));
  });

  readonly turnAt = computed(() => {
    const { width, turn } = this.opening().box;
    const at = apply(this.frame(), { x: width, y: this.opening().box.height / 4 });
    const radians = (turn * Math.PI) / 180;
    return { at: { x: at.x + TURN_OFFSET * Math.cos(radians), y: at.y + TURN_OFFSET * Math.sin(radians) }, turn: turn + 45 };
  });

  readonly marks = computed<readonly Point[]>(() => {
    if (this.session.grip() === 'opening') return [];
    const matrix = this.viewport.matrix();
    const { sheet, shaper } = this.session.context();
    const photos = this.session.shownProject()?.photos ?? {};
    return photoCorners(this.opening(), { sheet, shaper, photos }).map((p) => apply(matrix, p));
  });

  /** A point of the box, set off outwards along the diagonal by css px. */
  private offset(x: number, y: number, by: number): Point {
    const { width, height } = this.opening().box;
    const frame = this.frame();
    const p = apply(frame, { x: x * width, y: y * height });
    const turn = (this.opening().box.turn * Math.PI) / 180;
    const [dx, dy] = [Math.sign(x - 0.5) * by * 0.75, Math.sign(y - 0.5) * by * 0.75];
    return { x: p.x + dx * Math.cos(turn) - dy * Math.sin(turn), y: p.y + dx * Math.sin(turn) + dy * Math.cos(turn) };
  }
}
