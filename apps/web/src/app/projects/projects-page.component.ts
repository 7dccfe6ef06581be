import { ChangeDetectionStrategy, Component, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatMenuModule } from '@angular/material/menu';
import { MatSnackBar } from '@angular/material/snack-bar';
import { Router, RouterLink } from '@angular/router';
import { newProject, photoAt, type Photo, type SheetSize } from '@kadrosyn/core';
import { firstValueFrom } from 'rxjs';
import { Fault, faultOf } from '../api/fault';
import type { ProjectSummary } from '@kadrosyn/contract';
import { IconComponent } from '../interface/icon.component';
import { sizeWords, timeWords } from '../interface/sheet-words';
import { Theme } from '../interface/theme';
import { ShaperLoader } from '../lettering/shaper-loader';
import { PhotoUploads } from '../photos/photo-uploads';
import { TemplateRowComponent } from '../templates/template-row.component';
import { BinComponent } from './bin.component';
import { Projects } from './projects';
import { ExactSizeDialog } from './exact-size.dialog';
import { RenameDialog } from '../interface/rename.dialog';
import { SHEET_PRESETS, type SheetPreset } from './sheet-presets';

/** A sheet that begins from a photo is at most this long, px. */
const LONGEST_SIDE = 2400;

/** All projects, and the ways to begin a new one. */
@Component({
  imports: [MatButtonModule, RouterLink, MatMenuModule, BinComponent, IconComponent, TemplateRowComponent],
  templateUrl: './projects-page.component.html',
  styleUrl: './projects-page.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProjectsPageComponent {
  readonly projects = inject(Projects);
  private readonly uploads = inject(PhotoUploads);
  private readonly shapers = inject(ShaperLoader);
  private readonly router = inject(Router);
  private readonly dialog = inject(MatDialog);
  private readonly notices = inject(MatSnackBar);
  readonly theme = inject(Theme);
  readonly presets = SHEET_PRESETS;
  readonly dropping = signal(false);
  readonly busy = signal<string | null>(null);

  constructor() {
    void this.projects.load();
    // Whoever is here opens a project next; a failure is said there.
    this.shapers.ensure([]).catch(() => undefined);
  }

  words(project: ProjectSummary): string {
    const sheets = project.sheets > 1 ? ` · ${project.sheets} sheets` : '';
    return `${sizeWords(project, project.unit, project.dpi)}${sheets} · ${timeWords(project.updatedAt)}`;
  }

  /** Sides of a preset's small picture, px. */
  shape({ size }: SheetPreset): { width: number; height: number } {
    const scale = 27 / Math.max(size.width, size.height);
    return { width: Math.round(size.width * scale), height: Math.round(size.height * scale) };
  }

  begin(name: string, size: SheetSize): Promise<void> {
    return this.attempt(async () => this.open(await this.projects.create(name, size)));
  }

  async beginExact(): Promise<void> {
    const size = await firstValueFrom(this.dialog.open<ExactSizeDialog, never, SheetSize>(ExactSizeDialog).afterClosed());
    if (size) await this.begin('New sheet', size);
  }

  onDrag(event: DragEvent): void {
    if (!event.dataTransfer?.types.includes('Files')) return;
    event.preventDefault();
    this.dropping.set(true);
  }

  onDrop(event: DragEvent): void {
    event.preventDefault();
    this.dropping.set(false);
    void this.beginFrom([...(event.dataTransfer?.files ?? [])]);
  }

  /** A sheet in the proportions of the photo, with the photo on it; a project file as the project that it holds. */
  async beginFrom(files: Iterable<File>): Promise<void> {
    const [file] = files;
    if (!file) return;
    const projectFile = [...files].find(isProjectFile);
    if (projectFile) return this.openFile(projectFile);
    this.busy.set(`Adding ${file.name}`);
    await this.attempt(async () => {
      const [added] = await this.uploads.add([file]);
      if (!added?.photo || added.fault) throw new Fault('not-added', `${file.name}: ${added?.fault ?? 'could not be added'}`);
      this.open(await this.projects.createFrom(projectFrom(added.photo)));
    });
    this.busy.set(null);
  }

  /** Opens a project file as a new project. */
  async openFile(file: File): Promise<void> {
    this.busy.set(`Opening ${file.name}`);
    await this.attempt(async () => {
      const sending = (share: number): void =>
        this.busy.set(share < 1 ? `Opening ${file.name}, ${Math.round(100 * share)} % sent` : `Looking into ${file.name}`);
      this.open(await this.projects.openFile(file, sending));
    });
    this.busy.set(null);
  }

  async rename(project: ProjectSummary): Promise<void> {
    const data = project.name;
    const name = await firstValueFrom(this.dialog.open<RenameDialog, string, string>(RenameDialog, { data }).afterClosed());
    if (!name || name === project.name) return;
    await this.attempt(() => this.projects.rename(project.id, name));
  }

  duplicate(project: ProjectSummary): Promise<void> {
    return this.attempt(() => this.projects.duplicate(project.id));
  }

  /** Puts a project into the bin; the notice brings it back at once. */
  remove(project: ProjectSummary): Promise<void> {
    return this.attempt(async () => {
      await this.projects.remove(project.id);
      const notice = this.notices.open(`${project.name} is in the bin.`, 'Bring back', { duration: 12_000 });
      notice.onAction().subscribe(() => {
        void this.attempt(() => this.projects.bringBack(project.id));
      });
    });
  }

  say(message: string): void {
    this.notices.open(message, 'Close', { duration: 15_000 });
  }

  private open(id: string): void {
    void this.router.navigate(['/projects', id]);
  }

  private async attempt(work: () => Promise<void>): Promise<void> {
    try {
      await work();
    } catch (error) {
      this.say(faultOf(error).message);
    }
  }
}

/** By its name: browsers know no type for it. */
function isProjectFile({ name }: File): boolean {
  return name.toLowerCase().endsWith('.kadro');
}

function projectFrom(photo: Photo) {
  const scale = Math.min(1, LONGEST_SIDE / Math.max(photo.width, photo.height));
  const [width, height] = [Math.round(photo.width * scale), Math.round(photo.height * scale)];
  const project = newProject(photo.name, { width, height, unit: 'px' });
  const [sheet] = project.sheets;
  const at = { x: width / 2, y: height / 2 };
  return { ...project, photos: { [photo.id]: photo }, sheets: [{ ...sheet!, items: [photoAt(photo, at, scale)] }] };
}
