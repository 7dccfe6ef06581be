import { Injectable, signal } from '@angular/core';

/** Which parts of the panel are open: they stay so when something else is selected. */
@Injectable()
export class OpenFolds {
  private readonly open = signal<ReadonlySet<string>>(new Set());

  isOpen(name: string): boolean {
    return this.open().has(name);
  }

  set(name: string, isOpen: boolean): void {
    if (isOpen !== this.isOpen(name))
      this.open.update((open) => new Set(isOpen ? [...open, name] : [...open].filter((other) => other !== name)));
  }
}
