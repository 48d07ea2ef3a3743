/** The chance of a group against counting every way in which the bays could have shown it. */
import { describe, expect, it } from 'vitest';
import { byChance } from '../../src/diagnosis/bychance.ts';

/** Every set of `showing` of `all` bays, as bits; the group is the first `size`. */
function counted(all: number, showing: number, size: number, inGroup: number): number {
  const bits = (n: number): number => (n === 0 ? 0 : (n & 1) + bits(n >> 1));
  let [ways, fit] = [0, 0];
  for (let set = 0; set < 1 << all; set += 1) {
    if (bits(set) !== showing) continue;
    ways += 1;
    if (bits(set & ((1 << size) - 1)) >= inGroup) fit += 1;
  }
  return fit / ways;
}

describe('a group by chance', () => {
  it('is what counting every way says, for each table of up to nine bays', () => {
    for (let all = 1; all <= 9; all += 1)
      for (let showing = 0; showing <= all; showing += 1)
        for (let size = 0; size <= all; size += 1)
          for (let k = Math.max(0, size + showing - all); k <= Math.min(size, showing); k += 1)
            expect(byChance(all, showing, size, k), `${all} ${showing} ${size} ${k}`).toBeCloseTo(
              counted(all, showing, size, k),
              12,
            );
  });
  it('the tea that was tasted: four of four cups of eight, 1 in 70 (Fisher, The Design of Experiments, chapter 2)', () =>
    expect(byChance(8, 4, 4, 4)).toBeCloseTo(1 / 70, 12));
  it('holds for many bays', () => expect(byChance(3000, 300, 300, 40)).toBeGreaterThan(0));
});
