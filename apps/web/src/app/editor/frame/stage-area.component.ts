import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import type { Point } from '@kadrosyn/core';
import { FRAME_TRACE } from '../../trace/frame-trace';
import { Arrivals } from '../session/arrivals';
import { BreakoutMarksComponent } from '../breakout/breakout-marks.component';
import { ShadowPointComponent } from '../stage/shadow-point.component';
import { StageModesComponent } from '../modes/stage-modes.component';
import { ReadingMarksComponent } from '../stage/reading-marks.component';
import { RegionDirective } from '../session/regions';
import { SaveTroubleComponent } from './save-trouble.component';
import { EditorSession } from '../session/session';
import { GradientStopsComponent } from '../stage/gradient-stops.component';
import { GripBarComponent } from '../stage/grip-bar.component';
import { RulersComponent } from '../stage/rulers.component';
import { SheetStageComponent } from '../stage/sheet-stage.component';
import { StageView } from '../stage/stage-view';
import { TracePanelComponent } from '../trace/trace-panel.component';

/** The middle of the editor: the sheet, what lies over it, and the bar below. */
@Component({
  selector: 'ka-stage-area',
  imports: [
    MatButtonModule,
    RegionDirective,
    SheetStageComponent,
    RulersComponent,
    GradientStopsComponent,
    ShadowPointComponent,
    ReadingMarksComponent,
    BreakoutMarksComponent,
    SaveTroubleComponent,
    GripBarComponent,
    StageModesComponent,
    TracePanelComponent,
  ],
  templateUrl: './stage-area.component.html',
  styleUrl: './stage-area.component.scss',
  host: { role: 'main', '[class.clean]': 'view.clean()' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class StageAreaComponent {
  readonly session = inject(EditorSession);
  readonly view = inject(StageView);
  private readonly arrivals = inject(Arrivals);
  /** Only with `?trace` on the address. */
  readonly trace = inject(FRAME_TRACE);
  readonly projectId = input.required<string>();

  takeFiles(files: readonly File[], at: Point | null): void {
    this.arrivals.add(files, at ? { at } : undefined);
  }
}
