/** Waits, but no longer than until the browser says that it is connected again. @param ms - at most. */
export function pauseOrOnline(ms: number): Promise<void> {
  return new Promise((resolve) => {
    const stop = new AbortController();
    const end = (): void => {
      stop.abort();
      clearTimeout(timer);
      resolve();
    };
    const timer = setTimeout(end, ms);
    window.addEventListener('online', end, { signal: stop.signal });
  });
}
