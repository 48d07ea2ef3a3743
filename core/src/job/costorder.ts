/** What missing a job costs, as a pair to order by: the kind of what it waits for, then the instant, ms. */
export type CostOrder = readonly [kind: number, atMs: number];

/** Of a job that tells nothing: behind all others. */
export const NO_COST: CostOrder = [Infinity, Infinity];

/** What missing costs most comes first. */
export function byCost(a: CostOrder, b: CostOrder): number {
  const by = (x: number, y: number): number => (x === y ? 0 : x - y);
  return by(a[0], b[0]) || by(a[1], b[1]);
}
