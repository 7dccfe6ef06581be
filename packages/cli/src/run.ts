import { cutout, CUTOUT_USAGE } from './cutout.js';
import { EXIT, type ExitCode, type Says } from './exit-code.js';

const USAGE = `kadrosyn: works on pictures without a server.

${CUTOUT_USAGE}`;

/** Runs the command that the arguments name. */
export async function run(args: readonly string[], says: Says): Promise<ExitCode> {
  const [command, ...rest] = args;
  if (command === 'cutout') return cutout(rest, says);
  if (command === undefined || command === '--help' || command === '-h') {
    says.log(USAGE);
    return command === undefined ? EXIT.usage : EXIT.done;
  }
  says.error(`There is no command "${command}".\n\n${USAGE}`);
  return EXIT.usage;
}
