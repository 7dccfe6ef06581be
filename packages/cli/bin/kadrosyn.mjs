#!/usr/bin/env node
import { existsSync } from 'node:fs';

const built = new URL('../dist/run.js', import.meta.url);
if (!existsSync(built)) {
  console.error('kadrosyn is not built yet. Run ./start or ./test once, then try again.');
  process.exitCode = 2;
} else {
  // Whoever reads along may have heard enough, as `head` has: what was asked for is still done.
  for (const stream of [process.stdout, process.stderr])
    stream.on('error', (error) => {
      if (error.code !== 'EPIPE') throw error;
    });
  const { run, terminalSays } = await import(built.href);
  process.exitCode = await run(process.argv.slice(2), terminalSays(process.stdout, process.stderr));
}
