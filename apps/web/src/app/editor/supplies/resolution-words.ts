import type { Photo, Sheet, Unit } from '@kadrosyn/core';

/** Printed pictures look soft below this, dots per inch. */
const GOOD_PRINT = 200;

/** "1600 × 1200 px, fills the sheet at 168 dots per inch": how large a photo is, and whether that is enough for this sheet. */
export function resolutionWords(
  photo: Pick<Photo, 'width' | 'height'>,
  sheet: Pick<Sheet, 'width' | 'height' | 'dpi'>,
  unit: Unit,
): string {
  const size = `${photo.width} × ${photo.height} px`;
  // px of the photo for each px of a sheet that it just covers.
  const share = Math.min(photo.width / sheet.width, photo.height / sheet.height);
  if (unit === 'px') {
    return share >= 1 ? `${size}, sharp over the whole sheet` : `${size}, sharp up to ${percent(share)} of the sheet`;
  }
  const dots = Math.round(sheet.dpi * share);
  return `${size}, ${dots} dots per inch over the whole sheet${dots < GOOD_PRINT ? ', soft in print' : ''}`;
}

function percent(share: number): string {
  return `${Math.max(1, Math.floor(share * 100))} %`;
}
