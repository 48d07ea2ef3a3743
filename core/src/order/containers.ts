/**
 * Which containers to buy: the choice that leaves least over, or the one that costs least, and the next best. Sizes and
 * need become whole numbers of a common measure; covers.ts searches them.
 */
import { twoBestCovers, type First } from './covers.ts';

export interface Choice<C extends { readonly net: number }> {
  readonly picks: readonly { readonly container: C; readonly count: number }[];
  readonly total: number;
  readonly leftOver: number;
}

/** What is sought first; the other one, and then the number of containers, decide between equals. */
export type Aim = 'least left over' | 'least cost';

/** A need may exceed a sum of containers by this share of itself and still count as covered (bits of a double). */
const SLACK = 1e-9;

/** Sizes without a common measure are distinguished to a thousandth of their unit, downward: the need stays covered. */
const GRAIN = 1000;

/** The smallest is divided by up to this to find a common measure. */
const MOST_PARTS = 1000;

/**
 * Sizes that are this near to whole multiples of the smallest, up to so many times, are multiples of it on a rounded
 * label (18.927 and 3.785 L): nobody buys many small tins to save a spoonful.
 */
const ROUNDED_LABEL = 2e-4;
const MOST_TIMES = 60;

/** Money is compared in ten-thousandths of the currency. */
const MONEY_STEPS = 10_000;

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b));

/** Whole multiples of a part of the smallest size, where each size is one within a share of itself. */
function multiples(
  nets: readonly number[],
  parts: number,
  within: number,
  most: number,
): number[] | undefined {
  const measure = Math.min(...nets) / parts;
  const units = nets.map((n) => Math.round(n / measure));
  const near = nets.every((n, i) => Math.abs(n - (units[i] ?? 0) * measure) <= within * n);
  return near && units.every((u) => u <= most) ? units : undefined;
}

/** Sizes in thousandths, where all are whole. */
function thousandths(nets: readonly number[]): number[] | undefined {
  const units = nets.map((n) => Math.round(n * GRAIN));
  return nets.every((n, i) => Math.abs(n * GRAIN - (units[i] ?? 0)) <= SLACK * n * GRAIN) ? units : undefined;
}

/** Sizes in whole units of a measure, each from 1 and no larger than it is. */
function measured(nets: readonly number[]): { units: number[]; measure: number } {
  let units = multiples(nets, 1, ROUNDED_LABEL, MOST_TIMES) ?? thousandths(nets);
  for (let parts = 1; !units && parts <= MOST_PARTS; parts += 1)
    units = multiples(nets, parts, SLACK, Infinity);
  units ??= nets.map((n) => Math.max(1, Math.floor(n * GRAIN * (1 + SLACK))));
  const shared = units.reduce(gcd);
  const whole = units.map((u) => u / shared);
  return { units: whole, measure: Math.min(...nets.map((n, i) => n / (whole[i] ?? 1))) };
}

interface Sized {
  readonly net: number;
  readonly price?: { readonly value: number } | undefined;
}

export interface Choices<C extends Sized> {
  readonly best: Choice<C>;
  /** The next best, where there is another choice worth the name. */
  readonly runnerUp: Choice<C> | undefined;
  /** What was sought: where a size has no price, what leaves least over. */
  readonly aim: Aim;
  /** False where the search ended before it had ruled out everything better. */
  readonly proven: boolean;
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
 * @param sizes containers on sale; `net` above 0, in the unit of `need`
 * @param aim `least cost` takes what has a price; where one has none, what leaves least over
 */
export function chooseBoth<C extends Sized>(
  need: number,
  sizes: readonly C[],
  aim: Aim = 'least left over',
): Choices<C> {
  const empty: Choice<C> = { picks: [], total: 0, leftOver: -need };
  if (sizes.length === 0) return { best: empty, runnerUp: undefined, aim, proven: true };
  const { units, measure } = measured(sizes.map((c) => c.net));
  const priced = sizes.every((c) => c.price !== undefined);
  const sought: Aim = priced ? aim : 'least left over';
  const first: First = sought === 'least cost' ? 'price' : 'units';
  const target = Math.max(0, need * (1 - SLACK));
  const { found, proven } = twoBestCovers(
    Math.ceil(target / measure - SLACK),
    sizes.map((c, i) => ({
      units: units[i] ?? 1,
      price: priced ? Math.round((c.price?.value ?? 0) * MONEY_STEPS) : 1,
    })),
    first,
  );
  const choice = (counts: readonly number[]): Choice<C> => {
    const counted = sizes
      .map((container, i) => ({ container, count: counts[i] ?? 0 }))
      .sort((a, b) => b.container.net - a.container.net);
    const picks = lean(counted, target);
    const total = picks.reduce((sum, p) => sum + p.count * p.container.net, 0);
    return { picks, total, leftOver: total - need };
  };
  // A size that was taken down may have hidden that less is enough: the two are compared as they are.
  const [a, b] = found.map(choice);
  const swap = a && b && sooner(b, a, first, measure / 2);
  return {
    best: (swap ? b : a) ?? empty,
    runnerUp: swap ? a : b,
    aim: sought,
    proven,
  };
}

/** Whether a choice is plainly better by what is sought first, in the sizes as they are. */
function sooner<C extends Sized>(a: Choice<C>, b: Choice<C>, first: First, byUnits: number): boolean {
  const cost = (c: Choice<C>): number =>
    c.picks.reduce((sum, p) => sum + p.count * (p.container.price?.value ?? 0), 0);
  return first === 'price' ? cost(a) < cost(b) * (1 - SLACK) : a.total < b.total - byUnits;
}

/** The best choice alone. */
export const chooseContainers = <C extends Sized>(need: number, sizes: readonly C[], aim?: Aim): Choice<C> =>
  chooseBoth(need, sizes, aim).best;
