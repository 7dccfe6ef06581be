import type { Photo, Shaper } from '@kadrosyn/core';
import type { RenderEnvironment } from './environment.js';
import type { Kernels } from '../kept/kernels.js';
import type { Memo } from '../kept/memo.js';
import type { PhotoSource } from './photo-source.js';
import type { Trace } from '../kept/trace.js';

/** All that drawing a sheet needs besides the sheet. */
export interface RenderResources {
  readonly environment: RenderEnvironment;
  readonly photos: Readonly<Record<string, Photo>>;
  readonly source: PhotoSource;
  readonly shaper: Shaper;
  /** While something is dragged: quicker, and up to 2 steps of a channel off. @default false */
  readonly draft?: boolean;
  /** Raised whenever the source has other levels than before. @default undefined */
  readonly version?: number;
  /** Keeps layers of items from one frame to the next. */
  readonly layers?: Memo;
  /** Does heavy work elsewhere, for pictures that may first be a little coarse. Everything is done at once when absent. */
  readonly kernels?: Kernels;
  /** Is told what was kept and what had to be made. @default undefined: nothing is measured */
  readonly trace?: Trace;
}
