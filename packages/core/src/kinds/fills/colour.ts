import { ColourPart } from '../colour.js';
import { defineFill } from './fill-kind.js';

export const colour = defineFill({ type: 'colour', properties: { colour: ColourPart }, isPlain: true });
