import type { Photo } from '@kadrosyn/core';

/** What is being cut out: a photo, and the opening that it was opened from. */
export interface CuttingRequest {
  readonly photo: Photo;
  readonly openingId: string | null;
  /** On which that opening lies. */
  readonly sheetId: string | null;
  /** It begins by clearing the flat background. */
  readonly clearsFlat: boolean;
  /** What comes of it is let out of the opening. */
  readonly letsOut: boolean;
}
