import type * as HarfBuzz from 'harfbuzzjs';
import type { LetteringRun } from '../kinds/outlines/lettering.js';
import { PathBuilder, transformPath, type Path } from '../geometry/path.js';
import { FACES, FALLBACK_FACE, FALLBACK_FACES, type Face } from './faces.js';
import { fontWords, loadFontFile, STEPS, type FontFile, type FontWords } from './font-file.js';
import { itemize, type Piece } from './itemize.js';
import { inCase } from './letter-case.js';

/** Lines that are kept; the oldest go first. */
const KEPT_LINES = 500;

/** One count for all shapers: what one of them has set is never taken for the work of another. */
let versions = 0;

/** A stretch of text in one style. */
export type TextRun = Pick<LetteringRun, 'text' | 'face' | 'standIn' | 'axes' | 'size' | 'tracking' | 'letterCase'>;

/** One line of shaped text. Lengths in px of the sheet; the baseline is y = 0 and y points down. */
export interface ShapedLine {
  readonly advance: number;
  /** Above the baseline. */
  readonly ascent: number;
  /** Below the baseline, positive. */
  readonly descent: number;
  /** From left to right as they are seen, one for each cluster that HarfBuzz keeps apart. */
  readonly letters: readonly ShapedLetter[];
  /** Letters that no loaded file has; they are shown as the font's empty box. */
  readonly missing: readonly string[];
}

export interface ShapedLetter {
  /** Where it begins and ends in the text of the line, in UTF-16 units. */
  readonly start: number;
  readonly end: number;
  readonly x: number;
  readonly advance: number;
  /** It belongs to text that runs from right to left. */
  readonly rightToLeft: boolean;
  readonly path: Path;
}

/** The bytes of a face: TrueType or OpenType files, asked for a letter in this order. */
export interface FaceBytes {
  readonly id: string;
  readonly files: readonly Uint8Array[];
}

/**
 * Turns text into outlines with HarfBuzz. Results are the same in the browser and in Node. Shaped lines are kept, so that drawing the same
 * text again costs nothing.
 */
export class Shaper {
  private readonly faces = new Map<string, readonly FontFile[]>();
  private readonly lines = new Map<string, ShapedLine>();
  private readonly draw: HarfBuzz.DrawFuncs;
  private glyph = new PathBuilder();
  private made = 0;

  /**
   * @param hb - the HarfBuzz module, already started.
   * @param faces - must include the fallback face.
   * @param base - a shaper whose faces this one has too.
   * @throws RangeError when the fallback face is missing.
   */
  constructor(
    private readonly hb: typeof HarfBuzz,
    faces: readonly FaceBytes[],
    base?: Shaper,
  ) {
    for (const [id, files] of base?.faces ?? []) this.faces.set(id, files);
    for (const face of faces) this.addFace(face);
    this.made = ++versions;
    if (!this.faces.has(FALLBACK_FACE)) throw new RangeError(`The fallback face "${FALLBACK_FACE}" is not among the faces`);
    this.draw = new hb.DrawFuncs();
    this.draw.setMoveToFunc((x, y) => this.glyph.moveTo(x, y));
    this.draw.setLineToFunc((x, y) => this.glyph.lineTo(x, y));
    this.draw.setQuadraticToFunc((x1, y1, x, y) => this.glyph.quadTo(x1, y1, x, y));
    // eslint-disable-next-line max-params -- HarfBuzz hands the three points of a curve over like this
    this.draw.setCubicToFunc((x1, y1, x2, y2, x, y) => this.glyph.cubicTo(x1, y1, x2, y2, x, y));
    this.draw.setClosePathFunc(() => this.glyph.close());
  }

  /** Raised whenever a face arrives: what was set before may look different now. */
  get version(): number {
    return this.made;
  }

  /** Ids of the faces that it has. */
  get faceIds(): string[] {
    return [...this.faces.keys()];
  }

  /** A shaper with more faces; this one does not get them. */
  with(faces: readonly FaceBytes[]): Shaper {
    return new Shaper(this.hb, faces, this);
  }

  /** @throws RangeError when a file holds no font that HarfBuzz can read. */
  addFace(face: FaceBytes): void {
    this.faces.set(
      face.id,
      face.files.map((bytes) => loadFontFile(this.hb, bytes)),
    );
    this.lines.clear();
    this.made = ++versions;
  }

  /**
   * What a font says of itself: family and style, its axes, and the code points that it has.
   * @throws RangeError when the bytes hold no font that HarfBuzz can read.
   */
  inspect(bytes: Uint8Array): FontWords {
    return fontWords(this.hb, bytes);
  }

  hasFace(id: string): boolean {
    return this.faces.has(id);
  }

  /** Shapes runs as one line; there is no line break in them. A face that is not there is replaced by the fallback face. */
  shapeLine(runs: readonly TextRun[]): ShapedLine {
    const key = JSON.stringify(
      runs.map((run) => [run.text, run.face, run.standIn, run.axes, run.size, run.tracking, run.letterCase]),
    );
    let line = this.lines.get(key);
    if (!line) {
      if (this.lines.size >= KEPT_LINES) this.lines.delete(this.lines.keys().next().value!);
      line = this.shape(runs);
      this.lines.set(key, line);
    }
    return line;
  }

