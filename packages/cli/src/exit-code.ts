/** How a command ended. */
export const EXIT = {
  done: 0,
  /** Something could not be read or written. */
  failed: 1,
  /** It was called in a way that it does not know. */
  usage: 2,
  /** It declined, since it is not sure of an answer; of `check`: something would look wrong. */
  declined: 3,
} as const;

export type ExitCode = (typeof EXIT)[keyof typeof EXIT];
