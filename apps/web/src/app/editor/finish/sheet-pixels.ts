import { computed, inject, Injectable } from '@angular/core';
import type { Pixels } from '@kadrosyn/core';
import { BROWSER_ENVIRONMENT, drawPlainSheet, sheetSize } from '@kadrosyn/render';
import { PhotoLevels } from '../../photos/photo-levels';
import { EditorSession } from '../session/session';

/** The longer side of the sheet where it is judged by its colours, px. */
const SIDE = 120;

/** The sheet drawn small and without its mood, to judge its light and dark. */
@Injectable()
export class SheetPixels {
  private readonly session = inject(EditorSession);
  private readonly levels = inject(PhotoLevels);
  /** Only what lies below the mood counts: while a mood is tried, nothing is drawn again. */
  private readonly below = computed(() => this.session.resolvedSheet(), {
    equal: (a, b) =>
      a === b || (!!a && !!b && a.items === b.items && a.background === b.background && a.veil === b.veil && a.id === b.id),
  });

  readonly small = computed<Pixels | null>(() => {
    this.levels.version();
    const [sheet, project, shaper] = [this.below(), this.session.project(), this.session.shaper()];
    if (!sheet || !project || !shaper) return null;
    const scale = SIDE / Math.max(sheet.width, sheet.height);
    const { width, height } = sheetSize(sheet, scale);
    const { context } = BROWSER_ENVIRONMENT.createSurface(width, height);
    const resources = { environment: BROWSER_ENVIRONMENT, photos: project.photos, source: this.levels, shaper, draft: true };
    drawPlainSheet(context, sheet, { scale, left: 0, top: 0 }, resources);
    return { width, height, data: context.getImageData(0, 0, width, height).data };
  });
}
