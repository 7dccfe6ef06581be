import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { faultOf } from '../api/fault';
import { Server } from '../api/server';
import { Notices } from './notices';
import { EditorSession } from './session';
import { EditorActions } from './state/editor.actions';
import { selectSave } from './state/editor.selectors';
import { dropJournal } from './state/journal';

/** What to do when saving needs the person. */
@Component({
  selector: 'ka-save-trouble',
  template: `
    @if (message(); as words) {
      <div role="alert">
        <p>{{ words }}</p>
        <button class="ka-button" (click)="saveCopy()">Save a copy</button>
        <button class="ka-button" (click)="reload()">Reload</button>
      </div>
    }
  `,
  styles: `
    :host {
      display: contents;
    }
    div {
      position: absolute;
      inset: 12px 12px auto;
      display: flex;
      align-items: center;
      gap: 8px;
      padding: 9px 14px;
      background: var(--paper);
      border: 1px solid var(--amber);
      border-radius: var(--radius);

      p {
        flex: 1;
        margin: 0;
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SaveTroubleComponent {
  private readonly store = inject(Store);
  private readonly session = inject(EditorSession);
  private readonly server = inject(Server);
  private readonly router = inject(Router);
  private readonly notices = inject(Notices);
  readonly projectId = input.required<string>();
  private readonly save = this.store.selectSignal(selectSave);
  readonly message = computed(() => {
    const { state, message } = this.save();
    return state === 'stale' || state === 'refused' ? message : null;
  });

  /** Takes the server's state; what only this window has is given up. */
  async reload(): Promise<void> {
    await dropJournal(this.projectId());
    this.store.dispatch(EditorActions.opening({ projectId: this.projectId() }));
  }

  async saveCopy(): Promise<void> {
    const project = this.session.project();
    if (!project) return;
    try {
      const { id } = await this.server.createFrom({ ...project, name: `${project.name.slice(0, 180)}, my changes` });
      await this.router.navigate(['/projects', id]);
    } catch (error) {
      this.notices.say(faultOf(error).message);
    }
  }
}
