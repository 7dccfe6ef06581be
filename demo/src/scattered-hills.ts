import { applyEdit, backgroundEdit, backgroundOf, openingsOf, scatterWindows, type Project, type Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from './sample-projects.js';
import { INK, SheetKit } from './sheet-kit.js';

/** What is worth a print, as shares of the photo. */
const PLACES = [
  { x: 0.28, y: 0.56 },
  { x: 0.56, y: 0.5 },
  { x: 0.87, y: 0.6 },
  { x: 0.66, y: 0.85 },
  { x: 0.13, y: 0.86 },
] as const;

/** A landscape seen through scattered instant prints; the rest of it lies under a veil of its own colour. */
export function scatteredHills(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 1600, height: 1067, unit: 'px' });
  const photo = photos['hills-kiln'];
  const empty = kit.project('Hills through prints', [kit.sheet('Hills', [])], [photo]);
  const grounded = applyEdit(empty, backgroundEdit(empty.sheets[0]!, photo));
  const places = PLACES.map(({ x, y }) => ({ x: x * photo.width, y: y * photo.height }));
  const options = { places, veil: { colour: '#e6dccb', strength: 0.78 }, seed: 7 };
  const scattered = scatterWindows(grounded.sheets[0]!, backgroundOf(grounded.sheets[0]!)!, options, grounded.photos, shaper)!;
  const project = applyEdit(grounded, scattered.edit);
  const sheet = project.sheets[0]!;
  const poster = { axes: { wght: 620, wdth: 108 }, colour: INK };
  const words = [
    kit.text('Hills behind the kiln', 800, 100, 92, { face: 'abril-fatface', axes: {}, colour: INK }),
    kit.text('Five looks from the yard · Wrenfold Pottery, Tarn Hollow', 800, 176, 31, poster),
  ];
  // The title stands under the prints, on the veil.
  const [background, veil, ...prints] = sheet.items;
  const items = [background!, veil!, ...words, ...prints];
  if ([...openingsOf(prints)].length !== PLACES.length) throw new Error('Prints are missing');
  // As if all had lain in the sun for some years.
  const mood = { tone: { warmth: 0.12, fade: 0.1, contrast: 0.06 } };
  return { ...project, swatches: [project.roles.ground, ...project.swatches.slice(1)], sheets: [{ ...sheet, items, mood }] };
}
