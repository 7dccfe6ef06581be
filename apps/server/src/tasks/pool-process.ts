import { fork, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { setPriority } from 'node:os';
import { fileURLToPath } from 'node:url';
import type { TaskName } from './tasks.js';

/** How a task of a pool is held in bounds. */
export interface PoolBounds {
  /** How many processes work at once. */
  readonly most: number;
  /** A task that works longer is ended, ms. Waiting for a process, or for a busy processor, is not working; but four times as long is too long for anything. */
  readonly deadline: number;
  /** A process that needs more than this above its rest is ended, bytes. */
  readonly memory: number;
  /** 0 for as urgent as the server itself, up to 19 for what can wait. */
  readonly niceness: number;
}

/** Why a task gave no answer. `crashed`: its process ended by itself. */
export type TaskEnd = 'late' | 'memory' | 'crashed' | 'stopped';

/** A task was ended, or its process ended. Other tasks are not touched by it. */
export class TaskEnded extends Error {
  override readonly name = 'TaskEnded';

  constructor(readonly why: TaskEnd) {
    super(`A task was given up: ${why}`);
  }
}

/** What can be asked for with a task. */
export interface TaskOptions {
  /** Gets the share that is done, 0 to 1. */
  readonly onProgress?: (share: number) => void;
  /** Goes before all that waits and is not. */
  readonly isUrgent?: boolean;
  /** Ends the task, at once when it works already. */
  readonly signal?: AbortSignal;
}

/** What a process is sent. */
export interface Order {
  readonly id: number;
  readonly name: TaskName;
  readonly task: unknown;
}

/** What a process answers: that it can begin, how far it is, and what came of it. */
export type Report =
  | { readonly ready: true }
  | { readonly id: number; readonly progress: number }
  | { readonly id: number; readonly result: unknown }
  | { readonly id: number; readonly fault: string };

/** A task that was asked for and has not been answered. */
export interface Waiting {
  readonly order: Order;
  readonly options: TaskOptions;
  readonly resolve: (result: unknown) => void;
  readonly reject: (error: Error) => void;
}

const PROGRAM = fileURLToPath(new URL('./task-process.js', import.meta.url));
/** A process that has nothing to do for so long ends, ms. To start one takes a second or more, which whoever exports once more would wait. */
const IDLE = 120_000;
/** A process that has not begun after so long does not begin any more, ms. */
const START = 20_000;
/** How often time and memory of what works are looked at, ms. */
const LOOK = 100;
/** So many times its deadline a task may take that has not worked for as long. */
const PATIENCE = 4;

/** One process and the task that it works at. */
export class PoolProcess {
  private readonly child: ChildProcess;
  private readonly gone: Promise<void>;
  private ready = false;
  private ended: Error | null = null;
  private task: Waiting | null = null;
  private since = 0;
  /** What the process had worked before its task, ms. */
  private worked = 0;
  private rest = 0;
  private look: NodeJS.Timeout | undefined;
  private idle: NodeJS.Timeout | undefined;
  private begins: NodeJS.Timeout | undefined;

  constructor(
    private readonly bounds: PoolBounds,
    onFree: () => void,
    onGone: () => void,
  ) {
    let isGone = (): void => undefined;
    this.gone = new Promise((resolve) => (isGone = resolve));
    const onEnd = (): void => {
      isGone();
      clearInterval(this.look);
      clearTimeout(this.idle);
      clearTimeout(this.begins);
      this.ended ??= new TaskEnded('crashed');
      this.task?.reject(this.ended);
      this.task = null;
      onGone();
    };
    this.child = fork(PROGRAM, { serialization: 'advanced', detached: true });
    // Also told of a message to a process that has just ended, whose end is told as such.
    this.child.on('error', () => {
      if (this.child.pid === undefined) onEnd();
    });
    this.begins = setTimeout(() => void this.end(new TaskEnded('crashed')), START).unref();
    this.child.on('message', (report: Report) => {
      if ('ready' in report) this.onReady();
      else if (report.id === this.task?.order.id) this.onReport(report, onFree);
    });
    this.child.once('exit', () => onEnd());
  }

  get isFree(): boolean {
    return this.task === null && this.ended === null && this.child.exitCode === null && this.child.signalCode === null;
  }

  works(waiting: Waiting): boolean {
    return this.task === waiting;
  }

  begin(waiting: Waiting): void {
    clearTimeout(this.idle);
    this.task = waiting;
    // The task is held back until the process has begun: what it costs to begin is not the task's.
    if (this.ready) this.send();
  }

  /** Ends the process; its task is rejected. */
  async end(error: Error): Promise<void> {
    this.ended ??= error;
    this.child.kill('SIGKILL');
    await this.gone;
  }

  private onReady(): void {
    this.ready = true;
    clearTimeout(this.begins);
    this.rest = this.memory();
    if (this.child.pid && this.bounds.niceness > 0) setPriority(this.child.pid, this.bounds.niceness);
    if (this.task) this.send();
  }

  private send(): void {
    this.since = performance.now();
    this.worked = this.processorTime();
    this.child.send(this.task!.order);
    this.look = setInterval(() => {
      if (this.isLate()) void this.end(new TaskEnded('late'));
      else if (this.memory() - this.rest > this.bounds.memory) void this.end(new TaskEnded('memory'));
    }, LOOK);
  }

  private onReport(report: Exclude<Report, { ready: true }>, onFree: () => void): void {
    if ('progress' in report) return this.task!.options.onProgress?.(report.progress);
    const { resolve, reject } = this.task!;
    this.task = null;
    clearInterval(this.look);
    this.idle = setTimeout(() => void this.end(new TaskEnded('stopped')), IDLE).unref();
    if ('fault' in report) reject(new Error(report.fault));
    else resolve(report.result);
    onFree();
  }

  /** On a busy machine a task waits for its turn, which is not its fault: it is late when it has worked for so long, or was given far more time than that. */
  private isLate(): boolean {
    const [took, { deadline }] = [performance.now() - this.since, this.bounds];
    return took > PATIENCE * deadline || (took > deadline && this.processorTime() - this.worked > deadline);
  }

  /** What the process had of the processors so far, ms; as if it had one for itself where that can not be told. */
  private processorTime(): number {
    try {
      // Fields 14 and 15 of /proc/PID/stat, behind the name in brackets, which may hold anything: hundredths of a second; see proc(5).
      const fields = readFileSync(`/proc/${this.child.pid}/stat`, 'latin1').split(')').at(-1)!.trim().split(' ');
      return 10 * (Number(fields[11]) + Number(fields[12]));
    } catch {
      return performance.now();
    }
  }

  /** Bytes that the process holds; 0 where that can not be told. */
  private memory(): number {
    try {
      // Second field of /proc/PID/statm, pages of 4 KiB; see proc(5).
      return Number(readFileSync(`/proc/${this.child.pid}/statm`, 'latin1').split(' ')[1]) * 4096;
    } catch {
      return 0;
    }
  }
}
