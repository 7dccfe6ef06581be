import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import {
  boxBounds,
  changeOpening,
  changeOutline,
  combineOpenings,
  freePathOutline,
  intersect,
  openingsOf,
  outlinePath,
  type Combination,
  type Opening,
  type Outline,
} from '@kadrosyn/core';
import { NumberFieldComponent } from '../../../interface/number-field.component';
import { OwnOutlines } from '../../../outlines/own-outlines';
import { Arrivals } from '../../session/arrivals';
import { ItemThumbnailComponent } from '../../depth/item-thumbnail.component';
import { Notices } from '../../session/notices';
import { OutlinePen } from '../../modes/pen/outline-pen';
import { EditorSession } from '../../session/session';
import { LengthFieldComponent } from '../../parts/length-field.component';
import { ShapePictureComponent } from '../../supplies/shape-picture.component';
import { ownShape, SHAPES, type ShapeSupply } from '../../supplies/shape-supplies';
import { CornerButtonsComponent } from '../../parts/corner-buttons.component';
import { CornersChoiceComponent } from '../../parts/corners-choice.component';
import { numbersOf, type ShownNumber } from './outline-numbers';

const CORNERS = ['Top left', 'Top right', 'Bottom right', 'Bottom left'] as const;
const WAYS: readonly { readonly how: Combination; readonly name: string }[] = [
  { how: 'unite', name: 'Unite with' },
  { how: 'subtract', name: 'Subtract' },
  { how: 'intersect', name: 'Intersect with' },
];

/** The form of an opening: another outline, its numbers, its points, and making one of two. */
@Component({
  selector: 'ka-outline-section',
  imports: [
    MatButtonModule,
    CornerButtonsComponent,
    CornersChoiceComponent,
    MatMenuModule,
    NumberFieldComponent,
    LengthFieldComponent,
    ShapePictureComponent,
    ItemThumbnailComponent,
  ],
  templateUrl: './outline-section.component.html',
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OutlineSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly own = inject(OwnOutlines);
  private readonly arrivals = inject(Arrivals);
  private readonly notices = inject(Notices);
  readonly pen = inject(OutlinePen);
  readonly opening = input.required<Opening>();
  readonly ways = WAYS;
  readonly shapes = computed(() => [...SHAPES, ...this.own.list().map(ownShape)]);
  readonly numbers = computed(() => numbersOf(this.opening().outline));
  readonly torn = computed(() => {
    const { outline } = this.opening();
    return outline.type === 'torn' ? outline : null;
  });
  readonly radii = computed(() => {
    const { outline } = this.opening();
    if (outline.type !== 'rectangle') return null;
    return outline.radii.map((px, index) => ({ index, name: CORNERS[index]!, px }));
  });

  /** Openings that lie over this one, from front to back. */
  readonly others = computed(() => {
    const [sheet, here] = [this.session.sheet(), this.opening()];
    if (!sheet) return [];
    const isOver = (other: Opening): boolean =>
      other.id !== here.id && !other.locked && !other.hidden && intersect(boxBounds(other.box), boxBounds(here.box)) !== null;
    return [...openingsOf(sheet.items)].filter(isOver).toReversed();
  });

  takeShape(shape: ShapeSupply): void {
    const { width, height } = this.opening().box;
    this.set(shape.outline(Math.min(width, height)), 'Change outline of', true);
  }

  setNumber(number: ShownNumber, shown: number): void {
    this.set(number.set(shown), 'Form');
  }

  setRadius(index: number, px: number): void {
    const { outline } = this.opening();
    if (outline.type !== 'rectangle') return;
    const radii = outline.radii.map((old, at) => (at === index || index < 0 ? px : old));
    this.set({ ...outline, radii: radii as unknown as typeof outline.radii }, 'Round');
  }

  tearAgain(): void {
    const torn = this.torn();
    if (torn) this.set({ ...torn, seed: (torn.seed * 31 + 17) % 100_000 }, 'Tear', true);
  }

  combine(how: Combination, other: Opening): void {
    const { project, ...context } = this.session.context();
    const edit = combineOpenings(how, this.opening(), other, project, context);
    if (!edit) return this.notices.say(`Nothing would be left of ${this.opening().name}. Nothing was changed.`);
    this.session.commit(edit, this.opening().id);
    this.notices.sayWithUndo(`${this.opening().name} and ${other.name} are one opening now.`);
  }

  async keep(): Promise<void> {
    const { name, outline, box } = this.opening();
    const free = freePathOutline(outlinePath(outline, box.width, box.height, this.session.context().shaper));
    if (!free) return;
    const kept = await this.arrivals.keepOutline(name, free.outline.d, free.bounds.width / free.bounds.height);
    if (kept) this.notices.say(`The outline of ${name} is in the supplies: Shapes, My own.`);
  }

  /** @param alone - a step of its own, even after another of the same name. */
  private set(outline: Outline, verb: string, alone = false): void {
    const { project: _project, ...context } = this.session.context();
    const opening = this.session.settledOpening() ?? this.opening();
    const edit = changeOpening(context.sheet, opening, changeOutline(opening, outline, context), `${verb} ${opening.name}`);
    if (alone) this.session.commit(edit);
    else this.session.commitAgain(edit);
  }
}
