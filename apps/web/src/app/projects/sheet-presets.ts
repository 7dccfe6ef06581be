import type { SheetSize } from '@kadrosyn/core';

/** A purpose to begin from. */
export interface SheetPreset {
  readonly name: string;
  readonly words: string;
  readonly size: SheetSize;
  readonly round?: boolean;
}

export const SHEET_PRESETS: readonly SheetPreset[] = [
  { name: 'Card', words: 'A6, 105 × 148 mm', size: { width: 105, height: 148, unit: 'mm' } },
  { name: 'Poster', words: 'A3, 297 × 420 mm', size: { width: 297, height: 420, unit: 'mm', dpi: 200 } },
  { name: 'Post', words: '1080 × 1080 px', size: { width: 1080, height: 1080, unit: 'px' } },
  { name: 'Shop picture', words: '2000 × 2000 px', size: { width: 2000, height: 2000, unit: 'px' } },
  { name: 'Badge', words: '800 × 800 px', size: { width: 800, height: 800, unit: 'px' }, round: true },
  { name: 'Wide banner', words: '1280 × 720 px', size: { width: 1280, height: 720, unit: 'px' } },
];
