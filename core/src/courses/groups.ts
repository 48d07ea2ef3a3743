/**
 * What no cutting beats where runs may be cut in two. Rolls and the runs that are cut from them hang together in groups:
 * a group of so many rolls has at least as many pieces as rolls and runs together, less one (a connected graph has no
 * fewer edges), and every piece beyond one a run costs an end lap. So the runs of a group of k rolls measure no more than
 * k rolls less k − 1 laps. The linear programme over groups, made as they are needed (Gilmore and Gomory 1961), is a
 * bound; its argument is our own.
 */
import type { ProgrammeSolver } from './columns.ts';

export interface Grouped {
  readonly lengthsM: readonly number[];
  readonly rollM: number;
  readonly endLapM: number;
  /** Whether so many rolls might do is what is asked: no group has more. */
  readonly mostRolls: number;
}

/** Lengths are rounded down to this, so that the bound holds for what they are, m. */
const GRAIN_M = 0.005;
const MOST_ROUNDS = 200;
/** Larger groups are taken by what a metre of them is worth at most. */
const MOST_TOGETHER = 60;
const EPS = 1e-6;

interface Group {
  readonly rolls: number;
  readonly counts: readonly number[];
}

/** Lengths alike, and how often each is there. */
function kindsOf({ lengthsM }: Grouped): { width: number; count: number }[] {
  const found = new Map<number, number>();
  for (const l of lengthsM) {
    const width = Math.floor((l + 1e-9) / GRAIN_M);
    if (width > 0) found.set(width, (found.get(width) ?? 0) + 1);
  }
  return [...found].map(([width, count]) => ({ width, count })).sort((a, b) => b.width - a.width);
}

/** The most that runs are worth in each length, and how many of each kind that takes. */
function worth(
  kinds: readonly { width: number; count: number }[],
  values: readonly number[],
  roomOf: number,
): { best: Float64Array; taken: readonly Uint16Array[] } {
  const best = new Float64Array(roomOf + 1);
  const taken = kinds.map(() => new Uint16Array(roomOf + 1));
  for (const [i, { width, count }] of kinds.entries()) {
    const value = values[i] ?? 0;
    const mine = taken[i];
    if (value <= 0 || !mine) continue;
    // From the far end, so that each count is taken once.
    for (let at = roomOf; at >= width; at -= 1) {
      let top = best[at] ?? 0;
      for (let k = 1; k <= count && k * width <= at; k += 1) {
        const v = (best[at - k * width] ?? 0) + k * value;
        if (v <= top + 1e-12) continue;
        top = v;
        mine[at] = k;
      }
      best[at] = top;
    }
  }
  return { best, taken };
}

/**
 * Fewest rolls of one length that runs can be cut from, each run from as many rolls as it likes.
 * @returns a number that no cutting with at most `mostRolls` rolls goes below; one more than those where none will do
 */
export function leastByGroups(asked: Grouped, solver: ProgrammeSolver): number {
  const kinds = kindsOf(asked);
  if (kinds.length === 0) return 0;
  const { rollM, endLapM, mostRolls } = asked;
  const roomOf = (rolls: number): number =>
    Math.floor((rolls * rollM - (rolls - 1) * endLapM) / GRAIN_M + EPS);
  const most = Math.max(1, Math.min(mostRolls, MOST_TOGETHER));
  const alone = kinds.map(({ width }) =>
    Math.max(1, Math.ceil((width * GRAIN_M - endLapM) / (rollM - endLapM) - EPS)),
  );
  const groups: Group[] = kinds.map((_, i) => ({
    rolls: alone[i] ?? 1,
    counts: kinds.map((_k, j) => (j === i ? 1 : 0)),
  }));
  const demand = kinds.map((k) => k.count);
  let bound = 0;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const found = solver.solve(
      groups.map((g) => g.counts),
      demand,
      false,
      groups.map((g) => g.rolls),
    );
    if (!found) break;
    const { best, taken } = worth(kinds, found.duals, roomOf(most));
    let dearest = { rolls: 0, each: 0 };
    for (let rolls = 1; rolls <= most; rolls += 1) {
      const each = (best[roomOf(rolls)] ?? 0) / rolls;
      if (each > dearest.each) dearest = { rolls, each };
    }
    const perGrain = Math.max(...kinds.map((k, i) => (found.duals[i] ?? 0) / k.width));
    const beyond = most < mostRolls ? (perGrain * roomOf(most + 1)) / (most + 1) : 0;
    // Duals scaled by the dearest group's worth are feasible (Farley 1990): a bound at every round.
    bound = Math.max(bound, found.value / Math.max(1, dearest.each, beyond));
    if (dearest.each <= 1 + EPS) break;
    let at = roomOf(dearest.rolls);
    const counts = kinds.map(() => 0);
    for (let i = kinds.length - 1; i >= 0; i -= 1) {
      const k = taken[i]?.[at] ?? 0;
      counts[i] = k;
      at -= k * (kinds[i]?.width ?? 0);
    }
    groups.push({ rolls: dearest.rolls, counts });
  }
  return Math.min(mostRolls + 1, Math.ceil(bound - 1e-4));
}
