import { effect, inject, Injectable, untracked } from '@angular/core';
import { PhotoLevels } from '../../photos/photo-levels';
import { PhotoLibrary } from '../../photos/photo-library';
import { EditorSession } from './session';

/** Makes the photos of the project known to whoever draws, also those that the list has not brought yet. */
@Injectable()
export class ProjectPhotos {
  private readonly session = inject(EditorSession);
  private readonly library = inject(PhotoLibrary);
  private readonly levels = inject(PhotoLevels);

  constructor() {
    effect(() => {
      const photos = Object.values(this.session.project()?.photos ?? {});
      untracked(() => {
        for (const { id, width, height } of photos)
          if (!this.library.find(id)) this.levels.register(id, { width, height, screenLevel: 0 });
      });
    });
    void this.library.load();
  }
}
