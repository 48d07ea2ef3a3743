/**
 * Packing lengths that are settled into rolls: a bound that no packing beats, and a search that proves whether a number
 * of rolls will do. Depth-first over the longest length that is left, with the rolls it may go into; rolls with the same
 * left over are one, and a state whose left-overs cannot hold what is to come is given up (Martello and Toth 1990).
 */
const EPS = 1e-7;

/** Fewest rolls of one length that can hold these lengths: the bound L2 of Martello and Toth, in metres. */
export function leastRolls(lengths: readonly number[], rollM: number): number {
  const total = lengths.reduce((a, b) => a + b, 0);
  let best = Math.ceil(total / rollM - EPS);
  for (const k of [0, ...new Set(lengths.filter((l) => l <= rollM / 2))]) {
    let alone = 0;
    let big = 0;
    let bigLength = 0;
    let small = 0;
    for (const l of lengths) {
      if (l > rollM - k + EPS) alone += 1;
      else if (l > rollM / 2 + EPS) {
        big += 1;
        bigLength += l;
      } else if (l >= k - EPS) small += l;
    }
    const room = big * rollM - bigLength;
    best = Math.max(best, alone + big + Math.max(0, Math.ceil((small - room) / rollM - EPS)));
  }
  return best;
}

/** Lengths to the micrometre, so that rounding does not tell them apart. */
const grains = (length = 0): number => Math.round(length * 1e6);

export type Packing =
  { readonly kind: 'packed'; readonly bin: number[] } | { readonly kind: 'none' | 'unknown' };

/**
 * Whether lengths can be cut from these rolls, and how.
 * @param nodes how many states are looked at before it is given up
 */
export function packInto(lengths: readonly number[], rolls: readonly number[], nodes: number): Packing {
  const order = lengths.map((_, i) => i).sort((a, b) => (lengths[b] ?? 0) - (lengths[a] ?? 0));
  const sorted = order.map((i) => lengths[i] ?? 0);
  /** What is still to come, from each place of the order on. */
  const toCome = new Array<number>(sorted.length + 1).fill(0);
  for (let i = sorted.length - 1; i >= 0; i -= 1) toCome[i] = (toCome[i + 1] ?? 0) + (sorted[i] ?? 0);
  const shortest = sorted.at(-1) ?? 0;
  const left = [...rolls];
  const bin = new Array<number>(sorted.length).fill(-1);
  let seen = 0;
  let gaveUp = false;

  const usable = (): number => left.reduce((sum, l) => sum + (l >= shortest - EPS ? l : 0), 0);

  function go(at: number): boolean {
    if (at === sorted.length) return true;
    seen += 1;
    if (seen > nodes) {
      gaveUp = true;
      return false;
    }
    if (usable() < (toCome[at] ?? 0) - EPS) return false;
    const need = sorted[at] ?? 0;
    // Lengths alike go into rolls in one order only.
    const first = at > 0 && Math.abs((sorted[at - 1] ?? 0) - need) < EPS ? (bin[at - 1] ?? 0) : 0;
    const tried: number[] = [];
    const where = left
      .map((_, i) => i)
      .filter((i) => i >= first && (left[i] ?? 0) >= need - EPS)
      // Rolls with the same left over in the order of their numbers, as lengths alike go on from the last one's.
      .sort((a, b) => grains(left[a]) - grains(left[b]) || a - b);
    for (const i of where) {
      const l = left[i] ?? 0;
      if (first === 0 && tried.some((t) => Math.abs(t - l) < EPS)) continue;
      tried.push(l);
      left[i] = l - need;
      bin[at] = i;
      if (go(at + 1)) return true;
      left[i] = l;
      if (gaveUp) return false;
      // Filled to the end: no other place can be better for it, but for lengths alike, whose order is settled.
      const alike = Math.abs((sorted[at + 1] ?? 0) - need) < EPS;
      if (Math.abs(l - need) < EPS && !alike) break;
    }
    bin[at] = -1;
    return false;
  }
  if (go(0)) {
    const out = new Array<number>(lengths.length).fill(-1);
    order.forEach((i, k) => (out[i] = bin[k] ?? -1));
    return { kind: 'packed', bin: out };
  }
  return { kind: gaveUp ? 'unknown' : 'none' };
}
