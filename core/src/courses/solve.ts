/**
 * Fewest rolls for a set of runs. An answer is there at once and only improves; beside it stands a bound that no way of
 * cutting beats, so that it can be said how good the answer is.
 */
import { seeded } from './chance.ts';
import { Fill, type LapRules, type Piece, type Runner, type Stick } from './fill.ts';
import { cutByPatterns, type ProgrammeSolver } from './columns.ts';
import { leastRolls, packInto } from './pack.ts';

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

export interface Effort {
  /** Ways tried for each number of rolls. */
  readonly tries: number;
  /** States looked at when a packing is to be proven. */
  readonly nodes: number;
}
export const QUICK: Effort = { tries: 6, nodes: 2000 };
export const FULL: Effort = { tries: 240, nodes: 300_000 };

const EPS = 1e-7;
/** Tries without a better answer after which a cheapest one is left as it is. */
const PATIENCE = 60;
/** More combinations of lengths than this are not looked at. */
const MOST_TARGETS = 400;

const longestOf = (p: CutProblem): number =>
  Math.max(...p.sale.map((s) => s.lengthM), ...p.stock.map((s) => s.lengthM));

/** Pieces that a run needs at least. */
export const leastPiecesFor = (lengthM: number, rollM: number, endLapM: number): number =>
  lengthM <= rollM + EPS ? 1 : Math.ceil((lengthM - endLapM) / (rollM - endLapM) - EPS);

const costOf = ({ sale }: CutProblem, bought: readonly number[]): number => {
  const priced = sale.every((s) => s.price !== undefined);
  return sale.reduce((sum, s, i) => sum + (bought[i] ?? 0) * (priced ? (s.price ?? 0) : s.lengthM), 0);
};

