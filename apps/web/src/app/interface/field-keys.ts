/** Whether keys belong to a field that is being typed in. */
export function isTyping(target: EventTarget | null): boolean {
  if (!(target instanceof HTMLElement)) return false;
  return (
    target.isContentEditable ||
    target instanceof HTMLInputElement ||
    target instanceof HTMLTextAreaElement ||
    target instanceof HTMLSelectElement
  );
}

const WITHOUT_TEXT: ReadonlySet<string> = new Set(['range', 'checkbox', 'radio']);

/**
 * Whether a key is for the field that has the focus. From any, one can go on to the next part; where nothing is typed, as in a slider or a tick, letters
 * and figures mean what they mean on the sheet, and undo and the like work too.
 */
export function isForField({ target, key, ctrlKey, metaKey }: KeyboardEvent): boolean {
  if (!isTyping(target) || key === 'F6') return false;
  const hasText = !(target instanceof HTMLInputElement && WITHOUT_TEXT.has(target.type));
  const isSign = key.length === 1 && key !== ' ';
  return hasText || !(ctrlKey || metaKey || isSign);
}
