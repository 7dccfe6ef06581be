// npm run keep-version: to be run before the format changes; see HELP.
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { buildAssets, buildPackages } from './build.mjs';
import { bundleForNode } from './bundle.mjs';
import { main, phase } from './console.mjs';
import { installPackages } from './packages.mjs';
import { ROOT } from './places.mjs';
import { run } from './run-command.mjs';

const HELP = `Usage: npm run keep-version

Writes what the application writes now into packages/core/fixtures/versions: its samples and templates, and journals of
random edits. Draws small pictures of the documents of all versions into packages/render/fixtures/versions. Tests open and
draw them from then on.
`;

main(async () => {
  const { values } = parseArgs({ options: { help: { type: 'boolean', short: 'h' } } });
  if (values.help) return void process.stdout.write(HELP);
  await phase('Packages', installPackages);
  await phase('Assets', buildAssets);
  await phase('Libraries', buildPackages);
  const program = join(ROOT, 'build/pictures/keep-version.mjs');
  await bundleForNode(join(ROOT, 'scripts/pictures/keep-version.ts'), program);
  await run('node', [program, ROOT, join(ROOT, 'build/faces')], { cwd: ROOT });
});
