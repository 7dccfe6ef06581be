import { isRaw, type Migration, type Raw } from './migration.js';

/** Version 4 knows several effects for one photo: the one that there was becomes the first of a list. */
export const listOfEffects: Migration = {
  from: 3,
  document: (document) => {
    const visit = (value: unknown): unknown => {
      if (Array.isArray(value)) return value.map(visit);
      if (!isRaw(value)) return value;
      const { effect, ...rest } = Object.fromEntries(Object.entries(value).map(([key, inner]) => [key, visit(inner)]));
      if (effect === undefined) return rest;
      return rest['type'] === 'photo' ? { ...rest, effects: [effect] } : { ...rest, effect };
    };
    return visit(document) as Raw;
  },
};
