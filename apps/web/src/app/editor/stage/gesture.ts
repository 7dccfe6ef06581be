import type { Edit, Point } from '@kadrosyn/core';

/** Something that the pointer does from press to release. Points are px of the sheet. */
export interface Gesture {
  /** The edit as it stands with the pointer at `at`; null when nothing changes. */
  move(at: Point): Edit | null;
  /** What is shown beside the pointer. */
  readonly word?: string;
}
