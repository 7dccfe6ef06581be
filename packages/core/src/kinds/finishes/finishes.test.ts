import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arbitraryItems } from '../../../testing/arbitrary-items.js';
import { testGroup } from '../../../testing/test-documents.js';
import { isPart } from '../../document/is-part.js';
import {
  belowReach,
  finishBand,
  FINISHES,
  finishesWithPanel,
  finishOfGroup,
  finishReach,
  finishWhere,
  hasFinish,
  insideReach,
  scaledFinish,
  shadesOf,
  shadowsOf,
  type Finish,
  type FinishName,
} from './finishes.js';
import type { FinishKind } from './finish-kind.js';

const { opening } = arbitraryItems({ photos: ['heron'], faces: ['archivo'], cutout: 'cut', sheets: ['other'] });
const finishes = opening.map(({ finish }) => finish);
const names = Object.keys(FINISHES) as FinishName[];
const kindOf = (name: FinishName) => FINISHES[name] as FinishKind<unknown>;

describe.each(names)('%s', (name) => {
  const kind = kindOf(name);
  const only = finishes.filter((finish) => finish[name] !== undefined).map((finish) => ({ [name]: finish[name] }));
  const tried = (test: (finish: Finish) => void) => fc.assert(fc.property(only, test), { numRuns: 40 });

  it('can stand in a document, and in a group where groups can have it', () => {
    tried((finish) => {
      expect(isPart('finish', finish)).toBe(true);
      const group = testGroup('g', []);
      const held = kind.lies === 'laid' ? finish : { finish };
      expect(isPart('item', { ...group, ...held })).toBe(kind.forGroups);
      expect(finishOfGroup(finish)).toEqual(kind.forGroups ? finish : {});
    });
  });

  it('is found where it lies, and reaches as far as it says there', () => {
    tried((finish) => {
      const where = (['form', 'inside', 'below', 'laid', 'nowhere'] as const).filter((lies) => hasFinish(finish, lies));
      expect(where).toEqual([kind.lies]);
      expect(finishWhere(finish, kind.lies)).toEqual(finish);
      expect(shadowsOf(finish)).toHaveLength(kind.lies === 'below' ? 1 : 0);
      expect(shadesOf(finish)).toHaveLength(kind.lies === 'inside' ? 1 : 0);
      if (kind.lies !== 'form') expect(finishReach(finish, false)).toBe(0);
      if (kind.lies !== 'below') expect(belowReach(finish)).toBe(0);
      if (kind.lies !== 'inside') expect(insideReach(finish)).toBe(0);
      if (kind.lies !== 'form' && kind.lies !== 'inside') expect(finishBand(finish)).toBe(0);
    });
  });

  it('on something twice as large is twice as large, and the same at its own size', () => {
    tried((finish) => {
      expect(scaledFinish(finish, 1)).toEqual(finish);
      const twice = scaledFinish(finish, 2);
      expect(isPart('finish', twice)).toBe(true);
      const grows = (reach: (of: Finish) => number) => {
        // Softness is worked out in whole px.
        expect(Math.abs(reach(twice) - 2 * reach(finish))).toBeLessThanOrEqual(4);
      };
      grows((of) => finishReach(of, true));
      grows(finishBand);
    });
  });
});

describe('what the panel offers by itself', () => {
  it.each(finishesWithPanel())('%s begins with something that the document can hold, field by field', (name) => {
    const { first, fields } = kindOf(name).panel!;
    const begun = first(600) as Record<string, unknown>;
    expect(isPart('finish', { [name]: begun })).toBe(true);
    for (const { of, as } of fields) expect(typeof begun[of]).toBe(as === 'colour' ? 'string' : 'number');
  });
});

describe('several parts', () => {
  const shadow = { distance: 10, blur: 8, strength: 0.5 };
  const outline = { align: 'outside', width: 6, paint: '#102030' } as const;

  it('add up: a shadow falls from the outer edge of the outline, a shade begins within the rim', () => {
    expect(finishReach({ outline, shadow }, true)).toBe(6 + belowReach({ shadow }));
    expect(finishReach({ outline, shadow }, false)).toBe(24);
    const rim = { top: 1, right: 2, bottom: 9, left: 3, colour: '#ffffff' };
    const innerShade = { colour: '#000000', blur: 20, strength: 1 };
    expect(finishBand({ rim, innerShade })).toBe(9 + insideReach({ innerShade }));
    expect(finishBand({ rim, outline: { ...outline, align: 'inside' } })).toBe(9);
  });
});
