/** What is checked at once, and what in a thread: a large body keeps nobody else waiting. */
import type { Request, Response } from 'express';
import { atThread } from './runs.ts';
import { fromThread } from './threads.ts';

/** What is larger takes longer to check than others should wait. */
const LARGE_BYTES = 150_000;

/** Whether the body of a request is, or may be, a large one. */
const isLarge = ({ headers }: Request): boolean =>
  headers['content-encoding'] !== undefined || !(Number(headers['content-length']) <= LARGE_BYTES);

/**
 * A check that runs where the request's body lets it.
 * @param name of its own; the threads know it by this name
 * @param run gives something that JSON holds as it is
 */
export function checkWhereItFits<I, O>(name: string, run: (input: I) => O) {
  atThread(name, run);
  return (req: Request, res: Response, input: I): O | Promise<O> =>
    isLarge(req) ? fromThread<O>(res, name, input) : run(input);
}
