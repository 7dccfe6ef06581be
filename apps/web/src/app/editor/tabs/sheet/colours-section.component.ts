import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import {
  changeProject,
  colourPairs,
  coloursUsed,
  colourWords,
  literalColour,
  replaceColour,
  type Colour,
  type ColourRole,
  type LiteralColour,
  type UsedColour,
} from '@kadrosyn/core';
import type { ColourForRole } from '../../../interface/colour-offers';
import { ColourFieldComponent } from '../../../interface/colour-field.component';
import { EditorSession } from '../../session/session';
import { FoldPartComponent } from '../../parts/fold-part.component';
import { OpenFolds } from '../../parts/open-folds';
import { PhotoColours } from '../../finish/photo-colours';

/** So many colours in use are shown; beyond them come those of single details. */
const MOST_USED = 24;
/** More swatches are not kept. */
const MOST_SWATCHES = 60;

/** The colours of the project: its swatches, what is used and can be replaced everywhere, and what its photos propose. */
@Component({
  selector: 'ka-colours-section',
  imports: [MatButtonModule, FoldPartComponent, ColourFieldComponent],
  templateUrl: './colours-section.component.html',
  styleUrls: ['../../parts/panel-section.scss', '../../../interface/swatch-dots.scss'],
  styles: `
    .pairs {
      display: flex;
      flex-wrap: wrap;
      gap: 6px;
    }
    .roles {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 6px;

      button {
        display: flex;
        align-items: center;
        gap: 8px;
        padding: 5px 8px;
        font: inherit;
        font-weight: 600;
        color: inherit;
        background: var(--paper);
        border: 1px solid var(--rule);
        border-radius: var(--radius);
        cursor: pointer;
      }
      i {
        width: 26px;
        height: 26px;
        border-radius: 6px;
      }
      .chosen {
        border-color: var(--spruce);
        box-shadow: inset 0 0 0 1px var(--spruce);
      }
    }
    .swap {
      display: grid;
      gap: 7px;
      padding: 9px;
      background: var(--paper);
      border: 1px solid var(--rule);
      border-radius: var(--radius);
    }
    ul {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 3px 8px;
      margin: 4px 0 7px;
      padding: 0;
      list-style: none;
      font-size: 13px;
    }
    li {
      display: flex;
      align-items: center;
      gap: 6px;
    }
    i {
      flex: none;
      width: 18px;
      height: 18px;
      border: 1px solid color-mix(in srgb, var(--ink) 22%, transparent);
      border-radius: 3px;
    }
    .pairs {
      margin-bottom: 7px;
    }
    .pairs span {
      padding: 3px 9px;
      font-weight: 600;
      border-radius: 3px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ColoursSectionComponent {
  private readonly session = inject(EditorSession);
  readonly photoColours = inject(PhotoColours);
  readonly folds = inject(OpenFolds);
  /** The colour that is looked at. */
  readonly chosen = signal<string | null>(null);
  private readonly chosenRoleId = signal<ColourRole | null>(null);
  readonly chosenRole = computed(() => this.photoColours.roles().find(({ role }) => role === this.chosenRoleId()) ?? null);
  readonly swatches = computed(() => this.session.project()?.swatches ?? []);
  readonly used = computed(() => {
    const project = this.session.project();
    return project ? coloursUsed(project).slice(0, MOST_USED) : [];
  });
  readonly palettes = computed(() =>
    this.photoColours.photos().flatMap((photo) => {
      const palette = this.photoColours.paletteOf(photo);
      const colours = palette.map(({ colour }) => ({ colour, words: colourWords(colour) }));
      return palette.length > 0 ? [{ photo, colours, pairs: colourPairs(palette) }] : [];
    }),
  );

  wordsOf(colour: string): string {
    return colourWords(colour);
  }

  placesOf({ places }: UsedColour): string {
    return places === 1 ? 'one place' : `${places} places`;
  }

  chooseRole({ role }: ColourForRole): void {
    this.chosenRoleId.update((chosen) => (chosen === role ? null : role));
  }

  /** All that has this colour by its role changes with it. */
  setRole({ role, name }: ColourForRole, colour: Colour, how: 'preview' | 'commit'): void {
    const { project } = this.session.context();
    const roles = { ...project.roles, [role]: literalColour(colour) };
    this.session.applyAs(how, changeProject(project, { roles }, `${name} of the project`));
  }

  choose(colour: string): void {
    this.chosen.update((chosen) => (chosen === colour ? null : colour));
  }

  keep(colours: readonly string[]): void {
    const { project } = this.session.context();
    const swatches = [...new Set([...project.swatches, ...colours])].slice(0, MOST_SWATCHES);
    this.session.commit(changeProject(project, { swatches }, 'Keep swatches'));
  }

  keepPalette(colours: readonly { readonly colour: string }[]): void {
    this.keep(colours.map(({ colour }) => colour));
  }

  drop(colour: string): void {
    const { project } = this.session.context();
    const swatches = project.swatches.filter((swatch) => swatch !== colour);
    this.session.commit(changeProject(project, { swatches }, 'Remove swatch'));
  }

  replace(from: LiteralColour, by: Colour, how: 'preview' | 'commit'): void {
    const to = literalColour(by);
    const edit = replaceColour(this.session.context().project, from, to);
    if (!edit) return;
    this.session.applyAs(how, edit);
    if (how === 'commit') this.chosen.set(to);
  }
}
