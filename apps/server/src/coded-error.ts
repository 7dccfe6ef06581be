/** An expected failure: a code for programs and a sentence for a person. */
export class CodedError extends Error {
  override readonly name = 'CodedError';

  /**
   * @param status - HTTP status.
   * @param message - says what happened, what was kept and what to do.
   */
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly detail: Readonly<Record<string, unknown>> = {},
  ) {
    super(message);
  }
}

export function notFound(what: string): CodedError {
  return new CodedError(404, 'not-found', `${what} is not here. It may have been removed in another window.`);
}
