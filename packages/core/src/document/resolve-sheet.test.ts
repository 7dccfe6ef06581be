import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { editRecipes, cook } from '../../testing/arbitrary-edits.js';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { isByRole, literalColour } from '../kinds/colour.js';
import { applyEdit } from './edit.js';
import { changeProject } from './make-edit.js';
import { rebaseEdits } from './rebase.js';
import { resolvedIn, resolveSheet } from './resolve-sheet.js';
import type { Project } from './project.js';

const plain = testOpening('plain', { fill: { type: 'colour', colour: '#112233' } });
const inked = testOpening('inked', {
  fill: {
    type: 'gradient',
    kind: 'linear',
    stops: [
      { at: 0, colour: { role: 'ink' } },
      { at: 1, colour: { role: 'ground', alpha: 0.5 } },
    ],
  },
  finish: { rim: { top: 1, right: 1, bottom: 1, left: 1, colour: { role: 'second' } } },
});
const project = testProject([plain, testGroup('group', [inked, plain])]);
const roles = { ...project.roles, ground: '#f0f0f0', ink: '#0a0b0c', accent: '#ff0000', second: '#00ff00' };

/** Whether there is a colour by its role anywhere in it. */
function hasRole(value: unknown): boolean {
  if (typeof value !== 'object' || value === null) return false;
  return isByRole(value) || Object.values(value).some(hasRole);
}

describe('a resolved sheet', () => {
  it('has the colours that the project has for their roles', () => {
    const sheet = resolvedIn({ ...project, roles }, project.sheets[0]!);
    const [, group] = sheet.items;
    if (group?.type !== 'group') throw new Error('Not the group');
    expect(group.items[0]).toEqual({
      ...inked,
      fill: {
        type: 'gradient',
        kind: 'linear',
        stops: [
          { at: 0, colour: '#0a0b0c' },
          { at: 1, colour: '#f0f0f080' },
        ],
      },
      finish: { rim: { top: 1, right: 1, bottom: 1, left: 1, colour: '#00ff00' } },
    });
  });

  it('is made once, and what has nothing to resolve stays the very same', () => {
    const sheet = resolvedIn({ ...project, roles }, project.sheets[0]!);
    expect(resolvedIn({ ...project, roles }, project.sheets[0]!)).toBe(sheet);
    expect(sheet.items[0]).toBe(plain);
    const only = testProject([plain]);
    expect(resolveSheet(only, 'sheet_1')).toBe(only.sheets[0]);
    expect(resolveSheet(only, 'nowhere')).toBeNull();
    // Another sheet with the same items: they are known.
    expect(resolvedIn({ ...project, roles }, { ...project.sheets[0]!, name: 'Other' }).items[1]).toBe(sheet.items[1]);
    expect(resolvedIn({ ...project, roles: { ...roles } }, project.sheets[0]!).items[1]).not.toBe(sheet.items[1]);
  });

  it('has no role left, whatever was done to the project', () => {
    fc.assert(
      fc.property(editRecipes, (recipes) => {
        const after = cook(recipes, project, applyEdit);
        for (const { id } of after.sheets) expect(hasRole(resolveSheet(after, id))).toBe(false);
      }),
      { numRuns: 100 },
    );
    expect(hasRole(project)).toBe(true);
  });

  it('is what a colour is taken from: one by its role alone can not be drawn', () => {
    expect(literalColour('#11223344')).toBe('#11223344');
    expect(() => literalColour({ role: 'ink' })).toThrow(RangeError);
  });
});

describe('the colours of the project by their role', () => {
  const changed = (from: Project, change: Partial<Project['roles']>) =>
    changeProject(from, { roles: { ...from.roles, ...change } }, 'Colour of the project');

  it('can be changed by two at once where they change different ones', () => {
    const { mine, theirs } = rebaseEdits([changed(project, { ink: '#000001' })], [changed(project, { accent: '#000002' })]);
    const [one, other] = [changed(project, { ink: '#000001' }), changed(project, { accent: '#000002' })];
    const both = { ...project.roles, ink: '#000001', accent: '#000002' };
    expect(mine.reduce(applyEdit, applyEdit(project, other)).roles).toEqual(both);
    expect(theirs.reduce(applyEdit, applyEdit(project, one)).roles).toEqual(both);
    expect(() => rebaseEdits([changed(project, { ink: '#000003' })], [one])).toThrow();
  });
});
