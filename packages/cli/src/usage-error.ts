import { parseArgs, type ParseArgsConfig } from 'node:util';

/** Thrown with what is wrong with the arguments. */
export class UsageError extends Error {}

/** Arguments by the options that there are. @throws UsageError for one that there is not, or that lacks its value */
export function parsed<Options extends NonNullable<ParseArgsConfig['options']>>(
  args: readonly string[],
  options: Options,
): ReturnType<typeof parseArgs<{ args: string[]; allowPositionals: true; options: Options }>> {
  try {
    return parseArgs({ args: [...args], allowPositionals: true, options });
  } catch (error) {
    throw new UsageError(error instanceof Error ? error.message : String(error));
  }
}

/** A number within bounds. @throws UsageError */
export function numberIn(text: string, name: string, least: number, most: number): number {
  const value = Number(text);
  if (text.trim() === '' || !Number.isFinite(value)) throw new UsageError(`${name} takes a number, not "${text}".`);
  if (value < least || value > most) throw new UsageError(`${name} is from ${least} to ${most}.`);
  return value;
}

/** One of several words. @throws UsageError */
export function oneOf<Word extends string>(text: string, name: string, words: readonly Word[]): Word {
  const found = words.find((word) => word === text);
  if (!found) throw new UsageError(`${name} is one of ${words.join(', ')}.`);
  return found;
}

/** The only file that is named. @throws UsageError */
export function onlyFile(files: readonly string[]): string {
  const [file, ...more] = files;
  if (file === undefined || more.length > 0) throw new UsageError('Name one .kadro file.');
  return file;
}
