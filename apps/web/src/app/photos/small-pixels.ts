import { inject, Injectable } from '@angular/core';
import { alphaOf, invert, multiply, samplePixels, scaling, type Photo, type Pixels, type Plane } from '@kadrosyn/core';
import type { PhotoLevel } from '@kadrosyn/render';
import { PhotoLevels } from './photo-levels';

/** The longer side of a photo that is judged by its colours, px. */
const SIDE = 96;

/** Photos made small, to judge their colours. */
@Injectable({ providedIn: 'root' })
export class SmallPixels {
  private readonly levels = inject(PhotoLevels);
  private readonly kept = new Map<string, Pixels>();
  private readonly mattes = new Map<string, Plane>();

  /** Null while the photo has not arrived; ask again when `PhotoLevels.version` was raised. */
  of(photo: Photo): Pixels | null {
    const known = this.kept.get(photo.id);
    if (known) return known;
    const scale = SIDE / Math.max(photo.width, photo.height);
    const level = this.levels.level(photo.id, scale);
    if (!level) return null;
    const pixels = small(photo, level, scale);
    this.kept.set(photo.id, pixels);
    return pixels;
  }

  /** The same for what a cutout keeps. */
  matteOf(photo: Photo, matteSha256: string): Plane | null {
    const key = `${photo.id}/${matteSha256}`;
    const known = this.mattes.get(key);
    if (known) return known;
    const scale = SIDE / Math.max(photo.width, photo.height);
    const level = this.levels.subject(photo.id, matteSha256, scale);
    if (!level) return null;
    const matte = alphaOf(small(photo, level, scale));
    this.mattes.set(key, matte);
    return matte;
  }
}

function small(photo: Photo, level: PhotoLevel, scale: number): Pixels {
  const [width, height] = [Math.max(1, Math.round(photo.width * scale)), Math.max(1, Math.round(photo.height * scale))];
  const toSmall = multiply(scaling(width / photo.width, height / photo.height), scaling(2 ** level.index));
  return samplePixels(level.pixels, invert(toSmall), { width, height }, level.opaque);
}
