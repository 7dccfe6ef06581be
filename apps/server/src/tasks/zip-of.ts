import { zipSync } from 'fflate';

/** An archive (ZIP, APPNOTE 6.3) of files by their names. They are stored as they are: pictures do not become smaller by packing. */
export function zipOf(files: readonly (readonly [string, Uint8Array])[]): Uint8Array {
  return zipSync(Object.fromEntries(files), { level: 0 });
}
