import { placeOf, reorderItem } from '@kadrosyn/core';
import type { KeyCommand } from '../editor-keys';
import type { EditorSession } from '../session';
import { removalWords } from './removal-words';
import { deleteEdit, deleteWord, duplicateEdit, moveEdit } from './item-edits';

/**
 * Does what a key asks of the selected item. False when there is nothing to work on.
 * @param say - tells the person what was taken away, with a way back.
 */
export function runOnSelected(command: KeyCommand, session: EditorSession, say: (words: string) => void): boolean {
  const context = session.context();
  const item = session.selected();
  if (!item || item.locked) return false;
  const grip = session.grip();
  if (command.do === 'delete') {
    const removed = deleteWord(item, grip).removes === 'item';
    session.commit(deleteEdit(context, item, grip), removed ? null : item.id);
    say(removed ? removalWords(context.sheet, item) : `The photo was taken out; ${item.name} stays.`);
  } else if (command.do === 'duplicate') {
    const { edit, id } = duplicateEdit(context, item);
    session.commit(edit, id);
  } else if (command.do === 'forward' || command.do === 'back') {
    const [step, name] = command.do === 'forward' ? [1, `Bring ${item.name} forward`] : [-1, `Send ${item.name} back`];
    const { index } = placeOf(context.sheet, item.id);
    const edit = reorderItem(context.sheet, item.id, index + step, name);
    if (edit) session.commit(edit);
  } else if (command.do === 'nudge' && item.type === 'opening') {
    session.commitAgain(moveEdit(context, item, grip, { x: command.x, y: command.y }));
  } else return false;
  return true;
}
