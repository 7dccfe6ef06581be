import { rename, rm, writeFile } from 'node:fs/promises';

/** Writes a file whole or not at all: what stood there before stays until it is complete. */
export async function writeWhole(file: string, bytes: Uint8Array): Promise<void> {
  const begun = `${file}.${process.pid}.part`;
  try {
    await writeFile(begun, bytes);
    await rename(begun, file);
  } catch (error) {
    await rm(begun, { force: true });
    throw error;
  }
}
