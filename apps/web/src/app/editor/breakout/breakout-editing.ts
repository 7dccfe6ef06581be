import { computed, inject, Injectable } from '@angular/core';
import {
  applyEdit,
  changeCrossing,
  changeCutout,
  changeItem,
  crossingKey,
  findItem,
  findSheet,
  KEPT_IN,
  letAll,
  letPair,
  letPiece,
  letRegion,
  letSide,
  type Crossing,
  type Edit,
  type Opening,
  type Overhangs,
  type Shadow,
  type Sides,
} from '@kadrosyn/core';
import type { CrossingSurvey, SeenPiece } from '@kadrosyn/render';
import type { ChangeHow } from '../../interface/slider-field.component';
import { EditorSession } from '../session/session';
import { BreakoutFinder, linkedFill, type Findings } from './breakout-finder';
import { namedRegions, type NamedRegion } from './breakout-words';

export type Side = keyof Sides<boolean>;
export const SIDES: readonly Side[] = ['top', 'right', 'bottom', 'left'];

/** Lets pieces out and in, and what crosses over and under; each is one step. */
@Injectable()
export class BreakoutEditing {
  private readonly session = inject(EditorSession);
  private readonly finder = inject(BreakoutFinder);

  /** Pieces with their numbers, as they are shown. */
  readonly pieces = computed<readonly SeenPiece[]>(() => this.finder.findings()?.overhang?.pieces ?? []);
  readonly regions = computed<readonly NamedRegion[]>(() => {
    const found = this.finder.findings();
    return found ? namedRegions(found.sheet, found.itemId, found.crossings) : [];
  });
  readonly overhangs = computed(() => this.session.selectedOpening()?.overhangs ?? KEPT_IN);

  /** Lets one piece out or in, by its number. */
  async letPiece(index: number, out: boolean): Promise<void> {
    const found = await this.finder.now();
    const piece = found?.overhang?.pieces[index];
    if (!found || !piece) return;
    const { overhang } = found.overhang.plan;
    const words = `${out ? 'Let' : 'Keep'} piece ${index + 1} of ${this.name()} ${out ? 'out' : 'in'}`;
    this.change((overhangs) => letPiece(overhangs, overhang, piece.label, out), words);
  }

  async letSide(side: Side, out: boolean): Promise<void> {
    const overhang = (await this.finder.now())?.overhang?.plan.overhang ?? null;
    const words = `${out ? 'Let' : 'Keep'} ${this.name()} ${out ? 'out' : 'in'} at the ${side}`;
    this.change((overhangs) => letSide(overhangs, overhang, side, out), words);
  }

  letAll(out: boolean): void {
    this.change((overhangs) => letAll(overhangs, out), `${out ? 'Let' : 'Keep'} all of ${this.name()} ${out ? 'out' : 'in'}`);
  }

  /** @param key - see `NamedRegion`. */
  async letRegion(key: string, isOver: boolean): Promise<void> {
    const found = await this.finder.now();
    const named = found && namedRegions(found.sheet, found.itemId, found.crossings).find((region) => region.key === key);
    if (!found || !named) return;
    const { survey, region } = named;
    const lowerIsOver = (survey.crossing.lower.itemId === found.itemId) === isOver;
    const words = `${this.name()} ${isOver ? 'over' : 'under'} ${named.long}`;
    const after = letRegion(survey.crossing, survey.plan.zone, region.label, lowerIsOver);
    this.commit(this.crossingEdit(found, survey.crossing, after, words));
  }

  /** In all places of one pair. */
  async letPair(survey: CrossingSurvey, isOver: boolean, name: string): Promise<void> {
    const found = await this.finder.now();
    if (!found) return;
    const lowerIsOver = (survey.crossing.lower.itemId === found.itemId) === isOver;
    const words = `${this.name()} ${isOver ? 'over' : 'under'} all of ${name}`;
    await this.changeCrossing(survey, (crossing) => letPair(crossing, lowerIsOver), words);
  }

  async changeCrossing(survey: CrossingSurvey, change: (crossing: Crossing) => Crossing, name: string): Promise<void> {
    const found = await this.finder.now();
    const key = crossingKey(survey.crossing);
    // As it is by now: it may have been changed since it was looked for.
    const crossing = found?.crossings.find((other) => crossingKey(other.crossing) === key)?.crossing;
    if (found && crossing) this.commit(this.crossingEdit(found, crossing, change(crossing), name));
  }

  /** Brings the shadow of the overhang, changes it, or takes it away. */
  setShadow(shadow: Shadow | null, what: string, how: ChangeHow = 'commit'): void {
    this.change(({ shadow: _before, ...rest }) => (shadow ? { ...rest, shadow } : rest), `${what} of ${this.name()}`, how);
  }

  /** Brings the dark under the feet of what stands on its print, changes it, or takes it away. */
  setContact(contact: NonNullable<Overhangs['contact']> | null, how: ChangeHow = 'commit'): void {
    const name = `${contact ? 'Dark' : 'No dark'} under the feet of ${this.name()}`;
    this.change(({ contact: _before, ...rest }) => (contact ? { ...rest, contact } : rest), name, how);
  }

  /** Changes the overhangs of the selected opening; its photo gets its newest cutout where it has none yet. */
  change(change: (overhangs: Overhangs) => Overhangs, name: string, how: ChangeHow = 'commit'): void {
    const opening = this.session.settledOpening();
    if (!opening) return;
    const { project, sheet } = this.session.context();
    const after = { overhangs: change(opening.overhangs ?? KEPT_IN) };
    const fill = linkedFill(project, opening);
    const edit: Edit = fill
      ? { name, operations: changeCutout(sheet, opening, { fill, ...after }, project.photos) }
      : changeItem(sheet, opening, after, name);
    this.session.applyAs(how, edit);
  }

  private commit(edit: Edit): void {
    this.session.commit(edit);
  }

  /** The crossing was found on a sheet where the photo had its cutout: the real one gets it in the same step. */
  private crossingEdit({ project, itemId }: Findings, before: Crossing, after: Crossing, name: string): Edit {
    const { sheet } = this.session.context();
    const item = findItem(sheet.items, itemId);
    const fill = item?.type === 'opening' ? linkedFill(project, item) : null;
    if (!fill) return changeCrossing(sheet, before, after, name);
    const operations = changeCutout(sheet, item as Opening, { fill }, project.photos);
    const cut = findSheet(applyEdit(this.session.context().project, { name, operations }), sheet.id)!;
    return { name, operations: [...operations, ...changeCrossing(cut, before, after, name).operations] };
  }

  private name(): string {
    return this.session.selected()?.name ?? '';
  }
}
