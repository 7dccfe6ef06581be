import { inject, Injectable, signal } from '@angular/core';
import type { Photo, Pixels } from '@kadrosyn/core';
import { newId } from '@kadrosyn/core';
import { Server } from '../../api/server';
import { CutoutEngine } from '../../cutout/cutout-engine';
import { NOTHING_SAID, type CutoutState } from '../../cutout/cutout-history';
import { SlowEngine } from '../../cutout/slow-engine';
import type { KeptCutout } from '../../cutout/cutout-making';

/** Finds the subject of a photo without a word from the person, where it stands out clearly. */
@Injectable()
export class FindSubject {
  private readonly server = inject(Server);
  private engine: CutoutEngine | null = null;
  /** The share that is done; null while nothing is looked for. */
  readonly progress = signal<number | null>(null);

  /** Null where no subject stands out clearly, or when it was stopped. @throws Error when photo or server can not be reached. */
  async find(photo: Photo): Promise<KeptCutout | null> {
    this.stop();
    const engine = new CutoutEngine();
    this.engine = engine;
    this.progress.set(0);
    try {
      const begun = await engine.begin({ source: `/api/photos/${photo.id}/master` });
      const mark = { kind: begun.isClear ? 'own' : 'suggest', points: [] } as const;
      const state: CutoutState = { ...NOTHING_SAID, marks: [mark] };
      this.progress.set(0.2);
      const answer = await engine.answer(state);
      if (!answer || engine !== this.engine) return null;
      if (answer.isUnsure && !(await this.takePerson(engine, state.marks, begun.copy))) return null;
      if (engine !== this.engine || (!answer.isUnsure && answer.isEmpty)) return null;
      this.progress.set(0.4);
      const finished = await engine.finish('kept', state, (share) => this.progress.set(0.4 + 0.4 * share));
      if (!finished || engine !== this.engine) return null;
      const matteSha256 = await this.server.addMatte(photo.id, finished.png);
      this.progress.set(0.9);
      const cutout = { id: newId('cutout'), name: 'Subject', revisions: [{ matteSha256, ...state }] };
      await this.server.keepCutout(photo.id, cutout);
      return engine === this.engine ? { cutout, focus: finished.focus } : null;
    } finally {
      if (engine === this.engine) this.stop();
      else engine.end();
    }
  }

  /** Where nothing stands out by its colours, a person may all the same. */
  private async takePerson(engine: CutoutEngine, marks: CutoutState['marks'], copy: Pixels): Promise<boolean> {
    const slow = new SlowEngine();
    try {
      const person = await slow.person(copy);
      if (person) await engine.take(marks, person);
      return person !== null;
    } finally {
      slow.end();
    }
  }

  stop(): void {
    this.engine?.end();
    this.engine = null;
    this.progress.set(null);
  }
}
