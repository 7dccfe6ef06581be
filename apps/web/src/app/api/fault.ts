/** A failure as the server says it: a code for programs and a sentence for a person. */
export class Fault extends Error {
  override readonly name = 'Fault';

  /** @param isPassing - it may well go another time: the network, a server that starts again, an answer that took too long. */
  constructor(
    readonly code: string,
    message: string,
    readonly detail: Readonly<Record<string, unknown>> = {},
    readonly isPassing = false,
  ) {
    super(message);
  }
}

const UNREACHABLE = 'The server can not be reached. What is saved is kept there, and your work is kept in this window.';
const UNEXPECTED = 'Something went wrong here. What is saved is kept; try again, or load the page anew.';
const SLOW = 'The server takes too long to answer. What is saved is kept there, and your work is kept in this window.';

/** What the application says about any error. */
export function faultOf(error: unknown): Fault {
  if (error instanceof Fault) return error;
  if (error instanceof TypeError) return new Fault('unreachable', UNREACHABLE, {}, true);
  if (error instanceof DOMException && error.name === 'TimeoutError') return new Fault('too-slow', SLOW, {}, true);
  // The words of a program are for whoever looks into it, not for a person.
  console.error(error);
  return new Fault('unexpected', UNEXPECTED);
}

/** Whether an answer of this HTTP status may be another one in a moment. */
export function isPassingStatus(status: number): boolean {
  return status >= 500 || status === 408 || status === 429;
}

const FIRST_PAUSE = 1_000;
const LONGEST_PAUSE = 30_000;

/** How long to wait before something is tried again, ms: twice as long each time, up to half a minute. @param failures - in a row, from 1. */
export function pauseAfter(failures: number): number {
  return Math.min(LONGEST_PAUSE, FIRST_PAUSE * 2 ** Math.min(20, failures - 1));
}
