import { Unsafe } from 'typebox';
import type { Blend } from '../../document/finish.js';
import { sharePart } from '../schema-parts.js';
import { defineFinish } from './finish-kind.js';

/** How strongly an item is laid down; 1 when absent. */
export const opacity = defineFinish<number, 'laid'>({
  name: 'Opacity',
  schema: sharePart('1 when absent.'),
  lies: 'laid',
  forGroups: true,
});

/** How an item is mixed with what lies below; normal when absent. */
export const blend = defineFinish<Blend, 'laid'>({
  name: 'Blending',
  schema: Unsafe<Blend>({ $ref: '#/$defs/blend' }),
  lies: 'laid',
  forGroups: true,
});
