import { ChangeDetectionStrategy, Component, DestroyRef, effect, inject, input, output, signal } from '@angular/core';
import { MatTooltipModule } from '@angular/material/tooltip';
import { MatButtonModule } from '@angular/material/button';
import type { Photo } from '@kadrosyn/core';
import { faultOf } from '../../api/fault';
import { Server } from '../../api/server';
import type { LibraryPicture } from '@kadrosyn/contract';
import { RovingFocusDirective } from '../../interface/roving-focus.directive';
import { PhotoLibrary } from '../../photos/photo-library';
import { Notices } from '../session/notices';
import { PhotoPlacing } from '../session/photo-placing';
import { SupplyDrag } from './supply-drag';

/** Typing is over when nothing was typed for so many ms. */
const TYPING = 300;
/** After so many ms it is said that the answer takes long. */
const LONG = 2500;

/** The picture library: searched by words, shown page by page. What is used becomes a photo of one's own. */
@Component({
  selector: 'ka-library-supplies',
  imports: [MatTooltipModule, MatButtonModule, RovingFocusDirective],
  templateUrl: './library-supplies.component.html',
  styleUrls: ['./supply-row.scss', './library-supplies.component.scss'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class LibrarySuppliesComponent {
  private readonly server = inject(Server);
  private readonly library = inject(PhotoLibrary);
  private readonly placing = inject(PhotoPlacing);
  private readonly notices = inject(Notices);
  private readonly drag = inject(SupplyDrag);
  readonly search = input.required<string>();
  /** Back to the photos of one's own. */
  readonly closed = output();

  readonly pictures = signal<readonly LibraryPicture[]>([]);
  readonly total = signal<number | null>(null);
  readonly fault = signal<string | null>(null);
  readonly state = signal<'still' | 'asking' | 'long'>('still');
  /** Ids of pictures that are being taken over. */
  readonly taking = signal<ReadonlySet<string>>(new Set());
  readonly more = signal(false);
  private page = 0;
  private going: AbortController | null = null;

  constructor() {
    effect((onCleanup) => {
      const words = this.search();
      const timer = setTimeout(() => void this.ask(words, 1), this.page === 0 ? 0 : TYPING);
      onCleanup(() => clearTimeout(timer));
    });
    inject(DestroyRef).onDestroy(() => this.going?.abort());
  }

  /** The newest question counts; an older one is given up. */
  private async ask(words: string, page: number): Promise<void> {
    this.going?.abort();
    const going = (this.going = new AbortController());
    this.state.set('asking');
    this.fault.set(null);
    const long = setTimeout(() => this.state.set('long'), LONG);
    try {
      const found = await this.server.searchLibrary(words, page, going.signal);
      if (this.going !== going) return;
      this.page = found.page;
      this.total.set(found.total);
      this.more.set(found.page < found.pages);
      this.pictures.update((before) => (page === 1 ? found.pictures : [...before, ...found.pictures]));
    } catch (error) {
      if (this.going === going && !going.signal.aborted) this.fault.set(faultOf(error).message);
    } finally {
      clearTimeout(long);
      if (this.going === going) this.state.set('still');
    }
  }

  askMore(): void {
    void this.ask(this.search(), this.page + 1);
  }

  askAgain(): void {
    void this.ask(this.search(), Math.max(1, this.pictures().length > 0 ? this.page + 1 : 1));
  }

  cancel(): void {
    this.going?.abort();
    this.going = null;
    this.state.set('still');
    if (this.pictures().length === 0) this.fault.set('The search was stopped.');
  }

  async use(picture: LibraryPicture): Promise<void> {
    const photo = await this.take(picture);
    if (photo) this.placing.intoSelected(photo);
  }

  begin(event: PointerEvent, picture: LibraryPicture): void {
    this.drag.begin(event, () => {
      let photo: Photo | null = null;
      const coming = this.take(picture).then((taken) => (photo = taken));
      return { kind: 'photo', photo: () => photo, coming, thumbnail: this.thumbnail(picture), clear: false };
    });
  }

  thumbnail({ id }: LibraryPicture): string {
    return `/api/library/pictures/${id}/thumbnail`;
  }

  private async take(picture: LibraryPicture): Promise<Photo | null> {
    this.taking.update((ids) => new Set([...ids, picture.id]));
    try {
      return await this.library.takeOver(picture);
    } catch (error) {
      this.notices.say(`${picture.title} was not added. ${faultOf(error).message}`);
      return null;
    } finally {
      this.taking.update((ids) => new Set([...ids].filter((id) => id !== picture.id)));
    }
  }
}
