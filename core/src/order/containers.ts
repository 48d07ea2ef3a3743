/** Which containers to buy: the least that covers the need, and of those the fewest containers. */

export interface Choice<C extends { readonly net: number }> {
  readonly picks: readonly { readonly container: C; readonly count: number }[];
  readonly total: number;
  readonly leftOver: number;
}

/** A need may exceed a sum of containers by this share of itself and still count as covered (bits of a double). */
const SLACK = 1e-9;

/** Sizes are told apart to a thousandth of their unit. */
const GRAIN = 1000;

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/**
 * How many of the largest container a least total can do without. With all sizes multiples of g, any L / g smaller
 * ones hold some that add up to a multiple of the largest L (pigeonhole) and are replaced by it, in fewer
 * containers; so smaller ones stand for less than (L / g) × the second size.
 * @param falling sizes, largest first
 */
function mostMissing(falling: readonly number[]): number {
  const whole = falling.map((v) => Math.max(1, Math.round(v * GRAIN)));
  const [, second] = whole;
  return second === undefined ? 0 : Math.ceil(second / whole.reduce(gcd)) + 1;
}

/**
 * Whole containers that cover a need with the least left over, ties going to fewer containers.
 * Buying more area never buys less: the least total that covers a need can not fall as the need grows.
 * @param sizes containers on sale, at least one; `net` and `need` in one unit
 */
export function chooseContainers<C extends { readonly net: number }>(
  need: number,
  sizes: readonly C[],
): Choice<C> {
  const falling = [...sizes].sort((a, b) => b.net - a.net);
  const target = Math.max(0, need * (1 - SLACK));
  let best: { counts: number[]; total: number; containers: number } | undefined;
  const largest = falling[0];
  if (!largest) return { picks: [], total: 0, leftOver: -need };
  const missing = mostMissing(falling.map((c) => c.net));

  const visit = (i: number, counts: readonly number[], reached: number): void => {
    const size = falling[i];
    if (!size) return;
    const left = Math.max(0, target - reached);
    const most = Math.ceil(left / size.net);
    if (i === falling.length - 1) {
      const total = reached + most * size.net;
      const containers = counts.reduce((a, b) => a + b, most);
      const better =
        !best || total < best.total - SLACK || (total <= best.total + SLACK && containers < best.containers);
      if (better) best = { counts: [...counts, most], total, containers };
      return;
    }
    const least = i === 0 ? Math.max(0, most - missing) : 0;
    for (let count = most; count >= least; count -= 1)
      visit(i + 1, [...counts, count], reached + count * size.net);
  };
  visit(0, [], 0);

  const chosen = best ?? { counts: [], total: 0, containers: 0 };
  return {
    picks: falling.flatMap((container, i) => {
      const count = chosen.counts[i] ?? 0;
      return count > 0 ? [{ container, count }] : [];
    }),
    total: chosen.total,
    leftOver: chosen.total - need,
  };
}
