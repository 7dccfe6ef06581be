import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import type { Colour, Fill, PhotoFill } from '../src/document/fill.js';
import type { Group, Item, Opening } from '../src/document/item.js';
import { newLetterIds } from '../src/lettering/letter-ids.js';
import { arbitraryOf, type SimpleSchema } from './arbitrary-of-schema.js';

const SCHEMA = new URL('../../../docs/project.schema.json', import.meta.url);
const { $defs } = JSON.parse(readFileSync(SCHEMA, 'utf8')) as { $defs: Readonly<Record<string, SimpleSchema>> };
/** Lengths are those of a small card: what is drawn is drawn often. */
const FURTHEST = 90;
const PATHS = ['M0 0 L1 0 L1 1 L0 1 Z', 'M.1 .1 C.9 0 1 .4 .8 .9 L.2 .8 Z', 'M0 0 H1 V1 H0 Z M.3 .3 V.7 H.7 V.3 Z'];

/** What values can name besides themselves. */
export interface Nameable {
  /** Ids of photos that there are. */
  readonly photos: readonly string[];
  /** Of faces that can be set. */
  readonly faces: readonly string[];
  /** The id of the cutout that each photo has. */
  readonly cutout: string;
  /** Ids of sheets that can be shown. */
  readonly sheets: readonly string[];
}

/** Items of every kind: each property by its own schema, so that a kind that is added is tried too. */
export function arbitraryItems({ photos, faces, cutout, sheets }: Nameable): {
  readonly item: fc.Arbitrary<Item>;
  readonly fill: fc.Arbitrary<Fill>;
  readonly opening: fc.Arbitrary<Opening>;
} {
  const named: Record<string, fc.Arbitrary<unknown>> = {
    id: fc.constantFrom('one', 'two'),
    name: fc.constantFrom('Heron', 'Mug', 'Card'),
    sha256: fc.constant('a'.repeat(64)),
    colour: fc.constantFrom<Colour>('#20272a', '#b5532e', '#ffffff80', { role: 'ink' }, { role: 'accent', alpha: 0.5 }),
  };
  const define = (name: string): void => {
    named[name] = arbitraryOf($defs[name]!, named, FURTHEST);
  };
  ['point', 'placement', 'tone', 'effect', 'shadow', 'blend'].forEach(define);
  named['fill'] = placedFills(arbitraryOf($defs['fill']!, named, FURTHEST), { photos, cutout, sheets });
  named['outline'] = arbitraryOf($defs['outline']!, { ...named, id: fc.constantFrom(...faces) }, FURTHEST).map(readable);
  named['box'] = fc.record(
    {
      ...{ x: between(-20, 70), y: between(-20, 60), width: between(4, 70), height: between(4, 60) },
      ...{ turn: between(-180, 180), shear: between(-1, 1) },
    },
    { requiredKeys: ['x', 'y', 'width', 'height', 'turn'] },
  );
  ['finish', 'overhangs', 'opening'].forEach(define);
  // A background lies in one place only, and is put there as one.
  const opening = fc.tuple(named['opening']!, fc.uuid()).map(([value, id]): Opening => {
    const { role: _role, ...free } = value as Opening;
    return { ...free, id };
  });
  const group = fc
    .tuple(fc.array(opening, { minLength: 1, maxLength: 2 }), fc.uuid(), arbitraryOf(grouped(), named, FURTHEST))
    .map(([items, id, rest]) => ({ ...(rest as Group), id, items }));
  return { item: fc.oneof({ weight: 4, arbitrary: opening }, group), fill: named['fill'] as fc.Arbitrary<Fill>, opening };
}

const between = (min: number, max: number): fc.Arbitrary<number> =>
  fc.double({ min, max, noNaN: true }).map((value) => value + 0);

/** The properties of a group but its items. */
function grouped(): SimpleSchema {
  const { items: _items, ...properties } = $defs['group']!.properties!;
  return { ...$defs['group']!, properties, required: ['type', 'id', 'name'] };
}

/** Photos, sheets and cutouts that there are; placements of their own, at a size at which something is seen. */
function placedFills(
  fills: fc.Arbitrary<unknown>,
  { photos, cutout, sheets }: Pick<Nameable, 'photos' | 'cutout' | 'sheets'>,
): fc.Arbitrary<Fill> {
  const photo = fc.record({
    photoId: fc.constantFrom(...photos),
    sheetId: fc.constantFrom(...sheets),
    scale: between(0.02, 0.4),
    at: fc.record({ x: between(0, 50), y: between(0, 40) }),
  });
  return fc.tuple(fills, photo).map(([value, { photoId, sheetId, scale, at }]): Fill => {
    const fill = value as Fill;
    if (fill.type === 'drawing') {
      const layers = fill.layers.map((layer, index) => ({
        ...layer,
        d: PATHS[index % PATHS.length]!,
        colour: 0,
        ...(layer.clip ? { clip: { ...layer.clip, d: PATHS[(index + 1) % PATHS.length]! } } : {}),
      }));
      return { ...fill, layers };
    }
    if (fill.type === 'sheet') return { ...fill, sheetId, placement: { ...fill.placement, ...at, scale: 4 * scale } };
    if (fill.type !== 'photo') return fill;
    const own = typeof fill.placement === 'string' ? { turn: 0, flipX: false, flipY: false } : fill.placement;
    const { effects, cutout: cut, ...rest } = fill;
    const once = effects?.filter((effect, index) => effects.findIndex(({ kind }) => kind === effect.kind) === index);
    return {
      ...rest,
      photoId,
      placement: { ...own, ...at, scale },
      ...(once ? { effects: once } : {}),
      ...(cut ? { cutout: { id: cutout, revision: 'a'.repeat(64) } } : {}),
    } satisfies PhotoFill;
  });
}

/** Text has an id for each of its letters; a path is path data. */
function readable(value: unknown): unknown {
  const outline = value as Opening['outline'];
  if (outline.type === 'path') return { ...outline, d: PATHS[1]! };
  if (outline.type !== 'lettering') return outline;
  const runs = outline.runs.map((run) => ({ ...run, axes: {}, size: 4 + Math.abs(run.size), letterIds: newLetterIds(run.text) }));
  const { kept: _kept, ...rest } = outline;
  return { ...rest, runs };
}
