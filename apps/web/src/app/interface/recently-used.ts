import { Injectable, signal } from '@angular/core';

export type SupplyKind = 'photo' | 'shape' | 'lettering' | 'artwork' | 'mockup';

const KEY = 'kadrosyn:recently-used';
/** So many of each kind are remembered. */
const MOST = 24;

/** What was used last of each kind of supply, kept in this browser. */
@Injectable({ providedIn: 'root' })
export class RecentlyUsed {
  private readonly kept = signal<Readonly<Partial<Record<SupplyKind, readonly string[]>>>>(read());

  /** Newest first. */
  list(kind: SupplyKind): readonly string[] {
    return this.kept()[kind] ?? [];
  }

  use(kind: SupplyKind, id: string): void {
    this.kept.update((kept) => ({ ...kept, [kind]: [id, ...(kept[kind] ?? []).filter((other) => other !== id)].slice(0, MOST) }));
    try {
      localStorage.setItem(KEY, JSON.stringify(this.kept()));
    } catch {
      // Without room in the browser's storage it is remembered in this window only.
    }
  }
}

function read(): Partial<Record<SupplyKind, readonly string[]>> {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(KEY) ?? '{}');
    if (typeof kept !== 'object' || kept === null) return {};
    return Object.fromEntries(Object.entries(kept).filter(([, list]) => Array.isArray(list)));
  } catch {
    return {};
  }
}

/** So many stand in the group of what was used last. */
const GROUP = 5;

/** Those of the things that were used last, for a group of their own: everything else stays where it stands. */
export function lastUsed<T>(things: readonly T[], recent: readonly string[], idOf: (thing: T) => string): T[] {
  const byId = new Map(things.map((thing) => [idOf(thing), thing]));
  return recent.flatMap((id) => byId.get(id) ?? []).slice(0, GROUP);
}

/** The things in the order of use, those that were never used behind in their own order. */
export function recentFirst<T>(things: readonly T[], recent: readonly string[], idOf: (thing: T) => string): T[] {
  const rank = new Map(recent.map((id, index) => [id, index]));
  const rankOf = (thing: T): number => rank.get(idOf(thing)) ?? recent.length;
  return [...things].sort((a, b) => rankOf(a) - rankOf(b));
}
