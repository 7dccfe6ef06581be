import { describe, expect, it, vi } from 'vitest';
import { Fault, faultOf, isPassingStatus, pauseAfter } from './fault';

describe('what is said about errors', () => {
  it('tells what may go another time from what will not', () => {
    expect(faultOf(new TypeError('Failed to fetch'))).toMatchObject({ code: 'unreachable', isPassing: true });
    expect(faultOf(new DOMException('late', 'TimeoutError'))).toMatchObject({ code: 'too-slow', isPassing: true });
    expect(faultOf(new Fault('stale', 'Changed elsewhere.'))).toMatchObject({ code: 'stale', isPassing: false });
    const log = vi.spyOn(console, 'error').mockImplementation(() => undefined);
    const odd = new Error('Aborted(both async and sync fetching of the wasm failed)');
    expect(faultOf(odd)).toMatchObject({
      code: 'unexpected',
      message: expect.not.stringContaining('wasm') as string,
      isPassing: false,
    });
    expect(log).toHaveBeenCalledWith(odd);
    log.mockRestore();
    expect([500, 503, 408, 429].map(isPassingStatus)).toEqual([true, true, true, true]);
    expect([400, 404, 409, 413, 422].map(isPassingStatus)).toEqual([false, false, false, false, false]);
  });

  it('waits longer and longer, and never longer than half a minute', () => {
    expect([1, 2, 3, 4, 5, 6, 7, 500].map(pauseAfter)).toEqual([1000, 2000, 4000, 8000, 16_000, 30_000, 30_000, 30_000]);
  });
});
