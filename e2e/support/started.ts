import { spawn, type ChildProcess } from 'node:child_process';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** A running ./start. */
export interface Started {
  readonly address: string;
  readonly process: ChildProcess;
  /** All that was printed so far. */
  output(): string;
  /** Ends it as Ctrl-C does; gives the exit code. */
  stop(): Promise<number | null>;
}

/** Runs ./start with a data folder of its own on a free port, and waits until it prints its address. */
export async function startApplication(
  dataFolder: string,
  args: readonly string[] = [],
  root = fileURLToPath(new URL('../..', import.meta.url)),
): Promise<Started> {
  const env = { LOG_LEVEL: 'info', ...process.env, KADROSYN_DATA: dataFolder, PORT: '0', HOST: '127.0.0.1' };
  const child = spawn(join(root, 'start'), args, { env, stdio: ['ignore', 'pipe', 'pipe'] });
  let output = '';
  const ended = new Promise<number | null>((resolve) => child.on('close', resolve));
  const address = await new Promise<string>((resolve, reject) => {
    const read = (chunk: Buffer): void => {
      output += chunk.toString();
      const found = /Kadrosyn is at (http:\S+)/.exec(output)?.[1];
      if (found) resolve(found);
    };
    child.stdout.on('data', read);
    child.stderr.on('data', read);
    void ended.then((code) => reject(new Error(`./start ended with ${code}:\n${output}`)));
  });
  return {
    address,
    process: child,
    output: () => output,
    async stop() {
      child.kill('SIGINT');
      return ended;
    },
  };
}
