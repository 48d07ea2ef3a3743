/**
 * Cutting lengths that are settled by patterns: a linear programme over ways to cut one roll, made as they are needed
 * (Gilmore and Gomory 1961). Its optimum, rounded up, is a bound that few cuttings miss; whole numbers of the patterns
 * found on the way are an answer that mostly meets it. The solver of programmes is handed in.
 */
import { filled } from './knapsack.ts';
import { packInto } from './pack.ts';

export interface Solved {
  readonly value: number;
  readonly columns: readonly number[];
  /** Duals of the rows; empty for programmes in whole numbers. */
  readonly duals: readonly number[];
}

/**
 * Minimises a sum of columns so that every row reaches its demand.
 * @param rows entries of each column, by row
 * @param costs of each column; one each where they are not said
 */
export interface ProgrammeSolver {
  readonly solve: (
    columns: readonly (readonly number[])[],
    demand: readonly number[],
    whole: boolean,
    costs?: readonly number[],
  ) => Solved | undefined;
}

export interface PatternAnswer {
  readonly rolls: number;
  readonly leastRolls: number;
  /** Bin of each length. */
  readonly bin: readonly number[];
}

/** Lengths are distinguished to a tenth of a millimetre, rounded up so that what is found can be cut. */
const PER_M = 10_000;
const MOST_ROUNDS = 400;
const NODES = 100_000;
/** A pattern has to be worth this much more than a roll. */
const WORTH = 1e-6;

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/**
 * Cuts lengths from rolls of one length.
 * @returns the answer and what no cutting beats; undefined where a length is longer than the roll, or nothing was found
 */
export function cutByPatterns(
  lengthsM: readonly number[],
  rollM: number,
  solver: ProgrammeSolver,
): PatternAnswer | undefined {
  const exact = lengthsM.map((l) => Math.ceil(l * PER_M - 1e-6));
  const whole = Math.floor(rollM * PER_M + 1e-6);
  if (exact.some((w) => w > whole)) return undefined;
  const unit = exact.reduce(gcd, whole);
  const roll = Math.floor(whole / unit);
  const byWidth = new Map<number, number[]>();
  exact.forEach((w, i) => byWidth.set(w / unit, [...(byWidth.get(w / unit) ?? []), i]));
  const widths = [...byWidth.keys()].sort((a, b) => b - a);
  const demand = widths.map((w) => byWidth.get(w)?.length ?? 0);
  const kinds = widths.map((width, i) => ({ width, count: demand[i] ?? 0 }));
  const patterns: number[][] = widths.map((w, i) =>
    widths.map((_, k) => (k === i ? Math.min(demand[i] ?? 0, Math.floor(roll / w)) : 0)),
  );
  let bound = 0;
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    const lp = solver.solve(patterns, demand, false);
    if (!lp) return undefined;
    const { best, countsAt } = filled(kinds, lp.duals, roll);
    const worth = best[roll] ?? 0;
    // Duals scaled by the best pattern's worth are feasible (Farley 1990): a bound at every round.
    bound = Math.max(bound, Math.ceil(lp.value / Math.max(1, worth) - 1e-6));
    if (worth <= 1 + WORTH) break;
    patterns.push(countsAt(roll));
  }
  const answer = solver.solve(patterns, demand, true);
  if (!answer) return undefined;
  const left = widths.map((w) => [...(byWidth.get(w) ?? [])]);
  const bin = new Array<number>(lengthsM.length).fill(-1);
  let rolls = 0;
  patterns.forEach((pattern, j) => {
    const times = Math.round(answer.columns[j] ?? 0);
    for (let t = 0; t < times; t += 1) {
      let used = false;
      pattern.forEach((count, i) => {
        for (let k = 0; k < count; k += 1) {
          const piece = left[i]?.pop();
          if (piece === undefined) return;
          bin[piece] = rolls;
          used = true;
        }
      });
      if (used) rolls += 1;
    }
  });
  if (bin.includes(-1)) return undefined;
  // Patterns in whole numbers miss the bound now and then: a search for it is worth a moment.
  const packing =
    rolls > bound
      ? packInto(
          lengthsM,
          Array.from({ length: bound }, () => rollM),
          NODES,
        )
      : undefined;
  if (packing?.kind === 'packed') return { rolls: bound, leastRolls: bound, bin: packing.bin };
  return { rolls, leastRolls: packing?.kind === 'none' ? bound + 1 : bound, bin };
}
