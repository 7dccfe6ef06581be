import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { EditorCommands } from '../commands/editor-commands';
import { EditorSession } from '../session/session';
import { Snapping } from './snapping';
import { StageView } from './stage-view';

/** Ways to work that otherwise ask for a key: so that everything goes by touch as well. */
@Component({
  selector: 'ka-view-menu',
  imports: [MatButtonModule, MatMenuModule],
  template: `
    <button matButton class="open" [matMenuTriggerFor]="menu" aria-label="view, ways to work and to look">view</button>
    <mat-menu #menu="matMenu">
      <button
        mat-menu-item
        role="menuitemcheckbox"
        [attr.aria-checked]="session.selectsSeveral()"
        (click)="session.selectsSeveral.set(!session.selectsSeveral())"
      >
        <b>{{ session.selectsSeveral() ? '✓' : '' }}</b> Select several
      </button>
      <button mat-menu-item (click)="commands.run({ do: 'select-all' })"><b></b> Select all</button>
      <button
        mat-menu-item
        role="menuitemcheckbox"
        [attr.aria-checked]="!snapping.off()"
        (click)="snapping.off.set(!snapping.off())"
      >
        <b>{{ snapping.off() ? '' : '✓' }}</b> Snap to lines
      </button>
      <button mat-menu-item role="menuitemcheckbox" [attr.aria-checked]="view.rulers()" (click)="view.toggleRulers()">
        <b>{{ view.rulers() ? '✓' : '' }}</b> Rulers
      </button>
      <button
        mat-menu-item
        role="menuitemcheckbox"
        [attr.aria-checked]="view.seesThrough()"
        (click)="view.seesThrough.set(!view.seesThrough())"
      >
        <b>{{ view.seesThrough() ? '✓' : '' }}</b> See through what is selected
      </button>
      <button mat-menu-item (click)="commands.run({ do: 'paste-in-place' })"><b></b> Paste in place</button>
      <button mat-menu-item (click)="view.look()"><b></b> Look at the finished sheet</button>
    </mat-menu>
  `,
  styles: `
    .open {
      min-height: 28px;
      padding: 0 7px;
      background: none;
      border: 0;
      border-radius: 4px;
      cursor: pointer;
    }
    .open:hover {
      background: var(--panel);
    }
    b {
      display: inline-block;
      width: 18px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ViewMenuComponent {
  readonly session = inject(EditorSession);
  readonly commands = inject(EditorCommands);
  readonly snapping = inject(Snapping);
  readonly view = inject(StageView);
}
