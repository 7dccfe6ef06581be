import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { FINISHES, finishesWithPanel, isBackground } from '@kadrosyn/core';
import { HoldDirective } from '../../../interface/hold.directive';
import { ReadablePartComponent } from './readable-part.component';
import { WordReading } from '../../finish/word-reading';
import { StageView } from '../../stage/stage-view';
import { FinishEditing } from '../../finish/finish-editing';
import { MixingPartComponent } from './mixing-part.component';
import { OutlinePartComponent } from './outline-part.component';
import { PhotoPartComponent } from './photo-part.component';
import { RimPartComponent } from './rim-part.component';
import { KindPartComponent } from './kind-part.component';
import { ShadowPartComponent } from './shadow-part.component';
import { StylePartComponent } from './style-part.component';

/** The finish of what is selected, of several items at once too. */
@Component({
  selector: 'ka-finish-tab',
  imports: [
    MatButtonModule,
    OutlinePartComponent,
    RimPartComponent,
    ShadowPartComponent,
    KindPartComponent,
    MixingPartComponent,
    PhotoPartComponent,
    StylePartComponent,
    ReadablePartComponent,
    HoldDirective,
  ],
  template: `
    @if (reading.word() && editing.items().length === 1) {
      <ka-readable-part />
    }
    @if (editing.hasOpenings() && !isBehind()) {
      <ka-outline-part />
      @if (!editing.isText()) {
        <ka-rim-part />
      }
    }
    @if (!isBehind()) {
      <ka-shadow-part />
    }
    @for (name of offered(); track name) {
      <ka-kind-part [name]="name" />
    }
    <ka-mixing-part />
    @if (editing.photo()) {
      <ka-photo-part />
    }
    <button
      [matButton]="view.bare() ? 'filled' : 'outlined'"
      [attr.aria-pressed]="view.bare()"
      kaHold
      (held)="view.bare.set($event)"
    >
      Hold to see it without
    </button>
    <ka-style-part />
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 9px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FinishTabComponent {
  readonly editing = inject(FinishEditing);
  readonly view = inject(StageView);
  readonly reading = inject(WordReading);
  /** A photo behind the sheet has no edge that is seen, and lies on nothing. */
  readonly isBehind = computed(() => this.editing.items().some(isBackground));
  /** Parts that have no component of their own: those that the chosen ones can have. */
  readonly offered = computed(() => finishesWithPanel().filter((name) => this.editing.hasOpenings() || FINISHES[name].forGroups));
}
