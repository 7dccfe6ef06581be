import type { Plane } from '../finish/plane.js';
import type { Pixels } from '../photo/pixels.js';
import { subjectPixels } from './edge-colour.js';

/**
 * What is kept of a cutout beside the photo: alpha is the matte, and where it is soft the colours are the subject's own; elsewhere they are 0,
 * so that the picture is small as PNG. `subjectOf` puts it together with the photo again.
 * @param colourOut - how much of the old ground's colour is taken out of the soft edge, 0 to 1.
 */
export function cutoutPicture(photo: Pixels, matte: Plane, colourOut = 1): Pixels {
  const out = subjectPixels(photo, matte);
  const { data } = out;
  for (let i = 0; i < data.length; i += 4) {
    const alpha = data[i + 3]!;
    const isSoft = alpha > 0 && alpha < 255;
    for (let c = i; c < i + 3; c++) data[c] = isSoft ? photo.data[c]! + (data[c]! - photo.data[c]!) * colourOut : 0;
  }
  return out;
}

/** The subject of a photo with its own edge colours, from the photo and the kept picture of its cutout. Both have one size. */
export function subjectOf(photo: Pixels, cutout: Pixels): Pixels {
  const data = new Uint8ClampedArray(cutout.data);
  for (let i = 0; i < data.length; i += 4) {
    if (data[i + 3] !== 255) continue;
    data[i] = photo.data[i]!;
    data[i + 1] = photo.data[i + 1]!;
    data[i + 2] = photo.data[i + 2]!;
  }
  return { width: photo.width, height: photo.height, data };
}
