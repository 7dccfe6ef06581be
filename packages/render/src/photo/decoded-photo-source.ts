import { subjectOf, subjectPixels, type Pixels, type Plane } from '@kadrosyn/core';
import { BudgetCache } from '../kept/budget-cache.js';
import type { RenderEnvironment } from '../canvas/environment.js';
import { borderedPicture, LevelChain } from './level-chain.js';
import type { PhotoLevel, PhotoSource } from '../canvas/photo-source.js';

const PICTURE_BUDGET = 256 * 2 ** 20;

/** Photos that were decoded beforehand, for exports. Every level is there. */
export class DecodedPhotoSource implements PhotoSource {
  private readonly chains = new Map<string, LevelChain>();
  private readonly pictures = new BudgetCache<string, CanvasImageSource>(PICTURE_BUDGET);

  constructor(private readonly environment: RenderEnvironment) {}

  /**
   * @param pixels - upright px of level `index`; coarser levels are made from them.
   * @param full - size of level 0 in px.
   */
  add(photoId: string, pixels: Pixels, index = 0, full: { readonly width: number; readonly height: number } = pixels): void {
    this.chains.set(photoId, new LevelChain(pixels, index, full));
  }

  /** Adds a cutout of a photo whose level 0 is there. @param matte - of the photo's full size. */
  addMatte(photoId: string, matteSha256: string, matte: Plane): void {
    const photo = this.chains.get(photoId);
    if (!photo) throw new RangeError(`Photo ${photoId} has not been added`);
    const pixels = photo.at(0);
    this.chains.set(`${photoId}/${matteSha256}`, new LevelChain(subjectPixels(pixels, matte), 0, pixels));
  }

  /**
   * Adds a cutout as it is kept (see `cutoutPicture`) of a photo that is there.
   * @param index - the level of the photo that the kept picture has.
   */
  addCutout(
    photoId: string,
    matteSha256: string,
    cutout: Pixels,
    index: number,
    full: { readonly width: number; readonly height: number },
  ): void {
    const photo = this.chains.get(photoId);
    if (!photo) throw new RangeError(`Photo ${photoId} has not been added`);
    this.chains.set(`${photoId}/${matteSha256}`, new LevelChain(subjectOf(photo.at(index), cutout), index, full));
  }

  subject(photoId: string, matteSha256: string, scale: number): PhotoLevel | undefined {
    return this.level(`${photoId}/${matteSha256}`, scale);
  }

  level(photoId: string, scale: number): PhotoLevel | undefined {
    const chain = this.chains.get(photoId);
    if (!chain) return undefined;
    const index = chain.indexFor(scale);
    const pixels = chain.at(index);
    const key = `${photoId}/${index}`;
    const image = (): CanvasImageSource => {
      const known = this.pictures.get(key);
      if (known) return known;
      const picture = borderedPicture(pixels, this.environment);
      this.pictures.set(key, picture, pixels.data.byteLength);
      return picture;
    };
    return { index, pixels, opaque: chain.opaque, image };
  }
}
