import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { HeldBack } from './held-back';

/** Says what a stroke would also change elsewhere, and lets it be taken or left. */
@Component({
  selector: 'ka-held-back',
  imports: [MatButtonModule],
  templateUrl: './held-back.component.html',
  styleUrls: ['../editor/parts/panel-section.scss', './held-back.component.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class HeldBackComponent {
  readonly held = inject(HeldBack);
  readonly sentence = computed(() => {
    const { length } = this.held.places();
    if (length === 0) return '';
    return length === 1
      ? 'The stroke would also change a place elsewhere. It is as it was.'
      : `The stroke would also change ${length} places elsewhere. They are as they were.`;
  });
}
