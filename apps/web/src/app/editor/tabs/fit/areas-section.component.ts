import { ChangeDetectionStrategy, Component, computed, effect, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatMenuModule } from '@angular/material/menu';
import { isPrintedOn, placedPhoto, type Opening, type PhotoArea, type PrintedForm } from '@kadrosyn/core';
import { IconComponent } from '../../../interface/icon.component';
import { RenameDialog } from '../../../interface/rename.dialog';
import { AreaEditing } from '../../areas/area-editing';
import { AreaLibrary } from '../../areas/area-library';
import { AreaFinding } from '../../modes/area/area-finding';
import { EditorSession } from '../../session/session';
import { LyingSectionComponent } from './lying-section.component';

/** The areas of a photo: found here or in another project, and where a new one is pointed at. */
@Component({
  selector: 'ka-areas-section',
  imports: [LyingSectionComponent, MatButtonModule, MatMenuModule, IconComponent],
  template: `
    @if (opening().host) {
      <ka-lying-section [opening]="opening()" />
    }
    @if (areas().length > 0) {
      <ul aria-label="Areas of this photo">
        @for (area of areas(); track area.id) {
          <li>
            <button matButton="outlined" class="lay" (click)="lay(area)">
              {{ isPrintedOn(area) ? 'Print on' : 'Opening in' }} {{ area.name }}
            </button>
            <button matButton="outlined" class="more" [attr.aria-label]="'More about ' + area.name" [matMenuTriggerFor]="more">
              <ka-icon name="ellipsis" />
            </button>
            <mat-menu #more="matMenu">
              <button mat-menu-item (click)="printOn(area, 'tube')">Print on it: a round wall</button>
              <button mat-menu-item (click)="printOn(area, 'cloth')">Print on it: cloth</button>
              <button mat-menu-item (click)="printOn(area, 'flat')">Print on it: something flat</button>
              <button mat-menu-item (click)="rename(area)">Rename</button>
              <button mat-menu-item (click)="remove(area)">Remove</button>
            </mat-menu>
          </li>
        }
      </ul>
    }
    @if (photo()) {
      <div class="choices">
        <button matButton="outlined" (click)="find()">Find an area…</button>
      </div>
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    ul {
      display: grid;
      gap: 4px;
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
      gap: 4px;
    }
    .lay {
      flex: 1;
      min-width: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class AreasSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly library = inject(AreaLibrary);
  private readonly editing = inject(AreaEditing);
  private readonly finding = inject(AreaFinding);
  private readonly dialogs = inject(MatDialog);
  readonly isPrintedOn = isPrintedOn;
  readonly opening = input.required<Opening>();
  readonly photo = computed(() => placedPhoto(this.opening(), this.session.context())?.photo);
  readonly areas = computed(() => {
    const photo = this.photo();
    return photo ? this.library.of(photo) : [];
  });

  constructor() {
    effect(() => {
      const photo = this.photo();
      if (photo) this.library.ask(photo.id);
    });
  }

  find(): void {
    this.finding.begin(this.opening());
  }

  lay(area: PhotoArea): void {
    const opening = this.session.background() ?? this.session.settledOpening();
    if (opening) this.editing.layIn(opening, area);
  }

  printOn(area: PhotoArea, as: PrintedForm): void {
    const opening = this.session.background() ?? this.session.settledOpening();
    if (opening) this.editing.printOn(opening, area, as);
  }

  rename(area: PhotoArea): void {
    const photo = this.photo();
    this.dialogs
      .open<RenameDialog, string, string>(RenameDialog, { data: area.name })
      .afterClosed()
      .subscribe((name) => {
        if (photo && name && name !== area.name) this.editing.rename(photo, area, name);
      });
  }

  remove(area: PhotoArea): void {
    const photo = this.photo();
    if (photo) this.editing.remove(photo, area);
  }
}
