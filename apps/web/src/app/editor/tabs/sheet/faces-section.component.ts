import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { changeRoleFace, FACE_ROLES, findFace, letteringText, openingsOf, type FaceRole } from '@kadrosyn/core';
import { OwnFaces } from '../../../lettering/own-faces';
import { ShaperLoader } from '../../../lettering/shaper-loader';
import { FaceListComponent, type FaceChoice } from '../../parts/face-list.component';
import { EditorSession } from '../../session/session';
import { FoldPartComponent } from '../../parts/fold-part.component';
import { OpenFolds } from '../../parts/open-folds';
import { FACE_ROLE_NAMES } from '../../finish/role-names';

/** The faces of the project by what they are for: letters that follow one change with it. */
@Component({
  selector: 'ka-faces-section',
  imports: [FoldPartComponent, FaceListComponent],
  template: `
    <ka-fold-part name="Faces" [summary]="summary()">
      @if (folds.isOpen('Faces')) {
        <p class="hint">Faces of the project: letters that follow one change with it</p>
        @for (entry of faces(); track entry.role) {
          <ka-face-list [label]="entry.name" [face]="entry.face" (chosen)="choose(entry.role, $event)" />
        }
      }
    </ka-fold-part>
  `,
  styleUrl: '../../parts/panel-section.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FacesSectionComponent {
  private readonly session = inject(EditorSession);
  private readonly loader = inject(ShaperLoader);
  private readonly own = inject(OwnFaces);
  readonly folds = inject(OpenFolds);
  readonly faces = computed(() => {
    const roles = this.session.shownProject()?.roles;
    return roles ? FACE_ROLES.map((role) => ({ role, name: FACE_ROLE_NAMES[role], face: roles[role] })) : [];
  });
  readonly summary = computed(() => {
    const [headline] = this.faces();
    return headline ? this.nameOf(headline.face) : '';
  });

  /** All letters that follow the role are set in the face, which has to be there to measure them. */
  async choose(role: FaceRole, { face }: FaceChoice): Promise<void> {
    await this.loader.ensure([face], this.textOf(role));
    const { project, shaper } = this.session.context();
    if (project.roles[role] === face) return;
    const name = `${FACE_ROLE_NAMES[role]} in ${this.nameOf(face)}`;
    this.session.commit(changeRoleFace(project, role, this.own.chosen(face), { axesOf: this.own.axesOf, shaper }, name));
  }

  private nameOf(face: string): string {
    return (findFace(face) ?? this.own.find(face))?.name ?? 'A face that is not here';
  }

  private textOf(role: FaceRole): string {
    return this.session
      .context()
      .project.sheets.flatMap(({ items }) => [...openingsOf(items)])
      .flatMap(({ outline }) =>
        outline.type === 'lettering' && outline.runs.some((run) => run.role === role) ? [letteringText(outline)] : [],
      )
      .join('');
  }
}
