import type { Edit } from '../document/edit.js';
import type { LiteralColour, PhotoFill, Placement } from '../document/fill.js';
import type { Opening } from '../document/item.js';
import { changeItem, insertItem, placeOf } from '../document/make-edit.js';
import { newShapedOpening } from '../document/new-opening.js';
import { luminanceOf } from '../finish/contrast.js';
import { changeOpening } from '../fit/register.js';
import { placedPhoto, placePhoto, type GripContext } from '../fit/grip.js';
import { letteringProperties } from '../fit/lettering-properties.js';
import { openingPolygons } from '../fit/opening-fit.js';
import { polygonBounds } from '../geometry/polygon.js';
import { transformBounds } from '../geometry/bounds.js';
import { boxMatrix } from '../geometry/box.js';
import type { FaceAxes } from '../lettering/faces.js';
import { withAxis } from '../lettering/fill-box.js';
import { scaled } from '../lettering/scaled.js';
import { measureLettering } from '../lettering/lettering-path.js';
import type { Readability } from './edge-contrast.js';
import { proposeColour } from './propose-colour.js';

/** Something that may make a word easier to read. What it brings is found by measuring it. */
export interface Remedy {
  readonly id: 'outline' | 'shade' | 'darken' | 'lighten' | 'colour' | 'ground' | 'heavier' | 'wider' | 'move';
  readonly name: string;
  readonly edit: Edit;
}

export interface RemedyContext extends GripContext {
  /** The word as it is, and how it was measured. */
  readonly word: Opening;
  readonly measured: Readability;
  /** Colours of the photo in the word or behind it. */
  readonly palette: readonly LiteralColour[];
  readonly axesOf: (face: string) => FaceAxes;
  /** px of the sheet to one px as it is looked at. */
  readonly seenPx: number;
}

/** What can be done for a word, in the order in which it is offered. There are several of some kinds: the best of each is shown. */
export function remediesFor(context: RemedyContext): Remedy[] {
  return [
    outlineRemedy(context),
    ...shadeRemedies(context),
    ...toneRemedies(context),
    ...colourRemedies(context),
    groundRemedy(context),
    ...axisRemedies(context),
    ...moveRemedies(context),
  ];
}

function finishRemedy(
  { sheet, word }: RemedyContext,
  id: Remedy['id'],
  name: string,
  finish: Partial<Opening['finish']>,
): Remedy {
  return { id, name, edit: changeItem(sheet, word, { finish: { ...word.finish, ...finish } }, `${name}: ${word.name}`) };
}

function outlineRemedy(context: RemedyContext): Remedy {
  const { word, measured, palette, seenPx } = context;
  const paint = proposeColour(measured.samples, palette, 'either');
  const width = round(Math.max(1.6 * seenPx, letterSize(word) * 0.035));
  return finishRemedy(context, 'outline', 'Outline', { outline: { align: 'outside', width, join: 'round', paint } });
}

/** Dark letters are shaded lighter and light ones darker only where that takes them away from what is around them. */
function shadeRemedies(context: RemedyContext): Remedy[] {
  const { word, measured } = context;
  const colour = meanLuminance(measured, 'outside') > 0.18 ? '#0d1112' : '#fdfbf6';
  const blur = round(letterSize(word) * 0.16);
  return [finishRemedy(context, 'shade', 'Shade inside', { innerShade: { colour, blur, strength: 0.85 } })];
}

function toneRemedies({ sheet, word, measured }: RemedyContext): Remedy[] {
  const { fill } = word;
  if (fill.type !== 'photo') return [];
  const darkens = meanLuminance(measured, 'outside') > 0.18;
  const amounts = darkens ? [-0.5, -0.9] : [0.5, 0.9];
  const name = darkens ? 'Darken the photo' : 'Lighten the photo';
  return amounts.map((brightness) => {
    const after: PhotoFill = { ...fill, tone: { ...fill.tone, brightness } };
    return {
      id: darkens ? 'darken' : 'lighten',
      name,
      edit: changeItem(sheet, word, { fill: after }, `${name}: ${word.name}`),
    } as const;
  });
}

function colourRemedies({ sheet, word, measured, palette }: RemedyContext): Remedy[] {
  if (word.fill.type !== 'colour') return [];
  const colour = proposeColour(measured.samples, palette, 'outside');
  const now = word.fill.colour;
  if (typeof now === 'string' && colour === now.slice(0, 7)) return [];
  const name = 'Another colour';
  return [{ id: 'colour', name, edit: changeItem(sheet, word, { fill: { type: 'colour', colour } }, `${name}: ${word.name}`) }];
}

