import type { Artwork } from './artwork.js';
import { Pen } from './pen.js';

const INK = '#20272a';
const pen = (): Pen => new Pen(100);

/** What goes round a photo. */
export const RINGS: readonly Artwork[] = [plain(), double(), scalloped(), wreath(), loupe(), glass()];

function plain(): Artwork {
  const d = pen().circle(50, 50, 50).circle(50, 50, 42, true).data();
  return {
    id: 'ring-plain',
    name: 'Ring',
    kind: 'rings',
    words: 'circle round badge hoop',
    proportion: 1,
    outline: d,
    colours: ['#1d5a4c'],
    layers: [{ d, colour: 0 }],
  };
}

function double(): Artwork {
  const outer = pen().circle(50, 50, 50).circle(50, 50, 45, true).data();
  const inner = pen().circle(50, 50, 43.5).circle(50, 50, 42, true).data();
  return {
    id: 'ring-double',
    name: 'Double ring',
    kind: 'rings',
    words: 'circle round badge stamp seal',
    proportion: 1,
    outline: pen().circle(50, 50, 50).circle(50, 50, 42, true).data(),
    colours: [INK, '#d9a13f'],
    layers: [
      { d: outer, colour: 0 },
      { d: inner, colour: 1 },
    ],
  };
}

/** A seal with a waved edge and a hole for a photo. */
function scalloped(): Artwork {
  const waves = 28;
  const points = Array.from({ length: waves * 2 }, (_, i) => {
    const angle = (i * Math.PI) / waves;
    const r = i % 2 === 0 ? 50 : 46.4;
    return { x: 50 + r * Math.cos(angle), y: 50 + r * Math.sin(angle) };
  });
  const d = pen().smooth(points).circle(50, 50, 38, true).data();
  return {
    id: 'ring-scalloped',
    name: 'Seal ring',
    kind: 'rings',
    words: 'stamp badge waved scallop price',
    proportion: 1,
    outline: d,
    colours: ['#cf4a22', '#fbf8f1'],
    layers: [
      { d, colour: 0 },
      { d: pen().circle(50, 50, 41).circle(50, 50, 40.2, true).data(), colour: 1 },
    ],
  };
}

/** Leaves in a circle. */
function wreath(): Artwork {
  const [line, leaves] = [pen().circle(50, 50, 41.4).circle(50, 50, 40.6, true), pen()];
  for (let i = 0; i < 26; i++) {
    const angle = (i * 360) / 26;
    const turn = (angle * Math.PI) / 180;
    const [x, y] = [50 + 41 * Math.cos(turn), 50 + 41 * Math.sin(turn)];
    leaves.leaf(x, y, 10.5, 5, angle + 62).leaf(x, y, 9, 4.4, angle + 148);
  }
  const d = leaves.data();
  return {
    id: 'wreath',
    name: 'Wreath',
    kind: 'rings',
    words: 'leaves garland plant round badge',
    proportion: 1,
    outline: pen().circle(50, 50, 50).circle(50, 50, 33, true).data(),
    colours: ['#4c6b3c'],
    layers: [
      { d: line.data(), colour: 0, shade: -0.3 },
      { d, colour: 0 },
    ],
  };
}

/** A magnifying glass: rim and handle; what lies below is seen through it. */
function loupe(): Artwork {
  const wide = (): Pen => new Pen(100);
  const rim = wide().circle(38, 38, 38).circle(38, 38, 32.5, true).data();
  const handle = wide().polygon([62, 68], [68, 62], [98, 91], [91, 98]).data();
  return {
    id: 'loupe',
    name: 'Loupe',
    kind: 'rings',
    words: 'magnifying glass lens detail close look',
    proportion: 1,
    outline: `${rim}${handle}`,
    colours: ['#3a2b22', '#c9bda6'],
    layers: [
      {
        d: wide().circle(38, 38, 33).data(),
        colour: 1,
        shade: 1,
        strength: 0.4,
        fade: {
          kind: 'linear',
          angle: 60,
          stops: [
            { at: 0, strength: 0.9 },
            { at: 0.32, strength: 0.15 },
            { at: 0.36, strength: 0 },
            { at: 1, strength: 0 },
          ],
        },
      },
      { d: handle, colour: 0 },
      { d: wide().polygon([64.6, 68.4], [66.8, 66.2], [94.5, 93], [92.6, 95]).data(), colour: 0, shade: 0.3 },
      { d: rim, colour: 0 },
      { d: wide().circle(38, 38, 36.4).circle(38, 38, 34.6, true).data(), colour: 1 },
    ],
  };
}

/** Light and shade of a glass disc, to lie over a round photo. */
function glass(): Artwork {
  const disc = pen().circle(50, 50, 50).data();
  const shine = pen().move(12, 40).curve(16, 18, 38, 6, 60, 9).curve(44, 16, 26, 26, 12, 40).close().data();
  return {
    id: 'glass-round',
    name: 'Glass shading',
    kind: 'rings',
    words: 'lens button dome gloss shine',
    proportion: 1,
    outline: disc,
    colours: ['#20272a', '#ffffff'],
    layers: [
      {
        d: disc,
        colour: 0,
        strength: 0.55,
        fade: {
          kind: 'radial',
          stops: [
            { at: 0, strength: 0 },
            { at: 0.5, strength: 0 },
            { at: 0.64, strength: 0.35 },
            { at: 0.71, strength: 1 },
            { at: 1, strength: 1 },
          ],
        },
      },
      {
        d: shine,
        colour: 1,
        strength: 0.6,
        fade: {
          kind: 'linear',
          angle: 60,
          stops: [
            { at: 0, strength: 1 },
            { at: 0.5, strength: 0.25 },
            { at: 1, strength: 0 },
          ],
        },
      },
    ],
  };
}
