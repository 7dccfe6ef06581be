import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { EditorSession } from '../session';
import { SheetGroundComponent } from './sheet-ground.component';
import { SheetLinesComponent } from './sheet-lines.component';
import { SheetSizeComponent } from './sheet-size.component';

/** Size, ground and lines of the sheet. */
@Component({
  selector: 'ka-sheet-tab',
  imports: [SheetSizeComponent, SheetGroundComponent, SheetLinesComponent],
  template: `
    @if (session.shownSheet(); as sheet) {
      <div>
        <h2>{{ sheet.name }}</h2>
        <p class="hint">Nothing is selected: this is the sheet.</p>
      </div>
    }
    <ka-sheet-ground />
    <ka-sheet-size />
    <ka-sheet-lines />
  `,
  styleUrl: './panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetTabComponent {
  readonly session = inject(EditorSession);
}
