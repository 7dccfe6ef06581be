import { newId } from '@kadrosyn/core';

const KEY = 'kadrosyn-window';
const lockName = (windowId: string): string => `kadrosyn-window-${windowId}`;

let known: Promise<string> | undefined;

/**
 * The name of this window: the same after a reload, another one in every other window. A window that was duplicated by the browser begins with the
 * name of the first; it finds it held and takes one of its own.
 */
export function thisWindow(): Promise<string> {
  return (known ??= named());
}

async function named(): Promise<string> {
  const kept = sessionStorage.getItem(KEY);
  if (kept && (await hold(kept))) return kept;
  const fresh = newId('window');
  sessionStorage.setItem(KEY, fresh);
  await hold(fresh);
  return fresh;
}

/** Holds a name for as long as the window is open. False when another window holds it. */
function hold(windowId: string): Promise<boolean> {
  return new Promise((resolve) => {
    void navigator.locks.request(lockName(windowId), { ifAvailable: true }, (lock) => {
      resolve(lock !== null);
      return lock === null ? undefined : new Promise<never>(() => undefined);
    });
  });
}

/** Whether a window of this name is open now. */
export async function isOpenWindow(windowId: string): Promise<boolean> {
  const { held } = await navigator.locks.query();
  return held?.some(({ name }) => name === lockName(windowId)) ?? false;
}
