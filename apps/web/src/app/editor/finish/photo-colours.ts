import { computed, inject, Injectable, type Signal } from '@angular/core';
import { COLOUR_ROLES, colourWords, openingsOf, paletteOf, type PaletteColour, type Photo, type PhotoFill } from '@kadrosyn/core';
import type { ColourForRole, ColourOffer, ColourSource } from '../../interface/colour-offers';
import { PhotoLevels } from '../../photos/photo-levels';
import { SmallPixels } from '../../photos/small-pixels';
import { ROLE_NAMES } from './role-names';
import { EditorSession } from '../session/session';
import { ColourTaking } from '../modes/colour/colour-taking';

/** So many colours are proposed from a photo. */
const MOST_COLOURS = 8;
/** So many photos are asked for their colours in a picker. */
const MOST_PHOTOS = 3;

/** The colours of the photos on a sheet, and the way to point at any colour: what pickers of the editor offer. */
@Injectable()
export class PhotoColours implements ColourSource {
  private readonly session = inject(EditorSession);
  private readonly small = inject(SmallPixels);
  private readonly levels = inject(PhotoLevels);
  private readonly taking = inject(ColourTaking);
  private readonly palettes = new Map<string, readonly PaletteColour[]>();
  readonly take = (): Promise<string | null> => this.taking.begin();

  readonly roles: Signal<readonly ColourForRole[]> = computed(() => {
    const roles = this.session.shownProject()?.roles;
    return roles ? COLOUR_ROLES.map((role) => ({ role, name: ROLE_NAMES[role], colour: roles[role] })) : [];
  });

  /** Photos on the sheet, those of what is selected first. */
  readonly photos = computed<readonly Photo[]>(() => {
    const [sheet, project] = [this.session.shownSheet(), this.session.shownProject()];
    if (!sheet || !project) return [];
    const fills = [...openingsOf(this.session.selectedItems()), ...openingsOf(sheet.items)].map(({ fill }) => fill);
    const ids = fills.filter((fill): fill is PhotoFill => fill.type === 'photo').map(({ photoId }) => photoId);
    return [...new Set(ids)].flatMap((id) => project.photos[id] ?? []);
  });

  readonly offers: Signal<readonly ColourOffer[]> = computed(() =>
    this.photos()
      .slice(0, MOST_PHOTOS)
      .map((photo) => ({
        name: `From ${photo.name}`,
        colours: this.paletteOf(photo).map(({ colour }) => ({ colour, words: colourWords(colour) })),
      }))
      .filter(({ colours }) => colours.length > 0),
  );

  /** Five to eight colours of a photo, the most frequent first; none while it has not arrived. */
  paletteOf(photo: Photo): readonly PaletteColour[] {
    this.levels.version();
    const known = this.palettes.get(photo.id);
    if (known) return known;
    const pixels = this.small.of(photo);
    if (!pixels) return [];
    const palette = paletteOf(pixels, MOST_COLOURS);
    this.palettes.set(photo.id, palette);
    return palette;
  }
}
