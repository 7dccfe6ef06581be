import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { Store } from '@ngrx/store';
import { describe, expect, it } from 'vitest';
import { newProject, newShapedOpening, type Project } from '@kadrosyn/core';
import type { ItemSurvey } from '@kadrosyn/render';
import { PhotoLevels } from '../../photos/photo-levels';
import { FindingsEngine } from '../findings/findings-engine';
import { EditorSession } from '../session/session';
import { selectIsMoving, selectTab } from '../state/editor.selectors';
import { BreakoutFinder } from './breakout-finder';

const opening = { ...newShapedOpening('Arch', { type: 'arch' }, { x: 50, y: 50 }, 40, 30), id: 'arch' };
const filled = {
  ...opening,
  fill: { type: 'photo', photoId: 'p', placement: { x: 0, y: 0, scale: 1, turn: 0, flipX: false, flipY: false } },
} as const;
const card = newProject('Card', { width: 100, height: 80, unit: 'px' });
const withItem = (name: string): Project => ({ ...card, name, sheets: [{ ...card.sheets[0]!, items: [filled] }] });

/** A finder whose engine answers when it is told to. */
function scene() {
  const project = signal(withItem('first'));
  const answers: (() => void)[] = [];
  const engine = {
    warm: () => undefined,
    survey: () =>
      new Promise<ItemSurvey>((resolve) => {
        answers.push(() => {
          resolve({ overhang: null, crossings: [] });
        });
      }),
  };
  const session = {
    selected: () => filled,
    sheet: () => project().sheets[0],
    shaper: () => ({ version: 1 }),
    context: () => ({ project: project(), sheet: project().sheets[0]!, shaper: { version: 1 } }),
  };
  const store = {
    selectSignal: (selector: unknown) => {
      if (selector === selectTab) return signal('breakout');
      return signal(selector === selectIsMoving ? false : null);
    },
  };
  TestBed.configureTestingModule({
    providers: [
      BreakoutFinder,
      { provide: FindingsEngine, useValue: engine },
      { provide: EditorSession, useValue: session },
      { provide: Store, useValue: store },
      { provide: PhotoLevels, useValue: { version: () => 0 } },
    ],
  });
  return { finder: TestBed.inject(BreakoutFinder), project, answers };
}

describe('what is found of an item, asked for at once', () => {
  it('comes to all that wait for it, by one look', async () => {
    const { finder, answers } = scene();
    const both = Promise.all([finder.now(), finder.now()]);
    expect(answers).toHaveLength(1);
    answers[0]!();
    const [one, other] = await both;
    expect(one!.project.name).toBe('first');
    expect(other).toBe(one);
    expect(await finder.now()).toBe(one);
    expect(answers).toHaveLength(1);
  });

  it('is looked for anew where a step came in between', async () => {
    const { finder, project, answers } = scene();
    const waiting = finder.now();
    project.set(withItem('second'));
    answers[0]!();
    await new Promise((resolve) => setTimeout(resolve));
    TestBed.tick();
    expect(answers).toHaveLength(2);
    answers[1]!();
    expect((await waiting)!.project.name).toBe('second');
  });

  it('is what was found for the step before, for whoever shows it meanwhile', async () => {
    const { finder, project, answers } = scene();
    const first = finder.now();
    answers[0]!();
    await first;
    project.set(withItem('second'));
    void finder.now();
    expect(finder.findings()!.project.name).toBe('first');
    expect(finder.isLooking()).toBe(true);
  });
});
