import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { openProject } from '../document/open-project.js';
import { asTemplate, samplesLeft, slotsUnder } from './slots.js';

const placement = { x: 60, y: 40, scale: 0.1, turn: 0, flipX: false, flipY: false };
const photo = { type: 'photo', photoId: 'photo_a', placement } as const;
const sample = { hint: 'Your mug', sample: true };
const slot = testOpening('slot', { fill: photo, slot: sample });
const ring = testOpening('ring', { kind: 'artwork', box: { x: 150, y: 60, width: 200, height: 200, turn: 0 } });
const far = testOpening('far', { box: { x: 700, y: 600, width: 50, height: 50, turn: 0 } });

describe('samples', () => {
  it('are listed on every sheet until they are replaced or hidden', () => {
    const done = testOpening('done', { fill: photo, slot: { ...sample, sample: false } });
    const project = testProject([
      slot,
      done,
      testGroup('g', [testOpening('in', { slot: sample })]),
      { ...slot, id: 'x', hidden: true },
    ]);
    const twice = { ...project, sheets: [...project.sheets, { ...project.sheets[0]!, id: 'sheet_2' }] };
    expect(samplesLeft(twice).map(({ sheet, opening }) => [sheet.id, opening.id])).toEqual([
      ['sheet_1', 'slot'],
      ['sheet_1', 'in'],
      ['sheet_2', 'slot'],
      ['sheet_2', 'in'],
    ]);
  });
});

describe('what lies over a slot', () => {
  const sheet = (...items: Parameters<typeof testProject>[0]) => testProject(items).sheets[0]!;

  it('is what is in front of it and touches it', () => {
    expect(slotsUnder(sheet(slot, ring), ring).map(({ id }) => id)).toEqual(['slot']);
    expect(slotsUnder(sheet(ring, slot), ring)).toEqual([]);
    expect(slotsUnder(sheet(slot, far), far)).toEqual([]);
    expect(slotsUnder(sheet(testOpening('plain'), ring), ring)).toEqual([]);
  });

  it('may be a group, or lie in one', () => {
    const group = testGroup('g', [far, ring]);
    expect(slotsUnder(sheet(slot, group), group).map(({ id }) => id)).toEqual(['slot']);
    expect(slotsUnder(sheet(testGroup('h', [slot, ring])), ring).map(({ id }) => id)).toEqual(['slot']);
  });
});

describe('a project kept as a template', () => {
  it('has those slots that were chosen and no others; an empty opening has no sample', () => {
    const empty = testOpening('empty');
    const project = testProject([testOpening('old', { fill: photo, slot: sample }), testGroup('g', [slot]), empty, far]);
    const template = asTemplate(
      project,
      new Map([
        ['slot', 'A mug'],
        ['empty', 'A bowl'],
      ]),
    );
    expect(openProject(template).ok).toBe(true);
    const [old, group, now, rest] = template.sheets[0]!.items;
    expect(old).not.toHaveProperty('slot');
    expect(group).toMatchObject({ items: [{ slot: { hint: 'A mug', sample: true } }] });
    expect(now).toMatchObject({ slot: { hint: 'A bowl', sample: false } });
    expect(rest).toEqual(far);
  });
});
