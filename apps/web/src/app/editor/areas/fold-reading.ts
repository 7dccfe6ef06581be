import { effect, inject, Injectable, untracked } from '@angular/core';
import { Store } from '@ngrx/store';
import type { ClothForm } from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { selectUndoName } from '../state/editor.selectors';
import { AreaSurfaces } from './area-surfaces';
import { lyingOf } from './lying';

/** Reads the folds of cloth anew when its places are put elsewhere: they were read between the places as they lay before. */
@Injectable()
export class FoldReading {
  private readonly session = inject(EditorSession);
  private readonly surfaces = inject(AreaSurfaces);
  private readonly undoName = inject(Store).selectSignal(selectUndoName);
  /** Places of the cloth that what is selected lies on. */
  private last: { readonly areaId: string; readonly points: ClothForm['points'] } | null = null;

  constructor() {
    effect(() => {
      const opening = this.session.settledOpening();
      untracked(() => {
        const lying = opening && lyingOf(opening, this.session.context());
        const form = lying?.area.form;
        const before = this.last;
        this.last = form?.type === 'cloth' ? { areaId: lying!.area.id, points: form.points } : null;
        if (!lying || form?.type !== 'cloth' || form.folds) return;
        const isMoved = before?.areaId === lying.area.id && before.points !== form.points;
        const step = this.undoName();
        if (isMoved && step) void this.surfaces.readFolds(lying.photo, lying.area, step);
      });
    });
  }
}
