/** Pixels in rows from the top: RGBA, 8 bits each, alpha not multiplied in. */
export interface Pixels {
  readonly width: number;
  readonly height: number;
  /** width * height * 4 bytes. */
  readonly data: Uint8ClampedArray;
}

/** Whether no pixel is even slightly clear. */
export function isOpaque(pixels: Pixels): boolean {
  const { data } = pixels;
  for (let i = 3; i < data.length; i += 4) if (data[i] !== 255) return false;
  return true;
}
