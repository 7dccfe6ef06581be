import { describe, expect, it } from 'vitest';
import { HOSTILE_DRAWINGS } from '../../testing/hostile-drawings.js';
import { testShaper } from '../../testing/test-shaper.js';
import { outlinePath } from '../kinds/outlines/outlines.js';
import { flatten } from '../geometry/path.js';
import { contains } from '../geometry/polygon.js';
import { takeOutline } from './take-outline.js';

const shaper = await testShaper();

/** The polygons of what was taken, in the px of the drawing. */
function taken(source: string) {
  const result = takeOutline(source);
  if (!result.ok) throw new Error(result.message);
  const { outline, bounds } = result.taken;
  const polygons = flatten(outlinePath(outline, bounds.width, bounds.height, shaper), 0.01);
  return { ...result, bounds, holds: (x: number, y: number) => contains(polygons, { x: x - bounds.x, y: y - bounds.y }) };
}

describe('taking an outline from a drawing', () => {
  it('reads every basic shape where it lies', () => {
    const { bounds, holds, notUsed } = taken(`<svg>
      <rect x="0" y="0" width="20" height="20" rx="4"/> <circle cx="50" cy="10" r="10"/> <ellipse cx="80" cy="10" rx="5" ry="10"/>
      <polygon points="100,0 120,0 110,20"/> <polyline points="130 0 150 0 150 20"/> <path d="M160 0h20v20z"/></svg>`);
    expect(bounds).toMatchObject({ x: 0, y: 0, width: 180, height: 20 });
    for (const x of [10, 50, 80, 110, 148, 175]) expect(holds(x, 5)).toBe(true);
    for (const x of [30, 65, 90, 125, 155]) expect(holds(x, 10)).toBe(false);
    expect(holds(0.5, 0.5)).toBe(false);
    expect(notUsed).toEqual([]);
  });

  it('applies transforms, groups and references within the drawing', () => {
    const { bounds, holds } = taken(`<svg><defs><path id="p" d="M0 0H10V10H0Z"/></defs>
      <g transform="translate(100 50) scale(2)"><use href="#p" x="5" transform="rotate(90)"/></g></svg>`);
    expect(bounds.x).toBeCloseTo(80);
    expect(bounds.y).toBeCloseTo(60);
    expect(bounds.width).toBeCloseTo(20);
    expect(holds(90, 70)).toBe(true);
  });

  it('joins what overlaps, whichever way it was drawn, and keeps curves that stand alone', () => {
    const { holds } = taken('<svg><path d="M0 0H20V20H0Z"/><path d="M10 10V30H30V10Z"/></svg>');
    for (const [x, y] of [
      [5, 5],
      [15, 15],
      [25, 25],
    ] as const)
      expect(holds(x, y)).toBe(true);
    expect(holds(25, 5)).toBe(false);
    const alone = takeOutline('<svg><circle cx="5" cy="5" r="5"/></svg>');
    expect(alone.ok && alone.taken.outline.d.match(/C/g)).toHaveLength(4);
  });

  it('keeps holes by either rule', () => {
    const ring = 'M0 0H30V30H0Z';
    const evenodd = taken(`<svg><path fill-rule="evenodd" d="${ring}M10 10H20V20H10Z"/></svg>`);
    const styled = taken(`<svg><g style="fill-rule: evenodd"><path d="${ring}M10 10H20V20H10Z"/></g></svg>`);
    const nonzero = taken(`<svg><path d="${ring}M10 10V20H20V10Z"/></svg>`);
    for (const { holds } of [evenodd, styled, nonzero]) {
      expect(holds(15, 15)).toBe(false);
      expect(holds(5, 15)).toBe(true);
    }
    expect(taken(`<svg><path d="${ring}M10 10H20V20H10Z"/></svg>`).holds(15, 15)).toBe(true);
  });

  it('takes bare path data, a piece of a drawing, and one that is only lines', () => {
    expect(taken('M0 0H10V10Z').bounds.width).toBe(10);
    expect(taken('<path d="M0 0H10V10Z"/>').bounds.width).toBe(10);
    expect(taken('<svg fill="none" stroke="black"><path d="M0 0H10V10Z"/></svg>').holds(8, 2)).toBe(true);
    const styled = '<svg><style>.line { fill: none }</style><path class="line" d="M0 0H90V90Z"/><path d="M0 0H10V10Z"/></svg>';
    expect(taken(styled).bounds).toMatchObject({ width: 10, height: 10 });
    expect(taken('<svg><path fill="none" d="M0 0H90V90Z"/><path d="M0 0H10V10Z"/></svg>').notUsed).toEqual([
      'one shape that is only a line',
    ]);
  });

  it('says in words what it could not use', () => {
    const { notUsed } = taken(
      '<svg><image/><image/><text>a</text><use href="x#y"/><use href="x#z"/><path d="M0 0H10V10Z"/></svg>',
    );
    expect(notUsed).toEqual(['2 pictures', 'one text', '2 outside references']);
  });
});

describe('hostile drawings', () => {
  it('are many', () => expect(HOSTILE_DRAWINGS.length).toBeGreaterThanOrEqual(40));

  it.each(HOSTILE_DRAWINGS.map((drawing) => [drawing.name, drawing] as const))('%s', (_name, { source, expect: wanted }) => {
    const from = performance.now();
    const result = takeOutline(source);
    // A limit against hanging, far above what any of them takes.
    expect(performance.now() - from).toBeLessThan(20_000);
    if (wanted === 'refused') {
      expect(result.ok).toBe(false);
      if (!result.ok) expect(result.message).toMatch(/^[A-Z].*\.( .*\.)?$/s);
      return;
    }
    if (!result.ok) throw new Error(result.message);
    // Nothing but path data of numbers is left.
    expect(result.taken.outline).toEqual({ type: 'path', d: expect.stringMatching(/^[MLQCZ\d. e-]+$/) as string });
    for (const word of wanted.notUsed) expect(result.notUsed.join(', ')).toMatch(word);
    if (wanted.notUsed.length === 0) expect(result.notUsed.join(', ')).not.toMatch(/script|picture|outside/);
  });
});
