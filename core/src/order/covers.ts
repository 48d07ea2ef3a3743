/**
 * The two best covers of a need by whole containers: a covering knapsack in whole numbers, searched depth first with
 * bounds. Common practice of branch and bound, no source.
 */

export interface Size {
  /** In whole units of the containers' common measure. */
  readonly units: number;
  /** In whole steps of money; 1 each where nothing is priced, so that fewer containers are cheaper. */
  readonly price: number;
}

/** What is sought first. Of equals the other one decides, then the number of containers. */
export type First = 'units' | 'price';

export interface Covers {
  /** Counts by size, the best first: at most two. */
  readonly found: readonly (readonly number[])[];
  /** False where the search ended before it had ruled out everything better. */
  readonly proven: boolean;
}

/** Steps after which a search gives up: some tens of milliseconds. Sizes on sale take a few hundred. */
const MOST_STEPS = 3_000_000;

/** Bits of a double in a bound by price for a unit. */
const SLACK = 1e-6;

type Key = readonly [number, number, number];
const NO_KEY: Key = [Infinity, Infinity, Infinity];
const before = (a0: number, a1: number, a2: number, b: Key): boolean =>
  a0 !== b[0] ? a0 < b[0] : a1 !== b[1] ? a1 < b[1] : a2 < b[2];

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/**
 * The two best sets of containers that cover a need and of which none can be left away. Sizes are gone through from
 * the largest down and the last one taken is just enough, so that each such set is met once.
 * @param need in the sizes' units, whole, from 0
 * @param sizes units from 1; prices from 0
 */
export function twoBestCovers(need: number, sizes: readonly Size[], first: First): Covers {
  if (need <= 0) return { found: [sizes.map(() => 0)], proven: true };
  if (sizes.length === 0) return { found: [], proven: true };
  const unitsOf = (k: number): number => sizes[k]?.units ?? 1;
  const order = sizes.map((_, i) => i).sort((a, b) => unitsOf(b) - unitsOf(a));
  const units = Float64Array.from(order, unitsOf);
  const price = Float64Array.from(order, (k) => sizes[k]?.price ?? 0);
  const n = order.length;
  const smallest = units[n - 1] ?? 1;
  /** Of the sizes from i on: the least price of a unit, and the measure all of them share. */
  const leastRatio = new Float64Array(n + 1).fill(Infinity);
  const shared = new Float64Array(n + 1);
  for (let i = n - 1; i >= 0; i -= 1) {
    leastRatio[i] = Math.min(leastRatio[i + 1] ?? 0, (price[i] ?? 0) / (units[i] ?? 1));
    shared[i] = gcd(units[i] ?? 1, shared[i + 1] ?? 0);
  }
  const byPrice = first === 'price';
  const counts = new Float64Array(n);
  let [best, second]: [Key, Key] = [NO_KEY, NO_KEY];
  let [bestCounts, secondCounts]: (number[] | undefined)[] = [undefined, undefined];
  let steps = 0;

  const keep = (total: number, cost: number, count: number): void => {
    const key: Key = byPrice ? [cost, total, count] : [total, cost, count];
    if (!before(key[0], key[1], key[2], second)) return;
    const own = new Array<number>(n).fill(0);
    for (let k = 0; k < n; k += 1) own[order[k] ?? 0] = counts[k] ?? 0;
    if (before(key[0], key[1], key[2], best)) {
      [second, secondCounts] = [best, bestCounts];
      [best, bestCounts] = [key, own];
    } else [second, secondCounts] = [key, own];
  };

  /** Least that a cover can still come to when `left` is to be covered by the sizes from i on. */
  const hopeless = (i: number, left: number, cost: number, count: number): boolean => {
    const measure = shared[i] ?? 1;
    const over = Math.max(smallest - left, measure === 1 ? 0 : (measure - (left % measure)) % measure);
    const total = need + over;
    const dear = cost + Math.ceil((left + (byPrice ? 0 : over)) * (leastRatio[i] ?? 0) - SLACK);
    const many = count + Math.ceil(left / (units[i] ?? 1));
    return byPrice ? !before(dear, total, many, second) : !before(total, dear, many, second);
  };

  /** The last size but one, with the smallest for what remains: what a search does most, so in one plain loop. */
  const lastTwo = (left: number, cost: number, count: number, falling: boolean): void => {
    const [size, each] = [units[n - 2] ?? 1, price[n - 2] ?? 0];
    const dearest = price[n - 1] ?? 0;
    const most = Math.ceil(left / size) - 1;
    const step = falling ? size : -size;
    let rest = falling ? left - most * size : left;
    for (let k = 0; k <= most; k += 1, rest += step) {
      steps += 1;
      const last = Math.ceil(rest / smallest);
      const total = need - rest + last * smallest;
      const x = falling ? most - k : k;
      const spent = cost + x * each + last * dearest;
      if (byPrice ? spent <= second[0] : total <= second[0]) {
        counts[n - 2] = x;
        counts[n - 1] = last;
        keep(total, spent, count + x + last);
        counts[n - 1] = 0;
      }
      // The price of what is exactly enough rises from here on.
      if ((byPrice || second[0] === need) && spent - dearest > second[byPrice ? 0 : 1]) break;
    }
    counts[n - 2] = 0;
  };

  const visit = (i: number, left: number, cost: number, count: number): void => {
    const [size, each] = [units[i] ?? 1, price[i] ?? 0];
    const enough = Math.ceil(left / size);
    counts[i] = enough;
    keep(need - left + enough * size, cost + enough * each, count + enough);
    counts[i] = 0;
    if (i === n - 1) return;
    // Begin where the price for a unit is best: each step away from there costs more, and the row can end early.
    const most = enough - 1;
    const falling = each / size <= (leastRatio[i + 1] ?? 0);
    if (i === n - 2) {
      lastTwo(left, cost, count, falling);
      return;
    }
    for (let k = 0; k <= most && steps < MOST_STEPS; k += 1) {
      steps += 1;
      const x = falling ? most - k : k;
      const rest = left - x * size;
      const spent = cost + x * each;
      if (hopeless(i + 1, rest, spent, count + x)) {
        const least = spent + Math.ceil(rest * (leastRatio[i + 1] ?? 0) - SLACK);
        if (byPrice ? least > second[0] : second[0] === need && least > second[1]) break;
        continue;
      }
      counts[i] = x;
      visit(i + 1, rest, spent, count + x);
    }
    counts[i] = 0;
  };
  visit(0, need, 0, 0);
  return {
    found: [bestCounts, secondCounts].filter((c) => c !== undefined),
    proven: steps < MOST_STEPS,
  };
}
