import { OverlayModule, type ConnectedPosition } from '@angular/cdk/overlay';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatProgressBarModule } from '@angular/material/progress-bar';
import { ExportPanelComponent } from './export-panel.component';
import { Exporting } from './exporting';

/** Under the button, its right edge with the button's. */
const BELOW: ConnectedPosition[] = [{ originX: 'end', originY: 'bottom', overlayX: 'end', overlayY: 'top', offsetY: 6 }];

/** Hands over by one click as the last time, or asks what for. */
@Component({
  selector: 'ka-export-button',
  imports: [OverlayModule, MatButtonModule, MatProgressBarModule, ExportPanelComponent],
  template: `
    @if (exporting.progress() !== null) {
      <span class="going" role="status">
        <mat-progress-bar [value]="exporting.progress()! * 100" aria-label="Export" />
        <button matButton="outlined" (click)="exporting.cancel()">Cancel</button>
      </span>
    }
    @if (exporting.samples().length > 0) {
      <span class="samples"
        >{{ exporting.samples().length === 1 ? 'One sample' : exporting.samples().length + ' samples' }} left</span
      >
    }
    <span class="split" [class.open]="exporting.isOpen()" cdkOverlayOrigin #origin="cdkOverlayOrigin">
      @if (exporting.progress() === null) {
        <button [matButton]="exporting.isOpen() ? 'outlined' : 'filled'" (click)="exporting.export()">
          Export {{ exporting.fileWord() }}
        </button>
      }
      <button
        [matButton]="exporting.isOpen() ? 'outlined' : 'filled'"
        aria-haspopup="dialog"
        [attr.aria-expanded]="exporting.isOpen()"
        (click)="exporting.isOpen.set(!exporting.isOpen())"
      >
        What for?
      </button>
    </span>
    <ng-template
      cdkConnectedOverlay
      cdkConnectedOverlayHasBackdrop
      cdkConnectedOverlayBackdropClass="cdk-overlay-transparent-backdrop"
      [cdkConnectedOverlayOrigin]="origin"
      [cdkConnectedOverlayOpen]="exporting.isOpen()"
      [cdkConnectedOverlayPositions]="below"
      [cdkConnectedOverlayPush]="true"
      (backdropClick)="exporting.isOpen.set(false)"
      (detach)="exporting.isOpen.set(false)"
    >
      <ka-export-panel />
    </ng-template>
  `,
  styleUrl: './export-button.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ExportButtonComponent {
  readonly exporting = inject(Exporting);
  readonly below = BELOW;
}
