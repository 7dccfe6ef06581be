import { inject, Injectable, signal } from '@angular/core';
import { toObservable } from '@angular/core/rxjs-interop';
import {
  areaOf,
  isSameForm,
  keepArea,
  type AreaHints,
  type ClothFolds,
  type ClothForm,
  type Photo,
  type PhotoArea,
} from '@kadrosyn/core';
import { filter, firstValueFrom } from 'rxjs';
import { faultOf } from '../../api/fault';
import { Server } from '../../api/server';
import { PhotoLibrary } from '../../photos/photo-library';
import { Notices } from '../session/notices';
import { EditorSession } from '../session/session';
import { AreaEngine } from './area-engine';
import { AreaLibrary } from './area-library';

/** What came of looking at an area: it does not matter any more, or the photo has not arrived. */
type Looked = PhotoArea | 'late' | 'not here';

/** How often it is asked whether what is needed has arrived, ms, and how many times. */
const [AGAIN, TIMES] = [200, 100];

/** Finds out how light lies on areas and what stands in front of them, and keeps it with the areas. */
@Injectable()
export class AreaSurfaces {
  private readonly session = inject(EditorSession);
  private readonly engine = inject(AreaEngine);
  private readonly library = inject(AreaLibrary);
  private readonly server = inject(Server);
  private readonly notices = inject(Notices);
  private readonly uploading = toObservable(inject(PhotoLibrary).uploadingIds);
  /** By area, the last request: what an earlier one finds does not matter any more. */
  private readonly turns = new Map<string, number>();
  private turn = 0;
  /** Ids of areas that are looked at. */
  readonly looking = signal<ReadonlySet<string>>(new Set());

  /**
   * Looks at an area that was not looked at before, as a part of the step in which something was laid in it.
   * @param step - its name
   */
  async begin(photo: Photo, area: PhotoArea, step: string): Promise<void> {
    if (area.surface ?? area.front) return;
    await this.look(photo, area, area.hints ?? {}, (found) => {
      this.session.commitAgain(keepArea(this.photoOf(photo), found, step), step);
    });
  }

  /** Looks again, with what is said of what stands in front, as a step of its own. @returns whether it was kept */
  say(photo: Photo, area: PhotoArea, hints: AreaHints, step: string): Promise<boolean> {
    return this.look(photo, area, hints, (found) => this.session.commit(keepArea(this.photoOf(photo), found, step)));
  }

  /** Reads the folds of cloth whose places were put elsewhere, as a part of that step; nothing is said where there is nothing to read. */
  async readFolds(photo: Photo, area: PhotoArea, step: string): Promise<void> {
    await this.look(photo, area, area.hints ?? {}, (found) => {
      if (hasFolds(found)) this.session.commitAgain(keepArea(this.photoOf(photo), found, step), step);
    });
  }

  /** Reads the folds of cloth where nobody looked for them before, as a step of its own. */
  async sayFolds(photo: Photo, area: PhotoArea): Promise<void> {
    const step = `Folds of ${area.name}`;
    await this.look(photo, area, area.hints ?? {}, (found) => {
      if (hasFolds(found)) this.session.commit(keepArea(this.photoOf(photo), found, step));
      else this.notices.say(`Light falls evenly on ${area.name}, so its folds can not be seen. What lies there stays as it is.`);
    });
  }

  private photoOf(photo: Photo): Photo {
    return this.session.context().project.photos[photo.id] ?? photo;
  }

  private async look(photo: Photo, area: PhotoArea, hints: AreaHints, commit: (found: PhotoArea) => void): Promise<boolean> {
    const turn = ++this.turn;
    this.turns.set(area.id, turn);
    this.mark(area.id, true);
    try {
      const found = await this.found(photo, area, hints, () => this.turns.get(area.id) === turn);
      if (found === 'late') return false;
      if (found === 'not here') {
        this.notices.say(`The photo has not arrived: what stands in front of ${area.name} is not known.`);
        return false;
      }
      const now = areaOf(this.photoOf(photo), area.id);
      // Taken back, or corrected meanwhile: then it is not so any more.
      if (now && isSameForm(now.form, area.form, 0.01)) commit({ ...found, name: now.name });
      this.library.keep(photo, found);
      return now !== undefined;
    } catch (error) {
      console.error(error);
      if (this.turns.get(area.id) === turn) {
        this.notices.say(`What stands in front of ${area.name} could not be kept. ${faultOf(error).message}`);
      }
      return false;
    } finally {
      if (this.turns.get(area.id) === turn) this.mark(area.id, false);
    }
  }

  private async found(photo: Photo, area: PhotoArea, hints: AreaHints, isLast: () => boolean): Promise<Looked> {
    // What is kept beside a photo is of the stored one.
    await firstValueFrom(this.uploading.pipe(filter((ids) => !ids.has(photo.id))));
    let seen = null;
    for (let time = 0; !seen && time < TIMES; time++) {
      if (!isLast()) return 'late';
      if (time > 0) await new Promise((resolve) => setTimeout(resolve, AGAIN));
      seen = await this.engine.see(photo, area.form, hints);
    }
    if (!seen) return 'not here';
    const { id, name, form, size, printed } = area;
    const { plain, folds } = seen;
    // Of a wall that is round the sides are darker than any plane: that is nothing in front of it.
    const front = form.type === 'tube' || form.type === 'cloth' ? null : seen.front;
    const files = front && [await this.server.addMatte(photo.id, front.matte), await this.server.addMatte(photo.id, front.plate)];
    if (!isLast()) return 'late';
    const isHinted = (hints.marks?.length ?? 0) + (hints.cutouts?.length ?? 0) > 0;
    return {
      ...{ id, name, form: form.type === 'cloth' ? clothWith(form, folds) : form },
      ...(size ? { size } : {}),
      ...(printed === undefined ? {} : { printed }),
      ...(plain ? { surface: plain } : {}),
      ...(files ? { front: { matteSha256: files[0]!, plateSha256: files[1]! } } : {}),
      ...(isHinted ? { hints } : {}),
    };
  }

  private mark(areaId: string, isLooked: boolean): void {
    this.looking.update((ids) => new Set(isLooked ? [...ids, areaId] : [...ids].filter((id) => id !== areaId)));
  }
}

function clothWith({ folds: _before, ...form }: ClothForm, folds: ClothFolds | null): ClothForm {
  return folds ? { ...form, folds } : form;
}

function hasFolds({ form }: PhotoArea): boolean {
  return form.type === 'cloth' && form.folds !== undefined;
}
