import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import {
  apply,
  boxMatrix,
  multiply,
  placedPicture,
  polygonBounds,
  seenPolygons,
  showsPicture,
  gapShare,
  photoArea,
} from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { Viewport } from './viewport';

/** Where the selected opening shows a gap: hatched and outlined, with its share. */
@Component({
  selector: 'svg:g[ka-gap-marks]',
  template: `
    @if (gap(); as shown) {
      <svg:defs>
        <svg:pattern id="ka-gap" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <svg:rect width="9" height="9" fill="#cf4a22" fill-opacity="0.12" />
          <svg:line x1="0" y1="0" x2="0" y2="9" stroke="#cf4a22" stroke-width="2.5" />
        </svg:pattern>
        <svg:mask id="ka-gap-mask" maskUnits="userSpaceOnUse" x="-10000" y="-10000" width="30000" height="30000">
          <svg:rect x="-10000" y="-10000" width="30000" height="30000" fill="#fff" />
          <svg:path [attr.d]="shown.photo" fill="#000" />
        </svg:mask>
        <svg:clipPath id="ka-gap-clip"><svg:path [attr.d]="shown.opening" /></svg:clipPath>
      </svg:defs>
      <svg:g mask="url(#ka-gap-mask)">
        <svg:path class="gap" [attr.d]="shown.opening" />
      </svg:g>
      <svg:g clip-path="url(#ka-gap-clip)">
        <svg:path class="edge" [attr.d]="shown.photo" />
      </svg:g>
      <svg:g class="share" [attr.transform]="'translate(' + shown.at.x + ' ' + shown.at.y + ')'">
        <svg:rect x="-58" y="-13" width="116" height="21" rx="3" />
        <svg:text text-anchor="middle" y="2">{{ shown.words }}</svg:text>
      </svg:g>
    }
  `,
  styles: `
    :host {
      pointer-events: none;
    }
    .gap {
      fill: url(#ka-gap);
      stroke: #cf4a22;
      stroke-width: 3;
    }
    .edge {
      fill: none;
      stroke: #cf4a22;
      stroke-width: 3;
    }
    .share rect {
      fill: #b8401c;
    }
    .share text {
      font-size: 13px;
      fill: #fff;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GapMarksComponent {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);

  readonly gap = computed(() => {
    const [opening, project, sheet] = [this.session.selectedOpening(), this.session.shownProject(), this.session.shownSheet()];
    if (!opening || !project || !sheet || !showsPicture(opening.fill) || opening.fill.keepCovered !== false) return null;
    const { shaper } = this.session.context();
    const placed = placedPicture(opening, { ...project, sheet, shaper });
    if (!placed) return null;
    const polygons = seenPolygons(sheet, opening, shaper);
    const area = photoArea(opening, placed.placement, placed.picture);
    const share = gapShare(opening, polygons, placed.placement, placed.picture);
    if (share === 0) return null;
    const frame = multiply(this.viewport.matrix(), boxMatrix(opening.box));
    const { x, y, width: wide } = polygonBounds(polygons);
    const percent = share * 100;
    return {
      opening: polygons.map((polygon) => pathOf(pointsOf(polygon).map((p) => apply(frame, p)))).join(''),
      photo: pathOf(pointsOf(area).map((p) => apply(frame, p))),
      at: apply(frame, { x: x + wide / 2, y }),
      words: `${percent.toFixed(percent < 1 ? 2 : 0)} % uncovered`,
    };
  });
}

function pointsOf(polygon: Float64Array): { x: number; y: number }[] {
  const points = [];
  for (let i = 0; i < polygon.length; i += 2) points.push({ x: polygon[i]!, y: polygon[i + 1]! });
  return points;
}

function pathOf(points: readonly { readonly x: number; readonly y: number }[]): string {
  return `M${points.map(({ x, y }) => `${x.toFixed(1)} ${y.toFixed(1)}`).join('L')}Z`;
}
