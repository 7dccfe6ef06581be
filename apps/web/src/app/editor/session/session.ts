import { computed, inject, Injectable, signal, type Signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type {
  Colour,
  Edit,
  Followed,
  Grip,
  Item,
  ItemProperties,
  LiteralColour,
  Opening,
  Project,
  LookedAt,
  ResolvedSheet,
  Shaper,
  Sheet,
} from '@kadrosyn/core';
import {
  changeItem,
  changeOpening,
  colourOfRole,
  findItem,
  findOpening,
  followHosts,
  followShown,
  imprintOf,
  isBackground,
  outermost,
  resolvedIn,
  STARTING_ROLES,
} from '@kadrosyn/core';
import { sizeWords } from '../../interface/sheet-words';
import { ShaperLoader } from '../../lettering/shaper-loader';
import type { ImprintContext } from '../commands/imprint-edits';
import { droppedWords, freedWords } from '../commands/dropped-words';
import { EditorActions, type Selection } from '../state/editor.actions';
import {
  selectGrip,
  selectProject,
  selectSelected,
  selectSelectedItems,
  selectSheet,
  selectShownProject,
  selectShownSheet,
} from '../state/editor.selectors';

/** The open project as the parts of the editor use it: signals to read, and the few ways to change it. */
@Injectable()
export class EditorSession {
  private readonly store = inject(Store);
  readonly project = this.store.selectSignal(selectProject);
  readonly sheet = this.store.selectSignal(selectSheet);
  readonly shownProject = this.store.selectSignal(selectShownProject);
  readonly shownSheet = this.store.selectSignal(selectShownSheet);
  /** The sheet as it is drawn and measured, with all that stands for something else replaced by it. Edits are made of the sheet itself. */
  readonly resolvedSheet = computed<ResolvedSheet | null>(() => {
    const [sheet, project] = [this.sheet(), this.project()];
    return sheet && project && resolvedIn(project, sheet);
  });
  /** As it is shown, with an edit that is going on. */
  readonly selected = this.store.selectSignal(selectSelected);
  /** All that is selected, as it is shown, from back to front. */
  readonly selectedItems = this.store.selectSignal(selectSelectedItems);
  private readonly chosenGrip = this.store.selectSignal(selectGrip);
  /** While Alt is held, the pointer moves the other thing: the photo, or with the grip on the photo the opening. */
  readonly gripSwapped = signal(false);
  /** The photo behind the sheet, where that is what is selected, without the edit that is going on. */
  readonly background = computed<Opening | null>(() => {
    const opening = this.settledOpening();
    return opening && isBackground(opening) ? opening : null;
  });
  readonly grip = computed<Grip>(() => {
    const chosen = this.isOnProduct() ? this.imprintGrip() : this.chosenGrip();
    // Of the background only its photo can be moved.
    if (this.background()) return 'photo';
    return this.gripSwapped() ? (chosen === 'photo' ? 'opening' : 'photo') : chosen;
  });
  /** The piece of artwork on an imprint that was chosen last. */
  readonly artworkId = signal<string | null>(null);
  /** What moves of an imprint; its artwork to begin with. */
  private readonly imprintGrip = signal<Grip>('photo');
  readonly isOnProduct = computed(() => imprintOf(this.project() ?? { sheets: [] }, this.settledOpening()) !== null);
  /** Clicks add to the selection and drags over the sheet draw a rectangle, as with Shift. */
  readonly selectsSeveral = signal(false);
  readonly shaper: Signal<Shaper | null> = inject(ShaperLoader).shaper;
  /** What is to be said to the person about the last edit. */
  readonly notice = signal<string | null>(null);

  readonly selectedOpening = computed<Opening | null>(() => {
    const item = this.selected();
    return item?.type === 'opening' ? item : null;
  });

  /** The selected opening without the edit that is going on: gestures begin from it. */
  readonly settledOpening = computed<Opening | null>(() => {
    const id = this.selected()?.id;
    const item = id ? findItem(this.sheet()?.items ?? [], id) : undefined;
    return item?.type === 'opening' ? item : null;
  });

  /** What moves together: several selected items, or the items of a group. Empty for a single opening. */
  readonly together = computed<readonly Item[]>(() => {
    const items = this.selectedItems();
    return items.length > 1 || items[0]?.type === 'group' ? items : [];
  });

  /** Several, or a group, without the edit that is going on: gestures begin from it. */
  settledTogether(): readonly Item[] {
    const sheet = this.sheet();
    return sheet
      ? outermost(
          sheet,
          this.together().map(({ id }) => id),
        )
      : [];
  }

  /** @throws Error before project and faces are there; the editor shows nothing that could ask by then. */
  context(): ImprintContext & LookedAt & { readonly project: Project } {
    const [project, sheet, resolved, shaper] = [this.project(), this.sheet(), this.resolvedSheet(), this.shaper()];
    if (!project || !sheet || !resolved || !shaper) throw new Error('The project is not open yet');
    const artworkId = this.artworkId();
    return { project, sheet, resolved, shaper, photos: project.photos, sheets: project.sheets, artworkId };
  }

  preview(edit: Edit | null): void {
    this.store.dispatch(EditorActions.preview({ edit: edit && this.followed(edit).edit }));
  }

  /** One undo step. What was dropped with it is said. */
  commit(wanted: Edit, select?: Selection): void {
    const { edit, freed } = this.followed(wanted);
    const words = [droppedWords(edit), freedWords(freed)].filter((one) => one !== '');
    if (words.length > 0) this.notice.set(words.join(' '));
    this.store.dispatch(select === undefined ? EditorActions.commit({ edit }) : EditorActions.commit({ edit, select }));
  }

  /** Joins the last step when that was the same kind of change of the same item, or the step called `joins`, though others may have followed it. */
  commitAgain(wanted: Edit, joins?: string): void {
    const { edit } = this.followed(wanted);
    this.store.dispatch(EditorActions.commitAgain(joins === undefined ? { edit } : { edit, joins }));
  }

  /** With what it does to openings that lie in areas of others, and to those that show sheets. */
  private followed(edit: Edit): Followed {
    const [project, shaper] = [this.project(), this.shaper()];
    if (!project || !shaper) return { edit, freed: [] };
    return followHosts(project, followShown(project, edit, shaper), shaper);
  }

  /** Shows an edit, makes it a step, or joins it to the last step of its kind. */
  applyAs(how: 'preview' | 'commit' | 'step', edit: Edit): void {
    if (how === 'preview') this.preview(edit);
    else if (how === 'commit') this.commit(edit);
    else this.commitAgain(edit);
  }

  select(itemId: string | null): void {
    this.store.dispatch(EditorActions.select({ itemId }));
  }

  selectSeveral(itemIds: readonly string[]): void {
    this.store.dispatch(EditorActions.selectSeveral({ itemIds }));
  }

  /** Adds an item to what is selected, or takes it out of it. */
  toggle(itemId: string): void {
    const ids = this.selectedItems().map(({ id }) => id);
    this.selectSeveral(ids.includes(itemId) ? ids.filter((id) => id !== itemId) : [...ids, itemId]);
  }

  /** The opening in whose photo's area another lies, as it is shown; null for one that lies free. */
  hostOf({ host }: Opening): Opening | null {
    const sheet = this.shownSheet();
    return (host && sheet && findOpening(sheet, host.itemId)) ?? null;
  }

  /** A colour as it is seen, #rrggbb or #rrggbbaa. */
  colourOf(colour: Colour): LiteralColour {
    return typeof colour === 'string' ? colour : colourOfRole(colour, this.shownProject()?.roles ?? STARTING_ROLES);
  }

  /** Width and height in the project's unit. */
  sizeWords(size: { readonly width: number; readonly height: number }): string {
    const { project, sheet } = this.context();
    return sizeWords(size, project.unit, sheet.dpi);
  }

  showSheet(sheetId: string): void {
    this.store.dispatch(EditorActions.showSheet({ sheetId }));
  }

  setGrip(grip: Grip): void {
    if (this.isOnProduct()) this.imprintGrip.set(grip);
    else this.store.dispatch(EditorActions.setGrip({ grip }));
  }

  /** An edit that changes one item of the sheet. */
  change(item: Item, after: ItemProperties, name: string): Edit {
    const sheet = this.requireSheet();
    return item.type === 'opening' ? changeOpening(sheet, item, after, name) : changeItem(sheet, item, after, name);
  }

  private requireSheet(): Sheet {
    const sheet = this.sheet();
    if (!sheet) throw new Error('There is no sheet yet');
    return sheet;
  }
}
