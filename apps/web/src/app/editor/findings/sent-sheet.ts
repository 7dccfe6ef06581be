import type { Crossing, Photo, ResolvedSheet } from '@kadrosyn/core';

/** What is looked at: a sheet with the photos on it, and pairs of its items that are asked about. */
export interface Looked {
  readonly sheet: ResolvedSheet;
  readonly photos: Readonly<Record<string, Photo>>;
  readonly pairs: readonly Crossing[];
}

/** The same on its way into a worker: every part has a number, and only those that the worker has not got are there. */
export interface SentSheet {
  /** By the property of the sheet: the number of its value, or of each entry where it is a list. */
  readonly sheet: Readonly<Record<string, number | readonly number[]>>;
  readonly photos: number;
  readonly pairs: readonly number[];
  readonly fresh: readonly (readonly [number, unknown])[];
}

/**
 * Sends sheets so that what has not changed stays the very same object in the worker: what was computed there from a part is known by that part.
 * Each side keeps the parts of the last sheet only.
 */
export class SheetSender {
  private held = new Map<unknown, number>();
  private next = 0;

  send({ sheet, photos, pairs }: Looked): SentSheet {
    const now = new Map<unknown, number>();
    const fresh: [number, unknown][] = [];
    const numberOf = (part: unknown): number => {
      const known = now.get(part) ?? this.held.get(part);
      const number = known ?? this.next++;
      if (known === undefined) fresh.push([number, part]);
      now.set(part, number);
      return number;
    };
    const parts = Object.entries(sheet).map(([name, value]: [string, unknown]) => [
      name,
      Array.isArray(value) ? value.map(numberOf) : numberOf(value),
    ]);
    const sent = {
      sheet: Object.fromEntries(parts) as SentSheet['sheet'],
      photos: numberOf(photos),
      pairs: pairs.map(numberOf),
      fresh,
    };
    this.held = now;
    return sent;
  }

  /** The worker has forgotten all: everything is sent again. */
  forget(): void {
    this.held.clear();
  }
}

/** The other end of a `SheetSender`. */
export class SheetReceiver {
  private held = new Map<number, unknown>();

  /** @throws RangeError for a part that was never sent. */
  receive({ sheet, photos, pairs, fresh }: SentSheet): Looked {
    const sent = new Map(fresh);
    const now = new Map<number, unknown>();
    const part = (number: number): unknown => {
      if (!sent.has(number) && !this.held.has(number)) throw new RangeError(`Part ${number} of the sheet was never sent`);
      const value = sent.has(number) ? sent.get(number) : this.held.get(number);
      now.set(number, value);
      return value;
    };
    const parts = Object.entries(sheet).map(([name, value]) => [name, typeof value === 'number' ? part(value) : value.map(part)]);
    const looked = {
      sheet: Object.fromEntries(parts) as ResolvedSheet,
      photos: part(photos) as Looked['photos'],
      pairs: pairs.map(part) as Crossing[],
    };
    this.held = now;
    return looked;
  }
}
