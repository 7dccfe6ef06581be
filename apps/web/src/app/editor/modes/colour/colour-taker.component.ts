import { afterNextRender, ChangeDetectionStrategy, Component, computed, ElementRef, inject, viewChild } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { colourWords } from '@kadrosyn/core';
import type { StageOverlay } from '../stage-mode';
import { Regions } from '../../session/regions';
import { ColourTaking, SEEN } from './colour-taking';

/** A cover over the stage while a colour is pointed at, with a magnified view beside the pointer. */
@Component({
  selector: 'ka-colour-taker',
  imports: [MatButtonModule],
  template: `
    <div
      #cover
      class="cover"
      role="application"
      tabindex="0"
      aria-label="Take a colour. Arrow keys move, Enter takes, F changes between sheet and photo, Escape ends."
      (pointermove)="move($event)"
      (pointerdown)="move($event)"
      (pointerup)="take($event)"
    ></div>
    @if (seen(); as view) {
      <div class="glass" [style.left.px]="place().x" [style.top.px]="place().y" aria-hidden="true">
        <div class="grid">
          @for (colour of view.colours; track $index) {
            <i [style.background]="colour || null" [class.middle]="$index === middle"></i>
          }
        </div>
        <p><b [style.background]="view.colour || null"></b>{{ view.colour || 'nothing here' }}</p>
      </div>
      <p class="visually-hidden" role="status">{{ words() }}</p>
    }
    <div class="bar">
      <span>{{ words() }}</span>
      <button
        [matButton]="!taking.fromPhoto() ? 'filled' : 'outlined'"
        [attr.aria-pressed]="!taking.fromPhoto()"
        (click)="from(false)"
      >
        As shown
      </button>
      <button
        [matButton]="taking.fromPhoto() ? 'filled' : 'outlined'"
        [attr.aria-pressed]="taking.fromPhoto()"
        (click)="from(true)"
      >
        From the photo itself
      </button>
      <button matButton="outlined" (click)="taking.end(null)">Cancel</button>
    </div>
  `,
  styles: `
    :host {
      position: absolute;
      inset: 0;
      z-index: 5;
    }
    .cover {
      position: absolute;
      inset: 0;
      cursor: crosshair;
      touch-action: none;
      outline-offset: -3px;
    }
    .glass {
      position: absolute;
      padding: 5px;
      background: var(--paper);
      border: 1px solid var(--ink);
      border-radius: 4px;
      pointer-events: none;
    }
    .grid {
      display: grid;
      grid-template-columns: repeat(11, 10px);
      grid-auto-rows: 10px;
      background: repeating-linear-gradient(45deg, var(--rule) 0 3px, var(--paper) 3px 8px);
    }
    .middle {
      outline: 2px solid #fff;
      box-shadow: 0 0 0 3px #20272a;
      z-index: 1;
    }
    p {
      display: flex;
      align-items: center;
      gap: 6px;
      margin: 5px 0 0;
      font-size: 13px;
    }
    b {
      width: 26px;
      height: 16px;
      border: 1px solid var(--rule);
      border-radius: 3px;
    }
    .bar {
      position: absolute;
      left: 50%;
      bottom: 12px;
      display: flex;
      align-items: center;
      gap: 8px;
      padding: 8px 10px 8px 14px;
      translate: -50%;
      white-space: nowrap;
      background: var(--paper);
      border: 1px solid var(--rule);
      border-radius: var(--radius);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ColourTakerComponent implements StageOverlay {
  readonly taking = inject(ColourTaking);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly regions = inject(Regions);
  private readonly cover = viewChild.required<ElementRef<HTMLElement>>('cover');
  readonly middle = (SEEN * SEEN - 1) / 2;

  readonly seen = computed(() => {
    const canvas = this.regions.find('stage')?.querySelector('canvas');
    return canvas ? this.taking.look(canvas) : null;
  });
  readonly words = computed(() => {
    const view = this.seen();
    if (!view?.colour) return 'Point at a colour';
    return `${colourWords(view.colour)}, ${view.colour}${view.photo ? ` in ${view.photo}` : ''}`;
  });
  /** Beside the pointer, on the side where there is room. */
  readonly place = computed(() => {
    const { x, y } = this.taking.at();
    const { clientWidth, clientHeight } = this.host.nativeElement;
    return { x: x + 170 > clientWidth ? x - 150 : x + 24, y: y + 190 > clientHeight ? y - 170 : y + 24 };
  });

  constructor() {
    afterNextRender(() => this.cover().nativeElement.focus({ preventScroll: true }));
  }

  move(event: PointerEvent): void {
    const { left, top } = this.cover().nativeElement.getBoundingClientRect();
    this.taking.at.set({ x: event.clientX - left, y: event.clientY - top });
  }

  take(event: PointerEvent): void {
    this.move(event);
    this.finish();
  }

  from(photo: boolean): void {
    this.taking.fromPhoto.set(photo);
    this.cover().nativeElement.focus({ preventScroll: true });
  }

  onModeKey(event: KeyboardEvent): boolean {
    const isPressed = event.target instanceof HTMLButtonElement && (event.key === 'Enter' || event.key === ' ');
    const by = event.shiftKey ? 10 : 1;
    const moves: Record<string, readonly [number, number]> = {
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
      ArrowUp: [0, -by],
      ArrowDown: [0, by],
    };
    const move = moves[event.key];
    if (isPressed || (!move && !['Enter', ' ', 'f', 'F'].includes(event.key))) return false;
    if (move) this.taking.at.update(({ x, y }) => ({ x: x + move[0], y: y + move[1] }));
    else if (event.key === 'f' || event.key === 'F') this.taking.fromPhoto.update((photo) => !photo);
    else this.finish();
    return true;
  }

  private finish(): void {
    const colour = this.seen()?.colour;
    if (colour) this.taking.end(colour);
  }
}
