#!/usr/bin/env node
import { existsSync } from 'node:fs';

const built = new URL('../dist/run.js', import.meta.url);
if (!existsSync(built)) {
  console.error('kadrosyn is not built yet. Run ./start or ./test once, then try again.');
  process.exitCode = 2;
} else {
  const { run, terminalSays } = await import(built.href);
  process.exitCode = await run(process.argv.slice(2), terminalSays(process.stdout, process.stderr));
}
