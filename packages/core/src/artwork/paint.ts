import type { Artwork } from './artwork.js';
import { noise, Pen } from './pen.js';

/** Washes and splashes. */
export const PAINT: readonly Artwork[] = [
  wash('wash-broad', 'Broad wash', 'brush stroke watercolour paint band', 3, '#7fa6a0', 11),
  wash('wash-round', 'Round wash', 'watercolour paint blot ground', 1.2, '#d9a13f', 5),
  brush(),
  splash(),
];

/** A spread of water colour: pale inside, darker where it dried at the edge. */
// eslint-disable-next-line max-params -- a row of the table of washes
function wash(id: string, name: string, words: string, proportion: number, colour: string, seed: number): Artwork {
  const random = noise(seed);
  const width = proportion * 100;
  const count = 34;
  const edge = Array.from({ length: count }, () => 0.86 + random() * 0.14);
  const at = (reach: number): string =>
    new Pen(width)
      .smooth(
        edge.map((r, i) => {
          const angle = (i * 2 * Math.PI) / count;
          // Rounder than a box, fuller than an ellipse.
          const [c, s] = [Math.cos(angle), Math.sin(angle)];
          const fuller = (v: number): number => Math.sign(v) * Math.abs(v) ** 0.62;
          return { x: width / 2 + (width / 2) * r * reach * fuller(c), y: 50 + 50 * r * reach * fuller(s) };
        }),
      )
      .data();
  const d = at(1);
  return {
    id,
    name,
    kind: 'paint',
    words,
    proportion,
    outline: d,
    colours: [colour],
    layers: [
      { d, colour: 0, strength: 0.42 },
      { d: at(0.965), colour: 0, shade: 0.25, strength: 0.35 },
      { d: at(0.82), colour: 0, shade: 0.4, strength: 0.3 },
      { d: at(0.6), colour: 0, shade: -0.1, strength: 0.14 },
    ],
  };
}

/** One stroke of a dry brush. */
function brush(): Artwork {
  const random = noise(31);
  const pen = new Pen(420);
  for (let i = 0; i < 15; i++) {
    const y = i * 6.6 + 1;
    const [from, to] = [random() * 34, 420 - random() * 60];
    const bend = 4 * Math.sin(i);
    pen
      .move(from, y)
      .curve(from + 120, y + bend, to - 120, y - bend, to, y + 1.5)
      .line([to - 8 - random() * 20, y + 6.4])
      .curve(to - 130, y + 6.6 - bend, from + 110, y + 6.6 + bend, from + random() * 12, y + 6.2)
      .close();
  }
  const d = pen.data();
  return {
    id: 'brush-stroke',
    name: 'Brush stroke',
    kind: 'paint',
    words: 'dry paint band title ground',
    proportion: 4.2,
    outline: d,
    colours: ['#cf4a22'],
    layers: [{ d, colour: 0, strength: 0.92 }],
    share: 0.7,
  };
}

/** Drops of glaze. */
function splash(): Artwork {
  const random = noise(17);
  const pen = new Pen(120);
  const body = Array.from({ length: 26 }, (_, i) => {
    const angle = (i * 2 * Math.PI) / 26;
    const r = (i % 2 === 0 ? 30 : 20) + random() * (i % 4 === 0 ? 16 : 5);
    return { x: 60 + r * Math.cos(angle), y: 50 + r * Math.sin(angle) };
  });
  pen.smooth(body);
  for (let i = 0; i < 22; i++) {
    const angle = random() * 2 * Math.PI;
    const far = 36 + random() * 20;
    const r = 0.7 + random() * random() * 4.2;
    const [x, y] = [60 + far * 1.08 * Math.cos(angle), 50 + far * 0.85 * Math.sin(angle)];
    if (x > r && y > r && x < 120 - r && y < 100 - r) pen.circle(x, y, r);
  }
  const d = pen.data();
  return {
    id: 'splash',
    name: 'Splash',
    kind: 'paint',
    words: 'drops blot glaze spatter ink',
    proportion: 1.2,
    outline: d,
    colours: ['#1d5a4c'],
    layers: [{ d, colour: 0 }],
  };
}
