import { ChangeDetectionStrategy, Component, computed, inject, input, output, signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { MatMenuModule } from '@angular/material/menu';
import {
  FACE_ROLES,
  FACES,
  findFace,
  layOut,
  layoutPath,
  newLetterIds,
  toPathData,
  type FaceRole,
  type LetteringOutline,
  type Roles,
} from '@kadrosyn/core';
import { faultOf } from '../../api/fault';
import type { OwnFace } from '@kadrosyn/contract';
import { OwnFaces } from '../../lettering/own-faces';
import { ShaperLoader } from '../../lettering/shaper-loader';
import { FACE_ROLE_NAMES } from '../finish/role-names';
import { Notices } from '../session/notices';

const SIZE = 22;
/** So many lists there were: their parts name one another. */
let lists = 0;

/** A face, and the role by which it is meant. */
export interface FaceChoice {
  readonly face: string;
  readonly role?: FaceRole;
}

/** The faces, each shown in itself. */
@Component({
  selector: 'ka-face-list',
  imports: [MatButtonModule, MatMenuModule],
  template: `
    <div>
      <h3 [id]="id + '-word'">{{ label() }}</h3>
      <button
        matButton="outlined"
        class="face"
        [attr.aria-labelledby]="id + '-word ' + id + '-name'"
        [matMenuTriggerFor]="menu"
        (menuOpened)="open.set(true)"
        (menuClosed)="open.set(false)"
      >
        <span [id]="id + '-name'" class="visually-hidden">{{ role() ? roleNames[role()!] + ', ' : '' }}{{ name() }}</span>
        @if (drawing(face()); as one) {
          <svg [attr.viewBox]="one.frame" [attr.width]="one.width" height="26" aria-hidden="true">
            <path [attr.d]="one.path" />
          </svg>
        } @else {
          {{ name() }}
        }
        @if (role(); as one) {
          <i aria-hidden="true">{{ roleNames[one] }}</i>
        }
      </button>
      <mat-menu #menu="matMenu" class="ka-faces-menu">
        <ng-template matMenuContent>
          @for (choice of offered(); track choice.role ?? choice.face) {
            <button mat-menu-item [attr.aria-label]="choice.words" (click)="chosen.emit(choice)">
              @if (drawing(choice.face, choice.name); as one) {
                <svg class="ka-face" [attr.viewBox]="one.frame" [attr.width]="one.width" height="26" aria-hidden="true">
                  <path [attr.d]="one.path" />
                </svg>
              } @else {
                {{ choice.name }}
              }
            </button>
          }
          <button mat-menu-item (click)="files.click()">Add a face of your own…</button>
          @if (own.list().length > 0) {
            <button mat-menu-item [matMenuTriggerFor]="remove">Remove a face of your own</button>
          }
        </ng-template>
      </mat-menu>
      <mat-menu #remove="matMenu">
        <ng-template matMenuContent>
          @for (choice of own.list(); track choice.id) {
            <button mat-menu-item (click)="removeFace(choice)">Remove {{ choice.name }}</button>
          }
        </ng-template>
      </mat-menu>
      <input #files type="file" hidden multiple accept=".ttf,.otf,.woff,.woff2" (change)="addFiles(files)" />
    </div>
  `,
  styles: `
    h3 {
      margin-bottom: 6px;
      font:
        600 14px 'Familjen Grotesk Variable',
        sans-serif;
    }
    .face {
      justify-content: start;
      width: 100%;
      height: 38px;
      padding: 0 10px;
      overflow: hidden;
      font-weight: 400;
    }
    i {
      margin-left: auto;
      padding: 1px 8px;
      font-size: 13px;
      font-style: normal;
      font-weight: 600;
      background: var(--paper);
      border: 1px solid var(--rule);
      border-radius: 6px;
    }
    svg {
      flex: none;
      fill: var(--ink);
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FaceListComponent {
  private readonly loader = inject(ShaperLoader);
  readonly own = inject(OwnFaces);
  private readonly notices = inject(Notices);
  readonly label = input('Face');
  readonly face = input.required<string>();
  /** The role by which the face goes. */
  readonly role = input<FaceRole>();
  /** Faces that are offered by their role, before all others. */
  readonly roles = input<Roles | null>(null);
  readonly chosen = output<FaceChoice>();
  readonly roleNames = FACE_ROLE_NAMES;
  readonly id = `face-list-${lists++}`;
  readonly open = signal(false);
  /** Faces by their role first, then all by their name. */
  readonly offered = computed<readonly (FaceChoice & { readonly name: string; readonly words: string })[]>(() => {
    const roles = this.roles();
    const byRole = (roles ? FACE_ROLES : []).map((role) => {
      const [face, name] = [roles![role], FACE_ROLE_NAMES[role]];
      return { face, role, name, words: `${name} of the project, ${this.named(face)}` };
    });
    return [...byRole, ...[...this.own.list(), ...FACES].map(({ id, name }) => ({ face: id, name, words: name }))];
  });
  readonly name = computed(() => this.named(this.face()));
  private readonly drawings = new Map<string, { frame: string; width: number; path: string }>();

  private named(id: string): string {
    return (findFace(id) ?? this.own.find(id))?.name ?? 'A face that is not here';
  }

  /** The name of a face, or what it is for, set in it; null until it has arrived. */
  drawing(id: string, words?: string): { frame: string; width: number; path: string } | null {
    const shaper = this.loader.shaper();
    if (this.open() && !shaper?.hasFace(id)) void this.loader.ensure([id]).catch(() => undefined);
    if (!shaper?.hasFace(id)) return null;
    const text = words ?? this.named(id);
    let known = this.drawings.get(`${id} ${text}`);
    if (!known) {
      const { min = 100, max = 900 } = this.own.axesOf(id)['wght'] ?? {};
      const axes: Record<string, number> = 'wght' in this.own.axesOf(id) ? { wght: Math.min(max, Math.max(min, 650)) } : {};
      const run = { text, face: id, axes, size: SIZE, tracking: 0, letterIds: newLetterIds(text) };
      const outline: LetteringOutline = { type: 'lettering', runs: [run], align: 'left', leading: 1 };
      const layout = layOut(outline, shaper);
      const middle = layout.height / 2;
      known = { frame: `0 ${middle - 13} ${layout.width} 26`, width: layout.width, path: toPathData(layoutPath(layout), 1) };
      this.drawings.set(`${id} ${text}`, known);
    }
    return known;
  }

  /** Letterings that are set in it keep their outlines; what is typed in them will be set in another face. */
  async removeFace({ id, name }: OwnFace): Promise<void> {
    try {
      await this.own.remove(id);
      this.notices.say(`${name} was removed. Letterings that use it keep their outlines until their text is changed.`);
    } catch (error) {
      this.notices.say(faultOf(error).message);
    }
  }

  async addFiles(field: HTMLInputElement): Promise<void> {
    const files = [...(field.files ?? [])];
    field.value = '';
    const results = await this.own.add(files);
    const faults = results.filter(({ fault }) => fault);
    if (faults.length > 0) this.notices.say(faults.map(({ fileName, fault }) => `${fileName}: ${fault}`).join('\n'));
    const added = results.find(({ face }) => face)?.face;
    if (added) this.chosen.emit({ face: added.id });
  }
}
