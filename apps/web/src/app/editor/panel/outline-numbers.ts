import type { Outline } from '@kadrosyn/core';

/** A number that gives an outline its form. */
export interface OutlineNumber {
  readonly name: string;
  readonly unit: string;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  readonly set: (value: number) => Outline;
}

/** The numbers of an outline; radii of a rectangle are lengths and not among them. */
export function numbersOf(outline: Outline): readonly OutlineNumber[] {
  switch (outline.type) {
    case 'polygon':
      return [points(outline, 3)];
    case 'star':
      return [points(outline, 3), percent('Depth', outline, 'depth', 1, 99)];
    case 'trapezoid':
      return [percent('Slant', outline, 'slant', -95, 95)];
    case 'ticket':
      return [percent('Notch', outline, 'notch', 0, 50)];
    case 'ring':
      return [percent('Hole', outline, 'hole', 2, 98)];
    case 'speech':
      return [percent('Tail at', outline, 'tail', 0, 100), percent('Tail height', outline, 'reach', 2, 70)];
    case 'torn':
      return [percent('Depth', outline, 'depth', 0, 30)];
    default:
      return [];
  }
}

function points(outline: Extract<Outline, { type: 'polygon' | 'star' }>, least: number): OutlineNumber {
  return {
    name: 'Points',
    unit: '',
    value: outline.points,
    least,
    most: 60,
    set: (value) => ({ ...outline, points: Math.round(value) }),
  };
}

function percent<T extends Outline>(name: string, outline: T, key: keyof T, least: number, most: number): OutlineNumber {
  const value = Math.round((outline[key] as number) * 1000) / 10;
  return { name, unit: '%', value, least, most, set: (shown) => ({ ...outline, [key]: shown / 100 }) };
}
