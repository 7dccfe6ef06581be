import type { Unit } from './project.js';

const PER_INCH: Readonly<Record<Exclude<Unit, 'px'>, number>> = { in: 1, mm: 25.4 };

/** px of a sheet of `dpi` for a length in the unit that people use. 50 mm stay 50 mm at any dpi. */
export function toPx(length: number, unit: Unit, dpi: number): number {
  return unit === 'px' ? length : (length * dpi) / PER_INCH[unit];
}

/** The inverse of `toPx`. */
export function fromPx(px: number, unit: Unit, dpi: number): number {
  return unit === 'px' ? px : (px * PER_INCH[unit]) / dpi;
}

/** Decimals that are worth showing: whole px, tenths of a mm, hundredths of an inch. */
export const UNIT_DECIMALS: Readonly<Record<Unit, number>> = { px: 0, mm: 1, in: 2 };
