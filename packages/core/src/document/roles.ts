import type { ColourRole, LiteralColour } from '../kinds/colour.js';

/** What the roles of a project stand for. Colours are #rrggbb. */
export type Roles = Readonly<Record<ColourRole, LiteralColour>>;

/** Those of a new project: the house palette. */
export const STARTING_ROLES: Roles = { ground: '#fbf8f1', ink: '#20272a', accent: '#cf4a22', second: '#1d5a4c' };
