import { TestBed } from '@angular/core/testing';
import { describe, expect, it } from 'vitest';
import { Server } from '../api/server';
import type { CutoutEngine } from './cutout-engine';
import type { CutoutState } from './cutout-history';
import { CutoutMaking } from './cutout-making';

type Report = (share: number) => void;

/** An engine whose cutout is finished when it is said, and what it reports with. */
function slowEngine(): { engine: CutoutEngine; finish: () => void; report: (share: number) => void } {
  let done: (value: { png: Uint8Array }) => void = () => undefined;
  let heard: Report = () => undefined;
  const engine = {
    finish: (_what: string, _state: CutoutState, report: Report) => {
      heard = report;
      return new Promise((resolve) => (done = resolve));
    },
  } as unknown as CutoutEngine;
  return { engine, finish: () => done({ png: new Uint8Array([1]) }), report: (share) => heard(share) };
}

const STATE = { marks: [], edge: undefined, pieces: undefined } as unknown as CutoutState;

function making(): CutoutMaking {
  TestBed.configureTestingModule({ providers: [CutoutMaking, { provide: Server, useValue: {} }] });
  return TestBed.inject(CutoutMaking);
}

describe('making a finished cutout', () => {
  it('shows how far it is, and nothing any more once it is done, though a report comes late', async () => {
    const work = making();
    const { engine, finish, report } = slowEngine();
    const file = work.subjectFile(engine, STATE);
    expect(work.progress()).toBe(0);
    report(0.6);
    expect(work.progress()).toBe(0.6);
    finish();
    expect(await file).not.toBeNull();
    expect(work.progress()).toBeNull();
    report(1);
    expect(work.progress()).toBeNull();
  });

  it('is given up at once: a report of it does not bring it back, and does not count for the next', async () => {
    const work = making();
    const [first, second] = [slowEngine(), slowEngine()];
    const gone = work.subjectFile(first.engine, STATE);
    work.giveUp();
    first.report(0.5);
    expect(work.progress()).toBeNull();
    const file = work.subjectFile(second.engine, STATE);
    first.report(0.9);
    expect(work.progress()).toBe(0);
    first.finish();
    await gone;
    expect(work.progress()).toBe(0);
    second.finish();
    await file;
    expect(work.progress()).toBeNull();
  });
});
