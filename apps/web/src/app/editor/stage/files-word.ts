import { acceptAt, type Point } from '@kadrosyn/core';
import type { EditorSession } from '../session/session';
import { dropWord } from './photo-drop';

/**
 * What letting go of files at a point of the sheet would do; null where it would do nothing. Takes the drag over from the browser, which
 * does not show files before they are let go, so the word alone says it.
 */
export function filesWord(event: DragEvent, session: EditorSession, at: Point): string | null {
  if (!event.dataTransfer?.types.includes('Files') || !session.shaper()) return null;
  event.preventDefault();
  event.dataTransfer.dropEffect = 'copy';
  const { shaper, ...looked } = session.context();
  const { act, opening } = acceptAt({ what: 'file' }, looked, at, shaper);
  return dropWord(act, opening);
}
