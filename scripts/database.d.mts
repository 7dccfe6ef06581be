/** Starts the cluster in `folder`, making it first where there is none. */
export function startCluster(
  folder: string,
  options?: { readonly fsync?: boolean },
): Promise<{
  readonly url: string;
  readonly port: number;
  readonly pid: number;
  readonly exited: Promise<number>;
  stop(): Promise<void>;
}>;
export function removeCluster(folder: string): void;
export function freePort(): Promise<number>;
