/** A file that somebody chose, and that no decoder can read. Whatever else fails while it is taken in is a fault of ours. */
export class UnreadableFile extends Error {
  override readonly name = 'UnreadableFile';
}

/**
 * Reads a file by decoders that throw on what is wrong with it.
 * @throws UnreadableFile whatever they throw.
 */
export async function readSent<T>(read: () => T | Promise<T>): Promise<T> {
  try {
    return await read();
  } catch (error) {
    throw new UnreadableFile('The file can not be read', { cause: error });
  }
}
