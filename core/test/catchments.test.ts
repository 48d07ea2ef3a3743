/** Contributing areas: planes, gables and cones with known shares, and rough ground beside a walk in small steps. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fallsReport, type FallsReport } from '@lentum/core/falls';
import { insideRing, type Point } from '@lentum/core/geometry';
import { evaluate } from './support/formula.ts';
import { edgeOf, type EdgeKind, type Levels, type Zone } from '@lentum/core/survey';
import { seeded } from './support/random.ts';
import { corners, pointsZone } from './support/zones.ts';

type Height = (x: number, y: number) => number;
const outlet = (alongM: number, acrossM: number): Zone['features'][number] => ({
  id: `o${alongM}-${acrossM}`,
  kind: 'outlet',
  count: 1,
  at: { alongM, acrossM },
  sizes: { diameterMm: 100 },
  note: '',
});

/** A rectangle from (0, 0) with levels at places; sides in the order bottom, right, top, left. */
function deck(
  [w, h]: readonly [number, number],
  places: readonly Point[],
  z: Height,
  sides: readonly EdgeKind[],
  features: Zone['features'] = [],
): FallsReport {
  const zone = pointsZone(corners(w, h), {
    sides: sides.map((kind) => ({ edge: edgeOf(kind), riseM: 0 })),
    features,
  });
  const points: Levels['points'] = places.map(([x, y], i) => ({
    id: `l${i}`,
    at: { alongM: x, acrossM: y },
    valueM: z(x, y),
  }));
  const r = fallsReport({ ...zone, levels: { ...zone.levels, points } });
  if (!r.ok) throw new Error('no report');
  return r.value;
}
const grid = (w: number, h: number, step: number): Point[] => {
  const [nx, ny] = [Math.round(w / step), Math.round(h / step)];
  return Array.from({ length: (nx + 1) * (ny + 1) }, (_, i): Point => [
    ((i % (nx + 1)) * w) / nx,
    (Math.floor(i / (nx + 1)) * h) / ny,
  ]);
};
const side = (r: FallsReport, n: number): number => r.edges.find((e) => e.side === n)?.takesM2 ?? 0;

describe('a plane that falls 1 % to one gutter and 2 % to the next', () => {
  // By hand: water runs two along for one across; what starts nearer to the left gutter than half its height goes left.
  const z: Height = (x, y) => 0.01 * x + 0.02 * y;
  const edges = ['gutter', 'upstand', 'upstand', 'gutter'] as const;
  it.each([0.5, 1, 2, 6])('levels every %d m: 9 m² go left, 51 down', (step) => {
    const r = deck([10, 6], grid(10, 6, step), z, edges);
    expect(side(r, 3)).toBeCloseTo(9, 2);
    expect(side(r, 0)).toBeCloseTo(51, 2);
  });
  it('wherever the levels were taken', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.double({ min: 0, max: 10, noNaN: true }), fc.double({ min: 0, max: 6, noNaN: true })),
          {
            minLength: 4,
            maxLength: 40,
          },
        ),
        (places) => {
          const apart = [...grid(10, 6, 6), ...places].filter(
            (p, i, all) => all.findIndex((q) => Math.hypot(p[0] - q[0], p[1] - q[1]) < 0.05) === i,
          );
          const r = deck([10, 6], apart, z, edges);
          expect(side(r, 3)).toBeCloseTo(9, 1);
          expect(side(r, 0)).toBeCloseTo(51, 1);
        },
      ),
      { numRuns: 60 },
    );
  });
});

