import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { MatMenuModule } from '@angular/material/menu';
import {
  backgroundEdit,
  backgroundOf,
  changeItem,
  changeSheet,
  removeItem,
  withPhoto,
  type Colour,
  type Edit,
  type GroundFill,
  type Opening,
  type GradientFill,
  type Photo,
} from '@kadrosyn/core';
import { ColourFieldComponent } from '../../../interface/colour-field.component';
import { NumberFieldComponent } from '../../../interface/number-field.component';
import { PhotoLibrary } from '../../../photos/photo-library';
import { EditorSession } from '../../session/session';
import { GradientFieldComponent, type GradientChange } from '../../parts/gradient-field.component';
import { LengthFieldComponent } from '../../parts/length-field.component';
import { ScatterSectionComponent } from '../fit/scatter-section.component';

const FIRST: GradientFill = {
  type: 'gradient',
  kind: 'linear',
  angle: 90,
  stops: [
    { at: 0, colour: '#fbf8f1' },
    { at: 1, colour: '#d9a13f' },
  ],
};
const FIRSTS = { none: { type: 'none' }, colour: { type: 'colour', colour: '#ffffff' }, gradient: FIRST } as const;
/** So many photos are offered; all are under Photos, and can be dragged onto the sheet. */
const OFFERED = 20;

/** The ground of the sheet: a colour, a gradient, a photo that may be blurred and faded, or nothing. */
@Component({
  selector: 'ka-sheet-ground',
  imports: [
    MatButtonModule,
    MatButtonToggleModule,
    ShownToggleDirective,
    ColourFieldComponent,
    GradientFieldComponent,
    NumberFieldComponent,
    LengthFieldComponent,
    MatMenuModule,
    ScatterSectionComponent,
  ],
  templateUrl: './sheet-ground.component.html',
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 9px;
    }
    h3 {
      margin: 0;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetGroundComponent {
  readonly session = inject(EditorSession);
  private readonly library = inject(PhotoLibrary);
  readonly sheet = this.session.shownSheet;
  readonly swatches = computed(() => this.session.project()?.swatches ?? []);
  readonly offered = computed(() => this.library.photos().slice(0, OFFERED));
  readonly ground = computed<GroundFill>(() => this.sheet()?.background ?? { type: 'none' });
  readonly colour = computed(() => {
    const fill = this.ground();
    return fill.type === 'colour' ? fill.colour : '';
  });
  readonly gradient = computed(() => {
    const fill = this.ground();
    return fill.type === 'gradient' ? fill : null;
  });
  readonly photo = computed(() => {
    const sheet = this.sheet();
    const opening = sheet && backgroundOf(sheet);
    const fill = opening?.fill;
    const photo = fill?.type === 'photo' ? this.session.shownProject()?.photos[fill.photoId] : undefined;
    return opening && fill?.type === 'photo' && photo ? { opening, fill, photo } : null;
  });
  readonly kind = computed(() => (this.photo() ? 'photo' : this.ground().type));
  readonly fade = computed(() => ({
    colour: this.sheet()?.veil?.colour ?? '',
    percent: this.sheet()?.veil?.colour ? Math.round((this.sheet()?.veil?.strength ?? 0.5) * 100) : 0,
  }));

  use(kind: 'colour' | 'gradient' | 'none'): void {
    if (this.kind() === kind) return;
    const { sheet } = this.session.context();
    const name = kind === 'none' ? 'Clear background' : 'Colour sheet';
    const photo = backgroundOf(sheet);
    const taken = photo ? removeItem(sheet, photo.id, name).operations : [];
    const isNew = this.ground().type !== kind;
    this.session.commit({ name, operations: [...taken, ...(isNew ? this.edit(FIRSTS[kind], name).operations : [])] });
  }

  edit(background: GroundFill, name = 'Colour sheet'): Edit {
    return changeSheet(this.session.context().sheet, { background }, name);
  }

  colourEdit(colour: Colour): Edit {
    return this.edit({ type: 'colour', colour });
  }

  apply({ fill, how }: GradientChange): void {
    const name = how === 'step' ? 'Adjust the gradient of the sheet' : 'Gradient of the sheet';
    this.session.applyAs(how, this.edit(fill, name));
  }

  take(photo: Photo): void {
    const { project, sheet } = this.session.context();
    this.session.commit(withPhoto(project, photo, backgroundEdit(sheet, photo)));
  }

  setBlur(px: number): void {
    const { sheet } = this.session.context();
    const opening = backgroundOf(sheet);
    if (opening?.fill.type !== 'photo') return;
    const { blur: _before, ...rest } = opening.fill;
    const fill = px > 0 ? { ...rest, blur: px } : rest;
    this.session.commitAgain(changeItem(sheet, opening, { fill }, 'Blur the background'));
  }

  /** The photo is worked on like any other: moved, scaled, toned, cut out. */
  workOn({ id }: Opening): void {
    this.session.select(id);
  }

  fadeEdit(colour: Colour, percent: number): Edit {
    const { sheet } = this.session.context();
    const veil = { ...sheet.veil, colour, strength: Math.min(100, Math.max(0, percent)) / 100 };
    return changeSheet(sheet, { veil }, 'Fade the background');
  }

  setFade(percent: number): void {
    this.session.commitAgain(this.fadeEdit(this.fade().colour || '#fbf8f1', percent));
  }
}
