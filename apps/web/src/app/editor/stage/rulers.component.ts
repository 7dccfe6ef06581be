import { ChangeDetectionStrategy, Component, computed, ElementRef, inject, signal } from '@angular/core';
import { changeSheet, fromPx, newId, toPx, type Guide } from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { StageView } from './stage-view';
import { Viewport } from './viewport';

/** Thickness of a ruler, css px. */
const THICK = 20;
/** Marks with a number stand at least so far apart, css px. */
const APART = 58;
/** A guide let go so near to its ruler, or off the sheet, is taken away. */
const GONE = THICK + 4;

interface Tick {
  readonly at: number;
  readonly words: string;
}

/** Rulers along the upper and left edge of the stage, and the guides, which are pulled out of them. */
@Component({
  selector: 'ka-rulers',
  template: `
    @for (guide of guides(); track $index) {
      <div
        class="guide"
        [class.level]="guide.axis === 'horizontal'"
        [class.held]="view.rulers()"
        [style.left.px]="guide.axis === 'vertical' ? guide.at : 0"
        [style.top.px]="guide.axis === 'vertical' ? 0 : guide.at"
        (pointerdown)="begin($event, guide.axis, guide.index)"
      ></div>
    }
    @if (pulled(); as guide) {
      <div
        class="guide pulled"
        [class.level]="guide.axis === 'horizontal'"
        [style.left.px]="guide.axis === 'vertical' ? guide.at : 0"
        [style.top.px]="guide.axis === 'vertical' ? 0 : guide.at"
      >
        <span>{{ guide.words }}</span>
      </div>
    }
    @if (view.rulers()) {
      <div class="ruler top" title="Pull a guide out" (pointerdown)="begin($event, 'horizontal', null)">
        @for (tick of across(); track $index) {
          <span [style.left.px]="tick.at">{{ tick.words }}</span>
        }
      </div>
      <div class="ruler side" title="Pull a guide out" (pointerdown)="begin($event, 'vertical', null)">
        @for (tick of down(); track $index) {
          <span [style.top.px]="tick.at">{{ tick.words }}</span>
        }
      </div>
      <div class="ruler corner">{{ unit() }}</div>
    }
  `,
  styleUrl: './rulers.component.scss',
  host: { '(pointermove)': 'pull($event)', '(pointerup)': 'letGo($event)', '(pointercancel)': 'pulling.set(null)' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RulersComponent {
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  readonly view = inject(StageView);
  readonly unit = computed(() => this.session.project()?.unit ?? 'px');
  /** The guide in hand: `index` is null for a new one; css px of the stage. */
  readonly pulling = signal<{ readonly axis: Guide['axis']; readonly index: number | null; readonly at: number } | null>(null);

  readonly guides = computed(() => {
    const [sheet, pulling] = [this.session.shownSheet(), this.pulling()];
    if (!sheet) return [];
    const matrix = this.viewport.matrix();
    const onStage = ({ axis, at }: Guide): number => (axis === 'vertical' ? matrix.a * at + matrix.e : matrix.d * at + matrix.f);
    const guides = sheet.guides.map((guide, index) => ({ axis: guide.axis, at: onStage(guide), index }));
    return guides.filter(({ index }) => index !== pulling?.index);
  });

  readonly pulled = computed(() => {
    const pulling = this.pulling();
    if (!pulling) return null;
    const { axis, at } = pulling;
    return { axis, at, words: this.isGone(at) ? 'let go to remove' : `${this.lengthAt(axis, at)} ${this.unit()}` };
  });

  readonly across = computed(() => this.ticks(this.viewport.matrix().e, this.viewport.size().width));
  readonly down = computed(() => this.ticks(this.viewport.matrix().f, this.viewport.size().height));

  /** Numbers along a ruler whose 0 lies at `zero`, css px. */
  private ticks(zero: number, length: number): Tick[] {
    const sheet = this.session.shownSheet();
    if (!sheet || length === 0) return [];
    const perUnit = toPx(1, this.unit(), sheet.dpi) * this.viewport.zoom();
    const step = roundStep(APART / perUnit);
    const ticks: Tick[] = [];
    for (let n = Math.ceil(-zero / (perUnit * step)); zero + n * step * perUnit < length; n++) {
      ticks.push({ at: zero + n * step * perUnit, words: String(Math.round(n * step * 100) / 100) });
    }
    return ticks;
  }

  begin(event: PointerEvent, axis: Guide['axis'], index: number | null): void {
    event.stopPropagation();
    this.host.nativeElement.setPointerCapture(event.pointerId);
    this.pulling.set({ axis, index, at: this.along(event, axis) });
  }

  pull(event: PointerEvent): void {
    const pulling = this.pulling();
    if (pulling) this.pulling.set({ ...pulling, at: this.along(event, pulling.axis) });
  }

  letGo(event: PointerEvent): void {
    const pulling = this.pulling();
    this.pulling.set(null);
    if (!pulling) return;
    event.stopPropagation();
    const { axis, index, at } = pulling;
    const { sheet } = this.session.context();
    const rest = index === null ? [...sheet.guides] : sheet.guides.toSpliced(index, 1);
    if (this.isGone(at)) {
      if (index !== null) this.session.commit(changeSheet(sheet, { guides: rest }, 'Remove a guide'));
      return;
    }
    const id = index === null ? newId('guide') : sheet.guides[index]!.id;
    const guide: Guide = { id, axis, at: toPx(this.lengthAt(axis, at), this.unit(), sheet.dpi) };
    this.session.commit(changeSheet(sheet, { guides: [...rest, guide] }, index === null ? 'Add a guide' : 'Move a guide'));
  }

  private isGone(at: number): boolean {
    return at < GONE;
  }

  /** In the project's unit, as fine as one css px tells apart. */
  private lengthAt(axis: Guide['axis'], at: number): number {
    const { sheet } = this.session.context();
    const onSheet = this.viewport.toSheet({ x: at, y: at });
    const length = fromPx(axis === 'vertical' ? onSheet.x : onSheet.y, this.unit(), sheet.dpi);
    const fine = this.unit() === 'px' ? 1 : this.unit() === 'mm' ? 2 : 16;
    return Math.round(length * fine) / fine;
  }

  private along(event: PointerEvent, axis: Guide['axis']): number {
    const { left, top } = this.host.nativeElement.getBoundingClientRect();
    return axis === 'vertical' ? event.clientX - left : event.clientY - top;
  }
}

/** The next of 1, 2, 5, 10, 20, 50... */
function roundStep(least: number): number {
  const power = 10 ** Math.floor(Math.log10(Math.max(least, 1e-6)));
  return [1, 2, 5, 10].map((factor) => factor * power).find((step) => step >= least) ?? 10 * power;
}
