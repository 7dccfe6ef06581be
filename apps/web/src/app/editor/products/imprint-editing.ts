import { computed, inject, Injectable } from '@angular/core';
import {
  artworkAt,
  artworkSize,
  fromImprint,
  imprintOf,
  itemBounds,
  onImprint,
  transformArtwork,
  type ImprintView,
  type Item,
  type Point,
} from '@kadrosyn/core';
import { chosenArtwork } from '../commands/imprint-edits';
import { EditorSession } from '../session/session';
import type { Gesture } from '../stage/gesture';

/** Turns close to a multiple of this many degrees come to lie on it. */
const [TURN_STEP, TURN_REACH] = [15, 2.5];

/** The selected imprint and the artwork on it that is worked on, where it lies on the product. */
@Injectable()
export class ImprintEditing {
  private readonly session = inject(EditorSession);

  /** As it is shown. */
  readonly view = computed<ImprintView | null>(() => {
    const [project, opening] = [this.session.shownProject(), this.session.selectedOpening()];
    return project && imprintOf(project, opening);
  });
  readonly artwork = computed<Item | null>(() => {
    const view = this.view();
    return view && chosenArtwork(view, this.session.artworkId());
  });
  /** mm on the product. */
  readonly size = computed(() => {
    const [view, artwork] = [this.view(), this.artwork()];
    return view && artwork ? artworkSize(view.sheet, artwork) : null;
  });

  /** Without the edit that is going on: edits begin from it. */
  settled(): { readonly view: ImprintView; readonly artwork: Item | null } | null {
    const view = imprintOf(this.session.context().project, this.session.settledOpening());
    return view && { view, artwork: chosenArtwork(view, this.session.artworkId()) };
  }

  /** Chooses the artwork of the selected imprint at a place of the sheet, where some lies there. */
  choose(at: Point): void {
    const view = this.settled()?.view;
    const place = view && onImprint(view, at);
    const piece = place && artworkAt(view, place);
    if (piece) this.session.artworkId.set(piece.id);
  }

  /** Scales the chosen artwork about its middle. @param from - where a peg of it was taken hold of, px of the sheet */
  scaleGesture(from: Point): Gesture | null {
    return this.aboutMiddle(from, (view, artwork, [fromX, fromY], [x, y]) => {
      const [before, now] = [Math.hypot(fromX, fromY), Math.hypot(x, y)];
      return before > 0 ? transformArtwork(view, artwork, now / before, 0) : null;
    });
  }

  /** Turns the chosen artwork about its middle. */
  turnGesture(from: Point): Gesture | null {
    return this.aboutMiddle(from, (view, artwork, [fromX, fromY], [x, y]) => {
      const turn = ((Math.atan2(y, x) - Math.atan2(fromY, fromX)) * 180) / Math.PI;
      const near = Math.round(turn / TURN_STEP) * TURN_STEP;
      return transformArtwork(view, artwork, 1, Math.abs(turn - near) < TURN_REACH ? near : turn);
    });
  }

  private aboutMiddle(
    from: Point,
    change: (
      view: ImprintView,
      artwork: Item,
      from: readonly [number, number],
      to: readonly [number, number],
    ) => ReturnType<Gesture['move']>,
  ): Gesture | null {
    const settled = this.settled();
    const bounds = settled?.artwork && itemBounds(settled.artwork);
    const start = settled && onImprint(settled.view, from);
    if (!settled?.artwork || !bounds || !start) return null;
    const { view, artwork } = settled;
    const middle = { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 };
    const away = (p: Point): readonly [number, number] => [p.x - middle.x, p.y - middle.y];
    return {
      move: (at) => {
        const now = onImprint(view, at);
        return now && change(view, artwork, away(start), away(now));
      },
    };
  }

  /** Where places of the imprint are seen, px of the sheet. */
  seen(view: ImprintView, places: readonly Point[]): readonly (Point | null)[] {
    return places.map((place) => fromImprint(view, place));
  }
}
