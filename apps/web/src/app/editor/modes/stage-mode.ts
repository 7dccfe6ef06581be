import { InjectionToken, type Type } from '@angular/core';

/** A way to work that lies over the sheet, such as a line that is drawn: while it is on, keys are for it. */
export interface StageMode {
  isOn(): boolean;
  /** What lies over the sheet meanwhile; null where the marks of the sheet show it themselves. */
  readonly overlay: Type<unknown> | null;
  /** Keys that nothing takes are for the sheet all the same; otherwise they are for nobody. */
  readonly sharesKeys?: boolean;
  /** Goes back a step, or ends without a change. */
  cancel(): void;
}

/** What lies over the sheet while a mode is on. */
export interface StageOverlay {
  /** A key while the mode is on. @returns whether it was for what lies over the sheet; its default is prevented then. */
  onModeKey(event: KeyboardEvent): boolean;
}

/** All modes, in the order in which they lie over one another. */
export const STAGE_MODES = new InjectionToken<readonly StageMode[]>('modes of the stage');
