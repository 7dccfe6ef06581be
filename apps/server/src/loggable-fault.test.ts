import { describe, expect, it } from 'vitest';
import { loggableFault } from '../dist/loggable-fault.js';

describe('what is written down of an error', () => {
  it('is its kind, its code and its place, and never what was being stored', () => {
    const cause = Object.assign(new Error('invalid input syntax: "Anna’s secret card"'), { code: '22P02' });
    const written = loggableFault(new Error('Failed query: insert … params: Anna’s secret card', { cause }));
    expect(written).toMatchObject({ fault: 'Error', cause: { code: '22P02' } });
    expect((written['at'] as string[])[0]).toMatch(/^at .*loggable-fault\.test/);
    expect(JSON.stringify(written)).not.toContain('secret');
    expect(loggableFault('text')).toEqual({ fault: 'string' });
  });
});
