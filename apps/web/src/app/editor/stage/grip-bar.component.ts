import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { isBackground, isShared, showsPicture, type Grip } from '@kadrosyn/core';
import { pictureWord } from '../commands/picture-word';
import { deleteWord } from '../commands/item-edits';
import { ImprintEditing } from '../products/imprint-editing';
import { EditorSession } from '../session/session';
import { TextCaret } from '../modes/text/text-caret';
import { boundsTogether, nameTogether } from './together-gestures';
import { ViewMenuComponent } from './view-menu.component';
import { Viewport } from './viewport';

const GRIPS = [
  { id: 'opening', name: 'Opening', key: 'O' },
  { id: 'photo', name: 'Photo', key: 'P' },
  { id: 'both', name: 'Both', key: 'B' },
] as const;

/** Of an imprint on a product. */
const PRODUCT_GRIPS = [
  { id: 'photo', name: 'Artwork', key: 'P' },
  { id: 'opening', name: 'Imprint', key: 'O' },
  { id: 'both', name: 'Product', key: 'B' },
] as const;

/** What the pointer moves, in words, and the zoom. */
@Component({
  selector: 'ka-grip-bar',
  imports: [MatButtonModule, ViewMenuComponent],
  template: `
    @if (session.selectsSeveral()) {
      <div class="several" role="status">
        Selecting several: tap to add or take out, drag to draw a rectangle.
        <button matButton (click)="session.selectsSeveral.set(false)">Done</button>
      </div>
    }
    <div class="grips" role="radiogroup" aria-label="What moves">
      @for (choice of grips(); track choice.id) {
        <button
          matButton
          role="radio"
          [attr.aria-checked]="session.grip() === choice.id"
          [attr.aria-keyshortcuts]="choice.key"
          [class.on]="session.grip() === choice.id"
          (click)="session.setGrip(choice.id)"
        >
          {{ choice.name }} <kbd aria-hidden="true">{{ choice.key }}</kbd>
        </button>
      }
      <span class="words" aria-live="polite"
        >{{ words() }}
        @if (deletes(); as more) {
          <span class="more">{{ more }}</span>
        }
      </span>
    </div>
    <div class="zoom" role="group" aria-label="Zoom">
      <button matButton aria-label="Zoom out" (click)="zoomBy(1 / 1.25)">−</button>
      <button matButton [attr.aria-label]="percent() + ' %, zoom to 100 %'" (click)="viewport.zoomTo(1)">
        {{ percent() }} %
      </button>
      <button matButton aria-label="Zoom in" (click)="zoomBy(1.25)">+</button>
      <button matButton (click)="showWhole()">whole</button>
      @if (session.selectedItems().length > 0) {
        <button matButton (click)="showSelected()">selected</button>
      }
      <ka-view-menu />
    </div>
  `,
  styleUrl: './grip-bar.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class GripBarComponent {
  readonly session = inject(EditorSession);
  readonly viewport = inject(Viewport);
  private readonly typing = inject(TextCaret);
  private readonly imprints = inject(ImprintEditing);
  readonly grips = computed(() => (this.session.isOnProduct() ? PRODUCT_GRIPS : GRIPS));
  readonly percent = computed(() => Math.round(this.viewport.zoom() * 100));

  readonly words = computed(() => {
    const together = this.session.together();
    if (together.length > 0) return `moves ${nameTogether(together)} with all in ${together.length > 1 ? 'them' : 'it'}`;
    const opening = this.session.selectedOpening();
    if (!opening) return 'select something to move it';
    if (isShared(opening.fill) && this.session.grip() !== 'photo')
      return `moves ${opening.name}, the photo stays for all its windows`;
    if (this.typing.opening()) return `types in ${opening.name}; Escape ends`;
    if (opening.locked && !isBackground(opening)) return `${opening.name} is locked`;
    const host = this.session.hostOf(opening);
    if (this.session.isOnProduct() && host)
      return productWords(this.session.grip(), this.imprints.artwork()?.name, isBackground(host) ? 'the product' : host.name);
    return host && this.session.grip() !== 'photo'
      ? `moves with ${host.name}`
      : moveWords(this.session.grip(), opening.name, showsPicture(opening.fill) && pictureWord(opening.fill));
  });

  /** What the Delete key would do. */
  readonly deletes = computed(() => {
    const together = this.session.together();
    if (together.length > 1) return `Delete removes ${nameTogether(together)}`;
    const item = this.session.selected();
    if (!item || (item.locked && !isBackground(item))) return '';
    return this.typing.opening()
      ? 'Delete removes letters'
      : `Delete ${deleteWord(item, this.session.grip(), this.session.context()).words}`;
  });

  zoomBy(factor: number): void {
    this.viewport.zoomTo(this.viewport.zoom() * factor);
  }

  showWhole(): void {
    const sheet = this.session.sheet();
    if (sheet) this.viewport.showWhole(sheet);
  }

  showSelected(): void {
    const bounds = boundsTogether(this.session.selectedItems());
    if (bounds) this.viewport.show(bounds);
  }
}

function productWords(grip: Grip, artwork: string | undefined, product: string): string {
  if (grip === 'photo') return `moves ${artwork ?? 'the artwork'} on ${product}`;
  return grip === 'opening' ? `moves all that is printed on ${product}` : `moves ${product} with what is printed on it`;
}

function moveWords(grip: Grip, name: string, picture: string | false): string {
  if (picture === false) return `moves ${name}`;
  if (grip === 'photo') return `moves the ${picture}, ${name} stays`;
  return grip === 'opening' ? `moves ${name}, the ${picture} stays` : `moves ${name} and its ${picture}`;
}
