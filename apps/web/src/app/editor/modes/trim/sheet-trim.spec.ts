import { TestBed } from '@angular/core/testing';
import { applyEdit, newProject, type Edit } from '@kadrosyn/core';
import { beforeEach, describe, expect, it } from 'vitest';
import { EditorSession } from '../../session/session';
import { SheetTrim } from './sheet-trim';
import { Viewport } from '../../stage/viewport';

describe('trimming the sheet', () => {
  const project = newProject('x', { width: 400, height: 300, unit: 'px' });
  const [sheet] = project.sheets;
  let committed: Edit[] = [];
  let panned: [number, number][] = [];
  let trim: SheetTrim;

  beforeEach(() => {
    committed = [];
    panned = [];
    const session = {
      sheet: () => sheet,
      context: () => ({ project, sheet }),
      select: () => undefined,
      commit: (edit: Edit) => committed.push(edit),
    };
    const viewport = { zoom: () => 0.5, panBy: (x: number, y: number) => panned.push([x, y]) };
    TestBed.configureTestingModule({
      providers: [SheetTrim, { provide: EditorSession, useValue: session }, { provide: Viewport, useValue: viewport }],
    });
    trim = TestBed.inject(SheetTrim);
  });

  it('moves edges to whole px, and leaves something of the sheet', () => {
    trim.set('left', 20);
    expect(trim.by()).toBeNull();
    trim.begin();
    trim.set('left', 20.4);
    trim.set('right', 5000);
    trim.set('top', -10);
    expect(trim.by()).toEqual({ left: 20, right: 372, top: -10, bottom: 0 });
    trim.set('bottom', -9999);
    expect(trim.by()!.bottom).toBe(-600);
  });

  it('is one step, and what lies on the sheet stays where it is on the screen', () => {
    trim.begin();
    trim.set('left', 40);
    trim.set('bottom', 60);
    trim.finish();
    expect(committed).toHaveLength(1);
    expect(applyEdit(project, committed[0]!).sheets[0]).toMatchObject({ width: 360, height: 240 });
    expect(panned).toEqual([[20, 0]]);
    expect(trim.by()).toBeNull();
  });

  it('that moved nothing, or was given up, is no step', () => {
    trim.begin();
    trim.finish();
    trim.begin();
    trim.set('left', 40);
    trim.cancel();
    trim.finish();
    expect(committed).toEqual([]);
  });
});
