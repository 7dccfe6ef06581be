import { readFile } from 'node:fs/promises';
import { describe, expect, it } from 'vitest';
import { testShaper } from '../../testing/test-shaper.js';
import { FACES } from './faces.js';
import { similarFace } from './similar-face.js';

const shaper = await testShaper();
const file = (name: string) => readFile(new URL(`../../../../build/faces/${name}.ttf`, import.meta.url));

describe('the face that is most like another', () => {
  it.each(['shrikhand', 'anton', 'pacifico', 'abril-fatface', 'bungee', 'titan-one'])(
    'is %s itself, under another name',
    async (name) => {
      const more = shaper.with([{ id: 'face_own', files: [await file(`${name}-latin`)] }]);
      expect(similarFace('face_own', more)).toBe(name);
    },
  );

  it('is never the face itself, and always one that ships', () => {
    for (const { id } of FACES) {
      const similar = similarFace(id, shaper);
      expect(similar).not.toBe(id);
      expect(FACES.map((face) => face.id)).toContain(similar);
    }
    // Heavy faces go with heavy ones.
    expect(['archivo', 'mona-sans', 'fredoka', 'anybody', 'pacifico']).not.toContain(similarFace('alfa-slab-one', shaper));
  });

  it('is the fallback face where there are no Latin letters to compare', async () => {
    const more = shaper.with([{ id: 'face_own', files: [await file('noto-sans-hebrew-hebrew')] }]);
    expect(similarFace('face_own', more)).toBe('archivo');
  });
});
