import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import { MatDialog } from '@angular/material/dialog';
import { MatMenuModule } from '@angular/material/menu';
import { MatSnackBar } from '@angular/material/snack-bar';
import { RouterLink } from '@angular/router';
import { firstValueFrom } from 'rxjs';
import { faultOf } from '../api/fault';
import type { TemplateSummary } from '@kadrosyn/contract';
import { IconComponent } from '../interface/icon.component';
import { RenameDialog } from '../interface/rename.dialog';
import { Theme } from '../interface/theme';
import { ShaperLoader } from '../lettering/shaper-loader';
import { BeginFromTemplate } from './begin-from-template';
import { findTemplates } from './find-templates';
import { TemplateCardComponent } from './template-card.component';
import { Templates } from './templates';

/** All templates by their pictures, searched by words. */
@Component({
  imports: [MatButtonModule, MatInputModule, RouterLink, MatMenuModule, IconComponent, TemplateCardComponent],
  templateUrl: './templates-page.component.html',
  styleUrl: './templates-page.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TemplatesPageComponent {
  readonly templates = inject(Templates);
  private readonly beginning = inject(BeginFromTemplate);
  private readonly dialogs = inject(MatDialog);
  private readonly notices = inject(MatSnackBar);
  readonly theme = inject(Theme);
  readonly search = signal('');
  private readonly found = computed(() => findTemplates(this.templates.entities(), this.search()));
  readonly groups = computed(() =>
    [
      { name: 'My own', templates: this.found().filter(({ shipped }) => !shipped) },
      { name: 'Ready-made', templates: this.found().filter(({ shipped }) => shipped) },
    ].filter(({ templates }) => templates.length > 0),
  );

  constructor() {
    void this.templates.load();
    // Whoever is here opens a project next; a failure is said there.
    inject(ShaperLoader)
      .ensure([])
      .catch(() => undefined);
  }

  begin({ id }: TemplateSummary): Promise<void> {
    return this.attempt(() => this.beginning.begin(id));
  }

  async rename({ id, name }: TemplateSummary): Promise<void> {
    const asked = this.dialogs.open<RenameDialog, string, string>(RenameDialog, { data: name });
    const wanted = await firstValueFrom(asked.afterClosed());
    if (!wanted || wanted === name) return;
    await this.attempt(() => this.templates.rename(id, wanted));
  }

  /** Projects that were begun from it stay; the notice brings it back. */
  remove({ id, name }: TemplateSummary): Promise<void> {
    return this.attempt(async () => {
      const putBack = await this.templates.remove(id);
      const notice = this.notices.open(`The template ${name} was removed.`, 'Bring back', { duration: 12_000 });
      notice.onAction().subscribe(() => {
        void this.attempt(putBack);
      });
    });
  }

  private async attempt(work: () => Promise<void>): Promise<void> {
    try {
      await work();
    } catch (error) {
      this.notices.open(faultOf(error).message, 'Close', { duration: 15_000 });
    }
  }
}
