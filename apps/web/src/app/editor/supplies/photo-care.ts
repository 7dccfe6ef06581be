import { inject, Injectable } from '@angular/core';
import { MatDialog } from '@angular/material/dialog';
import { shortenedText } from '@kadrosyn/core';
import { firstValueFrom } from 'rxjs';
import { faultOf } from '../../api/fault';
import { Server } from '../../api/server';
import { RenameDialog } from '../../interface/rename.dialog';
import { PhotoLibrary, type LibraryPhoto } from '../../photos/photo-library';
import { Notices } from '../session/notices';
import { TagsDialog } from './tags.dialog';
import { UsesDialog, type UsesRequest } from './uses.dialog';

/** Naming, tagging and removing photos of one's own. */
@Injectable()
export class PhotoCare {
  private readonly library = inject(PhotoLibrary);
  private readonly server = inject(Server);
  private readonly dialogs = inject(MatDialog);
  private readonly notices = inject(Notices);

  async rename({ photo }: LibraryPhoto): Promise<void> {
    const asked = this.dialogs.open<RenameDialog, string, string>(RenameDialog, { data: photo.name });
    const name = await firstValueFrom(asked.afterClosed());
    if (name && name !== photo.name) await this.attempt(() => this.library.change(photo.id, { name: shortenedText(name, 120) }));
  }

  /** Tags of one photo are changed as a whole; with several, what all have in common. */
  async tag(entries: readonly LibraryPhoto[]): Promise<void> {
    const [first] = entries;
    if (!first) return;
    const common = first.tags.filter((tag) => entries.every(({ tags }) => tags.includes(tag)));
    const asked = this.dialogs.open<TagsDialog, readonly string[], readonly string[]>(TagsDialog, { data: common });
    const wanted = await firstValueFrom(asked.afterClosed());
    if (!wanted) return;
    await this.attempt(async () => {
      for (const { photo, tags } of entries) {
        const kept = tags.filter((tag) => !common.includes(tag));
        await this.library.change(photo.id, { tags: [...new Set([...kept, ...wanted])] });
      }
    });
  }

  showUses({ photo }: LibraryPhoto): void {
    this.dialogs.open<UsesDialog, UsesRequest>(UsesDialog, { data: { name: photo.name, uses: this.server.photoUses(photo.id) } });
  }

  /** Takes photos out of the supplies, says where they are used, and offers a way back. False when it failed. */
  async remove(entries: readonly LibraryPhoto[]): Promise<boolean> {
    const ids = entries.map(({ photo }) => photo.id);
    const [only] = entries;
    return this.attempt(async () => {
      const uses = await Promise.all(ids.map((id) => this.server.photoUses(id)));
      await this.library.remove(ids);
      const used = uses.filter(({ projects, templates }) => projects.length + templates.length > 0).length;
      const what = entries.length === 1 ? only!.photo.name : `${entries.length} photos`;
      const where = used === 0 ? '' : ' What shows it goes on showing it.';
      this.notices.say(
        `${what} ${entries.length === 1 ? 'was' : 'were'} removed from the supplies.${where}`,
        'Bring back',
        () => {
          void this.attempt(() => this.library.bringBack(ids));
        },
      );
    });
  }

  private async attempt(work: () => Promise<void>): Promise<boolean> {
    try {
      await work();
      return true;
    } catch (error) {
      this.notices.say(faultOf(error).message);
      return false;
    }
  }
}
