import { DestroyRef, inject, Injectable, signal } from '@angular/core';

/** So long it is said what passed what, ms. */
const SHOWN = 4000;

/** What passed what in depth, for a moment. */
@Injectable()
export class Passed {
  readonly words = signal('');
  private timer: ReturnType<typeof setTimeout> | undefined;

  constructor() {
    inject(DestroyRef).onDestroy(() => clearTimeout(this.timer));
  }

  say(words: string): void {
    this.words.set(words);
    clearTimeout(this.timer);
    this.timer = setTimeout(() => this.words.set(''), SHOWN);
  }
}
