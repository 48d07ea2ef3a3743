/** What is to be cut, from what it may be cut, and what no cutting beats. */
import type { LapRules, Piece, Runner, Stick } from './fill.ts';
import { leastPiecesFor } from './joints.ts';
import { leastRolls } from './pack.ts';

/** A length on sale. */
export interface Sale {
  readonly lengthM: number;
  /** Of one roll; where a price is missing, lengths are weighed against each other. */
  readonly price: number | undefined;
}

export interface CutProblem {
  readonly runners: readonly Runner[];
  readonly laps: LapRules;
  /** Left-overs in the store, used first. */
  readonly stock: readonly Stick[];
  readonly sale: readonly Sale[];
  /** Half widths that lie beside each other count once: what the bound may count of each runner, 0.5 to 1. */
  readonly weight?: readonly number[];
}

export interface CutAnswer {
  readonly pieces: readonly Piece[];
  readonly sticks: readonly Stick[];
  /** How many of each length on sale. */
  readonly bought: readonly number[];
  readonly cost: number;
  /** No cutting costs less. */
  readonly leastCost: number;
  /** Fewest rolls of the longest length that any cutting takes. */
  readonly leastRolls: number;
  /** All runs and the end laps that rolls of this length force, less what the store gives, m. */
  readonly neededM: number;
  readonly proven: boolean;
  /** Pieces that no cutting goes below, where runs alone decide. */
  readonly leastPieces: number;
  /** The longest left-over of a bought roll, m. */
  readonly longestLeftM: number;
}

/** Lengths and costs that differ by less are the same. */
export const EPS = 1e-7;
/** More combinations of lengths than this are not looked at. */
const MOST_TARGETS = 400;

/** The longest roll there is, on sale or in the store, m. */
export const longestOf = (p: CutProblem): number =>
  Math.max(...p.sale.map((s) => s.lengthM), ...p.stock.map((s) => s.lengthM));

export const costOf = ({ sale }: CutProblem, bought: readonly number[]): number => {
  const priced = sale.every((s) => s.price !== undefined);
  return sale.reduce((sum, s, i) => sum + (bought[i] ?? 0) * (priced ? (s.price ?? 0) : s.lengthM), 0);
};

/** Ways to buy at least so many metres, cheapest first, up to a cost. */
export function targets(problem: CutProblem, neededM: number, most: number): number[][] {
  const found: number[][] = [];
  const { sale } = problem;
  const build = (at: number, counts: number[], metres: number): void => {
    const cost = costOf(problem, counts);
    if (cost > most + EPS || found.length > MOST_TARGETS * 10) return;
    if (at === sale.length - 1) {
      const roll = sale[at]?.lengthM ?? 1;
      const least = Math.max(0, Math.ceil((neededM - metres) / roll - EPS));
      for (let n = least; ; n += 1) {
        const all = [...counts, n];
        if (costOf(problem, all) > most + EPS) break;
        found.push(all);
        if (most === Infinity || (sale.length > 1 && n >= least + 2)) break;
      }
      return;
    }
    const roll = sale[at]?.lengthM ?? 1;
    for (let n = 0; (n - 1) * roll < neededM - metres + roll; n += 1)
      build(at + 1, [...counts, n], metres + n * roll);
  };
  build(0, [], 0);
  return found
    .sort((a, b) => costOf(problem, a) - costOf(problem, b) || sum(a) - sum(b))
    .slice(0, MOST_TARGETS);
}

export const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);

export const lengthOf = (r: Runner): number => r.toM - r.fromM;

export interface Facts {
  readonly neededM: number;
  readonly leastPieces: number;
  readonly leastRolls: number;
  readonly leastCost: number;
  /** Nothing may be cut in two, or nothing has to be and no lap can be afforded. */
  readonly settled: (capacityM: number) => boolean;
}

export function factsOf(problem: CutProblem): Facts {
  const { runners, laps, stock, sale, weight } = problem;
  const longest = longestOf(problem);
  const inStock = sum(stock.map((s) => s.lengthM));
  const pieces = runners.map((r) => leastPiecesFor(lengthOf(r), longest, laps.endLapM));
  const leastPieces = sum(pieces);
  const metres = sum(
    runners.map((r, i) => (weight?.[i] ?? 1) * lengthOf(r) + ((pieces[i] ?? 1) - 1) * laps.endLapM),
  );
  const neededM = Math.max(0, metres - inStock);
  const longSale = Math.max(...sale.map((s) => s.lengthM));
  const whole = runners.every((r) => r.whole);
  const rolls = Math.max(
    Math.ceil(neededM / longSale - EPS),
    whole && stock.length === 0 && !weight ? leastRolls(runners.map(lengthOf), longSale) : 0,
  );
  const cheapest = targets(problem, neededM, Infinity)[0];
  return {
    neededM,
    leastPieces,
    leastRolls: rolls,
    leastCost: sale.length === 1 ? costOf(problem, [rolls]) : cheapest ? costOf(problem, cheapest) : 0,
    settled: (capacityM) =>
      !weight &&
      (whole || (leastPieces === runners.length && capacityM + inStock - metres < laps.endLapM - EPS)),
  };
}
