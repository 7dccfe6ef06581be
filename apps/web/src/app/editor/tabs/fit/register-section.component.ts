import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import { hostsFor, isBackground, isShared, joinRegister, leaveRegister, windowsOf, type Opening } from '@kadrosyn/core';
import { EditorSession } from '../../session/session';

/** More hosts than this are offered in a menu. */
const OFFERED = 2;

/** In register: this opening shows its part of a photo that lies elsewhere on the sheet. */
@Component({
  selector: 'ka-register-section',
  imports: [MatButtonModule, MatMenuModule],
  template: `
    @if (others(); as words) {
      <div>
        <h3>In register</h3>
        <p class="news">Shows its part of one photo, with {{ words }}. Moving the photo moves it in all.</p>
        <div class="choices leave">
          <button matButton="outlined" (click)="leave()">Leave the register</button>
        </div>
      </div>
    } @else if (hosts().length > 0) {
      <div>
        <h3>Show in register</h3>
        <div class="choices">
          @for (host of hosts().slice(0, most); track $index) {
            <button matButton="outlined" (click)="join(host)">{{ nameOf(host) }}</button>
          }
          @if (hosts().length > most) {
            <button matButton="outlined" [matMenuTriggerFor]="more">More…</button>
          }
        </div>
        <mat-menu #more="matMenu">
          @for (host of hosts().slice(most); track $index) {
            <button mat-menu-item (click)="join(host)">{{ nameOf(host) }}</button>
          }
        </mat-menu>
      </div>
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    .leave {
      margin-top: 8px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class RegisterSectionComponent {
  private readonly session = inject(EditorSession);
  readonly opening = input.required<Opening>();
  readonly most = OFFERED;

  /** What else shows the photo, in words; null where this one is on its own. */
  readonly others = computed(() => {
    const [sheet, { id, fill }] = [this.session.shownSheet(), this.opening()];
    if (!sheet || !isShared(fill)) return null;
    const names = windowsOf(sheet, fill.placement)
      .filter((window) => window.id !== id)
      .map((window) => (isBackground(window) ? 'the background' : window.name));
    if (names.length === 0) return 'nothing else';
    return names.length > 3 ? `${names.slice(0, 2).join(', ')} and ${names.length - 2} more` : names.join(', ');
  });

  /** Judged by the kept sheet: while something moves, the list stays. */
  readonly hosts = computed<readonly Opening[]>(() => {
    const [sheet, opening] = [this.session.sheet(), this.opening()];
    const isPossible = opening.kind === 'shaped' && !(opening.outline.type === 'corners' && opening.outline.warp);
    return sheet && isPossible ? hostsFor(sheet, opening) : [];
  });

  nameOf(host: Opening): string {
    return isBackground(host) ? 'With the background' : `With ${host.name}`;
  }

  join(host: Opening): void {
    const { sheet, photos, shaper } = this.session.context();
    const opening = this.session.settledOpening() ?? this.opening();
    this.session.commit(joinRegister(sheet, [opening], host, photos, shaper));
  }

  leave(): void {
    const edit = leaveRegister(this.session.context().sheet, this.session.settledOpening() ?? this.opening());
    if (edit) this.session.commit(edit);
  }
}
