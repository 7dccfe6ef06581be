import { borderedPicture, BROWSER_ENVIRONMENT, type LevelChain } from '@kadrosyn/render';
import type { DecodedLevel } from './photo-decoder';

/** The levels of a chain from one down to the coarsest, each with its picture, to be handed out of a worker. */
export function bitmapLevels(chain: LevelChain, first: number): DecodedLevel[] {
  const levels: DecodedLevel[] = [];
  for (let index = first; index <= chain.coarsest; index++) {
    const pixels = chain.at(index);
    const picture = borderedPicture(pixels, BROWSER_ENVIRONMENT) as OffscreenCanvas;
    levels.push({ index, pixels, opaque: chain.opaque, bitmap: picture.transferToImageBitmap() });
  }
  return levels;
}

/** What of levels is handed over instead of copied. */
export function transferredParts(levels: readonly DecodedLevel[]): Transferable[] {
  return levels.flatMap(({ bitmap, pixels }) => [bitmap, pixels.data.buffer]);
}
