import { computed, DestroyRef, inject, Injectable, signal } from '@angular/core';
import { lastArtwork, mockupPreview, resolveSheet, type Photo, type Sheet } from '@kadrosyn/core';
import { FindingsEngine } from '../findings/findings-engine';
import { EditorSession } from '../session/session';

/** px of the longer side of a picture. */
const LONGEST = 240;
/** Artwork that changes is left alone for so long, ms: while it is worked on nobody looks at the supplies. */
const REST = 900;
/** How often it is asked again for photos that are on their way, and after how long, ms. */
const [TIMES, AGAIN] = [12, 400];

/** Pictures of mockups with the newest artwork of the project on them, drawn in a worker, one after the other. */
@Injectable()
export class MockupPictures {
  private readonly session = inject(EditorSession);
  private readonly findings = inject(FindingsEngine);
  private readonly made = signal<ReadonlyMap<string, { readonly of: Sheet; readonly picture: ImageBitmap }>>(new Map());
  private turn = 0;

  constructor() {
    inject(DestroyRef).onDestroy(() => {
      this.turn++;
      for (const { picture } of this.made().values()) picture.close();
    });
  }

  /** What is printed on them; null where the project has no artwork yet. */
  readonly artwork = computed(() => {
    const project = this.session.project();
    return project && lastArtwork(project);
  });

  /** The picture of a mockup with artwork on it, or null before it is drawn. It may still be of the artwork before. */
  of(photoId: string): ImageBitmap | null {
    return (this.artwork() && this.made().get(photoId)?.picture) ?? null;
  }

  /** Draws those of mockups that are not of this artwork yet. Newer calls overtake older ones. @param photos - with their areas */
  async draw(photos: readonly Photo[], artwork: Sheet | null): Promise<void> {
    const turn = ++this.turn;
    if (!artwork) return;
    await rest(REST);
    for (const photo of photos) {
      if (this.made().get(photo.id)?.of === artwork) continue;
      for (let time = 0; time < TIMES && turn === this.turn; time++) {
        if (time > 0) await rest(AGAIN);
        if (turn !== this.turn || (await this.drawOne(photo, artwork, turn))) break;
      }
      if (turn !== this.turn) return;
    }
  }

  /** @returns whether all that it shows has arrived */
  private async drawOne(photo: Photo, artwork: Sheet, turn: number): Promise<boolean> {
    const { project, shaper } = this.session.context();
    const preview = mockupPreview(project, photo, artwork, shaper, LONGEST);
    const sheet = resolveSheet(preview.project, preview.sheetId);
    if (!sheet) return true;
    const { levels, isExact } = await this.findings.picture({ sheet, photos: preview.project.photos, pairs: [] }, 0);
    const [finest] = levels;
    if (!finest || !isExact) return false;
    const { width, height, data } = finest.pixels;
    const picture = await createImageBitmap(new ImageData(new Uint8ClampedArray(data), width, height));
    const before = this.made().get(photo.id)?.picture;
    if (turn !== this.turn) picture.close();
    else {
      this.made.update((made) => new Map(made).set(photo.id, { of: artwork, picture }));
      before?.close();
    }
    return true;
  }
}

function rest(ms: number): Promise<void> {
  return new Promise((resolve) => setTimeout(resolve, ms));
}
