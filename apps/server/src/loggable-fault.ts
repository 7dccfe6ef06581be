/**
 * What is written down of an error: its kind, its code, and where it happened. Not its words: those of the database and of its driver quote what was
 * being stored, and that is nobody's but the person's.
 */
export function loggableFault(error: unknown): Readonly<Record<string, unknown>> {
  if (!(error instanceof Error)) return { fault: typeof error };
  const code = faultCode(error) === undefined ? {} : { code: faultCode(error) };
  const at = error.stack
    ?.split('\n')
    .filter((line) => /^\s+at /.test(line))
    .slice(0, 8)
    .map((line) => line.trim());
  const cause = error.cause === undefined ? {} : { cause: loggableFault(error.cause) };
  return { fault: error.name, ...code, at, ...cause };
}

/** The code of an error of the system or the database, where it has one. */
export function faultCode(error: Error): string | undefined {
  return 'code' in error && typeof error.code === 'string' ? error.code : undefined;
}
