import { NgTemplateOutlet } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { MatMenuModule } from '@angular/material/menu';
import { referencesOf, type Opening, type Point } from '@kadrosyn/core';
import { faultOf } from '../../api/fault';
import { IconComponent } from '../../interface/icon.component';
import { lastUsed, RecentlyUsed } from '../../interface/recently-used';
import { RenameDialog } from '../../interface/rename.dialog';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { OwnOutlines } from '../../outlines/own-outlines';
import { PhotoLibrary } from '../../photos/photo-library';
import { Notices } from '../session/notices';
import { EditorSession } from '../session/session';
import { MoreMenuDirective } from '../../interface/more-menu.directive';
import { ItemAdder } from './item-adder';
import { ShapePictureComponent } from './shape-picture.component';
import { findShapes, makeShape, ownShape, SHAPE_KINDS, SHAPES, type ShapeKind, type ShapeSupply } from './shape-supplies';
import { SupplyKindsComponent } from './supply-kinds.component';

/** Shapes, shown filled with the photo that is being worked with. */
@Component({
  selector: 'ka-shape-supplies',
  imports: [
    MatButtonModule,
    NgTemplateOutlet,
    RovingFocusDirective,
    MoreMenuDirective,
    ShapePictureComponent,
    SupplyKindsComponent,
    IconComponent,
    MatMenuModule,
  ],
  templateUrl: './shape-supplies.component.html',
  styleUrl: './supply-row.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShapeSuppliesComponent {
  private readonly session = inject(EditorSession);
  private readonly library = inject(PhotoLibrary);
  private readonly outlines = inject(OwnOutlines);
  private readonly adder = inject(ItemAdder);
  private readonly dialogs = inject(MatDialog);
  private readonly notices = inject(Notices);
  readonly search = input.required<string>();
  /** An outline wants to be drawn on the sheet. */
  readonly drawWanted = output();
  /** An outline wants to be taken from a drawing. */
  readonly drawingWanted = output();

  readonly kinds = SHAPE_KINDS;
  readonly kind = signal<ShapeKind | ''>('');
  /** As it was when the tab was opened: what is clicked does not jump away. */
  private readonly recent = inject(RecentlyUsed).list('shape');
  private readonly all = computed(() => [...this.outlines.list().map(ownShape), ...SHAPES]);
  readonly shapes = computed(() => findShapes(this.all(), this.kind(), this.search()));
  readonly lastUsed = computed(() => (this.kind() || this.search() ? [] : lastUsed(this.all(), this.recent, keyOf)));

  /** The photo that is being worked with, else any of the project, else the newest. */
  readonly samplePhoto = computed(() => {
    const { fill } = this.session.selectedOpening() ?? {};
    const project = this.session.shownProject();
    const chosen = fill?.type === 'photo' ? fill.photoId : project && [...referencesOf(project).photos][0];
    return (chosen && this.library.find(chosen)?.thumbnail) || (this.library.photos()[0]?.thumbnail ?? null);
  });

  click(shape: ShapeSupply): void {
    this.adder.add('shape', keyOf(shape), (at) => makeShape(shape, this.session.context().sheet, at));
  }

  begin(event: PointerEvent, shape: ShapeSupply): void {
    const make = (at: Point): Opening => makeShape(shape, this.session.context().sheet, at);
    this.adder.begin(event, { kind: 'shape', id: keyOf(shape), name: shape.name, make });
  }

  rename({ ownId, name }: ShapeSupply): void {
    const asked = this.dialogs.open<RenameDialog, string, string>(RenameDialog, { data: name });
    asked.afterClosed().subscribe((wanted) => {
      if (ownId && wanted) void this.outlines.rename(ownId, wanted).catch((error: unknown) => this.say(error));
    });
  }

  /** Openings on sheets keep their outline: only the supplies lose it. */
  async remove({ ownId, name, proportion, outline }: ShapeSupply): Promise<void> {
    const shape = outline(1);
    if (!ownId || shape.type !== 'path') return;
    try {
      await this.outlines.remove(ownId);
    } catch (error) {
      this.say(error);
      return;
    }
    this.notices.say(`${name} was removed from the supplies.`, 'Undo', () => {
      void this.outlines.add({ name, d: shape.d, proportion }).catch((error: unknown) => this.say(error));
    });
  }

  private say(error: unknown): void {
    this.notices.say(faultOf(error).message);
  }
}

function keyOf({ ownId, name }: ShapeSupply): string {
  return ownId ?? name;
}
