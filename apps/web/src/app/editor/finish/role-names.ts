import type { ColourRole, FaceRole } from '@kadrosyn/core';

/** What people read for a role. */
export const ROLE_NAMES: Readonly<Record<ColourRole, string>> = {
  ground: 'Ground',
  ink: 'Ink',
  accent: 'Accent',
  second: 'Second',
};

export const FACE_ROLE_NAMES: Readonly<Record<FaceRole, string>> = { headline: 'Headline', text: 'Text', hand: 'Handwriting' };
