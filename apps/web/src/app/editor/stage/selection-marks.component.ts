import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import {
  apply,
  boxMatrix,
  invert,
  multiply,
  outlineHandles,
  outlinePath,
  toPathData,
  transformPath,
  type Opening,
  type Point,
  showsPicture,
} from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { CropGuides, guideLines } from './crop-guides';
import { handlesOf, photoCorners, type BoxHandle } from './handles';
import { markRoom } from './mark-room';
import { Viewport } from './viewport';

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
    const lines = showsPicture(fill) ? guideLines(this.cropGuides.shown(), box.width, box.height) : '';
    return lines && { lines, transform: `matrix(${[a, b, c, d, e, f].join(' ')})` };
  });

  readonly isText = computed(() => this.opening().outline.type === 'lettering');

  /** Depends on how large the item is on the screen. */
  private readonly room = computed(() => {
    const { width, height } = this.opening().box;
    const zoom = this.viewport.zoom();
    return markRoom(width * zoom, height * zoom);
  });

  readonly handles = computed<readonly PlacedHandle[]>(() => {
    const { box } = this.opening();
    const room = this.room();
    return handlesOf(this.opening())
      .map((handle, index) => ({
        handle,
        index,
        at: this.offset(handle.x, handle.y, handle.kind === 'peg' ? room.pegs : room.tabs),
        turn: box.turn + (handle.x === 0.5 ? 0 : 90),
      }))
      .filter(({ handle }) => handle.kind === 'peg' || room.hasTabs);
  });

  /** Short bars that change the form itself. */
  readonly bars = computed(() => {
    const { outline, box } = this.opening();
    const frame = this.frame();
    // Corners are all that such an outline has.
    if (!this.room().hasBars && outline.type !== 'corners') return [];
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
    const offset = this.room().turn;
    return { at: { x: at.x + offset * Math.cos(radians), y: at.y + offset * Math.sin(radians) }, turn: turn + 45 };
  });

  readonly marks = computed<readonly { readonly at: Point; readonly index: number }[]>(() => {
    if (this.session.grip() === 'opening') return [];
    const matrix = this.viewport.matrix();
    const { sheet, shaper } = this.session.context();
    const { photos = {}, sheets = [] } = this.session.shownProject() ?? {};
    const { photoMarks } = this.room();
    return photoCorners(this.opening(), { sheet, sheets, shaper, photos })
      .map((p, index) => ({ at: apply(matrix, p), index }))
      .filter(({ at }) => this.distanceTo(at) >= photoMarks);
  });

  /** How far a point of the stage lies outside of the box, css px; negative inside. */
  private distanceTo(at: Point): number {
    const { width, height } = this.opening().box;
    const zoom = this.viewport.zoom();
    const p = apply(invert(this.frame()), at);
    return zoom * Math.max(-p.x, p.x - width, -p.y, p.y - height);
  }

  /** A point of the box, set off outwards by css px along each axis. */
  private offset(x: number, y: number, by: number): Point {
    const { width, height } = this.opening().box;
    const frame = this.frame();
    const p = apply(frame, { x: x * width, y: y * height });
    const turn = (this.opening().box.turn * Math.PI) / 180;
    const [dx, dy] = [Math.sign(x - 0.5) * by, Math.sign(y - 0.5) * by];
    return { x: p.x + dx * Math.cos(turn) - dy * Math.sin(turn), y: p.y + dx * Math.sin(turn) + dy * Math.cos(turn) };
  }
}
