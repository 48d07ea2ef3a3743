/**
 * Threads for what takes long: one request computes while the others are answered. Each has a deadline, and ends when
 * nobody waits for it any more.
 */
import { availableParallelism } from 'node:os';
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import type { Response } from 'express';
import { Piscina } from 'piscina';
import type { Problem } from '@lentum/core/problems';
import { HttpProblem, unprocessable } from '../http/errors.ts';
import { ownThread } from '../operations/ownthread.ts';

export interface Asked {
  readonly name: string;
  readonly input: unknown;
  /** Where it tells how far it is. */
  readonly port?: MessagePort;
}
export type Told =
  | { readonly json: string }
  /** A file, as it is. */
  | Uint8Array
  | {
      readonly refused: {
        readonly status: number;
        readonly title: string;
        readonly problems: readonly Problem[];
        readonly extra: Readonly<Record<string, unknown>>;
      };
    };

const THREADS = Math.max(1, Math.min(4, availableParallelism()));
/** So long a computation may take. */
const DEADLINE_MS = 20_000;
/** So many wait for a thread; what comes on top is asked to come later. */
const MOST_WAITING = 64;
const MOST_MEMORY_MB = 768;
/** What a thread that is ended under its work leaves behind. */
export const ENDED = 'Terminating worker thread';
export const serverEnds = (): HttpProblem => new HttpProblem(503, 'This server ends just now; ask again');
/** Under this name nothing is computed. */
export const WARM = 'warm';

let threads: Piscina<Asked, Told> | undefined;
function open(): Piscina<Asked, Told> {
  threads ??= new Piscina<Asked, Told>({
    ...ownThread('compute/thread.ts'),
    minThreads: THREADS,
    maxThreads: THREADS,
    maxQueue: MOST_WAITING,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB },
  });
  return threads;
}

/** Starts the threads before anybody waits for one. */
export async function warmThreads(): Promise<void> {
  await Promise.all(Array.from({ length: THREADS }, () => open().run({ name: WARM, input: undefined })));
}

const tooMuch = (actual: string): HttpProblem =>
  unprocessable([
    {
      kind: 'outOfRange',
      field: 'body',
      label: 'The request',
      actual,
      expected: 'less to compute at a time',
    },
  ]);

/** Computes in a thread. @returns the answer as JSON text, or a file */
async function thought(
  asked: Asked,
  gone: AbortSignal,
  deadlineMs: number,
): Promise<{ readonly json: string } | Uint8Array> {
  const late = AbortSignal.timeout(deadlineMs);
  let told: Told;
  try {
    told = await open().run(asked, {
      signal: AbortSignal.any([late, gone]),
      transferList: asked.port ? [asked.port] : [],
    });
  } catch (error) {
    if (late.aborted) throw tooMuch(`it takes more than ${deadlineMs / 1000} s of computing`);
    if (gone.aborted) throw new HttpProblem(499, 'Nobody waits for the answer');
    const { code, message } = error as { readonly code?: unknown; readonly message?: string };
    if (code === 'ERR_WORKER_OUT_OF_MEMORY') throw tooMuch('it takes more memory than there is for it');
    if (message === 'Task queue is at limit')
      throw new HttpProblem(503, 'The server computes for others just now; try it again');
    if (message === ENDED) throw serverEnds();
    throw error;
  }
  if (!('refused' in told)) return told;
  const { status, title, problems, extra } = told.refused;
  throw new HttpProblem(status, title, problems, extra);
}

/** The same of what answers in JSON. */
async function think(asked: Asked, gone: AbortSignal, deadlineMs: number): Promise<string> {
  const told = await thought(asked, gone, deadlineMs);
  if ('json' in told) return told.json;
  throw new TypeError(`${asked.name} answers with a file`);
}

/** A signal that is given once nobody waits for an answer any more. @returns it, and how to stop listening */
export function goneWith(res: Response): { readonly signal: AbortSignal; readonly done: () => void } {
  const gone = new AbortController();
  const leave = (): void => gone.abort();
  res.once('close', leave);
  return { signal: gone.signal, done: () => void res.off('close', leave) };
}

/** What a thread computes for a request, as JSON text; it ends when the client goes. */
async function textFromThread(
  res: Response,
  name: string,
  input: unknown,
  deadlineMs = DEADLINE_MS,
): Promise<string> {
  const gone = goneWith(res);
  try {
    return await think({ name, input }, gone.signal, deadlineMs);
  } finally {
    gone.done();
  }
}

/** Asks threads on behalf of whoever waits: for an answer, or for a task. */
export interface AskThread {
  readonly value: <T>(name: string, input: unknown) => Promise<T>;
  readonly bytes: (name: string, input: unknown) => Promise<Buffer>;
}

/** For work that ends at a signal. */
export const askingUntil = (signal: AbortSignal, deadlineMs = DEADLINE_MS): AskThread => ({
  value: async <T>(name: string, input: unknown) =>
    JSON.parse(await think({ name, input }, signal, deadlineMs)) as T,
  bytes: async (name, input) => {
    const told = await thought({ name, input }, signal, deadlineMs);
    if ('json' in told) throw new TypeError(`${name} answers with a value`);
    return Buffer.from(told.buffer, told.byteOffset, told.length);
  },
});
/** For an answer that is waited for. */
export function asking(res: Response): AskThread {
  const until = async <T>(work: (ask: AskThread) => Promise<T>): Promise<T> => {
    const gone = goneWith(res);
    try {
      return await work(askingUntil(gone.signal));
    } finally {
      gone.done();
    }
  };
  return {
    value: (name, input) => until((ask) => ask.value(name, input)),
    bytes: (name, input) => until((ask) => ask.bytes(name, input)),
  };
}
/** What a thread computes for a request, to go on with. */
export const fromThread = <T>(res: Response, name: string, input: unknown): Promise<T> =>
  asking(res).value<T>(name, input);

/** Answers a request with what a thread computes of it. */
export async function answerFromThread(
  res: Response,
  name: string,
  input: unknown,
  deadlineMs = DEADLINE_MS,
): Promise<void> {
  const json = await textFromThread(res, name, input, deadlineMs);
  res.type('json').send(json);
}

/**
 * Answers with lines of JSON: `{"progress": …}` as often as the thread says how far it is, then `{"answer": …}`. What goes
 * wrong on the way is the last line, `{"problem": …}`: by then the answer has begun.
 */
export async function streamFromThread(
  res: Response,
  name: string,
  input: unknown,
  deadlineMs = DEADLINE_MS,
): Promise<void> {
  const gone = goneWith(res);
  const { port1, port2 } = new MessageChannel();
  const write = (line: unknown): void => void res.write(`${JSON.stringify(line)}\n`);
  port1.on('message', (progress) => {
    if (!res.headersSent) res.type('application/x-ndjson');
    write({ progress });
  });
  try {
    const json = await think({ name, input, port: port2 }, gone.signal, deadlineMs);
    if (!res.headersSent) res.type('application/x-ndjson');
    res.write(`{"answer":${json}}\n`);
    res.end();
  } catch (error) {
    if (!res.headersSent || !(error instanceof HttpProblem)) throw error;
    const { status, title, problems } = error;
    write({ problem: { status, title, problems } });
    res.end();
  } finally {
    gone.done();
    port1.close();
  }
}

/** Ends every thread, when the server ends. */
export async function endThreads(): Promise<void> {
  await threads?.destroy();
  threads = undefined;
}
