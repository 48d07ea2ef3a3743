import { describe, expect, it } from 'vitest';
import { chooseBoth } from '@lentum/core/order';
import { byTable, randomContainers } from './support/containers.ts';

const sum = (picks: readonly { container: { net: number; price?: { value: number } }; count: number }[]) => ({
  total: picks.reduce((t, p) => t + p.count * p.container.net, 0),
  cost: picks.reduce((t, p) => t + p.count * (p.container.price?.value ?? 0), 0),
  count: picks.reduce((t, p) => t + p.count, 0),
});

describe('containers on sale of any size', () => {
  // Common practice, no source: counted by hand. A drum of 200 beside a tin of 0.75 once hid the tin.
  it.each([
    [0.57, [0.75, 5, 200], [[0.75, 1]]],
    [
      206.2,
      [0.75, 5, 200],
      [
        [5, 39],
        [0.75, 15],
      ],
    ],
    [1000.1, [0.3, 1000], [[0.3, 3334]]],
    [4.9, [0.3, 1000], [[0.3, 17]]],
    [0.1, [1000], [[1000, 1]]],
  ] as const)('%d of %j', (need, sizes, expected) => {
    const { best, proven } = chooseBoth(
      need,
      sizes.map((net) => ({ net })),
    );
    expect(best.picks.map((p) => [p.container.net, p.count])).toEqual(expected);
    expect(proven).toBe(true);
  });

  // Common practice, no source: a table over every sum in steps of 0.05, which has no bound and no search.
  it.each(['least left over', 'least cost'] as const)(
    'are what a table over every sum finds: %s, 250 cases',
    (aim) => {
      for (const { need, sizes } of randomContainers(250, { stepsInOne: 20, seed: 7 })) {
        const { best, proven } = chooseBoth(need, sizes, aim);
        const got = sum(best.picks);
        const expected = byTable(need, sizes, 20, aim);
        const said = JSON.stringify({ need, sizes });
        expect(proven, said).toBe(true);
        expect(got.total, said).toBeCloseTo(expected.total, 6);
        expect(got.cost, said).toBeCloseTo(expected.cost, 6);
        expect(got.count, said).toBe(expected.count);
      }
    },
  );

  it('a gallon pail beside a litre tin: to the thousandth, and the need stays covered', () => {
    const sizes = [{ net: 3.785411784 }, { net: 1 }];
    for (const need of [0.4, 3.7854117, 17.2, 100, 999.999]) {
      const { best, runnerUp } = chooseBoth(need, sizes);
      expect(best.total).toBeGreaterThanOrEqual(need - 1e-6);
      // Sizes are taken down to a thousandth: what fits by less than that for each container is not seen.
      let least = Infinity;
      for (let pails = 0; pails <= need / 3.785411784 + 1; pails += 1) {
        const litres = Math.max(0, Math.ceil(need + pails * 1e-3 - pails * 3.785411784));
        least = Math.min(least, pails * 3.785411784 + litres);
      }
      expect(best.total).toBeLessThanOrEqual(least + 1e-6);
      expect(runnerUp?.total ?? Infinity).toBeGreaterThanOrEqual(best.total - 1e-9);
    }
  });
});
