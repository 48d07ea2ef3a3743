/** Surfaces between readings: what they say where, and how far off they are. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { LEAST_POINTS, spotsOf, surfaceOf, type SurfacePoint } from '@lentum/core/proving';
import { seeded } from '../support/random.ts';

const REACH_M = 3;
const scattered = (n: number, seed: number, value: (x: number, y: number) => number): SurfacePoint[] => {
  const random = seeded(seed);
  return Array.from({ length: n }, () => {
    const [x, y] = [random() * 10, random() * 8];
    return { at: [x, y], value: value(x, y) };
  });
};
const hills = (x: number, y: number): number => 1.5 + 0.3 * Math.sin(x / 2) * Math.cos(y / 2.5);
/** Written apart: the error of leaving out, by its definition. */
function leftOutBy(points: readonly SurfacePoint[], power: number): number {
  let sum = 0;
  points.forEach((p, i) => {
    let [top, bottom] = [0, 0];
    points.forEach((o, k) => {
      if (k === i) return;
      const w = 1 / Math.hypot(o.at[0] - p.at[0], o.at[1] - p.at[1]) ** power;
      top += w * o.value;
      bottom += w;
    });
    sum += (top / bottom - p.value) ** 2;
  });
  return Math.sqrt(sum / points.length);
}

describe('a surface by distance weights', () => {
  it('goes through its readings and never beyond them', () => {
    fc.assert(
      fc.property(fc.integer({ min: LEAST_POINTS, max: 40 }), fc.nat(1e6), (n, seed) => {
        const points = scattered(n, seed, (x, y) => hills(x, y) + seeded(seed + 1)() * 0.1);
        const surface = surfaceOf(points, 100);
        if (!surface) throw new Error('enough points');
        const values = points.map((p) => p.value);
        for (const [x, y] of [
          [1, 1],
          [5, 4],
          [9, 7],
        ] as const) {
          const v = surface.at([x, y])!;
          expect(v).toBeGreaterThanOrEqual(Math.min(...values) - 1e-12);
          expect(v).toBeLessThanOrEqual(Math.max(...values) + 1e-12);
        }
        if (surface.power > 0) expect(surface.at(points[0]!.at)).toBeCloseTo(points[0]!.value, 9);
      }),
      { numRuns: 60, seed: 3 },
    );
  });
  it('its error is that of leaving each out, and the power is the one with the least', () => {
    for (const seed of [1, 2, 3]) {
      const points = scattered(30, seed, hills);
      const surface = surfaceOf(points, 100)!;
      expect(surface.leftOut.surface).toBeCloseTo(leftOutBy(points, surface.power), 9);
      expect(surface.leftOut.mean).toBeCloseTo(leftOutBy(points, 0), 9);
      for (const power of [1, 1.5, 2, 2.5, 3, 4, 6])
        expect(surface.leftOut.surface).toBeLessThanOrEqual(leftOutBy(points, power) + 1e-12);
    }
  });
  it('beats the mean and the nearest on a smooth film', () => {
    for (const seed of [4, 5, 6, 7]) {
      const { leftOut } = surfaceOf(scattered(40, seed, hills), REACH_M)!;
      expect(leftOut.surface).toBeLessThan(leftOut.mean * 0.8);
      expect(leftOut.surface).toBeLessThan(leftOut.nearest);
    }
  });
  it('is nearly flat where place tells nothing: no precision that is not there', () => {
    let flat = 0;
    for (let seed = 0; seed < 40; seed += 1) {
      const random = seeded(seed + 500);
      const surface = surfaceOf(
        scattered(30, seed, () => 1.5 + 0.1 * (random() - 0.5)),
        100,
      )!;
      if (surface.power <= 1) flat += 1;
      expect(surface.leftOut.surface).toBeLessThanOrEqual(surface.leftOut.mean);
    }
    expect(flat).toBeGreaterThan(30);
  });
  it('says nothing beyond reach, nor from too few', () => {
    const points = scattered(20, 9, hills);
    const surface = surfaceOf(points, REACH_M)!;
    expect(surface.at([30, 30])).toBe(undefined);
    expect(surfaceOf(points.slice(0, LEAST_POINTS - 1), 100)).toBe(undefined);
    // Enough of them, but each alone.
    const apart = Array.from({ length: 9 }, (_, i): SurfacePoint => ({ at: [i * 10, 0], value: i }));
    expect(surfaceOf(apart, REACH_M)).toBe(undefined);
  });
  it('two readings at one spot count once, with their mean', () =>
    expect(
      spotsOf([
        { at: [1, 1], value: 1 },
        { at: [1.005, 1], value: 2 },
        { at: [3, 1], value: 5 },
      ]),
    ).toEqual([
      { at: [1, 1], value: 1.5 },
      { at: [3, 1], value: 5 },
    ]));
});
