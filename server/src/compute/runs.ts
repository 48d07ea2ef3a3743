/** What is computed in a thread of its own, by name: the thread knows the same list as the server. */
type Run = (input: never) => unknown;

const RUNS = new Map<string, Run>();

export function atThread<I>(name: string, run: (input: I) => unknown): void {
  RUNS.set(name, run as Run);
}

/** Runs one, here. @throws RangeError where there is none of that name */
export function runOf(name: string, input: unknown): unknown {
  const run = RUNS.get(name);
  if (!run) throw new RangeError(`nothing is computed under the name ${name}`);
  return run(input as never);
}
