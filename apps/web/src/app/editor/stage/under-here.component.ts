import { ChangeDetectionStrategy, Component, computed, inject, signal, viewChild } from '@angular/core';
import { MatDividerModule } from '@angular/material/divider';
import { MatMenuModule, MatMenuTrigger } from '@angular/material/menu';
import { openingsAt, type Opening, type Point } from '@kadrosyn/core';
import { IconComponent } from '../../interface/icon.component';
import { ItemThumbnailComponent } from '../depth/item-thumbnail.component';
import { AreaFinding } from '../modes/area/area-finding';
import { EditorSession } from '../session/session';
import { Viewport } from './viewport';

/** Everything that lies under the pointer, from front to back, with pictures: what lies behind can be reached. */
@Component({
  selector: 'ka-under-here',
  imports: [MatDividerModule, MatMenuModule, ItemThumbnailComponent, IconComponent],
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
      @if (withPhoto(); as host) {
        <mat-divider />
        <button mat-menu-item (click)="areaFinding.begin(host, viewport.toSheet(at()))">Find an area here</button>
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
  readonly viewport = inject(Viewport);
  readonly areaFinding = inject(AreaFinding);
  private readonly trigger = viewChild.required(MatMenuTrigger);
  readonly at = signal<Point>({ x: 0, y: 0 });
  readonly found = signal<readonly Opening[]>([]);

  /** The foremost that shows a photo. */
  readonly withPhoto = computed(() => this.found().find(({ fill }) => fill.type === 'photo'));

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
