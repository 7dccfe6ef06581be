import { describe, expect, it } from 'vitest';
import { photoNameOf } from './photo-name.js';

describe('a photo', () => {
  it('is named after its file', () => {
    expect(photoNameOf('C:\\Photos\\heron at dawn.JPEG')).toBe('heron at dawn');
    expect(photoNameOf('../../etc/passwd')).toBe('passwd');
    expect(photoNameOf('a\u0000b\nc.png')).toBe('abc');
    expect(photoNameOf('.jpg')).toBe('Photo');
    expect(photoNameOf('x'.repeat(500))).toHaveLength(120);
  });
});
