/**
 * Pieces cut from rolls: each is taken as the rectangle round it, the largest first, and set where the roll is used
 * least far along (skyline, bottom left). How good that is, is said by a bound that no cutting can beat.
 */
import { bestFit, type Fitted } from './bestfit.ts';
import { cutBound } from './cutbound.ts';
import type { Cut, PlacedCut } from './cuts.ts';
import { seeded } from '../keeping/index.ts';

export interface Nest {
  readonly placed: readonly PlacedCut[];
  /** How far each roll is used, mm. */
  readonly usedMm: readonly number[];
  /** All rolls together, mm. */
  readonly totalMm: number;
  /** No cutting uses less, mm. */
  readonly leastMm: number;
  /** Share of what is cut off the roll that is in no rectangle. */
  readonly waste: number;
  /** Pieces that no roll gives. */
  readonly left: readonly Cut[];
}

/** The used edge of one roll: where each step across its width begins, and how far along it is used. */
class Skyline {
  private from: number[] = [0];
  private at: number[] = [0];
  constructor(
    readonly widthMm: number,
    readonly lengthMm: number,
  ) {}

  get used(): number {
    return Math.max(...this.at);
  }

  /** How far along the step that is used least. */
  get lowest(): number {
    return Math.min(...this.at);
  }

  /** Lowest place for a rectangle that begins at a step; undefined where the roll is too short. */
  place(wide: number, long: number): { across: number; along: number } | undefined {
    const { from, at } = this;
    const most = this.lengthMm - long + GRAIN;
    let across = -1;
    let least = Infinity;
    for (let i = 0; i < from.length; i += 1) {
      const start = from[i] ?? 0;
      if (start + wide > this.widthMm + GRAIN) break;
      let along = at[i] ?? 0;
      for (let k = i + 1; k < from.length && (from[k] ?? 0) < start + wide - GRAIN; k += 1)
        along = Math.max(along, at[k] ?? 0);
      if (along <= most && along < least) {
        least = along;
        across = start;
      }
    }
    return across < 0 ? undefined : { across, along: least };
  }

  /** Uses the roll from one step's beginning across a width, up to so far along. */
  take(across: number, wide: number, to: number): void {
    const end = across + wide;
    const from: number[] = [];
    const at: number[] = [];
    const push = (start: number, along: number): void => {
      if (at.length > 0 && at[at.length - 1] === along) return;
      from.push(start);
      at.push(along);
    };
    this.from.forEach((start, i) => {
      const next = this.from[i + 1] ?? this.widthMm;
      const along = this.at[i] ?? 0;
      if (next <= across + GRAIN || start >= end - GRAIN) {
        push(start, along);
        return;
      }
      if (Math.abs(start - across) <= GRAIN) push(across, to);
      if (next > end + GRAIN) push(end, along);
    });
    this.from = from;
    this.at = at;
  }
}

/** Rectangles are distinguished to a thousandth of a millimetre. */
const GRAIN = 1e-3;

/** The ways a rectangle may lie: as wide across as fits, or turned. */
function ways(
  cut: Cut,
  widthMm: number,
  lengthMm: number,
  mayTurn: boolean,
): { wide: number; long: number; turned: boolean }[] {
  const both = [
    { wide: cut.widthMm, long: cut.heightMm, turned: false },
    ...(mayTurn && cut.widthMm !== cut.heightMm
      ? [{ wide: cut.heightMm, long: cut.widthMm, turned: true }]
      : []),
  ];
  return both.filter((w) => w.wide <= widthMm + GRAIN && w.long <= lengthMm + GRAIN);
}

type Way = ReturnType<typeof ways>[number];
const laidOn = (
  roll: number,
  { key, label }: Cut,
  { across, along, way }: { readonly across: number; readonly along: number; readonly way: Way },
): PlacedCut => ({
  ...{ key, label, roll, alongMm: along, acrossMm: across },
  ...{ longMm: way.long, wideMm: way.wide, turned: way.turned },
});

interface Attempt {
  readonly placed: PlacedCut[];
  readonly rolls: Skyline[];
  readonly left: Cut[];
}

/** How a rectangle is laid where it may lie both ways: its short side along, its long one, or what reaches least far. */
type Lying = 'flat' | 'upright' | 'free';

function attempt(
  list: readonly Cut[],
  widthMm: number,
  lengthMm: number,
  mayTurn: boolean,
  lying: Lying,
): Attempt {
  const placed: PlacedCut[] = [];
  const rolls: Skyline[] = [];
  const left: Cut[] = [];
  const shortest = Math.min(...list.map((c) => (mayTurn ? Math.min(c.widthMm, c.heightMm) : c.heightMm)));
  /** Rolls before this one have no room for anything any more. */
  let open = 0;
  for (const cut of list) {
    const possible = ways(cut, widthMm, lengthMm, mayTurn);
    if (possible.length === 0) {
      left.push(cut);
      continue;
    }
    const sorted = [...possible].sort((a, b) => (lying === 'flat' ? a.long - b.long : b.long - a.long));
    const tried = lying === 'free' ? sorted : sorted.slice(0, 1);
    /** The next of the same kind fits nowhere before this one did. */
    let start = open;
    for (let i = 0; i < cut.count; i += 1) {
      let found: { roll: number; across: number; along: number; way: (typeof possible)[number] } | undefined;
      for (let r = start; !found; r += 1) {
        const roll = rolls[r] ?? new Skyline(widthMm, lengthMm);
        for (const way of tried) {
          const at = roll.place(way.wide, way.long);
          if (at && (!found || at.along + way.long < found.along + found.way.long))
            found = { roll: r, ...at, way };
        }
        if (found && r === rolls.length) rolls.push(roll);
      }
      start = found.roll;
      rolls[found.roll]?.take(found.across, found.way.wide, found.along + found.way.long);
      while (open < rolls.length - 1 && (rolls[open]?.lowest ?? 0) + shortest > lengthMm) open += 1;
      placed.push(laidOn(found.roll, cut, found));
    }
  }
  return { placed, rolls, left };
}

