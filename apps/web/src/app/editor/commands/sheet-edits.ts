import {
  changeItem,
  fillWithSheet,
  openingsShowing,
  type Edit,
  type GripContext,
  type Opening,
  type Project,
  type Sheet,
} from '@kadrosyn/core';

/** Shows another sheet in an opening, in place of what was there; a sample is then no sample any more. */
export function showSheetEdit({ sheet, shaper }: GripContext, opening: Opening, shown: Sheet): Edit {
  const slot = opening.slot?.sample ? { slot: { ...opening.slot, sample: false } } : {};
  return changeItem(
    sheet,
    opening,
    { fill: fillWithSheet(opening, shown, shaper), ...slot },
    `Show ${shown.name} in ${opening.name}`,
  );
}

/** Why a sheet can not be removed, in words for a person, and what to do; null where it can. */
export function whyKept(project: Project, { id, name }: Sheet): string | null {
  const showings = openingsShowing(project, id).filter(({ sheet }) => sheet.id !== id);
  if (showings.length === 0) return null;
  const places = showings.map(({ sheet, opening }) => `${opening.name} on ${sheet.name}`);
  const where = places.length > 1 ? `${places.slice(0, -1).join(', ')} and ${places.at(-1)}` : places[0];
  return `${name} was not removed: it is shown in ${where}. Take it out there first.`;
}
