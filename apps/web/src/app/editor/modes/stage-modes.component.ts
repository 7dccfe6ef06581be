import { NgComponentOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, inject, viewChildren } from '@angular/core';
import type { StageOverlay } from './stage-mode';
import { StageModes } from './stage-modes';

/** What lies over the sheet for the modes that are on. */
@Component({
  selector: 'ka-stage-modes',
  imports: [NgComponentOutlet],
  template: `
    @for (mode of modes.all; track mode) {
      @if (mode.isOn() && mode.overlay; as overlay) {
        <ng-container [ngComponentOutlet]="overlay" />
      }
    }
  `,
  styles: `
    :host {
      display: contents;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StageModesComponent {
  readonly modes = inject(StageModes);
  private readonly outlets = viewChildren(NgComponentOutlet);

  constructor() {
    this.modes.overlayOf = ({ overlay }) =>
      this.outlets().find(({ ngComponentOutlet }) => ngComponentOutlet === overlay)?.componentInstance as
        StageOverlay | undefined;
  }
}
