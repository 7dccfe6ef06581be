// Checks that reference pictures are changed in commits of their own, whose message says why.
import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { ROOT } from './places.mjs';

const REFERENCES = /^(e2e\/references|packages\/render\/fixtures\/reference)\/.+\.png$/;
/** What else may go with them: words about them. */
const WORDS = /\.md$/;

if (!existsSync(`${ROOT}/.git`)) {
  console.log('No history is here: nothing was checked.');
  process.exit(0);
}
const git = (...args) => execFileSync('git', args, { cwd: ROOT, maxBuffer: 2 ** 28 }).toString();
/** The rule holds from the commit that brought it. */
const [since] = git('log', '--diff-filter=A', '--format=%H', '--', 'scripts/check-references.mjs').trim().split('\n');
const faults = [];
for (const text of since
  ? git('log', '--name-status', '--no-renames', '--format=%x00%h %s%n%b%x01', `${since}..HEAD`).split('\0').slice(1)
  : []) {
  const [message, names] = text.split('\x01');
  const files = names
    .trim()
    .split('\n')
    .filter(Boolean)
    .map((line) => line.split('\t'));
  // A new picture comes with what it shows.
  const changed = files.filter(([state, path]) => state === 'M' && REFERENCES.test(path));
  if (changed.length === 0) continue;
  const [title, ...reason] = message.trim().split('\n');
  const others = files.filter(([, path]) => !REFERENCES.test(path) && !WORDS.test(path));
  if (others.length > 0) faults.push(`${title}\n  changes reference pictures together with ${others[0][1]}`);
  if (reason.join('').trim() === '') faults.push(`${title}\n  changes reference pictures; its message must say why`);
}
if (faults.length > 0) {
  console.error(`${faults.join('\n')}\nSee "Reference pictures" in docs/contributing.md.`);
  process.exit(1);
}
