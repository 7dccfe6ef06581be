// npm run pictures: what a change does to the pictures; see HELP.
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { buildAssets } from './build.mjs';
import { bundleAgainst } from './bundle.mjs';
import { main, phase, Stop } from './console.mjs';
import { installPackages } from './packages.mjs';
import { ROOT } from './places.mjs';
import { run } from './run-command.mjs';

const HELP = `Usage: npm run pictures -- [--against REV]

Draws all samples, templates and hard pictures twice, from the sources at hand and from those of a commit, and compares
them to the bit. The exit code is 1 when any differs; build/pictures/differences.png then shows which, and where.

  --against REV   the commit to compare with (HEAD: what has not been committed)
`;

main(async () => {
  const { values } = parseArgs({
    options: { against: { type: 'string', default: 'HEAD' }, help: { type: 'boolean', short: 'h' } },
  });
  if (values.help) return void process.stdout.write(HELP);
  const commit = commitOf(values.against);
  await phase('Packages', installPackages);
  await phase('Assets', buildAssets);
  const folder = join(ROOT, 'build/pictures');
  const [before, after] = [join(folder, 'before'), join(folder, 'after')];
  for (const old of [before, after, join(folder, 'tree'), join(folder, 'differences.png')])
    rmSync(old, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  await phase(`As at ${commit.slice(0, 9)}`, async () => drawFrom(await unpacked(commit, folder), 'before', before));
  await phase('As they are', () => drawFrom(ROOT, 'after', after));
  rmSync(join(folder, 'tree'), { recursive: true, force: true });
  const { compareFolders } = await import('./pictures/compare.mjs');
  const { same, differences } = await compareFolders(before, after);
  for (const { path, kind, count, most } of differences) {
    console.log(kind === 'differs' ? `${path}: ${count} px differ, by at most ${most} of 255` : `${path}: ${kind}`);
  }
  console.log(`\n${same} are the same, ${differences.length} differ`);
  if (differences.length === 0) return;
  const { contactSheet } = await import('./pictures/contact-sheet.mjs');
  writeFileSync(join(folder, 'differences.png'), await contactSheet(before, after, differences));
  console.log('They are shown in build/pictures/differences.png');
  process.exitCode = 1;
});

function commitOf(revision) {
  try {
    return execFileSync('git', ['rev-parse', '--verify', '--quiet', `${revision}^{commit}`], { cwd: ROOT })
      .toString()
      .trim();
  } catch {
    throw new Stop(`There is no commit "${revision}".`);
  }
}

/** The files of a commit in a folder of their own. */
async function unpacked(commit, folder) {
  const tree = join(folder, 'tree');
  mkdirSync(tree);
  const archive = join(folder, 'tree.tar');
  await run('git', ['archive', '--output', archive, commit, 'packages', 'demo'], { cwd: ROOT });
  await run('tar', ['-xf', archive, '-C', tree]);
  rmSync(archive);
  return tree;
}

async function drawFrom(tree, name, folder) {
  // Beside node_modules, so that packages are found.
  const program = join(ROOT, `build/pictures/draw-${name}.mjs`);
  await bundleAgainst(tree, join(ROOT, 'scripts/pictures/draw.ts'), program);
  if (!existsSync(folder)) mkdirSync(folder);
  await run('node', [program, folder, join(ROOT, 'build/faces')], { cwd: ROOT });
}
