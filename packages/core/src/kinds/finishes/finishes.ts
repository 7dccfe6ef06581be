import { Object as ObjectPart, Optional, type TObject } from 'typebox';
import type { Shadow } from '../../document/finish.js';
import type { FinishKind, FinishThatLies, Lies, Shade } from './finish-kind.js';
import { innerShade } from './inner-shade.js';
import { blend, opacity } from './mixing.js';
import { outline } from './outline.js';
import { rim } from './rim.js';
import { shadow } from './shadow.js';
import { style } from './style.js';

/** Every part of a finish, in the order in which they are offered and drawn. */
export const FINISHES = { outline, rim, shadow, innerShade, opacity, blend, style } as const;

export type FinishName = keyof typeof FINISHES;
const NAMES = Object.keys(FINISHES) as FinishName[];
type FinishOf<K extends FinishName> = NonNullable<(typeof FINISHES)[K]['value']>;
/** What is around, in and under an item, and how it is laid down. Lengths in px of the sheet. */
export type Finish = { readonly [K in FinishName]?: FinishOf<K> };

/** Those that the renderer has to know how to draw. */
export type FormFinish = { [K in FinishName]: (typeof FINISHES)[K]['lies'] extends 'form' ? K : never }[FinishName];

/** The schema of a finish. @param ofGroup - of what a group has of one besides strength and blending. */
export function finishSchema(ofGroup = false): TObject {
  const parts = Object.entries(FINISHES).filter(([, { forGroups, lies }]) => !ofGroup || (forGroups && lies !== 'laid'));
  const properties = Object.fromEntries(parts.map(([name, { schema }]) => [name, Optional(schema)]));
  return ObjectPart(properties, { additionalProperties: false });
}

interface Part {
  readonly name: FinishName;
  readonly kind: FinishKind<unknown>;
  readonly value: unknown;
}

/** Finishes are never changed in place, and every frame asks for their parts many times: they are taken apart once. */
const known = new WeakMap<Finish, readonly Part[]>();

/** The parts that a finish has, of those that lie somewhere. */
function partsOf(finish: Finish, lies?: readonly Lies[]): readonly Part[] {
  let parts = known.get(finish);
  if (!parts) {
    // Each kind takes its own values only, and is found by their name.
    parts = NAMES.filter((name) => finish[name] !== undefined).map((name) => ({
      name,
      kind: FINISHES[name] as FinishKind<unknown>,
      value: finish[name],
    }));
    known.set(finish, parts);
  }
  return lies ? parts.filter(({ kind }) => lies.includes(kind.lies)) : parts;
}

/** The parts of a finish that lie somewhere, and no others. */
export function finishWhere(finish: Finish, ...lies: readonly Lies[]): Finish {
  return Object.fromEntries(partsOf(finish, lies).map(({ name, value }) => [name, value]));
}

/** Whether a finish has a part that lies somewhere. */
export function hasFinish(finish: Finish, ...lies: readonly Lies[]): boolean {
  return partsOf(finish, lies).length > 0;
}

/** A finish whose lengths are so many times as long. */
export function scaledFinish(finish: Finish, factor: number): Finish {
  const scaled = partsOf(finish).map(({ name, kind, value }) => [name, kind.scaled?.(value, factor) ?? value] as const);
  return Object.fromEntries(scaled);
}

function furthest(finish: Finish, lies: readonly Lies[], how: (kind: FinishKind<unknown>, value: unknown) => number): number {
  return Math.max(0, ...partsOf(finish, lies).map(({ kind, value }) => how(kind, value)));
}

/** How far an item's form reaches beyond its edge, px of the sheet. */
function formReach(finish: Finish): number {
  return furthest(finish, ['form'], (kind, value) => kind.outwards?.(value) ?? 0);
}

/** How far a finish is painted beyond the edge, px of the sheet. @param withBelow - what lies below the item is counted as well. */
export function finishReach(finish: Finish, withBelow: boolean): number {
  const form = furthest(finish, ['form'], (kind, value) => (kind.outwards?.(value) ?? 0) + (kind.around?.(value) ?? 0));
  if (!withBelow || !hasFinish(finish, 'below')) return form;
  return Math.max(form, formReach(finish) + belowReach(finish));
}

/** How far around each px what lies inside looks, px of the sheet. */
export function insideReach(finish: Finish): number {
  return furthest(finish, ['inside'], (kind, value) => kind.around?.(value) ?? 0);
}

/** How deep a finish reaches into the item, px of the sheet. */
export function finishBand(finish: Finish): number {
  const inwards = (kind: FinishKind<unknown>, value: unknown): number => kind.inwards?.(value) ?? 0;
  const frame = furthest(finish, ['form'], (kind, value) => (kind.isFrame ? inwards(kind, value) : 0));
  return Math.max(furthest(finish, ['form'], inwards), frame + insideReach(finish));
}

/** What falls on what lies below, the lowest first, each under the name of its part. */
export function shadowsOf(finish: Finish): readonly { readonly name: FinishName; readonly shadow: Shadow }[] {
  return partsOf(finish, ['below']).map(({ name, kind, value }) => ({
    name,
    shadow: (kind as FinishThatLies<unknown, 'below'>).cast(value),
  }));
}

/** What darkens the inner edge, the lowest first, each under the name of its part. */
export function shadesOf(finish: Finish): readonly { readonly name: FinishName; readonly shade: Shade }[] {
  return partsOf(finish, ['inside']).map(({ name, kind, value }) => ({
    name,
    shade: (kind as FinishThatLies<unknown, 'inside'>).shade(value),
  }));
}

/** How far beyond itself a finish falls on what lies below, px of the sheet. */
export function belowReach(finish: Finish): number {
  return furthest(finish, ['below'], (kind, value) => kind.around?.(value) ?? 0);
}

/** The parts that say by their kind what of them can be changed in the panel. */
export function finishesWithPanel(): readonly FinishName[] {
  return NAMES.filter((name) => (FINISHES[name] as FinishKind<unknown>).panel !== undefined);
}

/** What of a finish a group can have. */
export function finishOfGroup(finish: Finish): Finish {
  return Object.fromEntries(
    partsOf(finish)
      .filter(({ kind }) => kind.forGroups)
      .map(({ name, value }) => [name, value]),
  );
}
