import { describe, expect, it } from 'vitest';
import { lookedAt, testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { testShaper } from '../../testing/test-shaper.js';
import type { Item, Opening } from '../document/item.js';
import { newLettering } from '../document/new-opening.js';
import { acceptAt, isGround, type Acceptance, type Carried } from './accept.js';

const shaper = await testShaper();
const photo = {
  type: 'photo',
  photoId: 'photo_a',
  placement: { x: 200, y: 150, scale: 0.25, turn: 0, flipX: false, flipY: false },
} as const;
const box = { x: 100, y: 100, width: 400, height: 300, turn: 0 };
const AT = { x: 300, y: 250 };
const make = (id: string, change: Partial<Opening> = {}): Opening => testOpening(id, { box, ...change });

const sheetWith = (...items: Item[]) => testProject(items).sheets[0]!;
const empty = make('empty');
const slot = make('slot', { fill: photo, slot: { hint: 'Your mug', sample: true } });
const filled = make('filled', { fill: photo, outline: { type: 'ellipse' } });
const loose = make('loose', { fill: photo, kind: 'loose' });
const artwork = make('artwork', { fill: photo, kind: 'artwork' });
const word = newLettering({ text: 'I', face: 'alfa-slab-one', axes: {}, size: 320 }, AT, { type: 'none' }, shaper);
const letter: Opening = { ...word, id: 'letter' };

/** What lies under the pointer, by the words of the rule. */
const GROUNDS: Readonly<Record<string, readonly Item[]>> = {
  'empty opening': [empty],
  'slot with sample': [slot],
  'filled shaped opening': [filled],
  'loose picture': [loose],
  artwork: [artwork],
  'sheet background': [],
  letter: [letter],
  'locked item': [{ ...filled, locked: true }],
  'overlay above a slot': [slot, artwork],
  group: [testGroup('g', [empty])],
};

const source = make('source', { fill: photo, box: { ...box, x: 700, width: 100 } });
const moved = make('moved', { fill: photo, kind: 'loose', box: { ...box, x: 700, width: 100 } });
const CARRIED: Readonly<Record<string, Carried>> = {
  photo: { what: 'photo' },
  artwork: { what: 'artwork' },
  'file from the desktop': { what: 'file' },
  'item from the sheet': { what: 'item', item: moved },
  'photo from another opening': { what: 'photo-of-opening', item: source },
};

/** "fill empty", "lay, replace loose": the act with what takes it, and the target with what it lies on. */
function words({ act, opening, target }: Acceptance): string {
  const main = opening ? `${act} ${opening.id}` : act;
  return target ? `${main}, ${target.act} ${target.opening?.id ?? 'sheet'}` : main;
}

const TAKES_PHOTO: Readonly<Record<string, string>> = {
  'empty opening': 'fill empty',
  'slot with sample': 'fill slot',
  'filled shaped opening': 'replace filled',
  'loose picture': 'lay, replace loose',
  artwork: 'lay, replace artwork',
  'sheet background': 'lay, background sheet',
  letter: 'fill letter',
  'locked item': 'lay, background sheet',
  'overlay above a slot': 'fill slot',
  group: 'fill empty',
};

const EXPECTED: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  photo: TAKES_PHOTO,
  'file from the desktop': TAKES_PHOTO,
  artwork: Object.fromEntries(Object.keys(GROUNDS).map((ground) => [ground, 'lay'])),
  'item from the sheet': {
    'empty opening': 'move, put-inside empty',
    'slot with sample': 'move, put-inside slot',
    'filled shaped opening': 'move, put-inside filled',
    'loose picture': 'move',
    artwork: 'move',
    'sheet background': 'move',
    letter: 'move, put-inside letter',
    'locked item': 'move',
    'overlay above a slot': 'move, put-inside slot',
    group: 'move, put-inside empty',
  },
  'photo from another opening': {
    'empty opening': 'keep, move-here empty',
    'slot with sample': 'keep, move-here slot',
    'filled shaped opening': 'keep, swap filled',
    'loose picture': 'keep, swap loose',
    artwork: 'keep, lay-loose sheet',
    'sheet background': 'keep, lay-loose sheet',
    letter: 'keep, move-here letter',
    'locked item': 'keep, lay-loose sheet',
    'overlay above a slot': 'keep, move-here slot',
    group: 'keep, move-here empty',
  },
};

describe.each(Object.entries(CARRIED))('%s', (name, carried) => {
  it.each(Object.entries(GROUNDS))('over %s', (ground, items) => {
    const sheet = sheetWith(source, moved, ...items);
    expect(words(acceptAt(carried, lookedAt(sheet), AT, shaper))).toBe(EXPECTED[name]![ground]);
  });
});

describe('a photo', () => {
  const over = (...items: Item[]): string => words(acceptAt({ what: 'photo' }, lookedAt(sheetWith(...items)), AT, shaper));
  const whole = { x: 0, y: 0, width: 1000, height: 800, turn: 0 };

  it('lies on top of what fills the whole sheet, unless that is a sample or empty', () => {
    const ground = make('ground', { fill: photo, box: whole });
    expect(over(ground)).toBe('lay, replace ground');
    expect(over({ ...ground, slot: { hint: 'Your picture', sample: true } })).toBe('fill ground');
    expect(over({ ...ground, slot: { hint: 'Your picture', sample: false } })).toBe('lay, replace ground');
    expect(over({ ...ground, fill: { type: 'none' } })).toBe('fill ground');
    expect(isGround(ground, sheetWith(ground))).toBe(true);
    expect(isGround({ ...ground, box: { ...whole, width: 900 } }, sheetWith(ground))).toBe(false);
  });

  it('passes through letters that are too small to show it', () => {
    const caption = newLettering({ text: 'MMMM', face: 'archivo', axes: {}, size: 40 }, AT, { type: 'none' }, shaper);
    expect(over(empty, caption)).toBe('fill empty');
    expect(over(caption)).toBe('lay, background sheet');
  });

  it('falls beside an opening onto the sheet, never into it', () => {
    const sheet = sheetWith(slot);
    expect(words(acceptAt({ what: 'photo' }, lookedAt(sheet), { x: 99, y: 250 }, shaper))).toBe('lay, background sheet');
    expect(words(acceptAt({ what: 'photo' }, lookedAt(sheet), { x: -20, y: 250 }, shaper))).toBe('lay');
  });

  it('in the notch of a shape is beside it', () => {
    const corner = { x: 105, y: 105 };
    expect(words(acceptAt({ what: 'photo' }, lookedAt(sheetWith(filled)), corner, shaper))).toBe('lay, background sheet');
  });

  it('moved within its own opening stays there', () => {
    const carried = { what: 'photo-of-opening', item: filled } as const;
    expect(words(acceptAt(carried, lookedAt(sheetWith(filled)), AT, shaper))).toBe('keep');
    expect(words(acceptAt(carried, lookedAt(sheetWith(empty, filled)), AT, shaper))).toBe('keep');
  });
});

describe('a moved item', () => {
  it('is absorbed by nothing when it is a shape, and never by itself', () => {
    const sheet = sheetWith(empty, filled);
    expect(words(acceptAt({ what: 'item', item: filled }, lookedAt(sheet), AT, shaper))).toBe('move');
    expect(words(acceptAt({ what: 'item', item: loose }, lookedAt(sheetWith(loose)), AT, shaper))).toBe('move');
  });
});
