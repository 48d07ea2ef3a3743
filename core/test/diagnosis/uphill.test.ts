/** A leak below: details uphill of it, on planes whose falls are known, and on a valley. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { candidateDetails, type DetailRecord } from '@lentum/core/diagnosis';
import type { Detail } from '@lentum/core/details';
import { heightAt, roofLevelsOf, wayDown, type RoofLevels } from '@lentum/core/falls';
import type { Point } from '@lentum/core/geometry';
import { corners, pointsZone } from '../support/zones.ts';

/** A roof of 12 by 8 m whose height at a point is told. */
function roof(heightAtPoint: (x: number, y: number) => number): RoofLevels {
  const zone = pointsZone(corners(12, 8));
  const points = [0, 2, 4, 6, 8, 10, 12].flatMap((x) =>
    [0, 2, 4, 6, 8].map((y) => ({
      id: `l${x}-${y}`,
      at: { alongM: x, acrossM: y },
      valueM: Number(heightAtPoint(x, y).toFixed(6)),
    })),
  );
  const levels = roofLevelsOf({ ...zone, levels: { ...zone.levels, points } });
  if (!levels) throw new Error('no levels');
  return levels;
}
const pipe = (id: string, ...path: Point[]): Detail =>
  ({ id, path, kind: 'pipe', where: id }) as unknown as Detail;
const listed = (
  details: readonly Detail[],
  spot: Point,
  levels: RoofLevels | undefined,
  records: Readonly<Record<string, DetailRecord>> = {},
): string[] =>
  candidateDetails(details, spot, levels, (id) => records[id] ?? 'accepted').map(
    (c) => `${c.detail.id} ${c.uphill} ${c.record}`,
  );

const down = roof((x) => 0.5 - 0.02 * x);

describe('the way of water', () => {
  it('on a plane goes straight down it, and its height is that of the plane', () => {
    const way = wayDown(down, [2, 3]);
    const last = way.at(-1)!;
    expect(last[0]).toBeGreaterThan(11.8);
    expect(last[1]).toBeCloseTo(3, 6);
    expect(heightAt(down, [7.3, 2.2])).toBeCloseTo(0.5 - 0.02 * 7.3, 6);
    expect(heightAt(down, [13, 2])).toBeUndefined();
  });
  it('never rises, wherever it begins and however the roof falls', () => {
    const unit = fc.double({ min: -0.03, max: 0.03, noNaN: true });
    const at = fc.tuple(
      fc.double({ min: 0.2, max: 11.8, noNaN: true }),
      fc.double({ min: 0.2, max: 7.8, noNaN: true }),
    );
    fc.assert(
      fc.property(unit, unit, fc.double({ min: 0, max: 0.004, noNaN: true }), at, (a, b, c, from) => {
        const levels = roof((x, y) => 1 + a * x + b * y + c * (x - 6) ** 2 + c * (y - 4) ** 2);
        const way = wayDown(levels, from).slice(0, -1);
        const heights = way.map((p) => heightAt(levels, p)!);
        for (let i = 1; i < heights.length; i += 1) expect(heights[i]!).toBeLessThan(heights[i - 1]!);
      }),
      { numRuns: 60 },
    );
  });
  it('in a valley goes on along it', () => {
    const valley = roof((x, y) => 0.5 - 0.01 * x + 0.03 * Math.abs(y - 4));
    const last = wayDown(valley, [2, 6]).at(-1)!;
    expect(last[0]).toBeGreaterThan(11);
    expect(Math.abs(last[1] - 4)).toBeLessThan(0.3);
  });
});

describe('candidates for a leak below', () => {
  const details = [
    pipe('beside', [2, 7]),
    pipe('above', [2, 4]),
    pipe('below', [10, 4]),
    pipe('edge', [0.3, 1], [0.3, 7]),
  ];
  it('those uphill, whose water runs by it first; those that lie lower are left out', () => {
    expect(listed(details, [6, 4], down)).toEqual([
      'above runs by accepted',
      'edge runs by accepted',
      'beside higher accepted',
    ]);
  });
  it('of those alike in that, the one of which the record says least good', () => {
    expect(listed(details, [6, 4], down, { edge: 'refused', beside: 'not on record' })).toEqual([
      'edge runs by refused',
      'above runs by accepted',
      'beside higher not on record',
    ]);
  });
  it('without levels all of them, by the record and then the nearest', () => {
    expect(listed(details, [9, 4], undefined, { beside: 'not on record' })).toEqual([
      'beside not known not on record',
      'below not known accepted',
      'above not known accepted',
      'edge not known accepted',
    ]);
  });
  it('one at the spot itself is always among them, also where its water runs away', () => {
    expect(listed([pipe('here', [6.4, 4])], [6, 4], down)).toEqual(['here higher accepted']);
  });
  it('beside a low edge it runs by also what comes along the edge', () => {
    const a = 0.005416868887474587;
    const almostAcross = roof((x, y) => 5 - 0.02 * (x * Math.cos(a) + y * Math.sin(a)));
    expect(listed([pipe('one', [1, 1])], [10.999838400598112, 2.1041837483083077], almostAcross)).toEqual([
      'one runs by accepted',
    ]);
  });
  it('on any plane: water runs by exactly where the spot lies down the fall within a metre', () => {
    const p = fc.tuple(
      fc.double({ min: 1, max: 11, noNaN: true }),
      fc.double({ min: 1, max: 7, noNaN: true }),
    );
    // At an edge water goes on along it: a spot within reach of an edge is passed by what comes from elsewhere too.
    const inside = fc.tuple(
      fc.double({ min: 1.3, max: 10.7, noNaN: true }),
      fc.double({ min: 1.3, max: 6.7, noNaN: true }),
    );
    const turn = fc.double({ min: 0, max: 2 * Math.PI, noNaN: true });
    fc.assert(
      fc.property(p, inside, turn, (at, spot, angle) => {
        const [ux, uy] = [Math.cos(angle), Math.sin(angle)];
        const levels = roof((x, y) => 5 - 0.02 * (x * ux + y * uy));
        const along = (spot[0] - at[0]) * ux + (spot[1] - at[1]) * uy;
        const aside = Math.abs(-(spot[0] - at[0]) * uy + (spot[1] - at[1]) * ux);
        // What is too near the limit to tell is left out, and what is as high as the spot.
        fc.pre(Math.abs(aside - 1) > 0.05 && Math.abs(along) > 1.2);
        const [found] = candidateDetails([pipe('one', at)], spot, levels, () => 'accepted');
        expect(found?.uphill).toBe(along > 0 ? (aside < 1 ? 'runs by' : 'higher') : undefined);
      }),
      { numRuns: 400 },
    );
  });
});
