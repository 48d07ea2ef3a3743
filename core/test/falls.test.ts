/** Falls, ponds and levelling against shapes with an exact answer and against an independent depression fill. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  buildTin,
  facets,
  fallsReport,
  flood,
  levelling,
  ponds,
  spikesIn,
  surfaceAreaM2,
  waterOver,
  type FallsReport,
  type Tin,
} from '@lentum/core/falls';
import { insideRing, triangulate, type Point } from '@lentum/core/geometry';
import { sentence } from '@lentum/core/problems';
import {
  edgeOf,
  surveyProblems,
  zoneShape,
  type EdgeKind,
  type Levels,
  type Side,
  type Zone,
} from '@lentum/core/survey';
import { evaluate } from './support/formula.ts';
import { corners, pointsZone } from './support/zones.ts';

const side = (kind: EdgeKind): Side => ({ edge: edgeOf(kind), riseM: 0 });
const walls = (...kinds: EdgeKind[]): Side[] => kinds.map(side);
const ALL_UP = walls('upstand', 'upstand', 'upstand', 'upstand');

/** Levels on a grid over a rectangle from (0, 0). */
function leveled(
  w: number,
  h: number,
  stepM: number,
  z: (x: number, y: number) => number,
  more: Partial<Zone> = {},
): Zone {
  const points: Levels['points'] = [];
  for (let x = 0; x <= w + 1e-9; x += stepM)
    for (let y = 0; y <= h + 1e-9; y += stepM)
      points.push({ id: `l${points.length}`, at: { alongM: x, acrossM: y }, valueM: z(x, y) });
  const zone = pointsZone(corners(w, h), { sides: ALL_UP, ...more });
  return { ...zone, levels: { ...zone.levels, points, ...more.levels } };
}
const report = (zone: Zone): FallsReport => {
  const r = fallsReport(zone);
  if (!r.ok) throw new Error(r.problems.map(sentence).join(' '));
  return r.value;
};
const outlet = (alongM: number, acrossM: number, rimM?: number): Zone['features'][number] => ({
  id: `o${alongM}-${acrossM}`,
  kind: 'outlet',
  count: 1,
  at: { alongM, acrossM },
  sizes: { diameterMm: 100 },
  note: '',
  ...(rimM === undefined ? {} : { rimM }),
});

describe('a tilted plane', () => {
  const zone = leveled(10, 6, 2, (x) => 0.02 * x, {
    sides: walls('upstand', 'upstand', 'upstand', 'gutter'),
  });
  const r = report(zone);
  it('falls alike everywhere, toward the gutter', () => {
    for (const f of r.facets) expect(f.fallPct).toBeCloseTo(2, 9);
    expect(r.meanFall.value).toBeCloseTo(2, 9);
    expect(r.surfaceArea.value).toBeCloseTo(60 * Math.sqrt(1 + 0.02 ** 2), 9);
    expect(r.belowLeast.value).toBe(0);
  });
  it('holds no water, and all of it goes over the one open side', () => {
    expect(r.ponds).toEqual([]);
    expect(r.edges.map((e) => e.side)).toEqual([3]);
    expect(r.edges[0]!.takesM2).toBeCloseTo(60, 6);
  });
  it('needs no levelling to its own fall, and a wedge to twice as much', () => {
    const own = levelling(tinOf(zone), gutter(6), 2, 60);
    expect(own!.volumeL).toBeLessThan(5);
    const steeper = levelling(tinOf(zone), gutter(6), 4, 60);
    // A wedge: 0.02 × 10 m at its end, nothing at the gutter.
    expect(steeper!.volumeL / 1000).toBeCloseTo((0.2 * 10 * 6) / 2, 1);
    expect(Math.abs(steeper!.volumeL / 6000 - 1)).toBeLessThan(0.02);
  });
  it('every figure opens to a working that gives it', () => {
    const some = [
      r.meanFall,
      r.surfaceArea,
      r.belowLeast,
      r.pondArea,
      r.levelling!.volume,
      r.levelling!.mass,
    ];
    for (const f of some) expect(evaluate(f)).toBeCloseTo(f.value, 6);
  });
  it('with a parapet in the way the water stands as a wedge up to its top of the fall', () => {
    // The same plane, with its low side closed and its high side open: a triangular prism of water.
    const closed = report({ ...zone, sides: walls('upstand', 'drip', 'upstand', 'upstand') });
    expect(closed.ponds.length).toBe(1);
    expect(closed.ponds[0]!.levelM).toBeCloseTo(0.2, 9);
    expect(closed.ponds[0]!.volumeL).toBeCloseTo(((0.2 * 10) / 2) * 6 * 1000, 6);
    expect(closed.ponds[0]!.areaM2).toBeCloseTo(60, 6);
    expect(closed.ponds[0]!.drainName).toBe('side 2');
  });
});

