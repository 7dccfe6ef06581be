import { holdsWords } from '../search/holds-words.js';
import type { Artwork, ArtworkKind } from './artwork.js';
import { FRAMES } from './frames.js';
import { LIGHT } from './light.js';
import { PAINT } from './paint.js';
import { PAPER } from './paper.js';
import { PLANTS } from './plants.js';
import { RIBBONS } from './ribbons.js';
import { RINGS } from './rings.js';

/** All ready-made artwork, in the order in which it is offered. */
export const ARTWORK: readonly Artwork[] = [...RIBBONS, ...RINGS, ...PAPER, ...PAINT, ...PLANTS, ...FRAMES, ...LIGHT];

/** Pieces of a kind (all where it is empty) whose name or words hold everything that is looked for. */
export function findArtwork(kind: ArtworkKind | '', search: string): Artwork[] {
  return ARTWORK.filter((one) => (kind === '' || one.kind === kind) && holdsWords(`${one.name} ${one.words}`, search));
}
