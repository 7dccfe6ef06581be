import { ChangeDetectionStrategy, Component, computed, DestroyRef, ElementRef, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { formHolds, invertProjection, project, type AreaForm, type Point, type Projection } from '@kadrosyn/core';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { HeldCorner } from '../../stage/held-corner';
import { Viewport } from '../../stage/viewport';
import type { StageOverlay } from '../stage-mode';
import { AreaFinding } from './area-finding';
import { formOnStage, placesOnStage } from './form-on-stage';

/** A pointer that moves further than this while it is down draws a stroke, css px. */
const STROKE = 7;
/** Arrow keys move the place by this share of the photo, with Shift by more. */
const [STEP, LEAP] = [0.01, 0.05];
/** They move a corner by so many px of the photo, with Shift by more. */
const [FINE, COARSE] = [0.25, 4];

const ARROWS: Readonly<Record<string, Point>> = {
  ArrowLeft: { x: -1, y: 0 },
  ArrowRight: { x: 1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
};
const CORNERS = ['Upper left corner', 'Upper right corner', 'Lower right corner', 'Lower left corner'];

/** Lies over the stage while an area of a photo is pointed at. */
@Component({
  selector: 'ka-area-finder',
  imports: [MatButtonModule, MatButtonToggleModule, ShownToggleDirective],
  templateUrl: './area-finder.component.html',
  styleUrl: './area-finder.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AreaFinderComponent implements StageOverlay {
  readonly finding = inject(AreaFinding);
  private readonly viewport = inject(Viewport);
  private readonly held = inject(HeldCorner);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  readonly corners = CORNERS;
  readonly forms: readonly { readonly type: AreaForm['type']; readonly word: string }[] = [
    { type: 'flat', word: 'Corners' },
    { type: 'round', word: 'Round' },
    { type: 'traced', word: 'Outline' },
  ];
  /** The stroke that is being drawn, css px of the stage. */
  readonly stroke = signal<readonly Point[]>([]);
  readonly strokePoints = computed(() =>
    this.stroke()
      .map(({ x, y }) => `${x},${y}`)
      .join(' '),
  );
  /** Where arrow keys have led, px of the photo; null while the pointer points. */
  private readonly place = signal<Point | null>(null);

  constructor() {
    inject(DestroyRef).onDestroy(() => this.held.other.set(null));
  }

  readonly shown = computed(() => {
    const [form, toSheet] = [this.finding.form(), this.finding.toSheet()];
    return form && toSheet
      ? {
          path: formOnStage(form, toSheet, this.viewport.matrix()),
          corners: form.type === 'flat' ? this.onStage(form.corners, toSheet) : [],
        }
      : null;
  });

  readonly known = computed(() => {
    const toSheet = this.finding.toSheet();
    return toSheet
      ? this.finding.known().map((area) => ({ area, path: formOnStage(area.form, toSheet, this.viewport.matrix()) }))
      : [];
  });

  readonly cross = computed<Point | null>(() => {
    const [place, toSheet] = [this.place(), this.finding.toSheet()];
    return place && toSheet ? this.onStage([place], toSheet)[0]! : null;
  });

  readonly words = computed(() => {
    const { finding } = this;
    if (finding.pinned()) return finding.form()?.type === 'flat' ? 'Drag a corner to correct it.' : 'Is this the area?';
    // The way to a button would lead over other areas: while nothing is pinned, keys step.
    if (finding.candidates().length > 1) return 'A click takes it; + and − lead to a larger or smaller one.';
    if (finding.form()) return 'A click takes it.';
    if (!finding.isHere()) return 'The photo is still on its way.';
    if (finding.looking()) return 'Looking…';
    return finding.looked() ? 'No area here. Draw a stroke across an uneven one.' : 'Point at a pane, a card, a screen, a frame.';
  });

  press(event: PointerEvent): void {
    if (event.button !== 0) return;
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.stroke.set([this.at(event)]);
    this.place.set(null);
  }

  move(event: PointerEvent): void {
    const [stroke, at] = [this.stroke(), this.at(event)];
    if (stroke.length > 0) {
      const [first, last] = [stroke[0]!, stroke.at(-1)!];
      const far = stroke.length > 1 ? 3 : STROKE;
      const from = stroke.length > 1 ? last : first;
      if (Math.hypot(at.x - from.x, at.y - from.y) >= far) this.stroke.update((points) => [...points, at]);
      return;
    }
    this.place.set(null);
    const place = this.onPhoto(at);
    if (place && event.pointerType !== 'touch') void this.finding.look([place]);
  }

  release(event: PointerEvent): void {
    const stroke = this.stroke();
    this.stroke.set([]);
    if (stroke.length === 0) return;
    const places = stroke.map((p) => this.onPhoto(p)).filter((p) => p !== null);
    if (places.length !== stroke.length) return;
    if (stroke.length > 1) return void this.finding.look(places, true);
    const isShown = this.holds(places[0]!);
    // A finger has seen nothing before it is down: what it found stays to be looked at.
    if (isShown && (this.finding.pinned() || event.pointerType !== 'touch')) this.finding.take();
    else void this.finding.look(places, true);
  }

  leave(): void {
    this.stroke.set([]);
  }

  dragCorner(event: PointerEvent, index: number): void {
    event.stopPropagation();
    const target = event.currentTarget as SVGElement;
    target.setPointerCapture(event.pointerId);
    const from = this.at(event);
    const start = this.shown()!.corners[index]!;
    target.onpointermove = (move) => {
      const to = this.at(move);
      this.moveCorner(index, this.onPhoto({ x: start.x + to.x - from.x, y: start.y + to.y - from.y }));
    };
    target.onpointerup = target.onpointercancel = () => {
      target.onpointermove = target.onpointerup = target.onpointercancel = null;
      this.held.other.set(null);
    };
  }

  /** A corner that has the keys is shown large. */
  hold(index: number | null): void {
    const corner = index === null ? null : this.shown()?.corners[index];
    this.held.other.set(corner ? this.viewport.toSheet(corner) : null);
  }

  onModeKey(event: KeyboardEvent): boolean {
    if (event.ctrlKey || event.metaKey || event.altKey) return false;
    const arrow = ARROWS[event.key];
    if (arrow) return this.onArrow(event, arrow);
    switch (event.key) {
      case '+':
      case '=':
        return this.finding.step(1) || true;
      case '-':
        return this.finding.step(-1) || true;
      case 'Escape':
        this.finding.goBack();
        return true;
      case 'Enter':
        // A button that has the keys does what it says.
        if (event.target instanceof HTMLButtonElement) return false;
        this.finding.take();
        return true;
      default:
        return false;
    }
  }

  private onArrow(event: KeyboardEvent, { x, y }: Point): boolean {
    const index = event.target instanceof SVGElement ? event.target.dataset['corner'] : undefined;
    const [form, photo] = [this.finding.form(), this.finding.photo()];
    if (index !== undefined && form?.type === 'flat') {
      const by = event.shiftKey ? COARSE : FINE;
      const corner = form.corners[Number(index)]!;
      this.moveCorner(Number(index), { x: corner.x + x * by, y: corner.y + y * by });
      return true;
    }
    if (!photo || this.finding.pinned()) return false;
    const by = (event.shiftKey ? LEAP : STEP) * Math.max(photo.width, photo.height);
    const from = this.place() ?? { x: photo.width / 2, y: photo.height / 2 };
    const within = (value: number, most: number): number => Math.max(0, Math.min(most - 1, value));
    const to = { x: within(from.x + x * by, photo.width), y: within(from.y + y * by, photo.height) };
    this.place.set(to);
    void this.finding.look([to]);
    return true;
  }

  private moveCorner(index: number, to: Point | null): void {
    if (!to) return;
    this.finding.moveCorner(index, to);
    this.hold(index);
  }

  /** Whether a place of the photo lies in what is shown. */
  private holds(place: Point): boolean {
    const form = this.finding.form();
    return form !== null && formHolds(form, place);
  }

  private onStage(points: readonly Point[], toSheet: Projection): Point[] {
    return placesOnStage(points, toSheet, this.viewport.matrix());
  }

  private onPhoto(at: Point): Point | null {
    const toSheet = this.finding.toSheet();
    const back = toSheet && invertProjection(toSheet);
    return back && project(back, this.viewport.toSheet(at));
  }

  private at(event: PointerEvent): Point {
    const { left, top } = this.host.nativeElement.getBoundingClientRect();
    return { x: event.clientX - left, y: event.clientY - top };
  }
}
