import { openingsOf } from './find-item.js';
import type { SheetFill } from './fill.js';
import type { Opening } from './item.js';
import type { Project, Sheet } from './project.js';

/** An opening that shows a sheet, and the sheet that it lies on. */
export interface Showing {
  readonly sheet: Sheet;
  readonly opening: Opening & { readonly fill: SheetFill };
}

/** All openings of a project that show a sheet. */
export function openingsShowing({ sheets }: Pick<Project, 'sheets'>, sheetId: string): Showing[] {
  return sheets.flatMap((sheet) =>
    [...openingsOf(sheet.items)].flatMap((opening) =>
      opening.fill.type === 'sheet' && opening.fill.sheetId === sheetId
        ? [{ sheet, opening: opening as Showing['opening'] }]
        : [],
    ),
  );
}

/** The size of the picture that a sheet is where it is shown: whole px of its own, without bleed. */
export function pictureSize({ width, height }: Pick<Sheet, 'width' | 'height'>): {
  readonly width: number;
  readonly height: number;
} {
  return { width: Math.max(1, Math.round(width)), height: Math.max(1, Math.round(height)) };
}

/** Ids of the sheets that a sheet shows, those within those too. Itself is among them only where it shows itself. */
export function sheetsShownBy({ sheets }: Pick<Project, 'sheets'>, sheetId: string): ReadonlySet<string> {
  const shown = new Set<string>();
  const look = (id: string): void => {
    for (const { fill } of openingsOf(sheets.find((sheet) => sheet.id === id)?.items ?? [])) {
      if (fill.type !== 'sheet' || shown.has(fill.sheetId)) continue;
      shown.add(fill.sheetId);
      look(fill.sheetId);
    }
  };
  look(sheetId);
  return shown;
}

/** Whether a sheet that showed another one would be seen in itself. */
export function wouldShowItself(project: Pick<Project, 'sheets'>, sheetId: string, shownId: string): boolean {
  return sheetId === shownId || sheetsShownBy(project, shownId).has(sheetId);
}
