import { outlineKind, type Outline, type OutlineNumber } from '@kadrosyn/core';

/** A number of an outline as it is shown, and how it is set. */
export interface ShownNumber extends OutlineNumber {
  readonly value: number;
  readonly set: (value: number) => Outline;
}

/** The numbers of an outline; radii of a rectangle are lengths and not among them. */
export function numbersOf(outline: Outline): readonly ShownNumber[] {
  const values = outline as unknown as Readonly<Record<string, number>>;
  return (outlineKind(outline).numbers ?? []).map((number) => {
    const stored = values[number.of]!;
    const isShare = number.unit === '%';
    return {
      ...number,
      value: isShare ? Math.round(stored * 1000) / 10 : stored,
      set: (shown) => ({ ...outline, [number.of]: isShare ? shown / 100 : Math.round(shown) }),
    };
  });
}
