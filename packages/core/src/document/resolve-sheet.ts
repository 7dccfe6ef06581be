import { colourOfRole, isByRole } from '../kinds/colour.js';
import type { Project, Sheet } from './project.js';
import type { Roles } from './roles.js';

declare const RESOLVED: unique symbol;

/**
 * A sheet as it is computed with: what stands for something else is replaced by what it stands for. Renderer, survey, checks, small pictures and
 * exports take nothing else. Parts of which nothing was replaced are those of the stored sheet, so that they are known again.
 */
export type ResolvedSheet = Sheet & { readonly [RESOLVED]: true };

/** A sheet as it is stored, of which edits are made, and as it is seen, which is looked at. */
export interface LookedAt {
  readonly sheet: Sheet;
  readonly resolved: ResolvedSheet;
}

/** What was resolved, by the roles it was resolved for; documents are never changed in place. */
const known = new WeakMap<Roles, WeakMap<object, object>>();

/** A sheet of a project as it is computed with; null where there is none of that id. */
export function resolveSheet({ sheets, roles }: Pick<Project, 'sheets' | 'roles'>, sheetId: string): ResolvedSheet | null {
  const sheet = sheets.find(({ id }) => id === sheetId);
  return sheet ? resolvedFor(sheet, roles) : null;
}

/** Any part of a project, resolved for its roles. What has nothing to resolve is returned as it is. */
export function resolvedFor(sheet: Sheet, roles: Roles): ResolvedSheet;
export function resolvedFor<T extends object>(part: T, roles: Roles): T;
export function resolvedFor(part: object, roles: Roles): object {
  let done = known.get(roles);
  if (!done) known.set(roles, (done = new WeakMap()));
  return resolved(part, roles, done);
}

function resolved(part: object, roles: Roles, done: WeakMap<object, object>): object {
  const before = done.get(part);
  if (before) return before;
  const after = withParts(part, (inner) => {
    if (typeof inner !== 'object' || inner === null) return inner;
    return isByRole(inner) ? colourOfRole(inner, roles) : resolved(inner, roles, done);
  });
  done.set(part, after);
  return after;
}

/** The same object where each of its values stays as it is. */
function withParts(part: object, change: (value: unknown) => unknown): object {
  if (Array.isArray(part)) {
    const list: readonly unknown[] = part;
    const changed = list.map(change);
    return changed.some((value, index) => value !== list[index]) ? changed : list;
  }
  let after: Record<string, unknown> | null = null;
  for (const [key, value] of Object.entries(part)) {
    const changed = change(value);
    if (changed !== value) (after ??= { ...part })[key] = changed;
  }
  return after ?? part;
}
