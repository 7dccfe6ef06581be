import type { ColourRole } from '@kadrosyn/core';

/** What people read for a role. */
export const ROLE_NAMES: Readonly<Record<ColourRole, string>> = {
  ground: 'Ground',
  ink: 'Ink',
  accent: 'Accent',
  second: 'Second',
};
