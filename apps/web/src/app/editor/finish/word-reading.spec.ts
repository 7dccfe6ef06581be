import { signal } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import type { Opening, ResolvedSheet } from '@kadrosyn/core';
import type { MeasuredWord, PredictedRemedy } from '@kadrosyn/render';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { openedEditor, shaped, word, type OpenedEditor } from '../../../testing/opened-editor';
import { OwnFaces } from '../../lettering/own-faces';
import { PhotoLevels } from '../../photos/photo-levels';
import { FindingsEngine } from '../findings/findings-engine';
import { TextCaret } from '../modes/text/text-caret';
import { PhotoColours } from './photo-colours';
import { WordReading } from './word-reading';

const measured = (seen: number): MeasuredWord =>
  ({
    seen,
    ratio: 2,
    difference: 10,
    letters: [],
    samples: [],
    edges: { area: { x: 0, y: 0 }, scale: 1 },
  }) as unknown as MeasuredWord;

describe('how well a word can be read', () => {
  let editor: OpenedEditor;
  let reading: WordReading;
  const typed = signal<Opening | null>(null);
  const measure = vi.fn<(looked: { readonly sheet: ResolvedSheet }, id: string, seen: number) => Promise<MeasuredWord | null>>();
  /** The effects, the rest after a change, and the answers. */
  const rest = async (): Promise<void> => {
    TestBed.tick();
    await vi.advanceTimersByTimeAsync(300);
    TestBed.tick();
  };

  beforeEach(() => {
    vi.useFakeTimers();
    vi.resetAllMocks();
    typed.set(null);
    measure.mockResolvedValue(measured(0.4));
    editor = openedEditor(
      [shaped('arch'), word('KILN'), word('OPEN')],
      [
        WordReading,
        { provide: FindingsEngine, useValue: { measure } },
        { provide: PhotoLevels, useValue: { version: signal(0) } },
        { provide: PhotoColours, useValue: { photos: () => [] } },
        { provide: TextCaret, useValue: { opening: typed } },
        { provide: OwnFaces, useValue: { axesOf: () => ({}) } },
      ],
    );
    reading = TestBed.inject(WordReading);
  });

  afterEach(() => vi.useRealTimers());

  it('is asked of a word alone, once when nothing has changed for a while', async () => {
    editor.session.select('arch');
    await rest();
    expect([measure.mock.calls.length, reading.measured()]).toEqual([0, null]);
    editor.session.select('KILN');
    TestBed.tick();
    await vi.advanceTimersByTimeAsync(100);
    reading.lookAs('print');
    await rest();
    expect(measure.mock.calls.map(([, id]) => id)).toEqual(['KILN']);
    expect(reading.measured()?.seen).toBe(0.4);
    editor.session.select('OPEN');
    expect(reading.measured()).toBeNull();
  });

  it('is not asked while the word is typed', async () => {
    typed.set(editor.item('KILN') as Opening);
    editor.session.select('KILN');
    await rest();
    expect([measure.mock.calls.length, reading.word()]).toEqual([0, null]);
  });

  it('leaves an answer that came for what is not any more', async () => {
    let answer: (value: MeasuredWord) => void = () => undefined;
    measure.mockReturnValueOnce(new Promise((resolve) => (answer = resolve)));
    editor.session.select('KILN');
    await rest();
    editor.session.select('OPEN');
    TestBed.tick();
    answer(measured(0.1));
    await rest();
    expect(reading.measured()?.seen).toBe(0.4);
  });

  it('tries remedies out only for somebody who looks at them', async () => {
    editor.session.select('KILN');
    await rest();
    expect([reading.remedies(), measure.mock.calls.length]).toEqual([[], 1]);
    measure.mockImplementation(({ sheet }) =>
      Promise.resolve(
        measured(sheet.items.some(({ id }) => id === 'KILN') && sheet !== editor.session.resolvedSheet() ? 0.9 : 0.4),
      ),
    );
    reading.isAsked.set(true);
    for (let i = 0; i < 3; i++) await rest();
    expect(reading.remedies().length).toBeGreaterThan(0);
    expect(reading.remedies().every(({ seen }) => seen === 0.9)).toBe(true);
    expect(reading.isPredicting()).toBe(false);
  });

  it('takes back all remedies of a word in one step, and leaves what was done by hand since', async () => {
    editor.session.select('KILN');
    await rest();
    const take = (after: Partial<Opening>, name: string): void => {
      const remedy = { id: 'outline', name, edit: editor.session.change(editor.item('KILN')!, after, name), seen: 0.9 };
      reading.take(remedy as PredictedRemedy);
    };
    const { finish } = editor.item('KILN') as Opening;
    take({ finish: { ...finish, opacity: 0.9 } }, 'Outline');
    take({ finish: { ...finish, opacity: 0.8 } }, 'Darken');
    editor.session.commit(editor.session.change(editor.item('KILN')!, { name: 'Kiln word' }, 'Rename'));
    expect(reading.takenCount()).toBe(2);
    reading.takeBack();
    expect([(editor.item('KILN') as Opening).finish, editor.item('KILN')?.name, reading.takenCount()]).toEqual([
      finish,
      'Kiln word',
      0,
    ]);
    expect(editor.steps()).toHaveLength(4);
  });
});
