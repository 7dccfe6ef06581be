import { describe, expect, it } from 'vitest';
import { drawnArtwork } from '../artwork/drawn-artwork.js';
import { newArtwork } from '../artwork/new-artwork.js';
import { isPart } from '../document/is-part.js';
import { apply, type Matrix } from '../geometry/matrix.js';
import { flatten } from '../geometry/path.js';
import { readPathData } from '../geometry/path-data.js';
import { polygonBounds } from '../geometry/polygon.js';
import { takeDrawing, type TakenDrawing } from './take-drawing.js';

type Taken = Extract<TakenDrawing, { ok: true }>;

function taken(inner: string, view = '0 0 100 50'): Taken {
  const drawing = takeDrawing(`<svg xmlns="http://www.w3.org/2000/svg" viewBox="${view}">${inner}</svg>`);
  expect(drawing).toMatchObject({ ok: true });
  const { colours, layers } = drawing as Taken;
  const item = newArtwork({ ...drawnArtwork(drawing as Taken), name: 'a' }, { width: 9, height: 9 }, { x: 4, y: 4 });
  expect(isPart('item', item)).toBe(true);
  expect(item.fill).toMatchObject({ type: 'drawing', colours, layers });
  return drawing as Taken;
}

const holds = (inner: string): unknown => takeDrawing(`<svg viewBox="0 0 100 50">${inner}</svg>`);
const boundsOf = (d: string) => polygonBounds(flatten(readPathData(d).path, 1e-4));
const near = (value: number) => expect.closeTo(value, 4) as number;

