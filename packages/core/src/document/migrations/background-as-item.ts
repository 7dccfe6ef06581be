import { isRaw, type Raw, type RawEdit } from './migration.js';

/**
 * Version 6: the photo behind a sheet is an opening of its own, at the back, locked; what lies behind it is clear, as it was. The tone that a veil gave
 * it is its own.
 */
export function backgroundAsItem(sheet: Raw, index: number, taken: ReadonlySet<string>): Raw {
  const { background, veil, items } = sheet;
  const { tone, ...plainVeil } = isRaw(veil) ? veil : {};
  const rest = { ...sheet, ...(isRaw(veil) ? { veil: plainVeil } : {}) };
  if (!isRaw(background) || background['type'] !== 'photo' || !Array.isArray(items)) return rest;
  const [width, height] = [Number(sheet['width']), Number(sheet['height'])];
  const opening = {
    type: 'opening',
    id: freeId(`background_${index + 1}`, taken),
    role: 'background',
    name: 'Background',
    kind: 'loose',
    outline: { type: 'rectangle', radii: [0, 0, 0, 0] },
    // As it was drawn: one px beyond the sheet. It covers the bleed too as soon as the sheet gets another size or another photo.
    box: { x: -1, y: -1, width: width + 2, height: height + 2, turn: 0 },
    fill: { ...background, ...(tone === undefined ? {} : { tone }) },
    finish: {},
    locked: true,
  };
  return { ...rest, background: { type: 'none' }, items: [opening, ...(items as unknown[])] };
}

/** Edits that say something of such a photo can not be told without what it lay on. @throws Error when one does. */
export function refuseBackgrounds(edits: readonly RawEdit[]): void {
  for (const { operations } of edits)
    for (const operation of operations) if (saysBackground(operation)) throw new Error('A background');
}

function saysBackground({ type, before, after, sheet }: Raw): boolean {
  const parts = type === 'change-sheet' ? [before, after] : [sheet];
  return parts.some(
    (part) =>
      isRaw(part) &&
      ((isRaw(part['background']) && part['background']['type'] === 'photo') || (isRaw(part['veil']) && 'tone' in part['veil'])),
  );
}

function freeId(wanted: string, taken: ReadonlySet<string>): string {
  let id = wanted;
  while (taken.has(id)) id += '_';
  return id;
}
