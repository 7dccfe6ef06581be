import type { Artwork } from './artwork.js';
import { Pen } from './pen.js';

const whole = new Pen(125).box(0, 0, 125, 100).data();

/** Light that falls over everything. */
export const LIGHT: readonly Artwork[] = [leak(), sideLeak(), rays(), darkEdge()];

/** Warm light from one corner. */
function leak(): Artwork {
  return {
    id: 'light-corner',
    name: 'Corner light',
    kind: 'light',
    words: 'leak warm sun glow flare',
    proportion: 1.25,
    // Only the corner is taken hold of, so that what lies below can be reached.
    outline: new Pen(125).polygon([0, 0], [60, 0], [0, 60]).data(),
    colours: ['#f2a24b', '#e4572e'],
    layers: [
      {
        d: whole,
        colour: 1,
        strength: 0.5,
        fade: {
          kind: 'linear',
          angle: 40,
          stops: [
            { at: 0, strength: 1 },
            { at: 0.45, strength: 0 },
            { at: 1, strength: 0 },
          ],
        },
      },
      {
        d: whole,
        colour: 0,
        strength: 0.75,
        fade: {
          kind: 'linear',
          angle: 32,
          stops: [
            { at: 0, strength: 1 },
            { at: 0.33, strength: 0 },
            { at: 1, strength: 0 },
          ],
        },
      },
    ],
    blend: 'screen',
    share: 1,
  };
}

function sideLeak(): Artwork {
  return {
    id: 'light-side',
    name: 'Side light',
    kind: 'light',
    words: 'leak film warm red flare',
    proportion: 1.25,
    outline: new Pen(125).box(0, 0, 22, 100).data(),
    colours: ['#e4572e', '#f7c66b'],
    layers: [
      {
        d: whole,
        colour: 0,
        strength: 0.8,
        fade: {
          kind: 'linear',
          angle: 0,
          stops: [
            { at: 0, strength: 1 },
            { at: 0.12, strength: 0.7 },
            { at: 0.3, strength: 0 },
            { at: 1, strength: 0 },
          ],
        },
      },
      {
        d: whole,
        colour: 1,
        strength: 0.7,
        fade: {
          kind: 'linear',
          angle: 8,
          stops: [
            { at: 0, strength: 1 },
            { at: 0.1, strength: 0.2 },
            { at: 0.18, strength: 0 },
            { at: 1, strength: 0 },
          ],
        },
      },
    ],
    blend: 'screen',
    share: 1,
  };
}

/** Rays from the middle, to stand behind something. */
function rays(): Artwork {
  const pen = new Pen(100);
  for (let i = 0; i < 16; i++) {
    const [a, b] = [((i - 0.25) * Math.PI) / 8, ((i + 0.25) * Math.PI) / 8];
    pen.polygon([50, 50], [50 + 50 * Math.cos(a), 50 + 50 * Math.sin(a)], [50 + 50 * Math.cos(b), 50 + 50 * Math.sin(b)]);
  }
  const d = pen.data();
  return {
    id: 'rays',
    name: 'Rays',
    kind: 'light',
    words: 'sun burst shine behind offer',
    proportion: 1,
    outline: d,
    colours: ['#d9a13f'],
    layers: [
      {
        d,
        colour: 0,
        fade: {
          kind: 'radial',
          stops: [
            { at: 0, strength: 1 },
            { at: 0.35, strength: 0.8 },
            { at: 0.71, strength: 0 },
            { at: 1, strength: 0 },
          ],
        },
      },
    ],
    share: 0.8,
  };
}

/** Darkness towards the edges. */
function darkEdge(): Artwork {
  return {
    id: 'edge-dark',
    name: 'Dark edges',
    kind: 'light',
    words: 'vignette shade mood',
    proportion: 1.25,
    outline: new Pen(125).box(0, 0, 125, 100).hole(14, 14, 97, 72).data(),
    colours: ['#20150c'],
    layers: [
      {
        d: whole,
        colour: 0,
        strength: 0.7,
        fade: {
          kind: 'radial',
          stops: [
            { at: 0, strength: 0 },
            { at: 0.5, strength: 0 },
            { at: 1, strength: 1 },
          ],
        },
      },
    ],
    blend: 'multiply',
    share: 1,
  };
}
