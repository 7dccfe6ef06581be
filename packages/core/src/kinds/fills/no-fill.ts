import { defineFill } from './fill-kind.js';

export const none = defineFill({ type: 'none', properties: {}, isPlain: false });
