import { Injectable, signal } from '@angular/core';

export type CropGuide = 'none' | 'thirds' | 'diagonals' | 'centre';

/** Lines to compose by. */
export const CROP_GUIDES: readonly { readonly id: CropGuide; readonly name: string }[] = [
  { id: 'none', name: 'none' },
  { id: 'thirds', name: 'Thirds' },
  { id: 'diagonals', name: 'Diagonals' },
  { id: 'centre', name: 'Centre' },
];

/** Which lines lie over the selected photo. */
@Injectable()
export class CropGuides {
  readonly shown = signal<CropGuide>('none');
}

/** The lines in a box of `width` x `height`, as path data. Diagonals run at 45 degrees from the corners. */
export function guideLines(guide: CropGuide, width: number, height: number): string {
  const [w, h] = [width, height];
  switch (guide) {
    case 'none':
      return '';
    case 'thirds':
      return [1, 2].map((n) => `M${(w * n) / 3} 0V${h}M0 ${(h * n) / 3}H${w}`).join('');
    case 'centre':
      return `M${w / 2} 0V${h}M0 ${h / 2}H${w}`;
    case 'diagonals': {
      const side = Math.min(w, h);
      return `M0 0L${side} ${side}M${w} 0L${w - side} ${side}M0 ${h}L${side} ${h - side}M${w} ${h}L${w - side} ${h - side}`;
    }
  }
}
