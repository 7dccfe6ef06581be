import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { faultOf } from './fault';
import { Server } from './server';

/** A browser's request of which the test says how far it is. */
class Underway {
  static last: Underway;
  readonly upload: { onprogress?: (event: { loaded: number; total: number }) => void } = {};
  status = 0;
  response: unknown = null;
  responseType = '';
  isGivenUp = false;
  onload?: () => void;
  onabort?: () => void;
  onerror?: () => void;
  onloadend?: () => void;

  constructor() {
    Underway.last = this;
  }
  readonly open = vi.fn();
  readonly send = vi.fn();
  abort(): void {
    this.isGivenUp = true;
    this.onabort?.();
    this.onloadend?.();
  }
  moves(loaded: number): void {
    this.upload.onprogress!({ loaded, total: 100 });
  }
  answers(status: number, response: unknown): void {
    Object.assign(this, { status, response });
    this.onload!();
    this.onloadend!();
  }
}

beforeEach(() => {
  vi.useFakeTimers();
  vi.stubGlobal('XMLHttpRequest', Underway);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const MINUTE = 60_000;
const uploading = (shares: number[] = []) => {
  const file = new File(['x'], 'bowl.png');
  return new Server().upload(file, (share) => shares.push(share)).catch(faultOf);
};

it('an upload that stands still is given up, to be sent again; one that moves on is waited for however long it takes', async () => {
  const shares: number[] = [];
  const upload = uploading(shares);
  for (let minute = 1; minute <= 20; minute++) {
    vi.advanceTimersByTime(MINUTE);
    Underway.last.moves(minute);
  }
  expect(Underway.last.isGivenUp).toBe(false);
  expect(shares.at(-1)).toBe(0.2);
  vi.advanceTimersByTime(2 * MINUTE);
  expect(Underway.last.isGivenUp).toBe(true);
  expect(await upload).toMatchObject({ code: 'unreachable', isPassing: true });
});

it('an upload that was answered is at its end', async () => {
  const photo = { photo: { name: 'bowl' } };
  const upload = uploading();
  Underway.last.answers(200, { files: [photo] });
  vi.advanceTimersByTime(2 * MINUTE);
  expect([await upload, Underway.last.isGivenUp]).toEqual([photo, false]);
});

it('an upload that the server could not take says whether it is worth another try', async () => {
  const refused = uploading();
  Underway.last.answers(413, { code: 'too-large', message: 'The file is too large.' });
  expect(await refused).toMatchObject({ code: 'too-large', message: 'The file is too large.', isPassing: false });
  const away = uploading();
  Underway.last.answers(503, null);
  expect(await away).toMatchObject({ isPassing: true });
});
