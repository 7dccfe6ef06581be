import { LibraryPageSchema, type LibraryPage } from '@kadrosyn/contract';
import { Value } from 'typebox/value';
import { CodedError } from '../coded-error.js';

const NOTHING_LOST = 'Your own photos are here as before; try again in a while.';

/** The outside service that pictures are taken from, over HTTP. Whatever it answers is checked; it may be slow, fail, or be absent. */
export class LibraryClient {
  /**
   * @param address - of the service; null when there is none.
   * @param patience - ms that an answer may take.
   */
  constructor(
    private readonly address: string | null,
    private readonly patience: number,
    private readonly mostBytes: number,
  ) {}

  /** @throws CodedError 503, 504 or 502 when the service is absent, slow or fails. */
  async search(words: string, page: number): Promise<LibraryPage> {
    const query = new URLSearchParams({ words, page: String(page) });
    const { bytes } = await this.fetch(`/v1/pictures?${query.toString()}`, 2 ** 20);
    return checked(bytes);
  }

  thumbnail(id: string): Promise<{ readonly bytes: Buffer; readonly type: string }> {
    return this.fetch(`/v1/pictures/${encodeURIComponent(id)}/thumbnail`, 2 ** 20);
  }

  async file(id: string): Promise<Buffer> {
    return (await this.fetch(`/v1/pictures/${encodeURIComponent(id)}/file`, this.mostBytes)).bytes;
  }

  private async fetch(path: string, most: number): Promise<{ bytes: Buffer; type: string }> {
    if (this.address === null) {
      throw new CodedError(503, 'library-absent', `The picture library is not there. ${NOTHING_LOST}`);
    }
    const signal = AbortSignal.timeout(this.patience);
    try {
      const response = await fetch(new URL(path, this.address), { signal });
      if (response.status === 404) throw new CodedError(404, 'not-found', 'The picture is no longer in the library.');
      if (!response.ok || !response.body) throw failed(`answered ${response.status}`);
      return {
        bytes: await limited(response.body, most),
        type: response.headers.get('content-type') ?? 'application/octet-stream',
      };
    } catch (error) {
      if (error instanceof CodedError) throw error;
      if (signal.aborted)
        throw new CodedError(504, 'library-slow', `The picture library takes too long to answer. ${NOTHING_LOST}`);
      throw failed('can not be reached');
    }
  }
}

function failed(how: string): CodedError {
  return new CodedError(502, 'library-failed', `The picture library ${how}. ${NOTHING_LOST}`);
}

/** Reads a body as long as it is not larger than agreed. */
async function limited(body: ReadableStream<Uint8Array>, most: number): Promise<Buffer> {
  const chunks: Uint8Array[] = [];
  let size = 0;
  for await (const chunk of body) {
    size += chunk.length;
    if (size > most) throw failed('sent more than was agreed');
    chunks.push(chunk);
  }
  return Buffer.concat(chunks);
}

function checked(bytes: Buffer): LibraryPage {
  let answer: unknown;
  try {
    answer = JSON.parse(bytes.toString());
  } catch {
    answer = undefined;
  }
  if (!Value.Check(LibraryPageSchema, answer)) throw failed('gave an answer that can not be read');
  return answer;
}
