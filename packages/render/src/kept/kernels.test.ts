import { describe, expect, it } from 'vitest';
import type { Finish, Opening, PhotoFill, Pixels, Plane, ResolvedSheet, Sheet } from '@kadrosyn/core';
import { crossing, group, RECTANGLE, shape, withPicture, word } from '../../fixtures/kit.js';
import { sampleResources, shaper, squareSheet } from '../../testing/pictures.js';
import type { RenderResources } from '../index.js';
import { changedInput, type Inputs } from './inputs.js';
import { runKernel, type KernelJob, type Kernels } from './kernels.js';
import { Memo } from './memo.js';
import { drawPlainSheet } from '../sheet/draw-sheet.js';
import { NODE_ENVIRONMENT } from '../node/index.js';
import { SheetPainter, type Painted } from '../sheet/sheet-painter.js';
import { resolved } from '../../testing/resolved.js';

const SIZE = 400;
const VIEW = { scale: 1, left: 0, top: 0 };

/** Kernels that answer when they are told to. */
class LateKernels implements Kernels {
  readonly jobs: string[] = [];
  private readonly results = new Map<string, { inputs: Inputs; result: Pixels | Plane }>();
  private readonly waiting = new Map<string, { inputs: Inputs; job: KernelJob }>();

  get pending(): number {
    return this.waiting.size;
  }

  take(name: string, inputs: Inputs, job: (() => KernelJob) | null): Pixels | Plane | null {
    const known = this.results.get(name);
    if (known && changedInput(known.inputs, inputs) === null) return known.result;
    if (job) this.waiting.set(name, { inputs, job: job() });
    return null;
  }

  answer(): void {
    for (const [name, { inputs, job }] of this.waiting) {
      this.jobs.push(`${name}: ${job.kind}`);
      this.results.set(name, { inputs, result: runKernel(job) });
    }
    this.waiting.clear();
  }
}

const opening = (finish: Finish, fill: Partial<PhotoFill> = {}): Opening =>
  withPicture(
    shape('p', { type: 'ellipse' }, 60, 60, 260, 260, null, { finish }),
    'agave-pot',
    { at: [300, 400], on: [190, 190], scale: 0.5 },
    fill,
  );
const FINISH: Finish = {
  shadow: { distance: 14, blur: 20, strength: 0.6 },
  innerShade: { colour: '#000000', blur: 24, strength: 0.6 },
};
const DEVELOPED = { tone: { warmth: 0.4, contrast: 0.2 }, blur: 6, effects: [{ kind: 'grain', strength: 0.5 }] } as const;

function canvas() {
  const surface = NODE_ENVIRONMENT.createSurface(SIZE, SIZE);
  const read = (): Uint8ClampedArray => surface.context.getImageData(0, 0, SIZE, SIZE).data;
  return { painter: new SheetPainter(surface.context), read };
}

function exactly(sheet: Sheet): Uint8ClampedArray {
  const { painter, read } = canvas();
  painter.paint(resolved(sheet), VIEW, 0, sampleResources);
  return read();
}

/** In how many values two pictures differ. Comparing them entry by entry takes the test runner seconds. */
function differing(a: Uint8ClampedArray, b: Uint8ClampedArray): number {
  return a.length === b.length ? a.reduce((count, value, i) => count + (value === b[i] ? 0 : 1), 0) : Infinity;
}

function meanDifference(a: Uint8ClampedArray, b: Uint8ClampedArray): number {
  return a.reduce((sum, value, i) => sum + Math.abs(value - b[i]!), 0) / a.length;
}

