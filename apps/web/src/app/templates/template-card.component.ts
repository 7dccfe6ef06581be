import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import type { TemplateSummary } from '@kadrosyn/contract';
import { sizeWords } from '../interface/sheet-words';

/** A template by its picture; a click begins from it. */
@Component({
  selector: 'ka-template-card',
  imports: [MatButtonModule],
  template: `
    <button matButton class="card" (click)="chosen.emit()">
      <span class="stand"><img [src]="'/api/templates/' + template().id + '/thumbnail'" alt="" loading="lazy" /></span>
      <span class="visually-hidden">Begin from</span>
      <b>{{ template().name }}</b>
      <small>{{ words() }}</small>
    </button>
  `,
  styles: `
    .card {
      display: grid;
      width: 100%;
      padding: 0;
      text-align: left;
      color: var(--ink);
      background: none;
      border: 0;
      cursor: pointer;
    }
    .stand {
      display: grid;
      place-items: center;
      height: 172px;
      margin-bottom: 8px;
      background: var(--mat);
      border: 1px solid var(--rule);
      border-radius: var(--radius);
    }
    .card:hover .stand {
      border-color: var(--soft);
    }
    img {
      max-width: calc(100% - 28px);
      max-height: 144px;
      box-shadow: var(--sheet-shadow);
    }
    b,
    small {
      overflow: hidden;
      text-overflow: ellipsis;
      white-space: nowrap;
    }
    small {
      color: var(--soft);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TemplateCardComponent {
  readonly template = input.required<TemplateSummary>();
  readonly chosen = output();
  readonly words = computed(() => {
    const { unit, dpi, sheets, ...size } = this.template();
    return `${sizeWords(size, unit, dpi)}${sheets > 1 ? ` · ${sheets} sheets` : ''}`;
  });
}
