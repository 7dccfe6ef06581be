/** Where a command says what happened. */
export interface Says {
  /** What was asked for. */
  log(message: string): void;
  /** What went wrong. */
  error(message: string): void;
  /** How much is done, 0 to 1, for somebody who watches; absent where nobody does. */
  readonly progress?: (share: number) => void;
}

/** One that shows how far it is on a line of its own, which is gone when something is said. */
export function terminalSays(out: NodeJS.WriteStream, errors: NodeJS.WriteStream): Says {
  let isShown = false;
  const clear = (): void => {
    if (isShown) errors.write('\r\u001b[K');
    isShown = false;
  };
  const plain: Says = {
    log: (message) => {
      clear();
      out.write(`${message}\n`);
    },
    error: (message) => {
      clear();
      errors.write(`${message}\n`);
    },
  };
  if (!errors.isTTY) return plain;
  return {
    ...plain,
    progress: (share) => {
      errors.write(`\r${Math.round(100 * share)} %`);
      isShown = true;
    },
  };
}
