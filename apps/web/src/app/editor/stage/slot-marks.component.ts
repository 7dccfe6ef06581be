import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import {
  boxBounds,
  boxMatrix,
  isHidden,
  multiply,
  openingPath,
  openingsOf,
  removeItem,
  seenPart,
  toPathData,
  transformBounds,
  transformPath,
  type Opening,
} from '@kadrosyn/core';
import { Notices } from '../session/notices';
import { EditorSession } from '../session/session';
import { TextCaret } from '../modes/text/text-caret';
import { Viewport } from './viewport';

/** Slots narrower than this on the screen have no room for words, css px. */
const ROOM = 130;

/** Marks stand so far inside their slot, css px: its edges are for handles. */
const INSET = 10;

/** What is seen while working and never exported: places that wait to be filled, samples, folds, and what overlays leave free. */
@Component({
  selector: 'ka-slot-marks',
  templateUrl: './slot-marks.component.html',
  styleUrl: './slot-marks.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SlotMarksComponent {
  readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly typing = inject(TextCaret);
  private readonly notices = inject(Notices);

  private readonly openings = computed(() => {
    const sheet = this.session.shownSheet();
    return sheet && this.session.shaper() ? [...openingsOf(sheet.items, isHidden)] : [];
  });

  /** Outlines of openings that show nothing: they could not be found otherwise. */
  readonly empty = computed(() => {
    const { shaper } = this.session.context();
    return this.openings()
      .filter(({ fill, finish }) => fill.type === 'none' && !finish.outline)
      .map((opening) => {
        const toStage = multiply(this.viewport.matrix(), boxMatrix(opening.box));
        return { id: opening.id, d: toPathData(transformPath(toStage, openingPath(opening, shaper)), 1) };
      });
  });

  /** A mark for each slot that is a sample still, or empty. */
  readonly marks = computed(() => {
    const selected = this.session.selected()?.id;
    return this.openings()
      .filter(({ slot, fill }) => slot && (slot.sample || fill.type === 'none'))
      .map((opening) => {
        const { x, y, width } = transformBounds(this.viewport.matrix(), boxBounds(opening.box));
        const isText = opening.outline.type === 'lettering';
        const isSelected = opening.id === selected;
        return {
          opening,
          isText,
          words: `${opening.slot!.sample ? 'Sample' : 'Empty'} · ${opening.slot!.hint}`,
          does: isText ? 'Type over it' : 'Choose it, then click a photo below',
          wide: width >= ROOM || isSelected,
          x: isText ? x : x + INSET,
          y: isText ? y : y + INSET,
        };
      });
  });

  readonly folds = computed(() => {
    const sheet = this.session.shownSheet();
    if (!sheet) return [];
    const { x, y, width, height } = transformBounds(this.viewport.matrix(), { x: 0, y: 0, ...sizeOf(sheet) });
    return (sheet.folds ?? []).map(({ axis, at }) => {
      const share = axis === 'vertical' ? at / sheet.width : at / sheet.height;
      return axis === 'vertical'
        ? { x1: x + share * width, x2: x + share * width, y1: y - 8, y2: y + height + 8 }
        : { x1: x - 8, x2: x + width + 8, y1: y + share * height, y2: y + share * height };
    });
  });

  /** What can be seen of the selected opening under the artwork over it. */
  readonly seen = computed(() => {
    // As they were before the edit that is going on: a photo that moves changes nothing here.
    const [opening, sheet, shaper] = [this.session.settledOpening(), this.session.sheet(), this.session.shaper()];
    if (!opening || !sheet || !shaper || opening.kind === 'artwork' || opening.outline.type === 'lettering') return null;
    const path = seenPart(sheet, opening, shaper);
    return path && toPathData(transformPath(this.viewport.matrix(), path), 1);
  });

  /** A caption is typed over at once; anything else is chosen. */
  choose(opening: Opening): void {
    this.session.select(opening.id);
    if (opening.outline.type === 'lettering') this.typing.begin(opening);
  }

  /** A caption that is not wanted goes by one act. */
  takeAway({ id, name }: Opening): void {
    // What is worked on stays selected: whoever takes hold of its edge next means the edge.
    const isSelected = this.session.selected()?.id === id;
    this.session.commit(removeItem(this.session.context().sheet, id, `Take away ${name}`), isSelected ? null : undefined);
    this.notices.sayWithUndo(`${name} was taken away.`);
  }
}

function sizeOf({ width, height }: { readonly width: number; readonly height: number }) {
  return { width, height };
}
