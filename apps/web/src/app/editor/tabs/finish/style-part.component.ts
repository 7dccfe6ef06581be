import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import { MatDialog } from '@angular/material/dialog';
import { MatMenuModule } from '@angular/material/menu';
import { applyEdit, applyStyle, updateStyle, usersOf, wholeFinishOf, type Style } from '@kadrosyn/core';
import { IconComponent } from '../../../interface/icon.component';
import { RenameDialog } from '../../../interface/rename.dialog';
import { Notices } from '../../session/notices';
import { FinishEditing } from '../../finish/finish-editing';
import { OwnStyles } from '../../finish/own-styles';

/** Copies of a finish, and the workspace's own styles. */
@Component({
  selector: 'ka-style-part',
  imports: [MatButtonModule, MatInputModule, MatMenuModule, IconComponent],
  templateUrl: './style-part.component.html',
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 8px;
    }
    h3 {
      margin: 0;
    }
    .between {
      margin: 0;
    }
    ul {
      display: flex;
      flex-wrap: wrap;
      gap: 7px;
      margin: 0;
      padding: 0;
      list-style: none;
    }
    li {
      display: flex;
    }
    li .mat-mdc-outlined-button:first-child {
      border-radius: var(--radius) 0 0 var(--radius);
    }
    li .more {
      padding: 0 4px;
      margin-left: -1px;
      border-radius: 0 var(--radius) var(--radius) 0;
    }
    .keep {
      display: grid;
      grid-template-columns: minmax(0, 1fr) auto;
      gap: 7px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StylePartComponent {
  readonly editing = inject(FinishEditing);
  readonly styles = inject(OwnStyles);
  private readonly notices = inject(Notices);
  private readonly dialogs = inject(MatDialog);
  readonly usedId = computed(() => this.editing.finish().style?.id);
  private readonly usedStyle = computed(() => this.styles.list().find(({ id }) => id === this.usedId()));
  readonly used = computed(() => this.usedStyle()?.name);

  /** The style was changed, here or in another project, since the item took it. */
  readonly outdated = computed(() => {
    const [style, project] = [this.usedStyle(), this.editing.session.project()];
    if (!style || !project || (this.editing.finish().style?.revision ?? 0) >= style.revision) return null;
    const count = usersOf(project, style, true).reduce((sum, { items }) => sum + items.length, 0);
    const words = `Style ${style.name} has changed since. ${count === 1 ? 'One item here has' : `${count} items here have`} its former finish.`;
    return { style, words };
  });

  constructor() {
    void this.styles.load();
  }

  use(style: Style): void {
    const { session } = this.editing;
    const items = this.editing.settled();
    session.commit(applyStyle(session.context().sheet, items, style, `Style ${style.name} for ${this.editing.name()}`));
  }

  async keep(event: Event, field: HTMLInputElement): Promise<void> {
    event.preventDefault();
    const made = this.made();
    const name = field.value.trim() || `Finish of ${this.editing.name()}`;
    const style = made && (await this.styles.add({ name, ...made }));
    if (!style) return;
    field.value = '';
    this.notices.say(`Style ${style.name} is kept for all projects.`);
  }

  /** Gives the style the finish of what is selected. @param everywhere - also all items of the project that use it. */
  async redefine(style: Style, everywhere = false): Promise<void> {
    const made = this.made();
    const changed = made && (await this.styles.change(style.id, made));
    if (!changed) return;
    const { session } = this.editing;
    const { sheet, project } = session.context();
    const name = `Change style ${style.name}`;
    const here = applyStyle(sheet, this.editing.settled(), changed, name);
    const others = everywhere ? updateStyle(applyEdit(project, here), changed, true) : null;
    session.commit({ name, operations: [...here.operations, ...(others?.operations ?? [])] });
  }

  takeUp(style: Style): void {
    const { session } = this.editing;
    const edit = updateStyle(session.context().project, style, true);
    if (edit) session.commit(edit);
  }

  rename(style: Style): void {
    const asked = this.dialogs.open<RenameDialog, string, string>(RenameDialog, { data: style.name });
    asked.afterClosed().subscribe((name) => {
      if (name && name !== style.name) void this.styles.change(style.id, { name });
    });
  }

  /** The finish of the first item, with the size of sheet that its lengths belong to. */
  private made() {
    const [item] = this.editing.settled();
    return item ? { ...wholeFinishOf(item), side: this.editing.side() } : null;
  }
}
