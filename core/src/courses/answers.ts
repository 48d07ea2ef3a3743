/** An answer made of filled rolls, and which of two is the better one. */
import type { Fill } from './fill.ts';
import { costOf, EPS, sum, type CutAnswer, type CutProblem, type Facts } from './targets.ts';

export function answerOf(problem: CutProblem, facts: Facts, fill: Fill, leastCost: number): CutAnswer {
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

export const better = (a: CutAnswer, b: CutAnswer | undefined): boolean => {
  if (!b) return true;
  if (Math.abs(a.cost - b.cost) > EPS) return a.cost < b.cost;
  const [rollsA, rollsB] = [sum(a.bought), sum(b.bought)];
  if (rollsA !== rollsB) return rollsA < rollsB;
  if (a.pieces.length !== b.pieces.length) return a.pieces.length < b.pieces.length;
  return a.longestLeftM > b.longestLeftM + EPS;
};

/** Moves pieces out of the roll with the most left, where others have room, so that one left-over grows. */
export function gathered(fill: Fill): Fill {
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
