import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import {
  apply,
  boxMatrix,
  edgeOnProduct,
  itemBounds,
  multiply,
  outlineHandles,
  seenOfImprint,
  type Bounds,
  type Point,
} from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { Viewport } from '../stage/viewport';
import { ImprintEditing } from './imprint-editing';
import { sizeOnProduct } from './size-on-product';

/** Css px from the artwork to what says its width, and to the mark that turns it. */
const [ABOVE, BESIDE] = [22, 26];
/** The word is so wide at least, css px: what it says has to fit. */
const WORD = 76;

/** The chosen artwork on a product: its edge as it lies there, pegs at its corners, and its true width. */
@Component({
  selector: 'svg:g[ka-imprint-marks]',
  template: `
    <svg:g aria-hidden="true">
      @if (ground(); as d) {
        <svg:path class="ground under" [attr.d]="d" />
        <svg:path class="ground" [attr.d]="d" />
      }
      @if (edge(); as d) {
        <svg:path class="rule outer" [attr.d]="d" />
        <svg:path class="rule inner" [attr.d]="d" />
      }
      @if (turn(); as at) {
        <svg:g class="turn" data-artwork-turn [attr.transform]="'translate(' + at.x + ' ' + at.y + ') rotate(45)'">
          <svg:circle class="reach" r="14" />
          <svg:path class="under" d="M-8 -4A9 9 0 0 1 4 8" />
          <svg:path class="over" d="M-8 -4A9 9 0 0 1 4 8" />
        </svg:g>
      }
      @for (bar of bars(); track $index) {
        <svg:g class="bar" [attr.data-bar]="$index" [attr.transform]="'translate(' + bar.at.x + ' ' + bar.at.y + ')'">
          <svg:title>{{ bar.name }}</svg:title>
          <svg:circle class="reach" r="13" />
          <svg:path class="under" d="M0 -9L9 0L0 9L-9 0Z" />
          <svg:path class="over" d="M0 -7L7 0L0 7L-7 0Z" />
        </svg:g>
      }
      @for (peg of pegs(); track $index) {
        <svg:g class="peg" data-artwork-peg [attr.transform]="'translate(' + peg.x + ' ' + peg.y + ')'">
          <svg:circle class="reach" r="11" />
          <svg:circle class="dot" r="4.5" />
        </svg:g>
      }
      @if (measure(); as shown) {
        <svg:path class="span under" [attr.d]="shown.line" />
        <svg:path class="span" [attr.d]="shown.line" />
        <svg:g [attr.transform]="'translate(' + shown.at.x + ' ' + shown.at.y + ')'">
          <svg:rect class="plate" [attr.x]="-shown.width / 2" y="-24" [attr.width]="shown.width" height="21" rx="4" />
          <svg:text class="word" y="-9">{{ shown.words }}</svg:text>
        </svg:g>
      }
    </svg:g>
  `,
  styleUrl: './imprint-marks.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ImprintMarksComponent {
  private readonly imprints = inject(ImprintEditing);
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);

  /** The edge of what can be printed on. */
  readonly ground = computed(() => {
    const view = this.imprints.view();
    return view && this.path(edgeOnProduct(view, seenOfImprint(view)));
  });

  private readonly bounds = computed<Bounds | null>(() => {
    const artwork = this.imprints.artwork();
    return artwork && itemBounds(artwork);
  });

  readonly edge = computed(() => {
    const [view, bounds] = [this.imprints.view(), this.bounds()];
    return view && bounds && this.path(edgeOnProduct(view, bounds));
  });

  private readonly corners = computed<readonly (Point | null)[]>(() => {
    const [view, b] = [this.imprints.view(), this.bounds()];
    if (!view || !b) return [];
    const places = [
      { x: b.x, y: b.y },
      { x: b.x + b.width, y: b.y },
      { x: b.x + b.width, y: b.y + b.height },
      { x: b.x, y: b.y + b.height },
    ];
    const matrix = this.viewport.matrix();
    return this.imprints.seen(view, places).map((p) => p && apply(matrix, p));
  });

  /** With the grip on all of it, or on the product, no piece is scaled by itself. */
  readonly pegs = computed(() => (this.session.grip() === 'photo' ? this.corners().filter((corner) => corner !== null) : []));

  /** With the grip on the imprint, where it lies on the product can be corrected. */
  readonly bars = computed(() => {
    const opening = this.session.selectedOpening();
    if (this.session.grip() !== 'opening' || !opening) return [];
    const frame = multiply(this.viewport.matrix(), boxMatrix(opening.box));
    const { width, height } = opening.box;
    return outlineHandles(opening.outline, width, height).map(({ at, name }) => ({ at: apply(frame, at), name }));
  });

  readonly turn = computed(() => {
    const [, right, below] = this.corners();
    if (this.session.grip() !== 'photo' || !right || !below) return null;
    return { x: right.x + (below.x - right.x) / 4 + BESIDE, y: right.y + (below.y - right.y) / 4 };
  });

  readonly measure = computed(() => {
    const [size, [left, right]] = [this.imprints.size(), this.corners()];
    if (!size || !left || !right) return null;
    const y = Math.min(left.y, right.y) - ABOVE;
    const words = `${sizeOnProduct(size.width)} mm`;
    return {
      words,
      width: Math.max(WORD, words.length * 9),
      at: { x: (left.x + right.x) / 2, y: y - 4 },
      line: `M${left.x} ${y - 5}V${y + 5}M${left.x} ${y}H${right.x}M${right.x} ${y - 5}V${y + 5}`,
    };
  });

  private path(points: readonly Point[]): string {
    const matrix = this.viewport.matrix();
    const places = points.map((p) => apply(matrix, p)).map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`);
    return places.length > 0 ? `M${places.join('L')}Z` : '';
  }
}
