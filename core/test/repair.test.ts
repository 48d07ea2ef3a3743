/** What a repair takes, by hand and against the roof as a whole. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, laidRate, type BuildUp } from '@lentum/core/buildup';
import { COMMON } from '@lentum/core/practice';
import { repairable, repairOrder } from '@lentum/core/upkeep';

const every = (b: BuildUp): Set<string> => new Set(repairable(b).map((l) => l.id));
const order = (b: BuildUp, areaM2: number, places: number) =>
  repairOrder(b, { areaM2, places, layerIds: every(b) }, COMMON);

describe('the area that is laid again', () => {
  it.each([
    // By hand: squares of 1 m, 0.5 m and 0.3 m, 100 mm more on every side.
    [1, 1, 1.2 * 1.2],
    [1, 4, 4 * 0.7 * 0.7],
    [0.18, 2, 2 * 0.5 * 0.5],
  ])('%d m² in %d places', (areaM2, places, m2) => {
    for (const b of catalogue()) expect(order(b, areaM2, places).area.value).toBeCloseTo(m2, 9);
  });
  it('grows with the places it is parted into, and is never less than what was cut out', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 50, noNaN: true }),
        fc.integer({ min: 1, max: 40 }),
        (m2, n) => {
          const [one, more] = [order(catalogue()[0]!, m2, n), order(catalogue()[0]!, m2, n + 1)];
          expect(one.area.value).toBeGreaterThan(m2);
          expect(more.area.value).toBeGreaterThan(one.area.value);
        },
      ),
    ));
});

describe('what is bought', () => {
  it('of every build-up covers each layer, and no container less would', () => {
    for (const b of catalogue()) {
      const { lines, area } = order(b, 3, 5);
      for (const l of lines) {
        expect(l.bought.length, `${b.name}, ${l.layer.name}`).toBeGreaterThan(0);
        if (!isCoat(l.layer)) continue;
        const { basis, rate } = laidRate(l.layer);
        expect(l.amount.value).toBeCloseTo(area.value * rate.value, 9);
        const coat = l.layer;
        const nets = l.bought.map(({ name, count }) => {
          const c = coat.containers.find((x) => x.name === name)!;
          const net =
            c.basis === basis
              ? c.net
              : basis === 'mass'
                ? c.net * coat.densityKgPerL.value
                : c.net / coat.densityKgPerL.value;
          return { net, count };
        });
        const total = nets.reduce((s, n) => s + n.net * n.count, 0);
        expect(total).toBeGreaterThanOrEqual(l.amount.value * (1 - 1e-9));
        const smallest = Math.min(...nets.map((n) => n.net));
        expect(total - smallest).toBeLessThan(l.amount.value);
      }
    }
  });
  it('holds only layers that were chosen, and none that keeps to edges or fasteners', () => {
    const b = catalogue().find((x) => x.family === 'METAL')!;
    expect(repairable(b).some((l) => isCoat(l) && l.treats !== undefined)).toBe(false);
    const one = repairable(b).find(isCoat)!;
    const only = repairOrder(b, { areaM2: 1, places: 1, layerIds: new Set([one.id]) }, COMMON);
    expect(only.lines.map((l) => l.layer.id)).toEqual([one.id]);
  });
});