describe('a drawing that is taken with its colours', () => {
  it('has areas in shares of what it shows, in the colours of attributes, sheets and styles, the strongest first', () => {
    const sheet = '<style>rect { fill: blue } .a { fill: #00f000; } #b { fill: rgb(1, 2, 3) }</style>';
    const drawing = taken(`${sheet}
      <rect x="10" y="5" width="20" height="10" fill="red" />
      <rect class="a" x="0" y="20" width="5" height="5" fill="red" />
      <rect id="b" class="a" x="50" y="20" width="5" height="5" />
      <rect id="b" class="a" x="70" y="20" width="5" height="5" style="fill: hsl(0, 100%, 50%); fill-opacity: 50%" />`);
    expect(drawing).toMatchObject({ proportion: 2, colours: ['#0000ff', '#00f000', '#010203', '#ff0000'] });
    expect(drawing.layers.map(({ colour, strength }) => [colour, strength])).toEqual([
      [0, undefined],
      [1, undefined],
      [2, undefined],
      [3, 0.5],
    ]);
    expect(boundsOf(drawing.layers[0]!.d)).toEqual({ x: near(0.1), y: near(0.1), width: near(0.2), height: near(0.2) });
  });

  it('paints what lies apart in one colour at once, and what overlaps one after the other', () => {
    const square = (x: number, more = '') => `<rect x="${x}" y="0" width="10" height="10" ${more}/>`;
    expect(taken(square(0) + square(20) + square(40)).layers).toHaveLength(1);
    expect(taken(square(0) + square(5)).layers).toHaveLength(2);
    expect(taken(square(0) + square(20, 'fill-opacity="0.5"')).layers).toHaveLength(2);
    expect(taken(square(0) + square(20, 'fill="red"') + square(40)).layers.map(({ colour }) => colour)).toEqual([0, 1, 0]);
  });

  it('keeps the rule by which an area is inside', () => {
    const ring = 'M0 0H40V40H0ZM10 10H30V30H10Z';
    expect(taken(`<path d="${ring}" fill-rule="evenodd"/>`).layers[0]).toMatchObject({ rule: 'evenodd' });
    expect(taken(`<path d="${ring}"/>`).layers[0]).not.toHaveProperty('rule');
  });

  it('has lines as the areas that they cover: ends, corners, closed or not, stretched by transforms', () => {
    const line = (more: string) => boundsOf(taken(`<line x1="20" y1="25" x2="60" y2="25" stroke="red" ${more}/>`).layers[0]!.d);
    expect(line('stroke-width="4"')).toEqual({ x: near(0.2), y: near(0.46), width: near(0.4), height: near(0.08) });
    expect(line('stroke-width="4" stroke-linecap="square"')).toMatchObject({ x: near(0.18), width: near(0.44) });
    expect(line('stroke-width="4" transform="translate(0 -50) scale(1 3)"')).toMatchObject({ height: near(0.24) });
    const corner = 'M10 40L10 10L40 10';
    const open = taken(`<path d="${corner}" fill="none" stroke="red" stroke-width="2"/>`).layers[0]!;
    expect(boundsOf(open.d)).toMatchObject({ x: near(0.09), y: near(0.18), width: near(0.31), height: near(0.62) });
    const closed = taken(`<path d="${corner}Z" fill="none" stroke="red" stroke-width="2"/>`).layers[0]!;
    expect(flatten(readPathData(closed.d).path)).toHaveLength(2);
    expect(taken('<path d="M10 10L40 10" stroke="red"/>').colours).toEqual(['#ff0000']);
    expect(taken('<path d="M10 10L40 10" stroke="lab(54.29 80.8 69.89)"/>').colours).toEqual(['#ff0000']);
    expect(taken(`<path d="${corner}" stroke="red" fill="blue"/>`).colours).toEqual(['#0000ff', '#ff0000']);
  });

  it('has gradients that lie where they lay: in the box of a shape or in the units of the drawing, turned, with colours of another', () => {
    const stops = '<stop offset="0" stop-color="red"/><stop offset="100%" stop-color="blue" stop-opacity="0.5"/>';
    const at = (gradient: string, shape: string, ...shares: [number, number]): number => {
      const { layers, colours } = taken(`<defs>${gradient}</defs>${shape}`);
      const { frame, stops: kept, kind } = layers[0]!.gradient!;
      expect(colours).toEqual(['#ff0000', '#0000ff']);
      expect(kept).toEqual([
        { at: 0, colour: 0 },
        { at: 1, colour: 1, strength: 0.5 },
      ]);
      const [a, b, c, d, e, f] = frame;
      const matrix: Matrix = { a, b, c, d, e, f };
      const { x, y } = apply(matrix, { x: shares[0], y: shares[1] });
      return kind === 'radial' ? Math.hypot(x, y) : x;
    };
    const box = '<rect x="20" y="10" width="60" height="20" fill="url(#g)"/>';
    const linear = `<linearGradient id="g">${stops}</linearGradient>`;
    expect([0.2, 0.5, 0.8].map((x) => at(linear, box, x, 0.3))).toEqual([near(0), near(0.5), near(1)]);
    const down = `<linearGradient id="g" gradientTransform="rotate(90)">${stops}</linearGradient>`;
    expect([0.2, 0.4, 0.6].map((y) => at(down, box, 0.5, y))).toEqual([near(0), near(0.5), near(1)]);
    const units = `<linearGradient id="h">${stops}</linearGradient>
      <linearGradient id="g" href="#h" gradientUnits="userSpaceOnUse" x1="0" y1="0" x2="50" y2="0"/>`;
    expect(at(units, box, 0.25, 0.9)).toEqual(near(0.5));
    const moved = `<g transform="translate(10 0) scale(2)"><rect x="0" y="0" width="20" height="10" fill="url(#g)"/></g>`;
    expect(at(linear, moved, 0.3, 0.1)).toEqual(near(0.5));
    const radial = `<radialGradient id="g" cx="50%" cy="0.5" r="0.5">${stops}</radialGradient>`;
    expect([at(radial, box, 0.5, 0.4), at(radial, box, 0.8, 0.4), at(radial, box, 0.5, 0.6)]).toEqual([
      near(0),
      near(1),
      near(1),
    ]);
  });

  it('is clipped where it was, and where it reaches beyond what the drawing shows', () => {
    const clip = '<clipPath id="c"><circle cx="50" cy="25" r="10"/></clipPath>';
    const [layer] = taken(`${clip}<g clip-path="url(#c)"><rect width="100" height="50"/></g>`).layers;
    expect(boundsOf(layer!.clip!.d)).toMatchObject({ x: near(0.4), width: near(0.2), y: near(0.3), height: near(0.4) });
    const inBox = '<clipPath id="c" clipPathUnits="objectBoundingBox"><rect x="0.5" width="0.5" height="1"/></clipPath>';
    const [half] = taken(`${inBox}<rect x="20" width="40" height="20" clip-path="url(#c)"/>`).layers;
    expect(boundsOf(half!.clip!.d)).toMatchObject({ x: near(0.4), width: near(0.2) });
    const two = '<clipPath id="c"><rect width="20" height="20"/><rect x="10" width="20" height="20"/></clipPath>';
    const [both] = taken(`${two}<rect width="100" height="50" clip-path="url(#c)"/>`).layers;
    expect(boundsOf(both!.clip!.d)).toMatchObject({ x: near(0), width: near(0.3) });
    const [beyond] = taken('<rect x="-10" width="50" height="50"/>').layers;
    expect(boundsOf(beyond!.clip!.d)).toMatchObject({ x: near(0), width: near(1) });
    expect(taken('<rect width="50" height="50"/>').layers[0]).not.toHaveProperty('clip');
  });

  it('follows references and symbols to their place', () => {
    const symbol = '<symbol id="s" viewBox="0 0 10 10"><rect width="10" height="10"/></symbol>';
    const [layer] = taken(`${symbol}<use href="#s" x="40" y="10" width="20" height="20"/>`).layers;
    expect(boundsOf(layer!.d)).toMatchObject({ x: near(0.4), y: near(0.2), width: near(0.2), height: near(0.4) });
    const [moved] = taken('<defs><rect id="r" width="10" height="10"/></defs><use href="#r" x="5" fill="red"/>').layers;
    expect(boundsOf(moved!.d)).toMatchObject({ x: near(0.05) });
    const rounded = taken('<rect width="40" height="20" rx="20" ry="5"/>').layers[0]!;
    expect(boundsOf(rounded.d)).toMatchObject({ width: near(0.4), height: near(0.4) });
  });

  it('is taken hold of by what is painted: lines by what they cover, what is clipped by what is left', () => {
    const at = (d: string) => boundsOf(d);
    const clip = '<clipPath id="c"><rect width="20" height="20"/></clipPath>';
    const drawing = taken(
      `${clip}<rect width="90" height="50" clip-path="url(#c)"/><path d="M60 40H80" stroke="red" stroke-width="4"/>`,
    );
    const { outline } = drawnArtwork(drawing);
    const parts = flatten(readPathData(outline).path).map((part) => polygonBounds([part]).x);
    expect(parts.toSorted((a, b) => a - b)).toEqual([expect.closeTo(0, 3), expect.closeTo(0.6, 3)]);
    expect(at(outline)).toMatchObject({ width: expect.closeTo(0.8, 3) as number });
  });

  it('without a frame of its own shows all that is painted', () => {
    const drawing = takeDrawing('<svg><rect x="10" y="20" width="30" height="10"/></svg>') as Taken;
    expect(drawing.view).toEqual({ x: near(10), y: near(20), width: near(30), height: near(10) });
    expect(drawing.proportion).toBeCloseTo(3);
  });
});

