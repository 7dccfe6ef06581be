import { ChangeDetectionStrategy, Component, inject, signal, viewChild } from '@angular/core';
import { MatMenuModule, MatMenuTrigger } from '@angular/material/menu';
import { openingsAt, type Opening, type Point } from '@kadrosyn/core';
import { IconComponent } from '../../interface/icon.component';
import { ItemThumbnailComponent } from '../depth/item-thumbnail.component';
import { EditorSession } from '../session/session';
import { Viewport } from './viewport';

/** Everything that lies under the pointer, from front to back, with pictures: what lies behind can be reached. */
@Component({
  selector: 'ka-under-here',
  imports: [MatMenuModule, ItemThumbnailComponent, IconComponent],
  template: `
    <span aria-hidden="true" [style.left.px]="at().x" [style.top.px]="at().y" [matMenuTriggerFor]="menu"></span>
    <mat-menu #menu="matMenu">
      <p>Under here</p>
      @for (opening of found(); track opening.id) {
        <button mat-menu-item (click)="session.select(opening.id)">
          <span class="entry">
            <ka-item-thumbnail [item]="opening" />
            {{ opening.name }}
            @if (opening.locked) {
              <ka-icon name="lock" />
            }
          </span>
        </button>
      }
    </mat-menu>
  `,
  styles: `
    span {
      position: absolute;
    }
    .entry {
      position: static;
      display: flex;
      align-items: center;
      gap: 10px;
    }
    p {
      margin: 0;
      padding: 4px 16px 6px;
      font-size: 13px;
      color: var(--soft);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class UnderHereComponent {
  readonly session = inject(EditorSession);
  private readonly viewport = inject(Viewport);
  private readonly trigger = viewChild.required(MatMenuTrigger);
  readonly at = signal<Point>({ x: 0, y: 0 });
  readonly found = signal<readonly Opening[]>([]);

  /** @param at - css px of the stage. */
  open(at: Point): void {
    const context = this.session.context();
    const found = openingsAt(context, this.viewport.toSheet(at), context.shaper, { reach: 2, locked: true });
    if (found.length === 0) return;
    this.at.set(at);
    this.found.set(found);
    this.trigger().openMenu();
  }
}
