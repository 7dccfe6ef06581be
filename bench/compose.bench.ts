import { join } from 'node:path';
import { resolvedIn, type Item, type Sheet } from '@kadrosyn/core';
import { loadShaperFrom, renderSheet } from '@kadrosyn/render/node';
import { hardPictures } from '../packages/render/fixtures/hard-pictures.js';
import { loadIngredients, sourceOf } from '../packages/render/fixtures/ingredients.js';
import { about, figure, once } from './figure.js';

about(`
The hard pictures in Node at 2000 x 2000 px with nothing kept from before (the best of three), against the same items plainly from back to front,
without crossings and overhangs. The ratio is high where the plain picture is next to nothing, as with two bars.
`);
once();
const SIDE = 2000;
const root = process.cwd();
const shaper = await loadShaperFrom(join(root, 'build/faces'));
const ingredients = await loadIngredients(join(root, 'demo/pictures'));
const source = sourceOf(ingredients);

function best(run: () => void): number {
  run();
  const times = [0, 1, 2].map(() => {
    const from = performance.now();
    run();
    return performance.now() - from;
  });
  return Math.min(...times);
}

/** The same without crossings and overhangs. */
function plain(items: readonly Item[]): Item[] {
  return items.map((item): Item => {
    if (item.type === 'group') return { ...item, items: plain(item.items) };
    const { overhangs: _gone, ...rest } = item;
    return rest;
  });
}

for (const { name, project } of hardPictures(shaper)) {
  const sheet = project.sheets[0]!;
  const resources = { photos: project.photos, source, shaper };
  const draw = (drawn: Sheet): number =>
    best(() => renderSheet(resolvedIn(project, structuredClone(drawn)), SIDE / sheet.width, resources));
  const bare = draw({ ...sheet, items: plain(sheet.items), crossings: [] });
  const whole = draw(sheet);
  figure(`compose.${name}.time`, whole, 'ms');
  figure(`compose.${name}.ratio`, whole / bare, 'plain-composite');
}
