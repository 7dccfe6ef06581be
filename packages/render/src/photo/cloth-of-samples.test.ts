import { findFolds, findSurface } from '@kadrosyn/core';
import { MOCKUPS } from '@kadrosyn/demo';
import { describe, expect, it } from 'vitest';
import { clothOff, toteHandles, toteSurface } from '../../../core/testing/product-truth.js';
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
