import { describe, expect, it } from 'vitest';
import { newShapedOpening } from '../document/new-opening.js';
import { newProject } from '../document/new-project.js';
import { withBleed } from './with-bleed.js';

describe('a sheet with its bleed', () => {
  const project = newProject('Card', { width: 200, height: 100, unit: 'px' });
  const disc = newShapedOpening('Disc', { type: 'ellipse' }, { x: 0, y: 50 }, 40, 40);
  const [sheet] = project.sheets;
  const full = { ...project, sheets: [{ ...sheet!, items: [disc] }] };

  it('is larger on each side, and what lies on it stays where it lies', () => {
    const [wide] = withBleed(full, sheet!.id, 9.5).sheets;
    expect([wide!.width, wide!.height]).toEqual([219, 119]);
    const [item] = wide!.items;
    expect(item?.type === 'opening' && item.box).toEqual({ ...disc.box, x: disc.box.x + 9.5, y: disc.box.y + 9.5 });
  });

  it('is the same without', () => {
    expect(withBleed(full, sheet!.id, 0)).toBe(full);
    expect(withBleed(full, 'nobody', 5)).toBe(full);
  });
});
