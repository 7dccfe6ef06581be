import sharp from 'sharp';

/** The colour of a picture at a place in shares of its width and height: red, green, blue. */
export async function colourIn(picture: Buffer, place: { readonly x: number; readonly y: number }): Promise<number[]> {
  const { data, info } = await sharp(picture).removeAlpha().raw().toBuffer({ resolveWithObject: true });
  const [x, y] = [Math.floor(place.x * info.width), Math.floor(place.y * info.height)];
  const at = (y * info.width + x) * 3;
  return [...data.subarray(at, at + 3)];
}
