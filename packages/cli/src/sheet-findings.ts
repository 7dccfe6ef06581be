import {
  breakoutFindings,
  hardToRead,
  isHidden,
  openingsOf,
  seenScale,
  usualLooking,
  type Crossing,
  type Opening,
  type Point,
  type Project,
  type ResolvedSheet,
} from '@kadrosyn/core';
import { measureWord, surveyItem, type RenderResources } from '@kadrosyn/render';

/** Something that would look wrong on a sheet. */
export interface SheetFinding {
  readonly check: string;
  /** What it is called. */
  readonly item: string;
  readonly words: string;
  /** px of the sheet; null where it is everywhere. */
  readonly at: Point | null;
}

/** All that would look wrong on a sheet, as the editor says it of an item that is selected: samples, words that are hard to read, what breaks out and crosses. */
export function sheetFindings(project: Project, sheet: ResolvedSheet, resources: RenderResources): readonly SheetFinding[] {
  return [...openingsOf(sheet.items, isHidden)].flatMap((opening) => [
    ...sampleFindings(opening),
    ...wordFindings(project, sheet, opening, resources),
    ...outFindings(sheet, opening, resources),
  ]);
}

function sampleFindings({ name, slot }: Opening): readonly SheetFinding[] {
  return slot?.sample === true ? [{ check: 'sample', item: name, words: 'It shows a sample still.', at: null }] : [];
}

function wordFindings(
  project: Project,
  sheet: ResolvedSheet,
  opening: Opening,
  resources: RenderResources,
): readonly SheetFinding[] {
  const measured = measureWord(sheet, opening, seenScale(sheet, usualLooking(sheet, project.unit)), resources);
  if (!measured) return [];
  const { area, scale } = measured.edges;
  const onSheet = ({ x, y }: Point): Point => ({ x: (x + area.x) / scale, y: (y + area.y) / scale });
  return hardToRead.find({ measured, onSheet }).map(({ words, at }) => ({ check: hardToRead.id, item: opening.name, words, at }));
}

/** Crossings are looked at that somebody has chosen, each with the item that lies lower. */
function outFindings(sheet: ResolvedSheet, opening: Opening, resources: RenderResources): readonly SheetFinding[] {
  const pairs = sheet.crossings.filter(({ lower }) => lower.itemId === opening.id);
  if (!opening.overhangs && pairs.length === 0) return [];
  const { overhang, crossings } = surveyItem(sheet, opening.id, pairs, resources);
  const nameOf = ({ upper }: Crossing): string =>
    [...openingsOf(sheet.items)].find(({ id }) => id === upper.itemId)?.name ?? 'another item';
  const seen = { sheet, overhang, crossings: crossings.flatMap((crossing) => crossing ?? []), nameOf };
  return breakoutFindings(seen).map(({ check, words, at }) => ({ check, item: opening.name, words, at }));
}
