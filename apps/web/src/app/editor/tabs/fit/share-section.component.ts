import { ChangeDetectionStrategy, Component, computed, inject, input, untracked } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import {
  changeOpening,
  disjoint,
  fillBox,
  openingHull,
  openingPolygons,
  placedPhoto,
  placePhoto,
  shareVisible,
  showFocus,
  withAxis,
  type LetteringOutline,
  type Opening,
  letteringProperties,
  inLayout,
} from '@kadrosyn/core';
import { OwnFaces } from '../../../lettering/own-faces';
import { EditorSession } from '../../session/session';

/** How much of the photo and of its focus shows, and how to show more. */
@Component({
  selector: 'ka-share-section',
  imports: [MatButtonModule],
  template: `
    @if (share(); as seen) {
      <div>
        <p class="news">
          {{ seen.words }}
        </p>
        <div class="choices shows">
          <button matButton="outlined" (click)="placeByFocus()">Show its focus</button>
          @if (isText()) {
            <button matButton="outlined" [disabled]="!canWiden()" (click)="widen()">Widen to show more</button>
          }
        </div>
      </div>
    }
  `,
  styles: `
    .shows {
      margin-top: 8px;
    }
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ShareSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly ownFaces = inject(OwnFaces);
  readonly opening = input.required<Opening>();
  readonly isText = computed(() => this.opening().outline.type === 'lettering');

  /** Form and size, without where it lies and what it shows. */
  private readonly form = computed(
    () => {
      const { outline, box } = this.opening();
      return { outline, width: box.width, height: box.height, version: this.session.context().shaper.version };
    },
    { equal: (a, b) => a.outline === b.outline && a.width === b.width && a.height === b.height && a.version === b.version },
  );

  /** While only the photo moves, the letters need not be united again. */
  private readonly polygons = computed(() => {
    this.form();
    const opening = untracked(this.opening);
    return inLayout(opening, disjoint(openingPolygons(opening, this.session.context().shaper)));
  });

  readonly share = computed(() => {
    const [opening, project] = [this.opening(), this.session.shownProject()];
    if (!project) return null;
    const placed = placedPhoto(opening, { ...this.session.context(), photos: project.photos });
    if (!placed) return null;
    const seen = shareVisible(this.polygons(), placed.placement, placed.photo);
    const focus = seen.focus === undefined ? '' : `, ${percent(seen.focus)} of its focus`;
    return { words: `${percent(seen.photo)} of the photo shows${focus}.` };
  });

  readonly canWiden = computed(() => {
    const { outline, box } = this.opening();
    const { sheet } = this.session.context();
    return outline.type === 'lettering' && !outline.along && (box.width < sheet.width * 0.97 || this.heavier(outline) !== null);
  });

  placeByFocus(): void {
    const opening = this.settled();
    const { project: _project, ...context } = this.session.context();
    const placed = placedPhoto(opening, context);
    if (!placed) return;
    const { shaper } = context;
    const placement = showFocus(
      inLayout(opening, disjoint(openingPolygons(opening, shaper))),
      openingHull(opening, shaper),
      placed.placement,
      placed.photo,
    );
    this.session.commit(
      changeOpening(context.sheet, opening, placePhoto(opening, placement, context), `Show focus in ${opening.name}`),
    );
  }

  /** Heavier and wider letters as wide as the sheet has room for, and the photo placed anew. */
  widen(): void {
    const opening = this.settled();
    const { project: _project, ...context } = this.session.context();
    const { sheet, shaper } = context;
    const before = opening.outline as LetteringOutline;
    const heavy = this.heavier(before) ?? before;
    const margin = Math.max(sheet.margin, 0.02 * sheet.width);
    const outline = fillBox(heavy, sheet.width - 2 * margin, sheet.height - 2 * margin, (face) => this.widthOnly(face), shaper);
    const wide = { ...opening, ...letteringProperties(context, opening, outline) } as Opening;
    const box = { ...wide.box, x: Math.min(Math.max(wide.box.x, margin), sheet.width - margin - wide.box.width) };
    const moved = { ...wide, box };
    const placed = placedPhoto(moved, context);
    const placement =
      placed && showFocus(disjoint(openingPolygons(moved, shaper)), openingHull(moved, shaper), placed.placement, placed.photo);
    const fill = placement ? placePhoto(moved, placement, context) : {};
    const after = { outline: wide.outline, box, fill: wide.fill, ...fill };
    this.session.commit(changeOpening(sheet, opening, after, `Widen ${opening.name}`));
  }

  /** Weight is at its most already: only the width is fitted. */
  private widthOnly(face: string) {
    const { wght: _weight, ...axes } = this.ownFaces.axesOf(face);
    return axes;
  }

  /** The same letters at the most weight that their faces have; null where they have it already. */
  private heavier(outline: LetteringOutline): LetteringOutline | null {
    const heavy = withAxis(outline, 'wght', 1, this.ownFaces.axesOf);
    return heavy.runs.every((run, index) => run.axes['wght'] === outline.runs[index]!.axes['wght']) ? null : heavy;
  }

  private settled(): Opening {
    return this.session.settledOpening() ?? this.opening();
  }
}

function percent(share: number): string {
  return `${Math.round(share * 100)} %`;
}
