import sharp from 'sharp';

const [MARKER, EXIF, PROFILE] = [0xff, 0xe1, 0xe2];

let known: Promise<Uint8Array> | undefined;

/** The segment of a JPEG that says that its colours are sRGB, as sharp writes it. */
function profileSegment(): Promise<Uint8Array> {
  known ??= sharp({ create: { width: 1, height: 1, channels: 3, background: '#ffffff' } })
    .withIccProfile('srgb')
    .jpeg()
    .toBuffer()
    .then((file) => {
      const segment = segmentsOf(file).find(({ kind }) => kind === PROFILE);
      if (!segment) throw new Error('A JPEG with a profile has no segment for it');
      return file.subarray(segment.from, segment.to);
    });
  return known;
}

/**
 * Says in a JPEG that its colours are sRGB. sharp passes every px through the profile before it does so, which changes none of them and takes as long as
 * writing the file. @param file - without a profile
 */
export async function withSrgbProfile(file: Uint8Array): Promise<Uint8Array> {
  const exif = segmentsOf(file).find(({ kind }) => kind === EXIF);
  const at = exif?.to ?? 2;
  return Buffer.concat([file.subarray(0, at), await profileSegment(), file.subarray(at)]);
}

interface Segment {
  readonly kind: number;
  readonly from: number;
  readonly to: number;
}

/** Segments with notes at the beginning of a JPEG (ISO/IEC 10918-1, B.1.1.4), up to the first of another kind. */
function segmentsOf(file: Uint8Array): Segment[] {
  const found: Segment[] = [];
  for (let from = 2; file[from] === MARKER && file[from + 1]! >= 0xe0 && file[from + 1]! <= 0xef;) {
    const to = from + 2 + ((file[from + 2]! << 8) | file[from + 3]!);
    found.push({ kind: file[from + 1]!, from, to });
    from = to;
  }
  return found;
}
