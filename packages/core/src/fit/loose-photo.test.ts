import { expect, it } from 'vitest';
import { testPhoto } from '../../testing/test-documents.js';
import { loosePhoto } from './loose-photo.js';

it('a loose photo has the photo’s own rectangle and is never enlarged', () => {
  const sheet = { width: 1000, height: 1000 };
  const large = loosePhoto(testPhoto('a', 4000, 2000), sheet, { x: 500, y: 500 });
  expect(large.box).toEqual({ x: 200, y: 350, width: 600, height: 300, turn: 0 });
  expect(large.kind).toBe('loose');
  const small = loosePhoto(testPhoto('a', 40, 20), sheet, { x: 500, y: 500 });
  expect(small.box).toMatchObject({ width: 40, height: 20 });
});
