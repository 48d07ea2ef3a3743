/**
 * What no cutting beats where runs may be cut in two. Rolls and the runs that are cut from them hang together in groups:
 * a group of so many rolls has at least as many pieces as rolls and runs together, less one (a connected graph has no
 * fewer edges), and every piece beyond one a run costs an end lap. So the runs of a group of k rolls measure no more than
 * k rolls less k − 1 laps. The linear programme over groups, made as they are needed (Gilmore and Gomory 1961), is a
 * bound; its argument is our own.
 */
import type { ProgrammeSolver } from './columns.ts';
import { filled, type Kind } from './knapsack.ts';

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
function kindsOf({ lengthsM }: Grouped): Kind[] {
  const found = new Map<number, number>();
  for (const l of lengthsM) {
    const width = Math.floor((l + 1e-9) / GRAIN_M);
    if (width > 0) found.set(width, (found.get(width) ?? 0) + 1);
  }
  return [...found].map(([width, count]) => ({ width, count })).sort((a, b) => b.width - a.width);
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
    const { best, countsAt } = filled(kinds, found.duals, roomOf(most));
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
    groups.push({ rolls: dearest.rolls, counts: countsAt(roomOf(dearest.rolls)) });
  }
  return Math.min(mostRolls + 1, Math.ceil(bound - 1e-4));
}
