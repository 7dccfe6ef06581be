import type { Tongue } from './slab-rows';

/** Height of a slab, and with the gap below it, css px; see the style sheet. */
const [SLAB, PITCH] = [46, 54];

/** A tongue beside the slabs, css px: its lines as SVG path data, and where it meets others. @param index - of the tongue: neighbours run beside each other */
export function tonguePath({ itemId, from, meets, words }: Tongue, index: number) {
  const middle = (row: number): number => row * PITCH + SLAB / 2;
  const x = 12 + (index % 2) * 12;
  const marks = meets.map(({ row, passing }) => ({ y: middle(row), passing }));
  const highest = marks.findLast(({ passing }) => passing !== 'under')?.y ?? middle(from);
  const top = marks.at(-1)!.y;
  return {
    ...{ itemId, x, words, marks },
    solid: `M0 ${middle(from)}H${x - 5}Q${x} ${middle(from)} ${x} ${middle(from) - 5}V${highest}`,
    dotted: top < highest ? `M${x} ${highest}V${top}` : '',
  };
}
