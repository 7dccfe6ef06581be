import { inflateSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import type { Pixels } from '@kadrosyn/core';
import { writePages } from './formats.js';
import { picturePage, type Page, type PagePart } from './out-format.js';

/** A file as its text with the streams that are packed by zlib unpacked. */
function opened(file: Uint8Array): string {
  const bytes = Buffer.from(file);
  const text = bytes.toString('latin1');
  return text.replace(/stream\n([\s\S]*?)\nendstream/g, (all: string, stream: string) => {
    try {
      return `stream\n${inflateSync(Buffer.from(stream, 'latin1')).toString('latin1')}\nendstream`;
    } catch {
      // A JPEG.
      return all;
    }
  });
}

function filled(alpha: number): Pixels {
  const data = new Uint8ClampedArray(20 * 10 * 4).fill(90);
  for (let i = 3; i < data.length; i += 4) data[i] = alpha;
  return { width: 20, height: 10, data };
}

function pageOf(parts: readonly PagePart[], change: Partial<Page> = {}): Page {
  return { ...picturePage(filled(255), 300), size: { width: 1240.2, height: 1748 }, parts: () => parts, ...change };
}

const SQUARE = {
  commands: ['M', 'L', 'L', 'Q', 'C', 'Z'],
  coords: [1, 2, 31, 2, 31, 32, 5, 6, 7, 8, 1, 1, 2, 2, 3, 3, 1, 32],
} as const;

describe('PDF', () => {
  it('has pages in their true size, as they are cut', async () => {
    const file = opened(await writePages('pdf', [pageOf([]), pageOf([], { dpi: 72, size: { width: 50, height: 70 } })]));
    expect(file.startsWith('%PDF-1.7')).toBe(true);
    const boxes = (name: string): number[][] =>
      [...file.matchAll(new RegExp(`/${name} \\[([^\\]]*)\\]`, 'g'))].map(([, list]) => list!.trim().split(' ').map(Number));
    // 1240.2 px at 300 dpi are 105 mm, 297.6 points.
    expect(boxes('MediaBox').map((box) => box.map((side) => Math.round(side * 100) / 100))).toEqual([
      [0, 0, 297.65, 419.52],
      [0, 0, 50, 70],
    ]);
    expect(boxes('TrimBox')).toEqual(boxes('MediaBox'));
  });

  it('holds outlines as outlines, with colour and strength, and no fonts', async () => {
    const outline = { kind: 'outline', path: SQUARE, colour: '#ff000080', opacity: 0.5 } as const;
    const file = opened(await writePages('pdf', [pageOf([outline])]));
    expect(file).toMatch(/1 2 m\n31 2 l\n31 32 l\n/);
    expect(file).toMatch(/1 1 2 2 3 3 c|2 2 3 3 1 32 c|1 1 2 2 3 3/);
    expect(file).toMatch(/\n1 0 0 scn\n/);
    const [, strength] = /\/ca ([0-9.]+)/.exec(file)!;
    expect(Number(strength)).toBeCloseTo((128 / 255) * 0.5, 3);
    expect(file).toMatch(/\nf\n/);
    expect(file).not.toMatch(/\/Font\b(?! <<\s*>>)|\/Subtype \/Image/);
  });

  it('holds what needs px as pictures: small where nothing is clear, otherwise with their alpha', async () => {
    const at = { x: 100, y: 200 };
    const parts = [255, 128].map((alpha) => ({ kind: 'picture', pixels: filled(alpha), at }) as const);
    const file = opened(await writePages('pdf', [pageOf(parts)]));
    expect(file.match(/\/Filter \/DCTDecode/g)).toHaveLength(1);
    expect(file.match(/\/SMask/g)).toHaveLength(1);
    // Each stands where its part says: 20 x 10 px at 100, 200.
    expect(file.match(/20 0 0 -10 100 210 cm/g)).toHaveLength(2);
  });

  it('is written as PDF/A-2b: with its title, its language and the meaning of its colours', async () => {
    const file = opened(await writePages('pdf', [pageOf([], { title: 'Kiln day' })]));
    expect(file).toContain('<pdfaid:part>2</pdfaid:part>');
    expect(file).toContain('<pdfaid:conformance>B</pdfaid:conformance>');
    expect(file).toMatch(/\/S \/GTS_PDFA1/);
    expect(file).toMatch(/\/Lang \(en\)/);
    expect(file).toMatch(/\/ID \[/);
    expect(file).toContain('Kiln day');
  });

  it('has bleed round what is cut, and marks beyond it', async () => {
    const page = pageOf([], { dpi: 72, size: { width: 200, height: 100 }, folds: [{ axis: 'vertical', at: 50 }] });
    const file = opened(await writePages('pdf', [page], { bleed: 3, marks: true }));
    const box = (name: string): number[] => new RegExp(`/${name} \\[([^\\]]*)\\]`).exec(file)![1]!.trim().split(' ').map(Number);
    const [media, trim, bleed] = [box('MediaBox'), box('TrimBox'), box('BleedBox')];
    expect(trim[2]! - trim[0]!).toBeCloseTo(200, 3);
    expect(trim[3]! - trim[1]!).toBeCloseTo(100, 3);
    trim.forEach((at, i) => expect(Math.abs(at - bleed[i]!)).toBeCloseTo((3 * 72) / 25.4, 3));
    expect(media[2]! - media[0]!).toBeCloseTo(200 + (2 * 9 * 72) / 25.4, 3);
    // Two marks at each corner, and two for the fold, which alone are dashed.
    expect(file.match(/\nS\n/g)).toHaveLength(10);
    expect(file.match(/\] 0 d\n/g)).toHaveLength(2);
    // What is printed ends where the bleed does.
    const seen = /([0-9.]+) ([0-9.]+) ([0-9.]+) ([0-9.]+) re\nW n/.exec(file)!.slice(1).map(Number);
    expect(seen.map((mm) => Math.round(mm * 100) / 100)).toEqual([6, 6, 76.56, 41.28]);
  });

  it('puts many on one paper, each drawn once and its pictures once in the file', async () => {
    let drawn = 0;
    const picture = { kind: 'picture', pixels: filled(255), at: { x: 0, y: 0 } } as const;
    const page = pageOf([], {
      dpi: 254,
      size: { width: 850, height: 550 },
      parts: () => {
        drawn++;
        return [picture];
      },
    });
    const file = opened(await writePages('pdf', [page], { arrange: 'many', paper: 'a4', gap: 0 }));
    expect(drawn).toBe(1);
    expect(file.match(/\/Type \/Page\n/g)).toHaveLength(1);
    expect(file.match(/\/Subtype \/Image/g)).toHaveLength(1);
    expect(file.match(/\/I1 Do/g)).toHaveLength(10);
  });

  it('puts four pages onto a folded sheet, the last beside the first', async () => {
    const colours = ['#ff0000', '#00ff00', '#0000ff', '#ffff00'] as const;
    const pages = colours.map((colour) => pageOf([{ kind: 'outline', path: SQUARE, colour, opacity: 1 }]));
    const file = opened(await writePages('pdf', pages, { arrange: 'folded' }));
    expect(file.match(/\/Type \/Page\n/g)).toHaveLength(2);
    expect([...file.matchAll(/\n([01] [01] [01]) scn\n/g)].map(([, colour]) => colour)).toEqual([
      '1 1 0',
      '1 0 0',
      '0 1 0',
      '0 0 1',
    ]);
  });

  it('has grey as grey where that is asked for, and leaves colours', async () => {
    const parts = (['#333333', '#ff0000'] as const).map(
      (colour) => ({ kind: 'outline', path: SQUARE, colour, opacity: 1 }) as const,
    );
    const file = opened(await writePages('pdf', [pageOf(parts)], { pureGrey: true }));
    expect(file.match(/\n0.2000 g\n/g)).toHaveLength(1);
    expect(file).toMatch(/\n1 0 0 scn\n(\/Gs\d+ gs\n)?1 2 m/);
    expect(opened(await writePages('pdf', [pageOf(parts)]))).not.toMatch(/\n0.2000 g\n/);
  });

  it('keeps the order from back to front', async () => {
    const outline = { kind: 'outline', path: SQUARE, colour: '#0000ff', opacity: 1 } as const;
    const file = opened(
      await writePages('pdf', [pageOf([outline, { kind: 'picture', pixels: filled(255), at: { x: 0, y: 0 } }, outline])]),
    );
    const order = [...file.matchAll(/\n(f|\/I\d+ Do)\n/g)].map(([, operator]) => operator![0]);
    expect(order).toEqual(['f', '/', 'f']);
  });

  it('is smaller with less quality, and says what the project is called', async () => {
    const noise = {
      width: 100,
      height: 100,
      data: Uint8ClampedArray.from({ length: 40_000 }, (_, i) => (i % 4 === 3 ? 255 : (i * 7919) % 251)),
    };
    const at = (quality: number) => writePages('pdf', [picturePage(noise, 72)], { quality });
    expect((await at(30)).length).toBeLessThan((await at(95)).length);
    expect(opened(await writePages('pdf', [pageOf([], { title: 'Kiln day' })]))).toContain('(Kiln day)');
  });

  it('is not written without a page, or with a quality that there is not', async () => {
    await expect(async () => writePages('pdf', [])).rejects.toThrow(/at least one page/);
    await expect(async () => writePages('pdf', [pageOf([])], { quality: 0 })).rejects.toThrow();
  });
});
