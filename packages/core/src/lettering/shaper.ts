import type * as HarfBuzz from 'harfbuzzjs';
import type { LetteringRun } from '../document/outline.js';
import { PathBuilder, transformPath, type Path } from '../geometry/path.js';
import { FALLBACK_FACE } from './faces.js';

/** HarfBuzz positions are integers: with this many steps per font unit they keep their fractions. */
const STEPS = 64;

/** One line of shaped text. Lengths in px of the sheet; the baseline is y = 0 and y points down. */
export interface ShapedLine {
  readonly path: Path;
  readonly advance: number;
  /** Above the baseline. */
  readonly ascent: number;
  /** Below the baseline, positive. */
  readonly descent: number;
  /** From left to right, one for each cluster that HarfBuzz keeps apart. */
  readonly letters: readonly ShapedLetter[];
  /** Letters that no file of the face has; they are shown as the font's empty box. */
  readonly missing: readonly string[];
}

export interface ShapedLetter {
  /** Index into the text, in UTF-16 units. */
  readonly start: number;
  readonly x: number;
  readonly advance: number;
  readonly path: Path;
}

/** The bytes of a face: TrueType or OpenType files, asked for a letter in this order. */
export interface FaceBytes {
  readonly id: string;
  readonly files: readonly Uint8Array[];
}

interface LoadedFile {
  readonly font: HarfBuzz.Font;
  readonly upem: number;
  readonly covers: ReadonlySet<number>;
}

/**
 * Turns text into outlines with HarfBuzz. Results are the same in the browser and in Node.
 * Shaped lines are kept, so that drawing the same text again costs nothing.
 */
export class Shaper {
  private readonly faces: ReadonlyMap<string, readonly LoadedFile[]>;
  private readonly lines = new Map<string, ShapedLine>();
  private readonly draw: HarfBuzz.DrawFuncs;
  private glyph = new PathBuilder();

  /**
   * @param hb - the HarfBuzz module, already started.
   * @param faces - must include the fallback face.
   * @throws RangeError when the fallback face is missing.
   */
  constructor(
    private readonly hb: typeof HarfBuzz,
    faces: readonly FaceBytes[],
  ) {
    this.faces = new Map(faces.map((face) => [face.id, face.files.map((bytes) => this.loadFile(bytes))]));
    if (!this.faces.has(FALLBACK_FACE)) throw new RangeError(`The fallback face "${FALLBACK_FACE}" is not among the faces`);
    this.draw = new hb.DrawFuncs();
    this.draw.setMoveToFunc((x, y) => this.glyph.moveTo(x, y));
    this.draw.setLineToFunc((x, y) => this.glyph.lineTo(x, y));
    this.draw.setQuadraticToFunc((x1, y1, x, y) => this.glyph.quadTo(x1, y1, x, y));
    this.draw.setCubicToFunc((x1, y1, x2, y2, x, y) => this.glyph.cubicTo(x1, y1, x2, y2, x, y));
    this.draw.setClosePathFunc(() => this.glyph.close());
  }

  hasFace(id: string): boolean {
    return this.faces.has(id);
  }

  /** Shapes the text of one run as one line. A face that is not there is replaced by the fallback face. */
  shapeLine(run: LetteringRun): ShapedLine {
    const key = JSON.stringify([run.text, run.face, run.axes, run.size, run.tracking]);
    let line = this.lines.get(key);
    if (!line) {
      // A session types many texts; the oldest go first.
      if (this.lines.size >= 500) this.lines.delete(this.lines.keys().next().value!);
      line = this.shape(run);
      this.lines.set(key, line);
    }
    return line;
  }

  private shape(run: LetteringRun): ShapedLine {
    const files = this.faces.get(run.face) ?? this.faces.get(FALLBACK_FACE)!;
    for (const { font } of files) {
      font.setVariations(Object.entries(run.axes).map(([tag, value]) => new this.hb.Variation(tag, value)));
    }
    const tracking = (run.tracking / 1000) * run.size;
    const letters: ShapedLetter[] = [];
    const whole = new PathBuilder();
    const missing: string[] = [];
    let x = 0;
    for (const part of splitByFile(run.text, files)) {
      const file = files[part.file]!;
      if (!part.covered) missing.push(part.text);
      const unit = run.size / (file.upem * STEPS);
      const buffer = new this.hb.Buffer();
      buffer.addText(part.text);
      buffer.guessSegmentProperties();
      // With tracking a ligature would leave a gap on both of its sides but none inside.
      const features = run.tracking === 0 ? [] : [new this.hb.Feature('liga', 0), new this.hb.Feature('clig', 0)];
      this.hb.shape(file.font, buffer, features);
      for (const glyph of buffer.getGlyphInfosAndPositions()) {
        this.glyph = new PathBuilder();
        file.font.drawGlyph(glyph.codepoint, this.draw);
        const [dx, dy] = [(glyph.xOffset ?? 0) * unit, (glyph.yOffset ?? 0) * unit];
        const path = transformPath({ a: unit, b: 0, c: 0, d: -unit, e: x + dx, f: -dy }, this.glyph.build());
        const advance = (glyph.xAdvance ?? 0) * unit + tracking;
        whole.append(path);
        letters.push({ start: part.start + glyph.cluster, x, advance, path });
        x += advance;
      }
    }
    const { ascender, descender } = files[0]!.font.hExtents();
    const unit = run.size / (files[0]!.upem * STEPS);
    return {
      path: whole.build(),
      // The space after the last letter is not part of the line.
      advance: letters.length > 0 ? x - tracking : 0,
      ascent: ascender * unit,
      descent: -descender * unit,
      letters,
      missing,
    };
  }

  private loadFile(bytes: Uint8Array): LoadedFile {
    const face = new this.hb.Face(new this.hb.Blob(bytes));
    const font = new this.hb.Font(face);
    font.setScale(face.upem * STEPS, face.upem * STEPS);
    return { font, upem: face.upem, covers: new Set(face.collectUnicodes()) };
  }
}

interface Part {
  readonly text: string;
  readonly start: number;
  readonly file: number;
  readonly covered: boolean;
}

/** Cuts text where another file of the face is needed: the first file that has the letter, else the first of all. */
function splitByFile(text: string, files: readonly LoadedFile[]): Part[] {
  const parts: Part[] = [];
  let start = 0;
  for (const character of text) {
    const found = files.findIndex((file) => file.covers.has(character.codePointAt(0)!));
    const [file, covered] = [Math.max(found, 0), found >= 0];
    const last = parts.at(-1);
    if (last?.file === file && last.covered === covered) parts[parts.length - 1] = { ...last, text: last.text + character };
    else parts.push({ text: character, start, file, covered });
    start += character.length;
  }
  return parts;
}
