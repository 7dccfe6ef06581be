import { Type } from 'typebox';

/** The quality of a picture for which nobody chose one: no difference is seen at 100 %. */
export const USUAL_QUALITY = 92;

/** Options of formats that leave out what is hardly seen. */
export const QUALITY_OPTIONS = {
  quality: Type.Integer({ minimum: 1, maximum: 100, default: USUAL_QUALITY }),
  /** The file is no larger than this, bytes: its quality is the best of up to `quality` for which that is so. */
  mostBytes: Type.Optional(Type.Integer({ minimum: 1000, maximum: 2e9 })),
};

/** That a file is too large even at the lowest quality. */
export class TooManyBytes extends Error {
  /** @param bytes - of the smallest that there is */
  constructor(readonly bytes: number) {
    super(`The file has ${bytes} bytes at the lowest quality`);
  }
}

/**
 * The file of the best quality that is no larger than asked for, found by halving: sizes grow with quality.
 * @param encode - writes it at a quality of 1 to 100
 * @throws TooManyBytes when none is small enough
 */
export async function withinBytes(
  encode: (quality: number) => Promise<Uint8Array>,
  { quality, mostBytes }: { readonly quality: number; readonly mostBytes?: number | undefined },
): Promise<Uint8Array> {
  const best = await encode(quality);
  if (mostBytes === undefined || best.length <= mostBytes) return best;
  let [low, high] = [1, quality];
  let file = await encode(low);
  if (file.length > mostBytes) throw new TooManyBytes(file.length);
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    const tried = await encode(middle);
    if (tried.length <= mostBytes) [low, file] = [middle, tried];
    else high = middle;
  }
  return file;
}
