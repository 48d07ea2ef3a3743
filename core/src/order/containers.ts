/**
 * Which containers to buy, exactly: the choice that leaves least over, or the one that costs least, and the next best.
 * A covering knapsack over whole units of the containers' common measure, solved by dynamic programming.
 */

export interface Choice<C extends { readonly net: number }> {
  readonly picks: readonly { readonly container: C; readonly count: number }[];
  readonly total: number;
  readonly leftOver: number;
}

/** What is sought first; the other one, and then the number of containers, decide between equals. */
export type Aim = 'least left over' | 'least cost';

/** A need may exceed a sum of containers by this share of itself and still count as covered (bits of a double). */
const SLACK = 1e-9;

/** Sizes are distinguished to a thousandth of their unit. */
const GRAIN = 1000;

/**
 * Where sizes have no common measure (gallons in litres), they are distinguished to this share of the smallest, downward,
 * so that the need stays covered: nobody buys many small tins to save a spoonful.
 */
const FINEST = 1 / 100;

/** Larger tables are not made: then the measure is coarser still. */
const MOST_UNITS = 200_000;

/** Sizes in whole units of a measure, those that have one at least, and the measure. */
function measured(nets: readonly number[]): { units: number[]; measure: number } {
  const grains = nets.map((n) => Math.max(1, Math.round(n * GRAIN)));
  const common = grains.reduce(gcd);
  const smallest = Math.min(...grains);
  if (common >= smallest * FINEST && fits(grains.map((x) => x / common)))
    return { units: grains.map((x) => x / common), measure: common / GRAIN };
  let measure = Math.min(...nets) * FINEST;
  for (;;) {
    const units = nets.map((n) => Math.floor(n / measure + SLACK));
    const shared = units.filter((u) => u > 0).reduce(gcd);
    const whole = units.map((u) => u / shared);
    if (fits(whole)) return { units: whole, measure: measure * shared };
    measure *= 2;
  }
}

/** What a table takes at most: so many of the largest as stand in for what smaller ones may add up to. */
const fits = (units: readonly number[]): boolean => {
  const largest = Math.max(...units);
  return (2 * largest + 3) * largest <= MOST_UNITS;
};

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

interface Size {
  readonly index: number;
  /** In common units. */
  readonly units: number;
  readonly price: number;
}

/** Compared in order: the aim, the other, how many. */
type Score = readonly [first: number, second: number, count: number];
const NOTHING: Score = [0, 0, 0];
const better = (a: Score, b: Score): boolean => {
  for (let i = 0; i < 3; i += 1) {
    const difference = (a[i] ?? 0) - (b[i] ?? 0);
    // Prices add up in different orders: equal within the bits of a double.
    if (Math.abs(difference) > SLACK * Math.max(1, Math.abs(a[i] ?? 0))) return difference < 0;
  }
  return false;
};
const plus = (a: Score, size: Size, aim: Aim): Score => {
  const [first, second] = aim === 'least cost' ? [size.price, size.units] : [size.units, size.price];
  return [a[0] + first, a[1] + second, a[2] + 1];
};

/** A multiset of containers, as a chain from its last one back. */
interface Cover {
  readonly score: Score;
  readonly units: number;
  readonly size?: Size;
  readonly rest?: Cover;
}
type Two = readonly (Cover | undefined)[];

const among = ([a, b]: Two, c: Cover | undefined): Two => {
  if (!c) return [a, b];
  if (!a || better(c.score, a.score)) return [c, a];
  return !b || better(c.score, b.score) ? [a, c] : [a, b];
};

/**
 * The two best sets of containers that cover a need and of which none can be left away. Sizes are gone through from
 * the largest down, so that each set is met once, with its smallest container last: it may reach past the need by less
 * than that.
 */
