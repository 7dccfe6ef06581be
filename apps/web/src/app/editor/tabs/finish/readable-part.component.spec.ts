import { signal } from '@angular/core';
import { TestBed, type ComponentFixture } from '@angular/core/testing';
import type { Opening } from '@kadrosyn/core';
import type { MeasuredWord, PredictedRemedy } from '@kadrosyn/render';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { word } from '../../../../testing/opened-editor';
import { WordReading } from '../../finish/word-reading';
import { OpenFolds } from '../../parts/open-folds';
import { ReadablePartComponent } from './readable-part.component';

const kiln = word('KI');
const [first, second] = kiln.outline.type === 'lettering' ? kiln.outline.runs[0]!.letterIds : [];
const MEASURED = {
  seen: 0.46,
  ratio: 2.34,
  difference: 12,
  letters: [
    { id: first, seen: 0.95 },
    { id: second, seen: 0.1 },
  ],
} as unknown as MeasuredWord;
const remedy = { id: 'outline', name: 'A light outline', seen: 0.91 } as PredictedRemedy;

describe('the part on reading', () => {
  let part: ComponentFixture<ReadablePartComponent>;
  const reading = {
    word: signal<Opening | null>(kiln),
    measured: signal<MeasuredWord | null>(null),
    finding: signal<{ readonly words: string } | null>(null),
    remedies: signal<readonly PredictedRemedy[]>([]),
    isPredicting: signal(false),
    isAsked: signal(false),
    showsWeak: signal(false),
    takenCount: signal(0),
    looking: signal('screen'),
    lookings: [{ id: 'screen', name: 'On a screen' }],
    preview: vi.fn<(remedy: PredictedRemedy | null) => void>(),
    take: vi.fn<(remedy: PredictedRemedy) => void>(),
    takeBack: vi.fn<() => void>(),
  };
  const page = (): HTMLElement => {
    part.detectChanges();
    return part.nativeElement as HTMLElement;
  };
  const button = (words: string): HTMLElement =>
    [...page().querySelectorAll('button')].find((each) => each.textContent.includes(words))!;

  beforeEach(() => {
    vi.resetAllMocks();
    reading.measured.set(null);
    reading.remedies.set([]);
    reading.showsWeak.set(false);
    reading.takenCount.set(0);
    TestBed.configureTestingModule({ providers: [OpenFolds, { provide: WordReading, useValue: reading }] });
    part = TestBed.createComponent(ReadablePartComponent);
  });

  it('has remedies tried out while it is open, and marks nothing when it is gone', () => {
    part.detectChanges();
    expect(reading.isAsked()).toBe(false);
    part.componentInstance.folds.set(part.componentInstance.name, true);
    part.detectChanges();
    expect(reading.isAsked()).toBe(true);
    reading.showsWeak.set(true);
    part.destroy();
    expect([reading.isAsked(), reading.showsWeak()]).toEqual([false, false]);
  });

  it('says nothing before it was measured, then the share of the edge and each letter with its own', () => {
    expect([part.componentInstance.summary(), part.componentInstance.words()]).toEqual(['…', '']);
    reading.measured.set(MEASURED);
    expect(part.componentInstance.summary()).toBe('46 % of the edge');
    expect(part.componentInstance.words()).toContain('contrast 2.3 to 1 across the edge');
    expect(part.componentInstance.letters()).toEqual([
      { letter: 'K', percent: 95, isHard: false },
      { letter: 'I', percent: 10, isHard: true },
    ]);
  });

  it('shows what a remedy would look like while it is pointed at, what it brings, and takes it', () => {
    reading.measured.set(MEASURED);
    reading.remedies.set([remedy]);
    part.componentInstance.folds.set(part.componentInstance.name, true);
    const choice = button('A light outline');
    expect(choice.textContent).toContain('+45 %');
    choice.dispatchEvent(new Event('mouseenter'));
    choice.dispatchEvent(new Event('mouseleave'));
    expect(reading.preview.mock.calls).toEqual([[remedy], [null]]);
    choice.click();
    expect(reading.take).toHaveBeenCalledExactlyOnceWith(remedy);
    reading.takenCount.set(2);
    button('Take the 2 remedies back').click();
    expect(reading.takeBack).toHaveBeenCalledOnce();
  });
});
