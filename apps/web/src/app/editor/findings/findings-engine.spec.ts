import { TestBed } from '@angular/core/testing';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { newProject, resolvedIn, type Photo, type Pixels } from '@kadrosyn/core';
import type { ItemSurvey, PhotoLevel } from '@kadrosyn/render';
import { PhotoLevels } from '../../photos/photo-levels';
import { WorkerEnded } from '../../photos/restarting-worker';
import { EditorSession } from '../session/session';
import { FINDINGS_WORKER, FindingsEngine } from './findings-engine';
import { SentLevels, type SentLevel } from './sent-levels';
import { SheetReceiver, type SentSheet } from './sent-sheet';

const photo: Photo = { id: 'p', sha256: 'a'.repeat(64), name: 'Heron', width: 400, height: 300 };
const card = newProject('Card', { width: 100, height: 80, unit: 'px' });
const looked = { sheet: resolvedIn(card, card.sheets[0]!), photos: { p: photo }, pairs: [] };
const nothing: ItemSurvey = { overhang: null, crossings: [] };
const pixels = (value: number): Pixels => ({ width: 1, height: 1, data: new Uint8ClampedArray([value, 0, 0, 255]) });

/** A worker that wants one level of the photo for every answer, and what it was asked and sent. */
function workerThat(fails: () => boolean = () => false) {
  const log: string[] = [];
  let [levels, sheets] = [new SentLevels(), new SheetReceiver()];
  const finder = {
    warm: () => Promise.resolve(),
    level: (level: SentLevel) => {
      log.push(`level ${level.index} of ${level.pixels.data[0]}`);
      levels.add(level);
      return Promise.resolve();
    },
    survey: ({ sheet }: { readonly sheet: SentSheet }) => {
      const { photos } = sheets.receive(structuredClone(sheet));
      levels.begin(photos);
      log.push(`asked, has ${levels.level('p', 0.5)?.index ?? 'none'}`);
      return Promise.resolve({ value: nothing, lacking: levels.lacked() });
    },
  };
  const worker = {
    call: (ask: (remote: never) => Promise<unknown>) =>
      fails() ? Promise.reject(new WorkerEnded('The worker has ended')) : ask(finder as never),
    end: () => {
      log.push('ended');
      [levels, sheets] = [new SentLevels(), new SheetReceiver()];
    },
  };
  return { worker, log };
}

function engineWith(worker: ReturnType<typeof workerThat>['worker'], here: Map<number, Pixels>) {
  const levelAt = (index: number): PhotoLevel | undefined => {
    const own = here.get(index);
    return own && { index, pixels: own, opaque: true, image: () => null as never };
  };
  const levels = {
    version: () => 0,
    level: () => levelAt(1) ?? levelAt(2),
    subject: () => undefined,
    held: (_key: string, index: number) => levelAt(index),
  };
  const session = { context: () => ({ shaper: { faceIds: ['archivo'], version: 1 } }) };
  TestBed.configureTestingModule({
    providers: [
      FindingsEngine,
      { provide: FINDINGS_WORKER, useValue: worker },
      { provide: PhotoLevels, useValue: levels },
      { provide: EditorSession, useValue: session },
    ],
  });
  return TestBed.inject(FindingsEngine);
}

describe('what is looked at in a worker', () => {
  beforeEach(() => vi.spyOn(console, 'error').mockImplementation(() => undefined));
  afterEach(() => vi.restoreAllMocks());

  it('gets the levels that it wants, each once', async () => {
    const { worker, log } = workerThat();
    const engine = engineWith(worker, new Map([[1, pixels(7)]]));
    await engine.survey(looked, 'one');
    await engine.survey(looked, 'one');
    expect(log).toEqual(['asked, has none', 'level 1 of 7', 'asked, has 1', 'asked, has 1']);
  });

  it('makes do with what there is, and is not asked for ever', async () => {
    const { worker, log } = workerThat();
    await engineWith(worker, new Map([[2, pixels(7)]])).survey(looked, 'one');
    expect(log).toEqual(['asked, has none', 'level 2 of 7', 'asked, has 2']);
  });

  it('gets a level again when another has taken its place', async () => {
    const { worker, log } = workerThat();
    const here = new Map([[1, pixels(7)]]);
    const engine = engineWith(worker, here);
    await engine.survey(looked, 'one');
    here.set(1, pixels(9));
    await engine.survey(looked, 'one');
    expect(log.slice(3)).toEqual(['level 1 of 9', 'asked, has 1']);
  });

  it('is looked at here when the worker fails, and next by another, which gets everything again', async () => {
    let isDown = true;
    const { worker, log } = workerThat(() => isDown);
    const engine = engineWith(worker, new Map([[1, pixels(7)]]));
    expect(await engine.survey(looked, 'one')).toEqual(nothing);
    expect(log).toEqual(['ended']);
    isDown = false;
    await engine.survey(looked, 'one');
    expect(log.slice(1)).toEqual(['asked, has none', 'level 1 of 7', 'asked, has 1']);
  });

  it('answers one question after the other, and leaves out those that were overtaken before they were begun', async () => {
    const { worker, log } = workerThat();
    const engine = engineWith(worker, new Map([[1, pixels(7)]]));
    const first = engine.survey(looked, 'one');
    // It is begun.
    await Promise.resolve();
    const rest = ['two', 'three', 'four'].map((id) => engine.survey(looked, id));
    expect(await Promise.all([first, ...rest])).toEqual([nothing, null, null, nothing]);
    expect(log).toEqual(['asked, has none', 'level 1 of 7', 'asked, has 1', 'asked, has 1']);
  });
});
