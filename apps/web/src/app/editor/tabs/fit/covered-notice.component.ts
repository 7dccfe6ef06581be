import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { changeOpening, clearFocus, coveredFocus, placedPhoto, placePhoto, type Opening } from '@kadrosyn/core';
import { EditorSession } from '../../session/session';

/** Says when a caption or another item lies over what the photo is about, and moves the photo clear. */
@Component({
  selector: 'ka-covered-notice',
  imports: [MatButtonModule],
  template: `
    @if (covered(); as found) {
      <p class="news look">{{ found.by[0] ?? 'Something' }} covers {{ percent(found.share) }} of what the photo is about.</p>
      <div class="choices"><button matButton="outlined" (click)="clear()">Move the photo clear</button></div>
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    :host {
      gap: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CoveredNoticeComponent {
  private readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();

  /** By the kept sheet: while something moves, the words stay. */
  private readonly settled = computed(() => {
    const opening = this.session.settledOpening();
    const placed = opening && this.session.project() ? placedPhoto(opening, this.session.context()) : undefined;
    return opening?.id === this.opening().id && placed ? { opening, placed } : null;
  });
  readonly covered = computed(() => {
    const settled = this.settled();
    if (!settled) return null;
    const { sheet, shaper } = this.session.context();
    const { placement, photo } = settled.placed;
    return coveredFocus(sheet, settled.opening, placement, photo, shaper);
  });

  percent(share: number): string {
    return `${Math.round(share * 100)} %`;
  }

  clear(): void {
    const settled = this.settled();
    if (!settled) return;
    const { opening, placed } = settled;
    const context = this.session.context();
    const placement = clearFocus(context.sheet, opening, placed.placement, placed.photo, context.shaper);
    if (!placement) return;
    const after = placePhoto(opening, placement, context);
    this.session.commit(changeOpening(context.sheet, opening, after, `Move the photo of ${opening.name} clear`));
  }
}
