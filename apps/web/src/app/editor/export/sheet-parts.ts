import { inject, Injectable } from '@angular/core';
import { resolveSheet } from '@kadrosyn/core';
import { hasMood, sheetParts, type RenderResources, type SheetPart } from '@kadrosyn/render';
import { EditorSession } from '../session/session';

/** What sheets are made of on paper: outlines, and what only px can show. */
@Injectable()
export class SheetParts {
  private readonly session = inject(EditorSession);

  /** What stays sharp at any size, and what becomes a picture, and why, in words. @param sheetIds - of sheets of the project */
  words(sheetIds: readonly string[]): string {
    const project = this.session.project();
    if (!project) return '';
    const { shaper } = this.session.context();
    // Nothing is drawn for it: parts are asked for, not made.
    const resources = { shaper, photos: project.photos } as RenderResources;
    const sheets = sheetIds.flatMap((id) => resolveSheet(project, id) ?? []);
    const parts = sheets.flatMap((sheet) => sheetParts(sheet, resources));
    const count = (kind: SheetPart['kind']): number => parts.filter((part) => part.kind === kind).length;
    const moods = sheets.filter(hasMood).length;
    if (moods > 0 && moods === sheets.length) return `The mood makes ${moods === 1 ? 'the sheet' : 'each sheet'} one picture.`;
    const [outlines, pictures] = [count('outline'), count('picture')];
    const sharp =
      outlines === 0
        ? ''
        : outlines === 1
          ? 'One outline stays sharp at any size.'
          : `${outlines} outlines stay sharp at any size.`;
    const px = pictures === 0 ? '' : pictures === 1 ? 'The rest is one picture.' : `The rest is ${pictures} pictures.`;
    return `${sharp} ${outlines === 0 && pictures === 1 ? 'All of it is one picture.' : px}`.trim();
  }
}
