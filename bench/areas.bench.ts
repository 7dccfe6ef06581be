import { edgeMapOf, findAreas, findSurface, likeliest, newPlane } from '@kadrosyn/core';
import {
  accidentalPlaces,
  FLAT_SAMPLES,
  HIDDEN,
  matteError,
  OCCLUDERS,
  occludedSample,
  placeIn,
  samplePixels,
  TRUE_LENS,
  trueCorners,
  worstCorner,
} from '../packages/render/fixtures/sample-areas.js';
import { about, figure, once } from './figure.js';

about(`
Areas of photos against the truth of their scenes, in px of the photo (1600 px wide): 120 clicks on four flat ones, the worst corner of each; 96 with something
standing over a corner or an edge, and how far its matte is off on average of the area; a round lens. The first click waits for the edges of the photo, each later one for the flood and the corners. In Node, one thread.
`);

once();

const worst: number[] = [];
const [first, next]: [number[], number[]] = [[], []];
for (const name of FLAT_SAMPLES) {
  const [photo, corners] = [await samplePixels(name), trueCorners(name)];
  for (let run = 0; run < 3; run++) {
    const from = performance.now();
    findAreas(photo, edgeMapOf(photo), [placeIn(corners, 0.5, 0.5)]);
    first.push(performance.now() - from);
  }
  const map = edgeMapOf(photo);
  for (const { u, v } of accidentalPlaces(30)) {
    const from = performance.now();
    const found = findAreas(photo, map, [placeIn(corners, u, v)]);
    next.push(performance.now() - from);
    worst.push(worstCorner(found[likeliest(found)]?.form, corners));
  }
}
figure('areas.click.within-2px', (100 * worst.filter((px) => px <= 2).length) / worst.length, '%', { least: 95 });
figure('areas.click.worst-corner.median', median(worst), 'px');
figure('areas.click.worst-corner.95', share(worst, 0.95), 'px', { most: 2 });
figure('areas.click.first', median(first), 'ms', { most: 800 });
figure('areas.click.next', share(next, 0.95), 'ms', { most: 300 });

const occluded: number[] = [];
const mattes: number[] = [];
const looks: number[] = [];
for (const name of FLAT_SAMPLES) {
  for (const occluder of OCCLUDERS) {
    for (const hidden of HIDDEN) {
      const { photo, click, alpha } = await occludedSample(name, occluder, hidden);
      const found = findAreas(photo, edgeMapOf(photo), [click]);
      occluded.push(worstCorner(found[likeliest(found)]?.form, trueCorners(name)));
      const from = performance.now();
      const surface = findSurface(photo, { type: 'flat', corners: trueCorners(name) })!;
      looks.push(performance.now() - from);
      mattes.push(matteError(surface, { type: 'flat', corners: trueCorners(name) }, alpha));
    }
  }
}
figure('areas.occluded.within-3px', (100 * occluded.filter((px) => px <= 3).length) / occluded.length, '%');
figure('areas.occluded.worst-corner', Math.max(...occluded), 'px', { most: 3 });
figure('areas.front.matte.median', 100 * median(mattes), '%');
figure('areas.front.matte.95', 100 * share(mattes, 0.95), '%', { most: 0.3 });
figure('areas.front.matte.worst', 100 * Math.max(...mattes), '%');
figure('areas.front.look.95', share(looks, 0.95), 'ms');

const falsely: number[] = [];
for (const name of FLAT_SAMPLES) {
  const form = { type: 'flat', corners: trueCorners(name) } as const;
  const photo = await samplePixels(name);
  falsely.push(100 * matteError(findSurface(photo, form)!, form, newPlane(photo.width, photo.height)));
}
figure('areas.front.false.worst', Math.max(...falsely), '%', { most: 0.1 });

const lens = await samplePixels('loupe');
const [best] = findAreas(lens, edgeMapOf(lens), [{ x: 500, y: 620 }]);
if (best?.form.type !== 'round') throw new Error('The lens is not round');
const { centre, rx, ry } = best.form;
figure('areas.round.middle', Math.hypot(centre.x - TRUE_LENS.centre.x, centre.y - TRUE_LENS.centre.y), 'px', { most: 1.5 });
figure('areas.round.radius', Math.abs((rx + ry) / 2 - TRUE_LENS.radius), 'px', { most: 1.5 });

function median(values: readonly number[]): number {
  return share(values, 0.5);
}

function share(values: readonly number[], part: number): number {
  return values.toSorted((a, b) => a - b)[Math.min(values.length - 1, Math.floor(part * values.length))]!;
}
