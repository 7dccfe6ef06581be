import { inject, Injectable } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { changeSheet, removeSheet, type Sheet } from '@kadrosyn/core';
import { RenameDialog } from '../../interface/rename.dialog';
import { whyKept } from '../commands/sheet-edits';
import { Notices } from '../session/notices';
import { EditorSession } from '../session/session';

/** Naming and removing sheets. */
@Injectable()
export class SheetCare {
  private readonly session = inject(EditorSession);
  private readonly dialogs = inject(MatDialog);
  private readonly notices = inject(Notices);

  remove(sheet: Sheet): void {
    const { project } = this.session.context();
    const kept = whyKept(project, sheet);
    if (kept !== null) return this.notices.say(kept);
    const edit = removeSheet(project, sheet.id);
    if (!edit) return;
    const at = project.sheets.findIndex(({ id }) => id === sheet.id);
    const next = project.sheets[at + 1] ?? project.sheets[at - 1]!;
    if (sheet.id === this.session.sheet()?.id) this.session.showSheet(next.id);
    this.session.commit(edit);
    this.notices.sayWithUndo(`${sheet.name} was removed with all that lies on it.`);
  }

  rename(sheet: Sheet): void {
    const asked = this.dialogs.open<RenameDialog, string, string>(RenameDialog, { data: sheet.name });
    asked.afterClosed().subscribe((name) => {
      if (name && name !== sheet.name) this.session.commit(changeSheet(sheet, { name }, `Rename ${sheet.name}`));
    });
  }
}