/** A plain panel directly below the word. */
function groundRemedy({ sheet, word, measured, palette, shaper }: RemedyContext): Remedy {
  const colour = proposeColour(measured.samples, palette, 'inside');
  const bounds = transformBounds(boxMatrix({ ...word.box, turn: 0 }), polygonBounds(openingPolygons(word, shaper)));
  const room = letterSize(word) * 0.22;
  const panel: Opening = {
    ...newShapedOpening(
      `Ground of ${word.name}`,
      {
        type: 'rectangle',
        radii: [room, room, room, room].map((radius) => round(radius / 3)) as [number, number, number, number],
      },
      { x: bounds.x + bounds.width / 2, y: bounds.y + bounds.height / 2 },
      bounds.width + 2 * room,
      bounds.height + 2 * room,
    ),
    fill: { type: 'colour', colour },
  };
  const turned: Opening = { ...panel, box: { ...panel.box, turn: word.box.turn } };
  const name = 'Plain ground behind';
  return { id: 'ground', name, edit: insertItem(sheet, turned, `${name}: ${word.name}`, placeOf(sheet, word.id)) };
}

/** The weight, and the width, of a face that has them, as far as they go. The word becomes no wider: its size gives way. */
function axisRemedies(context: RemedyContext): Remedy[] {
  const { sheet, word, shaper, axesOf } = context;
  const { outline } = word;
  if (outline.type !== 'lettering') return [];
  const heavier = { tag: 'wght', id: 'heavier', name: 'Heavier letters' } as const;
  const wider = { tag: 'wdth', id: 'wider', name: 'Wider letters' } as const;
  return [heavier, wider].flatMap(({ tag, id, name }) => {
    const isAtEnd = outline.runs.every(({ face, axes }) => {
      const axis = axesOf(face)[tag];
      return !axis || (axes[tag] ?? axis.default) >= axis.max;
    });
    if (isAtEnd) return [];
    const full = withAxis(outline, tag, 1, axesOf);
    const factor = measureLettering(outline, shaper).width / measureLettering(full, shaper).width;
    const after = letteringProperties(context, word, scaled(full, Math.min(1, factor)));
    return [{ id, name, edit: changeOpening(sheet, word, after, `${name}: ${word.name}`) }];
  });
}

/** Shares of the word's box by which its photo is moved. */
const MOVES: readonly (readonly [number, number])[] = [
  [0.2, 0],
  [-0.2, 0],
  [0, 0.5],
  [0, -0.5],
  [0.4, 0.5],
  [-0.4, -0.5],
];

/** The photo in the word elsewhere; where it can not move, nothing. */
function moveRemedies(context: RemedyContext): Remedy[] {
  const { sheet, word } = context;
  const placed = placedPhoto(word, context);
  if (!placed) return [];
  const { width, height } = word.box;
  const name = 'Move the photo';
  const tried: Placement[] = [];
  return MOVES.flatMap(([x, y]) => {
    const wanted = { ...placed.placement, x: placed.placement.x + x * width, y: placed.placement.y + y * height };
    const after = placePhoto(word, wanted, context);
    const moved = placedPhoto({ ...word, ...after } as Opening, context)?.placement;
    const isNew = moved && [placed.placement, ...tried].every((other) => Math.hypot(other.x - moved.x, other.y - moved.y) > 1);
    if (!isNew) return [];
    tried.push(moved);
    return [{ id: 'move', name, edit: changeOpening(sheet, word, after, `${name}: ${word.name}`) } as const];
  });
}

/** The size of the largest letters, px of the sheet. */
function letterSize({ outline, box }: Opening): number {
  return outline.type === 'lettering' ? Math.max(...outline.runs.map(({ size }) => size)) : box.height;
}

function meanLuminance({ samples }: Readability, side: 'inside' | 'outside'): number {
  const whole = samples.reduce((sum, { length }) => sum + length, 0) || 1;
  return samples.reduce((sum, sample) => sum + luminanceOf(sample[side]) * sample.length, 0) / whole;
}

function round(px: number): number {
  return Math.max(0.1, Math.round(px * 10) / 10);
}
