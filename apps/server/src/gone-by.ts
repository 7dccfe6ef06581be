import type { ServerResponse } from 'node:http';

/** Ends when whoever asked has gone. */
export function goneBy(answer: ServerResponse): AbortSignal {
  const controller = new AbortController();
  answer.once('close', () => controller.abort());
  return controller.signal;
}
