import { fileURLToPath } from 'node:url';
import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { focusOf } from './focus-of.js';

const picture = (name: string): string => fileURLToPath(new URL(`../../../../demo/pictures/${name}.jpg`, import.meta.url));

async function focusIn(name: string) {
  const photo = () => sharp(picture(name));
  const { width, height } = await photo().metadata();
  const focus = await focusOf(photo, { width, height });
  return (
    focus && {
      left: focus.x / width,
      top: focus.y / height,
      right: (focus.x + focus.width) / width,
      bottom: (focus.y + focus.height) / height,
    }
  );
}

describe('the focus of a photo', () => {
  it('is the head of a figure where a face is seen, not all of the figure', async () => {
    const { left, top, right, bottom } = (await focusIn('team-bowl'))!;
    // The face of the clay figure lies in the upper middle of its picture.
    expect(left).toBeGreaterThan(0.1);
    expect(right).toBeLessThan(0.8);
    expect((left + right) / 2).toBeCloseTo(0.5, 0);
    expect(top).toBeLessThan(0.3);
    expect(bottom).toBeLessThan(0.8);
  });

  it('is what stands out where there is no face', async () => {
    const { left, right } = (await focusIn('mug-teal'))!;
    expect(right - left).toBeLessThan(0.8);
  });

  it('is nothing in an even texture', async () => {
    expect(await focusIn('glaze-teal')).toBeUndefined();
  });
});
