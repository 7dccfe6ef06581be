import type { FastifyRequest } from 'fastify';
import { CodedError } from './coded-error.js';

/** One file of an upload, whole unless it is larger than the limit of the route. */
export interface UploadedBytes {
  readonly fileName: string;
  readonly bytes: Buffer;
  readonly isTooLarge: boolean;
}

/**
 * The files of an upload, one after the other as they arrive.
 * @param what - as the sentence names them: *Photos*.
 * @throws CodedError where it is no upload, or is cut off on its way.
 */
export async function* uploadedFiles(request: FastifyRequest, what: string): AsyncGenerator<UploadedBytes, undefined> {
  if (!request.isMultipart()) throw new CodedError(415, 'not-multipart', `${what} are sent as multipart/form-data.`);
  const parts = request.files();
  for (;;) {
    const file = await arriving(async () => {
      const next = await parts.next();
      if (next.done) return null;
      const { filename, file } = next.value;
      const bytes = await next.value.toBuffer();
      return { fileName: filename, bytes, isTooLarge: file.truncated };
    });
    if (!file) return undefined;
    yield file;
  }
}

/** Whatever fails while a body is read, and is not a refusal of the framework with its own status, is a line that broke. */
async function arriving<T>(read: () => Promise<T>): Promise<T> {
  try {
    return await read();
  } catch (error) {
    if (error instanceof Error && 'statusCode' in error && error.statusCode !== undefined) throw error;
    throw Object.assign(
      new CodedError(400, 'cut-off', 'The upload was cut off on its way. What arrived whole before is kept; add the rest again.'),
      { cause: error },
    );
  }
}
