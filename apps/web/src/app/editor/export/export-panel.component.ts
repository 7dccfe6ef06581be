import { A11yModule } from '@angular/cdk/a11y';
import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ShownToggleDirective } from '../../interface/shown-toggle.directive';
import { Exporting } from './exporting';
import type { PicturePurpose, Purpose } from './export-settings';
import { FileNameComponent } from './file-name.component';
import { LayersPartComponent } from './layers-part.component';
import { PaperPartComponent } from './paper-part.component';
import { PicturePartComponent } from './picture-part.component';
import { ProjectPartComponent } from './project-part.component';
import { RecentExportsComponent } from './recent-exports.component';

const PURPOSES: readonly { readonly id: Purpose; readonly words: string }[] = [
  { id: 'screen', words: 'A screen' },
  { id: 'shop', words: 'A shop' },
  { id: 'paper', words: 'Paper' },
  { id: 'layers', words: 'Layers' },
  { id: 'project', words: 'The project' },
];

/** Asks what for, and what that takes; beside it stands what it will be. */
@Component({
  selector: 'ka-export-panel',
  imports: [
    A11yModule,
    MatButtonModule,
    MatButtonToggleModule,
    ShownToggleDirective,
    FileNameComponent,
    LayersPartComponent,
    PaperPartComponent,
    PicturePartComponent,
    ProjectPartComponent,
    RecentExportsComponent,
  ],
  template: `
    <section role="dialog" aria-labelledby="what-for" cdkTrapFocus cdkTrapFocusAutoCapture>
      <header>
        <h2 id="what-for">What for?</h2>
      </header>
      <mat-button-toggle-group multiple aria-labelledby="what-for">
        @for (purpose of purposes; track purpose.id) {
          <mat-button-toggle [kaOn]="purpose.id === settings().purpose" (change)="use(purpose.id)">{{
            purpose.words
          }}</mat-button-toggle>
        }
      </mat-button-toggle-group>
      @if (picture(); as purpose) {
        <ka-picture-part [purpose]="purpose" />
      } @else if (settings().purpose === 'paper') {
        <ka-paper-part />
      } @else if (settings().purpose === 'layers') {
        <ka-layers-part />
      } @else {
        <ka-project-part />
      }
      <ka-file-name />
      <footer>
        <span class="gap"></span>
        @if (picture()) {
          <button matButton="outlined" (click)="exporting.copy()">Copy picture</button>
        }
        @if (settings().purpose === 'paper') {
          <button matButton="outlined" (click)="exporting.print()">Print…</button>
        }
        <button matButton="filled" (click)="exporting.export()">Export {{ exporting.fileWord() }}</button>
      </footer>
      <ka-recent-exports />
    </section>
  `,
  styles: `
    section {
      display: flex;
      flex-direction: column;
      gap: 14px;
      width: 420px;
      max-width: calc(100vw - 24px);
      max-height: calc(100vh - 72px);
      padding: 16px 18px;
      overflow-y: auto;
      background: var(--paper);
      border: 1px solid var(--rule);
      border-radius: 8px;
      box-shadow: var(--sheet-shadow);
    }
    header,
    footer {
      display: flex;
      align-items: center;
      gap: 8px;
    }
    h2 {
      margin: 0;
      font-size: 19px;
    }
    .gap {
      flex: 1;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ExportPanelComponent {
  readonly exporting = inject(Exporting);
  readonly settings = this.exporting.settings;
  readonly purposes = PURPOSES;
  /** Null where it is no picture. */
  readonly picture = computed<PicturePurpose | null>(() => {
    const { purpose } = this.settings();
    return purpose === 'screen' || purpose === 'shop' ? purpose : null;
  });

  use(purpose: Purpose): void {
    this.exporting.set({ ...this.settings(), purpose });
  }
}
