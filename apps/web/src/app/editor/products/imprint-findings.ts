import { artworkSize, fromPx, itemBounds, openingsOf, toPx, type ImprintView, type Photo } from '@kadrosyn/core';
import { sizeOnProduct } from './size-on-product';

/** Below so many px of a photo to an inch a print looks soft. */
const LEAST_DPI = 150;
/** Lines of letters and outlines thinner than this do not print, mm. */
const LEAST_LINE = 0.2;
/** Letters smaller than this can not be read when they are printed on a product, mm of an em. */
const LEAST_LETTER = 1.8;

/** What would look wrong when an imprint is printed, in words; nothing when all is well. */
export function imprintFindings({ sheet }: ImprintView, photos: Readonly<Record<string, Photo>>): readonly string[] {
  const found: string[] = [];
  const mm = (px: number): number => fromPx(px, 'mm', sheet.dpi);
  for (const item of sheet.items) {
    const [bounds, size] = [itemBounds(item), artworkSize(sheet, item)];
    if (!bounds || !size) continue;
    const over = Math.max(-bounds.x, -bounds.y, bounds.x + bounds.width - sheet.width, bounds.y + bounds.height - sheet.height);
    if (over > toPx(0.1, 'mm', sheet.dpi)) {
      const place = `${sizeOnProduct(mm(sheet.width))} × ${sizeOnProduct(mm(sheet.height))} mm`;
      found.push(`${item.name} reaches ${sizeOnProduct(mm(over))} mm beyond what can be printed, ${place}.`);
    }
    for (const opening of openingsOf([item])) {
      const { fill, outline, finish, name } = opening;
      const photo = fill.type === 'photo' && typeof fill.placement !== 'string' ? photos[fill.photoId] : undefined;
      if (photo && fill.type === 'photo' && typeof fill.placement !== 'string') {
        const dpi = sheet.dpi / fill.placement.scale;
        if (dpi < LEAST_DPI) found.push(`The photo in ${name} has ${Math.round(dpi)} px to an inch there: it will print soft.`);
      }
      if (outline.type === 'lettering') {
        const least = mm(Math.min(...outline.runs.map(({ size: em }) => em)));
        if (least < LEAST_LETTER) found.push(`${name} is ${sizeOnProduct(least)} mm high: too fine to print.`);
      }
      const line = finish.outline;
      if (line && mm(line.width) < LEAST_LINE)
        found.push(`The outline of ${name} is ${mm(line.width).toFixed(2)} mm: too fine to print.`);
    }
  }
  return found;
}
