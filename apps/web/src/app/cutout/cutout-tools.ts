/** What the pointer does in the cutout view. */
export type CutoutTool = 'box' | 'keep' | 'leave-out' | 'trace' | 'brush' | 'soft-edge';

/** The tools in their order; each has its number as a key. */
export const CUTOUT_TOOLS: readonly { readonly id: CutoutTool; readonly name: string; readonly hint: string }[] = [
  { id: 'box', name: 'Box', hint: 'Draw a box around the subject. Its corners, sides and middle can be dragged afterwards.' },
  { id: 'keep', name: 'Keep', hint: 'Draw over what belongs to the subject; with the other mouse button over what does not.' },
  {
    id: 'leave-out',
    name: 'Leave out',
    hint: 'Draw over what does not belong to it; with the other mouse button over what does.',
  },
  { id: 'trace', name: 'Trace', hint: 'Click along the edge; the line finds it. A double click or Enter closes it.' },
  { id: 'brush', name: 'Brush', hint: 'Paint the cutout itself, or erase it with the other mouse button.' },
  { id: 'soft-edge', name: 'Soft edge', hint: 'Brush along fur or grass: its edge is worked out wider there.' },
];
