import { Boolean as BooleanPart, Enum, Optional, Unsafe } from 'typebox';
import type { Placement } from '../../document/fill.js';
import { IdPart } from '../schema-parts.js';
import { defineFill } from './fill-kind.js';

/** Another sheet of the project, live: it is a picture of its own px without bleed, and what is clear on it stays clear. */
export const sheet = defineFill({
  type: 'sheet',
  properties: {
    sheetId: IdPart,
    placement: Unsafe<Placement>({ $ref: '#/$defs/placement' }),
    fit: Optional(Enum(['fill', 'whole', 'own'], { description: 'The rule by which it was fitted last; fill when absent.' })),
    keepCovered: Optional(
      BooleanPart({ description: 'Whether moves and scales keep the opening without a gap; true when absent.' }),
    ),
  },
  isPlain: false,
  refers: ({ sheetId }) => [{ to: 'sheet', id: sheetId }],
});
