import type { Finish } from '../document/finish.js';

/** A rim by name, for an opening of this size, px of the sheet. */
export interface RimPreset {
  readonly id: 'card' | 'print' | 'wide' | 'foot';
  readonly name: string;
  readonly widths: (box: { readonly width: number; readonly height: number }) => Omit<NonNullable<Finish['rim']>, 'colour'>;
}

const even =
  (share: number): RimPreset['widths'] =>
  ({ width, height }) => {
    const side = round(Math.min(width, height) * share);
    return { top: side, right: side, bottom: side, left: side };
  };

const footed =
  (share: number, foot: number): RimPreset['widths'] =>
  ({ width, height }) => {
    const side = round(Math.min(width, height) * share);
    return { top: side, right: side, bottom: round(Math.min(width, height) * foot), left: side };
  };

/** Rims as cards and prints have them, as shares of the shorter side. */
export const RIM_PRESETS: readonly RimPreset[] = [
  { id: 'card', name: 'White card', widths: even(0.05) },
  { id: 'print', name: 'Instant print', widths: footed(0.06, 0.22) },
  { id: 'wide', name: 'Wide mount', widths: even(0.13) },
  { id: 'foot', name: 'Mount with foot', widths: footed(0.11, 0.16) },
];

function round(px: number): number {
  return Math.round(px * 10) / 10;
}
