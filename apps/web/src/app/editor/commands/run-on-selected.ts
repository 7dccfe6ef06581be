import { groupItems, indexOf, listAround, removeItems, reorderItem, ungroupItem, type Item } from '@kadrosyn/core';
import type { KeyCommand } from './editor-keys';
import type { EditorSession } from '../session/session';
import { movable, moveTogetherEdit, nameTogether } from '../stage/together-gestures';
import { passedWords } from './passed-words';
import { removalWords } from './removal-words';
import { imprintIn } from './imprint-edits';
import { deleteEdit, deleteWord, duplicateEdit, duplicateTogetherEdit, moveEdit } from './item-edits';

/** Tells the person what happened; the second with a way back. */
export interface Say {
  readonly undoable: (words: string) => void;
  /** For a moment, about the order in depth. */
  readonly passed: (words: string) => void;
}

/** Does what a key asks of what is selected. False when there is nothing to work on. */
export function runOnSelected(command: KeyCommand, session: EditorSession, say: Say): boolean {
  const background = session.background();
  const items = background ? [background] : movable(session.selectedItems());
  const [item] = items;
  if (!item) return false;
  switch (command.do) {
    case 'group':
      return group(session, items);
    case 'ungroup':
      return ungroup(session, item);
    case 'forward':
    case 'back':
    case 'to-front':
    case 'to-back':
      return items.length === 1 && changeDepth(command.do, session, item, say);
    case 'delete':
    case 'duplicate':
    case 'nudge':
      return items.length > 1 ? runOnSeveral(command, session, items, say) : runOnOne(command, session, item, say);
    default:
      return false;
  }
}

export function group(session: EditorSession, items: readonly Item[]): boolean {
  const { sheet } = session.context();
  const made = groupItems(
    sheet,
    items.map(({ id }) => id),
    groupName(session),
  );
  if (!made || items.length < 2) return false;
  session.commit(made.edit, made.id);
  return true;
}

/** "Group", "Group 2"... */
function groupName(session: EditorSession): string {
  const { items } = session.context().sheet;
  const count = items.filter(({ type }) => type === 'group').length;
  return count === 0 ? 'Group' : `Group ${count + 1}`;
}

export function ungroup(session: EditorSession, item: Item): boolean {
  if (item.type !== 'group') return false;
  const { edit, ids } = ungroupItem(session.context().sheet, item);
  session.commit(edit, ids);
  return true;
}

const VERBS = { forward: 'Bring', 'to-front': 'Bring', back: 'Send', 'to-back': 'Send' } as const;
const ENDS = { forward: 'forward', 'to-front': 'to the front', back: 'back', 'to-back': 'to the back' } as const;

/** One step, or all the way, in the list that the item lies in. What it passed is said. */
export function changeDepth(how: keyof typeof VERBS, session: EditorSession, item: Item, say: Pick<Say, 'passed'>): boolean {
  const { sheet } = session.context();
  const index = indexOf(sheet, item.id);
  const to = { forward: index + 1, back: index - 1, 'to-front': Infinity, 'to-back': 0 }[how];
  bringTo(session, item, to, `${VERBS[how]} ${item.name} ${ENDS[how]}`, say);
  return true;
}

/** @param index - the place in its list, from the back. */
export function bringTo(session: EditorSession, item: Item, index: number, name: string, say: Pick<Say, 'passed'>): void {
  const { sheet } = session.context();
  const edit = reorderItem(sheet, item.id, index, name);
  const words = passedWords(listAround(sheet, item.id), item.id, index);
  if (words) say.passed(words);
  if (edit) session.commit(edit);
}

function runOnOne(command: KeyCommand, session: EditorSession, item: Item, say: Say): boolean {
  const context = session.context();
  const grip = session.grip();
  if (command.do === 'delete') {
    const { removes } = deleteWord(item, grip, context);
    const removed = removes === 'item';
    session.commit(deleteEdit(context, item, grip), removed ? null : item.id);
    const isPiece = !removed && item.type === 'opening' && imprintIn(context, item) !== null;
    const taken = isPiece ? `Artwork was removed from ${item.name}.` : `The photo was taken out; ${item.name} stays.`;
    say.undoable(removed ? removalWords(context.sheet, item) : taken);
  } else if (command.do === 'duplicate') {
    const { edit, id } = duplicateEdit(context, item);
    session.commit(edit, id);
  } else if (command.do === 'nudge') {
    const by = { x: command.x, y: command.y };
    session.commitAgain(item.type === 'opening' ? moveEdit(context, item, grip, by) : moveTogetherEdit(context, [item], by));
  }
  return true;
}

function runOnSeveral(command: KeyCommand, session: EditorSession, items: readonly Item[], say: Say): boolean {
  const context = session.context();
  if (command.do === 'delete') {
    const name = `Remove ${nameTogether(items)}`;
    session.commit(
      removeItems(
        context.sheet,
        items.map(({ id }) => id),
        name,
      ),
      null,
    );
    say.undoable(`${nameTogether(items)} were removed.`);
  } else if (command.do === 'duplicate') {
    const { edit, ids } = duplicateTogetherEdit(context, items);
    session.commit(edit, ids);
  } else if (command.do === 'nudge') {
    session.commitAgain(moveTogetherEdit(context, items, { x: command.x, y: command.y }));
  }
  return true;
}
