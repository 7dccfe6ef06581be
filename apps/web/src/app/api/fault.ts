/** A failure as the server says it: a code for programs and a sentence for a person. */
export class Fault extends Error {
  override readonly name = 'Fault';

  constructor(
    readonly code: string,
    message: string,
    readonly detail: Readonly<Record<string, unknown>> = {},
  ) {
    super(message);
  }
}

const UNREACHABLE = 'The server can not be reached. Your work is kept in this window; it is tried again.';

/** What the application says about any error. */
export function faultOf(error: unknown): Fault {
  if (error instanceof Fault) return error;
  if (error instanceof TypeError) return new Fault('unreachable', UNREACHABLE);
  return new Fault('unexpected', error instanceof Error ? error.message : 'Something went wrong.');
}
