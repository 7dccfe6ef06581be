import { computed, inject, Injectable, signal } from '@angular/core';
import {
  applyFinish,
  changeDeveloping,
  changeFinish,
  developingOf,
  findItem,
  finishOf,
  fromPx,
  openingsOf,
  UNIT_DECIMALS,
  wholeFinishOf,
  type Developing,
  type Edit,
  type Finish,
  type FinishName,
  type Item,
  type PhotoFill,
  type WholeFinish,
} from '@kadrosyn/core';
import type { ChangeHow } from '../../interface/slider-field.component';
import { EditorSession } from '../session/session';
import { nameTogether } from '../stage/together-gestures';

/** The finish of what is selected: what it is, and the ways to change it. Of several items the first is shown, and all are changed. */
@Injectable()
export class FinishEditing {
  readonly session = inject(EditorSession);
  readonly swatches = computed(() => this.session.project()?.swatches ?? []);
  /** As they are shown. */
  readonly items = this.session.selectedItems;
  readonly finish = computed<Finish>(() => {
    const [item] = this.items();
    return item ? finishOf(item) : {};
  });
  /** Whether there is anything but groups: those have a shadow, opacity and blending alone. */
  readonly hasOpenings = computed(() => this.items().some(({ type }) => type === 'opening'));
  readonly isText = computed(() => this.items().every((item) => item.type === 'opening' && item.outline.type === 'lettering'));
  /** The first of the photos. */
  readonly photo = computed<PhotoFill | null>(() => {
    for (const { fill } of openingsOf(this.items())) if (fill.type === 'photo') return fill;
    return null;
  });
  readonly developing = computed<Developing>(() => {
    const photo = this.photo();
    return photo ? developingOf(photo) : {};
  });
  /** What was copied last, and the shorter side of the sheet it was copied on. */
  readonly copied = signal<{ readonly from: string; readonly side: number; readonly whole: WholeFinish } | null>(null);
  readonly name = computed(() => nameTogether(this.items()));

  /** How lengths are shown: px of the sheet to the project's unit. */
  readonly length = computed(() => {
    const [unit, dpi] = [this.session.project()?.unit ?? 'px', this.session.shownSheet()?.dpi ?? 72];
    const decimals = unit === 'px' ? 1 : UNIT_DECIMALS[unit];
    return { unit, dpi, decimals, factor: fromPx(1, unit, dpi), step: unit === 'px' ? 1 : 10 ** -decimals };
  });

  /** The shorter side of the sheet, px: what sliders reach up to is a share of it. */
  readonly side = computed(() => {
    const sheet = this.session.shownSheet();
    return sheet ? Math.min(sheet.width, sheet.height) : 1000;
  });

  /** What a new part of a finish is measured by, px: the sheet's shorter side, and for small items their own. */
  readonly extent = computed(() => {
    const [item] = this.items();
    const own = item?.type === 'opening' ? Math.min(item.box.width, item.box.height) : Infinity;
    return Math.min(this.side(), 3 * own);
  });

  /** Without the edit that is going on: changes begin from these. */
  settled(): readonly Item[] {
    const sheet = this.session.sheet();
    return this.items().flatMap(({ id }) => findItem(sheet?.items ?? [], id) ?? []);
  }

  /** @param what - named in the history: "Shadow of Arch". */
  change(what: string, change: (finish: Finish, item: Item) => Finish, how: ChangeHow = 'commit'): void {
    const { sheet } = this.session.context();
    this.apply(changeFinish(sheet, this.settled(), change, `${what} of ${this.name()}`), how);
  }

  /** Brings a part of the finish, or takes it away. */
  togglePart<K extends FinishName>(part: K, what: string, on: boolean, first: NonNullable<Finish[K]>): void {
    this.change(on ? what : `No ${what.toLowerCase()}`, ({ [part]: _before, ...rest }) =>
      on ? { ...rest, [part]: first } : rest,
    );
  }

  /** Changes a part of the finish; items that have none yet get the one that is shown. */
  setPart<K extends FinishName>(part: K, what: string, change: Partial<NonNullable<Finish[K]>>, how?: ChangeHow): void {
    const shown = this.finish()[part];
    if (shown)
      this.change(
        what,
        (finish) => ({ ...finish, [part]: { ...((finish[part] ?? shown) as object), ...(change as object) } }),
        how,
      );
  }

  develop(what: string, change: (developing: Developing) => Developing, how: ChangeHow = 'commit'): void {
    const { sheet } = this.session.context();
    this.apply(changeDeveloping(sheet, this.settled(), change, `${what} of ${this.name()}`), how);
  }

  /** Keeps the finish of the first item, to be pasted onto others, on other sheets too. */
  copy(): void {
    const [item] = this.settled();
    if (item) this.copied.set({ from: item.name, side: this.side(), whole: wholeFinishOf(item) });
  }

  paste(): void {
    const copied = this.copied();
    if (!copied) return;
    const { sheet } = this.session.context();
    const name = `Finish of ${this.name()} as ${copied.from}`;
    this.session.commit(applyFinish(sheet, this.settled(), copied.whole, name, { factor: this.side() / copied.side }));
  }

  private apply(edit: Edit, how: ChangeHow): void {
    if (edit.operations.length > 0) this.session.applyAs(how, edit);
  }
}
