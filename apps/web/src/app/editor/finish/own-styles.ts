import { inject, Injectable, signal } from '@angular/core';
import type { Style } from '@kadrosyn/core';
import { faultOf } from '../../api/fault';
import { Server } from '../../api/server';

/** The finishes that the workspace keeps under a name. */
@Injectable({ providedIn: 'root' })
export class OwnStyles {
  private readonly server = inject(Server);
  private readonly kept = signal<readonly Style[]>([]);
  /** By name. */
  readonly list = this.kept.asReadonly();
  /** What went wrong last; nothing was changed then. */
  readonly fault = signal<string | null>(null);
  private isAsked = false;

  /** Fetches the list once. */
  async load(): Promise<void> {
    if (this.isAsked) return;
    this.isAsked = true;
    await this.trying(async () => this.kept.set(await this.server.styles()));
    if (this.fault()) this.isAsked = false;
  }

  /** Null when it could not be kept. */
  add(style: Omit<Style, 'id' | 'revision'>): Promise<Style | null> {
    return this.trying(async () => this.put(await this.server.addStyle(style)));
  }

  change(id: string, change: Partial<Omit<Style, 'id' | 'revision'>>): Promise<Style | null> {
    return this.trying(async () => this.put(await this.server.changeStyle(id, change)));
  }

  remove(id: string): Promise<unknown> {
    return this.trying(async () => {
      await this.server.removeStyle(id);
      this.kept.update((list) => list.filter((style) => style.id !== id));
    });
  }

  private put(style: Style): Style {
    this.kept.update((list) => [...list.filter(({ id }) => id !== style.id), style].sort((a, b) => a.name.localeCompare(b.name)));
    return style;
  }

  private async trying<T>(run: () => Promise<T>): Promise<T | null> {
    try {
      const made = await run();
      this.fault.set(null);
      return made;
    } catch (error) {
      this.fault.set(faultOf(error).message);
      return null;
    }
  }
}
