/** Numbers that look random and are the same each time: a multiplicative congruence (Park and Miller 1988). */
const MODULUS = 2147483647;
const FACTOR = 48271;

/** @returns a function that gives the next number from 0 to below 1 */
export function seeded(seed: number): () => number {
  let state = (Math.abs(Math.trunc(seed)) % (MODULUS - 1)) + 1;
  return () => {
    state = (state * FACTOR) % MODULUS;
    return (state - 1) / (MODULUS - 1);
  };
}
