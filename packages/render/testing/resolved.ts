import { resolvedIn, STARTING_ROLES, type ResolvedSheet, type Sheet } from '@kadrosyn/core';

/** A sheet as it is drawn in a new project. */
export function resolved(sheet: Sheet): ResolvedSheet {
  return resolvedIn({ sheets: [sheet], roles: STARTING_ROLES, photos: {} }, sheet);
}
