import { check, CHECK_USAGE } from './check.js';
import { cutout, CUTOUT_USAGE } from './cutout.js';
import { EXIT, type ExitCode } from './exit-code.js';
import { exportSheets, EXPORT_USAGE } from './export.js';
import { importPictures, IMPORT_USAGE } from './import.js';
import { info, INFO_USAGE } from './info.js';
import { render, RENDER_USAGE } from './render.js';
import type { Says } from './says.js';
import { UsageError } from './usage-error.js';

export { terminalSays } from './says.js';

interface Command {
  readonly run: (args: readonly string[], says: Says) => Promise<ExitCode>;
  readonly usage: string;
}

/** Each throws UsageError for arguments that it does not know, and Error with a sentence for what can not be read or written. */
const COMMANDS: ReadonlyMap<string, Command> = new Map([
  ['export', { run: exportSheets, usage: EXPORT_USAGE }],
  ['render', { run: render, usage: RENDER_USAGE }],
  ['check', { run: check, usage: CHECK_USAGE }],
  ['import', { run: importPictures, usage: IMPORT_USAGE }],
  ['info', { run: info, usage: INFO_USAGE }],
  ['cutout', { run: cutout, usage: CUTOUT_USAGE }],
]);

const USAGE = `kadrosyn: works on project files and pictures without a server.

${[...COMMANDS.values()].map(({ usage }) => usage).join('\n\n')}

Ends with 0 when it is done, 1 when something could not be read or written, 2 when it was called in a way that it does not know.`;

const HELP = ['--help', '-h'];

/** Runs the command that the arguments name. */
export async function run(args: readonly string[], says: Says): Promise<ExitCode> {
  const [name, ...rest] = args;
  const command = COMMANDS.get(name ?? '');
  if (!command) {
    if (name === undefined || HELP.includes(name)) {
      says.log(USAGE);
      return name === undefined ? EXIT.usage : EXIT.done;
    }
    says.error(`There is no command "${name}".\n\n${USAGE}`);
    return EXIT.usage;
  }
  if (rest.some((arg) => HELP.includes(arg))) {
    says.log(command.usage);
    return EXIT.done;
  }
  try {
    return await command.run(rest, says);
  } catch (error) {
    if (error instanceof UsageError) {
      says.error(`${error.message}\n\n${command.usage}`);
      return EXIT.usage;
    }
    says.error(faultWords(error));
    return EXIT.failed;
  }
}

/** What the system says of files, in sentences. */
const FILE_FAULTS: Readonly<Record<string, (path: string) => string>> = {
  ENOENT: (path) => `${path} is not there.`,
  EISDIR: (path) => `${path} is a folder, not a file.`,
  ENOTDIR: (path) => `${path} is a file, not a folder.`,
  EEXIST: (path) => `${path} is there already, and no folder.`,
  EACCES: (path) => `${path} can not be opened: that is not permitted.`,
  ENOSPC: (path) => `There is no room left for ${path}. Nothing was changed.`,
};

function faultWords(error: unknown): string {
  if (!(error instanceof Error)) return String(error);
  const { code, path } = error as NodeJS.ErrnoException;
  const words = code === undefined ? undefined : FILE_FAULTS[code];
  return words?.(path ?? 'The file') ?? error.message;
}
