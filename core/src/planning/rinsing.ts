/** A film that lies open for days collects dirt: it is rinsed, and dries, before the next goes on it. */

export interface Wash {
  /** The work whose film lies open; undefined: it lies there already, since `sinceMin`. */
  readonly task: number | undefined;
  readonly sinceMin: number;
  /** So long it stays clean. */
  readonly afterMin: number;
  /** For each crew, with the time that it dries. */
  readonly minutes: readonly number[];
}

/** The minute from which a work is begun by rinsing what lies below; Infinity: however late. */
export function rinsedFrom(
  { wash }: { readonly wash?: Wash | undefined },
  placed: readonly ({ readonly end: number } | undefined)[],
): number {
  if (!wash) return Infinity;
  const since = wash.task === undefined ? wash.sinceMin : placed[wash.task]?.end;
  return since === undefined ? Infinity : since + wash.afterMin;
}