describe('a drawing that can only be shown as a picture', () => {
  it.each([
    ['text', '<text>Kiln</text>'],
    ['a picture', '<image href="data:image/png;base64,AAAA"/>'],
    ['a filter', '<rect width="9" height="9" filter="url(#f)"/>'],
    ['a mask', '<g mask="url(#m)"><rect width="9" height="9"/></g>'],
    ['a pattern', '<pattern id="p"/><rect width="9" height="9" fill="url(#p)"/>'],
    ['colours that are blended', '<rect width="9" height="9" style="mix-blend-mode: multiply"/>'],
    ['dashed lines', '<path d="M0 0H9" stroke="red" stroke-dasharray="2 1"/>'],
    ['parts that are clear as one', '<g opacity="0.5"><rect width="9" height="9"/><rect width="5" height="5"/></g>'],
    [
      'clips within clips',
      '<clipPath id="c"><rect width="9" height="9"/></clipPath><g clip-path="url(#c)"><g clip-path="url(#c)"><rect width="9" height="9"/></g></g>',
    ],
    ['a style sheet that is more than colours', '<style>@media print { rect { fill: red } }</style><rect width="9" height="9"/>'],
    ['a style sheet that is more than colours', '<style>g > rect { fill: red }</style><rect width="9" height="9"/>'],
    ['sizes that follow the page', '<rect width="100%" height="9"/>'],
    ['something from outside', '<use href="other.svg#a"/>'],
    ['a colour that can not be read', '<rect width="9" height="9" fill="device-cmyk(0 1 1 0)"/>'],
    [
      'a gradient that is repeated',
      '<linearGradient id="g" spreadMethod="reflect"><stop/></linearGradient><rect width="9" height="9" fill="url(#g)"/>',
    ],
    ['arrow heads', '<path d="M0 0H9" stroke="red" marker-end="url(#m)"/>'],
    ['movement', '<rect width="9" height="9"/><animate/>'],
  ])('says that it holds %s', (what, inner) => {
    expect(holds(inner)).toEqual({ ok: false, holds: what });
  });

  it('says so of too many colours or parts', () => {
    const rects = (count: number, colour: (index: number) => string) =>
      Array.from({ length: count }, (_, n) => `<rect width="9" height="9" fill="${colour(n)}"/>`).join('');
    expect(holds(rects(33, (n) => `rgb(${n}, 0, 0)`))).toEqual({ ok: false, holds: 'more than 32 colours' });
    expect(takeDrawing(`<svg viewBox="0 0 9 9">${rects(32, (n) => `rgb(${n}, 0, 0)`)}</svg>`)).toMatchObject({ ok: true });
    expect(holds(rects(201, () => 'red'))).toEqual({ ok: false, holds: 'more than 200 parts' });
  });

  it('takes a part of very many points, and says when they are too many', () => {
    const zigzag = (count: number) =>
      `<path d="M0 0${Array.from({ length: count }, (_, n) => `L${n % 90} ${n % 40}`).join('')}"/>`;
    expect(holds(zigzag(50_000))).toEqual({ ok: false, holds: 'a part with too many points' });
    expect(holds(zigzag(70_000))).toEqual({ ok: false, holds: 'more than 60,000 points' });
    expect(taken(zigzag(5_000)).layers).toHaveLength(1);
  });

  it('is none when it is no drawing, or nothing is painted', () => {
    expect(takeDrawing('<html/>')).toEqual({ ok: false, message: 'This is html, not an SVG drawing.' });
    expect(takeDrawing('<svg><rect/></svg>')).toEqual({ ok: false, message: 'Nothing is painted in the drawing.' });
    expect(takeDrawing('<svg><g></svg>')).toMatchObject({ message: expect.stringContaining('no well-formed SVG') as string });
  });
});
