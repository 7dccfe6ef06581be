import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { isOutOfReach, layLoose, openingsOf, putInsideEdit, swapPhotos, type Edit, type Opening } from '@kadrosyn/core';
import { takeOutEdit } from '../../commands/photo-edits';
import { EditorSession } from '../../session/session';

/** Where else the photo can go, without a drag: out, loose, inside an opening, or in exchange with another. */
@Component({
  selector: 'ka-photo-moves',
  imports: [MatButtonModule, MatMenuModule],
  template: `
    <div class="choices">
      @if (opening().kind === 'shaped') {
        <button matButton="outlined" (click)="takeOut()">Take photo out</button>
        <button matButton="outlined" (click)="lay()">Lay it loose</button>
      } @else if (places().length > 0) {
        <button matButton="outlined" [matMenuTriggerFor]="inside">Put inside…</button>
      }
      @if (others().length > 0) {
        <button matButton="outlined" [matMenuTriggerFor]="swap">Swap with…</button>
      }
    </div>
    <mat-menu #inside="matMenu">
      @for (place of places(); track place.id) {
        <button mat-menu-item (click)="commit(putInside(place), place)">{{ place.name }}</button>
      }
    </mat-menu>
    <mat-menu #swap="matMenu">
      @for (other of others(); track other.id) {
        <button mat-menu-item (click)="commit(exchange(other), other)">{{ other.name }}</button>
      }
    </mat-menu>
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PhotoMovesComponent {
  private readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();

  private readonly rest = computed(() => {
    const items = this.session.shownSheet()?.items ?? [];
    return [...openingsOf(items, isOutOfReach)].filter(({ id }) => id !== this.opening().id);
  });
  readonly others = computed(() => this.rest().filter(({ fill, kind }) => fill.type === 'photo' && kind !== 'artwork'));
  readonly places = computed(() => this.rest().filter(({ kind, outline }) => kind === 'shaped' && outline.type !== 'lettering'));

  takeOut(): void {
    this.commit(takeOutEdit(this.session.context().sheet, this.settled()), this.settled());
  }

  lay(): void {
    const laid = layLoose(this.session.context(), this.settled());
    if (laid) this.session.commit(laid.edit, laid.id);
  }

  putInside(place: Opening): Edit | null {
    return putInsideEdit(this.session.context(), this.settled(), place);
  }

  exchange(other: Opening): Edit | null {
    return swapPhotos(this.session.context(), this.settled(), other);
  }

  commit(edit: Edit | null, select: Opening): void {
    if (edit) this.session.commit(edit, select.id);
  }

  private settled(): Opening {
    return this.session.settledOpening() ?? this.opening();
  }
}
