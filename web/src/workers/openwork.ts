/** Work in a worker of its own, and its end; in place where there are no workers. */
import { proxy, wrap } from 'comlink';

/** The same functions, each answering later. */
type Asked<T> = {
  readonly [K in keyof T]: T[K] extends (...asked: infer A) => infer R
    ? (...asked: A) => Promise<Awaited<R>>
    : never;
};
export interface OpenWork<T> {
  readonly ask: Asked<T>;
  /** What was asked and is not answered never is. */
  readonly end: () => void;
}

/**
 * @param tasks makes what is asked, for where there are no workers
 * @param start starts the worker that has the same tasks
 */
export function openWork<T extends object>(tasks: () => T, start: () => Worker): OpenWork<T> {
  if (typeof Worker === 'undefined') {
    const here = tasks() as Record<string | symbol, (...asked: unknown[]) => unknown>;
    const ask = new Proxy(here, {
      get:
        (of, name) =>
        async (...asked: unknown[]) =>
          await of[name]?.(...asked),
    });
    return { ask: ask as unknown as Asked<T>, end: () => undefined };
  }
  const worker = start();
  return { ask: wrap<T>(worker) as unknown as Asked<T>, end: () => worker.terminate() };
}

/** How far it is, told out of a worker. */
export const toldBack = (progress: (share: number) => void): ((share: number) => void) => proxy(progress);
