import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { ColoursSectionComponent } from './colours-section.component';
import { FacesSectionComponent } from './faces-section.component';
import { LightSectionComponent } from './light-section.component';
import { MoodSectionComponent } from './mood-section.component';
import { EditorSession } from '../../session/session';
import { SheetGroundComponent } from './sheet-ground.component';
import { SheetLinesComponent } from './sheet-lines.component';
import { SheetSizeComponent } from './sheet-size.component';

/** Ground, mood, colours, faces, size and lines of the sheet. */
@Component({
  selector: 'ka-sheet-tab',
  imports: [
    SheetSizeComponent,
    SheetGroundComponent,
    SheetLinesComponent,
    MoodSectionComponent,
    LightSectionComponent,
    ColoursSectionComponent,
    FacesSectionComponent,
  ],
  template: `
    @if (session.shownSheet(); as sheet) {
      <div>
        <h2>{{ sheet.name }}</h2>
        <p class="hint">Nothing is selected: this is the sheet.</p>
      </div>
    }
    <ka-sheet-ground />
    <ka-mood-section />
    <ka-light-section />
    <ka-colours-section />
    <ka-faces-section />
    <ka-sheet-size />
    <ka-sheet-lines />
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SheetTabComponent {
  readonly session = inject(EditorSession);
}
