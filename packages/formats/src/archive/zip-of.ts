import { zipSync, type Zippable } from 'fflate';

/** The earliest that an archive can say: the same files give the same archive whenever it is written. */
const NO_TIME = new Date(1980, 0, 1);

/** An archive (ZIP, APPNOTE 6.3) of files by their names, in this order. Texts are packed, pictures stored as they are: they do not become smaller. */
export function zipOf(files: readonly (readonly [name: string, bytes: Uint8Array])[]): Uint8Array {
  const all: Zippable = {};
  for (const [name, bytes] of files) all[name] = [bytes, { level: /\.(json|xml)$/.test(name) ? 6 : 0, mtime: NO_TIME }];
  return zipSync(all);
}