function tinOf(zone: Zone): Tin {
  const shape = zoneShape(zone);
  if (!shape.ok) throw new Error('no shape');
  const tin = buildTin(zone, shape.value);
  if (!tin.ok) throw new Error(tin.problems.map(sentence).join(' '));
  return tin.value;
}
const gutter = (h: number) => [{ kind: 'piece', from: [0, 0], to: [0, h], fromM: 0, toM: 0 } as const];

/** A many-sided cone or bowl as a surface of its own, with its rim as the only way out. */
function bowl(
  rings: number,
  around: number,
  radius: number,
  z: (r: number) => number,
): { tin: Tin; rim: number[] } {
  const points: Point[] = [[0, 0]];
  for (let k = 1; k <= rings; k += 1)
    for (let a = 0; a < around; a += 1) {
      const [r, angle] = [(radius * k) / rings, (2 * Math.PI * a) / around];
      points.push([r * Math.cos(angle), r * Math.sin(angle)]);
    }
  const triangles = triangulate(points, [])!;
  const rim = points
    .map((p, i) => ({ i, r: Math.hypot(...p) }))
    .filter(({ r }) => r > radius - 1e-9)
    .map(({ i }) => i);
  return {
    rim,
    tin: {
      points,
      z: points.map((p) => z(Math.hypot(...p))),
      estimated: points.map(() => false),
      triangles,
      rim: [],
      levelVertex: [],
    },
  };
}

describe('basins', () => {
  it('an upturned cone of n sides holds a third of base by depth, exactly', () => {
    const { tin, rim } = bowl(4, 48, 3, (r) => 0.1 * r);
    const base = (48 / 2) * 9 * Math.sin((2 * Math.PI) / 48);
    const [pond] = ponds(
      tin,
      flood(
        tin,
        rim.map((vertex) => ({ vertex, levelM: 0.3, key: 'rim' })),
      ),
    );
    expect(pond!.deepestM).toBeCloseTo(0.3, 9);
    expect(pond!.areaM2).toBeCloseTo(base, 9);
    expect(pond!.volumeL / 1000).toBeCloseTo((base * 0.3) / 3, 9);
  });
  it('a finely measured bowl comes near to half of base by depth (paraboloid)', () => {
    const { tin, rim } = bowl(30, 96, 3, (r) => 0.02 * r * r);
    const [pond] = ponds(
      tin,
      flood(
        tin,
        rim.map((vertex) => ({ vertex, levelM: 0.18, key: 'rim' })),
      ),
    );
    expect(Math.abs(pond!.volumeL / 1000 / ((Math.PI * 9 * 0.18) / 2) - 1)).toBeLessThan(0.01);
  });
  it('two basins, one spilling into the other, each at its own sill', () => {
    // A trough along x with two dips; the sill between them is lower than the way out of the first.
    const z = (x: number): number => {
      const knots = [
        [0, 0.3],
        [2, 0.05],
        [4, 0.2],
        [6, 0.0],
        [8, 0.12],
        [10, 0.1],
      ] as const;
      const k = knots.findIndex(([at]) => x <= at);
      const [[x0, z0], [x1, z1]] = [knots[Math.max(0, k - 1)]!, knots[Math.max(1, k)]!];
      return z0 + ((z1 - z0) * (x - x0)) / (x1 - x0);
    };
    const r = report(
      leveled(10, 4, 1, (x) => z(x), { sides: walls('upstand', 'drip', 'upstand', 'upstand') }),
    );
    expect(r.ponds.map((p) => Number(p.levelM.toFixed(6)))).toEqual([0.2, 0.12]);
    // Cross-sections are triangles: first dip 0.15 deep, the second one 0.12.
    const first = (0.15 * (0.15 / 0.125 + 0.15 / 0.075)) / 2;
    const second = (0.12 * (0.12 / 0.1 + 0.12 / 0.06)) / 2;
    expect(r.ponds[0]!.volumeL / 1000).toBeCloseTo(first * 4, 6);
    expect(r.ponds[1]!.volumeL / 1000).toBeCloseTo(second * 4, 6);
    for (const p of r.ponds) expect(evaluate(p.volume)).toBeCloseTo(p.volumeL, 6);
  });
  it('an outlet that stands proud holds water up to its rim', () => {
    const zone = leveled(6, 6, 1, () => 0, { features: [outlet(3, 3, 0.015)] });
    const r = report(zone);
    expect(r.outlets[0]!.proudM).toBeCloseTo(0.015, 9);
    expect(r.ponds[0]!.volumeL).toBeCloseTo(36 * 0.015 * 1000, 6);
    expect(report({ ...zone, features: [outlet(3, 3, -0.01)] }).ponds).toEqual([]);
  });
  it('without a way out nothing is invented', () => {
    const r = report(leveled(6, 6, 2, (x) => 0.01 * x));
    expect(r.hasDrain).toBe(false);
    expect(r.ponds).toEqual([]);
    expect(r.levelling).toBeUndefined();
  });
});

