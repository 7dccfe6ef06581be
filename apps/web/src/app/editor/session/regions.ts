import { DestroyRef, Directive, ElementRef, inject, Injectable, input, type OnInit } from '@angular/core';

/** The parts of the editor in the order in which they are read. */
const ORDER = ['header', 'depth', 'stage', 'panel', 'supplies'] as const;
const STOPS = 'button:not([disabled]):not([tabindex="-1"]), a[href], input:not([disabled]), select, [tabindex="0"]';

/** A part of the editor that keys go to; `chips` are the pieces and crossings on the sheet. */
export type RegionName = (typeof ORDER)[number] | 'chips';

/** Where the parts of the editor are on the page, so that keys can go from one to the next. */
@Injectable()
export class Regions {
  private readonly places = new Map<RegionName, HTMLElement>();

  set(name: RegionName, place: HTMLElement): void {
    this.places.set(name, place);
  }

  remove(name: RegionName, place: HTMLElement): void {
    if (this.places.get(name) === place) this.places.delete(name);
  }

  find(name: RegionName): HTMLElement | undefined {
    return this.places.get(name);
  }

  /** Keys are for this part from now on. */
  focus(name: RegionName): void {
    this.places.get(name)?.focus({ preventScroll: true });
  }

  /** Goes to the first thing of the next part, so that nobody has to pass everything with Tab. */
  focusNext(back: boolean): void {
    const parts = ORDER.map((name) => this.places.get(name));
    const now = parts.findIndex((part) => part?.contains(document.activeElement));
    const next = parts[(now + (back ? -1 : 1) + parts.length) % parts.length] ?? parts[0];
    if (next?.matches('[tabindex="0"]')) next.focus();
    else next?.querySelector<HTMLElement>(STOPS)?.focus();
  }

  /** Goes to the next piece or crossing on the sheet, from the last to the first. False where there are none. */
  focusNextChip(back: boolean): boolean {
    const chips = [...(this.places.get('chips')?.querySelectorAll('button') ?? [])];
    const now = chips.indexOf(document.activeElement as HTMLButtonElement);
    const next = now < 0 ? (back ? chips.length - 1 : 0) : (now + (back ? -1 : 1) + chips.length) % chips.length;
    chips[next]?.focus({ preventScroll: true });
    return chips.length > 0;
  }
}

/** Makes an element a part of the editor that keys go to. */
@Directive({ selector: '[kaRegion]' })
export class RegionDirective implements OnInit {
  readonly kaRegion = input.required<RegionName>();
  private readonly regions = inject(Regions);
  private readonly place = inject<ElementRef<HTMLElement>>(ElementRef).nativeElement;
  private readonly destroyed = inject(DestroyRef);

  ngOnInit(): void {
    const name = this.kaRegion();
    this.regions.set(name, this.place);
    this.destroyed.onDestroy(() => this.regions.remove(name, this.place));
  }
}
