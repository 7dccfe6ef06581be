import { readFileSync } from 'node:fs';
import { deflateSync } from 'node:zlib';
import { createRequire } from 'node:module';
import { fileURLToPath } from 'node:url';

const FACE = 'shrikhand';

/** The faces of the application come with the samples. */
const packaged = (ending: string): Buffer => {
  const { resolve } = createRequire(new URL('../../../demo/package.json', import.meta.url));
  return readFileSync(resolve(`@fontsource/${FACE}/files/${FACE}-latin-400-normal.${ending}`));
};
const faces = fileURLToPath(new URL('../../../build/faces/', import.meta.url));

/** Good files to begin with: one of each kind that can be added. */
export const GOOD_TTF = readFileSync(`${faces}shrikhand-latin.ttf`);
export const GOOD_WOFF2 = packaged('woff2');
export const GOOD_WOFF = packaged('woff');
export const VARIABLE_TTF = readFileSync(`${faces}fredoka-latin.ttf`);

/** A font file that somebody might send, broken or made to break something. */
export interface HostileFont {
  readonly name: string;
  readonly bytes: Buffer;
}

const hostile = (name: string, bytes: Buffer): HostileFont => ({ name, bytes });

/** A copy with some bytes changed. */
function changed(font: Buffer, change: (copy: Buffer) => void): Buffer {
  const copy = Buffer.from(font);
  change(copy);
  return copy;
}

/** Where a table of a TrueType font stands in its list. */
function entryOf(font: Buffer, tag: string): number {
  for (let at = 12; at < 12 + 16 * font.readUInt16BE(4); at += 16) if (font.toString('latin1', at, at + 4) === tag) return at;
  throw new RangeError(`no table ${tag}`);
}
const withEntry = (tag: string, change: (copy: Buffer, at: number) => void): Buffer =>
  changed(GOOD_TTF, (copy) => change(copy, entryOf(copy, tag)));
const noise = (length: number, seed: number): Buffer => {
  let state = seed;
  return Buffer.from(Array.from({ length }, () => (state = (Math.imul(state, 1_103_515_245) + 12_345) >>> 0) >>> 16));
};

/** Must be refused. */
export const REFUSED_FONTS: readonly HostileFont[] = [
  hostile('nothing', Buffer.alloc(0)),
  hostile('one byte', Buffer.from([0])),
  hostile('a picture', Buffer.from('\x89PNG\r\n\x1a\nxxxx', 'latin1')),
  hostile('a page', Buffer.from('<!DOCTYPE html><script>alert(1)</script>')),
  hostile('a collection of fonts', Buffer.concat([Buffer.from('ttcf'), GOOD_TTF])),
  hostile('only a signature', Buffer.from([0, 1, 0, 0])),
  hostile('only a header', GOOD_TTF.subarray(0, 12)),
  hostile('cut off in the list of tables', GOOD_TTF.subarray(0, 60)),
  hostile('cut off in the middle of its letters', GOOD_TTF.subarray(0, entryOf(GOOD_TTF, 'cmap'))),
  hostile('noise after a signature', Buffer.concat([Buffer.from([0, 1, 0, 0]), noise(20_000, 7)])),
  hostile('noise as OpenType', Buffer.concat([Buffer.from('OTTO'), noise(20_000, 8)])),
  hostile('a list of tables without end', changed(GOOD_TTF, (copy) => copy.writeUInt16BE(0xffff, 4)).subarray(0, 4000)),
  hostile(
    'no tables',
    changed(GOOD_TTF, (copy) => copy.writeUInt16BE(0, 4)),
  ),
  hostile(
    'letters outside the file',
    withEntry('cmap', (copy, at) => copy.writeUInt32BE(0xfffffff0, at + 8)),
  ),
  hostile(
    'without outlines',
    withEntry('glyf', (copy, at) => copy.write('xxxx', at, 'latin1')),
  ),
  hostile(
    'without a list of letters',
    withEntry('cmap', (copy, at) => copy.write('xxxx', at, 'latin1')),
  ),
  hostile(
    'outlines outside the file',
    withEntry('glyf', (copy, at) => copy.writeUInt32BE(0xfffffff0, at + 8)),
  ),
  hostile(
    'places of outlines outside the file',
    withEntry('loca', (copy, at) => copy.writeUInt32BE(0xfffffff0, at + 8)),
  ),
  hostile('a WOFF of a header only', GOOD_WOFF.subarray(0, 44)),
  hostile('a WOFF cut off', GOOD_WOFF.subarray(0, 400)),
  hostile('a WOFF of noise', Buffer.concat([GOOD_WOFF.subarray(0, 44), noise(4000, 9)])),
  hostile(
    'a WOFF whose table is outside',
    changed(GOOD_WOFF, (copy) => copy.writeUInt32BE(0xfffffff0, 44 + 4)),
  ),
  hostile(
    'a WOFF that says it is small and is not',
    changed(GOOD_WOFF, (copy) => copy.writeUInt32BE(10, 44 + 12)),
  ),
  hostile(
    'a WOFF that swells to four gigabytes',
    changed(GOOD_WOFF, (copy) => copy.writeUInt32BE(0xfffffff0, 44 + 12)),
  ),
  hostile('a WOFF that swells without end', bomb()),
  hostile('a WOFF2 of a header only', GOOD_WOFF2.subarray(0, 48)),
  hostile('a WOFF2 cut off', GOOD_WOFF2.subarray(0, 2000)),
  hostile(
    'a WOFF2 that says it is four gigabytes',
    changed(GOOD_WOFF2, (copy) => copy.writeUInt32BE(0xfffffff0, 16)),
  ),
  hostile('a WOFF2 of noise', Buffer.concat([GOOD_WOFF2.subarray(0, 48), noise(GOOD_WOFF2.length - 48, 10)])),
];

/** A table that is packed a thousand times smaller than it is. */
function bomb(): Buffer {
  const packed = deflateSync(Buffer.alloc(60 * 2 ** 20));
  const file = Buffer.alloc(44 + 20);
  file.write('wOFF', 0, 'latin1');
  file.writeUInt32BE(0x00010000, 4);
  file.writeUInt16BE(1, 12);
  file.write('glyf', 44, 'latin1');
  file.writeUInt32BE(64, 48);
  file.writeUInt32BE(packed.length, 52);
  file.writeUInt32BE(60 * 2 ** 20, 56);
  return Buffer.concat([file, packed]);
}

/** May be taken or refused; nothing else may come of them. */
export const DAMAGED_FONTS: readonly HostileFont[] = [
  hostile(
    'letters longer than the file',
    withEntry('cmap', (copy, at) => copy.writeUInt32BE(0xffffffff, at + 12)),
  ),
  ...[1, 2, 3, 4, 5, 6, 7, 8].map((seed) =>
    hostile(
      `a font with noise in it, ${seed}`,
      changed(GOOD_TTF, (copy) => noise(400, seed).copy(copy, 300 + seed * 1900)),
    ),
  ),
  ...['hmtx', 'hhea', 'maxp', 'head', 'GPOS', 'GSUB'].map((tag, index) =>
    hostile(
      `a font with noise for ${tag}`,
      withEntry(tag, (copy, at) => noise(Math.min(200, copy.readUInt32BE(at + 12)), index).copy(copy, copy.readUInt32BE(at + 8))),
    ),
  ),
  ...[1, 2, 3].map((seed) =>
    hostile(
      `a variable font with noise in it, ${seed}`,
      changed(VARIABLE_TTF, (copy) => noise(3000, seed).copy(copy, 2000 * seed)),
    ),
  ),
];
