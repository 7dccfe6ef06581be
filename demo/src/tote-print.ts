import { applyEdit, backgroundEdit, backgroundOf, layImprint, type Item, type Project, type Shaper } from '@kadrosyn/core';
import { fillOpeningWith } from './fill-opening-with.js';
import { mockupAreas } from './mockup-areas.js';
import type { SamplePhotos } from './sample-projects.js';
import { SheetKit } from './sheet-kit.js';

const INK = '#1d4a3e';

/** A tote bag with a word whose letters are filled with a photo; the canvas is seen through the ink. */
export function totePrint(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 2000, height: 2000, unit: 'px' });
  const [area] = mockupAreas('tote-blank');
  const tote = { ...photos['tote-blank'], areas: [area!] };
  const glaze = photos['glaze-teal'];
  const empty = kit.project('Tote bag', [kit.sheet('Tote bag', [])], [tote, glaze]);
  const grounded = applyEdit(empty, backgroundEdit(empty.sheets[0]!, tote));
  const sheet = grounded.sheets[0]!;
  const host = backgroundOf(sheet)!;
  const print = new SheetKit(shaper, { ...area!.size!, unit: 'mm', dpi: 300 });
  const place = { project: grounded, sheet, host, photo: tote };
  const laid = layImprint(place, area!, () => artwork(print, glaze, shaper), { ...grounded, sheet, shaper });
  if (!laid) throw new Error('The front of the bag is out of sight');
  return applyEdit(grounded, laid.edit);
}

/** 178 mm wide, in the middle of the bag. */
function artwork(kit: SheetKit, glaze: SamplePhotos['glaze-teal'], shaper: Shaper): readonly Item[] {
  const letters = kit.text('CLAY', 125, 106, 54, { axes: { wght: 900, wdth: 118 }, colour: INK });
  return [
    fillOpeningWith(letters, glaze, {}, kit.sheet('Front', []), shaper),
    kit.text('thrown, fired and glazed', 125, 148, 14.5, { axes: { wght: 560, wdth: 105 }, colour: INK }),
    kit.text('in Tarn Hollow', 125, 167, 14.5, { axes: { wght: 560, wdth: 105 }, colour: INK }),
  ];
}
