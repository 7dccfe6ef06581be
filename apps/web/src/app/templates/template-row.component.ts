import { ChangeDetectionStrategy, Component, computed, inject, output, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { RouterLink } from '@angular/router';
import { faultOf } from '../api/fault';
import type { TemplateSummary } from '@kadrosyn/contract';
import { BeginFromTemplate } from './begin-from-template';
import { Templates } from './templates';

/** A row of templates to begin from; nothing where there are none. */
@Component({
  selector: 'ka-template-row',
  imports: [MatButtonModule, RouterLink],
  template: `
    @if (templates().length > 0) {
      <h2 id="from-template">From a template <a routerLink="/templates">All templates</a></h2>
      <div class="row" role="group" aria-labelledby="from-template">
        @for (template of templates(); track template.id) {
          <button matButton [disabled]="busy()" (click)="begin(template)">
            <span><img fetchpriority="low" [src]="'/api/templates/' + template.id + '/thumbnail'" alt="" /></span>
            {{ template.name }}
          </button>
        }
      </div>
    }
  `,
  styles: `
    :host {
      display: block;
      margin-bottom: 24px;
    }
    h2 {
      display: flex;
      align-items: baseline;
      justify-content: space-between;
    }
    a {
      font-size: 14px;
      font-weight: 400;
      color: var(--spruce);
    }
    .row {
      display: grid;
      grid-template-columns: repeat(8, minmax(0, 1fr));
      gap: 12px;
    }
    button {
      padding: 0;
      font-size: 13px;
      color: var(--ink);
      background: none;
      border: 0;
      cursor: pointer;
    }
    span {
      display: grid;
      place-items: center;
      height: 96px;
      margin-bottom: 5px;
      background: var(--mat);
      border: 1px solid var(--rule);
      border-radius: var(--radius);
    }
    button:hover span {
      border-color: var(--soft);
    }
    img {
      max-width: 84%;
      max-height: 78px;
      box-shadow: 0 2px 7px rgb(40 30 20 / 25%);
    }
    @media (max-width: 900px) {
      .row {
        grid-template-columns: repeat(4, minmax(0, 1fr));
      }
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TemplateRowComponent {
  private readonly all = inject(Templates);
  private readonly beginning = inject(BeginFromTemplate);
  /** What went wrong, for the person. */
  readonly failed = output<string>();
  readonly templates = computed(() => this.all.entities().slice(0, 8));
  readonly busy = signal(false);

  constructor() {
    // The page says itself when the server can not be reached.
    void this.all.load();
  }

  async begin({ id }: TemplateSummary): Promise<void> {
    this.busy.set(true);
    try {
      await this.beginning.begin(id);
    } catch (error) {
      this.failed.emit(faultOf(error).message);
    } finally {
      this.busy.set(false);
    }
  }
}
