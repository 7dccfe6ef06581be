import { describe, expect, it } from 'vitest';
import { testGroup, testOpening, testProject } from '../../testing/test-documents.js';
import { applyEdit, invertEdit } from './edit.js';
import { coloursUsed, replaceColour } from './project-colours.js';
import type { Project } from './project.js';

const [RUST, INK, SPRUCE] = ['#cf4a22', '#20272a', '#1f5b4c'];
const items = [
  testOpening('flat', { fill: { type: 'colour', colour: RUST } }),
  testGroup('group', [
    testOpening('outlined', {
      name: RUST,
      fill: {
        type: 'gradient',
        kind: 'linear',
        stops: [
          { at: 0, colour: `${RUST}80` },
          { at: 1, colour: INK },
        ],
      },
      finish: { outline: { align: 'inside', width: 2, paint: RUST }, shadow: { distance: 1, blur: 1, strength: 1, colour: INK } },
    }),
  ]),
];
const made = testProject(items);
const project: Project = {
  ...made,
  swatches: [RUST, SPRUCE],
  sheets: [{ ...made.sheets[0]!, background: { type: 'colour', colour: RUST }, name: RUST }],
};

describe('the colours of a project', () => {
  it('are counted wherever they are shown, names left aside', () => {
    const used = coloursUsed(project);
    expect(used.find(({ colour }) => colour === RUST)).toEqual({ colour: RUST, places: 4 });
    expect(used.find(({ colour }) => colour === INK)).toEqual({ colour: INK, places: 2 });
    expect(used.some(({ colour }) => colour === SPRUCE)).toBe(false);
  });

  it('are replaced everywhere in one step, with their clearness, and the swatch too', () => {
    const edit = replaceColour(project, RUST, '#336699')!;
    const after = applyEdit(project, edit);
    expect(coloursUsed(after).some(({ colour }) => colour === RUST)).toBe(false);
    expect(coloursUsed(after).find(({ colour }) => colour === '#336699')!.places).toBe(4);
    expect(JSON.stringify(after)).toContain('#33669980');
    expect(after.swatches).toEqual(['#336699', SPRUCE]);
    expect(after.sheets[0]!.name).toBe(RUST);
    expect(applyEdit(after, invertEdit(edit))).toEqual(project);
  });

  it('become one swatch when the new one is there already', () => {
    expect(applyEdit(project, replaceColour(project, RUST, SPRUCE)!).swatches).toEqual([SPRUCE]);
  });

  it('count where they are shown by their role, and are replaced there by giving the role another', () => {
    const fill = { type: 'colour', colour: { role: 'accent', alpha: 0.5 } } as const;
    const byRole = { ...testProject([testOpening('a', { fill })]), roles: { ...made.roles, accent: '#0a0b0c' } };
    expect(coloursUsed(byRole)).toContainEqual({ colour: '#0a0b0c', places: 1 });
    const after = applyEdit(byRole, replaceColour(byRole, '#0a0b0c', '#336699')!);
    expect(after.roles).toEqual({ ...made.roles, accent: '#336699' });
    expect(after.sheets).toBe(byRole.sheets);
  });

  it('stay where the colour is nowhere', () => {
    expect(replaceColour(project, '#123456', '#654321')).toBeNull();
  });
});
