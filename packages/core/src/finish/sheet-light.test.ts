import { describe, expect, it } from 'vitest';
import { KEPT_IN } from '../breakout/set-marks.js';
import { applyEdit, invertEdit } from '../document/edit.js';
import type { Group } from '../document/item.js';
import { newShapedOpening } from '../document/new-opening.js';
import { newProject } from '../document/new-project.js';
import { followLight, lightAngle, shadowsByLight, turnLight } from './sheet-light.js';

const shape = newShapedOpening('Shape', { type: 'ellipse' }, { x: 5, y: 5 }, 10, 10);
const shadow = { distance: 4, blur: 4, strength: 0.5 };

describe('the light of a sheet', () => {
  it('is turned as one step that can be taken back', () => {
    const project = newProject('Test', { width: 10, height: 10, unit: 'px' });
    const edit = turnLight(project.sheets[0]!, 120);
    const turned = applyEdit(project, edit);
    expect(turned.sheets[0]!.light).toEqual({ angle: 120, height: 45 });
    expect(applyEdit(turned, turnLight(turned.sheets[0]!, 30)).sheets[0]!.light!.angle).toBe(30);
    expect(applyEdit(turned, invertEdit(edit))).toEqual(project);
  });

  it('is left by a shadow in the direction that it has then, and followed again', () => {
    const sheet = { light: { angle: 120, height: 45 } };
    const own = followLight(shadow, sheet, false);
    expect(own).toEqual({ ...shadow, angle: 120 });
    expect(followLight(own, { light: { angle: 10, height: 45 } }, true)).toEqual(shadow);
    expect(lightAngle(null)).toBe(60);
  });

  it('is followed by all shadows that have no direction of their own, those of groups and overhangs too', () => {
    const group: Group = {
      type: 'group',
      id: 'group',
      name: 'Group',
      items: [{ ...shape, finish: { shadow: { ...shadow, angle: 10 } } }],
      finish: { shadow },
    };
    const out = { ...shape, finish: { shadow }, overhangs: { ...KEPT_IN, shadow } };
    expect(shadowsByLight([shape, group, out])).toEqual({ following: 3, own: 1 });
    expect(shadowsByLight([])).toEqual({ following: 0, own: 0 });
  });
});