function twoBest(need: number, sizes: readonly Size[], aim: Aim): Two {
  const falling = [...sizes].sort((a, b) => b.units - a.units);
  const reach = need + (falling[0]?.units ?? 0);
  const sums: Two[] = Array.from({ length: reach + 1 }, () => []);
  const none: Cover = { score: NOTHING, units: 0 };
  sums[0] = [none];
  let found: Two = need === 0 ? [none] : [];
  for (const size of falling) {
    for (let t = size.units; t <= reach; t += 1) {
      for (const rest of sums[t - size.units] ?? []) {
        if (!rest) continue;
        const cover = { score: plus(rest.score, size, aim), units: t, size, rest };
        sums[t] = among(sums[t] ?? [], cover);
        if (t >= need && t < need + size.units && need > 0) found = among(found, cover);
      }
    }
  }
  return found;
}

function countsOf(cover: Cover): number[] {
  const counts: number[] = [];
  for (let c: Cover | undefined = cover; c?.size; c = c.rest)
    counts[c.size.index] = (counts[c.size.index] ?? 0) + 1;
  return counts;
}

interface Sized {
  readonly net: number;
  readonly price?: { readonly value: number } | undefined;
}

export interface Choices<C extends Sized> {
  readonly best: Choice<C>;
  /** The next best, where there is another choice worth the name. */
  readonly runnerUp: Choice<C> | undefined;
}

/** Without what can be left away, smallest first: a measure that was taken down may have asked for one too many. */
function lean<C extends Sized>(
  picks: readonly { container: C; count: number }[],
  need: number,
): { container: C; count: number }[] {
  let spare = picks.reduce((sum, p) => sum + p.count * p.container.net, 0) - need;
  return [...picks]
    .reverse()
    .map((p) => {
      const away = Math.min(p.count, Math.max(0, Math.floor(spare / p.container.net)));
      spare -= away * p.container.net;
      return { ...p, count: p.count - away };
    })
    .reverse()
    .filter((p) => p.count > 0);
}

/**
 * Whole containers that cover a need. One more square metre never orders less by the measure that is sought.
 * @param sizes containers on sale; `net` and `need` in one unit
 * @param aim `least cost` takes what has a price; where one has none, what leaves least over
 */
export function chooseBoth<C extends Sized>(
  need: number,
  sizes: readonly C[],
  aim: Aim = 'least left over',
): Choices<C> {
  const empty: Choice<C> = { picks: [], total: 0, leftOver: -need };
  if (sizes.length === 0) return { best: empty, runnerUp: undefined };
  const { units: sizeUnits, measure } = measured(sizes.map((c) => c.net));
  const priced = sizes.every((c) => c.price !== undefined);
  const sought: Aim = priced ? aim : 'least left over';
  const all = sizes.flatMap((c, index): Size[] => {
    const units = sizeUnits[index] ?? 0;
    return units > 0 ? [{ index, units, price: c.price?.value ?? 0 }] : [];
  });
  const target = Math.max(0, need * (1 - SLACK));
  const units = Math.max(0, Math.ceil(target / measure - SLACK));
  // The cheapest for what is in it, or the largest, stands for most of a large need: among so many others as it has
  // units, some add up to a multiple of it and are replaced by it at no more cost (pigeonhole). The next best may lack
  // one such exchange: twice as much is left to the table.
  const base = all.reduce((a, b) => {
    const [x, y] = [a.price / a.units, b.price / b.units];
    return y < x || (y === x && b.units > a.units) ? b : a;
  });
  const largest = Math.max(...all.map((s) => s.units));
  const before = Math.max(0, Math.floor(units / base.units) - 2 * largest - 1);
  const rest = units - before * base.units;
  const [best, second] = twoBest(rest, all, sought);
  if (!best) return { best: empty, runnerUp: undefined };
  const choice = (cover: Cover): Choice<C> => {
    const counts = countsOf(cover);
    const counted = sizes
      .map((container, i) => ({ container, count: (counts[i] ?? 0) + (i === base.index ? before : 0) }))
      .sort((a, b) => b.container.net - a.container.net);
    const picks = lean(counted, target);
    const total = picks.reduce((sum, p) => sum + p.count * p.container.net, 0);
    return { picks, total, leftOver: total - need };
  };
  return { best: choice(best), runnerUp: second && choice(second) };
}

/** The best choice alone. */
export const chooseContainers = <C extends Sized>(need: number, sizes: readonly C[], aim?: Aim): Choice<C> =>
  chooseBoth(need, sizes, aim).best;
