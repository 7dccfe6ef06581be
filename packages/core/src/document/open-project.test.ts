import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { openProject } from './open-project.js';
import { newId, photoIdOf } from './new-id.js';
import { PROJECT_VERSION } from './project.js';

const project = testProject([testOpening('a')]);
const reason = (raw: unknown): string => {
  const opened = openProject(raw);
  return opened.ok ? '' : opened.reason;
};

describe('opening a stored document', () => {
  it('gives a valid one back as it is', () => {
    const read = openProject(JSON.parse(JSON.stringify(project)));
    expect(read).toEqual({ ok: true, project });
  });

  it('says why it can not read something else', () => {
    expect(reason(null)).toMatch(/not a Kadrosyn project/);
    expect(reason([])).toMatch(/not a Kadrosyn project/);
    expect(reason({ format: 'kadrosyn' })).toMatch(/which version/);
    expect(reason({ ...project, version: PROJECT_VERSION + 1 })).toMatch(/newer version/);
    expect(reason({ ...project, name: 3 })).toBe('The project is damaged: its head can not be read.');
    expect(reason({ ...project, extra: true })).toMatch(/damaged/);
    expect(reason({ ...project, sheets: [] })).toBe('The project is damaged: its head can not be read.');
  });

  it('refuses numbers that can not be drawn', () => {
    const wide = (width: number) => ({ ...project, sheets: [{ ...project.sheets[0]!, width }] });
    expect(reason(wide(0))).toMatch(/damaged/);
    expect(reason(wide(1e9))).toMatch(/damaged/);
    expect(reason(wide(Number.NaN))).toMatch(/damaged/);
  });

  it('refuses a photo that is shown but not listed', () => {
    const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
    const shown = testProject([testOpening('a', { fill: { type: 'photo', photoId: 'gone', placement } })]);
    expect(reason(shown)).toMatch(/does not list/);
  });
});

describe('a document of version 1', () => {
  const run = { text: 'Kiln', face: 'archivo', axes: {}, size: 20, tracking: 0 };
  const word = testOpening('word', { outline: { type: 'lettering', runs: [run], align: 'left', leading: 1 } as never });
  const old = { ...testProject([testGroup('g', [word])]), version: 1 };

  it('gets an id for each letter, the same whenever it is read, and keeps all else', () => {
    const [first, second] = [openProject(old), openProject(structuredClone(old))];
    expect(first).toEqual(second);
    if (!first.ok) throw new Error(first.reason);
    const named = { ...run, letterIds: ['letter_1', 'letter_2', 'letter_3', 'letter_4'] };
    const outline = { type: 'lettering', runs: [named], align: 'left', leading: 1 } as const;
    expect(first.project).toEqual({
      ...testProject([testGroup('g', [{ ...word, outline }])]),
      version: PROJECT_VERSION,
      sheets: [{ ...old.sheets[0], items: [{ type: 'group', id: 'g', name: 'g', items: [{ ...word, outline }] }] }],
    });
  });

  it('of the present version without them is damaged', () => {
    expect(reason({ ...old, version: PROJECT_VERSION })).toMatch(/damaged/);
  });
});

describe('ids', () => {
  it('name what they are of and differ', () => {
    const ids = new Set(Array.from({ length: 200 }, () => newId('item')));
    expect(ids.size).toBe(200);
    expect([...ids][0]).toMatch(/^item_[a-z0-9]{12}$/);
    expect(photoIdOf('ab'.repeat(32))).toBe(`photo_${'ab'.repeat(12)}`);
  });
});

describe('a document of version 3', () => {
  it('has its one effect first in a list', () => {
    const placement = { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false };
    const photo = { id: 'p', sha256: 'a'.repeat(64), name: 'p', width: 10, height: 10 };
    const fill = { type: 'photo', photoId: 'p', placement } as const;
    const effect = { kind: 'halftone', strength: 0.5 } as const;
    const made = (shown: object) => ({
      ...testProject([testGroup('g', [testOpening('a', { fill: shown as never })])]),
      photos: { p: photo },
    });
    const opened = openProject({ ...made({ ...fill, effect }), version: 3 });
    expect(opened).toEqual({ ok: true, project: made({ ...fill, effects: [effect] }) });
  });
});
