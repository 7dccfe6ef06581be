import { inject, Injectable } from '@angular/core';
import { isTyping } from '../../interface/field-keys';
import { STAGE_MODES, type StageMode, type StageOverlay } from './stage-mode';

/** The modes of the stage, and which of them has the keys. */
@Injectable()
export class StageModes {
  readonly all = inject(STAGE_MODES);
  /** Finds what lies over the sheet for a mode; set by whoever shows it. */
  overlayOf: (mode: StageMode) => Partial<StageOverlay> | undefined = () => undefined;

  /** Gives a key to the mode that is on. @returns whether it is for no one else. */
  onKey(event: KeyboardEvent): boolean {
    const mode = this.all.find((one) => one.isOn());
    if (!mode) return false;
    if (event.defaultPrevented) return true;
    // What is typed into a field beside the sheet is for the field.
    if (isTyping(event.target) && event.key !== 'Escape') return !mode.sharesKeys;
    if (this.overlayOf(mode)?.onModeKey?.(event)) event.preventDefault();
    else if (event.key === 'Escape' && !mode.sharesKeys) {
      event.preventDefault();
      mode.cancel();
    } else return !mode.sharesKeys;
    return true;
  }
}
