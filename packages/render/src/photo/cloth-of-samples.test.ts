import { findFolds, findSurface } from '@kadrosyn/core';
import { MOCKUPS } from '@kadrosyn/demo';
import { describe, expect, it } from 'vitest';
import { clothOff, toteHandles, toteSurface } from '../../../core/testing/product-truth.js';
import { PRODUCT_SCENES } from '../../../../demo/scenes/product-scenes.js';
import { samplePixels } from '../../fixtures/sample-areas.js';

/** An area as it is kept. */
const areaOfSample = (name: 'mug-blank' | 'tote-blank') => MOCKUPS[name]!.areas[0]!;

describe('products whose scenes are known', () => {
  it('reads the folds of the bag from its light: nearer to the simulated cloth than sixteen places alone', async () => {
    const folds = findFolds(await samplePixels('tote-blank'), { points: toteHandles() })!;
    const [read, without] = [clothOff(toteSurface(folds)), clothOff(toteSurface())];
    expect(read.rms).toBeLessThan(1.6);
    expect(read.worst).toBeLessThan(4);
    expect(read.rms).toBeLessThan(without.rms);
    expect(read.worst).toBeLessThan(without.worst);
  });

  it('has the folds of the sample as they are read', async () => {
    const { form } = areaOfSample('tote-blank');
    if (form.type !== 'cloth') throw new Error('It is no cloth');
    const folds = findFolds(await samplePixels('tote-blank'), form)!;
    expect(form.folds!.middle).toEqual(folds.middle);
    folds.rises.forEach((rise, i) => expect(form.folds!.rises[i]!).toBeCloseTo(rise, 4));
  });

  it.each(['mug-blank', 'tote-blank'] as const)('%s: as soft as is measured', async (name) => {
    const { form, surface } = areaOfSample(name);
    expect(findSurface(await samplePixels(name), form)!.plain!.blur).toBeCloseTo(surface!.blur!, 1);
  });
});

describe('mockups of our own scenes', () => {
  const seen = (name: string, area: string) => PRODUCT_SCENES[name]!().areas[area]!;
  const placed = (name: keyof typeof MOCKUPS, index: number) => MOCKUPS[name]!.areas[index]!.form;

  it.each([
    ['lid-box', 0, 'lid'],
    ['lid-box', 1, 'front'],
    ['poster-board', 0, 'poster'],
  ] as const)('%s: its area %i lies where its scene says', (name, index, area) => {
    const form = placed(name, index);
    if (form.type !== 'flat') throw new Error(`It is ${form.type}`);
    // What holds pictures covers the px that its edge runs through.
    const within = name === 'poster-board' ? 1 : 0.1;
    seen(name, area).forEach(([x, y], i) => {
      expect(Math.hypot(form.corners[i]!.x - x, form.corners[i]!.y - y)).toBeLessThan(within);
    });
  });

  it('label-jar: six places and the distance of its scene', () => {
    const form = placed('label-jar', 0);
    if (form.type !== 'tube') throw new Error(`It is ${form.type}`);
    const places = [...form.corners, form.top, form.bottom];
    seen('label-jar', 'label').forEach(([x, y], i) => {
      expect(Math.hypot(places[i]!.x - x, places[i]!.y - y)).toBeLessThan(0.1);
    });
    expect(form.kappa).toBeCloseTo(seen('label-jar', 'kappa')[0]![0], 3);
  });
});
