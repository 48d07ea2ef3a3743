/** Numbers that look random and are the same each time: a multiplicative congruence (Park and Miller 1988). */
const MODULUS = 2147483647;
const FACTOR = 48271;

/** @returns a function that gives the next number from 0 to below 1 */
export function seeded(seed: number): () => number {
  let state = (mixed(seed) % (MODULUS - 1)) + 1;
  return () => {
    state = (state * FACTOR) % MODULUS;
    return (state - 1) / (MODULUS - 1);
  };
}

/** Seeds that follow each other give sequences that have nothing in common (the finisher of MurmurHash3, Appleby). */
function mixed(seed: number): number {
  let h = Math.trunc(seed) >>> 0;
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return (h ^ (h >>> 16)) >>> 0;
}
