import type { Artwork } from './artwork.js';
import { Pen } from './pen.js';

const RUST = '#b8401f';

/** Bands that run behind and in front of things. */
export const RIBBONS: readonly Artwork[] = [folded(), wave(), pennant()];

/** A band with folded tails. */
function folded(): Artwork {
  const pen = (): Pen => new Pen(460);
  const band = pen().box(60, 8, 340, 62).data();
  const tails = pen()
    .polygon([0, 30], [92, 30], [92, 92], [0, 92], [26, 61])
    .polygon([368, 30], [460, 30], [434, 61], [460, 92], [368, 92]);
  return {
    id: 'ribbon-folded',
    name: 'Folded ribbon',
    kind: 'ribbons',
    words: 'band banner title award',
    proportion: 4.6,
    outline: pen()
      .polygon(
        [0, 30],
        [60, 30],
        [60, 8],
        [400, 8],
        [400, 30],
        [460, 30],
        [434, 61],
        [460, 92],
        [368, 92],
        [368, 70],
        [92, 70],
        [92, 92],
        [0, 92],
        [26, 61],
      )
      .data(),
    colours: [RUST],
    layers: [
      { d: tails.data(), colour: 0, shade: -0.18 },
      { d: pen().polygon([60, 70], [92, 70], [92, 92]).polygon([400, 70], [368, 70], [368, 92]).data(), colour: 0, shade: -0.5 },
      { d: band, colour: 0 },
      {
        d: band,
        colour: 0,
        shade: 0.6,
        strength: 0.35,
        fade: {
          kind: 'linear',
          angle: 90,
          stops: [
            { at: 0, strength: 1 },
            { at: 0.6, strength: 0 },
          ],
        },
      },
      { d: pen().box(60, 13, 340, 2.4).box(60, 62.6, 340, 2.4).data(), colour: 0, shade: 0.55, strength: 0.8 },
    ],
    share: 0.7,
  };
}

/** A strip of paper that swings. */
function wave(): Artwork {
  const pen = (): Pen => new Pen(520);
  const body = pen()
    .move(0, 34)
    .curve(90, 0, 170, 0, 260, 24)
    .curve(350, 48, 430, 48, 520, 14)
    .line([520, 66])
    .curve(430, 100, 350, 100, 260, 76)
    .curve(170, 52, 90, 52, 0, 86)
    .close()
    .data();
  return {
    id: 'ribbon-wave',
    name: 'Swinging ribbon',
    kind: 'ribbons',
    words: 'strip paper band flowing',
    proportion: 5.2,
    outline: body,
    colours: ['#1d5a4c'],
    layers: [
      { d: body, colour: 0 },
      {
        d: body,
        colour: 0,
        shade: -0.6,
        strength: 0.5,
        fade: {
          kind: 'linear',
          angle: 0,
          stops: [
            { at: 0, strength: 0.7 },
            { at: 0.25, strength: 0 },
            { at: 0.5, strength: 0.8 },
            { at: 0.75, strength: 0 },
            { at: 1, strength: 0.7 },
          ],
        },
      },
    ],
    share: 0.8,
  };
}

/** Small flags on a line. */
function pennant(): Artwork {
  const pen = (): Pen => new Pen(600);
  const flags = [0, 1, 2, 3, 4, 5, 6];
  const flag = (i: number): [number, number][] => {
    const sag = (x: number): number => 6 + 26 * (1 - ((x - 300) / 300) ** 2);
    const x = 20 + i * 80;
    return [
      [x, sag(x)],
      [x + 72, sag(x + 72)],
      [x + 36, sag(x + 36) + 62],
    ];
  };
  const some = (odd: number): string =>
    flags
      .filter((i) => i % 2 === odd)
      .reduce((line, i) => line.polygon(...flag(i)), pen())
      .data();
  const string = pen().move(0, 4).curve(150, 42, 450, 42, 600, 4).line([600, 7]).curve(450, 45, 150, 45, 0, 7).close().data();
  return {
    id: 'pennants',
    name: 'Pennants',
    kind: 'ribbons',
    words: 'bunting flags party open day festival',
    proportion: 6,
    outline: flags.reduce((line, i) => line.polygon(...flag(i)), pen()).data(),
    colours: ['#cf4a22', '#1d5a4c', '#20272a'],
    layers: [
      { d: some(0), colour: 0 },
      { d: some(1), colour: 1 },
      { d: string, colour: 2 },
    ],
    share: 0.9,
  };
}
