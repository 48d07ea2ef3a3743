/** The most valuable way to fill a length with pieces: whole numbers of each kind, no more than are needed. */

/** Pieces alike: how long, in grains, and how many are needed. */
export interface Kind {
  readonly width: number;
  readonly count: number;
}

export interface Filled {
  /** What the best filling of each length is worth, by grains. */
  readonly best: Float64Array;
  /** How many of each kind the best filling of a length takes. */
  readonly countsAt: (length: number) => number[];
}

/** Best fillings of every length up to `room`, by what a piece of each kind is worth. */
export function filled(kinds: readonly Kind[], values: readonly number[], room: number): Filled {
  const best = new Float64Array(room + 1);
  const taken = kinds.map(() => new Int32Array(room + 1));
  for (const [i, { width, count }] of kinds.entries()) {
    const value = values[i] ?? 0;
    const mine = taken[i];
    if (value <= 0 || !mine) continue;
    // From the far end, so that each count is taken once.
    for (let at = room; at >= width; at -= 1) {
      let top = best[at] ?? 0;
      for (let k = 1; k <= count && k * width <= at; k += 1) {
        const v = (best[at - k * width] ?? 0) + k * value;
        if (v <= top + 1e-12) continue;
        top = v;
        mine[at] = k;
      }
      best[at] = top;
    }
  }
  return {
    best,
    countsAt: (length) => {
      const counts = kinds.map(() => 0);
      let at = length;
      for (let i = kinds.length - 1; i >= 0; i -= 1) {
        const k = taken[i]?.[at] ?? 0;
        counts[i] = k;
        at -= k * (kinds[i]?.width ?? 0);
      }
      return counts;
    },
  };
}