/**
 * Fills one roll with as many of the pieces as fit, in their order.
 * @returns what lies on it, how far it is used, and what is left, counts and all
 */
export function fillRoll(
  cuts: readonly Cut[],
  widthMm: number,
  lengthMm: number,
  mayTurn: boolean,
): { readonly placed: PlacedCut[]; readonly usedMm: number; readonly left: Cut[] } {
  const roll = new Skyline(widthMm, lengthMm);
  const placed: PlacedCut[] = [];
  const left: Cut[] = [];
  for (const cut of cuts) {
    const possible = ways(cut, widthMm, lengthMm, mayTurn).sort((a, b) => a.long - b.long);
    let count = cut.count;
    for (; count > 0; count -= 1) {
      const found = possible
        .flatMap((way) => {
          const at = roll.place(way.wide, way.long);
          return at ? [{ ...at, way }] : [];
        })
        .sort((a, b) => a.along + a.way.long - (b.along + b.way.long))[0];
      if (!found) break;
      roll.take(found.across, found.way.wide, found.along + found.way.long);
      placed.push(laidOn(0, cut, found));
    }
    if (count > 0) left.push({ ...cut, count });
  }
  return { placed, usedMm: roll.used, left };
}

/** How far the rolls are used: whole ones, and the last as far as it is. */
const spent = ({ usedMm }: Fitted, lengthMm: number): number =>
  Math.max(0, usedMm.length - 1) * lengthMm + (usedMm.at(-1) ?? 0);

/** Choices between the piece that fits a gap best and the longest one, and how often each is disturbed. */
const FILLS = [1, 0.7, 0.5, 0.3, 0.1] as const;
const MOST_DISTURBED = 8;
/** Of many pieces of many kinds each try takes long: this many choices between kinds are made in all, about. */
const MOST_CHOICES = 20_000;
const NOISE = 0.12;

/** The best of many cuttings by best fit, where one is better; it ends as soon as none can be. */
function improved(
  first: Fitted,
  cuts: readonly Cut[],
  widthMm: number,
  lengthMm: number,
  mayTurn: boolean,
  least: number,
): Fitted {
  const waysOf = cuts.map((c) => ways(c, widthMm, lengthMm, mayTurn));
  const chance = seeded(cuts.length);
  let best = first;
  if (cuts.length === 0) return best;
  const pieces = cuts.reduce((sum, c) => sum + c.count, 0);
  const disturbed = Math.min(MOST_DISTURBED, Math.floor(MOST_CHOICES / (pieces * cuts.length)));
  for (let i = 0; i < 1 + disturbed; i += 1)
    for (const fill of FILLS) {
      if (spent(best, lengthMm) <= least + GRAIN) return best;
      const found = bestFit(
        cuts,
        waysOf,
        { widthMm, lengthMm },
        { fill, noise: i === 0 ? 0 : NOISE, chance },
      );
      if (spent(found, lengthMm) < spent(best, lengthMm) - GRAIN) best = found;
    }
  return best;
}

/** With more pieces than this only the first order is tried: what others win is little, and the answer is there at once. */
const MOST_TRIED = 600;

/**
 * Sets pieces on rolls of a width and length.
 * @param mayTurn whether a piece may be cut across the roll
 * @returns the best of a few orders; `leastMm` says what no cutting can beat
 */
export function nest(cuts: readonly Cut[], widthMm: number, lengthMm: number, mayTurn: boolean): Nest {
  const fits = cuts.filter((c) => ways(c, widthMm, lengthMm, mayTurn).length > 0);
  const number = cuts.reduce((sum, c) => sum + c.count, 0);
  const long = (c: Cut): number => Math.max(c.widthMm, c.heightMm);
  const orders: ((a: Cut, b: Cut) => number)[] = [
    (a, b) => long(b) - long(a) || b.widthMm * b.heightMm - a.widthMm * a.heightMm,
    (a, b) => b.widthMm * b.heightMm - a.widthMm * a.heightMm,
    (a, b) => Math.min(b.widthMm, b.heightMm) - Math.min(a.widthMm, a.heightMm) || long(b) - long(a),
  ];
  const many = number > MOST_TRIED;
  const lyings: readonly Lying[] = mayTurn && !many ? ['flat', 'upright', 'free'] : ['free'];
  let best: (Attempt & { total: number }) | undefined;
  for (const order of many ? orders.slice(0, 1) : orders) {
    for (const lying of lyings) {
      const result = attempt([...cuts].sort(order), widthMm, lengthMm, mayTurn, lying);
      const full = Math.max(0, result.rolls.length - 1) * lengthMm;
      const total = full + (result.rolls.at(-1)?.used ?? 0);
      if (!best || total < best.total) best = { ...result, total };
    }
  }
  const leastMm = cutBound(fits, widthMm, mayTurn);
  const skyline: Fitted = {
    placed: best?.placed ?? [],
    usedMm: best?.rolls.map((r) => r.used) ?? [],
  };
  const { placed, usedMm } = many ? skyline : improved(skyline, fits, widthMm, lengthMm, mayTurn, leastMm);
  const totalMm = usedMm.reduce((a, b) => a + b, 0);
  const cutArea = fits.reduce((sum, c) => sum + c.widthMm * c.heightMm * c.count, 0);
  return {
    placed,
    usedMm,
    totalMm,
    leastMm,
    waste: totalMm > 0 ? 1 - cutArea / (totalMm * widthMm) : 0,
    left: best?.left ?? [],
  };
}
