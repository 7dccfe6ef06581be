import { computed, DestroyRef, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  applyEdit,
  changeCutout,
  crossingPairs,
  findItem,
  findSheet,
  newestCutout,
  resolvedIn,
  type Item,
  type Opening,
  type Project,
  type Sheet,
} from '@kadrosyn/core';
import type { CrossingSurvey, OverhangSurvey } from '@kadrosyn/render';
import { PhotoLevels } from '../../photos/photo-levels';
import { FindingsEngine } from '../findings/findings-engine';
import { tabsFor } from '../panel/panel-tabs';
import { EditorSession } from '../session/session';
import { selectIsMoving, selectTab } from '../state/editor.selectors';

/** What was found of an item, and what it was found on. */
export interface Findings {
  readonly project: Project;
  /** The sheet as it is, but that the item's photo has the newest of its cutouts where it has none yet. */
  readonly sheet: Sheet;
  readonly itemId: string;
  readonly overhang: OverhangSurvey | null;
  readonly crossings: readonly CrossingSurvey[];
}

/** Something else was looked for, or another step was taken, before it was found. */
const OVERTAKEN = Symbol('overtaken');

/** What is being looked at, and what comes of it: the same for all that wait for it. */
interface Looking {
  readonly project: Project;
  readonly itemId: string;
  /** Of the levels and faces. */
  readonly version: number;
  readonly done: Promise<Findings | null | typeof OVERTAKEN>;
}

/** What is selected may be asked about next: everything is made ready when nothing has happened for so many ms. */
const AT_REST = 800;
/** The exact picture comes first. */
const AFTER_PICTURE = 40;

/** Looks for pieces and crossings of what is selected, while the Break out tab is open. */
@Injectable()
export class BreakoutFinder {
  private readonly session = inject(EditorSession);
  private readonly levels = inject(PhotoLevels);
  private readonly engine = inject(FindingsEngine);
  private readonly store = inject(Store);
  private readonly tab = this.store.selectSignal(selectTab);
  private readonly isMoving = this.store.selectSignal(selectIsMoving);
  private readonly found = signal<Findings | null>(null);
  readonly isLooking = signal(false);
  private going: Looking | null = null;
  private timer: ReturnType<typeof setTimeout> | undefined;

  /** What is looked at: the selected item, while the tab is open. */
  readonly itemId = computed(() => {
    const item = this.session.selected();
    const isOpen = this.tab() === 'breakout' && tabsFor(item).some(({ id }) => id === 'breakout');
    return item && isOpen ? item.id : null;
  });

  /** What is known of the selected item; while it is being looked at anew, what was known before. */
  readonly findings = computed(() => (this.found()?.itemId === this.itemId() ? this.found() : null));

  constructor() {
    inject(DestroyRef).onDestroy(() => this.stop());
    effect(() => {
      const [itemId, sheet, shaper] = [this.itemId(), this.session.sheet(), this.session.shaper()];
      this.session.selected();
      this.levels.version();
      if (this.isMoving()) return;
      untracked(() => {
        if (itemId && sheet && shaper && this.isGoing(itemId)) return;
        this.stop();
        if (!itemId || !sheet || !shaper) {
          this.found.set(null);
          if (sheet && shaper && this.session.selected()) this.timer = setTimeout(() => this.engine.warm(), AT_REST);
          return;
        }
        this.isLooking.set(true);
        this.timer = setTimeout(() => this.look(itemId), AFTER_PICTURE);
      });
    });
  }

  /** As it is now; waited for where that has not been looked at yet. */
  async now(): Promise<Findings | null> {
    for (;;) {
      const itemId = this.itemId();
      if (!itemId) return null;
      const { project } = this.session.context();
      const known = this.found();
      if (known?.itemId === itemId && known.project === project && !this.isLooking()) return known;
      const found = await (this.isGoing(itemId) ? this.going! : this.look(itemId)).done;
      if (found !== OVERTAKEN) return found;
    }
  }

  private stop(): void {
    clearTimeout(this.timer);
    this.going = null;
    this.isLooking.set(false);
  }

  /** Whether the item is being looked at as it is now. */
  private isGoing(itemId: string): boolean {
    const { project, shaper } = this.session.context();
    const { going } = this;
    return going?.project === project && going.itemId === itemId && going.version === this.levels.version() + shaper.version;
  }

  private look(itemId: string): Looking {
    this.stop();
    this.isLooking.set(true);
    const { project, shaper } = this.session.context();
    const version = this.levels.version() + shaper.version;
    const going: Looking = { project, itemId, version, done: this.survey(itemId).then((found) => this.take(going, found)) };
    this.going = going;
    return going;
  }

  private take(going: Looking, found: Findings | null): Findings | null | typeof OVERTAKEN {
    if (going !== this.going) return OVERTAKEN;
    this.going = null;
    this.found.set(found);
    this.isLooking.set(false);
    return this.session.context().project === going.project ? found : OVERTAKEN;
  }

  private async survey(itemId: string): Promise<Findings | null> {
    const { project, sheet: kept } = this.session.context();
    const sheet = withNewestCutout(project, kept, itemId);
    if (!findItem(sheet.items, itemId)) return null;
    const resolved = resolvedIn(project, sheet);
    const pairs = crossingPairs(sheet, itemId);
    const begun = performance.now();
    const answer = await this.engine.survey({ sheet: resolved, photos: project.photos, pairs }, itemId);
    if (!answer) return null;
    const { overhang, crossings } = answer;
    performance.measure('kadrosyn:breakout', { start: begun });
    return {
      project,
      sheet,
      itemId,
      overhang,
      // Those of the sheet are known by being the very same objects.
      crossings: crossings.flatMap((crossing, index) => (crossing ? { ...crossing, crossing: pairs[index]! } : [])),
    };
  }
}

/** The sheet with the newest cutout of its photo given to an opening that has none yet: so its pieces can be chosen at once. */
function withNewestCutout(project: Project, sheet: Sheet, itemId: string): Sheet {
  const item: Item | undefined = findItem(sheet.items, itemId);
  if (item?.type !== 'opening') return sheet;
  const linked = linkedFill(project, item);
  if (!linked) return sheet;
  const edit = { name: '', operations: changeCutout(sheet, item, { fill: linked }, project.photos) };
  return findSheet(applyEdit(project, edit), sheet.id)!;
}

/** The fill with the newest cutout of its photo; null where it has one already, or there is none. */
export function linkedFill({ photos }: Project, { fill }: Opening): (Opening['fill'] & { type: 'photo' }) | null {
  if (fill.type !== 'photo' || fill.cutout) return null;
  const photo = photos[fill.photoId];
  const cutout = photo && newestCutout(photo);
  return cutout ? { ...fill, cutout } : null;
}
