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
