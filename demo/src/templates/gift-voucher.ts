import type { Project, Shaper } from '@kadrosyn/core';
import type { SamplePhotos } from '../sample-projects.js';
import { INK, PAPER, RUST, SheetKit } from '../sheet-kit.js';

/** A voucher in a long envelope's size: a photo behind, a slip of paper over it. */
export function giftVoucher(photos: SamplePhotos, shaper: Shaper): Project {
  const kit = new SheetKit(shaper, { width: 210, height: 99, unit: 'mm' });
  const photo = photos['glaze-rust'];
  const body = { axes: { wght: 480, wdth: 100 } };
  const slip = {
    ...kit.shape('Slip', { type: 'ticket', notch: 0.12 }, { x: 105, y: 49.5, width: 158, height: 68 }, PAPER),
    kind: 'artwork' as const,
  };
  const sheet = kit.sheet(
    'Voucher',
    [
      kit.slot('Picture', 'A picture behind the voucher', null, { x: 105, y: 49.5, width: 210, height: 99 }, photo),
      slip,
      {
        ...kit.shape('Rule', null, { x: 105, y: 49.5, width: 134, height: 58 }),
        locked: true,
        finish: { outline: { align: 'inside' as const, width: kit.px(0.5), paint: INK } },
      },
      kit.text('GIFT VOUCHER', 105, 33, 11, { face: 'abril-fatface', axes: {}, tracking: 40 }),
      kit.caption('for an evening at the wheel', 'What it is for', 105, 47, 5.4, body),
      kit.caption('40', 'Its worth', 105, 60, 13, { face: 'alfa-slab-one', axes: {}, colour: RUST }),
      kit.text('Wrenfold Pottery · Tarn Hollow', 105, 72, 3.6, body),
    ],
    { bleed: kit.px(3), margin: kit.px(5) },
  );
  return kit.project('Gift voucher', [sheet], [photo]);
}