/** A plain depression fill: raise every cell until nothing changes (Planchon and Darboux 2001), on the mesh's vertices. */
function slowFill(tin: Tin, outs: readonly number[]): number[] {
  const around = tin.points.map(() => new Set<number>());
  for (const [a, b, c] of tin.triangles)
    for (const [p, q] of [
      [a, b],
      [b, c],
      [c, a],
    ] as const) {
      around[p]!.add(q);
      around[q]!.add(p);
    }
  const w = tin.z.map((z, i) => (outs.includes(i) ? z : 1e9));
  for (let changed = true; changed;) {
    changed = false;
    w.forEach((here, i) => {
      if (here <= tin.z[i]!) return;
      const lowest = Math.min(...[...around[i]!].map((n) => w[n]!));
      const next = Math.max(tin.z[i]!, lowest);
      if (next < here - 1e-12) {
        w[i] = next;
        changed = true;
      }
    });
  }
  return w;
}

it('fills as an independent depression fill does, on rough decks', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0, max: 0.1, noNaN: true }), { minLength: 49, maxLength: 49 }),
      fc.integer({ min: 0, max: 48 }),
      (heights, out) => {
        const points = heights.map((_, i): Point => [i % 7, Math.floor(i / 7) + (i % 2) * 0.1]);
        const triangles = triangulate(points, [])!;
        const tin: Tin = { points, z: heights, estimated: [], triangles, rim: [], levelVertex: [] };
        const mine = flood(tin, [{ vertex: out, levelM: heights[out]!, key: 'o' }]).fillM;
        slowFill(tin, [out]).forEach((w, i) => expect(mine[i]).toBeCloseTo(w, 9));
      },
    ),
    { numRuns: 60 },
  );
});

it('water over one triangle is the prismoidal formula: (A1 + 4 Am + A2) h / 6, by sections across the depth', () => {
  fc.assert(
    fc.property(
      fc.tuple(...[0, 1, 2].map(() => fc.double({ min: 0, max: 1, noNaN: true }))),
      fc.double({ min: 0.05, max: 1.2, noNaN: true }),
      (z, level) => {
        const points: Point[] = [
          [0, 0],
          [3, 0.5],
          [1, 2],
        ];
        const tin: Tin = { points, z, estimated: [], triangles: [[0, 1, 2]], rim: [], levelVertex: [] };
        const whole = waterOver(tin, [0, 1, 2], level);
        const bottom = Math.min(...z);
        if (level <= bottom) {
          expect(whole.volumeM3).toBe(0);
          return;
        }
        // Area of the horizontal section at each height is quadratic between corners, so Simpson is exact there.
        const cuts = [bottom, ...z.filter((v) => v > bottom && v < level).sort((a, b) => a - b), level];
        const area = (h: number): number => waterOver(tin, [0, 1, 2], h).areaM2;
        let sum = 0;
        for (let i = 0; i + 1 < cuts.length; i += 1) {
          const [a, b] = [cuts[i]!, cuts[i + 1]!];
          // The top section of a flat part counts from the side on which the slice lies.
          const [low, high] = [a + (b - a) * 1e-9, b - (b - a) * 1e-9];
          sum += ((area(low) + 4 * area((a + b) / 2) + area(high)) * (b - a)) / 6;
        }
        expect(whole.volumeM3).toBeCloseTo(sum, 6);
      },
    ),
  );
});

