import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatButtonToggleModule } from '@angular/material/button-toggle';
import { changeItem, newestRevision, takeOff, type Cutout, type Host, type Opening, type PrintedForm } from '@kadrosyn/core';
import { ShownToggleDirective } from '../../../interface/shown-toggle.directive';
import { SliderFieldComponent, type SliderChange } from '../../../interface/slider-field.component';
import { AreaEditing } from '../../areas/area-editing';
import { AreaSurfaces } from '../../areas/area-surfaces';
import { lyingOf } from '../../areas/lying';
import { FrontMarking } from '../../modes/front/front-marking';
import { EditorSession } from '../../session/session';

/** Of an opening that lies in an area: whose it is, how much of the light there it takes, and what stands in front of it. */
@Component({
  selector: 'ka-lying-section',
  imports: [MatButtonModule, MatButtonToggleModule, ShownToggleDirective, SliderFieldComponent],
  template: `
    @if (lying(); as where) {
      <p class="news">Lies in {{ where.area.name }} of {{ where.host.name }} and goes with it.</p>
      @if (where.area.surface) {
        <ka-slider-field
          label="Takes light"
          unit="%"
          [least]="0"
          [most]="100"
          [value]="light()"
          [start]="100"
          (changed)="setLight($event)"
        />
        <p class="hint">The colour and strength of the light there; its shadows fall on it in any case.</p>
      } @else if (!where.area.surface && !isLooking()) {
        <p class="hint">No plain surface there: its light is not put on what lies in it.</p>
      }
      @if (isLooking()) {
        <p class="hint" role="status">Looking for what stands in front…</p>
      } @else if (where.area.front) {
        <p class="hint">Something stands in front of the area.</p>
        <mat-button-toggle-group multiple class="segments" aria-label="What stands in front">
          <mat-button-toggle [kaOn]="isBehind()" (change)="setBehind(true)"> Lie behind it </mat-button-toggle>
          <mat-button-toggle [kaOn]="!isBehind()" (change)="setBehind(false)"> Lie over it </mat-button-toggle>
        </mat-button-toggle-group>
      } @else {
        <p class="hint">Nothing was seen in front of it.</p>
      }
      <div class="choices">
        <button matButton="outlined" (click)="mark()">Mark what is in front…</button>
        @for (cutout of where.photo.cutouts ?? []; track cutout.id) {
          <button matButton="outlined" [attr.aria-pressed]="isInFront(cutout)" (click)="toggle(cutout)">
            {{ isInFront(cutout) ? 'Not ' + cutout.name + ' in front' : cutout.name + ' is in front' }}
          </button>
        }
        <button matButton="outlined" (click)="takeOff()">Take it off</button>
      </div>
      @if (isEmpty()) {
        <p class="hint">Or print on it in true size, where it is a product:</p>
        <div class="choices">
          <button matButton="outlined" (click)="printOn('tube')">It is a round wall</button>
          <button matButton="outlined" (click)="printOn('cloth')">It is cloth</button>
          <button matButton="outlined" (click)="printOn('flat')">It is flat</button>
        </div>
      }
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LyingSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly surfaces = inject(AreaSurfaces);
  private readonly marking = inject(FrontMarking);
  private readonly editing = inject(AreaEditing);
  readonly opening = input.required<Opening>();
  readonly lying = computed(() => lyingOf(this.opening(), this.session.context()));
  readonly light = computed(() => Math.round(100 * (this.opening().host?.light ?? 1)));
  readonly isEmpty = computed(() => this.opening().fill.type === 'none');
  readonly isBehind = computed(() => this.opening().host?.behind ?? true);
  readonly isLooking = computed(() => this.surfaces.looking().has(this.lying()?.area.id ?? ''));

  setLight({ value, how }: SliderChange): void {
    this.change(how, 'Light on', ({ light: _before, ...host }) => (value === 100 ? host : { ...host, light: value / 100 }));
  }

  setBehind(isBehind: boolean): void {
    const change = ({ behind: _before, ...host }: Host): Host => (isBehind ? host : { ...host, behind: false });
    this.change('commit', isBehind ? 'Lay behind what is in front:' : 'Lay over all:', change);
  }

  private change(how: SliderChange['how'], what: string, by: (host: Host) => Host): void {
    const opening = this.session.settledOpening();
    if (!opening?.host) return;
    const { sheet } = this.session.context();
    this.session.applyAs(how, changeItem(sheet, opening, { host: by(opening.host) }, `${what} ${opening.name}`));
  }

  /** The empty opening becomes an imprint. */
  printOn(as: PrintedForm): void {
    const [opening, lying] = [this.session.settledOpening(), this.lying()];
    if (opening && lying) this.editing.printOn(lying.host, lying.area, as, opening);
  }

  mark(): void {
    this.marking.begin(this.opening());
  }

  isInFront(cutout: Cutout): boolean {
    const known = this.lying()?.area.hints?.cutouts ?? [];
    return cutout.revisions.some(({ matteSha256 }) => known.includes(matteSha256));
  }

  /** The photo's own cutout stands in front, as it is now; or not any more. */
  toggle(cutout: Cutout): void {
    const lying = this.lying();
    const newest = newestRevision(cutout)?.revision;
    if (!lying || newest === undefined) return;
    const { photo, area } = lying;
    const { cutouts = [], ...others } = area.hints ?? {};
    const own = new Set(cutout.revisions.map(({ matteSha256 }) => matteSha256));
    const left = cutouts.filter((sha256) => !own.has(sha256));
    const after = this.isInFront(cutout) ? left : [...left, newest];
    const step = `${cutout.name} ${this.isInFront(cutout) ? 'is not' : 'is'} in front of ${area.name}`;
    void this.surfaces.say(photo, area, { ...others, ...(after.length > 0 ? { cutouts: after } : {}) }, step);
  }

  takeOff(): void {
    const opening = this.session.settledOpening();
    if (opening) this.session.commit(takeOff(this.session.context().sheet, opening));
  }
}
