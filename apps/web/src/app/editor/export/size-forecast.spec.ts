import { TestBed } from '@angular/core/testing';
import type { Sizes, SizesRequest } from '@kadrosyn/contract';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openedEditor, shaped, type OpenedEditor } from '../../../testing/opened-editor';
import { ExportServer } from '../../api/export-server';
import { Fault } from '../../api/fault';
import { bytesAt, bytesWords, qualityWithin, SizeForecast } from './size-forecast';

const SIZES: Sizes['sizes'] = [
  { quality: 30, bytes: 80_000 },
  { quality: 60, bytes: 130_000 },
  { quality: 90, bytes: 300_000 },
  { quality: 100, bytes: 900_000 },
];

describe('sizes between those that were measured', () => {
  it('are the measured ones where there are, and never turn back', () => {
    for (const { quality, bytes } of SIZES) expect(bytesAt(SIZES, quality)).toBeCloseTo(bytes, 3);
    for (let quality = 31; quality <= 100; quality++)
      expect(bytesAt(SIZES, quality)).toBeGreaterThanOrEqual(bytesAt(SIZES, quality - 1));
  });

  it('give the best quality that is small enough, no better than the one asked for', () => {
    expect(qualityWithin(SIZES, 300_000, 100)).toBe(90);
    expect(qualityWithin(SIZES, 299_000, 100)).toBe(89);
    expect(qualityWithin(SIZES, 5e6, 85)).toBe(85);
    expect(qualityWithin(SIZES, 79_000, 100)).toBeNull();
  });

  it('are said as people say them', () => {
    expect([bytesWords(400), bytesWords(148_400), bytesWords(999_600), bytesWords(1_940_000)]).toEqual([
      '1 KB',
      '148 KB',
      '1.0 MB',
      '1.9 MB',
    ]);
  });
});

describe('a forecast', () => {
  const sizes = vi.fn<(projectId: string, request: SizesRequest, signal: AbortSignal) => Promise<Sizes['sizes']>>();
  let forecast: SizeForecast;
  let editor: OpenedEditor;
  const request = (scale: number): SizesRequest => ({ sheetId: 'sheet', type: 'jpeg', scale });

  beforeEach(() => {
    sizes.mockReset();
    editor = openedEditor([shaped('arch')], [SizeForecast, { provide: ExportServer, useValue: { sizes } }]);
    forecast = TestBed.inject(SizeForecast);
  });

  it('is asked for once where several follow each other, and not again while nothing changed', async () => {
    sizes.mockResolvedValue(SIZES);
    const project = editor.project();
    await Promise.all([forecast.ask(request(1), project), forecast.ask(request(2), project)]);
    expect(sizes.mock.calls.map(([, asked]) => asked.scale)).toEqual([2]);
    expect(forecast.forecast()).toEqual({ state: 'known', sizes: SIZES });
    await forecast.ask(request(2), project);
    expect(sizes).toHaveBeenCalledTimes(1);
    await forecast.ask(request(2), { ...project });
    expect(sizes).toHaveBeenCalledTimes(2);
  });

  it('says why it is not known', async () => {
    sizes.mockRejectedValue(new Fault('away', 'The server does not answer.'));
    await forecast.ask(request(1), editor.project());
    expect(forecast.forecast()).toEqual({ state: 'unknown', why: 'The server does not answer.' });
  });

  it('that was given up changes nothing when it comes', async () => {
    let answer: (sizes: Sizes['sizes']) => void = () => undefined;
    sizes.mockReturnValueOnce(new Promise((resolve) => (answer = resolve)));
    const first = forecast.ask(request(1), editor.project());
    await vi.waitFor(() => expect(sizes).toHaveBeenCalledTimes(1));
    const [, , signal] = sizes.mock.calls[0]!;
    forecast.stop();
    expect(signal.aborted).toBe(true);
    answer(SIZES);
    await first;
    expect(forecast.forecast()).toEqual({ state: 'asked' });
  });
});
