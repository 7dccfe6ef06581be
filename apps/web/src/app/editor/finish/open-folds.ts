import { Injectable, signal } from '@angular/core';

/** Which parts of the panel are open: they stay so when something else is selected. */
@Injectable()
export class OpenFolds {
  private readonly open = signal<ReadonlySet<string>>(new Set());

  isOpen(name: string): boolean {
    return this.open().has(name);
  }

  toggle(name: string): void {
    this.open.update((open) => new Set(open.has(name) ? [...open].filter((other) => other !== name) : [...open, name]));
  }
}
