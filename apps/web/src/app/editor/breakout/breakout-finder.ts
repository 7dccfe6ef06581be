import { computed, DestroyRef, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import {
  applyEdit,
  changeCutout,
  crossingPairs,
  findItem,
  findSheet,
  newestCutout,
  resolvedFor,
  type Item,
  type Opening,
  type Project,
  type Sheet,
} from '@kadrosyn/core';
import {
  BROWSER_ENVIRONMENT,
  surveyCrossing,
  surveyOverhang,
  type CrossingSurvey,
  type OverhangSurvey,
  type RenderResources,
} from '@kadrosyn/render';
import { PhotoLevels } from '../../photos/photo-levels';
import { tabsFor } from '../panel/panel-tabs';
import { EditorSession } from '../session';
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

/** So long, ms, it is looked at pairs before others have a turn. */
const SLICE = 12;
/** The exact picture comes first: it makes most of what is looked at here. */
const AFTER_PICTURE = 40;

/** Looks for pieces and crossings of what is selected, while the Break out tab is open. Pair by pair, so that nothing has to wait for it. */
@Injectable()
export class BreakoutFinder {
  private readonly session = inject(EditorSession);
  private readonly levels = inject(PhotoLevels);
  private readonly store = inject(Store);
  private readonly tab = this.store.selectSignal(selectTab);
  private readonly isMoving = this.store.selectSignal(selectIsMoving);
  private readonly found = signal<Findings | null>(null);
  readonly isLooking = signal(false);
  private turn = 0;
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
      this.levels.version();
      if (this.isMoving()) return;
      untracked(() => {
        this.stop();
        if (itemId && sheet && shaper) void this.look(itemId);
        else this.found.set(null);
      });
    });
  }

  /** As it is now; looked at at once where that has not been done yet. */
  now(): Findings | null {
    const itemId = this.itemId();
    if (!itemId) return null;
    const [known, { project, sheet }] = [this.found(), this.session.context()];
    if (known?.itemId === itemId && known.project === project && findSheet(project, sheet.id) && !this.isLooking()) return known;
    this.stop();
    const work = this.survey(itemId);
    let step = work.next();
    while (!step.done) step = work.next();
    this.found.set(step.value);
    return step.value;
  }

  private stop(): void {
    this.turn++;
    clearTimeout(this.timer);
    this.isLooking.set(false);
  }

  private async look(itemId: string): Promise<void> {
    const { turn } = this;
    this.isLooking.set(true);
    await this.wait(AFTER_PICTURE);
    if (turn !== this.turn) return;
    const work = this.survey(itemId);
    let from = performance.now();
    const begun = from;
    for (let step = work.next(); ; step = work.next()) {
      if (step.done) {
        this.found.set(step.value);
        this.isLooking.set(false);
        performance.measure('kadrosyn:breakout', { start: begun });
        return;
      }
      if (performance.now() - from < SLICE) continue;
      await this.wait(0);
      if (turn !== this.turn) return;
      from = performance.now();
    }
  }

  private wait(ms: number): Promise<void> {
    return new Promise((resolve) => {
      this.timer = setTimeout(resolve, ms);
    });
  }

  private *survey(itemId: string): Generator<void, Findings | null> {
    const { project, sheet: kept, shaper } = this.session.context();
    const sheet = withNewestCutout(project, kept, itemId);
    const resolved = resolvedFor(sheet, project.roles);
    const item = findItem(resolved.items, itemId);
    if (!item) return null;
    const resources: RenderResources = {
      environment: BROWSER_ENVIRONMENT,
      photos: project.photos,
      source: this.levels,
      shaper,
      version: this.levels.version() + shaper.version,
    };
    const overhang = item.type === 'opening' ? surveyOverhang(resolved, item, resources) : null;
    yield;
    const crossings: CrossingSurvey[] = [];
    for (const pair of crossingPairs(sheet, itemId)) {
      const crossing = surveyCrossing(resolved, pair, resources);
      if (crossing) crossings.push(crossing);
      yield;
    }
    return { project, sheet, itemId, overhang, crossings };
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