describe('kernels that work elsewhere', () => {
  const sheet: Sheet = { ...squareSheet(SIZE, [opening(FINISH, DEVELOPED)]), mood: { tone: { saturation: -0.5, fade: 0.2 } } };

  it('let a nearly right picture be seen first, and then the very same as when all is done at once', () => {
    const { painter, read } = canvas();
    const kernels = new LateKernels();
    const resources: RenderResources = { ...sampleResources, kernels };
    painter.paint(resolved(sheet), VIEW, 0, resources);
    painter.settle(resources);
    const exact = exactly(sheet);
    expect(meanDifference(read(), exact)).toBeGreaterThan(0);
    expect(meanDifference(read(), exact)).toBeLessThan(3);
    expect(painter.isExact).toBe(false);
    // The shade and the photo first, then the shadow of what they made, at last the mood over all.
    for (let round = 0; round < 4 && kernels.pending > 0; round++) {
      kernels.answer();
      painter.paint(resolved(sheet), VIEW, 0, resources);
      painter.settle(resources);
    }
    expect(differing(read(), exact)).toBe(0);
    expect(painter.isExact).toBe(true);
    expect(kernels.pending).toBe(0);
    expect(kernels.jobs.sort()).toEqual([
      'mood: develop',
      'p  innerShade shade: inner-shade',
      'p photo: develop',
      'p shadow shadow: shadow',
    ]);
  });

  const letters = word('w', 'Kiln', 160, 40, 120, '#1d5a4c', shaper);
  const shadowed = { ...letters, finish: { shadow: FINISH.shadow! } };
  const inked = shape('ink', RECTANGLE, 20, 20, 300, 300, '#cf4a22');
  const through = crossing('p', 'w#w-1', true);
  const owing: readonly [string, ResolvedSheet][] = [
    ['a photo that is developed', squareSheet(SIZE, [opening({}, DEVELOPED)])],
    ['a shadow', squareSheet(SIZE, [opening({ shadow: FINISH.shadow! })])],
    ['an inner shade', squareSheet(SIZE, [opening({ innerShade: FINISH.innerShade! })])],
    ['the shadow of a group', squareSheet(SIZE, [group('g', [inked], { finish: { shadow: FINISH.shadow! } })])],
    ['something in a group', squareSheet(SIZE, [group('g', [inked, opening({}, DEVELOPED)])])],
    ['the shadow of a word', squareSheet(SIZE, [shadowed])],
    ['the shadow of a letter that is passed', squareSheet(SIZE, [opening({}), shadowed], [through])],
    ['what lies behind the sheet', { ...squareSheet(SIZE, [{ ...opening({}, DEVELOPED), role: 'background' }, letters]) }],
  ];

  it.each(owing)('are said to be missing where they owe %s', (_name, of) => {
    const { context } = NODE_ENVIRONMENT.createSurface(SIZE, SIZE);
    const kernels = new LateKernels();
    expect(drawPlainSheet(context, of, VIEW, { ...sampleResources, kernels })).toBe(false);
    for (let round = 0; round < 3; round++) {
      kernels.answer();
      drawPlainSheet(context, of, VIEW, { ...sampleResources, kernels });
    }
    expect(drawPlainSheet(context, of, VIEW, { ...sampleResources, kernels })).toBe(true);
  });

  it('are not said to be missing where nothing is owed', () => {
    const { context } = NODE_ENVIRONMENT.createSurface(SIZE, SIZE);
    const plain = squareSheet(SIZE, [opening({}), group('g', [inked]), letters], [through]);
    expect(drawPlainSheet(context, plain, VIEW, { ...sampleResources, kernels: new LateKernels() })).toBe(true);
  });

  it('leave nothing behind in what is kept: what was drawn without them is drawn again with them', () => {
    const layers = new Memo('layers', 2 ** 28);
    const { context } = NODE_ENVIRONMENT.createSurface(SIZE, SIZE);
    const kernels = new LateKernels();
    const resources = { ...sampleResources, kernels, layers };
    const of = squareSheet(SIZE, [opening(FINISH, DEVELOPED)]);
    for (let round = 0; round < 4; round++) {
      drawPlainSheet(context, of, VIEW, resources);
      kernels.answer();
    }
    context.clearRect(0, 0, SIZE, SIZE);
    expect(drawPlainSheet(context, of, VIEW, resources)).toBe(true);
    expect(differing(context.getImageData(0, 0, SIZE, SIZE).data, exactly(of))).toBe(0);
  });

  it('are asked again only for what has changed: a shadow stays when a tone does not', () => {
    const { painter } = canvas();
    const kernels = new LateKernels();
    const resources: RenderResources = { ...sampleResources, kernels };
    const bring = (of: Sheet): void => {
      for (let round = 0; round < 5; round++) {
        painter.paint(resolved(of), VIEW, 0, resources);
        painter.settle(resources);
        kernels.answer();
      }
    };
    const first = squareSheet(SIZE, [opening(FINISH, DEVELOPED)]);
    bring(first);
    kernels.jobs.length = 0;
    const [before] = first.items as [Opening];
    const toned = { ...before, fill: { ...(before.fill as PhotoFill), tone: { warmth: -0.4 } } };
    bring({ ...first, items: [toned] });
    expect(kernels.jobs).toEqual(['p photo: develop']);
  });

  it('do small work at once', () => {
    const { painter, read } = canvas();
    const kernels = new LateKernels();
    const finish = { shadow: { distance: 4, blur: 6, strength: 0.6 } };
    const small = squareSheet(SIZE, [shape('s', RECTANGLE, 20, 20, 40, 40, '#cf4a22', { finish })]);
    painter.paint(resolved(small), VIEW, 0, { ...sampleResources, kernels });
    expect(kernels.pending).toBe(0);
    expect(painter.isExact).toBe(true);
    expect(differing(read(), exactly(small))).toBe(0);
  });
});

