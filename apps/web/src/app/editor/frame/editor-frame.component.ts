import { ChangeDetectionStrategy, Component, inject, input } from '@angular/core';
import { A11yModule } from '@angular/cdk/a11y';
import { CutoutViewComponent, type UsedCutout } from '../../cutout/cutout-view.component';
import { Arrivals } from '../session/arrivals';
import { Cutting } from '../session/cutting';
import { DepthPanelComponent } from '../depth/depth-panel.component';
import { EditorHeaderComponent } from '../header/editor-header.component';
import { SidePanelComponent } from '../panel/side-panel.component';
import { OutlinePen } from '../modes/pen/outline-pen';
import { RegionDirective, Regions } from '../session/regions';
import { StageView } from '../stage/stage-view';
import { SuppliesPanelComponent } from '../supplies/supplies-panel.component';
import { SupplyDrag } from '../supplies/supply-drag';
import { ExchangeDirective } from './exchange.directive';
import { KeyListenerDirective } from './key-listener.directive';
import { StageAreaComponent } from './stage-area.component';

/** The frame of the editor: header, depth, sheet, panel, supplies. */
@Component({
  selector: 'ka-editor-frame',
  imports: [
    A11yModule,
    RegionDirective,
    EditorHeaderComponent,
    DepthPanelComponent,
    StageAreaComponent,
    SidePanelComponent,
    SuppliesPanelComponent,
    CutoutViewComponent,
  ],
  hostDirectives: [KeyListenerDirective, ExchangeDirective],
  templateUrl: './editor-frame.component.html',
  styleUrl: './editor-frame.component.scss',
  host: {
    '(document:fullscreenchange)': 'onFullscreen()',
    '[class.clean]': 'view.clean()',
  },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class EditorFrameComponent {
  readonly view = inject(StageView);
  readonly arrivals = inject(Arrivals);
  readonly regions = inject(Regions);
  readonly pen = inject(OutlinePen);
  readonly cutting = inject(Cutting);
  readonly drag = inject(SupplyDrag);
  readonly projectId = input.required<string>();

  /** The browser leaves the full screen by a key of its own. */
  onFullscreen(): void {
    if (!document.fullscreenElement) this.view.endLook();
  }

  useCutout({ cutout, show, focus }: UsedCutout): void {
    const request = this.cutting.request();
    if (request) this.cutting.use(request.photo, cutout, show, focus);
    this.cutting.end();
  }

  takeDrawing(): void {
    void this.arrivals.takeDrawing({});
  }
}
