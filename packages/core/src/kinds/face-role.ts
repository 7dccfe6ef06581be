/**
 * What a face can be for: the project says which one that is. A run that follows a role has the face itself as well, since its box is measured
 * with it: giving the role another face is an edit of all that follow it (fit/role-face).
 */
export const FACE_ROLES = ['headline', 'text', 'hand'] as const;
export type FaceRole = (typeof FACE_ROLES)[number];
