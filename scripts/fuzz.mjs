// npm run fuzz: tries very many documents; see HELP.
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { buildAssets } from './build.mjs';
import { bundleAgainst } from './bundle.mjs';
import { main, phase, Stop } from './console.mjs';
import { installPackages } from './packages.mjs';
import { ROOT } from './places.mjs';
import { run } from './run-command.mjs';

/** So many documents a process makes: what one leaves behind in memory goes with it. */
const BATCH = 5000;

const HELP = `Usage: npm run fuzz [-- [--cases N] [--seed SEED]]

Makes documents of every kind of thing and checks that each can be saved, opened, drawn, undone, done again and copied
into another project, and is the same. They are made in processes of ${BATCH} each, one after another; a failure names the seed
that makes it again.

  --cases N     so many (100000)
  --seed SEED   of the first process, a whole number; the next ones count on from it (another one every time)
`;

main(async () => {
  const { values } = parseArgs({
    options: {
      cases: { type: 'string', default: '100000' },
      seed: { type: 'string', default: String(Date.now() % 2 ** 31) },
      help: { type: 'boolean', short: 'h' },
    },
  });
  if (values.help) return void process.stdout.write(HELP);
  const [cases, first] = [Number(values.cases), Number(values.seed)];
  if (!Number.isInteger(cases) || cases < 1 || !Number.isInteger(first)) throw new Stop(HELP);
  await phase('Packages', installPackages);
  await phase('Assets', buildAssets);
  const folder = join(ROOT, 'build/fuzz');
  mkdirSync(folder, { recursive: true });
  const program = join(folder, 'fuzz-cases.mjs');
  await bundleAgainst(ROOT, join(ROOT, 'scripts/fuzz/fuzz-cases.ts'), program);
  for (let done = 0, seed = first; done < cases; seed++) {
    const count = Math.min(BATCH, cases - done);
    const from = performance.now();
    const output = await run('node', [program, String(count), String(seed)], { cwd: ROOT });
    done += count;
    const seconds = ((performance.now() - from) / 1000).toFixed(0);
    console.log(`fuzz.cases ${done} cases (seed ${seed}, ${output.trim()} with something to see, ${seconds} s)`);
  }
});
