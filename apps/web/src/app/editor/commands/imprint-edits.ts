import {
  artworkAt,
  findOpening,
  fromImprint,
  imprintOf,
  isBackground,
  itemBounds,
  moveArtwork,
  onImprint,
  removeItem,
  type Edit,
  type Grip,
  type GripContext,
  type ImprintView,
  type Item,
  type Opening,
  type Point,
  type Project,
} from '@kadrosyn/core';

/** What edits of an imprint are made in. */
export type ImprintContext = GripContext & {
  /** The piece of artwork that was chosen last. */
  readonly artworkId?: string | null;
};

/** The imprint that an opening shows on a product; null where it shows none. */
export function imprintIn({ sheets }: Pick<GripContext, 'sheets'>, opening: Opening): ImprintView | null {
  return imprintOf({ sheets }, opening);
}

/** The piece of artwork that is worked on: the chosen one, else the only one. */
export function chosenArtwork({ sheet }: ImprintView, artworkId: string | null | undefined): Item | null {
  return sheet.items.find(({ id }) => id === artworkId) ?? (sheet.items.length === 1 ? sheet.items[0]! : null);
}

/** The product that an imprint lies on. */
export function productOf({ sheet }: Pick<GripContext, 'sheet'>, { host }: Opening): Opening | null {
  return (host && findOpening(sheet, host.itemId)) ?? null;
}

/**
 * What of an imprint is moved by a grip: *Artwork* one piece, *Imprint* all of them.
 * @param from - where it was taken hold of, px of the sheet; by keys, the chosen piece
 */
function movedPieces(view: ImprintView, grip: Grip, context: ImprintContext, from?: Point): readonly Item[] {
  if (grip !== 'photo') return view.sheet.items;
  const at = from && onImprint(view, from);
  const piece = (at && artworkAt(view, at)) ?? chosenArtwork(view, context.artworkId);
  return piece ? [piece] : view.sheet.items;
}

/** Artwork moved on the product by so much, px of the sheet. Null where nothing moves. */
export function moveImprintEdit(
  context: ImprintContext,
  view: ImprintView,
  grip: Exclude<Grip, 'both'>,
  delta: Point,
  from?: Point,
): Edit | null {
  const pieces = movedPieces(view, grip, context, from);
  const start = from ?? middleOf(view, pieces);
  if (!start) return null;
  return moveArtwork(view, pieces, start, { x: start.x + delta.x, y: start.y + delta.y });
}

/** Where the middle of artwork is seen. */
function middleOf(view: ImprintView, pieces: readonly Item[]): Point | null {
  const bounds = pieces[0] && itemBounds(pieces[0]);
  return bounds ? fromImprint(view, { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 }) : null;
}

/** What Delete removes of an imprint: *Artwork* a piece, else the whole of it with its sheet. */
export function deletedOfImprint(view: ImprintView, grip: Grip, context: ImprintContext): Item | null {
  return grip === 'photo' ? chosenArtwork(view, context.artworkId) : null;
}

/** Takes an imprint off the product; its sheet goes where nothing else shows it. */
export function removeImprintEdit(project: Pick<Project, 'sheets'>, context: GripContext, view: ImprintView): Edit {
  const { opening, sheet } = view;
  const taken = removeItem(context.sheet, opening.id, `Remove ${opening.name}`);
  const at = project.sheets.findIndex(({ id }) => id === sheet.id);
  const isElsewhere = project.sheets.some((other) =>
    other.items.some((item) => item.type === 'opening' && item.id !== opening.id && imprintOf(project, item)?.sheet === sheet),
  );
  if (isElsewhere || at < 0) return taken;
  const behind = project.sheets[at - 1]?.id ?? null;
  return { ...taken, operations: [...taken.operations, { type: 'remove-sheet', behind, sheet }] };
}

/** How what an imprint lies on is moved: all of it, or where it lies behind the sheet, its photo. */
export function productGrip(product: Opening): Grip {
  return isBackground(product) ? 'photo' : 'both';
}
