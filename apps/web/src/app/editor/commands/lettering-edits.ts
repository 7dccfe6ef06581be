import {
  changeOpening,
  letteringProperties,
  letteringText,
  removeItem,
  type Edit,
  type GripContext,
  type LetteringOutline,
  type LetteringRun,
  type Opening,
} from '@kadrosyn/core';

export function letteringEdit(context: GripContext, opening: Opening, outline: LetteringOutline, name: string): Edit {
  return changeOpening(context.sheet, opening, letteringProperties(context, opening, outline), name);
}

/** Another text: a sample is then one's own. The name of the opening follows the text until it was chosen by hand. */
export function textEdit(context: GripContext, opening: Opening, outline: LetteringOutline): Edit {
  const before = nameFor(letteringText(opening.outline as LetteringOutline));
  const named = opening.name === before ? { name: nameFor(letteringText(outline)) } : {};
  const slot = opening.slot?.sample ? { slot: { ...opening.slot, sample: false } } : {};
  return changeOpening(
    context.sheet,
    opening,
    { ...letteringProperties(context, opening, outline), ...named, ...slot },
    'Edit text',
  );
}

/** What an opening is called after its text. */
function nameFor(text: string): string {
  return text.replace(/\s+/g, ' ').trim().slice(0, 40) || 'Lettering';
}

/** The same change to all runs. */
export function withRuns(outline: LetteringOutline, change: Partial<LetteringRun>): LetteringOutline {
  return { ...outline, runs: outline.runs.map((run) => ({ ...run, ...change })) };
}

/** Lettering whose text is gone shows nothing and could not be found again: it goes. Null where there is text. */
export function removeEmptyEdit(context: GripContext, opening: Opening): Edit | null {
  const isEmpty = opening.outline.type === 'lettering' && letteringText(opening.outline).trim() === '';
  return isEmpty ? removeItem(context.sheet, opening.id, 'Remove empty lettering') : null;
}
