import { DestroyRef, inject, Injectable } from '@angular/core';
import type { ResolvedSheet } from '@kadrosyn/core';
import type { DrawnSheet } from '../../photos/photo-files';
import { PhotoLevels } from '../../photos/photo-levels';
import { FindingsEngine } from '../findings/findings-engine';
import { EditorSession } from './session';

/** Has sheets that others show drawn in a worker while a project is open. */
@Injectable()
export class SheetPictures {
  private readonly session = inject(EditorSession);
  private readonly findings = inject(FindingsEngine);

  constructor() {
    const levels = inject(PhotoLevels);
    const draw = (sheet: ResolvedSheet, wanted: number): Promise<DrawnSheet> =>
      this.findings.picture({ sheet, photos: this.session.context().project.photos, pairs: [] }, wanted);
    levels.sheetDrawer.set(draw);
    inject(DestroyRef).onDestroy(() => {
      if (levels.sheetDrawer() === draw) levels.sheetDrawer.set(null);
    });
  }
}
