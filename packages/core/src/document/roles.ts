import type { ColourRole, LiteralColour } from '../kinds/colour.js';
import type { FaceRole } from '../kinds/face-role.js';

/** What the roles of a project stand for: colours as #rrggbb, faces by their id. */
export type Roles = Readonly<Record<ColourRole, LiteralColour> & Record<FaceRole, string>>;

/** Those of a new project: the house palette and faces. */
export const STARTING_ROLES: Roles = {
  ...{ ground: '#fbf8f1', ink: '#20272a', accent: '#cf4a22', second: '#1d5a4c' },
  ...{ headline: 'alfa-slab-one', text: 'archivo', hand: 'pacifico' },
};
