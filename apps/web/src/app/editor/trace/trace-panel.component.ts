import { ChangeDetectionStrategy, Component, computed, inject, type Signal } from '@angular/core';
import { MatButtonModule } from '@angular/material/button';
import { findItem } from '@kadrosyn/core';
import type { Miss } from '@kadrosyn/render';
import { EditorSession } from '../session/session';
import { FRAME_TRACE, type SlowFrame } from '../../trace/frame-trace';

/** How many rows of each list are shown. */
const ROWS = 12;

/** What caches found and made, and slow frames with what took them: for those who work on the application. */
@Component({
  selector: 'ka-trace-panel',
  imports: [MatButtonModule],
  templateUrl: './trace-panel.component.html',
  styleUrl: './trace-panel.component.scss',
  host: { role: 'complementary', 'aria-label': 'Trace' },
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TracePanelComponent {
  private readonly session = inject(EditorSession);
  private readonly trace = inject(FRAME_TRACE)!;

  readonly frames = this.followed(() => this.trace.frameCount);
  readonly caches = this.followed(() => this.trace.caches());
  readonly misses = this.followed(() => this.trace.misses().slice(0, ROWS));
  readonly slow = this.followed(() => this.trace.slowFrames().slice(0, ROWS));

  clear(): void {
    this.trace.clear();
  }

  /** The name of an entry, with items by their own names. */
  nameOf({ name }: Miss): string {
    const items = this.session.sheet()?.items ?? [];
    return name.replace(/[^\s#]+/g, (word) => findItem(items, word)?.name ?? word);
  }

  /** What took a frame: the exact picture, and what was made for it. */
  took({ settling, made }: SlowFrame): string {
    const parts = made
      .filter(({ ms }) => ms >= 1)
      .slice(0, 4)
      .map((miss) => `${miss.cache} ${this.nameOf(miss)} ${ms(miss.ms)} (${miss.reason})`);
    return [...(settling >= 1 ? [`exact picture ${ms(settling)}`] : []), ...parts].join(', ') || 'drawing alone';
  }

  readonly ms = ms;

  size(bytes: number | null): string {
    return bytes === null ? '' : `${(bytes / 2 ** 20).toFixed(1)} MB`;
  }

  /** Something of the trace, read again whenever that has more. */
  private followed<T>(read: () => T): Signal<T> {
    return computed(() => {
      this.trace.version();
      return read();
    });
  }
}

function ms(value: number): string {
  return `${value.toFixed(value < 10 ? 1 : 0)} ms`;
}
