import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { changeOpening, moveCorner, outlineHandles, type Opening } from '@kadrosyn/core';
import { EditorSession } from '../session/session';
import { HeldCorner } from '../stage/held-corner';

/** In rows, as they lie. */
const FOUR = [
  { index: 0, name: 'Top left' },
  { index: 1, name: 'Top right' },
  { index: 3, name: 'Bottom left' },
  { index: 2, name: 'Bottom right' },
] as const;

const STEPS: Readonly<Record<string, readonly [number, number]>> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

/** The corners of an opening, or the places of something curved, for the keyboard: the one that keys are on is moved by arrow keys, and shown large on the sheet. */
@Component({
  selector: 'ka-corner-buttons',
  imports: [MatButtonModule],
  template: `
    <div class="four" role="group" aria-label="Corners">
      @for (corner of corners(); track corner.index) {
        <button
          matButton="outlined"
          aria-describedby="corner-keys"
          (focus)="held.index.set(corner.index)"
          (blur)="held.index.set(null)"
          (keydown)="onKey($event, corner.index)"
        >
          {{ corner.name }}
        </button>
      }
    </div>
    <p class="hint" id="corner-keys">Arrow keys move a corner, with Shift ten times as far.</p>
  `,
  styleUrl: './panel-section.scss',
  styles: `
    .four {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 6px;
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CornerButtonsComponent {
  private readonly session = inject(EditorSession);
  readonly held = inject(HeldCorner);
  readonly opening = input.required<Opening>();
  readonly corners = computed(() => {
    const { outline, box } = this.opening();
    if (outline.type === 'corners') return FOUR;
    return outlineHandles(outline, box.width, box.height).map(({ name }, index) => ({ index, name }));
  });

  onKey(event: KeyboardEvent, index: number): void {
    const step = STEPS[event.key];
    const opening = this.session.settledOpening();
    if (!step || !opening || event.ctrlKey || event.metaKey || event.altKey) return;
    event.preventDefault();
    event.stopPropagation();
    const by = event.shiftKey ? 10 : 1;
    const { project: _project, ...context } = this.session.context();
    const after = moveCorner(opening, index, { x: step[0] * by, y: step[1] * by }, context);
    if (Object.keys(after).length === 0) return;
    const name = opening.outline.type === 'corners' ? `Corner ${index + 1}` : this.corners()[index]!.name;
    this.session.commitAgain(changeOpening(context.sheet, opening, after, `${name} of ${opening.name}`));
  }
}
