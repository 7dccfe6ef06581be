import { inject, Injectable } from '@angular/core';
import { invert, multiply, samplePixels, scaling, type Photo, type Pixels } from '@kadrosyn/core';
import { PhotoLevels } from './photo-levels';

/** The longer side of a photo that is judged by its colours, px. */
const SIDE = 96;

/** Photos made small, to judge their colours. */
@Injectable({ providedIn: 'root' })
export class SmallPixels {
  private readonly levels = inject(PhotoLevels);
  private readonly kept = new Map<string, Pixels>();

  /** Null while the photo has not arrived; ask again when `PhotoLevels.version` was raised. */
  of(photo: Photo): Pixels | null {
    const known = this.kept.get(photo.id);
    if (known) return known;
    const scale = SIDE / Math.max(photo.width, photo.height);
    const level = this.levels.level(photo.id, scale);
    if (!level) return null;
    const [width, height] = [Math.max(1, Math.round(photo.width * scale)), Math.max(1, Math.round(photo.height * scale))];
    const toSmall = multiply(scaling(width / photo.width, height / photo.height), scaling(2 ** level.index));
    const pixels = samplePixels(level.pixels, invert(toSmall), width, height, level.opaque);
    this.kept.set(photo.id, pixels);
    return pixels;
  }
}
