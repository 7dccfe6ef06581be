// How the commands speak: one line for each phase, with its time.

/** Runs `work`, printing its name and how long it took. `work` may return a remark that is printed behind. */
export async function phase(name, work) {
  const from = performance.now();
  process.stdout.write(`  ${name.padEnd(30)}`);
  try {
    const remark = await work();
    const seconds = ((performance.now() - from) / 1000).toFixed(1);
    process.stdout.write(`${seconds.padStart(6)} s${typeof remark === 'string' ? `  ${remark}` : ''}\n`);
  } catch (error) {
    process.stdout.write('  failed\n');
    throw error;
  }
}

/** Ends the command with a sentence instead of a stack. */
export class Stop extends Error {}

/** Runs an async main function; expected failures are printed as a sentence. */
export function main(run) {
  run().catch((error) => {
    process.stderr.write(`\n${error instanceof Stop ? error.message : (error?.stack ?? error)}\n`);
    process.exit(1);
  });
}
