import type { Artwork } from './artwork.js';
import { Pen } from './pen.js';

const GREEN = '#4c6b3c';

/** Leaves and stalks. */
export const PLANTS: readonly Artwork[] = [sprig(), fern(), branch()];

function sprig(): Artwork {
  const pen = (): Pen => new Pen(62);
  const stalk = pen()
    .move(30, 100)
    .curve(28, 70, 34, 40, 31, 8)
    .line([32, 8])
    .curve(35.4, 40, 29.6, 70, 31.6, 100)
    .close()
    .data();
  const leaves = pen();
  for (let i = 0; i < 6; i++) {
    const y = 84 - i * 13;
    const size = 25 - i * 2.2;
    leaves.leaf(31, y, size, size * 0.44, -38).leaf(31, y - 5, size, size * 0.44, -142);
  }
  leaves.leaf(31.4, 14, 14, 6.4, -90);
  return artwork('sprig', 'Leaf sprig', 'twig olive plant leaf', 0.62, stalk, leaves.data());
}

function fern(): Artwork {
  const pen = (): Pen => new Pen(70);
  const stalk = pen().move(10, 100).curve(22, 70, 40, 40, 62, 4).line([63, 4.8]).curve(42, 41, 24, 71, 12, 100).close().data();
  const leaves = pen();
  for (let i = 0; i < 13; i++) {
    const t = i / 13;
    const [x, y] = [11 + 51 * t ** 0.95, 97 - 92 * t];
    const size = 27 * (1 - t) ** 0.7 + 3;
    leaves.leaf(x, y, size * 0.8, size * 0.26, -16 - 8 * t).leaf(x, y, size * 0.8, size * 0.26, -116 - 4 * t);
  }
  return artwork('fern', 'Fern', 'leaf plant frond green', 0.7, stalk, leaves.data());
}

function branch(): Artwork {
  const pen = (): Pen => new Pen(260);
  const stalk = pen()
    .move(0, 58)
    .curve(80, 40, 170, 66, 256, 46)
    .line([256, 47.6])
    .curve(170, 69, 80, 43.4, 0, 60.6)
    .close()
    .data();
  const leaves = pen();
  for (let i = 0; i < 9; i++) {
    const x = 14 + i * 25.6;
    const y = 55 + 5 * Math.sin(i * 0.9);
    leaves.leaf(x, y, 40, 17, -58).leaf(x + 12, y, 38, 16, 54);
  }
  return artwork('branch', 'Long branch', 'leaf plant border garland line', 2.6, stalk, leaves.data());
}

// eslint-disable-next-line max-params -- a row of the table of plants
function artwork(id: string, name: string, words: string, proportion: number, stalk: string, leaves: string): Artwork {
  return {
    id,
    name,
    kind: 'plants',
    words,
    proportion,
    outline: `${stalk}${leaves}`,
    colours: [GREEN],
    layers: [
      { d: leaves, colour: 0 },
      { d: stalk, colour: 0, shade: -0.3 },
    ],
    share: 0.45,
  };
}
