import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { newLettering, outlinePath, toPathData, type Opening, type Point } from '@kadrosyn/core';
import { lastUsed, RecentlyUsed } from '../../interface/recently-used';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { ShaperLoader } from '../../lettering/shaper-loader';
import { wordInPanel } from '../commands/word-in-panel';
import { EditorSession } from '../session/session';
import { TextCaret } from '../modes/text/text-caret';
import { ItemAdder } from './item-adder';
import { LETTERINGS, makeLettering, type LetteringSupply } from './lettering-supplies';

/** Letters of a word in a panel: the wider, the more of a photo they show. */
const IN_PANEL = 'Wide poster';

/** Ways to set a line, each shown in its own face. */
@Component({
  selector: 'ka-lettering-supplies',
  imports: [MatButtonModule, NgTemplateOutlet, RovingFocusDirective],
  template: `
    <div class="row" kaRovingFocus role="group" aria-label="Lettering">
      @if (lastUsed().length > 0) {
        <div class="recent" role="group" aria-label="Recent">
          <span class="word" aria-hidden="true">Recent</span>
          @for (style of lastUsed(); track style.supply.name) {
            <ng-container
              [ngTemplateOutlet]="piece"
              [ngTemplateOutletContext]="{ $implicit: style, first: $first, recent: true }"
            />
          }
        </div>
      }
      @for (style of styles(); track style.supply.name) {
        <ng-container
          [ngTemplateOutlet]="piece"
          [ngTemplateOutletContext]="{ $implicit: style, first: $first && lastUsed().length === 0, recent: false }"
        />
      }
      @if (panelWord(); as style) {
        <button matButton class="piece lettering" data-stop tabindex="-1" (click)="addInPanel()">
          <svg viewBox="0 0 100 44" aria-hidden="true">
            <rect width="100" height="44" fill="currentColor" opacity="0.16" />
            <svg x="8" y="8" width="84" height="28" [attr.viewBox]="style.viewBox"><path [attr.d]="style.path" /></svg>
          </svg>
          Word in a panel
        </button>
      }
    </div>
    <ng-template #piece let-style let-first="first" let-recent="recent">
      <button
        matButton
        class="piece lettering"
        data-stop
        [tabIndex]="first ? 0 : -1"
        [attr.aria-label]="recent ? style.supply.name + ', used last' : null"
        (pointerdown)="begin($event, style.supply)"
        (click)="click(style.supply)"
      >
        <svg [attr.viewBox]="style.viewBox" aria-hidden="true"><path [attr.d]="style.path" /></svg>
        {{ style.supply.name }}
      </button>
    </ng-template>
  `,
  styleUrl: './supply-row.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LetteringSuppliesComponent {
  private readonly session = inject(EditorSession);
  private readonly adder = inject(ItemAdder);
  private readonly typing = inject(TextCaret);
  private readonly faces = inject(ShaperLoader);
  /** As it was when the tab was opened. */
  private readonly recent = inject(RecentlyUsed).list('lettering');

  readonly styles = computed(() => {
    const shaper = this.session.shaper();
    if (!shaper) return [];
    return LETTERINGS.map((supply) => {
      const { text, face, axes } = supply;
      const { outline, box } = newLettering({ text, face, axes, size: 40 }, { x: 0, y: 0 }, { type: 'none' }, shaper);
      const path = toPathData(outlinePath(outline, box.width, box.height, shaper), 1);
      return { supply, path, viewBox: `0 0 ${box.width.toFixed(1)} ${box.height.toFixed(1)}` };
    });
  });

  readonly lastUsed = computed(() => lastUsed(this.styles(), this.recent, ({ supply }) => supply.name));

  readonly panelWord = computed(() => this.styles().find(({ supply }) => supply.name === IN_PANEL) ?? null);

  /** Where a photo lies behind it, the letters show it in register. */
  async addInPanel(): Promise<void> {
    const supply = LETTERINGS.find(({ name }) => name === IN_PANEL)!;
    await this.faces.ensure([supply.face]);
    const { edit, word } = wordInPanel(this.session.context(), supply);
    this.session.commit(edit, word.id);
    this.typing.begin(this.session.settledOpening() ?? word);
  }

  constructor() {
    // Each style is shown in its face, which is fetched when it is first looked at.
    void this.faces.ensure(LETTERINGS.map(({ face }) => face)).catch(() => undefined);
  }

  async click(supply: LetteringSupply): Promise<void> {
    await this.faces.ensure([supply.face]);
    this.adder.add('lettering', supply.name, this.maker(supply));
  }

  begin(event: PointerEvent, supply: LetteringSupply): void {
    void this.faces.ensure([supply.face]);
    this.adder.begin(event, { kind: 'lettering', id: supply.name, name: supply.name, make: this.maker(supply) });
  }

  private maker(supply: LetteringSupply): (at: Point) => Opening {
    return (at) => {
      const { sheet, shaper } = this.session.context();
      return makeLettering(supply, sheet, at, shaper);
    };
  }
}
