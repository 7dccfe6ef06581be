import { unzipSync } from 'fflate';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import type { Pixels } from '@kadrosyn/core';
import { writePages } from './formats.js';
import type { Page, PageLayer } from './out-format.js';

/** A square of one colour. */
function square(side: number, colour: readonly [number, number, number, number]): Pixels {
  const data = new Uint8ClampedArray(4 * side * side);
  for (let i = 0; i < data.length; i += 4) data.set(colour, i);
  return { width: side, height: side, data };
}

const LAID = { isHidden: false, opacity: 1, blend: 'normal' } as const;

function picture(name: string, side: number, at: { x: number; y: number }, more: Partial<PageLayer> = {}): PageLayer {
  return { kind: 'picture', name, ...LAID, draw: () => ({ pixels: square(side, [200, 80, 40, 128]), at }), ...more } as PageLayer;
}

function page(layers: readonly PageLayer[], side = 300): Page {
  const pixels = () => square(side, [1, 2, 3, 255]);
  return { dpi: 144, size: { width: side - 0.4, height: side }, pixels, parts: () => [], layers: () => ({ layers, pixels }) };
}

async function written(layers: readonly PageLayer[], side?: number): Promise<Record<string, Uint8Array>> {
  return unzipSync(await writePages('ora', [page(layers, side)]));
}

const read = (bytes: Uint8Array): string => new TextDecoder().decode(bytes);

describe('an OpenRaster file', () => {
  it('begins with what it is, unpacked, as the standard has it', async () => {
    const file = await writePages('ora', [page([])]);
    const text = new TextDecoder('latin1').decode(file.subarray(0, 60));
    expect(text.slice(30, 38 + 'image/openraster'.length)).toBe('mimetypeimage/openraster');
    // The way of packing in the local header: none.
    expect([file[8], file[9]]).toEqual([0, 0]);
  });

  it('has layers from the front to the back, with their places and how they are laid', async () => {
    const inner = picture('Inner', 10, { x: 5, y: 6 }, { blend: 'soft-light' });
    const files = await written([
      picture('Ground', 300, { x: 0, y: 0 }, { isHidden: true }),
      { kind: 'stack', name: 'Group', ...LAID, opacity: 0.25, blend: 'multiply', layers: [inner] },
      picture('Front', 20, { x: -3, y: 7 }, { opacity: 1 / 3 }),
    ]);
    expect(read(files['stack.xml']!)).toBe(`<?xml version="1.0" encoding="UTF-8"?>
<image version="0.0.5" w="300" h="300" xres="144" yres="144">
  <stack>
    <layer name="Front" opacity="0.3333" visibility="visible" composite-op="svg:src-over" src="data/layer3.png" x="-3" y="7"/>
    <stack name="Group" opacity="0.25" visibility="visible" composite-op="svg:multiply" isolation="isolate">
      <layer name="Inner" opacity="1" visibility="visible" composite-op="svg:soft-light" src="data/layer2.png" x="5" y="6"/>
    </stack>
    <layer name="Ground" opacity="1" visibility="hidden" composite-op="svg:src-over" src="data/layer1.png" x="0" y="0"/>
  </stack>
</image>
`);
    const drawn = await sharp(files['data/layer2.png']).raw().toBuffer({ resolveWithObject: true });
    expect(drawn.info).toMatchObject({ width: 10, height: 10, channels: 4 });
    expect([...drawn.data.subarray(0, 4)]).toEqual([200, 80, 40, 128]);
  });

  it('has the whole as one picture, and a small one of at most 256 px', async () => {
    const files = await written([], 300);
    expect(await sharp(files['mergedimage.png']).metadata()).toMatchObject({ width: 300, height: 300, density: 144 });
    expect(await sharp(files['Thumbnails/thumbnail.png']).metadata()).toMatchObject({ width: 256, height: 256 });
    const small = await written([], 40);
    expect(await sharp(small['Thumbnails/thumbnail.png']).metadata()).toMatchObject({ width: 40, height: 40 });
  });

  it('leaves out what has nothing on it, and takes any name', async () => {
    const name = 'Clay & "fire" <hot>\u0001\uffff';
    const files = await written([picture('None', 1, { x: 0, y: 0 }, { draw: () => null }), picture(name, 4, { x: 0, y: 0 })]);
    expect(read(files['stack.xml']!).match(/<layer name="[^"]*" opacity/g)).toEqual([
      '<layer name="Clay &amp; &quot;fire&quot; &lt;hot>  " opacity',
    ]);
    expect(Object.keys(files).sort()).toEqual([
      'Thumbnails/thumbnail.png',
      'data/layer1.png',
      'mergedimage.png',
      'mimetype',
      'stack.xml',
    ]);
  });
});
