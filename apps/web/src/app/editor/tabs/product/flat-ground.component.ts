import { ChangeDetectionStrategy, Component, computed, effect, inject, input, viewChild, type ElementRef } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import type { Opening } from '@kadrosyn/core';
import { FlatGround } from '../../products/flat-ground';
import { EditorSession } from '../../session/session';

/** Artwork on a plain ground: what it looks like without, and the way there. */
@Component({
  selector: 'ka-flat-ground',
  imports: [MatButtonModule],
  template: `
    @if (seen(); as found) {
      <div class="offer">
        <canvas #picture role="img" [attr.aria-label]="artwork().name + ' without its ground'"></canvas>
        <p>
          {{ artwork().name }} has a plain ground, which is printed with it.
          <button matButton="filled" (click)="clear()">Clear it…</button>
        </p>
      </div>
    }
  `,
  styles: `
    .offer {
      display: flex;
      align-items: center;
      gap: 10px;
    }
    p {
      margin: 0;
    }
    canvas {
      flex: none;
      max-width: 72px;
      max-height: 72px;
      border-radius: 4px;
      background: repeating-conic-gradient(var(--line) 0 25%, transparent 0 50%) 0 0 / 12px 12px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FlatGroundComponent {
  private readonly session = inject(EditorSession);
  private readonly ground = inject(FlatGround);
  readonly artwork = input.required<Opening>();
  /** Of the imprint. */
  readonly sheetId = input.required<string>();
  private readonly picture = viewChild<ElementRef<HTMLCanvasElement>>('picture');
  readonly seen = computed(() => this.ground.seen(this.artwork(), this.session.project()?.photos ?? {}));

  constructor() {
    effect(() => {
      const [canvas, seen] = [this.picture()?.nativeElement, this.seen()];
      if (!canvas || !seen) return;
      const { width, height, data } = seen.cleared;
      Object.assign(canvas, { width, height });
      const context = canvas.getContext('2d');
      const image = context?.createImageData(width, height);
      image?.data.set(data);
      if (image) context!.putImageData(image, 0, 0);
    });
  }

  clear(): void {
    this.ground.clear(this.sheetId(), this.artwork().id);
  }
}
