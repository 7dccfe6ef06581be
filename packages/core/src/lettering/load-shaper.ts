import { Shaper, type FaceBytes } from './shaper.js';

/**
 * Starts HarfBuzz and loads the faces. In the browser `harfbuzz.wasm` is fetched from beside the script.
 * @throws RangeError when the fallback face is missing.
 */
export async function loadShaper(faces: readonly FaceBytes[]): Promise<Shaper> {
  return new Shaper(await import('harfbuzzjs'), faces);
}
