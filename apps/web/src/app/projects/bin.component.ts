import { ChangeDetectionStrategy, Component, effect, inject, input, output, signal } from '@angular/core';
import { MatExpansionModule } from '@angular/material/expansion';
import { MatButtonModule } from '@angular/material/button';
import { MatDialog } from '@angular/material/dialog';
import { firstValueFrom } from 'rxjs';
import { faultOf } from '../api/fault';
import { Server } from '../api/server';
import type { Bin } from '@kadrosyn/contract';
import { timeWords } from '../interface/sheet-words';
import { EmptyBinDialog } from './empty-bin.dialog';

/** What was removed and can be brought back; folded until it is asked for, and absent while it is empty. */
@Component({
  selector: 'ka-bin',
  imports: [MatExpansionModule, MatButtonModule],
  templateUrl: './bin.component.html',
  styleUrl: './bin.component.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BinComponent {
  private readonly server = inject(Server);
  private readonly dialogs = inject(MatDialog);
  /** Changes whenever the projects were read anew. */
  readonly loads = input.required<number>();
  readonly returned = output();
  readonly failed = output<string>();
  readonly bin = signal<Bin | null>(null);
  readonly timeWords = timeWords;

  constructor() {
    effect(() => {
      if (this.loads() > 0) void this.load();
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
    return this.attempt(async () => {
      await this.server.returnProject(id);
      this.returned.emit();
    });
  }

  returnPhoto(id: string): Promise<void> {
    return this.attempt(async () => {
      await this.server.returnPhoto(id);
      await this.load();
    });
  }

  async empty(bin: Bin): Promise<void> {
    const sure = await firstValueFrom(
      this.dialogs.open<EmptyBinDialog, Bin, boolean>(EmptyBinDialog, { data: bin }).afterClosed(),
    );
    if (!sure) return;
    await this.attempt(async () => {
      await this.server.emptyBin();
      await this.load();
    });
  }

  private async load(): Promise<void> {
    await this.attempt(async () => this.bin.set(await this.server.bin()));
  }

  private async attempt(work: () => Promise<void>): Promise<void> {
    try {
      await work();
    } catch (error) {
      this.failed.emit(faultOf(error).message);
    }
  }
}
