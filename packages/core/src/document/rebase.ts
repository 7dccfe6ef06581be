import { operationKind, type Operation } from '../kinds/operations/operations.js';
import { EditConflict, type Edit } from './edit.js';
import type { Touched, Slot } from '../kinds/operations/operation-kind.js';

/** Two lists of edits that were made of one document, each as it must read after the other: both ways give the same document. */
export interface Rebased {
  readonly mine: readonly Edit[];
  readonly theirs: readonly Edit[];
}

/**
 * Joins what two people did to the same document: `mine` is to be applied after the given `theirs`, and the returned `theirs` after the given `mine`.
 * Edits keep their names; one of which nothing is left to do stays without operations. Places follow their neighbours; two things that are put in the same
 * place are ordered by their ids; of a value of several parts each may change another part.
 * @throws EditConflict where both changed the same thing in different ways, or one took away what the other needs.
 */
export function rebaseEdits(mine: readonly Edit[], theirs: readonly Edit[]): Rebased {
  let left: readonly Edit[] = theirs;
  const rebased = mine.map((edit) => {
    let own: Edit = edit;
    left = left.map((other) => {
      const [a, b] = crossed(own.operations, other.operations);
      own = { name: own.name, operations: a };
      return { name: other.name, operations: b };
    });
    return own;
  });
  return { mine: rebased, theirs: left };
}

/** How many pairs of operations `rebaseEdits` would look at: its time grows with them. */
export function rebaseWork(mine: readonly Edit[], theirs: readonly Edit[]): number {
  const count = (edits: readonly Edit[]): number => edits.reduce((sum, { operations }) => sum + operations.length, 0);
  return count(mine) * count(theirs);
}

function crossed(mine: readonly Operation[], theirs: readonly Operation[]): [readonly Operation[], readonly Operation[]] {
  let left = theirs;
  const rebased: Operation[] = [];
  for (const operation of mine) {
    let own: Operation | null = operation;
    const after: Operation[] = [];
    for (const other of left) {
      const kept: Operation | null = own === null ? other : rebaseOperation(other, own);
      if (own !== null) own = rebaseOperation(own, other);
      if (kept) after.push(kept);
    }
    left = after;
    if (own) rebased.push(own);
  }
  return [rebased, left];
}

/**
 * An operation as it must read after another one, both made of the same document; null where nothing is left to do.
 * @throws EditConflict as `rebaseEdits` does.
 */
export function rebaseOperation(operation: Operation, over: Operation): Operation | null {
  const kind = operationKind(operation);
  if (operation.type === over.type && kind.isSame?.(operation, over)) return kind.reconcile!(operation, over);
  const [mine, theirs] = [kind.touches(operation), operationKind(over).touches(over)];
  refuseWhereOneTakes(mine, theirs);
  refuseWhereOneTakes(theirs, mine);
  if (!kind.moved || !(mine.from ?? mine.to) || !(theirs.from ?? theirs.to)) return operation;
  const places = {
    ...(mine.from ? { from: slotAfter(mine.from, theirs, true) } : {}),
    ...(mine.to ? { to: slotAfter(mine.to, theirs, false) } : {}),
  };
  const isKept = places.from?.above === mine.from?.above && places.to?.above === mine.to?.above;
  return isKept ? operation : kind.moved(operation, places);
}

function refuseWhereOneTakes(one: Touched, other: Touched): void {
  const gone = new Set([...one.takes, ...one.makes]);
  for (const name of [...other.needs, ...other.takes, ...other.makes]) {
    if (gone.has(name)) throw new EditConflict(`One made or took away the ${name} that the other needs`);
  }
}

/**
 * A place after the list was changed by others.
 * @param isLeft - whether something lies there that leaves: what others put on the same neighbour came below it. What is put there is ordered with what
 *   others put there by their ids.
 */
function slotAfter(slot: Slot, { from, to }: Touched, isLeft: boolean): Slot {
  let { above } = slot;
  if (from?.list === slot.list && above === from.id) above = from.above;
  if (to?.list === slot.list && above === to.above && (isLeft || slot.id > to.id)) above = to.id;
  return { ...slot, above };
}
