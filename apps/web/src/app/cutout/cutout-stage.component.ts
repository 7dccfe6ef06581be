import type { ElementRef } from '@angular/core';
import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  DestroyRef,
  effect,
  inject,
  signal,
  viewChild,
} from '@angular/core';
import { boxOf, type CutoutMark, type Point } from '@kadrosyn/core';
import { PhotoLevels } from '../photos/photo-levels';
import { CutoutPointer } from './cutout-pointer';
import { CutoutWork } from './cutout-work';
import { HeldBack } from './held-back';
import { hatch } from './hatch';

/** The photo with what is left out under a hatch, and all marks on it. */
@Component({
  selector: 'ka-cutout-stage',
  templateUrl: './cutout-stage.component.html',
  styleUrl: './cutout-stage.component.scss',
  host: {
    '(pointerdown)': 'pointer.down($event)',
    '(pointermove)': 'pointer.move($event)',
    '(pointerup)': 'pointer.up($event)',
    '(pointercancel)': 'pointer.cancel()',
    '(pointerleave)': 'pointer.hover.set(null)',
    '(contextmenu)': '$event.preventDefault()',
    '(dblclick)': 'pointer.path.close()',
    '(wheel)': 'onWheel($event)',
    '(keydown)': 'pointer.key($event)',
    '[style.cursor]': 'pointer.cursor()',
  },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CutoutStageComponent {
  readonly work = inject(CutoutWork);
  readonly pointer = inject(CutoutPointer);
  readonly held = inject(HeldBack);
  private readonly levels = inject(PhotoLevels);
  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private readonly ratio = signal(globalThis.devicePixelRatio || 1);

  /** What of the photo is kept, as it is known now. */
  private readonly kept = computed(() => this.work.preview()?.kept ?? this.work.answer()?.kept ?? null);

  readonly marks = computed(() => this.work.history.now().marks.flatMap((mark) => this.shown(mark)));
  readonly drawn = computed(() => {
    const mark = this.pointer.drawn();
    return mark ? this.shown(mark) : [];
  });
  readonly box = computed(() => {
    const mark = this.pointer.box();
    if (!mark) return null;
    const { left, top, right, bottom } = boxOf(mark);
    const [a, b] = [this.pointer.window.toWindow({ x: left, y: top }), this.pointer.window.toWindow({ x: right, y: bottom })];
    return { x: a.x, y: a.y, width: b.x - a.x, height: b.y - a.y };
  });
  readonly handles = computed(() => {
    const box = this.box();
    if (!box || this.work.tool() !== 'box') return [];
    return [0, 0.5, 1].flatMap((u) =>
      [0, 0.5, 1].flatMap((v) => (u === 0.5 && v === 0.5 ? [] : [{ x: box.x + u * box.width, y: box.y + v * box.height }])),
    );
  });
  /** The ring that shows how wide a stroke will be. */
  readonly ring = computed(() => {
    const [at, tool] = [this.pointer.hover(), this.work.tool()];
    if (!at || tool === 'box' || tool === 'trace') return null;
    return { ...this.pointer.window.toWindow(at), r: (this.work.strokeWidth() * this.pointer.window.view().scale) / 2 };
  });

  /** Places that a stroke would also have changed, each with its ring. */
  readonly places = computed(() =>
    this.held.places().map((place) => {
      const { x, y, width, height } = place.bounds;
      const { scale } = this.pointer.window.view();
      const middle = this.pointer.window.toWindow({ x: x + width / 2, y: y + height / 2 });
      const [across, down] = [(width * scale) / 2, (height * scale) / 2].map((half) => Math.max(10, half * Math.SQRT2));
      return { place, ...middle, across: across!, down: down!, isShown: place === this.held.shown() };
    }),
  );
  /** Px of the photo to those of the window. */
  readonly onWindow = computed(() => {
    const { scale, left, top } = this.pointer.window.view();
    return `translate(${left} ${top}) scale(${scale})`;
  });

  constructor() {
    const destroyed = inject(DestroyRef);
    afterNextRender(() => {
      const { nativeElement } = this.canvas();
      const observer = new ResizeObserver(([entry]) => {
        const { width, height } = entry!.contentRect;
        this.ratio.set(globalThis.devicePixelRatio || 1);
        this.pointer.window.size.set({ width, height });
      });
      observer.observe(nativeElement);
      destroyed.onDestroy(() => observer.disconnect());
    });
    effect(() => this.draw());
  }

  onWheel(event: WheelEvent): void {
    event.preventDefault();
    this.pointer.window.zoom(Math.exp(-event.deltaY / 400), { x: event.offsetX, y: event.offsetY });
  }

  private draw(): void {
    const [{ width, height }, photo, ratio] = [this.pointer.window.size(), this.work.photo(), this.ratio()];
    this.levels.version();
    const [kept, isOriginal] = [this.kept(), this.pointer.showsOriginal()];
    const { scale, left, top } = this.pointer.window.view();
    if (!photo || width === 0) return;
    const canvas = this.canvas().nativeElement;
    [canvas.width, canvas.height] = [Math.round(width * ratio), Math.round(height * ratio)];
    const context = canvas.getContext('2d')!;
    const level = this.levels.level(photo.id, scale * ratio);
    const at = [left * ratio, top * ratio, photo.width * scale * ratio, photo.height * scale * ratio] as const;
    if (!level) {
      context.fillStyle = '#8884';
      context.fillRect(...at);
      return;
    }
    // A level's picture has a border of one px.
    context.drawImage(level.image(), 1, 1, level.pixels.width, level.pixels.height, ...at);
    if (kept && !isOriginal) context.drawImage(hatch(canvas.width, canvas.height, at, kept, ratio), 0, 0);
  }

  private shown(mark: CutoutMark): { kind: CutoutMark['kind']; d: string; width: number }[] {
    const { kind, points, width } = mark;
    if (kind === 'box' || points.length < 2) return [];
    const { scale } = this.pointer.window.view();
    const places: Point[] = [];
    for (let i = 0; i + 1 < points.length; i += 2)
      places.push(this.pointer.window.toWindow({ x: points[i]!, y: points[i + 1]! }));
    const line = places.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`).join('');
    const isTrace = kind === 'trace';
    // A line of no length shows its round ends only if it is there at all.
    const d = isTrace ? `${line}Z` : places.length === 1 ? `${line}l0.01 0` : line;
    return [{ kind, d, width: isTrace ? 2 : Math.max(2, (width ?? 0) * scale) }];
  }
}