describe('sliders of the finish', () => {
  it.each<[string, Finish, Partial<PhotoFill>]>([
    ['opacity', { ...FINISH, opacity: 0.4 }, {}],
    ['a shadow', { shadow: { distance: 30, blur: 40, strength: 0.8, spread: 6 } }, {}],
    ['an inner shade', { innerShade: { colour: '#cf4a22', blur: 50, strength: 0.9 } }, {}],
    ['a tone', {}, { tone: { brightness: 0.4, saturation: -0.4 } }],
    ['a blur', {}, { blur: 20 }],
    [
      'a gradient outline',
      {
        outline: {
          align: 'inside',
          width: 14,
          paint: {
            type: 'gradient',
            kind: 'linear',
            angle: 0,
            stops: [
              { at: 0, colour: '#cf4a22' },
              { at: 1, colour: '#1d5a4c' },
            ],
          },
        },
      },
      {},
    ],
  ])('%s: a frame is nearly what it will be, and what it will be is exact', (_name, finish, fill) => {
    const { painter, read } = canvas();
    const before = opening({});
    const base = squareSheet(SIZE, [shape('below', RECTANGLE, 0, 0, 400, 400, '#e9dcc3'), before]);
    const [from, to] = [before, opening(finish, fill)].map((item): Sheet => ({ ...base, items: [base.items[0]!, item] }));
    painter.paint(resolved(from!), VIEW, 0, sampleResources);
    const how: Painted = painter.paint(resolved(to!), VIEW, 0, { ...sampleResources, draft: true });
    expect(how).toBe('part');
    const exact = exactly(to!);
    expect(meanDifference(read(), exact)).toBeLessThan(2);
    painter.settle(sampleResources);
    expect(differing(read(), exact)).toBe(0);
  });

  it('of the mood leave what lies below it alone', () => {
    const { painter, read } = canvas();
    const plain = squareSheet(SIZE, [opening(FINISH)]);
    const moody = (fade: number): Sheet => ({ ...plain, mood: { tone: { fade }, effects: [{ kind: 'edges', strength: 0.5 }] } });
    expect(painter.paint(resolved(plain), VIEW, 0, sampleResources)).toBe('whole');
    expect(painter.paint(resolved(moody(0.2)), VIEW, 0, sampleResources)).toBe('whole');
    expect(painter.paint(resolved(moody(0.6)), VIEW, 0, { ...sampleResources, draft: true })).toBe('part');
    expect(meanDifference(read(), exactly(moody(0.6)))).toBeLessThan(2);
    painter.settle(sampleResources);
    expect(differing(read(), exactly(moody(0.6)))).toBe(0);
    expect(painter.paint(resolved(plain), VIEW, 0, sampleResources)).toBe('whole');
    expect(differing(read(), exactly(plain))).toBe(0);
  });

  it('draw nothing below what hides it, and all of it where it shows again', () => {
    const { painter, read } = canvas();
    const below = shape('below', { type: 'ellipse' }, 100, 100, 200, 200, '#cf4a22');
    const ground = squareSheet(SIZE, []);
    const cover = (finish: Finish, x = 0): Sheet => ({
      ...ground,
      items: [below, shape('cover', RECTANGLE, x, 0, 400, 400, '#1d5a4c', { finish })],
    });
    painter.paint(resolved(cover({})), VIEW, 0, sampleResources);
    for (const next of [
      cover({ opacity: 0.99 }),
      cover({}),
      cover({}, 150),
      cover({}, 20.5),
      cover({ blend: 'multiply' }),
      cover({}),
    ]) {
      painter.paint(resolved(next), VIEW, 0, { ...sampleResources, draft: true });
      expect(meanDifference(read(), exactly(next))).toBeLessThan(0.6);
    }
  });
});
