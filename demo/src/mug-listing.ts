import {
  applyEdit,
  backgroundEdit,
  backgroundOf,
  layImprint,
  newId,
  type Item,
  type Opening,
  type Outline,
  type Project,
  type Shaper,
} from '@kadrosyn/core';
import { mockupAreas } from './mockup-areas.js';
import type { SamplePhotos } from './sample-projects.js';
import { SheetKit } from './sheet-kit.js';

const [FIRED, CLAY, CREAM] = ['#1d4a3e', '#cf4a22', '#f0e2cf'] as const;

/** Three waves of even strength. */
const WAVES: Outline = { type: 'path', d: waves(3, 0.36) };

/** @param count - waves from left to right; @param strength - as a share of the height. */
function waves(count: number, strength: number): string {
  const steps = count * 16;
  const swing = (1 - strength) / 2;
  const at = (i: number, side: number): string =>
    `${(i / steps).toFixed(4)} ${(0.5 + swing * Math.sin((2 * Math.PI * count * i) / steps) + side * strength * 0.5).toFixed(4)}`;
  const upper = Array.from({ length: steps + 1 }, (_, i) => at(i, -1));
  const lower = Array.from({ length: steps + 1 }, (_, i) => at(steps - i, 1));
  return `M${[...upper, ...lower].join('L')}Z`;
}

/** A mug with the mark of the pottery: 60 mm on the mug are 60 mm in the file for the printer. */
export function mugListing(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 2000, height: 2000, unit: 'px' });
  const [area] = mockupAreas('mug-blank');
  const mug = { ...photos['mug-blank'], areas: [area!] };
  const empty = kit.project('Mug listing', [kit.sheet('Listing', [])], [mug]);
  const grounded = applyEdit(empty, backgroundEdit(empty.sheets[0]!, mug));
  const sheet = grounded.sheets[0]!;
  const host = backgroundOf(sheet)!;
  const print = new SheetKit(shaper, { ...area!.size!, unit: 'mm', dpi: 300 });
  const laid = layImprint({ project: grounded, sheet, host, photo: mug }, area!, () => kilnMark(print, { x: 90, y: 32.75 }), {
    ...grounded,
    sheet,
    shaper,
  });
  if (!laid) throw new Error('The side of the mug is out of sight');
  return applyEdit(grounded, laid.edit);
}

/** The mark of the open kiln, 46 mm wide and 56 high. */
function kilnMark(kit: SheetKit, { x, y }: { readonly x: number; readonly y: number }): readonly Item[] {
  const top = y - 28;
  const square = { type: 'rectangle', radii: [0, 0, 0, 0] } as const;
  const wave = (down: number): Opening => kit.shape('Wave', WAVES, { x, y: top + down, width: 17, height: 2.6 }, CREAM);
  const border = (name: string, grown: number, width: number) => ({
    ...kit.shape(name, square, { x, y, width: 50 + grown, height: 60 + grown }),
    finish: { outline: { align: 'inside', width: kit.px(width), paint: FIRED } } as const,
  });
  const items = [
    border('Border', 0, 0.7),
    border('Inner border', -2.6, 0.35),
    kit.shape('Disc', { type: 'ellipse' }, { x, y: top + 19, width: 31, height: 31 }, FIRED),
    kit.shape('Fire', { type: 'ellipse' }, { x, y: top + 19, width: 23.5, height: 23.5 }, CLAY),
    ...[13, 16, 19, 22, 25].map(wave),
    kit.text('WRENFOLD', x, top + 43, 6.7, { axes: { wght: 760, wdth: 110 }, colour: FIRED }),
    kit.text('open kiln · 12–14 May', x, top + 50.5, 3.6, { axes: { wght: 500, wdth: 100 }, colour: '#3a403c' }),
  ];
  return [{ type: 'group', id: newId('item'), name: 'Kiln mark', items }];
}
