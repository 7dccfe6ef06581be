/** How often a server is asked whether it is well, how long it may take (ms), and how often in a row it may not answer at all. */
const HEALTH = { every: 3_000, deadline: 5_000, most: 3 };

/**
 * Asks a server whether it is well, again and again. One that says that something is away has answered: it is well.
 * @param address - of its health
 * @param end - called when it does not answer at all any more
 * @param times - as `HEALTH`
 * @returns what ends the watch
 */
export function watchHealth(address, end, { every, deadline, most } = HEALTH) {
  let [silent, asking] = [0, false];
  const asked = setInterval(async () => {
    if (asking) return;
    asking = true;
    try {
      await fetch(address, { signal: AbortSignal.timeout(deadline) });
      silent = 0;
    } catch {
      silent++;
    }
    asking = false;
    if (silent < most) return;
    silent = 0;
    end();
  }, every).unref();
  return () => clearInterval(asked);
}
