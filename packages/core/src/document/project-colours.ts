import type { Edit, ItemProperties, Operation } from './edit.js';
import { isByRole, type LiteralColour } from '../kinds/colour.js';
import type { Item } from './item.js';
import { changeItemOperation, changeProject, changeSheet } from './make-edit.js';
import type { Project } from './project.js';

/** A colour of a project and in how many places it is used. */
export interface UsedColour {
  /** #rrggbb. */
  readonly colour: LiteralColour;
  readonly places: number;
}

/** A colour: #rrggbb, with or without its alpha. Ids and names can not look like one, since they have no #. */
const COLOUR = /^#[0-9a-f]{6}([0-9a-f]{2})?$/;

/** All colours that sheets of a project show, the most used first; swatches do not count as used. Alpha is left aside. */
export function coloursUsed(project: Project): UsedColour[] {
  const counts = new Map<LiteralColour, number>();
  const count = (colour: LiteralColour): void => void counts.set(colour, (counts.get(colour) ?? 0) + 1);
  const visit = (value: unknown): void => {
    if (typeof value === 'string') {
      if (COLOUR.test(value)) count(value.slice(0, 7));
    } else if (typeof value === 'object' && value !== null) {
      if (isByRole(value)) return count(project.roles[value.role]);
      // What people wrote is no colour, whatever it looks like.
      for (const [key, inner] of Object.entries(value)) if (key !== 'name' && key !== 'text' && key !== 'hint') visit(inner);
    }
  };
  project.sheets.forEach(visit);
  return [...counts].map(([colour, places]) => ({ colour, places })).sort((a, b) => b.places - a.places);
}

/**
 * One edit that replaces a colour wherever a project shows it, among its swatches, and for its roles; alpha stays. Null where it is nowhere.
 * @param from - #rrggbb.
 */
export function replaceColour(project: Project, from: LiteralColour, to: LiteralColour): Edit | null {
  const replaced = <T>(value: T): T => replaceIn(value, from.slice(0, 7), to.slice(0, 7));
  const operations: Operation[] = project.sheets.flatMap((sheet) => {
    const { items, id: _id, name: _name, ...rest } = sheet;
    const after = changesOf(rest, replaced);
    const ofSheet = after ? changeSheet(sheet, after, '').operations : [];
    const visit = (item: Item): Operation[] => {
      if (item.type === 'group') {
        const { type: _type, id: _id, name: _name, items: inner, ...properties } = item;
        const changed = changesOf(properties, replaced) as ItemProperties | null;
        return [...(changed ? [changeItemOperation(sheet, item, changed)] : []), ...inner.flatMap(visit)];
      }
      const { type: _type, id: _id, name: _name, slot: _slot, ...properties } = item;
      const changed = changesOf(properties, replaced);
      return changed ? [changeItemOperation(sheet, item, changed)] : [];
    };
    return [...ofSheet, ...items.flatMap(visit)];
  });
  const swatches = [...new Set(replaced(project.swatches))];
  const hasSwatch = project.swatches.includes(from);
  const roles = replaced(project.roles);
  if (operations.length === 0 && !hasSwatch && roles === project.roles) return null;
  const name = `Replace colour ${from} by ${to}`;
  const kept = { ...(hasSwatch && { swatches }), ...(roles !== project.roles && { roles }) };
  const ofProject = Object.keys(kept).length > 0 ? changeProject(project, kept, name).operations : [];
  return { name, operations: [...operations, ...ofProject] };
}

/** The properties in which something was replaced; null when that is none. */
function changesOf<T extends object>(properties: T, replaced: <V>(value: V) => V): Partial<T> | null {
  const changed = Object.entries(properties).flatMap(([key, value]) => {
    const after: unknown = replaced(value);
    return after === value ? [] : [[key, after]];
  });
  return changed.length > 0 ? (Object.fromEntries(changed) as Partial<T>) : null;
}

/** The same value where the colour is not in it. */
function replaceIn<T>(value: T, from: LiteralColour, to: LiteralColour): T {
  if (typeof value === 'string') {
    return COLOUR.test(value) && value.startsWith(from) ? ((to + value.slice(7)) as T) : value;
  }
  if (typeof value !== 'object' || value === null) return value;
  if (Array.isArray(value)) {
    const after = value.map((inner: unknown) => replaceIn(inner, from, to));
    return after.some((inner, i) => inner !== value[i]) ? (after as T) : value;
  }
  const entries = Object.entries(value);
  const after = entries.map(([key, inner]): [string, unknown] => [key, key === 'text' ? inner : replaceIn(inner, from, to)]);
  return after.some(([, inner], i) => inner !== entries[i]![1]) ? (Object.fromEntries(after) as T) : value;
}
