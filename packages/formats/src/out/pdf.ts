import { laySheets, PAPERS, type Paper, type PaperLine, type PaperName } from '@kadrosyn/core';
import { Type } from 'typebox';
import type { OutFormat } from './out-format.js';
import { preparePage, type PreparedPage } from './pdf-page.js';
import { USUAL_QUALITY } from './within-bytes.js';

const options = Type.Object({
  quality: Type.Integer({ minimum: 1, maximum: 100, default: USUAL_QUALITY }),
  /** mm beyond the edges that are printed, for the cut to fall into. */
  bleed: Type.Number({ minimum: 0, maximum: 20, default: 0 }),
  /** Whether it is marked where to cut and to fold. */
  marks: Type.Boolean({ default: false }),
  arrange: Type.Union([Type.Literal('pages'), Type.Literal('folded'), Type.Literal('many')], { default: 'pages' }),
  /** What many sheets are put on. */
  paper: Type.Union(
    (Object.keys(PAPERS) as PaperName[]).map((name) => Type.Literal(name)),
    { default: 'a4' },
  ),
  /** mm between many at least. */
  gap: Type.Number({ minimum: 0, maximum: 50, default: 0 }),
  /** Whether black and grey are printed in black ink alone: as grey, not as a mixture of red, green and blue. */
  pureGrey: Type.Boolean({ default: false }),
});

/** What a length in mm is in points, of which an inch has 72. */
const POINT = 72 / 25.4;
/** How thick a mark is, points. */
const HAIRLINE = 0.25;
/** Of a fold mark: dashes, points. */
const DASH = 2;

/**
 * PDF (ISO 32000-1), written as PDF/A-2b (ISO 19005-2): pages in their true size, each sheet on its own, as folded sheets or many on one. Outlines
 * and letters stay outlines, sharp at any size; what needs px is a picture: a JPEG of the quality asked for where nothing is clear, otherwise lossless with its alpha.
 * No fonts are in it. Colours are sRGB.
 */
export const pdf = {
  id: 'pdf',
  extension: 'pdf',
  mime: 'application/pdf',
  options,
  holdsSeveral: true,
  async write(pages, chosen) {
    if (pages.length === 0) throw new RangeError('A PDF file holds at least one page');
    const papers = laySheets(
      pages.map(({ dpi, size, folds }) => ({ ...size, dpi, folds })),
      chosen,
    );
    // Fetched when it is needed: every process that draws would load it otherwise.
    const { default: PDFDocument } = await import('pdfkit');
    const title = pages[0]!.title ?? 'Sheets';
    // An empty font: without it a standard face is looked for that nothing is set in.
    const file = new PDFDocument({
      autoFirstPage: false,
      font: '',
      pdfVersion: '1.7',
      subset: 'PDF/A-2b',
      lang: 'en',
      displayTitle: true,
      info: { Producer: 'Kadrosyn', Creator: 'Kadrosyn', Title: title },
    });
    const chunks: Buffer[] = [];
    const written = new Promise<Uint8Array>((resolve, reject) => {
      file.on('data', (chunk: Buffer) => chunks.push(chunk));
      file.on('end', () => resolve(new Uint8Array(Buffer.concat(chunks))));
      file.on('error', reject);
    });
    // Each is drawn once, however often it is put onto paper.
    const prepared = new Map<number, PreparedPage>();
    for (const paper of papers) {
      beginPaper(file, paper);
      for (const { sheet, at, seen } of paper.places) {
        const ready = prepared.get(sheet) ?? (await preparePage(file, pages[sheet]!, { ...chosen, name: `S${sheet}` }));
        prepared.set(sheet, ready);
        file.save().rect(seen.x, seen.y, seen.width, seen.height).clip();
        file.translate(at.x, at.y).scale(25.4 / pages[sheet]!.dpi);
        ready();
        file.restore();
      }
      for (const line of paper.lines) markLine(file, line);
    }
    file.end();
    return written;
  },
} as const satisfies OutFormat<typeof options>;

/** A page of the file in mm from its upper left corner. */
function beginPaper(file: PDFKit.PDFDocument, { width, height, trim, bleed }: Paper): void {
  file.addPage({ size: [width * POINT, height * POINT], margin: 0 });
  const box = (of: Paper['trim']): number[] =>
    [of.x, height - of.y - of.height, of.x + of.width, height - of.y].map((mm) => mm * POINT);
  Object.assign(file.page.dictionary.data, { TrimBox: box(trim), BleedBox: box(bleed) });
  file.scale(POINT);
}

function markLine(file: PDFKit.PDFDocument, { kind, from, to }: PaperLine): void {
  file.save();
  if (kind === 'fold') file.dash(DASH / POINT, { space: DASH / POINT });
  file
    .lineWidth(HAIRLINE / POINT)
    .moveTo(from.x, from.y)
    .lineTo(to.x, to.y)
    .stroke('#000000');
  file.restore();
}
