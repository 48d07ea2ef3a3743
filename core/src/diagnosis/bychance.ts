/** How easily a group of bays would show so much of a symptom if it fell on bays by chance alone. */

const logChoose = (n: number, k: number): number => {
  let sum = 0;
  for (let i = 1; i <= k; i += 1) sum += Math.log((n - k + i) / i);
  return sum;
};

/**
 * Of `all` bays `showing` show it; `size` of them are of a group, and `inGroup` of these show it.
 * @returns the chance that at least so many of the group would, 0 to 1: the upper tail of the hypergeometric distribution
 *   (one-sided exact test of a table of two by two; R. A. Fisher, Statistical Methods for Research Workers, section 21.02)
 */
export function byChance(all: number, showing: number, size: number, inGroup: number): number {
  const most = Math.min(size, showing);
  let chance = 0;
  for (let k = inGroup; k <= most; k += 1)
    if (size - k <= all - showing)
      chance += Math.exp(logChoose(showing, k) + logChoose(all - showing, size - k) - logChoose(all, size));
  return Math.min(1, chance);
}
