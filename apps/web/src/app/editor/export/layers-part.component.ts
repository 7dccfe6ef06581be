import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { resolveSheet } from '@kadrosyn/core';
import { hasMood, sheetLayers, type RenderResources, type SheetLayer } from '@kadrosyn/render';
import { EditorSession } from '../session/session';
import { Exporting } from './exporting';
import type { LayersSettings } from './export-settings';
import { PictureSizeComponent } from './picture-size.component';
import { SheetsRowComponent } from './sheets-row.component';

/** A layer of the file, for the list of them. */
interface Listed {
  readonly name: string;
  /** In how many groups it is. */
  readonly depth: number;
}

/** Which layers another program finds in the file. */
@Component({
  selector: 'ka-layers-part',
  imports: [PictureSizeComponent, SheetsRowComponent],
  template: `
    <ka-sheets-row [all]="chosen().all" (changed)="change({ all: $event })" />
    <ka-picture-size [size]="chosen().size" (changed)="change({ size: $event })" />
    <ol tabindex="0" aria-label="Layers from front to back">
      @for (layer of layers(); track $index) {
        <li [style.padding-left.px]="14 * layer.depth" [title]="layer.name">{{ layer.name }}</li>
      }
    </ol>
    <p class="says" aria-live="polite">{{ says() }}</p>
  `,
  styleUrls: ['./export-part.scss', './layers-part.component.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LayersPartComponent {
  private readonly exporting = inject(Exporting);
  private readonly session = inject(EditorSession);
  readonly chosen = computed(() => this.exporting.settings().layers);

  private readonly sheet = computed(() => {
    const shown = this.exporting.shown();
    return shown && resolveSheet(shown.project, shown.sheet.id);
  });
  /** Of the sheet that is shown, from front to back as in the list of its depth. */
  readonly layers = computed<readonly Listed[]>(() => {
    const [sheet, project] = [this.sheet(), this.session.project()];
    if (!sheet || !project) return [];
    // Nothing is drawn for it: layers are asked for, not made.
    const resources = { shaper: this.session.context().shaper, photos: project.photos } as RenderResources;
    return listed(sheetLayers(sheet, resources), 0);
  });
  readonly says = computed(() => {
    const sheet = this.sheet();
    const count = this.chosen().all ? this.exporting.pages().length : 1;
    const files = count > 1 ? `${count} files in one archive, each with the name of its sheet.` : 'One OpenRaster file.';
    const joined = sheet && sheet.crossings.length > 0 ? 'What passes over and under one another is one layer.' : '';
    const mood =
      sheet && hasMood(sheet) ? 'The mood is a picture of its own on top; the layers without it are hidden below.' : '';
    return [files, joined, mood].filter((words) => words !== '').join(' ');
  });

  change(change: Partial<LayersSettings>): void {
    this.exporting.setLayers(change);
  }
}

function listed(layers: readonly SheetLayer[], depth: number): Listed[] {
  return layers
    .toReversed()
    .flatMap((layer) => [{ name: layer.name, depth }, ...(layer.kind === 'stack' ? listed(layer.layers, depth + 1) : [])]);
}