describe('levelling', () => {
  it('a flat deck to one outlet: a cone over a disc has a third of the cylinder on top of its edge', () => {
    const around = 64;
    const ring = Array.from({ length: around }, (_, i): [number, number] => [
      4 * Math.cos((2 * Math.PI * i) / around),
      4 * Math.sin((2 * Math.PI * i) / around),
    ]);
    const points = ring.map(([x, y], i) => ({ id: `l${i}`, at: { alongM: 0, acrossM: 0 }, valueM: 0, x, y }));
    const { tin } = bowl(2, around, 4, () => 0);
    const facts = levelling(tin, [{ kind: 'spot', at: [0, 0], levelM: 0 }], 2, Math.PI * 16);
    // ∫ s r dA over a disc = s · 2πR³/3.
    const exact = (0.02 * 2 * Math.PI * 4 ** 3) / 3;
    expect(points.length).toBe(around);
    expect(Math.abs(facts!.volumeL / 1000 / exact - 1)).toBeLessThan(0.005);
    expect(facts!.thickestM).toBeCloseTo(0.08, 2);
  });
  // Common practice, no source: the height over level ground is the way to the nearest outlet by the fall, summed on a
  // grid of its own that is finer by far.
  it.each([
    [10, 6, [[3, 2]]],
    [10, 6, [[0.2, 0.2]]],
    [
      20,
      3,
      [
        [5, 1.5],
        [15, 0.5],
      ],
    ],
    [8, 8, [[4, 4]]],
  ] as const)('a level deck of %d by %d m to outlets at %j: within half a per cent', (w, h, outlets) => {
    const zone = leveled(w, h, 1, () => 0);
    const sources = outlets.map((at) => ({ kind: 'spot' as const, at: [...at] as Point, levelM: 0 }));
    const facts = levelling(tinOf(zone), sources, 2, w * h);
    let sum = 0;
    for (let i = 0; i < 800; i += 1)
      for (let j = 0; j < 800; j += 1) {
        const [x, y] = [((i + 0.5) * w) / 800, ((j + 0.5) * h) / 800];
        sum += 0.02 * Math.min(...outlets.map(([a, b]) => Math.hypot(x - a, y - b)));
      }
    const exactL = (sum * w * h * 1000) / 800 ** 2;
    expect(Math.abs(facts!.volumeL / exactL - 1)).toBeLessThan(0.005);
  });
  it('never takes off: a deck that is high enough stays as it is', () => {
    const zone = leveled(8, 4, 1, (x) => 0.05 * x, { features: [] });
    expect(levelling(tinOf(zone), gutter(4), 1, 32)!.volumeL).toBe(0);
  });
  it('a steeper fall never needs less mix', () => {
    const zone = leveled(8, 6, 1, (x, y) => 0.01 * Math.sin(x) * Math.cos(y));
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 2, noNaN: true }),
        (fall, more) => {
          const mix = (pct: number): number =>
            levelling(tinOf(zone), [{ kind: 'spot', at: [4, 3], levelM: 0 }], pct, 48)!.volumeL;
          expect(mix(fall + more)).toBeGreaterThanOrEqual(mix(fall) - 1e-6);
        },
      ),
      { numRuns: 15 },
    );
  });
});

