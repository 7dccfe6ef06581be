import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { KILN_SIGN } from '../../fixtures/own-drawings.js';
import { DrawnPicture } from '../../testing/pictures.js';

describe('a drawing that was taken with its colours', () => {
  it('looks as another program draws its file', async () => {
    const { pixels, sheet } = new DrawnPicture('kiln-sign');
    expect(sheet.background.type).toBe('colour');
    const { data } = await sharp(Buffer.from(KILN_SIGN), { density: 72 * (pixels.width / 200) })
      .resize(pixels.width, pixels.height)
      .flatten({ background: (sheet.background as { readonly colour: string }).colour })
      .ensureAlpha()
      .raw()
      .toBuffer({ resolveWithObject: true });
    let [sum, far] = [0, 0];
    for (let i = 0; i < data.length; i++) {
      const difference = Math.abs(data[i]! - pixels.data[i]!);
      sum += difference;
      if (difference > 48) far++;
    }
    // Edges are smoothed in another way; what lies elsewhere would be far off.
    expect(sum / data.length).toBeLessThan(0.6);
    expect(far / data.length).toBeLessThan(0.002);
  });
});
