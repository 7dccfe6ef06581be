import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { outlinePath, toPathData } from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import type { ShapeSupply } from './shape-supplies';

/** Height of the picture's own frame. */
const SIDE = 44;
let count = 0;

/** A shape as it will look: filled with a photo where there is one. */
@Component({
  selector: 'ka-shape-picture',
  template: `
    <svg [attr.viewBox]="'0 0 ' + width() + ' ${SIDE}'" [attr.width]="width()" height="${SIDE}" aria-hidden="true">
      @if (photo(); as href) {
        <clipPath [attr.id]="id"><path [attr.d]="path()" /></clipPath>
        <image
          [attr.href]="href"
          [attr.clip-path]="'url(#' + id + ')'"
          [attr.width]="width()"
          height="${SIDE}"
          preserveAspectRatio="xMidYMid slice"
        />
      } @else {
        <path [attr.d]="path()" />
      }
    </svg>
  `,
  styles: `
    :host {
      display: block;
      height: ${SIDE}px;
    }
    svg {
      display: block;
      fill: light-dark(#c9bda6, #55605a);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShapePictureComponent {
  private readonly session = inject(EditorSession);
  readonly shape = input.required<ShapeSupply>();
  /** Address of a photo to fill it with; null for a plain one. */
  readonly photo = input<string | null>(null);
  readonly id = `shape-picture-${++count}`;
  readonly width = computed(() => Math.min(80, Math.max(22, SIDE * this.shape().proportion)));
  readonly path = computed(() => {
    const [width, shaper] = [this.width(), this.session.shaper()];
    return shaper ? toPathData(outlinePath(this.shape().outline(Math.min(width, SIDE)), width, SIDE, shaper), 2) : '';
  });
}