describe('the surface', () => {
  it('keeps edges, openings and break lines, and covers the zone once', () => {
    const zone = leveled(9, 6, 1.5, (x, y) => 0.1 - 0.01 * Math.abs(x - 4.5) + 0.001 * y, {
      openings: [
        {
          id: 'h',
          name: 'H',
          kind: 'roof-light',
          edge: edgeOf('upstand'),
          shape: { kind: 'rectangle', alongM: 2, acrossM: 2, lengthM: 1.3, widthM: 1.1 },
        },
      ],
    });
    const tin = tinOf(zone);
    const area = facets(tin).reduce((sum, f) => sum + f.areaM2, 0);
    expect(area).toBeCloseTo(54 - 1.3 * 1.1, 6);
    for (const f of facets(tin)) expect(insideRing(f.middle, corners(9, 6))).toBe(true);
    expect(surfaceAreaM2(facets(tin))).toBeGreaterThan(area);
  });
  it('bends along a ridge that is named, where it would cut across it otherwise', () => {
    const at = (alongM: number, acrossM: number, valueM: number, id: string) => ({
      id,
      at: { alongM, acrossM },
      valueM,
    });
    // A ridge from (0, 1) to (10, 5): four corners at 0, its ends at 0.2.
    const points = [
      at(0, 0, 0, 'a'),
      at(10, 0, 0, 'b'),
      at(10, 6, 0, 'c'),
      at(0, 6, 0, 'd'),
      at(0, 3, 0.2, 'e'),
      at(10, 3, 0.2, 'f'),
    ];
    const zone = pointsZone(corners(10, 6), { sides: ALL_UP });
    const ridged = { ...zone, levels: { ...zone.levels, points, breakLines: [['e', 'f']] } };
    const tin = tinOf(ridged);
    const [e, f] = [tin.levelVertex[4]!, tin.levelVertex[5]!];
    expect(tin.triangles.filter((t) => t.includes(e) && t.includes(f)).length).toBe(2);
  });
  it('a corner without a level is estimated from the plane around it', () => {
    const zone = pointsZone(corners(10, 6), { sides: ALL_UP });
    const plane = (x: number, y: number): number => 0.3 - 0.012 * x + 0.02 * y;
    const points = [
      [1, 1],
      [9, 1.5],
      [8, 5],
      [2, 4.5],
      [5, 3],
    ].map(([x, y], i) => ({ id: `l${i}`, at: { alongM: x!, acrossM: y! }, valueM: plane(x!, y!) }));
    const tin = tinOf({ ...zone, levels: { ...zone.levels, points } });
    tin.points.forEach(([x, y], i) => expect(tin.z[i]).toBeCloseTo(plane(x, y), 9));
    expect(tin.estimated.filter(Boolean).length).toBe(4);
  });
  it('a staff is read the other way up', () => {
    const heights = leveled(6, 4, 2, (x) => 0.03 * x, {
      sides: walls('upstand', 'upstand', 'upstand', 'drip'),
    });
    const staff = {
      ...heights,
      levels: {
        ...heights.levels,
        given: 'staff' as const,
        points: heights.levels.points.map((p) => ({ ...p, valueM: 1.5 - p.valueM! })),
      },
    };
    expect(report(staff).meanFall.value).toBeCloseTo(report(heights).meanFall.value, 9);
    expect(report(staff).ponds).toEqual([]);
  });
});

describe('bad levels', () => {
  const flat = leveled(8, 6, 2, (x) => 0.01 * x);
  const words = (points: Levels['points']): string[] =>
    surveyProblems({ zones: [{ ...flat, levels: { ...flat.levels, points } }] }).map(sentence);
  const level = (id: string, alongM: number, acrossM: number, valueM: number) => ({
    id,
    at: { alongM, acrossM },
    valueM,
  });
  it('outside the zone', () => {
    expect(words([level('a', 9, 2, 0)])).toEqual([
      'Zone, level 1: 9.00, 2.00 m from corner 1 is outside the zone; expected a place on the zone.',
    ]);
  });
  it('two different ones at one spot', () => {
    expect(words([level('a', 2, 2, 0.1), level('b', 2, 2.001, 0.13)])).toEqual([
      'Zone, level 2: 0.130 m, but level 1 at the same spot is 0.100 m; expected one level for one spot.',
    ]);
    expect(words([level('a', 2, 2, 0.1), level('b', 2, 2, 0.1)])).toEqual([]);
  });
  it('a spike is named, and kept', () => {
    const points = flat.levels.points.map((p, i) => (i === 9 ? { ...p, valueM: p.valueM! + 1 } : p));
    const r = report({ ...flat, levels: { ...flat.levels, points } });
    expect(r.spikes.map((s) => s.index)).toEqual([9]);
    expect(r.spikes[0]!.expectedM).toBeCloseTo(flat.levels.points[9]!.valueM!, 3);
    expect(r.highestM).toBeGreaterThan(1);
    expect(
      spikesIn(flat.levels.points.map((p) => ({ p: [p.at.alongM, p.at.acrossM] as const, z: p.valueM! }))),
    ).toEqual([]);
  });
  it.each<[string, Levels['points'], string[][], string]>([
    [
      'two',
      [level('a', 1, 1, 0), level('b', 2, 2, 0)],
      [],
      'Zone, levels: 2 levels read; expected at least three levels that are not in a line.',
    ],
    [
      'in a line',
      [level('a', 1, 1, 0), level('b', 2, 2, 0), level('c', 3, 3, 0)],
      [],
      'all levels lie in one line',
    ],
    [
      'crossing break lines',
      [level('a', 1, 1, 0), level('b', 5, 5, 0), level('c', 5, 1, 0), level('d', 1, 5, 0)],
      [
        ['a', 'b'],
        ['c', 'd'],
      ],
      'a break line crosses another one or an edge',
    ],
  ])('%s', (_, points, breakLines, expected) => {
    const r = fallsReport({ ...flat, levels: { ...flat.levels, points, breakLines } });
    expect(r.ok ? '' : sentence(r.problems[0]!)).toContain(expected);
  });
});
