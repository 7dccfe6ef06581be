import { Injectable, signal } from '@angular/core';

const KEY = 'kadrosyn-theme';

/** Light or dark: as the system has it until one is chosen. */
@Injectable({ providedIn: 'root' })
export class Theme {
  private readonly chosen = signal(read());
  private readonly system = matchMedia('(prefers-color-scheme: dark)');
  readonly dark = signal(this.isDark());

  constructor() {
    this.apply();
    this.system.addEventListener('change', () => this.dark.set(this.isDark()));
  }

  toggle(): void {
    this.chosen.set(this.isDark() ? 'light' : 'dark');
    try {
      localStorage.setItem(KEY, this.chosen()!);
    } catch {
      // A browser that keeps nothing forgets the choice with the page.
    }
    this.apply();
    this.dark.set(this.isDark());
  }

  private isDark(): boolean {
    return this.chosen() === null ? this.system.matches : this.chosen() === 'dark';
  }

  private apply(): void {
    const theme = this.chosen();
    if (theme) document.documentElement.dataset['theme'] = theme;
  }
}

function read(): 'light' | 'dark' | null {
  try {
    const kept = localStorage.getItem(KEY);
    return kept === 'light' || kept === 'dark' ? kept : null;
  } catch {
    return null;
  }
}
