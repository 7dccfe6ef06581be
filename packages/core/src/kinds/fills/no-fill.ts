import { defineFill } from './fill-kind.js';

export const none = defineFill({ type: 'none', properties: {}, word: 'clear', isPlain: false });
