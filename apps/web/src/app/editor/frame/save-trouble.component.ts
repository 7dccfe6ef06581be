import { needsPerson } from '../state/editor.state';
import { ChangeDetectionStrategy, Component, computed, DOCUMENT, inject, input, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { Router } from '@angular/router';
import { Store } from '@ngrx/store';
import { shortenedText } from '@kadrosyn/core';
import { faultOf } from '../../api/fault';
import { Server } from '../../api/server';
import type { StoredProject } from '@kadrosyn/contract';
import { Notices } from '../session/notices';
import { EditorSession } from '../session/session';
import { EditorActions } from '../state/editor.actions';
import { editorFeature } from '../state/editor.reducer';
import { selectSave } from '../state/editor.selectors';
import { dropOwnJournal } from '../state/journal';

/** Changes that are named. */
const NAMED = 3;

/** What to do when saving needs the person. */
@Component({
  selector: 'ka-save-trouble',
  imports: [MatButtonModule],
  template: `
    @if (message(); as words) {
      <div role="alert">
        <p>
          {{ words }}
          @if (differing(); as names) {
            <small>{{ names }}</small>
          }
        </p>
        <button matButton="outlined" (click)="saveCopy()">Save a copy</button>
        <button matButton="outlined" (click)="reload()">Reload</button>
      </div>
    } @else if (keepsNothing()) {
      <div role="status">
        <p>
          This browser keeps no copy of what is not saved yet: it is full, or not allowed to. Close this window only when “Saved”
          stands above.
        </p>
        <button matButton="outlined" (click)="understood.set(true)">Understood</button>
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
  private readonly document = inject(DOCUMENT);
  readonly projectId = input.required<string>();
  private readonly save = this.store.selectSignal(selectSave);
  readonly message = computed(() => {
    const { state, message } = this.save();
    return needsPerson(state) ? message : null;
  });

  readonly understood = signal(false);
  private readonly keepsJournal = this.store.selectSignal(editorFeature.selectKeepsJournal);
  readonly keepsNothing = computed(() => this.keepsJournal() === false && !this.understood());

  /** What was done here that the other state does not have, the last first. */
  readonly differing = computed(() => {
    const names = this.save().unsaved.map(({ name }) => name);
    if (names.length === 0) return null;
    const last = names.slice(-NAMED).toReversed().join(', ');
    return `Only here: ${last}${names.length > NAMED ? ` and ${names.length - NAMED} more` : ''}.`;
  });

  /** Takes the server's state. What only this window has is kept as a project of its own first; without that nothing is given up. */
  async reload(): Promise<void> {
    // The journal keeps what was done, and is translated by the version that comes.
    if (this.save().state === 'outdated') {
      this.document.location.reload();
      return;
    }
    const copy = this.save().unsaved.length > 0 ? await this.copied() : null;
    if (copy === undefined) return;
    await dropOwnJournal(this.projectId());
    this.store.dispatch(EditorActions.opening({ projectId: this.projectId() }));
    if (copy) this.notices.say(`What you did here is kept as the project “${copy.document.name}”.`);
  }

  async saveCopy(): Promise<void> {
    const copy = await this.copied();
    if (!copy) return;
    await dropOwnJournal(this.projectId());
    await this.router.navigate(['/projects', copy.id]);
  }

  /** Makes a project of what is shown here; says what went wrong otherwise. */
  private async copied(): Promise<StoredProject | undefined> {
    const project = this.session.project();
    if (!project) return undefined;
    try {
      return await this.server.createFrom({ ...project, name: `${shortenedText(project.name, 180)}, my changes` });
    } catch (error) {
      this.notices.say(`${faultOf(error).message} What you did is still here; nothing was given up.`);
      return undefined;
    }
  }
}
