import { levelCount, levelFor, type Photo, type Pixels } from '@kadrosyn/core';
import { borderedPicture, BROWSER_ENVIRONMENT, BudgetCache, type PhotoLevel, type PhotoSource } from '@kadrosyn/render';

/** Bytes of levels that a worker keeps. */
const BUDGET = 192 * 2 ** 20;

/** The name of a photo's levels, or of its subject's by one of its mattes. */
export interface LevelsName {
  readonly photoId: string;
  readonly matteSha256?: string;
}

/** A level on its way into a worker. */
export interface SentLevel extends LevelsName {
  readonly index: number;
  readonly pixels: Pixels;
  readonly opaque: boolean;
}

/** A level that was wanted, and which one is there instead. */
export interface LackingLevel extends LevelsName {
  /** Px per px of the photo that it is wanted for. */
  readonly scale: number;
  readonly has: number | null;
}

/** One key for a photo, another for each of its subjects. */
export function levelsKey({ photoId, matteSha256 }: LevelsName): string {
  return matteSha256 === undefined ? photoId : `${photoId}/${matteSha256}`;
}

/** The levels that were sent into a worker. What is wanted and not there is noted, and the nearest one is given instead. */
export class SentLevels implements PhotoSource {
  private readonly kept = new BudgetCache<string, PhotoLevel>(BUDGET);
  private readonly indices = new Map<string, Set<number>>();
  private photos: Readonly<Record<string, Photo>> = {};
  private lacking = new Map<string, LackingLevel>();
  /** Raised with every level. */
  version = 0;

  add({ index, pixels, opaque, ...name }: SentLevel): void {
    const key = levelsKey(name);
    let picture: CanvasImageSource | undefined;
    const image = (): CanvasImageSource => (picture ??= borderedPicture(pixels, BROWSER_ENVIRONMENT));
    this.kept.set(`${key}/${index}`, { index, pixels, opaque, image }, pixels.data.byteLength);
    this.indices.set(key, (this.indices.get(key) ?? new Set()).add(index));
    this.version++;
  }

  /** Begins to note what is lacking. @param photos - those that are drawn. */
  begin(photos: Readonly<Record<string, Photo>>): void {
    this.photos = photos;
    this.lacking = new Map();
  }

  /** What was lacking since it began. */
  lacked(): LackingLevel[] {
    return [...this.lacking.values()];
  }

  level(photoId: string, scale: number): PhotoLevel | undefined {
    return this.find({ photoId }, scale);
  }

  subject(photoId: string, matteSha256: string, scale: number): PhotoLevel | undefined {
    return this.find({ photoId, matteSha256 }, scale);
  }

  private find(name: LevelsName, scale: number): PhotoLevel | undefined {
    const photo = this.photos[name.photoId];
    if (!photo) return undefined;
    const wanted = levelFor(scale, levelCount(photo.width, photo.height));
    const key = levelsKey(name);
    const held = [...(this.indices.get(key) ?? [])].filter((index) => this.kept.get(`${key}/${index}`));
    const found = nearest(held, wanted);
    if (found !== wanted) this.lacking.set(`${key}/${wanted}`, { ...name, scale, has: found ?? null });
    return found === undefined ? undefined : this.kept.get(`${key}/${found}`);
  }
}

/** The next coarser level, else the next finer one. */
function nearest(held: readonly number[], wanted: number): number | undefined {
  const coarser = held.filter((index) => index >= wanted);
  return coarser.length > 0 ? Math.min(...coarser) : held.length > 0 ? Math.max(...held) : undefined;
}
