import { computed, effect, inject, Injectable, signal, untracked } from '@angular/core';
import { referencesOf, fallbackFacesFor } from '@kadrosyn/core';
import { faultOf } from '../../api/fault';
import { ShaperLoader } from '../../lettering/shaper-loader';
import { EditorSession } from './session';

/** The faces that the project's letterings ask for. Others are fetched when they are chosen. */
@Injectable()
export class ProjectFaces {
  private readonly session = inject(EditorSession);
  private readonly shapers = inject(ShaperLoader);
  readonly ready = signal(false);
  readonly fault = signal<string | null>(null);
  private readonly needs = computed(() => {
    const project = this.session.project();
    if (!project) return null;
    const { faces, text } = referencesOf(project);
    return [...faces, ...fallbackFacesFor(text).map(({ id }) => id)].sort().join(' ');
  });

  constructor() {
    // HarfBuzz need not wait for the project; a failure is said when its faces are asked for.
    this.shapers.ensure([]).catch(() => undefined);
    effect(() => {
      // Whatever puts letters into the project, by undo too, gets their faces.
      if (this.needs() !== null) untracked(() => void this.load());
    });
  }

  async load(): Promise<void> {
    const { faces, text } = referencesOf(this.session.project()!);
    try {
      await this.shapers.ensure(faces, text);
      this.ready.set(true);
      this.fault.set(null);
    } catch (error) {
      this.fault.set(faultOf(error).message);
    }
  }
}
