import { Injectable } from '@angular/core';
import type { CutoutState } from './cutout-history';

/** What was said of photos when the cutout view was left without using it: it is there when the view is opened again. */
@Injectable({ providedIn: 'root' })
export class CutoutDrafts {
  private readonly drafts = new Map<string, CutoutState>();

  /** @param cutoutId - of the cutout that is changed; null for a new one. */
  keep(photoId: string, cutoutId: string | null, state: CutoutState): void {
    this.drafts.set(`${photoId}/${cutoutId ?? ''}`, state);
  }

  /** Hands a draft out; it is then no longer kept. */
  take(photoId: string, cutoutId: string | null): CutoutState | undefined {
    const key = `${photoId}/${cutoutId ?? ''}`;
    const draft = this.drafts.get(key);
    this.drafts.delete(key);
    return draft;
  }
}
