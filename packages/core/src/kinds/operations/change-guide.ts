import type { Guide } from '../../document/project.js';
import { changeEntry, type ChangeEntry, type Collection } from './kept-entry.js';
import { nameOf } from './operation-kind.js';

export type ChangeGuide = ChangeEntry<'change-guide', Guide>;

export const GUIDES: Collection<Guide> = {
  list: ({ guides }) => guides,
  with: (sheet, guides) => ({ ...sheet, guides }),
  keyOf: ({ id }) => id,
  name: nameOf.guide,
  needs: () => [],
  word: 'guide',
};

export const changeGuide = changeEntry('change-guide', GUIDES);
