/**
 * Pieces cut from rolls: each is taken as the rectangle round it, the largest first, and set where the roll is used
 * least far along (skyline, bottom left). How good that is, is said by a bound that no cutting can beat.
 */
export interface Cut {
  readonly key: string;
  readonly label: string;
  /** The rectangle, mm. */
  readonly widthMm: number;
  readonly heightMm: number;
  readonly count: number;
}

export interface PlacedCut {
  readonly key: string;
  readonly label: string;
  readonly roll: number;
  /** Along the roll, and across it from its left edge. */
  readonly alongMm: number;
  readonly acrossMm: number;
  readonly longMm: number;
  readonly wideMm: number;
  readonly turned: boolean;
}

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

interface Step {
  readonly from: number;
  readonly to: number;
  readonly at: number;
}

/** The used edge of one roll: steps across its width, each with how far along it is used. */
class Skyline {
  private steps: Step[];
  constructor(
    readonly widthMm: number,
    readonly lengthMm: number,
  ) {
    this.steps = [{ from: 0, to: widthMm, at: 0 }];
  }

  get used(): number {
    return Math.max(...this.steps.map((s) => s.at));
  }

  /** Lowest place for a rectangle that begins at a step; undefined where the roll is too short. */
  place(wide: number, long: number): { across: number; along: number } | undefined {
    let best: { across: number; along: number } | undefined;
    for (const { from } of this.steps) {
      if (from + wide > this.widthMm + GRAIN) continue;
      const along = Math.max(
        ...this.steps.filter((s) => s.to > from + GRAIN && s.from < from + wide - GRAIN).map((s) => s.at),
      );
      if (along + long > this.lengthMm + GRAIN) continue;
      if (!best || along < best.along) best = { across: from, along };
    }
    return best;
  }

  take(across: number, wide: number, to: number): void {
    const end = across + wide;
    const next: Step[] = [];
    for (const s of this.steps) {
      if (s.to <= across || s.from >= end) next.push(s);
      else {
        if (s.from < across) next.push({ ...s, to: across });
        if (s.to > end) next.push({ ...s, from: end });
      }
    }
    next.push({ from: across, to: end, at: to });
    this.steps = next.filter((s) => s.to - s.from > GRAIN).sort((a, b) => a.from - b.from);
  }
}

/** Rectangles are told apart to a thousandth of a millimetre. */
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

/** What no cutting can beat: all areas over the width, and the longest piece that can lie no other way. */
function bound(cuts: readonly Cut[], widthMm: number, mayTurn: boolean): number {
  const area = cuts.reduce((sum, c) => sum + c.widthMm * c.heightMm * c.count, 0) / widthMm;
  // A piece wider than half the roll has nothing of its kind beside it.
  const alone = cuts.reduce((sum, c) => {
    const least = mayTurn ? Math.min(c.widthMm, c.heightMm) : c.widthMm;
    if (least <= widthMm / 2) return sum;
    const long = mayTurn && c.heightMm <= widthMm ? Math.min(c.widthMm, c.heightMm) : c.heightMm;
    return sum + long * c.count;
  }, 0);
  return Math.max(area, alone);
}

function attempt(
  list: readonly Cut[],
  widthMm: number,
  lengthMm: number,
  mayTurn: boolean,
  lying: 'flat' | 'upright' | 'free',
): { placed: PlacedCut[]; rolls: Skyline[]; left: Cut[] } {
  const placed: PlacedCut[] = [];
  const rolls: Skyline[] = [];
  const left: Cut[] = [];
  for (const cut of list) {
    const possible = ways(cut, widthMm, lengthMm, mayTurn);
    if (possible.length === 0) {
      left.push(cut);
      continue;
    }
    const sorted = [...possible].sort((a, b) => (lying === 'flat' ? a.long - b.long : b.long - a.long));
    const tried = lying === 'free' ? sorted : sorted.slice(0, 1);
    for (let i = 0; i < cut.count; i += 1) {
      let found: { roll: number; across: number; along: number; way: (typeof possible)[number] } | undefined;
      for (let r = 0; r <= rolls.length && !found; r += 1) {
        const roll = rolls[r] ?? new Skyline(widthMm, lengthMm);
        for (const way of tried) {
          const at = roll.place(way.wide, way.long);
          if (at && (!found || at.along + way.long < found.along + found.way.long))
            found = { roll: r, ...at, way };
        }
        if (found && r === rolls.length) rolls.push(roll);
      }
      if (!found) continue;
      rolls[found.roll]?.take(found.across, found.way.wide, found.along + found.way.long);
      placed.push({
        key: cut.key,
        label: cut.label,
        roll: found.roll,
        alongMm: found.along,
        acrossMm: found.across,
        longMm: found.way.long,
        wideMm: found.way.wide,
        turned: found.way.turned,
      });
    }
  }
  return { placed, rolls, left };
}

/** Cuts of one list stop being tried in every order above this many pieces. */
const MOST_TRIED = 4000;

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
  const lyings = mayTurn ? (['flat', 'upright', 'free'] as const) : (['free'] as const);
  let best: { placed: PlacedCut[]; rolls: Skyline[]; left: Cut[]; total: number } | undefined;
  for (const order of number > MOST_TRIED ? orders.slice(0, 1) : orders) {
    for (const lying of lyings) {
      const result = attempt([...cuts].sort(order), widthMm, lengthMm, mayTurn, lying);
      const full = result.rolls.slice(0, -1).length * lengthMm;
      const total = full + (result.rolls.at(-1)?.used ?? 0);
      if (!best || total < best.total) best = { ...result, total };
    }
  }
  const usedMm = best?.rolls.map((r) => r.used) ?? [];
  const totalMm = usedMm.reduce((a, b) => a + b, 0);
  const cutArea = fits.reduce((sum, c) => sum + c.widthMm * c.heightMm * c.count, 0);
  return {
    placed: best?.placed ?? [],
    usedMm,
    totalMm,
    leastMm: bound(fits, widthMm, mayTurn),
    waste: totalMm > 0 ? 1 - cutArea / (totalMm * widthMm) : 0,
    left: best?.left ?? [],
  };
}
