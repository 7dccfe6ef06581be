import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatInputModule } from '@angular/material/input';
import {
  changeItem,
  hostsFor,
  joinRegister,
  openingsOf,
  type Alignment,
  type Edit,
  type FitRule,
  type Opening,
} from '@kadrosyn/core';
import { NumberFieldComponent } from '../../../interface/number-field.component';
import { RovingFocusDirective } from '../../../interface/roving-focus.directive';
import { group, ungroup } from '../../commands/run-on-selected';
import { alignTogether, distributeTogether, fitTogether, matchSize, photosAmong } from '../../commands/together-edits';
import { EditorSession } from '../../session/session';
import { boundsTogether, movable, nameTogether, scaleTogetherEdit, turnTogetherEdit } from '../../stage/together-gestures';
import { PLACES } from '../../parts/align-section.component';

const FITS: readonly { readonly id: FitRule; readonly name: string }[] = [
  { id: 'fill', name: 'Fill each' },
  { id: 'whole', name: 'Whole photos' },
  { id: 'subject', name: 'On the subjects' },
];

/** What can be done with several items, or with a group. */
@Component({
  selector: 'ka-together-panel',
  imports: [MatButtonModule, MatInputModule, NumberFieldComponent, RovingFocusDirective],
  templateUrl: './together-panel.component.html',
  styleUrl: '../../parts/panel-section.scss',
  styles: `
    .name {
      width: 100%;
      font-size: 16px;
      font-weight: 600;
    }
    .places {
      display: grid;
      grid-template-columns: repeat(3, 1fr);
      gap: 6px;
    }
    .places .mat-mdc-outlined-button {
      min-width: 0;
      padding: 0 6px;
      justify-content: center;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TogetherPanelComponent {
  private readonly session = inject(EditorSession);
  readonly places = PLACES;
  readonly fits = FITS;
  readonly items = this.session.together;
  readonly name = computed(() => nameTogether(this.items()));
  readonly asGroup = computed(() => {
    const [item] = this.items();
    return this.items().length === 1 && item?.type === 'group' ? item : null;
  });
  /** What is lined up: several items, or those of the group. */
  private readonly parts = computed(() => this.asGroup()?.items ?? this.items());
  readonly count = computed(() => this.parts().length);
  readonly photos = computed(() => photosAmong(this.items(), this.session.context()).length);
  readonly words = computed(() => {
    const bounds = boundsTogether(this.items());
    return bounds ? this.session.sizeWords(bounds) : 'Nothing is in it.';
  });

  rename(field: HTMLInputElement): void {
    const item = this.asGroup();
    const name = field.value.trim();
    if (item && name && name !== item.name) {
      this.session.commit(changeItem(this.session.context().sheet, item, { name }, `Rename ${item.name}`));
    } else if (item) field.value = item.name;
  }

  group(): void {
    group(this.session, this.settled());
  }

  ungroup(): void {
    const [item] = this.settled();
    if (item) ungroup(this.session, item);
  }

  align(where: Alignment): void {
    this.commit(alignTogether(this.session.context(), this.settledParts(), where));
  }

  distribute(axis: 'x' | 'y'): void {
    this.commit(distributeTogether(this.session.context(), this.settledParts(), axis));
  }

  match(side: 'width' | 'height'): void {
    this.commit(matchSize(this.session.context(), this.settledParts(), side));
  }

  fit(rule: FitRule): void {
    this.commit(fitTogether(this.session.context(), this.settled(), rule));
  }

  /** @param percent - of the present size. */
  scale(percent: number): void {
    this.commit(scaleTogetherEdit(this.session.context(), movable(this.settled()), percent / 100));
  }

  turn(degrees: number): void {
    this.commit(turnTogetherEdit(this.session.context(), movable(this.settled()), degrees));
  }

  /** The opening whose photo all can show: the largest that has one. */
  readonly host = computed<Opening | null>(() => {
    const openings = [...openingsOf(this.items())];
    if (openings.length < 2) return null;
    const filled = openings.filter(({ fill, outline }) => fill.type === 'photo' && !(outline.type === 'corners' && outline.warp));
    const area = ({ box }: Opening): number => box.width * box.height;
    return filled.sort((a, b) => area(b) - area(a))[0] ?? null;
  });

  /** All show one photo, each its part of it. */
  throughAll(): void {
    const host = this.host();
    if (!host) return;
    const { sheet, photos, shaper } = this.session.context();
    const windows = [...openingsOf(this.settled())].filter(
      (opening) => opening.id !== host.id && hostsFor(sheet, opening).length > 0,
    );
    this.session.commit(joinRegister(sheet, windows, host, photos, shaper));
  }

  private settled() {
    return this.session.settledTogether();
  }

  private settledParts() {
    const [item] = this.settled();
    return movable(this.asGroup() && item?.type === 'group' ? item.items : this.settled());
  }

  private commit(edit: Edit | null): void {
    if (edit) this.session.commit(edit);
  }
}
