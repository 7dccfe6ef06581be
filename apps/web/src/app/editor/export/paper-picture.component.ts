import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import type { Paper } from '@kadrosyn/core';

/** A paper as it is printed: where sheets lie, how far their bleed goes, and where it is cut and folded. */
@Component({
  selector: 'ka-paper-picture',
  template: `
    <svg role="img" aria-label="The first page" [attr.viewBox]="'-1 -1 ' + (paper().width + 2) + ' ' + (paper().height + 2)">
      <rect class="paper" x="0" y="0" [attr.width]="paper().width" [attr.height]="paper().height" />
      @for (place of paper().places; track $index) {
        <rect
          class="seen"
          [attr.x]="place.seen.x"
          [attr.y]="place.seen.y"
          [attr.width]="place.seen.width"
          [attr.height]="place.seen.height"
        />
        <text
          [attr.x]="place.seen.x + place.seen.width / 2"
          [attr.y]="place.seen.y + place.seen.height / 2"
          [style.font-size.px]="type()"
        >
          {{ place.sheet + 1 }}
        </text>
      }
      @for (line of paper().lines; track $index) {
        <line
          [class.fold]="line.kind === 'fold'"
          [attr.x1]="line.from.x"
          [attr.y1]="line.from.y"
          [attr.x2]="line.to.x"
          [attr.y2]="line.to.y"
        />
      }
    </svg>
  `,
  styles: `
    svg {
      display: block;
      width: 108px;
      max-height: 128px;
    }
    .paper {
      fill: var(--paper);
      stroke: var(--soft);
      vector-effect: non-scaling-stroke;
    }
    .seen {
      fill: var(--spruce-tint);
      stroke: var(--spruce);
      vector-effect: non-scaling-stroke;
    }
    text {
      fill: var(--ink);
      text-anchor: middle;
      dominant-baseline: central;
    }
    line {
      stroke: var(--ink);
      vector-effect: non-scaling-stroke;
    }
    .fold {
      stroke-dasharray: 2;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PaperPictureComponent {
  readonly paper = input.required<Paper>();
  /** Of numbers, mm: a third of the smallest sheet. */
  readonly type = computed(() => Math.min(...this.paper().places.map(({ seen }) => Math.min(seen.width, seen.height))) / 3);
}
