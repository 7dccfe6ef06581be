import { InjectionToken } from '@angular/core';
import type { DecodeFailure } from './photo-decoder';
import type { PhotoDecoder } from './photo.worker';
import { RestartingWorker } from './restarting-worker';

/** Makes levels away from the main thread. */
export interface LevelDecoder {
  call: RestartingWorker<PhotoDecoder>['call'];
}

/** Two, so that a large photo does not hold up the small ones. */
export const LEVEL_DECODERS = new InjectionToken<readonly LevelDecoder[]>('level decoders', {
  providedIn: 'root',
  factory: () => [decoder(), decoder()],
});

function decoder(): LevelDecoder {
  return new RestartingWorker<PhotoDecoder>(() => new Worker(new URL('./photo.worker', import.meta.url), { type: 'module' }));
}

/** How often it is tried again. What is away may come at any time; what can not be read may have wanted for memory. */
export const TRIES: Readonly<Record<DecodeFailure, number>> = { away: Infinity, unreadable: 2, gone: 0 };

/** Levels that could not be made. */
export class NoLevels extends Error {
  constructor(
    readonly failure: DecodeFailure,
    words: string,
  ) {
    super(words);
  }
}
