import { DestroyRef, Directive, ElementRef, inject } from '@angular/core';

/**
 * A row that scrolls sideways and whose things never move under the pointer: when some are put in before what is pointed at, the row is scrolled on
 * by as much. When the pointer leaves, it goes back, and what has come is seen.
 */
@Directive({
  selector: '[kaSteadyRow]',
  host: {
    '(pointermove)': 'point($event)',
    '(pointerdown)': 'point($event)',
    '(pointerleave)': 'leave()',
    '(scroll)': 'onScroll()',
  },
})
export class SteadyRowDirective {
  private readonly row = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  /** What is pointed at, and where it lies in the row, however that is scrolled. */
  private anchor: { readonly thing: HTMLElement; left: number } | null = null;
  /** By how much it was scrolled on since the pointer came. */
  private scrolledOn = 0;
  private scrollsItself = false;

  constructor() {
    // It is told before the next picture is drawn.
    const observer = new MutationObserver(() => this.hold());
    observer.observe(this.row, { childList: true, subtree: true });
    inject(DestroyRef).onDestroy(() => observer.disconnect());
  }

  point({ target }: PointerEvent): void {
    const thing = target instanceof Element ? this.thingOf(target) : null;
    this.anchor = thing && { thing, left: thing.offsetLeft };
  }

  leave(): void {
    this.anchor = null;
    this.row.style.paddingInlineEnd = '';
    if (this.scrolledOn !== 0) this.row.scrollLeft -= this.scrolledOn;
    this.scrolledOn = 0;
  }

  /** What a person scrolls is theirs. */
  onScroll(): void {
    if (!this.scrollsItself) this.scrolledOn = 0;
    this.scrollsItself = false;
  }

  private hold(): void {
    const { anchor, row } = this;
    if (!anchor || !row.contains(anchor.thing)) return;
    const moved = anchor.thing.offsetLeft - anchor.left;
    if (moved === 0) return;
    anchor.left += moved;
    const wanted = row.scrollLeft + moved;
    const room = row.scrollWidth - row.clientWidth;
    // A row with few things has nowhere to go.
    if (wanted > room) {
      const padding = Number.parseFloat(getComputedStyle(row).paddingInlineEnd) || 0;
      row.style.paddingInlineEnd = `${padding + wanted - room}px`;
    }
    this.scrollsItself = true;
    row.scrollLeft = wanted;
    this.scrolledOn += moved;
  }

  /** The part of the row that holds an element. */
  private thingOf(target: Element): HTMLElement | null {
    let thing: Element | null = target;
    while (thing && thing.parentElement !== this.row) thing = thing.parentElement;
    return thing instanceof HTMLElement ? thing : null;
  }
}
