import type { Migration } from './migration.js';

/** Version 6 knows colours by their role, and what each role stands for: nothing had one before. */
export const coloursByRole: Migration = {
  from: 5,
  document: (document) => ({
    ...document,
    roles: { ground: '#fbf8f1', ink: '#20272a', accent: '#cf4a22', second: '#1d5a4c' },
  }),
  edits: (_before, edits) => edits,
  // They mean what they meant, whatever they were made of.
  before: (document) => document,
};
