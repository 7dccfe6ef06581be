import { ChangeDetectionStrategy, Component, effect, inject, output, untracked } from '@angular/core';
import { MatExpansionModule } from '@angular/material/expansion';
import { MatButtonModule } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { firstValueFrom } from 'rxjs';
import { faultOf } from '../api/fault';
import type { Bin } from '@kadrosyn/contract';
import { timeWords } from '../interface/sheet-words';
import { BinContents } from './bin-contents';
import { EmptyBinDialog } from './empty-bin.dialog';
import { Projects } from './projects';

/** What was removed and can be brought back; folded until it is asked for, and absent while it is empty. */
@Component({
  selector: 'ka-bin',
  imports: [MatExpansionModule, MatButtonModule],
  templateUrl: './bin.component.html',
  styleUrl: './bin.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BinComponent {
  private readonly contents = inject(BinContents);
  private readonly projects = inject(Projects);
  private readonly dialogs = inject(MatDialog);
  readonly failed = output<string>();
  readonly bin = this.contents.bin;
  readonly timeWords = timeWords;

  constructor() {
    // Whatever changes the projects may change the bin.
    effect(() => {
      if (this.projects.loads() > 0) untracked(() => void this.contents.load());
    });
    effect(() => {
      const fault = this.contents.fault();
      if (fault) this.failed.emit(fault);
    });
  }

  count({ projects, photos }: Bin): number {
    return projects.length + photos.length;
  }

  /** Days until something goes for good. */
  daysLeft(removedAt: string, { days }: Bin): string {
    const left = Math.max(1, Math.ceil(days - (Date.now() - Date.parse(removedAt)) / 86_400_000));
    return left === 1 ? 'goes for good within a day' : `stays ${left} more days`;
  }

  returnProject(id: string): Promise<void> {
    return this.attempt(() => this.projects.bringBack(id));
  }

  returnPhoto(id: string): Promise<void> {
    return this.attempt(() => this.contents.returnPhoto(id));
  }

  async empty(bin: Bin): Promise<void> {
    const sure = await firstValueFrom(
      this.dialogs.open<EmptyBinDialog, Bin, boolean>(EmptyBinDialog, { data: bin }).afterClosed(),
    );
    if (sure) await this.attempt(() => this.contents.empty());
  }

  private async attempt(work: () => Promise<void>): Promise<void> {
    try {
      await work();
    } catch (error) {
      this.failed.emit(faultOf(error).message);
    }
  }
}
