/** What can be made by a task, by name. */
import type { Readable, Writable } from 'node:stream';
import type { AskThread } from '../compute/threads.ts';
import type { Pool } from '../db/pool.ts';
import type { Replica } from '../db/replica.ts';

interface TaskWork {
  readonly pool: Pool;
  readonly now: () => Date;
  /** A copy of the database for reports; absent where there is none. */
  readonly replica?: Replica | undefined;
  readonly jobId: string | null;
  /** As it was asked for. */
  readonly asked: unknown;
  readonly ask: AskThread;
  /** Given once it is taken back. */
  readonly signal: AbortSignal;
  /** Says how far it is, 0 to 1, and what is done now. @throws once it is taken back */
  readonly tell: (share: number, doing: string) => Promise<void>;
  /** What was sent for it. */
  readonly sent: () => Readable;
  /** Where its file goes, once. */
  readonly file: (name: string, mediaType: string) => Writable;
}

/** @returns what came of it, beside its file */
export type TaskRun = (work: TaskWork) => Promise<unknown>;
const KINDS = new Map<string, TaskRun>();

export function taskKind(name: string, run: TaskRun): void {
  KINDS.set(name, run);
}

/** @throws RangeError where there is none of that name */
export function runOfTask(name: string): TaskRun {
  const run = KINDS.get(name);
  if (!run) throw new RangeError(`no task is known under the name ${name}`);
  return run;
}
