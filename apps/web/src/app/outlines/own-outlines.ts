import { inject, Injectable, signal } from '@angular/core';
import { faultOf } from '../api/fault';
import { Server } from '../api/server';
import type { OwnOutline } from '@kadrosyn/contract';

/** The outlines of the workspace's own. */
@Injectable({ providedIn: 'root' })
export class OwnOutlines {
  private readonly server = inject(Server);
  private readonly kept = signal<readonly OwnOutline[]>([]);
  /** Newest first. */
  readonly list = this.kept.asReadonly();
  readonly fault = signal<string | null>(null);

  async load(): Promise<void> {
    try {
      this.kept.set(await this.server.outlines());
      this.fault.set(null);
    } catch (error) {
      this.fault.set(faultOf(error).message);
    }
  }

  /** @throws Fault when it could not be kept. */
  async add(outline: Omit<OwnOutline, 'id'>): Promise<OwnOutline> {
    const kept = await this.server.addOutline(outline);
    this.kept.update((list) => [kept, ...list]);
    return kept;
  }

  async rename(id: string, name: string): Promise<void> {
    const renamed = await this.server.renameOutline(id, name);
    this.kept.update((list) => list.map((outline) => (outline.id === id ? renamed : outline)));
  }

  async remove(id: string): Promise<void> {
    await this.server.removeOutline(id);
    this.kept.update((list) => list.filter((outline) => outline.id !== id));
  }
}
