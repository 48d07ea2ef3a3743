/** Ways to fill rolls with runs: one after the other, in many orders, into rolls opened as needed or into a given number. */
import { Fill, type Runner, type Stick, type Way } from './fill.ts';
import { EPS, lengthOf, longestOf, type CutProblem } from './targets.ts';

const byLength = (runners: readonly Runner[]): number[] =>
  runners.map((_, i) => i).sort((a, b) => lengthOf(runners[b] as Runner) - lengthOf(runners[a] as Runner));

/** Orders in which runs are cut: the longest first, then more and more by chance; some as they are laid. */
export function orderOf(runners: readonly Runner[], attempt: number, chance: () => number): number[] {
  if (attempt === 0) return byLength(runners);
  if (attempt === 1) return runners.map((_, i) => i);
  const noise = attempt % 3 === 0 ? 1 : attempt % 3 === 1 ? 0.15 : 0.4;
  const keys = runners.map((r) => lengthOf(r) * (1 - noise * chance()));
  return runners.map((_, i) => i).sort((a, b) => (keys[b] ?? 0) - (keys[a] ?? 0));
}

export const sticksFor = (problem: CutProblem, counts: readonly number[]): Stick[] => [
  ...problem.stock,
  ...counts.flatMap((n, sale) =>
    Array.from({ length: n }, (): Stick => ({ lengthM: problem.sale[sale]?.lengthM ?? 0, sale })),
  ),
];

/** A first answer: rolls are opened as they are needed. */
export function atOnce(
  problem: CutProblem,
  order: readonly number[],
  chance: () => number,
  way: Way,
): Fill | undefined {
  const fill = new Fill(problem.runners, problem.laps, [...problem.stock], chance, way, longestOf(problem));
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

export function inTarget(
  problem: CutProblem,
  counts: readonly number[],
  order: readonly number[],
  chance: () => number,
  way: Way,
): Fill | undefined {
  const fill = new Fill(
    problem.runners,
    problem.laps,
    sticksFor(problem, counts),
    chance,
    way,
    longestOf(problem),
  );
  return order.every((i) => fill.cut(i)) ? fill : undefined;
}

/** Whole runs in the rolls that a packing gave them. */
export function fillOf(problem: CutProblem, sticks: Stick[], bin: readonly number[]): Fill {
  const fill = new Fill(problem.runners, problem.laps, sticks, () => 0);
  problem.runners.forEach((r, runner) => {
    const stick = bin[runner] ?? 0;
    fill.pieces.push({ runner, stick, fromM: r.fromM, toM: r.toM });
    fill.left[stick] = (fill.left[stick] ?? 0) - lengthOf(r);
  });
  return fill;
}
