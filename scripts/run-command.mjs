import { spawn } from 'node:child_process';
import { Stop } from './console.mjs';

/** Runs a command to its end. Its output is kept back and shown only when it fails. Gives what it printed. */
export function run(command, args, options = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, { stdio: ['ignore', 'pipe', 'pipe'], ...options });
    const chunks = [];
    child.stdout.on('data', (chunk) => chunks.push(chunk));
    child.stderr.on('data', (chunk) => chunks.push(chunk));
    child.on('error', (error) => reject(new Stop(`${command}: ${error.message}`)));
    child.on('close', (code, signal) => {
      const output = Buffer.concat(chunks).toString();
      if (code === 0) resolve(output);
      else reject(new Stop(`${output}\n${command} ${args.join(' ')} ended with ${signal ?? `code ${code}`}`));
    });
  });
}