/** Ways to buy at least so many metres, cheapest first, up to a cost. */
function targets(problem: CutProblem, neededM: number, most: number): number[][] {
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

const sum = (list: readonly number[]): number => list.reduce((a, b) => a + b, 0);

const lengthOf = (r: Runner): number => r.toM - r.fromM;

interface Facts {
  readonly neededM: number;
  readonly leastPieces: number;
  readonly leastRolls: number;
  readonly leastCost: number;
  /** Nothing may be cut in two, or nothing has to be and no lap can be afforded. */
  readonly settled: (capacityM: number) => boolean;
}

function factsOf(problem: CutProblem): Facts {
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

const byLength = (runners: readonly Runner[]): number[] =>
  runners.map((_, i) => i).sort((a, b) => lengthOf(runners[b] as Runner) - lengthOf(runners[a] as Runner));

/** Orders in which runs are cut: the longest first, then more and more by chance; some as they are laid. */
function orderOf(runners: readonly Runner[], attempt: number, chance: () => number): number[] {
  if (attempt === 0) return byLength(runners);
  if (attempt === 1) return runners.map((_, i) => i);
  const noise = attempt % 3 === 0 ? 1 : attempt % 3 === 1 ? 0.15 : 0.4;
  const keys = runners.map((r) => lengthOf(r) * (1 - noise * chance()));
  return runners.map((_, i) => i).sort((a, b) => (keys[b] ?? 0) - (keys[a] ?? 0));
}

const sticksFor = (problem: CutProblem, counts: readonly number[]): Stick[] => [
  ...problem.stock,
  ...counts.flatMap((n, sale) =>
    Array.from({ length: n }, (): Stick => ({ lengthM: problem.sale[sale]?.lengthM ?? 0, sale })),
  ),
];

/** A first answer: rolls are opened as they are needed. */
function atOnce(
  problem: CutProblem,
  order: readonly number[],
  chance: () => number,
  usesUp: boolean,
): Fill | undefined {
  const fill = new Fill(problem.runners, problem.laps, [...problem.stock], chance, usesUp);
  const priced = problem.sale.every((s) => s.price !== undefined);
  const perMetre = problem.sale
    .map((s, sale) => ({ sale, lengthM: s.lengthM, each: priced ? (s.price ?? 0) / s.lengthM : 1 }))
    .sort((a, b) => a.each - b.each || b.lengthM - a.lengthM);
  const longest = [...perMetre].sort((a, b) => b.lengthM - a.lengthM)[0];
  for (const i of order) {
    const runner = problem.runners[i];
    if (!runner) continue;
    let opened = 0;
    const enough = Math.ceil(lengthOf(runner) / Math.max(problem.laps.leastPieceM, 0.1)) + 2;
    while (!fill.cut(i)) {
      // A long piece asks for a long roll.
      const fits = perMetre.find((s) => s.lengthM >= lengthOf(runner) - EPS) ?? longest;
      if (!fits || opened > enough) return undefined;
      fill.open({ lengthM: fits.lengthM, sale: fits.sale });
      opened += 1;
    }
  }
  return fill;
}

function inTarget(
  problem: CutProblem,
  counts: readonly number[],
  order: readonly number[],
  chance: () => number,
  usesUp: boolean,
): Fill | undefined {
  const fill = new Fill(problem.runners, problem.laps, sticksFor(problem, counts), chance, usesUp);
  return order.every((i) => fill.cut(i)) ? fill : undefined;
}

function answerOf(problem: CutProblem, facts: Facts, fill: Fill, leastCost: number): CutAnswer {
  const bought = problem.sale.map((_, sale) => {
    const used = new Set(fill.pieces.map((p) => p.stick));
    return fill.sticks.filter((s, i) => s.sale === sale && used.has(i)).length;
  });
  const cost = costOf(problem, bought);
  const used = new Set(fill.pieces.map((p) => p.stick));
  const left = fill.left.filter((_, i) => fill.sticks[i]?.sale !== undefined && used.has(i));
  return {
    pieces: fill.pieces,
    sticks: fill.sticks,
    bought,
    cost,
    leastCost,
    leastRolls: facts.leastRolls,
    neededM: facts.neededM,
    proven: cost <= leastCost + EPS,
    leastPieces: facts.leastPieces,
    longestLeftM: Math.max(0, ...left),
  };
}

const better = (a: CutAnswer, b: CutAnswer | undefined): boolean => {
  if (!b) return true;
  if (Math.abs(a.cost - b.cost) > EPS) return a.cost < b.cost;
  const [rollsA, rollsB] = [sum(a.bought), sum(b.bought)];
  if (rollsA !== rollsB) return rollsA < rollsB;
  if (a.pieces.length !== b.pieces.length) return a.pieces.length < b.pieces.length;
  return a.longestLeftM > b.longestLeftM + EPS;
};

/** Moves pieces out of the roll with the most left, where others have room, so that one left-over grows. */
function gathered(fill: Fill): Fill {
  const bought = fill.left
    .map((left, i) => ({ left, i }))
    .filter(({ i }) => fill.sticks[i]?.sale !== undefined && fill.pieces.some((p) => p.stick === i))
    .sort((a, b) => b.left - a.left)[0];
  if (!bought) return fill;
  const mine = fill.pieces
    .map((p, k) => ({ k, length: p.toM - p.fromM, stick: p.stick }))
    .filter((p) => p.stick === bought.i)
    .sort((a, b) => b.length - a.length);
  for (const { k, length } of mine) {
    let into = -1;
    fill.left.forEach((left, i) => {
      const used = fill.pieces.some((p) => p.stick === i);
      if (i === bought.i || !used || left < length - EPS) return;
      if (into < 0 || left < (fill.left[into] ?? 0)) into = i;
    });
    const piece = fill.pieces[k];
    if (into < 0 || !piece) continue;
    fill.pieces[k] = { ...piece, stick: into };
    fill.left[into] = (fill.left[into] ?? 0) - length;
    fill.left[bought.i] = (fill.left[bought.i] ?? 0) + length;
  }
  return fill;
}

export interface Progress {
  readonly answer: CutAnswer;
  /** How much of the search is done, 0 to 1. */
  readonly share: number;
}

/**
 * Cuts runs from rolls, better and better.
 * @returns each better answer as it is found, the last one at the end; undefined where a run can not be cut at all
 */
export function* cutRuns(
  problem: CutProblem,
  effort: Effort,
  seed = 1,
  exact?: ProgrammeSolver,
): Generator<Progress, CutAnswer | undefined> {
  const facts = factsOf(problem);
  const tries = triesFor(facts, effort);
  const chance = seeded(seed);
  let { leastCost } = facts;
  let best: CutAnswer | undefined;
  const take = (fill: Fill | undefined): boolean => {
    if (!fill) return false;
    const answer = answerOf(problem, facts, gathered(fill), leastCost);
    if (!better(answer, best)) return false;
    best = answer;
    return true;
  };
  const firstTries = Math.min(4, tries);
  for (let i = 0; i < firstTries; i += 1)
    take(atOnce(problem, orderOf(problem.runners, i >> 1, chance), chance, i % 2 === 1));
  if (!best) return undefined;
  yield { answer: best, share: 0.05 };

  if (exact && byPatterns(problem, facts, best)) {
    const [sale] = problem.sale;
    const found = cutByPatterns(problem.runners.map(lengthOf), sale?.lengthM ?? 1, exact);
    if (found) {
      const cost = costOf(problem, [found.leastRolls]);
      leastCost = Math.max(leastCost, cost);
      take(fillOf(problem, sticksFor(problem, [found.rolls]), found.bin));
      const rolls = Math.max(facts.leastRolls, found.leastRolls);
      best = { ...best, leastCost, leastRolls: rolls, proven: best.cost <= leastCost + EPS };
      yield { answer: best, share: 0.5 };
      if (best.proven) return best;
    }
  }
  const ahead = targets(problem, facts.neededM, best.cost).filter(
    (t) => costOf(problem, t) >= leastCost - EPS,
  );
  for (const [n, counts] of ahead.entries()) {
    const cost = costOf(problem, counts);
    if (cost > best.cost + EPS) break;
    const share = (at: number): number => Math.min(0.99, 0.05 + (0.9 * (n + at)) / ahead.length);
    if (
      facts.settled(sum(counts.map((c, i) => c * (problem.sale[i]?.lengthM ?? 0)))) &&
      cost < best.cost - EPS
    ) {
      const sticks = sticksFor(problem, counts);
      const packing = packInto(
        problem.runners.map(lengthOf),
        sticks.map((s) => s.lengthM),
        effort.nodes,
      );
      if (packing.kind === 'packed') take(fillOf(problem, sticks, packing.bin));
      if (packing.kind === 'none') {
        // Nothing cheaper was possible before, and this is not either.
        if (problem.sale.length === 1) {
          leastCost = cost + (costOf(problem, [1]) - costOf(problem, [0]));
          best = {
            ...best,
            leastCost,
            leastRolls: (counts[0] ?? 0) + 1,
            proven: best.cost <= leastCost + EPS,
          };
        }
        continue;
      }
    }
    let since = 0;
    for (let i = 0; i < tries; i += 1) {
      // Cheapest already: fewer cuts are looked for as long as it gets better.
      since += 1;
      const done = best.pieces.length === facts.leastPieces ? PATIENCE / 4 : PATIENCE;
      if (best.cost <= cost + EPS && since > done) break;
      if (take(inTarget(problem, counts, orderOf(problem.runners, i >> 1, chance), chance, i % 2 === 1))) {
        since = 0;
        yield { answer: best, share: share(i / tries) };
      } else if (i % 20 === 19) yield { answer: best, share: share(i / tries) };
    }
    if (best.cost <= cost + EPS) break;
  }
  return best;
}

/** Fewer ways are tried of thousands of pieces: each takes longer. */
const triesFor = (facts: Facts, { tries }: Effort): number =>
  Math.max(2, Math.round(tries * Math.min(1, MANY / facts.leastPieces) ** 1.5));
const MANY = 100;

/** Whether patterns may decide: lengths are settled, rolls are of one length, and it is not proven yet. */
const byPatterns = (problem: CutProblem, facts: Facts, best: CutAnswer): boolean =>
  !best.proven &&
  problem.sale.length === 1 &&
  problem.stock.length === 0 &&
  facts.settled((best.bought[0] ?? 0) * (problem.sale[0]?.lengthM ?? 0) - (problem.sale[0]?.lengthM ?? 0));

/** Whole runs in the rolls that a packing gave them. */
function fillOf(problem: CutProblem, sticks: Stick[], bin: readonly number[]): Fill {
  const fill = new Fill(problem.runners, problem.laps, sticks, () => 0);
  problem.runners.forEach((r, runner) => {
    const stick = bin[runner] ?? 0;
    fill.pieces.push({ runner, stick, fromM: r.fromM, toM: r.toM });
    fill.left[stick] = (fill.left[stick] ?? 0) - lengthOf(r);
  });
  return fill;
}

/** The last answer of a search. */
export function cutOut(
  problem: CutProblem,
  effort: Effort,
  seed = 1,
  exact?: ProgrammeSolver,
): CutAnswer | undefined {
  const steps = cutRuns(problem, effort, seed, exact);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
}
