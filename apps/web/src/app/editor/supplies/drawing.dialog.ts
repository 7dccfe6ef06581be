import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatCheckboxModule } from '@angular/material/checkbox';
import { MatInputModule } from '@angular/material/input';
import { MAT_DIALOG_DATA, MatDialogModule, MatDialogRef } from '@angular/material/dialog';
import { drawnArtwork, readPathData, scaling, toPathData, transformPath, type DrawnArtwork } from '@kadrosyn/core';
import { readDrawing, type DrawingRead } from '../../outlines/read-drawing';
import { DrawingPicture } from './drawing-picture';

/** What the dialog opens with: a file that was dropped, or nothing. */
export interface DrawingRequest {
  readonly file?: File;
}

/** What was chosen: its outline, or the drawing as it is. */
export type DrawingChoice =
  OutlineChoice | { readonly use: 'artwork'; readonly name: string; readonly piece: DrawnArtwork } | PictureChoice;

/** It can only be shown as a picture. */
interface PictureChoice {
  readonly use: 'picture';
  readonly file: File;
}

interface OutlineChoice {
  readonly use: 'outline';
  readonly name: string;
  readonly d: string;
  readonly proportion: number;
  /** Into the supplies as well. */
  readonly keep: boolean;
}

const MOST_BYTES = 4_000_000;
/** How an outline is called that nobody has named. */
const OWN_NAME = 'My outline';

/** Makes an outline of an SVG drawing: a file or its code. */
@Component({
  imports: [MatButtonModule, MatCheckboxModule, MatInputModule, MatDialogModule],
  template: `
    <h2 mat-dialog-title>An outline from a drawing</h2>
    <form (submit)="finish($event)">
      <mat-dialog-content>
        <div class="source">
          <p>
            <button matButton="outlined" type="button" cdkFocusInitial (click)="files.click()">Choose an SVG file</button>
            <input #files type="file" hidden accept=".svg,image/svg+xml" (change)="chooseFile(files)" />
            <span class="soft">or paste its code:</span>
          </p>
          <mat-form-field>
            <textarea
              matInput
              aria-label="Code of the drawing"
              spellcheck="false"
              placeholder="<svg …> or path data"
              [value]="source()"
              (input)="read($any($event.target).value)"
            ></textarea>
          </mat-form-field>
        </div>
        <div class="result" aria-live="polite">
          @if (taken(); as shape) {
            <div class="pictures">
              <svg [attr.viewBox]="frame()" role="img" aria-label="The outline"><path [attr.d]="drawing()" /></svg>
              @if (withColours()) {
                <img [src]="picture()" alt="The drawing in its colours" />
              }
            </div>
            @if (shape.notUsed.length > 0) {
              <p class="news">Not used for the outline: {{ shape.notUsed.join(', ') }}.</p>
            }
          } @else if (fault(); as message) {
            <p class="news look" role="alert">{{ message }}</p>
          } @else {
            <p class="soft">{{ reading() ? 'Reading…' : 'The outline will show here. All its filled shapes become one.' }}</p>
          }
          @if (withColours(); as words) {
            <p class="soft">{{ words }}</p>
          }
        </div>
        <label class="name">
          Name
          <mat-form-field>
            <input matInput maxlength="200" [value]="name()" (input)="name.set($any($event.target).value)" />
          </mat-form-field>
        </label>
        <mat-checkbox [checked]="keep()" (change)="keep.set($event.checked)">
          Keep it in the supplies, for other projects too
        </mat-checkbox>
      </mat-dialog-content>
      <mat-dialog-actions align="end">
        <button matButton="outlined" type="button" mat-dialog-close>Cancel</button>
        <button matButton="outlined" type="button" [disabled]="!withColours()" (click)="useAsArtwork()">
          Keep its colours, as artwork
        </button>
        <button matButton="filled" [disabled]="!taken()">Put on the sheet</button>
      </mat-dialog-actions>
    </form>
  `,
  providers: [DrawingPicture],
  styleUrl: './drawing.dialog.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class DrawingDialog {
  private readonly dialog = inject<MatDialogRef<DrawingDialog, DrawingChoice>>(MatDialogRef);
  readonly source = signal('');
  readonly name = signal(OWN_NAME);
  readonly keep = signal(true);
  readonly reading = signal(false);
  private readonly result = signal<DrawingRead | null>(null);
  readonly taken = computed(() => {
    const outline = this.result()?.outline;
    return outline?.ok ? { ...outline.taken, notUsed: outline.notUsed } : null;
  });
  readonly fault = computed(() => {
    const outline = this.result()?.outline;
    return outline && !outline.ok ? outline.message : null;
  });
  /** What comes of it with its colours; null where nothing does. */
  readonly withColours = computed(() => {
    const drawing = this.result()?.drawing;
    if (!drawing || (!drawing.ok && 'message' in drawing)) return null;
    if (!drawing.ok) return `As artwork it becomes a picture of 4096 px, since it holds ${drawing.holds}.`;
    const count = drawing.colours.length;
    return `As artwork it keeps its ${count === 1 ? 'one colour' : `${count} colours`}, which can be changed, and is sharp at any size.`;
  });
  private readonly proportion = computed(() => {
    const bounds = this.taken()?.bounds;
    return bounds ? Math.min(1000, Math.max(0.001, bounds.width / bounds.height)) : 1;
  });
  readonly frame = computed(() => `0 0 ${this.proportion()} 1`);
  readonly drawing = computed(() => {
    const { path } = readPathData(this.taken()?.outline.d ?? '');
    return toPathData(transformPath(scaling(this.proportion(), 1), path), 5);
  });
  /** Shown as a picture, nothing in it runs, and nothing from outside is fetched. */
  readonly picture = computed(() => this.pictures.of(this.source()));
  private readonly pictures = inject(DrawingPicture);
  private round = 0;

  constructor() {
    const { file } = inject<DrawingRequest>(MAT_DIALOG_DATA);
    if (file) void this.takeFile(file);
  }

  chooseFile(field: HTMLInputElement): void {
    const file = field.files?.[0];
    field.value = '';
    if (file) void this.takeFile(file);
  }

  /** The last thing that was typed or chosen counts. */
  async read(source: string): Promise<void> {
    this.source.set(source);
    const round = ++this.round;
    this.result.set(null);
    this.reading.set(source.trim() !== '');
    if (source.trim() === '') return;
    const result = await readDrawing(source);
    if (round !== this.round) return;
    this.reading.set(false);
    this.result.set(result);
  }

  finish(event: Event): void {
    event.preventDefault();
    const taken = this.taken();
    if (!taken) return;
    const name = this.name().trim() || OWN_NAME;
    this.dialog.close({ use: 'outline', name, d: taken.outline.d, proportion: this.proportion(), keep: this.keep() });
  }

  useAsArtwork(): void {
    const { drawing } = this.result()!;
    const name = this.name().trim().replace(OWN_NAME, '') || 'My drawing';
    if (drawing.ok) return this.dialog.close({ use: 'artwork', name, piece: drawnArtwork(drawing) });
    this.dialog.close({ use: 'picture', file: new File([this.source()], `${name}.svg`, { type: 'image/svg+xml' }) });
  }

  private async takeFile(file: File): Promise<void> {
    this.name.set(file.name.replace(/\.svg$/i, '') || OWN_NAME);
    if (file.size > MOST_BYTES) {
      this.round++;
      const fault = { ok: false, message: `${file.name} is larger than 4 MB. Simplify the drawing first.` } as const;
      this.result.set({ outline: fault, drawing: fault });
      return;
    }
    await this.read(await file.text());
  }
}
