import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { referencesOf } from '@kadrosyn/core';
import { Exporting } from './exporting';

/** What goes along when the whole project is taken away. */
@Component({
  selector: 'ka-project-part',
  template: `
    <p>{{ words() }}</p>
    <p>Open it on the projects page, here or on another machine: everything can be changed there.</p>
  `,
  styles: `
    p {
      margin: 0 0 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ProjectPartComponent {
  private readonly exporting = inject(Exporting);

  /** What is in the file, counted in the project. */
  readonly words = computed(() => {
    const project = this.exporting.shown()?.project;
    if (!project) return '';
    const { photos, mattes, faces } = referencesOf(project);
    const own = [...faces].filter((id) => id.startsWith('face_')).length;
    const parts = [
      counted(project.sheets.length, 'sheet', 'sheets'),
      ...(photos.size > 0 ? [`${counted(photos.size, 'photo', 'photos')} at full size`] : []),
      ...(mattes.length > 0 ? [counted(mattes.length, 'cutout', 'cutouts')] : []),
      ...(own > 0 ? [counted(own, 'font of your own', 'fonts of your own')] : []),
    ];
    const [last, ...others] = parts.toReversed();
    return `One .kadro file with ${others.length > 0 ? `${others.toReversed().join(', ')} and ${last}` : last}.`;
  });
}

function counted(count: number, one: string, several: string): string {
  return count === 1 ? `one ${one}` : `${count} ${several}`;
}
