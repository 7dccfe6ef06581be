import type { Artwork } from './artwork.js';
import { noise, Pen } from './pen.js';

/** Tape, corners and tags. */
export const PAPER: readonly Artwork[] = [tape(), corners(), corner(), tag(), roundTag(), slip()];

/** A strip of paper tape with torn ends, a little clear. */
function tape(): Artwork {
  const random = noise(7);
  const points: [number, number][] = [];
  const teeth = 9;
  for (let i = 0; i <= teeth; i++) points.push([320 - random() * 9 - (i % 2) * 5, (i * 100) / teeth]);
  for (let i = teeth; i >= 0; i--) points.push([random() * 9 + (i % 2) * 5, (i * 100) / teeth]);
  const d = new Pen(320).polygon(...points).data();
  return {
    id: 'tape',
    name: 'Tape',
    kind: 'paper',
    words: 'strip washi sticky stick',
    proportion: 3.2,
    outline: d,
    colours: ['#e4cf98'],
    layers: [
      { d, colour: 0, strength: 0.72 },
      { d: new Pen(320).box(12, 22, 296, 7).box(12, 71, 296, 7).data(), colour: 0, shade: 0.6, strength: 0.35 },
    ],
    share: 0.25,
  };
}

/** Four corners of card that hold a picture. */
function corners(): Artwork {
  const pen = new Pen(133)
    .polygon([0, 0], [24, 0], [0, 24])
    .polygon([133, 0], [133, 24], [109, 0])
    .polygon([133, 100], [109, 100], [133, 76])
    .polygon([0, 100], [0, 76], [24, 100]);
  const lines = new Pen(133)
    .polygon([0, 20.5], [20.5, 0], [22, 0], [0, 22])
    .polygon([133, 20.5], [133, 22], [111, 0], [112.5, 0])
    .polygon([133, 79.5], [112.5, 100], [111, 100], [133, 78])
    .polygon([0, 79.5], [0, 78], [22, 100], [20.5, 100]);
  const d = pen.data();
  return {
    id: 'corners-four',
    name: 'Four photo corners',
    kind: 'paper',
    words: 'album mount hold picture',
    proportion: 1.33,
    outline: d,
    colours: ['#2b2622'],
    layers: [
      { d, colour: 0 },
      { d: lines.data(), colour: 0, shade: 0.4 },
    ],
  };
}

function corner(): Artwork {
  const d = new Pen(100).polygon([0, 0], [100, 0], [0, 100]).data();
  return {
    id: 'corner-one',
    name: 'Photo corner',
    kind: 'paper',
    words: 'album mount hold picture',
    proportion: 1,
    outline: d,
    colours: ['#2b2622'],
    layers: [
      { d, colour: 0 },
      { d: new Pen(100).polygon([0, 84], [84, 0], [90, 0], [0, 90]).data(), colour: 0, shade: 0.4 },
    ],
    share: 0.12,
  };
}

/** A price tag with a hole and a thread. */
function tag(): Artwork {
  const body = new Pen(178).polygon([36, 0], [178, 0], [178, 100], [36, 100], [6, 66], [6, 34]).circle(30, 50, 7, true).data();
  const ring = new Pen(178).circle(30, 50, 10).circle(30, 50, 7, true).data();
  const thread = new Pen(178)
    .move(30, 49)
    .curve(14, 40, 12, 62, 0, 48)
    .line([0, 50.6])
    .curve(12, 64, 15, 43, 30, 51.4)
    .close()
    .data();
  return {
    id: 'tag-price',
    name: 'Price tag',
    kind: 'paper',
    words: 'label shop sale hang',
    proportion: 1.78,
    outline: body,
    colours: ['#e9dcc3', '#7b5a3c'],
    layers: [
      { d: body, colour: 0 },
      { d: ring, colour: 1 },
      { d: thread, colour: 1, shade: 0.2 },
    ],
  };
}

function roundTag(): Artwork {
  const d = new Pen(100).circle(50, 50, 50).circle(50, 13, 4.5, true).data();
  return {
    id: 'tag-round',
    name: 'Round tag',
    kind: 'paper',
    words: 'label price hang circle',
    proportion: 1,
    outline: d,
    colours: ['#e9dcc3', '#7b5a3c'],
    layers: [
      { d, colour: 0 },
      { d: new Pen(100).circle(50, 50, 46).circle(50, 50, 45.2, true).data(), colour: 1, strength: 0.7 },
      { d: new Pen(100).circle(50, 13, 6.6).circle(50, 13, 4.5, true).data(), colour: 1 },
    ],
    share: 0.3,
  };
}

/** A torn slip of paper to write on. */
function slip(): Artwork {
  const random = noise(23);
  const points: [number, number][] = [];
  for (let i = 0; i <= 40; i++) points.push([i * 7, 8 - random() * 8]);
  for (let i = 40; i >= 0; i--) points.push([i * 7, 92 + random() * 8]);
  const d = new Pen(280).polygon(...points).data();
  return {
    id: 'slip',
    name: 'Torn slip',
    kind: 'paper',
    words: 'note caption label strip',
    proportion: 2.8,
    outline: d,
    colours: ['#fbf8f1'],
    layers: [
      { d, colour: 0 },
      {
        d,
        colour: 0,
        shade: -0.5,
        strength: 0.12,
        fade: {
          kind: 'linear',
          angle: 90,
          stops: [
            { at: 0, strength: 0 },
            { at: 1, strength: 1 },
          ],
        },
      },
    ],
  };
}
