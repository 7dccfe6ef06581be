import type { Project } from '../../document/project.js';

/** Where something lies in an ordered list: directly above another member of it, or at the back. */
export interface Slot {
  /** Names the list: the items of a sheet or of a group, the pages, the crossings or guides of a sheet. */
  readonly list: string;
  /** What is put in or taken out. */
  readonly id: string;
  /** The member that it lies on, counted from the back; null at the back. */
  readonly above: string | null;
}

/** What an operation does to the document and asks of it, in names. Names are made by `nameOf`. */
export interface Touched {
  /** What must be there for it. What it changes is among this. */
  readonly needs: readonly string[];
  readonly makes: readonly string[];
  readonly takes: readonly string[];
  /** The place that is left, in the list as it is before. */
  readonly from?: Slot;
  /** The place that is taken, in the list as it is without what is moved. */
  readonly to?: Slot;
}

/** One kind of operation, whole: everything that anything else needs to know of it. */
export interface OperationKind<Type extends string, T extends { readonly type: Type }> {
  readonly type: Type;
  /** The project after it; the given one is left as it is. @throws EditError when it names what is not there, or makes what is. */
  readonly apply: (project: Project, operation: T) => Project;
  /** What takes it back, to the letter. */
  readonly invert: (operation: T) => { readonly type: string };
  readonly touches: (operation: T) => Touched;
  /** The same with its places named by other neighbours. Only for kinds whose touches have places. */
  readonly moved?: (operation: T, places: Pick<Touched, 'from' | 'to'>) => T;
  /** Two steps as one, the later one of the same thing; null where that can not be. */
  readonly merge?: (earlier: T, later: T) => T | null;
  /**
   * The same after another operation of this kind that was made of the same document; null where nothing is left to do.
   * Only called where `isSame`. @throws EditConflict where both can not be.
   */
  readonly reconcile?: (operation: T, over: T) => T | null;
  /** Whether two of this kind are about the very same thing, so that `reconcile` decides. */
  readonly isSame?: (operation: T, over: T) => boolean;
  /**
   * The same as it must read on a document that others have changed since: what it finds there is what it goes back to.
   * @throws EditConflict when what it would change is not as it left it.
   */
  readonly refit: (project: Project, operation: T) => T;
}

/** Gives a definition its types. */
export function defineOperation<const Type extends string, T extends { readonly type: Type }>(
  kind: OperationKind<Type, T>,
): OperationKind<Type, T> {
  return kind;
}

/** Names of parts of a document, for `Touched`. */
export const nameOf = {
  item: (id: string) => `item ${id}`,
  sheet: (id: string) => `sheet ${id}`,
  background: (sheetId: string) => `background ${sheetId}`,
  photo: (id: string) => `photo ${id}`,
  placement: (sheetId: string, id: string) => `placement ${sheetId} ${id}`,
  crossing: (sheetId: string, pair: string) => `crossing ${sheetId} ${pair}`,
  guide: (sheetId: string, id: string) => `guide ${sheetId} ${id}`,
} as const;
