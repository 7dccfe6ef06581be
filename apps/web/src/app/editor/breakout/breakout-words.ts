import {
  crossingKey,
  findItem,
  letteringText,
  lettersOf,
  type Crossing,
  type CrossingPart,
  type Item,
  type Sheet,
} from '@kadrosyn/core';
import type { CrossingSurvey, SeenRegion } from '@kadrosyn/render';

/** One region of a crossing as it is called. The selected item is "it". */
export interface NamedRegion {
  /** Stays the same while pairs and regions do. */
  readonly key: string;
  readonly survey: CrossingSurvey;
  readonly region: SeenRegion;
  /** The selected one passes over here. */
  readonly isOver: boolean;
  /** "K", "KILN": what is over or under which. */
  readonly short: string;
  /** "KILN, letter K": the other one, in all its places. */
  readonly pair: string;
  /** "KILN, letter K, upper place". */
  readonly long: string;
  /** The same as short as a row of the panel wants it: "Letter K, upper place". */
  readonly row: string;
  /** The letter of the selected lettering itself. */
  readonly own: string | null;
}

const MOST_LETTERS = 14;

/** The letter of a lettering by its id. */
export function letterOf(item: Item | undefined, id: string): string | null {
  if (item?.type !== 'opening' || item.outline.type !== 'lettering') return null;
  for (const run of item.outline.runs) {
    const at = run.letterIds.indexOf(id);
    const letter = at < 0 ? undefined : lettersOf(run.text)[at];
    if (letter) return letter.letter;
  }
  return null;
}

/** All regions of the crossings of an item, in the order of their pairs. */
export function namedRegions(sheet: Sheet, itemId: string, crossings: readonly CrossingSurvey[]): NamedRegion[] {
  return crossings.flatMap((survey) => {
    const [own, other] = endsFor(survey.crossing, itemId);
    const [ownItem, otherItem] = [own, other].map((end) => findItem(sheet.items, end.itemId));
    if (!otherItem) return [];
    const letter = letterOf(otherItem, other.part);
    const name = nameOf(otherItem);
    const pair = `${name}${letter === null ? '' : `, letter ${letter}`}`;
    return survey.regions.map((region, index): NamedRegion => {
      const place = survey.regions.length > 1 ? `, ${placeWord(survey.regions, index)}` : '';
      return {
        key: `${crossingKey(survey.crossing)} ${index}`,
        survey,
        region,
        isOver: isOver(survey.crossing, itemId, region.over),
        short: letter ?? clipped(name),
        pair,
        long: `${pair}${place}`,
        row: `${letter === null ? name : `Letter ${letter}`}${place}`,
        own: letterOf(ownItem, own.part),
      };
    });
  });
}

/** Whether an item of a crossing passes over where its lower unit does, or does not. */
function isOver({ lower }: Crossing, itemId: string, lowerIsOver: boolean): boolean {
  return lower.itemId === itemId ? lowerIsOver : !lowerIsOver;
}

/** The unit of the item, and the other one. */
function endsFor({ lower, upper }: Crossing, itemId: string): [CrossingPart, CrossingPart] {
  return lower.itemId === itemId ? [lower, upper] : [upper, lower];
}

/** A lettering is called by what it says. */
function nameOf(item: Item): string {
  if (item.type !== 'opening' || item.outline.type !== 'lettering') return item.name;
  const text = letteringText(item.outline).replace(/\s+/g, ' ').trim();
  return text === '' ? item.name : clipped(text);
}

function clipped(name: string): string {
  return name.length > MOST_LETTERS ? `${name.slice(0, MOST_LETTERS - 1)}…` : name;
}

/** "upper place", "left place", "place 3": what tells a region from the others of its pair. */
function placeWord(regions: readonly SeenRegion[], index: number): string {
  if (regions.length !== 2) return `place ${index + 1}`;
  const [a, b] = [regions[index]!.at, regions[1 - index]!.at];
  const isBeside = Math.abs(a.x - b.x) > Math.abs(a.y - b.y);
  return isBeside ? (a.x < b.x ? 'left place' : 'right place') : a.y < b.y ? 'upper place' : 'lower place';
}
