// npm run bench: runs the benchmarks; see HELP.
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { isMet, lineOf, mediansOf, readRun } from './bench/figures.mjs';
import { pageOf } from './bench/page.mjs';
import { build } from './build.mjs';
import { bundleForNode } from './bundle.mjs';
import { main, Stop } from './console.mjs';
import { ROOT } from './places.mjs';
import { run } from './run-command.mjs';

const HELP = `Usage: npm run bench [-- [--missed] [--runs N] [--write] NAME...]

Runs the benchmarks (all, or those named) and prints \`name value unit\`, with \` bar met|MISSED\` where there is a bar.
Each is run several times and the medians count; what a figure is compared with is measured in the same run.

  --missed   print only what misses its bar; the exit code is 1 when there is anything
  --runs N   so many runs (3)
  --write    put what was measured into docs/performance.md
`;

main(async () => {
  const { values, positionals } = readOptions();
  if (values.help) return void process.stdout.write(HELP);
  const runs = Number(values.runs);
  if (!Number.isInteger(runs) || runs < 1) throw new Stop(`--runs takes a whole number from 1.\n\n${HELP}`);
  const names = readdirSync(join(ROOT, 'bench')).flatMap((file) => /^(.+)\.bench\.ts$/.exec(file)?.[1] ?? []);
  const wrong = positionals.find((name) => !names.includes(name));
  if (wrong) throw new Stop(`There is no benchmark "${wrong}"; there are ${names.join(', ')}.`);
  await build();
  const measured = new Map();
  for (const name of names) {
    if (positionals.length > 0 && !positionals.includes(name)) continue;
    const result = await measure(name, runs);
    measured.set(name, result);
    const shown = values.missed ? result.figures.filter((figure) => isMet(figure) === false) : result.figures;
    if (!values.missed) for (const line of result.details) console.log(line);
    for (const figure of shown) console.log(lineOf(figure));
    if (values.missed && shown.length > 0) process.exitCode = 1;
  }
  if (!values.write) return;
  const file = join(ROOT, 'docs/performance.md');
  writeFileSync(file, pageOf(existsSync(file) ? readFileSync(file, 'utf8') : '', measured, names));
});

function readOptions() {
  try {
    return parseArgs({
      allowPositionals: true,
      options: {
        missed: { type: 'boolean' },
        runs: { type: 'string', default: '3' },
        write: { type: 'boolean' },
        help: { type: 'boolean', short: 'h' },
      },
    });
  } catch (error) {
    throw new Stop(`${error.message}\n\n${HELP}`);
  }
}

/** Runs one benchmark as often as is wanted. @throws Stop when a run fails or prints no figure. */
async function measure(name, wanted) {
  const target = join(ROOT, 'build/bench');
  mkdirSync(target, { recursive: true });
  const file = join(target, `${name}.mjs`);
  await bundleForNode(join(ROOT, `bench/${name}.bench.ts`), file);
  const runs = [];
  do {
    runs.push(readRun(await run('node', [file], { cwd: ROOT })));
    if (runs[0].figures.length === 0) throw new Stop(`The benchmark ${name} printed no figure.`);
  } while (!runs[0].once && runs.length < wanted);
  return { about: runs[0].about, details: runs[0].details, figures: mediansOf(runs) };
}
