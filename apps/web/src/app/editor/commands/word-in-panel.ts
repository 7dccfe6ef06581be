import {
  applyEdit,
  hostsFor,
  insertItem,
  joinRegister,
  newLettering,
  newShapedOpening,
  type Edit,
  type GripContext,
  type LetteringRun,
  type Opening,
  type Project,
} from '@kadrosyn/core';

/** Shares of the sheet: height of the panel, where its middle lies, and how wide the word is. */
const PANEL = { height: 0.42, middle: 0.72, word: 0.86 } as const;

/**
 * A plain panel across the sheet with a wide word on it. Where the background or an opening behind shows a photo, the letters show it too, in
 * register: through them one looks at it.
 */
export function wordInPanel(
  context: GripContext & { readonly project: Project },
  { text, face, axes }: Pick<LetteringRun, 'text' | 'face' | 'axes'>,
): { readonly edit: Edit; readonly word: Opening } {
  const { sheet, project, photos, shaper } = context;
  const at = { x: sheet.width / 2, y: sheet.height * PANEL.middle };
  const square = { type: 'rectangle', radii: [0, 0, 0, 0] } as const;
  const panel: Opening = {
    ...newShapedOpening('Panel', square, at, sheet.width + 2, sheet.height * PANEL.height),
    fill: { type: 'colour', colour: { role: 'ground' } },
  };
  const ink = { type: 'colour', colour: { role: 'ink' } } as const;
  const run = { text, face, axes };
  const narrow = newLettering({ ...run, size: 100 }, at, ink, shaper);
  const size = Math.min((100 * sheet.width * PANEL.word) / narrow.box.width, sheet.height * PANEL.height * 0.8);
  const word = newLettering({ ...run, size }, at, ink, shaper);
  const name = `Add ${word.name} in a panel`;
  const laid = insertItem(sheet, panel, name);
  const below = applyEdit(project, laid).sheets.find(({ id }) => id === sheet.id)!;
  const lettered = [...laid.operations, ...insertItem(below, word, name).operations];
  const now = applyEdit(project, { name, operations: lettered }).sheets.find(({ id }) => id === sheet.id)!;
  const [host] = hostsFor(now, word);
  const joined = host ? joinRegister(now, [word], host, photos, shaper).operations : [];
  return { edit: { name, operations: [...lettered, ...joined] }, word };
}
