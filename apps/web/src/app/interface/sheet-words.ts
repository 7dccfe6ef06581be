import { fromPx, UNIT_DECIMALS, type Unit } from '@kadrosyn/core';

/** "105 × 148 mm" for a size in px. */
export function sizeWords(size: { readonly width: number; readonly height: number }, unit: Unit, dpi: number): string {
  const side = (px: number): string => String(Number(fromPx(px, unit, dpi).toFixed(UNIT_DECIMALS[unit])));
  return `${side(size.width)} × ${side(size.height)} ${unit}`;
}

/** "today 12:04", "yesterday 18:30", "14 November". */
export function timeWords(iso: string, now = new Date()): string {
  const then = new Date(iso);
  const clock = then.toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  const days = Math.round((startOfDay(now) - startOfDay(then)) / 86_400_000);
  if (days === 0) return `today ${clock}`;
  if (days === 1) return `yesterday ${clock}`;
  const year = then.getFullYear() === now.getFullYear() ? {} : ({ year: 'numeric' } as const);
  return then.toLocaleDateString('en-GB', { day: 'numeric', month: 'long', ...year });
}

function startOfDay(date: Date): number {
  return new Date(date.getFullYear(), date.getMonth(), date.getDate()).getTime();
}