describe('other shapes with a known share', () => {
  it('a gable with its ridge off the middle: each gutter takes its own face', () => {
    const z: Height = (_, y) => Math.min(0.03 * y, 0.06 * (6 - y));
    // The ridge lies at y = 4.
    const places = [...grid(10, 6, 2)];
    const r = deck([10, 6], places, z, ['gutter', 'upstand', 'gutter', 'upstand']);
    expect(side(r, 0)).toBeCloseTo(40, 3);
    expect(side(r, 2)).toBeCloseTo(20, 3);
  });
  it('two cones that meet: each outlet takes what lies nearer to it, within 1 %', () => {
    const z: Height = (x, y) => 0.02 * Math.min(Math.hypot(x - 2, y - 3), Math.hypot(x - 7, y - 3));
    const r = deck(
      [10, 6],
      grid(10, 6, 0.25),
      z,
      ['upstand', 'upstand', 'upstand', 'upstand'],
      [outlet(2, 3), outlet(7, 3)],
    );
    const takes = r.outlets.map((o) => o.takesM2);
    expect(Math.abs(takes[0]! / 27 - 1)).toBeLessThan(0.01);
    expect(takes[0]! + takes[1]!).toBeCloseTo(60, 6);
  });
  it('a valley to one outlet at its low end takes both faces, through the line where they meet', () => {
    const z: Height = (x, y) => 0.01 * x + 0.03 * Math.abs(y - 2);
    const r = deck([8, 6], grid(8, 6, 1), z, ['upstand', 'upstand', 'upstand', 'upstand'], [outlet(0, 2)]);
    expect(r.outlets[0]!.takesM2).toBeCloseTo(48, 6);
  });
  it('a scupper beside a wall takes what runs along the wall to it', () => {
    // By hand: water falls two along for three out, and what comes to the wall below the scupper runs up along it; so does
    // what passes within its 100 mm. It starts in a triangle as wide as one and a half times its height on the wall.
    const z: Height = (x, y) => 0.2 - 0.009 * x - 0.006 * y;
    const scupper = {
      ...outlet(15.95, 4.5),
      kind: 'scupper' as const,
      sizes: { widthMm: 200, heightMm: 100 },
    };
    const r = deck(
      [16, 9],
      grid(16, 9, 4),
      z,
      ['upstand', 'upstand', 'upstand', 'upstand'],
      [scupper, outlet(15.9, 8.9)],
    );
    const takes = r.outlets.find((o) => o.featureId === scupper.id)!.takesM2;
    const high = 4.5 + 0.05 * (2 / 3) + 0.1 * Math.sqrt(1 + 4 / 9);
    expect(Math.abs(takes / ((high * high * 1.5) / 2) - 1)).toBeLessThan(0.01);
  });
  it('what stands in a hollow goes where it spills', () => {
    // A hollow at x = 6 whose lower sill lies to the right, at a gutter that the left half never reaches otherwise.
    const z: Height = (x) => ({ 0: 0, 2: 0.06, 4: 0.05, 6: 0.01, 8: 0.03, 10: 0 })[x] ?? 0;
    const places = [0, 2, 4, 6, 8, 10].flatMap((x): Point[] => [
      [x, 0],
      [x, 4],
    ]);
    const r = deck([10, 4], places, z, ['upstand', 'gutter', 'upstand', 'gutter']);
    expect(side(r, 3)).toBeCloseTo(8, 3);
    expect(side(r, 1)).toBeCloseTo(32, 3);
  });
  it('level ground goes to the nearer outlet', () => {
    const r = deck(
      [10, 4],
      grid(10, 4, 1),
      () => 0,
      ['upstand', 'upstand', 'upstand', 'upstand'],
      [outlet(2, 2), outlet(8, 2)],
    );
    expect(Math.abs(r.outlets[0]!.takesM2 / 20 - 1)).toBeLessThan(0.03);
  });
});

/** Walks a way in steps of a few millimetres over the triangles, looking for the triangle anew at each. */
function walk(r: FallsReport, from: Point, ends: (p: Point) => string | undefined): string | undefined {
  let p = from;
  let t = r.triangles.findIndex((x) =>
    insideRing(
      p,
      x.map((v) => r.points[v]!),
    ),
  );
  for (let i = 0; i < 6000; i += 1) {
    const end = ends(p);
    if (end !== undefined) return end;
    const holds = (k: number): boolean =>
      insideRing(
        p,
        r.triangles[k]!.map((v) => r.points[v]!),
      );
    if (t < 0 || !holds(t)) t = r.triangles.findIndex((_, k) => holds(k));
    if (t < 0) return undefined;
    const [a, b, c] = r.triangles[t]!.map((v) => [...r.points[v]!, r.z[v]!]) as [
      number[],
      number[],
      number[],
    ];
    const [ux, uy, uz] = [0, 1, 2].map((k) => b[k]! - a[k]!) as [number, number, number];
    const [vx, vy, vz] = [0, 1, 2].map((k) => c[k]! - a[k]!) as [number, number, number];
    const d = ux * vy - uy * vx;
    const g = [(uz * vy - uy * vz) / d, (ux * vz - uz * vx) / d] as const;
    const size = Math.hypot(...g);
    if (size < 1e-9) return undefined;
    p = [p[0] - (0.004 * g[0]) / size, p[1] - (0.004 * g[1]) / size];
  }
  return undefined;
}

