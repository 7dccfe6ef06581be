import {
  applyEdit,
  fillWithPhoto,
  newLettering,
  newProject,
  newShapedOpening,
  photoIdOf,
  transformItems,
  type Opening,
  type Outline,
  type Photo,
  type Project,
  type Shaper,
  type Sheet,
} from '@kadrosyn/core';
import sharp from 'sharp';
import { crossing, project, shape, withPicture, word } from '../packages/render/fixtures/kit.js';

/** A photo of 24 megapixels with detail everywhere, as a JPEG. */
export async function largePhoto(): Promise<{ readonly photo: Photo; readonly bytes: Buffer }> {
  const [width, height] = [6000, 4000];
  const small = Buffer.from(Array.from({ length: 300 * 200 * 3 }, (_, i) => (i * 7919) % 251));
  const bytes = await sharp(small, { raw: { width: 300, height: 200, channels: 3 } })
    .resize(width, height, { kernel: 'cubic' })
    .jpeg({ quality: 85, chromaSubsampling: '4:4:4' })
    .toBuffer();
  const sha256 = 'b'.repeat(64);
  return { photo: { id: photoIdOf(sha256), sha256, name: 'large', width, height }, bytes };
}

/** A square sheet with the photo in an ellipse that takes `share` of its width, between a plain shape and one above. */
export function sheetWithPhoto(photo: Photo, side: number, share: number, shaper: Shaper): { project: Project; itemId: string } {
  const project = newProject('Bench', { width: side, height: side, unit: 'px' });
  const at = { x: side / 2, y: side / 2 };
  const opening = newShapedOpening(
    'Photo',
    share >= 1 ? { type: 'rectangle', radii: [0, 0, 0, 0] } : { type: 'ellipse' },
    at,
    side * share,
    side * share,
  );
  const fill = fillWithPhoto(opening, photo, shaper);
  const placement = fill.placement;
  if (typeof placement === 'string') throw new Error('A new fill has a placement of its own');
  const filled = { ...opening, fill: { ...fill, placement: { ...placement, scale: placement.scale * 1.2 } } };
  const shape = (id: string, x: number, colour: string) => ({
    ...newShapedOpening(id, { type: 'ellipse' }, { x, y: side * 0.2 }, side * 0.2, side * 0.2),
    fill: { type: 'colour', colour } as const,
  });
  const items = [shape('Below', side * 0.3, '#1d5a4c'), filled, shape('Above', side * 0.7, '#cf4a22')];
  return {
    project: { ...project, photos: { [photo.id]: photo }, sheets: [{ ...project.sheets[0]!, items }] },
    itemId: opening.id,
  };
}

/** A heron in an arch with neck and bill out of it, that passes three letters: over one, under the next, over the last. */
export function sheetWithBreakOut(shaper: Shaper): { project: Project; itemId: string } {
  const overhangs = { sides: { top: true, right: false, bottom: false, left: true }, pieces: [], cuts: [] };
  const finish = { outline: { align: 'inside', width: 8, paint: '#20272a' } } as const;
  const arch = shape('arch', { type: 'arch' }, 170, 230, 260, 340, null, { overhangs, finish });
  const opening = withPicture(arch, 'heron-shore', { at: [295, 400], on: [300, 390], scale: 1 });
  const letters = word('word', 'KILN', 220, 10, 180, '#1d5a4c', shaper);
  const over = [true, false, true];
  const crossings = over.map((isOver, index) => crossing('arch#subject', `word#word-${index}`, isOver));
  return { project: project([opening, letters], { crossings }), itemId: 'arch' };
}

/** The first sheet of a project with all that lies on it so many times as large. */
export function scaledSheet(project: Project, factor: number): Sheet {
  const sheet = project.sheets[0]!;
  const operations = transformItems(sheet, sheet.items, { a: factor, b: 0, c: 0, d: factor, e: 0, f: 0 });
  const large = applyEdit(project, { name: '', operations }).sheets[0]!;
  return { ...large, width: sheet.width * factor, height: sheet.height * factor };
}

function benchProject(photo: Photo, side: number, items: readonly Opening[]): Project {
  const project = newProject('Bench', { width: side, height: side, unit: 'px' });
  return { ...project, photos: { [photo.id]: photo }, sheets: [{ ...project.sheets[0]!, items }] };
}

/** A word over most of the width, filled with the photo. */
export function sheetWithWord(photo: Photo, side: number, shaper: Shaper): { project: Project; itemId: string } {
  const at = { x: side / 2, y: side / 2 };
  const word = newLettering({ text: 'KILN', face: 'archivo', axes: { wght: 800 }, size: side / 6 }, at, { type: 'none' }, shaper);
  return { project: benchProject(photo, side, [{ ...word, fill: fillWithPhoto(word, photo, shaper) }]), itemId: word.id };
}

/** The photo in four corners over half of the sheet. */
export function sheetWithCorners(photo: Photo, side: number, shaper: Shaper): { project: Project; itemId: string } {
  const points = [
    { x: 0.1, y: 0.05 },
    { x: 1, y: 0 },
    { x: 0.9, y: 1 },
    { x: 0, y: 0.9 },
  ] as const;
  const outline: Outline = { type: 'corners', points, warp: true };
  const opening = newShapedOpening('Corners', outline, { x: side / 2, y: side / 2 }, side * 0.7, side * 0.7);
  return {
    project: benchProject(photo, side, [{ ...opening, fill: fillWithPhoto(opening, photo, shaper) }]),
    itemId: opening.id,
  };
}

/** So many openings of every form, each with the photo; the one in the middle is dragged. */
export function sheetOfMany(photo: Photo, side: number, count: number, shaper: Shaper): { project: Project; itemId: string } {
  const outlines: readonly Outline[] = [
    { type: 'ellipse' },
    { type: 'heart' },
    { type: 'star', points: 5, depth: 0.5 },
    { type: 'leaf' },
  ];
  const columns = Math.ceil(Math.sqrt(count));
  const step = side / columns;
  const items = Array.from({ length: count }, (_, index): Opening => {
    const at = { x: ((index % columns) + 0.5) * step, y: (Math.floor(index / columns) + 0.5) * step };
    const opening = newShapedOpening('One', outlines[index % outlines.length]!, at, step * 0.9, step * 0.9);
    return { ...opening, fill: fillWithPhoto(opening, photo, shaper) };
  });
  return { project: benchProject(photo, side, items), itemId: items[Math.floor(count / 2)]!.id };
}
