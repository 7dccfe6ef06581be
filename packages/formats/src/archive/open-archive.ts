import { crc32 } from 'node:zlib';
import { unzipSync, type UnzipFileInfo } from 'fflate';
import { centralDirectory, type ArchivedFile } from './central-directory.js';

/** Why an archive is not opened. */
export class ArchiveFault extends Error {
  constructor(
    readonly code: 'no-archive' | 'damaged' | 'unsafe-name' | 'too-large',
    message: string,
  ) {
    super(message);
  }
}

export interface ArchiveLimits {
  /** Files that are listed. */
  readonly files: number;
  /** Bytes of all that is unpacked. */
  readonly bytes: number;
  /** Bytes that a file of this name may have unpacked; null for one that is not wanted. */
  readonly of: (name: string) => number | null;
}

/**
 * Unpacks what is wanted of an archive. Everything that its list says is checked first, and nothing is unpacked where anything is wrong with it: names that would
 * climb out of a folder, the same name twice, sizes, counts. What comes out is as long as the list says, and has its checksum.
 * @throws ArchiveFault
 */
export function openArchive(archive: Uint8Array, limits: ArchiveLimits): Map<string, Uint8Array> {
  const listed = list(archive);
  if (listed.length > limits.files)
    throw new ArchiveFault('too-large', `It holds ${listed.length} files; at most ${limits.files} are opened.`);
  const wanted = new Map<string, ArchivedFile>();
  const seen = new Set<string>();
  for (const file of listed) {
    if (isUnsafe(file.name)) throw new ArchiveFault('unsafe-name', 'It holds a file whose name leads out of its folder.');
    if (seen.has(file.name.toLowerCase())) throw new ArchiveFault('damaged', 'It holds two files of one name.');
    seen.add(file.name.toLowerCase());
    const most = limits.of(file.name);
    if (most === null) continue;
    if (file.size > most) throw new ArchiveFault('too-large', `${file.name} has more than ${Math.floor(most / 2 ** 20)} MB.`);
    if (file.isEncrypted || (file.method !== 0 && file.method !== 8))
      throw new ArchiveFault('damaged', `${file.name} is packed in a way that is not read here.`);
    wanted.set(file.name, file);
  }
  const total = [...wanted.values()].reduce((sum, { size }) => sum + size, 0);
  if (total > limits.bytes)
    throw new ArchiveFault('too-large', `It unpacks to more than ${Math.floor(limits.bytes / 2 ** 20)} MB.`);
  return unpack(archive, wanted);
}

function list(archive: Uint8Array): ArchivedFile[] {
  try {
    return centralDirectory(archive);
  } catch (error) {
    if (error instanceof RangeError) throw new ArchiveFault('no-archive', error.message);
    throw error;
  }
}

function isUnsafe(name: string): boolean {
  return name.length === 0 || /^\/|^[A-Za-z]:|\\|\p{Cc}|(^|\/)\.{1,2}(\/|$)/u.test(name);
}

function unpack(archive: Uint8Array, wanted: ReadonlyMap<string, ArchivedFile>): Map<string, Uint8Array> {
  let files: Record<string, Uint8Array>;
  try {
    // The package looks for the list by itself: what it finds is to be what was checked.
    const isChecked = ({ name, size, originalSize }: UnzipFileInfo): boolean => {
      const file = wanted.get(name);
      return file?.packed === size && file.size === originalSize;
    };
    files = unzipSync(archive, { filter: isChecked });
  } catch {
    throw new ArchiveFault('damaged', 'It is damaged or cut off.');
  }
  const opened = new Map<string, Uint8Array>();
  for (const [name, { size, crc }] of wanted) {
    const bytes = Object.hasOwn(files, name) ? files[name]! : null;
    if (bytes?.length !== size || crc32(bytes) !== crc) throw new ArchiveFault('damaged', `${name} in it is damaged.`);
    opened.set(name, bytes);
  }
  return opened;
}
