import { ChangeDetectionStrategy, Component, computed, inject, input, signal } from '@angular/core';
import { MatExpansionModule } from '@angular/material/expansion';
import { MatButtonModule } from '@angular/material/button';
import {
  apply,
  colourWords,
  invert,
  paletteOf,
  salientPlaces,
  scaling,
  scatterWindows,
  type Opening,
  type Photo,
} from '@kadrosyn/core';
import { NumberFieldComponent } from '../../../interface/number-field.component';
import { PhotoLevels } from '../../../photos/photo-levels';
import { SmallPixels } from '../../../photos/small-pixels';
import { EditorSession } from '../../session/session';

const MOST = 12;
/** Colours offered for the veil. */
const COLOURS = 6;

/** Scatters windows, with the rims of instant prints, over the subjects of a photo, and a veil between them and the photo. */
@Component({
  selector: 'ka-scatter-section',
  imports: [MatExpansionModule, MatButtonModule, NumberFieldComponent],
  template: `
    <mat-expansion-panel class="ka-fold" hideToggle (expandedChange)="open.set($event)">
      <mat-expansion-panel-header><mat-panel-title>Scatter windows…</mat-panel-title></mat-expansion-panel-header>
      <p class="hint">Turned prints over what stands out, in register with the photo; a veil covers the rest.</p>
      <div class="two">
        <ka-number-field label="Windows" [value]="count()" [least]="1" [most]="most" (changed)="count.set(Math.round($event))" />
        <ka-number-field label="Veil" unit="%" [value]="strength()" [least]="0" [most]="100" (changed)="strength.set($event)" />
      </div>
      <div class="dots" role="radiogroup" aria-label="Veil colour, from the photo">
        @for (entry of palette(); track entry.colour) {
          <button
            matButton
            role="radio"
            [style.background]="entry.colour"
            [attr.aria-checked]="entry.colour === colour()"
            [attr.aria-label]="wordsOf(entry.colour) + ', ' + Math.round(entry.share * 100) + ' % of the photo'"
            [class.chosen]="entry.colour === colour()"
            (click)="picked.set(entry.colour)"
          ></button>
        } @empty {
          <p class="hint" role="status">The photo is on its way.</p>
        }
      </div>
      <button matButton="filled" [disabled]="!pixels()" (click)="scatter()">Scatter {{ count() }}</button>
    </mat-expansion-panel>
  `,
  styleUrls: ['../../parts/panel-section.scss', '../../../interface/swatch-dots.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScatterSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly small = inject(SmallPixels);
  private readonly levels = inject(PhotoLevels);
  readonly host = input.required<Opening>();
  readonly photo = input.required<Photo>();
  readonly Math = Math;
  readonly wordsOf = colourWords;
  readonly most = MOST;
  readonly count = signal(5);
  readonly strength = signal(72);
  readonly picked = signal<string | null>(null);

  /** The colours of the photo are judged once they are asked for. */
  readonly open = signal(false);

  readonly pixels = computed(() => {
    if (!this.open()) return null;
    this.levels.version();
    return this.small.of(this.photo());
  });
  readonly palette = computed(() => {
    const pixels = this.pixels();
    return pixels ? paletteOf(pixels, COLOURS) : [];
  });
  /** The colour that was picked, else the most frequent one. */
  readonly colour = computed(() => {
    const colours = this.palette().map(({ colour }) => colour);
    const picked = this.picked();
    return picked && colours.includes(picked) ? picked : (colours[0] ?? '#ffffff');
  });

  scatter(): void {
    const pixels = this.pixels();
    if (!pixels) return;
    const { sheet, photos, shaper } = this.session.context();
    const photo = this.photo();
    const toPhoto = invert(scaling(pixels.width / photo.width, pixels.height / photo.height));
    const places = salientPlaces(pixels, this.count()).map((place) => apply(toPhoto, place));
    const veil = { colour: this.colour(), strength: this.strength() / 100 };
    const made = scatterWindows(sheet, this.host(), { places, veil }, photos, shaper);
    if (made) this.session.commit(made.edit, made.ids);
  }
}