// Common practice, no source: small steps down the gradient need neither the triangles' sides nor their order.
it('rough ground that drains over two edges: within 3 % of 1,500 walks in small steps', () => {
  const random = seeded(5);
  const bumps = Array.from(
    { length: 6 },
    () => [random() * 8, random() * 5, (random() - 0.5) * 0.05] as const,
  );
  const z: Height = (x, y) =>
    0.02 * x +
    0.03 * y +
    bumps.reduce((s, [bx, by, m]) => s + m * Math.exp(-((x - bx) ** 2 + (y - by) ** 2)), 0);
  const r = deck([8, 5], grid(8, 5, 0.5), z, ['gutter', 'upstand', 'upstand', 'gutter']);
  expect(r.ponds).toHaveLength(0);
  let [left, down, stuck] = [0, 0, 0];
  for (let i = 0; i < 1500; i += 1) {
    const end = walk(r, [random() * 8, random() * 5], ([x, y]) =>
      x <= 0.004 ? 'left' : y <= 0.004 ? 'down' : undefined,
    );
    if (end === 'left') left += 1;
    else if (end === 'down') down += 1;
    else stuck += 1;
  }
  expect(stuck).toBeLessThan(30);
  expect(Math.abs(side(r, 3) / 40 - left / (left + down))).toBeLessThan(0.03);
  expect(side(r, 3) + side(r, 0)).toBeCloseTo(40, 6);
});

describe('rain', () => {
  const level = (sizes: Zone['features'][number]['sizes'], kind: 'outlet' | 'scupper', headMm: number) => {
    const feature = { ...outlet(5, 3), kind, sizes };
    const zone = pointsZone(corners(10, 6), {
      sides: (['upstand', 'upstand', 'upstand', 'upstand'] as const).map((k) => ({
        edge: edgeOf(k),
        riseM: 0,
      })),
      features: [feature],
    });
    const points = grid(10, 6, 2).map(([x, y], i) => ({
      id: `l${i}`,
      at: { alongM: x, acrossM: y },
      valueM: 0.01 * x,
    }));
    const r = fallsReport({ ...zone, levels: { ...zone.levels, points, rain: { mmPerH: 90, headMm } } });
    if (!r.ok) throw new Error('no report');
    return r.value.rain[0]!;
  };
  it('brings a litre for each millimetre on a square metre: 60 m² at 90 mm/h are 1.5 L/s', () => {
    const load = level({ diameterMm: 100 }, 'outlet', 35);
    expect(load.brings.value).toBeCloseTo(1.5, 6);
    expect(evaluate(load.brings)).toBeCloseTo(load.brings.value, 9);
  });
  // EN 12056-3, roof outlets, from memory: D h^1.5 / 7500 as a weir, D² h^0.5 / 15000 under water, L/s from mm, each
  // by 0.5 behind a strainer.
  it.each([
    [100, 20, (100 * 20 ** 1.5) / 7500],
    [100, 35, (100 * 35 ** 1.5) / 7500],
    [150, 50, (150 * 50 ** 1.5) / 7500],
    [70, 100, (70 ** 2 * 100 ** 0.5) / 15000],
  ])(
    'an outlet of %d mm under %d mm of water takes what the standard says, within 4 %%',
    (d, h, standard) => {
      const load = level({ diameterMm: d }, 'outlet', h);
      expect(load.takes!.value / (0.5 * standard)).toBeGreaterThan(0.96);
      expect(load.takes!.value / (0.5 * standard)).toBeLessThan(1.04);
      expect(evaluate(load.takes!)).toBeCloseTo(load.takes!.value, 9);
    },
  );
  it('a scupper of 200 by 100 mm under 50 mm: 2/3 × 0.45 × 0.2 × √(2 × 9.81) × 0.05^1.5 = 2.97 L/s', () => {
    expect(level({ widthMm: 200, heightMm: 100 }, 'scupper', 50).takes!.value).toBeCloseTo(2.97, 2);
  });
  it('nobody measured the outlet: nothing is said of what it takes', () => {
    expect(level({}, 'outlet', 35).takes).toBeUndefined();
  });
});

it('a level without a reading is empty, never zero', () => {
  const z: Height = (x, y) => 0.01 * x + 0.02 * y;
  const zone = pointsZone(corners(10, 6), {
    sides: (['gutter', 'upstand', 'upstand', 'gutter'] as const).map((k) => ({ edge: edgeOf(k), riseM: 0 })),
  });
  const points: Levels['points'] = grid(10, 6, 2).map(([x, y], i) => ({
    id: `l${i}`,
    at: { alongM: x, acrossM: y },
    valueM: z(x, y),
  }));
  const whole = fallsReport({ ...zone, levels: { ...zone.levels, points } });
  const more: Levels['points'] = [...points, { id: 'later', at: { alongM: 3, acrossM: 3 } }];
  const without = fallsReport({
    ...zone,
    levels: { ...zone.levels, points: more, breakLines: [['l0', 'later', 'l8']] },
  });
  if (!whole.ok || !without.ok) throw new Error('no report');
  expect(without.value.meanFall.value).toBeCloseTo(whole.value.meanFall.value, 9);
  expect(without.value.lowestM).toBe(whole.value.lowestM);
  const none = fallsReport({
    ...zone,
    levels: { ...zone.levels, points: more.map(({ id, at }) => ({ id, at })) },
  });
  expect(none.ok).toBe(false);
});
