import { readdir, readFile } from 'node:fs/promises';

/** A process below another one whose command holds these words; undefined where there is none now. */
export async function processBelow(words: string, above: number): Promise<number | undefined> {
  const parents = new Map<number, number>();
  const found: number[] = [];
  for (const entry of await readdir('/proc')) {
    const pid = Number(entry);
    if (!Number.isInteger(pid)) continue;
    try {
      const [stat, command] = await Promise.all([
        readFile(`/proc/${pid}/stat`, 'latin1'),
        readFile(`/proc/${pid}/cmdline`, 'latin1'),
      ]);
      parents.set(pid, Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[1]));
      if (command.includes(words)) found.push(pid);
    } catch {
      // It has ended meanwhile.
    }
  }
  const isBelow = (pid: number): boolean => pid === above || ((parents.get(pid) ?? 0) > 1 && isBelow(parents.get(pid)!));
  return found.find(isBelow);
}
