import { fuzz } from '../../packages/render/testing/fuzz.js';

// node fuzz-cases.mjs CASES SEED prints how many of the documents have anything to see; a failure ends it with what was found.
const [cases, seed] = process.argv.slice(2).map(Number);
console.log(await fuzz(cases!, seed));
