import type { Artwork } from './artwork.js';
import { noise, Pen } from './pen.js';

/** What lies round a picture, open in the middle. */
export const FRAMES: readonly Artwork[] = [plain(), instant(), deckled(), lines()];

function plain(): Artwork {
  const d = new Pen(125).box(0, 0, 125, 100).hole(9, 9, 107, 82).data();
  return {
    id: 'frame-wood',
    name: 'Wooden frame',
    kind: 'frames',
    words: 'picture border wood',
    proportion: 1.25,
    outline: d,
    colours: ['#7b5a3c'],
    layers: [
      { d, colour: 0 },
      { d: new Pen(125).polygon([0, 0], [125, 0], [116, 9], [9, 9]).data(), colour: 0, shade: 0.18 },
      { d: new Pen(125).polygon([0, 100], [9, 91], [116, 91], [125, 100]).data(), colour: 0, shade: -0.22 },
      { d: new Pen(125).polygon([125, 0], [125, 100], [116, 91], [116, 9]).data(), colour: 0, shade: -0.1 },
      { d: new Pen(125).box(8, 8, 109, 84).hole(9, 9, 107, 82).data(), colour: 0, shade: -0.55 },
    ],
  };
}

/** The card rim of an instant print with its thick foot. */
function instant(): Artwork {
  const d = new Pen(84).box(0, 0, 84, 100).hole(5, 5, 74, 74).data();
  return {
    id: 'frame-instant',
    name: 'Instant print rim',
    kind: 'frames',
    words: 'photo card white border foot',
    proportion: 0.84,
    outline: d,
    colours: ['#fbf8f1'],
    layers: [
      { d, colour: 0 },
      { d: new Pen(84).box(4.5, 4.5, 75, 75).hole(5, 5, 74, 74).data(), colour: 0, shade: -0.2 },
    ],
  };
}

/** A paper mat whose inner edge is torn by hand. */
function deckled(): Artwork {
  const random = noise(41);
  const side = (count: number, at: (t: number, r: number) => [number, number]): [number, number][] =>
    Array.from({ length: count }, (_, i) => at(i / count, random()));
  const hole: [number, number][] = [
    ...side(26, (t, r) => [9 + r * 2.4, 10 + 80 * t]),
    ...side(32, (t, r) => [10 + 105 * t, 91 - r * 2.4]),
    ...side(26, (t, r) => [116 - r * 2.4, 90 - 80 * t]),
    ...side(32, (t, r) => [115 - 105 * t, 9 + r * 2.4]),
  ];
  const d = new Pen(125)
    .box(0, 0, 125, 100)
    .polygon(...hole)
    .data();
  return {
    id: 'frame-deckled',
    name: 'Torn mat',
    kind: 'frames',
    words: 'paper border deckle ragged',
    proportion: 1.25,
    outline: d,
    colours: ['#efe6d4'],
    layers: [{ d, colour: 0 }],
  };
}

function lines(): Artwork {
  const outer = new Pen(125).box(0, 0, 125, 100).hole(1.6, 1.6, 121.8, 96.8).data();
  const inner = new Pen(125).box(3.6, 3.6, 117.8, 92.8).hole(4.2, 4.2, 116.6, 91.6).data();
  const knots = new Pen(125).circle(3.9, 3.9, 2).circle(121.1, 3.9, 2).circle(3.9, 96.1, 2).circle(121.1, 96.1, 2).data();
  return {
    id: 'frame-lines',
    name: 'Ruled frame',
    kind: 'frames',
    words: 'lines border thin voucher certificate',
    proportion: 1.25,
    outline: `${outer}${inner}`,
    colours: ['#20272a'],
    layers: [
      { d: outer, colour: 0 },
      { d: inner, colour: 0 },
      { d: knots, colour: 0 },
    ],
    share: 0.9,
  };
}