  private shape(runs: readonly TextRun[]): ShapedLine {
    const filesOf = runs.map((run) => this.filesFor(run));
    const cased = runs.map((run) => inCase(run.text, run.letterCase));
    const text = cased.map((one) => one.text).join('');
    /** Where each unit of the cased text stands in the text of the runs. */
    const origin: number[] = [];
    let before = 0;
    for (const [index, one] of cased.entries()) {
      for (const at of one.origin) origin.push(before + at);
      before += runs[index]!.text.length;
    }
    origin.push(before);
    const pieces = itemize(
      text,
      cased.map((one) => one.text.length),
      filesOf.map((files) => files.map(({ covers }) => covers)),
    );
    const letters: ShapedLetter[] = [];
    const missing: string[] = [];
    let x = 0;
    let trailing = 0;
    for (const piece of pieces) {
      const run = runs[piece.run]!;
      const file = filesOf[piece.run]![piece.file]!;
      if (!piece.covered) missing.push(text.slice(piece.start, piece.end));
      // Joined letters can not be pulled apart.
      const tracking = piece.joins ? 0 : (run.tracking / 1000) * run.size;
      for (const letter of this.shapePiece(text, piece, run, file, tracking)) {
        letters.push({
          ...letter,
          start: origin[letter.start]!,
          end: origin[letter.end]!,
          x,
          path: transformPath({ a: 1, b: 0, c: 0, d: 1, e: x, f: 0 }, letter.path),
        });
        x += letter.advance;
        trailing = tracking;
      }
    }
    const heights = runs.map((run, index) => {
      const [first] = filesOf[index]!;
      const { ascender, descender } = first!.font.hExtents();
      const unit = run.size / (first!.upem * STEPS);
      return { ascent: ascender * unit, descent: -descender * unit };
    });
    return {
      // The space after the last letter is not part of the line.
      advance: letters.length > 0 ? x - trailing : 0,
      ascent: Math.max(...heights.map(({ ascent }) => ascent)),
      descent: Math.max(...heights.map(({ descent }) => descent)),
      letters,
      missing,
    };
  }

  /** The letters of one piece from left to right, each at x = 0 of the line so far; `start` and `end` count in `text`. */
  private shapePiece(text: string, piece: Piece, run: TextRun, file: FontFile, tracking: number): Omit<ShapedLetter, 'x'>[] {
    const axes = { ...defaultAxes(run.face), ...run.axes };
    const variations = Object.entries(axes).filter(([tag]) => file.axes.has(tag));
    file.font.setVariations(variations.map(([tag, value]) => new this.hb.Variation(tag, value)));
    const unit = run.size / (file.upem * STEPS);
    const buffer = new this.hb.Buffer();
    // With the text around it, so that letters join across pieces.
    buffer.addText(text, piece.start, piece.end - piece.start);
    buffer.guessSegmentProperties();
    buffer.setDirection(piece.rightToLeft ? this.hb.Direction.RTL : this.hb.Direction.LTR);
    // With tracking a ligature would leave a gap on both of its sides but none inside.
    const features = tracking === 0 ? [] : [new this.hb.Feature('liga', 0), new this.hb.Feature('clig', 0)];
    this.hb.shape(file.font, buffer, features);
    const clusters: { start: number; advance: number; path: PathBuilder }[] = [];
    for (const glyph of buffer.getGlyphInfosAndPositions()) {
      let cluster = clusters.at(-1);
      if (cluster?.start !== glyph.cluster)
        clusters.push((cluster = { start: glyph.cluster, advance: 0, path: new PathBuilder() }));
      this.glyph = new PathBuilder();
      file.font.drawGlyph(glyph.codepoint, this.draw);
      const [dx, dy] = [(glyph.xOffset ?? 0) * unit, (glyph.yOffset ?? 0) * unit];
      cluster.path.append(transformPath({ a: unit, b: 0, c: 0, d: -unit, e: cluster.advance + dx, f: -dy }, this.glyph.build()));
      cluster.advance += (glyph.xAdvance ?? 0) * unit;
    }
    return clusters.map((cluster, index) => {
      // In text from right to left, the cluster that follows stands to the left.
      const next = piece.rightToLeft ? clusters[index - 1] : clusters[index + 1];
      return {
        start: cluster.start,
        end: next?.start ?? piece.end,
        advance: cluster.advance + tracking,
        rightToLeft: piece.rightToLeft,
        path: cluster.path.build(),
      };
    });
  }

  /** The face's own files, or those of what stands in for it, then those of the faces that help out. */
  private filesFor({ face, standIn }: TextRun): readonly FontFile[] {
    const own = this.faces.get(face) ?? this.faces.get(standIn ?? FALLBACK_FACE) ?? this.faces.get(FALLBACK_FACE)!;
    return [...own, ...FALLBACK_FACES.flatMap((face) => this.faces.get(face.id) ?? [])];
  }
}

/** Values of the axes of a face where a run says nothing; a face without weights asks helpers for its own. */
function defaultAxes(id: string): Record<string, number> {
  const face: Face | undefined = FACES.find((one) => one.id === id);
  const axes = Object.fromEntries(Object.entries(face?.axes ?? {}).map(([tag, { default: value }]) => [tag, value]));
  return { ...(face?.weight === undefined ? {} : { wght: face.weight }), ...axes };
}
