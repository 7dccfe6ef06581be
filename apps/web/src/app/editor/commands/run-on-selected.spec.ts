import {
  applyEdit,
  newProject,
  newShapedOpening,
  type Edit,
  type Grip,
  type Item,
  type Opening,
  type Shaper,
} from '@kadrosyn/core';
import { beforeEach, describe, expect, it } from 'vitest';
import type { KeyCommand } from './editor-keys';
import type { EditorSession } from '../session/session';
import { runOnSelected } from './run-on-selected';

function opening(id: string, change: Partial<Opening> = {}): Opening {
  const shaped = newShapedOpening(id, { type: 'rectangle', radii: [0, 0, 0, 0] }, { x: 100, y: 100 }, 60, 40);
  return { ...shaped, id, name: id, fill: { type: 'colour', colour: '#cf4a22' }, ...change };
}

const placement = { x: 30, y: 20, scale: 0.2, turn: 0, flipX: false, flipY: false };

describe('keys on what is selected', () => {
  let project = newProject('Test', { width: 400, height: 300, unit: 'px' });
  let grip: Grip = 'both';
  let selected: Item | null = null;
  let chosen: string | null | readonly string[] | undefined;
  let again = 0;
  let said: string[] = [];
  let passed: string[] = [];
  const commit = (edit: Edit, select?: string | null | readonly string[]): void => {
    project = applyEdit(project, edit);
    chosen = select;
  };
  const session = {
    context: () => ({ project, sheet: project.sheets[0]!, sheets: [], photos: project.photos, shaper: {} as Shaper }),
    selectedItems: () => (selected ? [selected] : []),
    grip: () => grip,
    background: () => null,
    commit,
    commitAgain: (edit: Edit) => {
      again++;
      commit(edit);
    },
  } as unknown as EditorSession;
  const run = (command: KeyCommand): boolean =>
    runOnSelected(command, session, { undoable: (words) => said.push(words), passed: (words) => passed.push(words) });
  const ids = (): string[] => project.sheets[0]!.items.map(({ id }) => id);

  beforeEach(() => {
    const made = newProject('Test', { width: 400, height: 300, unit: 'px' });
    const items = [opening('back'), opening('middle'), opening('front')];
    project = { ...made, sheets: [{ ...made.sheets[0]!, items }] };
    [grip, selected, chosen, again, said, passed] = ['both', items[1]!, undefined, 0, [], []];
  });

  it('nothing happens without a selection, or to something locked', () => {
    selected = null;
    expect(run({ do: 'delete' })).toBe(false);
    selected = opening('middle', { locked: true });
    expect(run({ do: 'delete' })).toBe(false);
    expect(ids()).toEqual(['back', 'middle', 'front']);
  });

  it('Delete removes it, says so and selects nothing', () => {
    expect(run({ do: 'delete' })).toBe(true);
    expect(ids()).toEqual(['back', 'front']);
    expect(chosen).toBeNull();
    expect(said).toEqual(['middle was removed.']);
  });

  it('Delete with the grip on the photo leaves the opening', () => {
    const filled = opening('middle', { fill: { type: 'photo', photoId: 'p', placement } });
    project = { ...project, sheets: [{ ...project.sheets[0]!, items: [filled] }] };
    [selected, grip] = [filled, 'photo'];
    run({ do: 'delete' });
    expect(project.sheets[0]!.items).toMatchObject([{ id: 'middle', fill: { type: 'none' } }]);
    expect(said).toEqual(['The photo was taken out; middle stays.']);
  });

  it('a copy lies directly in front and is selected', () => {
    run({ do: 'duplicate' });
    expect(ids()[1]).toBe('middle');
    expect(ids()[2]).toBe(chosen);
    expect(ids()[3]).toBe('front');
  });

  it('depth changes by one, and not beyond the ends', () => {
    run({ do: 'forward' });
    expect(ids()).toEqual(['back', 'front', 'middle']);
    expect(run({ do: 'forward' })).toBe(true);
    expect(ids()).toEqual(['back', 'front', 'middle']);
    run({ do: 'back' });
    run({ do: 'back' });
    expect(ids()).toEqual(['middle', 'back', 'front']);
    expect(passed[0]).toBe('middle went over front; now in front of all');
    expect(passed[1]).toBe('middle is in front of all already');
  });

  it('arrows move it, and held keys join into one step', () => {
    run({ do: 'nudge', x: 10, y: 0 });
    const [, middle] = project.sheets[0]!.items as Opening[];
    expect(middle!.box.x).toBe(80);
    expect(again).toBe(1);
  });
});
