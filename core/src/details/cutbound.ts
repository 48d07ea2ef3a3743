/**
 * What no cutting of pieces from a roll can beat. Widths are weighed by dual feasible functions: whatever lies side by
 * side weighs no more than the whole width, so that lengths times weights fit into the length that is used
 * (S. Fekete and J. Schepers 2001; k-th function of G. Lueker 1983).
 */
import type { Cut } from './cuts.ts';

type Weigh = (share: number) => number;

/** Shares of a width that differ by less are one. */
const SAME = 1e-9;

/** Rounds shares down to k parts, so that k + 1 of a little more than a part do not lie abreast. */
const parts =
  (k: number): Weigh =>
  (x) => {
    const many = (k + 1) * x;
    return Math.abs(many - Math.round(many)) < SAME ? x : Math.floor(many) / k;
  };

/** What is nearly as wide as the roll counts as all of it, what would lie beside it as nothing. */
const wide =
  (least: number): Weigh =>
  (x) => {
    if (x > 1 - least + SAME) return 1;
    return x < least - SAME ? 0 : x;
  };

/**
 * A share counts as one of as many as lie abreast of its kind, what is narrower than a least as nothing. That may weigh
 * more than the width, so it is divided by the most that any pieces side by side weigh (an unbounded knapsack, in whole
 * millimetres, widths rounded down).
 */
function abreast(shares: readonly number[], least: number, widthMm: number): Weigh {
  const plain: Weigh = (x) => (x < least - SAME ? 0 : 1 / Math.floor(1 / x + SAME));
  const whole = Math.floor(widthMm);
  const kinds = new Map<number, number>();
  for (const x of shares) {
    const wide = Math.max(1, Math.floor(x * widthMm + SAME));
    if (plain(x) > 0) kinds.set(wide, Math.max(plain(x), kinds.get(wide) ?? 0));
  }
  const most = new Float64Array(whole + 1);
  for (let w = 1; w <= whole; w += 1) {
    let best = most[w - 1] ?? 0;
    for (const [wide, weight] of kinds) if (wide <= w) best = Math.max(best, (most[w - wide] ?? 0) + weight);
    most[w] = best;
  }
  const heaviest = Math.max(1, most[whole] ?? 1);
  return (x) => plain(x) / heaviest;
}

const MOST_LEASTS = 14;
const MOST_PARTS = 12;
const MOST_WIDE = 60;

/** @returns length, mm, that no cutting uses less than; every piece has to fit */
export function cutBound(cuts: readonly Cut[], widthMm: number, mayTurn: boolean): number {
  const ways = cuts.map((c) => {
    const both = [
      { share: c.widthMm / widthMm, long: c.heightMm },
      ...(mayTurn ? [{ share: c.heightMm / widthMm, long: c.widthMm }] : []),
    ];
    return { count: c.count, both: both.filter((w) => w.share <= 1 + SAME) };
  });
  const halves = [
    ...new Set(ways.flatMap((w) => w.both.flatMap((b) => [b.share, 1 - b.share])).map((x) => x.toFixed(6))),
  ]
    .map(Number)
    .filter((x) => x > 0 && x <= 0.5)
    .slice(0, MOST_WIDE);
  const shares = [...new Set(ways.flatMap((w) => w.both.map((b) => b.share)))];
  const leasts = [...shares].sort((a, b) => b - a).slice(0, MOST_LEASTS);
  const weighs: Weigh[] = [
    (x) => x,
    ...Array.from({ length: MOST_PARTS }, (_, i) => parts(i + 1)),
    ...halves.map(wide),
    ...leasts.map((least) => abreast(shares, least, widthMm)),
  ];
  // However each piece lies, it weighs at least what it does the lighter way.
  const length = (weigh: Weigh): number =>
    ways.reduce(
      (sum, w) => sum + w.count * Math.min(...w.both.map((b) => weigh(Math.min(1, b.share)) * b.long)),
      0,
    );
  return Math.max(0, ...weighs.map(length));
}
