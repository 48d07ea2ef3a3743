/**
 * Numbers that look random and follow from keys alone: the same keys give the same number in any order, on any machine.
 * For made-up weather, where an hour far ahead is asked for without all those before it.
 */

/** Finaliser of MurmurHash3 (Appleby, public domain; from memory): every input bit moves every output bit. */
function mixed(value: number): number {
  let h = value | 0;
  h ^= h >>> 16;
  h = Math.imul(h, 0x85ebca6b);
  h ^= h >>> 13;
  h = Math.imul(h, 0xc2b2ae35);
  h ^= h >>> 16;
  return h;
}

const GOLDEN = 0x9e3779b9;
const WORD = 2 ** 32;

/**
 * @param keys whole numbers
 * @returns a number from 0 to below 1
 */
export function shareOf(...keys: readonly number[]): number {
  let h = GOLDEN | 0;
  for (const key of keys) h = mixed((h ^ mixed(key | 0)) + GOLDEN);
  return (h >>> 0) / WORD;
}

/** A normal number of mean 0 and deviation 1 (Box and Muller 1958). */
export function normalOf(...keys: readonly number[]): number {
  const radius = Math.sqrt(-2 * Math.log(1 - shareOf(...keys, 1)));
  return radius * Math.cos(2 * Math.PI * shareOf(...keys, 2));
}
