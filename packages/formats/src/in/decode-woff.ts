import { inflateSync } from 'node:zlib';

/** Bytes of the header and of one entry of its table list (WOFF File Format 1.0, sections 3 and 4). */
const HEADER = 44;
const ENTRY = 20;
/** The same of the font that comes out (OpenType, table directory). */
const SFNT_HEADER = 12;
const SFNT_ENTRY = 16;

/**
 * The font inside a WOFF file.
 * @param most - bytes that the font may have.
 * @throws RangeError when the file does not hold what its header says.
 */
export function decodeWoff(file: Buffer, most: number): Buffer {
  const count = file.length >= HEADER ? file.readUInt16BE(12) : 0;
  if (count === 0 || file.length < HEADER + count * ENTRY) throw new RangeError('The list of tables is cut off');
  const tables = Array.from({ length: count }, (_, index) => {
    const at = HEADER + index * ENTRY;
    const [offset, packed, length] = [file.readUInt32BE(at + 4), file.readUInt32BE(at + 8), file.readUInt32BE(at + 12)];
    if (offset + packed > file.length || packed > length) throw new RangeError('A table lies outside the file');
    return { tag: file.subarray(at, at + 4), checksum: file.readUInt32BE(at + 16), offset, packed, length };
  });
  const start = SFNT_HEADER + count * SFNT_ENTRY;
  const total = tables.reduce((sum, { length }) => sum + padded(length), start);
  if (total > most) throw new RangeError('The font is too large');
  const font = Buffer.alloc(total);
  font.writeUInt32BE(file.readUInt32BE(4), 0);
  font.writeUInt16BE(count, 4);
  const power = Math.floor(Math.log2(count));
  font.writeUInt16BE(16 * 2 ** power, 6);
  font.writeUInt16BE(power, 8);
  font.writeUInt16BE(16 * (count - 2 ** power), 10);
  let at = start;
  for (const [index, { tag, checksum, offset, packed, length }] of tables.entries()) {
    const entry = SFNT_HEADER + index * SFNT_ENTRY;
    tag.copy(font, entry);
    font.writeUInt32BE(checksum, entry + 4);
    font.writeUInt32BE(at, entry + 8);
    font.writeUInt32BE(length, entry + 12);
    const data = file.subarray(offset, offset + packed);
    const plain = packed < length ? inflateSync(data, { maxOutputLength: length }) : data;
    if (plain.length !== length) throw new RangeError('A table is not as long as it says');
    plain.copy(font, at);
    at += padded(length);
  }
  return font;
}

/** Tables begin at multiples of 4. */
function padded(length: number): number {
  return Math.ceil(length / 4) * 4;
}
