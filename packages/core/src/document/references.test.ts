import { newBackground } from './background.js';
import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testPhoto, testProject } from '../../testing/test-documents.js';
import type { PhotoFill } from './fill.js';
import type { Project } from './project.js';
import { referencesOf, referencesOfItems } from './references.js';

const fill = (photoId: string, more: Partial<PhotoFill> = {}): PhotoFill => ({
  ...{ type: 'photo', photoId, ...more },
  placement: more.placement ?? { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false },
});
const run = { face: 'archivo', axes: {}, size: 20, tracking: 0 };
const word = testOpening('word', {
  outline: {
    ...{ type: 'lettering', align: 'left', leading: 1.2 },
    runs: [
      { ...run, text: 'Kiln', letterIds: ['a', 'b', 'c', 'd'] },
      { ...run, text: 'day', letterIds: ['e', 'f', 'g'], face: 'face_own', standIn: 'fraunces' },
    ],
  },
});
const cutouts = [{ id: 'cut', name: 'Subject', revisions: [{ matteSha256: 'a'.repeat(64), marks: [] }] }];
const made = testProject(
  [
    testGroup('g', [testOpening('a', { fill: fill('heron', { cutout: { id: 'cut', revision: 'a'.repeat(64) } }) })]),
    testOpening('b', { fill: fill('heron', { cutout: { id: 'cut', revision: 'b'.repeat(64) }, placement: 'together' }) }),
    word,
  ],
  [{ ...testPhoto('heron'), cutouts }, testPhoto('lake'), testPhoto('unused')],
);
const project: Project = {
  ...made,
  sheets: [...made.sheets, { ...made.sheets[0]!, id: 'sheet_2', items: [newBackground(made.sheets[0]!, fill('lake'))] }],
};

describe('what a project needs', () => {
  it('is found wherever it is shown: photos, cutouts that there are, faces with their text, shared placements', () => {
    const references = referencesOf(project);
    expect([...references.photos]).toEqual(['heron', 'lake']);
    expect(references.mattes).toEqual([{ photoId: 'heron', matteSha256: 'a'.repeat(64) }]);
    expect([...references.faces]).toEqual(['archivo', 'face_own', 'fraunces']);
    expect(references.text).toBe('Kilnday');
    expect([...references.placements]).toEqual(['together']);
  });

  it('has what stands in front of an area in which something lies, and of no other', () => {
    const form = { type: 'round', centre: { x: 20, y: 15 }, rx: 5, ry: 4, turn: 0 } as const;
    const front = (letter: string) => ({ matteSha256: letter.repeat(64), plateSha256: letter.toUpperCase().repeat(64) });
    const areas = [
      { id: 'pane', name: 'Pane', form, front: front('a') },
      { id: 'lens', name: 'Lens', form, front: front('b') },
      { id: 'card', name: 'Card', form },
    ];
    const lies = (areaId: string) => testOpening('print', { host: { itemId: 'host', areaId } });
    const items = (areaId: string) => [testOpening('host', { fill: fill('heron') }), lies(areaId)];
    const needed = (areaId: string) => referencesOf(testProject(items(areaId), [{ ...testPhoto('heron'), areas }])).mattes;
    expect(needed('pane').map(({ photoId, matteSha256 }) => [photoId, matteSha256[0]])).toEqual([
      ['heron', 'a'],
      ['heron', 'A'],
    ]);
    expect(needed('card')).toEqual([]);
    expect(needed('gone')).toEqual([]);
    expect(referencesOfItems([lies('pane')], { sheets: [], photos: { heron: { ...testPhoto('heron'), areas } } }).mattes).toEqual(
      [],
    );
  });

  it('is that of some sheets only, or of some items', () => {
    expect([...referencesOf(project, ['sheet_2']).photos]).toEqual(['lake']);
    expect(referencesOf(project, ['sheet_2']).text).toBe('');
    expect([...referencesOfItems([word], { photos: {}, sheets: [] }).faces]).toEqual(['archivo', 'face_own', 'fraunces']);
    expect(referencesOfItems(made.sheets[0]!.items, { photos: {}, sheets: [] }).mattes).toEqual([]);
  });
});
