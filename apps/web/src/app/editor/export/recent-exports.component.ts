import { ChangeDetectionStrategy, Component, DestroyRef, effect, inject, signal, untracked } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { Store } from '@ngrx/store';
import type { ExportStatus } from '@kadrosyn/contract';
import { ExportServer } from '../../api/export-server';
import { timeWords } from '../../interface/sheet-words';
import { editorFeature } from '../state/editor.reducer';
import { selectExporting } from '../state/editor.selectors';
import { Exporting } from './exporting';
import { isShownByBrowsers } from './is-shown-by-browsers';
import { bytesWords } from './size-forecast';

/** What was handed over within a day, from whichever window: opened, fetched once more, or made again of the project as it is now. */
@Component({
  selector: 'ka-recent-exports',
  imports: [MatButtonModule],
  template: `
    @if (exports().length > 0) {
      <h3>Within a day</h3>
      <ul>
        @for (one of exports(); track one.id) {
          <li>
            <span class="what">
              <b [title]="one.name">{{ one.name }}</b>
              <small>{{ words(one) }}</small>
            </span>
            @if (one.state === 'done') {
              <a
                matButton
                [href]="server.file(one.id, isShown(one))"
                target="_blank"
                rel="noopener"
                [attr.aria-label]="openWord(one) + ' ' + one.name"
                >{{ openWord(one) }}</a
              >
            }
            @if (one.state === 'waiting' || one.state === 'running') {
              <button matButton [attr.aria-label]="'Cancel ' + one.name" (click)="cancel(one)">Cancel</button>
            } @else {
              <button matButton [attr.aria-label]="'Again: ' + one.name" (click)="again(one)">Again</button>
            }
          </li>
        }
      </ul>
    }
  `,
  styles: `
    :host:empty {
      display: none;
    }
    h3 {
      margin: 0 0 6px;
      padding-top: 12px;
      border-top: 1px solid var(--rule);
      font-size: 14px;
    }
    ul {
      display: grid;
      gap: 4px;
      max-height: 148px;
      margin: 0;
      padding: 0;
      overflow-y: auto;
      list-style: none;
    }
    li {
      display: flex;
      align-items: center;
      gap: 4px;
    }
    .what {
      display: grid;
      flex: 1;
      min-width: 0;
    }
    b {
      overflow: hidden;
      font-weight: 600;
      text-overflow: ellipsis;
      white-space: nowrap;
    }
    small {
      font-size: 13px;
      color: var(--soft);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RecentExportsComponent {
  readonly server = inject(ExportServer);
  private readonly exporting = inject(Exporting);
  private readonly store = inject(Store);
  private readonly projectId = this.store.selectSignal(editorFeature.selectProjectId);
  private readonly running = this.store.selectSignal(selectExporting);
  readonly exports = signal<readonly ExportStatus[]>([]);
  private isGone = false;

  constructor() {
    inject(DestroyRef).onDestroy(() => (this.isGone = true));
    effect(() => {
      const projectId = this.projectId();
      // What is on its way moves on, or ends.
      this.running();
      if (projectId) untracked(() => void this.read(projectId));
    });
  }

  words({ state, progress, bytes, askedAt, message }: ExportStatus): string {
    const when = timeWords(askedAt);
    switch (state) {
      case 'done':
        return `${bytesWords(bytes ?? 0)}, ${when}`;
      case 'waiting':
      case 'running':
        return `${Math.round(progress * 100)} % done`;
      case 'cancelled':
        return `Cancelled, ${when}`;
      case 'failed':
        return message ?? `Not made, ${when}`;
    }
  }

  readonly isShown = isShownByBrowsers;

  openWord(one: ExportStatus): string {
    return this.isShown(one) ? 'Open' : 'Fetch';
  }

  /** Whoever follows it sees that it has ended. */
  async cancel({ id }: ExportStatus): Promise<void> {
    await this.server.cancel(id).catch(() => undefined);
    const projectId = this.projectId();
    if (projectId) await this.read(projectId);
  }

  again({ request }: ExportStatus): void {
    this.exporting.again(request);
  }

  /** A list that can not be had now is left as it was: what is handed over does not need it. */
  private async read(projectId: string): Promise<void> {
    const listed = await this.server.list(projectId).catch(() => null);
    if (listed && !this.isGone) this.exports.set(listed);
  }
}
