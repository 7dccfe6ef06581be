import { inject, Injectable, signal } from '@angular/core';
import { Store } from '@ngrx/store';
import type { Sizes, SizesRequest } from '@kadrosyn/contract';
import { monotoneCurve, type Project } from '@kadrosyn/core';
import { faultOf } from '../../api/fault';
import { ExportServer } from '../../api/export-server';
import { whenSaved } from '../state/when-saved';

/** What was just changed is left alone for so long, ms. */
const REST = 250;

export type Forecast =
  | { readonly state: 'asked' }
  | { readonly state: 'known'; readonly sizes: Sizes['sizes'] }
  | { readonly state: 'unknown'; readonly why: string };

/** How large the file of a sheet will be, quality by quality: the server draws it and writes it at several. */
@Injectable()
export class SizeForecast {
  private readonly server = inject(ExportServer);
  private readonly store = inject<Store>(Store);
  private asked: AbortController | null = null;
  /** What the answer that is there is of. */
  private known: { readonly of: Project; readonly request: SizesRequest } | null = null;
  readonly forecast = signal<Forecast>({ state: 'asked' });

  /** Asks anew, unless it is known; what was asked before is given up. @param of - the project as it is */
  async ask(request: SizesRequest, of: Project): Promise<void> {
    this.stop();
    if (this.known?.of === of && isSame(this.known.request, request)) return;
    this.known = null;
    const asked = (this.asked = new AbortController());
    this.forecast.set({ state: 'asked' });
    await new Promise((resolve) => setTimeout(resolve, REST));
    if (this.asked !== asked) return;
    try {
      const { projectId } = await whenSaved(this.store);
      const sizes = await this.server.sizes(projectId!, request, asked.signal);
      if (this.asked !== asked) return;
      this.forecast.set({ state: 'known', sizes });
      this.known = { of, request };
    } catch (error) {
      if (this.asked === asked) this.forecast.set({ state: 'unknown', why: faultOf(error).message });
    }
  }

  stop(): void {
    this.asked?.abort();
    this.asked = null;
  }
}

function isSame(a: SizesRequest, b: SizesRequest): boolean {
  return a.sheetId === b.sheetId && a.type === b.type && a.scale === b.scale;
}

/** Bytes at a quality, between those that were measured by a curve that never turns back. */
export function bytesAt(sizes: Sizes['sizes'], quality: number): number {
  const [first, last] = [sizes[0]!, sizes.at(-1)!];
  const most = last.bytes;
  const points = sizes.map((each) => ({
    x: (each.quality - first.quality) / (last.quality - first.quality),
    y: each.bytes / most,
  }));
  const at = Math.min(1, Math.max(0, (quality - first.quality) / (last.quality - first.quality)));
  return most * monotoneCurve(points)(at);
}

/** The best quality whose file is no larger; null where even the lowest is. */
export function qualityWithin(sizes: Sizes['sizes'], mostBytes: number, upTo: number): number | null {
  for (let quality = upTo; quality >= sizes[0]!.quality; quality--) if (bytesAt(sizes, quality) <= mostBytes) return quality;
  return null;
}

/** "148 KB", "1.9 MB". */
export function bytesWords(bytes: number): string {
  return bytes < 999_500 ? `${Math.max(1, Math.round(bytes / 1000))} KB` : `${(bytes / 1e6).toFixed(1)} MB`;
}
