import {
  afterNextRender,
  ChangeDetectionStrategy,
  Component,
  computed,
  effect,
  ElementRef,
  inject,
  viewChild,
} from '@angular/core';
import { Store } from '@ngrx/store';
import { apply, boxMatrix, caretAt, layOut, lettersOf, multiply, selectionQuads, type Point } from '@kadrosyn/core';
import { Regions } from '../../session/regions';
import { EditorSession } from '../../session/session';
import { StagePointer } from '../../stage/stage-pointer';
import { Viewport } from '../../stage/viewport';
import { EditorActions } from '../../state/editor.actions';
import { TextCaret } from './text-caret';

/**
 * The caret in a lettering on the sheet. The keyboard goes to a text field that is not seen, so that every way of writing works; what it holds
 * is set on the sheet as it changes.
 */
@Component({
  selector: 'ka-text-caret',
  template: `
    <svg (pointerdown)="onDown($event)" (pointermove)="onMove($event)" (pointerup)="dragging = false" (dblclick)="selectWord()">
      <path class="field" [attr.d]="field()" />
      <path class="selected" [attr.d]="selected()" />
      @if (caret(); as line) {
        <path class="caret under" [attr.d]="line" />
        <path class="caret" [attr.d]="line" />
      }
    </svg>
    <textarea
      #input
      aria-label="Text on the sheet"
      autocomplete="off"
      autocapitalize="off"
      spellcheck="false"
      wrap="off"
      maxlength="2000"
      [style.left.px]="inputAt().x"
      [style.top.px]="inputAt().y"
      (input)="take(input)"
      (keydown)="onKey($event)"
      (keyup)="sync(input)"
      (select)="sync(input)"
      (blur)="onBlur($event)"
    ></textarea>
  `,
  styleUrl: './text-caret.component.scss',
  host: { '(document:selectionchange)': 'onSelectionChange()' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TextCaretComponent {
  readonly typing = inject(TextCaret);
  private readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly store = inject(Store);
  private readonly regions = inject(Regions);
  private readonly pointer = inject(StagePointer);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  private readonly input = viewChild.required<ElementRef<HTMLTextAreaElement>>('input');
  dragging = false;

  private readonly laid = computed(() => {
    const [opening, shaper] = [this.typing.opening(), this.session.shaper()];
    if (!opening || !shaper) return null;
    const toStage = multiply(this.viewport.matrix(), boxMatrix(opening.box));
    return { opening, layout: layOut(opening.outline, shaper, opening.box.width), toStage };
  });

  readonly field = computed(() => {
    const laid = this.laid();
    if (!laid) return '';
    const { width, height } = laid.opening.box;
    return outline(
      [
        { x: 0, y: 0 },
        { x: width, y: 0 },
        { x: width, y: height },
        { x: 0, y: height },
      ].map((p) => apply(laid.toStage, p)),
    );
  });

  readonly selected = computed(() => {
    const laid = this.laid();
    const { anchor, focus } = this.typing.selection();
    if (!laid || anchor === focus) return '';
    const quads = selectionQuads(laid.layout, Math.min(anchor, focus), Math.max(anchor, focus));
    return quads.map((quad) => outline(quad.map((p) => apply(laid.toStage, p)))).join('');
  });

  readonly caret = computed(() => {
    const laid = this.laid();
    const { anchor, focus } = this.typing.selection();
    if (!laid || anchor !== focus) return null;
    const { foot, head } = caretAt(laid.layout, focus);
    const [a, b] = [apply(laid.toStage, foot), apply(laid.toStage, head)];
    return `M${a.x} ${a.y}L${b.x} ${b.y}`;
  });

  /** The field stands at the caret, where an input method shows its choices. */
  readonly inputAt = computed<Point>(() => {
    const laid = this.laid();
    return laid ? apply(laid.toStage, caretAt(laid.layout, this.typing.selection().focus).foot) : { x: 0, y: 0 };
  });

  constructor() {
    afterNextRender(() => {
      this.fill();
      this.input().nativeElement.focus({ preventScroll: true });
    });
    // Undo, the panel and the pointer change text and selection too.
    effect(() => {
      this.typing.text();
      this.typing.selection();
      this.fill();
    });
    // Another selection ends typing.
    effect(() => {
      if (!this.typing.opening()) this.typing.end();
    });
  }

  private fill(): void {
    const field = this.input().nativeElement;
    const text = this.typing.text();
    if (field.value !== text) field.value = text;
    const { anchor, focus } = this.typing.selection();
    const [from, to, direction] =
      anchor <= focus ? ([anchor, focus, 'forward'] as const) : ([focus, anchor, 'backward'] as const);
    if (field.selectionStart !== from || field.selectionEnd !== to) field.setSelectionRange(from, to, direction);
  }

  take(field: HTMLTextAreaElement): void {
    this.typing.type(field.value.replace(/\r\n?/g, '\n'), selectionOf(field));
  }

  sync(field: HTMLTextAreaElement): void {
    const now = selectionOf(field);
    const { anchor, focus } = this.typing.selection();
    if (now.anchor !== anchor || now.focus !== focus) this.typing.selection.set(now);
  }

  onSelectionChange(): void {
    const field = this.input().nativeElement;
    if (document.activeElement === field && field.value === this.typing.text()) this.sync(field);
  }

  onKey(event: KeyboardEvent): void {
    const undo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z';
    if (undo) this.store.dispatch(event.shiftKey ? EditorActions.redo() : EditorActions.undo());
    else if (event.key === 'Escape') {
      this.typing.end();
      this.regions.focus('stage');
    } else return;
    event.preventDefault();
    event.stopPropagation();
  }

  /** Going on in the panel (another face, a colour) does not end typing; going elsewhere does. */
  onBlur(event: FocusEvent): void {
    const to = event.relatedTarget;
    if (to instanceof Element && !to.closest('ka-side-panel, .cdk-overlay-container')) this.typing.end();
  }

  onDown(event: PointerEvent): void {
    const laid = this.laid();
    if (!laid || event.button !== 0) return;
    event.preventDefault();
    const at = this.at(event);
    const isOutside = !this.typing.isInMiddle(laid.opening, at, Infinity);
    if (isOutside) {
      // The press is for what lies there.
      this.typing.end();
      this.pointer.passOn(event);
      return;
    }
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    this.input().nativeElement.focus({ preventScroll: true });
    const place = this.typing.placeAt(laid.opening, at);
    this.typing.selection.update(({ anchor }) => ({ anchor: event.shiftKey ? anchor : place, focus: place }));
    this.dragging = true;
  }

  onMove(event: PointerEvent): void {
    const laid = this.laid();
    if (!this.dragging || !laid) return;
    const focus = this.typing.placeAt(laid.opening, this.at(event));
    this.typing.selection.update(({ anchor }) => ({ anchor, focus }));
  }

  selectWord(): void {
    const text = this.typing.text();
    const { focus } = this.typing.selection();
    const letters = lettersOf(text);
    const isWord = (index: number): boolean => index >= 0 && index < letters.length && !/\s/u.test(letters[index]!.letter);
    let from = Math.max(
      0,
      letters.findLastIndex(({ start }) => start <= Math.min(focus, text.length - 1)),
    );
    let to = from;
    while (isWord(from - 1)) from--;
    while (isWord(to)) to++;
    this.typing.selection.set({ anchor: letters[from]?.start ?? 0, focus: letters[to]?.start ?? text.length });
  }

  private at(event: PointerEvent): Point {
    const { left, top } = this.host.nativeElement.getBoundingClientRect();
    return this.viewport.toSheet({ x: event.clientX - left, y: event.clientY - top });
  }
}

function selectionOf(field: HTMLTextAreaElement) {
  const [from, to] = [field.selectionStart, field.selectionEnd];
  return field.selectionDirection === 'backward' ? { anchor: to, focus: from } : { anchor: from, focus: to };
}

function outline(points: readonly Point[]): string {
  return points.map((p, index) => `${index === 0 ? 'M' : 'L'}${p.x.toFixed(1)} ${p.y.toFixed(1)}`).join('') + 'Z';
}
