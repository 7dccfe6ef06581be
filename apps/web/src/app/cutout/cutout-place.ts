import { InjectionToken, type Signal } from '@angular/core';
import type { Project, Shaper, Sheet } from '@kadrosyn/core';

/** Where a cutout is to stand: it is shown there while it is made. */
export interface CutoutPlace {
  readonly project: Signal<Project | null>;
  readonly sheet: Signal<Sheet | null>;
  readonly shaper: Signal<Shaper | null>;
}

export const CUTOUT_PLACE = new InjectionToken<CutoutPlace>('where a cutout is to stand');
