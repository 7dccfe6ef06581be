import sharp from 'sharp';

/** Longest side of the picture that is made of a drawing, px: enough for a page of A4 in print. */
const DRAWN_SIDE = 4096;
/** A drawing is text: more bytes than this are not one that can be drawn in time. */
export const MOST_SVG_BYTES = 4 * 2 ** 20;

/**
 * Draws an SVG file as a PNG with a clear ground. Nothing from outside is loaded: the drawing has no address of its own, and what declares
 * entities is refused.
 * @throws Error when it can not be read.
 */
export async function drawSvg(bytes: Buffer): Promise<Buffer> {
  if (/<!(DOCTYPE[^>]*\[|ENTITY)/i.test(bytes.toString('latin1'))) throw new Error('The drawing declares entities');
  const { width, height } = await sharp(bytes).metadata();
  const density = Math.min(2400, Math.max(1, (72 * DRAWN_SIDE) / Math.max(width, height)));
  return sharp(bytes, { density, limitInputPixels: 2 * DRAWN_SIDE * DRAWN_SIDE })
    .resize(DRAWN_SIDE, DRAWN_SIDE, { fit: 'inside' })
    .png()
    .toBuffer();
}
