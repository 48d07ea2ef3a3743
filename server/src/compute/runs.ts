/** What is computed in a thread of its own, by name: the thread knows the same list as the server. */
/** Says how far a run is, to those who asked to hear it. */
export type Tell = (progress: unknown) => void;
type Run = (input: never, tell: Tell) => unknown;

const RUNS = new Map<string, Run>();

export function atThread<I>(name: string, run: (input: I, tell: Tell) => unknown): void {
  RUNS.set(name, run as Run);
}

/** Runs one, here. @throws RangeError where there is none of that name */
export function runOf(name: string, input: unknown, tell: Tell = () => undefined): unknown {
  const run = RUNS.get(name);
  if (!run) throw new RangeError(`nothing is computed under the name ${name}`);
  return run(input as never, tell);
}
