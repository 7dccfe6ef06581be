import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { isImprint, type Sheet } from '@kadrosyn/core';
import { IconComponent } from '../../interface/icon.component';
import { MoreMenuDirective } from '../../interface/more-menu.directive';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { sizeWords } from '../../interface/sheet-words';
import { EditorSession } from '../session/session';
import { SheetCare } from './sheet-care';

/** What lies on products: sheets in true size that are no pages. */
@Component({
  selector: 'ka-imprint-list',
  imports: [MatButtonModule, MatMenuModule, IconComponent, MoreMenuDirective, RovingFocusDirective],
  template: `
    @if (imprints().length > 0) {
      <h2 class="sheets" id="imprints-name">
        Imprints <small>{{ imprints().length }}</small>
      </h2>
      <div class="pages" role="group" aria-labelledby="imprints-name" kaRovingFocus>
        @for (sheet of imprints(); track sheet.id) {
          <div class="cell" kaMoreMenu>
            <button
              matButton
              class="slab"
              data-stop
              [tabIndex]="$first ? 0 : -1"
              [attr.aria-pressed]="isShown(sheet)"
              [class.selected]="isShown(sheet)"
              [attr.aria-label]="sheet.name + ' ' + sizeOf(sheet) + ', imprint'"
              (click)="session.showSheet(sheet.id)"
            >
              <span
                >{{ sheet.name }} <small class="size">{{ sizeOf(sheet) }}</small></span
              >
            </button>
            <button
              matButton
              class="more"
              tabindex="-1"
              [attr.aria-label]="'More for the imprint ' + sheet.name"
              [matMenuTriggerFor]="ofImprint"
              [matMenuTriggerData]="{ sheet }"
            >
              <ka-icon name="ellipsis" />
            </button>
          </div>
        }
      </div>
    }
    <mat-menu #ofImprint="matMenu">
      <ng-template matMenuContent let-sheet="sheet">
        <button mat-menu-item (click)="care.rename(sheet)">Rename…</button>
        <button mat-menu-item (click)="care.remove(sheet)">Remove</button>
      </ng-template>
    </mat-menu>
  `,
  styleUrl: './depth-panel.component.scss',
  styles: `
    :host {
      display: contents;
    }
    .size {
      display: block;
      color: var(--soft);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ImprintListComponent {
  readonly session = inject(EditorSession);
  readonly care = inject(SheetCare);
  readonly imprints = computed(() => (this.session.project()?.sheets ?? []).filter(isImprint));

  isShown(sheet: Sheet): boolean {
    return sheet.id === this.session.sheet()?.id;
  }

  /** True size, "180 × 65.5 mm". */
  sizeOf(sheet: Sheet): string {
    return sizeWords(sheet, 'mm', sheet.dpi);
  }
}
