import { applyEdit, type Edit, type Operation } from '../document/edit.js';
import type { FitRule, SheetFill } from '../document/fill.js';
import { findSheet } from '../document/find-item.js';
import type { Opening } from '../document/item.js';
import { changeItemOperation } from '../document/make-edit.js';
import type { Project, Sheet } from '../document/project.js';
import { openingsShowing, pictureSize } from '../document/shown-sheets.js';
import type { Shaper } from '../lettering/shaper.js';
import { showsPicture } from './grip.js';
import { fitPhoto, openingHull, respectCover } from './opening-fit.js';

/** The fill of an opening that shows a sheet. The rule of what was there before is kept, as for a photo. */
export function fillWithSheet(opening: Opening, sheet: Sheet, shaper: Shaper): SheetFill {
  const { fill } = opening;
  const rule: FitRule = showsPicture(fill) && fill.fit === 'whole' ? 'whole' : 'fill';
  return {
    type: 'sheet',
    sheetId: sheet.id,
    fit: rule,
    placement: fitPhoto(rule, opening, pictureSize(sheet), shaper),
    ...(rule === 'whole' ? { keepCovered: false } : {}),
  };
}

/**
 * An edit with what it does to openings that show sheets which get another size by it: these are fitted again by their rule, and what was placed by hand
 * stays as wide on its own sheet as it was, as far as no gap is shown.
 */
export function followShown(project: Project, edit: Edit, shaper: Shaper): Edit {
  const resized = edit.operations.filter(
    (operation) => operation.type === 'change-sheet' && ('width' in operation.after || 'height' in operation.after),
  );
  const shown = resized.flatMap((operation) =>
    operation.type === 'change-sheet' && openingsShowing(project, operation.sheetId).length > 0 ? [operation.sheetId] : [],
  );
  if (shown.length === 0) return edit;
  const after = applyEdit(project, edit);
  const operations = shown.flatMap((id) => refitted(after, findSheet(project, id)!, findSheet(after, id)!, shaper));
  return { ...edit, operations: [...edit.operations, ...operations] };
}

function refitted(project: Project, was: Sheet, is: Sheet, shaper: Shaper): Operation[] {
  const [before, after] = [pictureSize(was), pictureSize(is)];
  return openingsShowing(project, is.id).map(({ sheet, opening }) => {
    const { fill } = opening;
    const kept = { ...fill.placement, scale: (fill.placement.scale * before.width) / after.width };
    const placement =
      fill.fit === 'own'
        ? respectCover(fill, kept, openingHull(opening, shaper), after)
        : fitPhoto(fill.fit ?? 'fill', opening, after, shaper, fill.placement);
    return changeItemOperation(sheet, opening, { fill: { ...fill, placement } });
  });
}
