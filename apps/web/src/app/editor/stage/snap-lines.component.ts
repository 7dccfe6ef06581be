import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { apply } from '@kadrosyn/core';
import { Snapping } from './snapping';
import { Viewport } from './viewport';

/** The lines that what is moved lies on, with the reason in words. */
@Component({
  selector: 'ka-snap-lines',
  template: `
    <svg aria-hidden="true">
      @for (line of lines(); track $index) {
        <line [attr.x1]="line.from.x" [attr.y1]="line.from.y" [attr.x2]="line.to.x" [attr.y2]="line.to.y" />
      }
    </svg>
    @for (line of lines(); track $index) {
      <span [style.left.px]="line.to.x" [style.top.px]="line.to.y" [class.lying]="line.lying">{{ line.reason }}</span>
    }
  `,
  styles: `
    :host,
    svg {
      position: absolute;
      inset: 0;
      width: 100%;
      height: 100%;
      pointer-events: none;
    }
    line {
      stroke: #cf4a22;
      stroke-width: 1.5;
    }
    span {
      position: absolute;
      padding: 0 5px;
      font-size: 12px;
      line-height: 17px;
      white-space: nowrap;
      translate: -50% 3px;
      color: #ffffff;
      background: #b8401c;
      border-radius: 3px;
    }
    .lying {
      translate: 4px -50%;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SnapLinesComponent {
  private readonly snapping = inject(Snapping);
  private readonly viewport = inject(Viewport);
  readonly lines = computed(() => {
    const matrix = this.viewport.matrix();
    return this.snapping.lines().map(({ axis, at, from, to, reason }) => {
      const point = (along: number) => apply(matrix, axis === 'x' ? { x: at, y: along } : { x: along, y: at });
      return { from: point(from), to: point(to), reason, lying: axis === 'y' };
    });
  });
}
