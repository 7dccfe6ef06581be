// Which parts of ./test a change can affect.

/** @typedef {{ parts: string[], journeys: string[] | null }} Affected `journeys` are files; null stands for all of them */

const ALL = ['static', 'scripts', 'core', 'render', 'server', 'web', 'e2e'];

/** The first that fits a path says which parts can come out otherwise. */
const RULES = [
  [/^docs\/(?!project\.schema\.json)|^README\.md$|\.md$/, ['static']],
  [/^\.gitignore$|^knip\.json$|^eslint\.config\.mjs$|^\.prettier|^\.dependency-cruiser\.cjs$/, ['static']],
  [/^bench\/|^scripts\/(bench|pictures|fuzz|dev|one)(\.mjs|\/)/, ['static', 'scripts']],
  [/^packages\/core\/.*\.test\.ts$|^packages\/core\/testing\//, ['static', 'core']],
  [/^packages\/(render|formats|cli)\/src\/.*\.test\.ts$|^packages\/cli\//, ['static', 'render']],
  [/^packages\/formats\//, ['static', 'render', 'server', 'e2e']],
  [/^packages\/contract\//, ['static', 'server', 'web', 'e2e']],
  [/^packages\/render\/(fixtures|testing)\//, ['static', 'render', 'e2e']],
  [/^packages\/render\//, ['static', 'render', 'server', 'web', 'e2e']],
  [/^packages\/core\//, ['static', 'core', 'render', 'server', 'web', 'e2e']],
  [/^apps\/server\/.*\.test\.ts$|^apps\/server\/testing\/|^apps\/library\/.*\.test\.ts$/, ['static', 'server']],
  [/^apps\/(server|library)\//, ['static', 'server', 'e2e']],
  [/^apps\/web\/.*\.spec\.ts$/, ['static', 'web']],
  [/^apps\/web\//, ['static', 'web', 'e2e']],
  [/^demo\//, ['static', 'core', 'render', 'server', 'e2e']],
  [/^e2e\//, ['static', 'e2e']],
];

/**
 * @param {string[]} paths - of files that were changed, added or removed
 * @returns {Affected} parts in their usual order; all of them for a path that no rule knows
 */
export function affectedBy(paths) {
  const parts = new Set();
  for (const path of paths) for (const part of RULES.find(([rule]) => rule.test(path))?.[1] ?? ALL) parts.add(part);
  return { parts: ALL.filter((part) => parts.has(part)), journeys: parts.has('e2e') ? journeysIn(paths) : [] };
}

/** When nothing but journeys was changed, only these have to run; what they share affects all. */
function journeysIn(paths) {
  const touching = paths.filter((path) => (RULES.find(([rule]) => rule.test(path))?.[1] ?? ALL).includes('e2e'));
  const isJourney = (path) => /^e2e\/[^/]+\.spec\.ts$/.test(path);
  return touching.every(isJourney) ? touching.map((path) => path.slice('e2e/'.length)) : null;
}
