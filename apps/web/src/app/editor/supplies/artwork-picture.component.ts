import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { layerPaint, readPathData, scaling, toPathData, transformPath, type Artwork } from '@kadrosyn/core';

/** Height of the picture, px. */
const SIDE = 44;
let count = 0;

/** A small picture of a piece of artwork, made of the same paths and paints as on the sheet. */
@Component({
  selector: 'ka-artwork-picture',
  template: `
    <svg [attr.viewBox]="'0 0 ' + width() + ' ' + height()" [attr.width]="width()" [attr.height]="height()" aria-hidden="true">
      @for (layer of layers(); track $index) {
        @if (layer.stops; as stops) {
          @if (layer.radial) {
            <radialGradient [attr.id]="id + $index" r="0.707">
              @for (stop of stops; track $index) {
                <stop [attr.offset]="stop.at" [attr.stop-color]="stop.colour" />
              }
            </radialGradient>
          } @else {
            <linearGradient
              [attr.id]="id + $index"
              x1="0"
              y1="0.5"
              x2="1"
              y2="0.5"
              [attr.gradientTransform]="'rotate(' + layer.angle + ' 0.5 0.5)'"
            >
              @for (stop of stops; track $index) {
                <stop [attr.offset]="stop.at" [attr.stop-color]="stop.colour" />
              }
            </linearGradient>
          }
          <path [attr.d]="layer.d" [attr.fill]="'url(#' + id + $index + ')'" />
        } @else {
          <path [attr.d]="layer.d" [attr.fill]="layer.colour" />
        }
      }
    </svg>
  `,
  styles: `
    :host {
      display: flex;
      align-items: center;
      height: ${SIDE}px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ArtworkPictureComponent {
  readonly piece = input.required<Artwork>();
  readonly id = `artwork-picture-${++count}-`;
  readonly width = computed(() => Math.min(82, SIDE * this.piece().proportion));
  readonly height = computed(() => this.width() / this.piece().proportion);
  readonly layers = computed(() => {
    const piece = this.piece();
    const toPicture = scaling(this.width(), this.height());
    return piece.layers.map((layer) => {
      const paint = layerPaint({ type: 'drawing', colours: piece.colours, layers: piece.layers }, layer);
      const d = toPathData(transformPath(toPicture, readPathData(layer.d).path), 2);
      // None of the ready-made pieces has a gradient of that kind.
      if (paint.type === 'framed') return { d, colour: paint.stops[0]!.colour, stops: null, radial: false, angle: 0 };
      if (paint.type === 'colour') return { d, colour: paint.colour, stops: null, radial: false, angle: 0 };
      return { d, colour: '', stops: paint.stops, radial: paint.kind === 'radial', angle: paint.angle ?? 90 };
    });
  });
}
