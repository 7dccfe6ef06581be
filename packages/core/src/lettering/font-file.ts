import type * as HarfBuzz from 'harfbuzzjs';
import type { FaceAxes } from './faces.js';

/** HarfBuzz positions are integers: with this many steps per font unit they keep their fractions. */
export const STEPS = 64;

/** A font file that letters can be taken from. */
export interface FontFile {
  readonly font: HarfBuzz.Font;
  readonly upem: number;
  readonly covers: ReadonlySet<number>;
  readonly axes: ReadonlySet<string>;
}

/** What a font says of itself. */
export interface FontWords {
  /** Family and style. */
  readonly name: string;
  readonly axes: FaceAxes;
  /** The code points that it has. */
  readonly letters: readonly number[];
}

/** @throws RangeError when the bytes hold no font that HarfBuzz can read. */
export function loadFontFile(hb: typeof HarfBuzz, bytes: Uint8Array): FontFile {
  const face = new hb.Face(new hb.Blob(bytes));
  const covers = new Set(face.collectUnicodes());
  if (!(face.upem > 0) || covers.size === 0) throw new RangeError('There is no font in the file that letters can be taken from');
  const font = new hb.Font(face);
  font.setScale(face.upem * STEPS, face.upem * STEPS);
  return { font, upem: face.upem, covers, axes: new Set(Object.keys(face.getAxisInfos())) };
}

/** @throws RangeError when the bytes hold no font that HarfBuzz can read. */
export function fontWords(hb: typeof HarfBuzz, bytes: Uint8Array): FontWords {
  loadFontFile(hb, bytes);
  const face = new hb.Face(new hb.Blob(bytes));
  const axes = Object.entries(face.getAxisInfos())
    .filter(
      ([tag, axis]) =>
        /^[A-Za-z0-9]{4}$/.test(tag) && axis.min < axis.max && axis.default >= axis.min && axis.default <= axis.max,
    )
    .slice(0, 16)
    .map(([tag, { min, max, default: value }]) => [tag, { min, max, default: value }] as const);
  return { name: fontName(face), axes: Object.fromEntries(axes), letters: [...face.collectUnicodes()] };
}

/** Family and style as a font calls itself (OpenType name table: 16 and 17, else 1 and 2). */
function fontName(face: HarfBuzz.Face): string {
  const ids = new Set(face.listNames().map(({ nameId }) => nameId));
  const read = (...wanted: number[]): string => {
    const id = wanted.find((candidate) => ids.has(candidate));
    return id === undefined
      ? ''
      : face
          .getName(id, 'en')
          .replace(/[\p{Control}\ufffe\uffff]/gu, '')
          .trim();
  };
  const [family, style] = [read(16, 1), read(17, 2)];
  const isPlain = style === '' || /^(regular|normal)$/i.test(style) || family.endsWith(style);
  return (isPlain ? family : `${family} ${style}`).slice(0, 100) || 'My face';
}
