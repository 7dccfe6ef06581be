import type { ElementRef } from '@angular/core';
import { afterNextRender, ChangeDetectionStrategy, Component, effect, inject, input, viewChild } from '@angular/core';
import { itemBounds, multiply, resolvedItem, scaling, translation, type Item } from '@kadrosyn/core';
import { BROWSER_ENVIRONMENT, clearCanvas, drawItem } from '@kadrosyn/render';
import { Store } from '@ngrx/store';
import { PhotoLevels } from '../../photos/photo-levels';
import { EditorSession } from '../session/session';
import { selectIsMoving } from '../state/editor.selectors';

const SIDE = 60;

/** A small picture of one item. */
@Component({
  selector: 'ka-item-thumbnail',
  template: `<canvas #canvas width="60" height="60" aria-hidden="true"></canvas>`,
  styles: `
    canvas {
      display: block;
      width: 30px;
      height: 30px;
      border-radius: 4px;
      border: 1px solid var(--rule);
      background: light-dark(#fff, #efe8da);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ItemThumbnailComponent {
  private readonly session = inject(EditorSession);
  private readonly levels = inject(PhotoLevels);
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private readonly isMoving = inject(Store).selectSignal(selectIsMoving);
  private isDrawn = false;
  readonly item = input.required<Item>();

  constructor() {
    afterNextRender(() => this.draw());
    // Drawn exactly, it costs each frame of a drag more than the sheet itself.
    effect(() => {
      if (!this.isMoving() || !this.isDrawn) this.draw();
    });
  }

  private draw(): void {
    const [item, sheet, shaper, project] = [
      this.item(),
      this.session.resolvedSheet(),
      this.session.shaper(),
      this.session.project(),
    ];
    this.levels.version();
    const context = this.canvas().nativeElement.getContext('2d', { willReadFrequently: true });
    if (!context || !sheet || !shaper || !project) return;
    clearCanvas(context);
    const bounds = itemBounds(item);
    if (!bounds) return;
    const scale = (SIDE - 8) / Math.max(bounds.width, bounds.height);
    const middle = { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
    const view = multiply(multiply(translation(SIDE / 2, SIDE / 2), scaling(scale)), translation(-middle.x, -middle.y));
    const shown = { ...resolvedItem(project, item, sheet), hidden: false };
    drawItem(context, shown, sheet, view, {
      environment: BROWSER_ENVIRONMENT,
      photos: project.photos,
      source: this.levels,
      shaper,
    });
    this.isDrawn = true;
  }
}
