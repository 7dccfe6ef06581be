import fc from 'fast-check';

// Property tests try the same values in every run, so that a change is judged by what it changed.
// `PROPERTY_SEED=random npx vitest` tries others; a number repeats the run that printed it.
const asked = process.env['PROPERTY_SEED'];
if (asked !== 'random') fc.configureGlobal({ seed: Number(asked ?? 20_261_125) });
