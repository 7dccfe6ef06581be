import { meeting, type StraightLine } from './straight-line.js';
import type { AreaForm, FlatForm } from './area-form.js';

/**
 * A form made larger by so many px all round. What was found ends in the middle of its edge: the px that the edge runs through are half of what was
 * there, and would be seen as a fringe. A traced outline stays: it has no direction that is outwards everywhere. So does what is curved: it was placed by hand.
 */
export function grownForm(form: AreaForm, by: number): AreaForm {
  if (form.type !== 'round' && form.type !== 'flat') return form;
  if (form.type === 'round') return { ...form, rx: form.rx + by, ry: form.ry + by };
  const { corners } = form;
  const sides = corners.map((from, i): StraightLine => {
    const to = corners[(i + 1) % 4]!;
    const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
    const along = { x: (to.x - from.x) / length, y: (to.y - from.y) / length };
    return { at: { x: from.x + along.y * by, y: from.y - along.x * by }, along };
  });
  return {
    ...form,
    corners: corners.map((corner, i) => meeting(sides[(i + 3) % 4]!, sides[i]!) ?? corner) as unknown as FlatForm['corners'],
  };
}
