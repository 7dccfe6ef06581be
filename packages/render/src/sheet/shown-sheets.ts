import {
  isOpaque,
  levelCount,
  levelFor,
  openingsOf,
  pictureSize,
  type Photo,
  type Pixels,
  type ResolvedSheet,
} from '@kadrosyn/core';
import type { Context2D } from '../canvas/environment.js';
import type { PhotoLevel, PhotoSource } from '../canvas/photo-source.js';
import type { RenderResources } from '../canvas/resources.js';
import { borderedPicture, LevelChain } from '../photo/level-chain.js';

/**
 * Draws all of a sheet, so many px to one of its own. It is handed over, since what draws sheets needs what they show.
 */
export type DrawWhole = (context: Context2D, sheet: ResolvedSheet, resources: RenderResources, scale: number) => void;

type Shows = NonNullable<ResolvedSheet['shows']>;

/** Sources that were made here: what is drawn with them has its pictures already. */
const given = new WeakSet<PhotoSource>();

/**
 * Resources by which a sheet is drawn that shows others: these are pictures among its photos, at their own px and without bleed. A source that has them
 * is asked for them; for any other they are drawn when they are first wanted.
 */
export function withShownSheets(sheet: ResolvedSheet, resources: RenderResources, draw: DrawWhole): RenderResources {
  const { shows } = sheet;
  if (!shows || given.has(resources.source)) return resources;
  return { ...resources, photos: photosWith(shows, resources.photos), source: sourceWith(shows, resources, draw) };
}

const merged = new WeakMap<Shows, { readonly photos: RenderResources['photos']; readonly all: RenderResources['photos'] }>();

function photosWith(shows: Shows, photos: RenderResources['photos']): RenderResources['photos'] {
  const before = merged.get(shows);
  if (before?.photos === photos) return before.all;
  const shown = Object.entries(shows).map(([id, sheet]): [string, Photo] => [
    id,
    { id, sha256: '', name: sheet.name, ...pictureSize(sheet) },
  ]);
  const all = { ...photos, ...Object.fromEntries(shown) };
  merged.set(shows, { photos, all });
  return all;
}

function sourceWith(shows: Shows, resources: RenderResources, draw: DrawWhole): PhotoSource {
  const { source } = resources;
  const all: PhotoSource = {
    level: (photoId, scale) => {
      const shown = shows[photoId];
      if (!shown) return source.level(photoId, scale);
      if (!source.shown) return drawnLevel(shown, scale, resources, draw);
      const here = source.shown(photoId, shown, scale);
      return here && !here.standsIn ? here : (quickLevel(shown, scale, resources, draw) ?? here);
    },
    subject: (photoId, matteSha256, scale) => source.subject?.(photoId, matteSha256, scale),
  };
  given.add(all);
  return all;
}

interface Drawn {
  readonly source: PhotoSource;
  readonly version: number | undefined;
  readonly chain: LevelChain;
  readonly pictures: Map<number, CanvasImageSource>;
}

/** What is drawn at once has at most so many px and items: it takes a few milliseconds. */
const [QUICK_PIXELS, QUICK_ITEMS] = [600_000, 40];

interface Quick {
  readonly version: number | undefined;
  readonly index: number;
  readonly level: PhotoLevel;
}

const quick = new WeakMap<ResolvedSheet, Quick>();

/** A small sheet as it is now, from as few px as are seen of it, until it comes exactly; null where that would take long. */
function quickLevel(sheet: ResolvedSheet, scale: number, resources: RenderResources, draw: DrawWhole): PhotoLevel | null {
  const { environment, version } = resources;
  const full = pictureSize(sheet);
  const index = levelFor(scale, levelCount(full.width, full.height));
  const known = quick.get(sheet);
  if (known && known.version === version && known.index <= index) return known.level;
  const [width, height] = [Math.max(1, full.width >> index), Math.max(1, full.height >> index)];
  if (sheet.shows || width * height > QUICK_PIXELS || [...openingsOf(sheet.items)].length > QUICK_ITEMS) return null;
  const surface = environment.createSurface(width, height);
  const { kernels: _kernels, layers: _layers, trace: _trace, ...rest } = resources;
  draw(surface.context, sheet, { ...rest, draft: true }, 2 ** -index);
  const { data } = surface.context.getImageData(0, 0, width, height);
  environment.giveBack?.(surface);
  const pixels = { width, height, data };
  let picture: CanvasImageSource | undefined;
  const image = (): CanvasImageSource => (picture ??= borderedPicture(pixels, environment));
  const level = { index, pixels, opaque: isOpaque(pixels), image, standsIn: true };
  quick.set(sheet, { version, index, level });
  return level;
}

/** Sheets as they were drawn last; they go with their sheets. */
const drawn = new WeakMap<ResolvedSheet, Drawn>();

function drawnLevel(sheet: ResolvedSheet, scale: number, resources: RenderResources, draw: DrawWhole): PhotoLevel {
  const { source, version, environment } = resources;
  let known = drawn.get(sheet);
  if (known?.source !== source || known.version !== version) {
    const pixels = sheetPicture(sheet, resources, draw);
    known = { source, version, chain: new LevelChain(pixels, 0, pixels), pictures: new Map() };
    drawn.set(sheet, known);
  }
  const { chain, pictures } = known;
  const index = chain.indexFor(scale);
  const pixels = chain.at(index);
  const image = (): CanvasImageSource => {
    const picture = pictures.get(index) ?? borderedPicture(pixels, environment);
    pictures.set(index, picture);
    return picture;
  };
  return { index, pixels, opaque: chain.opaque, image };
}

/** A sheet as the picture that it is in openings of others. */
export function sheetPicture(sheet: ResolvedSheet, resources: RenderResources, draw: DrawWhole): Pixels {
  const { width, height } = pictureSize(sheet);
  const surface = resources.environment.createSurface(width, height);
  const { kernels: _kernels, layers: _layers, trace: _trace, ...rest } = resources;
  draw(surface.context, sheet, { ...rest, draft: false }, 1);
  const { data } = surface.context.getImageData(0, 0, width, height);
  resources.environment.giveBack?.(surface);
  return { width, height, data };
}
