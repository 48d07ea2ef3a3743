/** Courses as they lie: coverage and laps by an independent geometry library (jsts), joints apart, water over every lap. */
import fc from 'fast-check';
import Coordinate from 'jsts/org/locationtech/jts/geom/Coordinate.js';
import GeometryFactory from 'jsts/org/locationtech/jts/geom/GeometryFactory.js';
import 'jsts/org/locationtech/jts/monkey.js';
import { describe, expect, it } from 'vitest';
import {
  coursesOf,
  coursesSchema,
  DEFAULT_COURSES,
  FULL,
  layoutsOf,
  pieceRing,
  planCourses,
  QUICK,
  toFrame,
  type CoursePiece,
  type CoursePlan,
  type CoursesDoc,
  type LayerLayout,
  type MaterialPlan,
} from '@lentum/core/courses';
import type { Point, Ring } from '@lentum/core/geometry';
import { sentence } from '@lentum/core/problems';
import { typicalSizes, type Opening, type Zone } from '@lentum/core/survey';
import type { BuildUp, Sheet } from '@lentum/core/buildup';
import { built, docFor, L_SHAPE, roof } from './support/roofs.ts';
import { corners, rect } from './support/zones.ts';

const factory = new GeometryFactory();
const jts = (outer: Ring, holes: Ring[] = []) => {
  const ring = (r: Ring) => factory.createLinearRing([...r, r[0]!].map(([x, y]) => new Coordinate(x, y)));
  return factory.createPolygon(ring(outer), holes.map(ring));
};
type Shape = ReturnType<typeof jts>;
const union = (list: Shape[]): Shape => list.reduce((a, b) => a.union(b));

const TWO_PLY = built('self-adhered-two-ply');
const plan = (zone: Zone, buildUp: BuildUp, doc: CoursesDoc = DEFAULT_COURSES): MaterialPlan[] => [
  ...coursesOf({ zones: [zone] }, docFor([zone], buildUp), doc, QUICK).materials,
];
const layoutOf = (m: MaterialPlan): LayerLayout => m.material.layouts[0]!;
const by = (m: MaterialPlan, plane: number, course: number): CoursePiece[] =>
  m.pieces.filter((p) => p.plane === plane && p.course === course);
const shapeOf = (layout: LayerLayout, p: CoursePiece): Shape => jts(pieceRing(layout, p));
/** A rectangle of a frame, in the zone's plane, through its own corners only. */
const inFrame = (layout: LayerLayout, piece: CoursePiece, fromV: number, toV: number): Shape =>
  jts(pieceRing(layout, { ...piece, lowM: fromV, widthM: toV - fromV }));

/** Openings are cut clear by 10 mm: made here by hand, for upright rectangles. */
const grown = (o: Opening): Ring => {
  if (o.shape.kind !== 'rectangle') throw new Error('rectangles only');
  const { alongM: x, acrossM: y, lengthM: w, widthM: h } = o.shape;
  const c = 0.01;
  return [
    [x - c, y - c],
    [x + w + c, y - c],
    [x + w + c, y + h + c],
    [x - c, y + h + c],
  ];
};

/** Every rule of laying, checked apart from the code that lays. */
function laidRight(whole: MaterialPlan, field: Shape, layout = layoutOf(whole)): void {
  const m = { ...whole, pieces: whole.pieces.filter((p) => p.layerId === layout.rolled.layer.id) };
  const pieces = m.pieces.filter((p) => !p.cap);
  // A chalk line is a millimetre: a strip of field no higher than that may be left.
  const longest = Math.max(...pieces.map((p) => p.toM - p.fromM));
  const left = field.difference(union(pieces.map((p) => shapeOf(layout, p)))).getArea();
  expect(left).toBeLessThan(1e-3 + 0.001 * longest);
  const { endLapM, sideLapM, staggerM } = layout.rolled;
  for (const plane of layout.planes) {
    expect(plane.strip.sideLapM).toBeGreaterThanOrEqual(sideLapM - 1e-9);
    plane.courses.courses.forEach((c) => {
      const mine = by(m, plane.index, c.index).sort((a, b) => a.fromM - b.fromM);
      mine.forEach((p, i) => {
        expect(p.widthM).toBeLessThanOrEqual(layout.rolled.widthM + 1e-9);
        const next = mine[i + 1];
        if (next && next.fromM < p.toM) expect(p.toM - next.fromM).toBeCloseTo(endLapM, 6);
        if (c.index === 0) return;
        // Under each piece lies the course below, a side lap up from its low edge, wherever there is field.
        const below = union(by(m, plane.index, c.index - 1).map((q) => shapeOf(layout, q)));
        const lap = inFrame(layout, p, p.lowM, p.lowM + sideLapM)
          .intersection(field)
          .buffer(0);
        expect(lap.difference(below).getArea()).toBeLessThan(1e-3 + 0.001 * (p.toM - p.fromM));
      });
      // Joints of this course and the next are apart.
      const joints = (k: number) =>
        by(m, plane.index, k).flatMap((p) => (p.lapLeft ? [p.fromM + endLapM / 2] : []));
      for (const a of joints(c.index))
        for (const b of joints(c.index + 1)) expect(Math.abs(a - b)).toBeGreaterThanOrEqual(staggerM - 1e-6);
    });
    // Up the stack is up the roof: the upper piece lies over the lower one.
    const { fall, angleRad } = plane.laying;
    if (fall) expect(Math.cos(angleRad + Math.PI / 2 - fall.downRad)).toBeLessThan(0.72);
  }
}

const HOLES = [rect('r1', 3, 3, 2.4, 1.6), rect('r2', 9.1, 3.2, 1.8, 1.1)];
const turned = (points: [number, number][], by: number): [number, number][] =>
  points.map(([x, y]) => [x * Math.cos(by) - y * Math.sin(by), x * Math.sin(by) + y * Math.cos(by)]);
const U_SHAPE: [number, number][] = [
  [0, 0],
  [15, 0],
  [15, 9],
  [10, 9],
  [10, 4],
  [5, 4],
  [5, 9],
  [0, 9],
];
const SLANTED: [number, number][] = [
  [0, 0],
  [13, 1.5],
  [11, 8],
  [4, 10],
  [-2, 6],
];

describe('courses over a field', () => {
  const cases: [string, [number, number][], Opening[], [number, number]][] = [
    ['a rectangle', corners(16, 9), [], [0, 0.02]],
    ['a rectangle with two machines', corners(16, 9), HOLES, [0.012, 0.004]],
    ['an L', L_SHAPE, [], [0, -0.02]],
    ['an L with a roof light', L_SHAPE, [rect('r', 2, 2, 1.2, 1.6)], [-0.02, 0]],
    ['a U', U_SHAPE, [], [0, 0.02]],
    ['slanted sides', SLANTED, [], [0.01, 0.02]],
    ['turned by 0.4', turned(corners(14, 8), 0.4), [], [0.01, 0.01]],
  ];
  it.each(cases)(
    '%s: two plies cover it, lap everywhere, keep their joints apart',
    (_, points, holes, fall) => {
      const zone = roof('z', points, holes, fall);
      const field = jts(points, holes.map(grown));
      const [base, cap] = plan(zone, TWO_PLY) as [MaterialPlan, MaterialPlan];
      laidRight(base, field);
      laidRight(cap, field);
      expect(base.problems).toEqual([]);
      expect(cap.problems).toEqual([]);
      // The second ply's joints are off the first's: along the courses by half of one, end joints by the stagger.
      const [b, c] = [layoutOf(base), layoutOf(cap)];
      const pitch = c.planes[0]!.strip.widthM - c.planes[0]!.strip.sideLapM;
      const lows = (l: LayerLayout) => l.planes[0]!.courses.courses.slice(1).map((k) => k.lowM);
      for (const low of lows(c))
        for (const other of lows(b))
          expect(Math.abs(low - other)).toBeGreaterThanOrEqual(pitch / 2 - c.rolled.sideLapM / 2 - 0.003);
      for (const p of cap.pieces.filter((x) => x.lapLeft))
        for (const q of base.pieces.filter((x) => x.lapLeft)) {
          if (p.lowM + p.widthM < q.lowM || q.lowM + q.widthM < p.lowM) continue;
          expect(Math.abs(p.fromM - q.fromM)).toBeGreaterThanOrEqual(c.rolled.staggerM - 1e-6);
        }
      // Every piece is cut once, from a roll that has room for it.
      for (const m of [base, cap]) {
        const labels = m.rolls.flatMap((r) => r.cuts.flatMap((k) => k.labels));
        expect([...labels].sort()).toEqual(m.pieces.map((p) => p.label).sort());
        expect(new Set(labels).size).toBe(labels.length);
        for (const r of m.rolls) {
          expect(r.leftM).toBeGreaterThanOrEqual(-1e-6);
          expect(r.cuts.reduce((s, k) => s + k.lengthM, 0)).toBeCloseTo(r.lengthM - r.leftM, 6);
        }
      }
    },
  );
  it('any L, falling any way: covered, lapped, and no start line beats the bound', () => {
    const size = fc.integer({ min: 30, max: 120 });
    fc.assert(
      fc.property(size, size, size, size, fc.integer({ min: 0, max: 7 }), (a, b, c, d, eighth) => {
        const [w, h] = [(a + b) / 10, (c + d) / 10];
        const points: [number, number][] = [
          [0, 0],
          [w, 0],
          [w, c / 10],
          [a / 10, c / 10],
          [a / 10, h],
          [0, h],
        ];
        const angle = (eighth * Math.PI) / 4 + 0.1;
        const zone = roof('z', points, [], [0.02 * Math.cos(angle), 0.02 * Math.sin(angle)]);
        const [fleece] = plan(zone, built('reinforced-polyurethane')) as [MaterialPlan];
        laidRight(fleece, jts(points));
        const plane = layoutOf(fleece).planes[0]!;
        expect(plane.courses.rollM).toBeGreaterThanOrEqual(plane.leastRollM - 1e-6);
      }),
      { numRuns: 40 },
    );
  });
  it('a second fabric lies square to the first', () => {
    const zone = roof('z', corners(11, 8), [rect('r', 7, 3, 1.5, 1.5)], [0.01, 0]);
    // They come off the same rolls, and are cut together.
    const [m] = plan(zone, built('gravel-restoration', { fabrics: 'crossed' })) as [MaterialPlan];
    const [first, second] = m.material.layouts as [LayerLayout, LayerLayout];
    const angle = (l: LayerLayout): number => l.planes[0]!.laying.angleRad;
    expect(Math.abs(angle(first) - angle(second)) % Math.PI).toBeCloseTo(Math.PI / 2, 9);
    for (const l of [first, second]) laidRight(m, jts(corners(11, 8), [grown(rect('r', 7, 3, 1.5, 1.5))]), l);
  });
});

describe('which way', () => {
  it.each([
    // Fall along x: courses run along y. Below 33 % across the fall, above it up the slope.
    ['across a fall of 2 %', [0.02, 0], 'across the fall', Math.PI / 2],
    ['across a fall of 30 %', [0, 0.3], 'across the fall', 0],
    ['up a fall of 40 %', [0, 0.4], 'up the fall', Math.PI / 2],
    ['along the longest side where it is level', [0, 0], 'along a side', 0],
  ] as const)('%s', (_, fall, runs, angle) => {
    const [layout] = layoutsOf(roof('z', corners(12, 8), [], fall), TWO_PLY, DEFAULT_COURSES);
    const { laying } = layout!.planes[0]!;
    expect(laying.runs).toBe(runs);
    const turns = (laying.angleRad - angle) / Math.PI;
    expect(Math.abs(turns - Math.round(turns))).toBeLessThan(1e-9);
  });
  it('the first course lies at the low edge', () => {
    const zone = roof('z', corners(12, 8), [], [0, 0.02]);
    const [layout] = layoutsOf(zone, TWO_PLY, DEFAULT_COURSES);
    expect(toFrame(layout!.planes[0]!.frame, [3, 0])[1]).toBeCloseTo(0, 9);
    const [other] = layoutsOf(roof('z', corners(12, 8), [], [0, -0.02]), TWO_PLY, DEFAULT_COURSES);
    expect(toFrame(other!.planes[0]!.frame, [3, 8])[1]).toBeCloseTo(0, 9);
  });
  it('measures on the slope: 8 m at 50 % are 8.94 m', () => {
    const [layout] = layoutsOf(roof('z', corners(12, 8), [], [0, 0.5]), TWO_PLY, DEFAULT_COURSES);
    const plane = layout!.planes[0]!;
    const [a, b] = [toFrame(plane.frame, [0, 0]), toFrame(plane.frame, [0, 8])];
    expect(Math.hypot(a[0] - b[0], a[1] - b[1])).toBeCloseTo(8 * Math.sqrt(1.25), 6);
  });
  const ridge = (zone: Zone): Zone => ({
    ...zone,
    features: [
      {
        id: 'ridge',
        kind: 'ridge',
        count: 1,
        at: { alongM: 0, acrossM: 4 },
        to: { alongM: 12, acrossM: 4 },
        sizes: typicalSizes('ridge'),
        note: '',
      },
    ],
  });
  it('two planes at a ridge: each from its own low edge, a cap strip over it', () => {
    const zone = ridge({
      ...roof('z', corners(12, 8), [], [0, 0]),
      levels: roof('z', corners(12, 8)).levels,
    });
    const bare = { ...zone, levels: { ...zone.levels, points: [] }, fallPct: 5 };
    const [base] = plan(bare, TWO_PLY) as [MaterialPlan];
    const layout = layoutOf(base);
    expect(layout.planes).toHaveLength(2);
    const lows = layout.planes.map((p) => Math.round(toFrame(p.frame, [5, 0])[1] * 10) / 10);
    const tops = layout.planes.map((p) => Math.round(toFrame(p.frame, [5, 8])[1] * 10) / 10);
    // One begins at the eaves at 0, the other at those at 8.
    expect(Math.min(...lows.map(Math.abs))).toBeLessThan(0.05);
    expect(Math.min(...tops.map(Math.abs))).toBeLessThan(0.05);
    expect(layout.caps).toHaveLength(1);
    expect(layout.caps[0]!.lengthM).toBeCloseTo(12, 9);
    // 200 mm on each side come out of half a width of one metre.
    expect(layout.caps[0]!.half).toBe(true);
    laidRight(base, jts(corners(12, 8)));
    expect(base.pieces.filter((p) => p.cap).reduce((s, p) => s + p.toM - p.fromM, 0)).toBeGreaterThanOrEqual(
      12,
    );
  });
  it.each([
    ['drip', 'gutter'],
    ['free', 'free'],
    ['drip', 'drip'],
    ['upstand', 'gutter'],
  ] as const)(
    'a gable with %s verges and %s eaves has two planes, however far its sheets hang over',
    (verge, eaves) => {
      const [l, w] = [11, 7.4];
      const side = (kind: string) =>
        kind === 'gutter'
          ? { edge: { kind: 'gutter' as const, widthMm: 150 }, riseM: 0 }
          : kind === 'upstand'
            ? { edge: { kind: 'upstand' as const, heightMm: 150, termination: 'bar' as const }, riseM: 0 }
            : { edge: { kind: kind as 'drip' | 'free' }, riseM: 0 };
      const flat = roof('z', corners(l, w), [], [0, 0]);
      const gable: Zone = {
        ...flat,
        levels: { ...flat.levels, points: [] },
        fallPct: 20,
        sides: [side(eaves), side(verge), side(eaves), side(verge)],
        features: ridge(flat).features.map((f) => ({
          ...f,
          at: { alongM: 0, acrossM: w / 2 },
          to: { alongM: l, acrossM: w / 2 },
        })),
      };
      const [base] = plan(gable, TWO_PLY) as [MaterialPlan];
      const layout = layoutOf(base);
      expect(layout.planes).toHaveLength(2);
      expect(layout.folds.map((f) => f.kind)).toEqual(['ridge']);
      // Each plane has the half of the roof on its side, and nothing of the other.
      for (const plane of layout.planes) {
        const ys = plane.field.flatMap((p) => p.outer.map((q: Point) => q[1]));
        expect(Math.max(...ys) - Math.min(...ys)).toBeLessThan((w / 2 + 0.6) * Math.sqrt(1.04));
      }
      laidRight(base, jts(corners(l, w)));
    },
  );
  it('a ridge that stops short of the verge parts nothing, and that is said', () => {
    const flat = { ...roof('z', corners(12, 8)), fallPct: 5 };
    const zone: Zone = {
      ...flat,
      levels: { ...flat.levels, points: [] },
      features: ridge(flat).features.map((f) => ({ ...f, to: { alongM: 11.5, acrossM: 4 } })),
    };
    const [base] = plan(zone, TWO_PLY) as [MaterialPlan];
    expect(layoutOf(base).planes).toHaveLength(1);
    expect(base.problems.map(sentence).join(' ')).toContain('ridge 1');
    expect(base.problems.map(sentence).join(' ')).toContain('courses run straight over it');
    const [good] = plan({ ...ridge(zone), fallPct: 5 }, TWO_PLY) as [MaterialPlan];
    expect(good.problems).toEqual([]);
  });
  it.each([15, 25, 40, 60])(
    'a steep gable, %d %%: the plies keep their side laps apart on each plane',
    (fallPct) => {
      const flat = roof('z', corners(12, 8));
      const zone: Zone = { ...ridge(flat), fallPct, levels: { ...flat.levels, points: [] } };
      const made = plan(zone, TWO_PLY);
      expect(made.every((m) => layoutOf(m).planes.length === 2)).toBe(true);
      expect(made.flatMap((m) => m.problems.map(sentence)).filter((s) => s.includes('side laps'))).toEqual(
        [],
      );
    },
  );
  it('a course that cannot keep off the joints below comes near them by itself; the others keep off', () => {
    const flat = { ...roof('z', corners(18, 9)), fallPct: 2 };
    const zone: Zone = { ...flat, levels: { ...flat.levels, points: [] } };
    const made = plan(zone, built('cold-bonded-felt'));
    const near = made.flatMap((m) => m.problems.map(sentence)).filter((s) => s.includes('end joint'));
    expect(near.length).toBeLessThanOrEqual(3);
    expect(near.every((s) => s.includes('a joint of the layer below'))).toBe(true);
  });
  it('folded over, the last course of each plane goes 200 mm beyond the ridge', () => {
    const bare = { ...ridge(roof('z', corners(12, 8))), fallPct: 5 };
    const zone = { ...bare, levels: { ...bare.levels, points: [] } };
    const doc = coursesSchema.parse({ rules: { ridge: 'fold over' } });
    const [base] = plan(zone, TWO_PLY, doc) as [MaterialPlan];
    expect(layoutOf(base).caps).toEqual([]);
    for (const plane of layoutOf(base).planes) {
      const top = Math.max(...plane.field.flatMap((p) => p.outer.map((q: Point) => q[1])));
      expect(top).toBeCloseTo((4 + 0.2) * Math.sqrt(1 + 0.05 ** 2), 6);
    }
  });
});

/** An L of 18 by 13.7 m whose arms are so wide. */
const ell = (ax: number, ay: number): [number, number][] => [
  [0, 0],
  [18, 0],
  [18, ay],
  [ax, ay],
  [ax, 13.7],
  [0, 13.7],
];
/** By crossings to the right, apart from the core's own. */
const holds = (ring: readonly (readonly [number, number])[], [x, y]: readonly [number, number]): boolean =>
  ring.reduce((inside, a, i) => {
    const b = ring[(i + 1) % ring.length]!;
    const crosses = a[1] > y !== b[1] > y && x < a[0] + ((y - a[1]) / (b[1] - a[1])) * (b[0] - a[0]);
    return crosses ? !inside : inside;
  }, false);

describe('a roof that can be cut is cut', () => {
  it.each([
    ['self-adhered-two-ply', 17, 5, 4, [0, 0.02]],
    ['self-adhered-two-ply', 17, 9, 7.5, [0, 0.02]],
    ['self-adhered-two-ply', 17, 11, 4, [0.015, 0.02]],
    ['self-adhered-two-ply', 30, 11, 5, [0.015, 0.02]],
    ['self-adhered-two-ply', 30, 6, 4, [0, 0.02]],
    ['torched-two-ply', 30, 11, 6, [0, 0.3]],
  ] as const)('%s on an L turned by %d°, arms of %d and %d m', (family, degrees, ax, ay, fall) => {
    const ring = turned(ell(ax, ay), (degrees * Math.PI) / 180);
    const zone = roof('z', ring, [], fall);
    for (const material of plan(zone, built(family))) {
      const longest = Math.max(...material.material.sale.map((s) => s.lengthM));
      expect(material.answer).toBeDefined();
      for (const p of material.pieces) expect(p.toM - p.fromM).toBeLessThanOrEqual(longest + 1e-6);
      // Covered all over: at 2,000 places inside, some piece lies.
      const pieces = material.pieces.map((p) => pieceRing(layoutOf(material), p));
      for (let i = 0, found = 0; found < 2000; i += 1) {
        const at = turned(
          [[18 * ((i * 0.754877666) % 1), 13.7 * ((i * 0.569840296) % 1)]],
          (degrees * Math.PI) / 180,
        )[0]!;
        if (!holds(ring, at)) continue;
        found += 1;
        expect(pieces.some((r) => holds(r, at))).toBe(true);
      }
    }
  });
  it('a search that is given up half-way leaves nothing behind for the same question', () => {
    const zone = roof('poison', turned(ell(7.5, 6), 0.2), [], [0, 0.25]);
    const terms = [{ zones: [zone] }, docFor([zone], TWO_PLY), DEFAULT_COURSES, FULL] as const;
    const first = planCourses(...terms);
    expect(first.next().done).toBe(false);
    first.return(undefined as never);
    const after = coursesOf(...terms).materials;
    // Longer by a hair, so that nothing is kept of it: the answer that a fresh question gets.
    const longer = roof(
      'poison',
      turned(
        ell(7.5, 6).map(([x, y]) => [x * 1.0000001, y]),
        0.2,
      ),
      [],
      [0, 0.25],
    );
    const fresh = coursesOf({ zones: [longer] }, docFor([longer], TWO_PLY), DEFAULT_COURSES, FULL).materials;
    expect(after.map((m) => m.rolls.length)).toEqual(fresh.map((m) => m.rolls.length));
    expect(after.map((m) => m.problems)).toEqual(fresh.map((m) => m.problems));
    expect(after.every((m) => m.rolls.length > 0)).toBe(true);
  });
  it('what cannot be cut is named', () => {
    const zone = roof('kept', corners(16, 2), [], [0, 0.02]);
    const doc = coursesSchema.parse({
      plans: [
        {
          zoneId: 'kept',
          layerId: 'base',
          keepOff: [{ id: 'k', name: 'All of it', alongM: 0, acrossM: 0, lengthM: 16, widthM: 1 }],
        },
      ],
    });
    const [base] = plan(zone, TWO_PLY, doc) as [MaterialPlan];
    expect(base.problems.map(sentence).join(' ')).toMatch(/a (run|half width) of 16\.\d\d m cannot be cut/);
  });
});

const byHand = (layerId: string, more: Partial<CoursePlan>): CoursesDoc =>
  coursesSchema.parse({ plans: [{ zoneId: 'z', layerId, ...more }] });

describe('by hand', () => {
  const zone = roof('z', corners(16, 9), [], [0, 0.02]);
  it('a start line that was dragged stays, and the second ply follows it', () => {
    const [base, cap] = plan(zone, TWO_PLY, byHand('base', { firstM: 0.7 })) as [MaterialPlan, MaterialPlan];
    expect(layoutOf(base).planes[0]!.courses.firstM).toBe(0.7);
    expect(layoutOf(base).planes[0]!.courses.courses.map((c) => c.lowM)).toEqual(
      Array.from({ length: 11 }, (_, i) => (i === 0 ? 0 : expect.closeTo(0.6 + (i - 1) * 0.9, 9))),
    );
    // Half a pitch further: 0.7 + 0.45 is more than a roll, so half a pitch less.
    expect(layoutOf(cap).planes[0]!.courses.firstM).toBeCloseTo(0.25, 9);
    laidRight(base, jts(corners(16, 9)));
  });
  it('a piece that was fixed stays where it is, the rest goes round it', () => {
    const fixed = [{ id: 'f', plane: 0, course: 3, fromM: 4, toM: 10 }];
    const [base] = plan(zone, TWO_PLY, byHand('base', { firstM: 1, fixed })) as [MaterialPlan];
    const mine = base.pieces.find((p) => p.fixedBy === 'f')!;
    expect([mine.course, mine.fromM, mine.toM]).toEqual([3, 4, 10]);
    laidRight(base, jts(corners(16, 9)));
    expect(base.problems).toEqual([]);
  });
  it('no joint lies where none may', () => {
    const keepOff = [{ id: 'k', name: 'Below the cooler', alongM: 6, acrossM: 0, lengthM: 4, widthM: 9 }];
    const [base] = plan(zone, TWO_PLY, byHand('base', { keepOff })) as [MaterialPlan];
    const joints = base.pieces.filter((p) => p.lapLeft);
    expect(joints.length).toBeGreaterThan(0);
    const layout = layoutOf(base);
    for (const p of joints) {
      const xs = pieceRing(layout, { ...p, toM: p.fromM + layout.rolled.endLapM }).map((q) => q[0]);
      expect(Math.max(...xs) <= 6 + 1e-6 || Math.min(...xs) >= 10 - 1e-6).toBe(true);
    }
  });
  it('says what is broken by hand', () => {
    const says = (doc: CoursesDoc, z = zone): string[] =>
      plan(z, TWO_PLY, doc).flatMap((m) => m.problems.map(sentence));
    expect(says(byHand('cap', { firstM: 1 })).join(' ')).toMatch(
      /Cap sheet, side laps: \d+ mm off those of the layer below; expected about half a course, 450 mm/,
    );
    const close = [
      { id: 'a', plane: 0, course: 2, fromM: 0, toM: 8 },
      { id: 'b', plane: 0, course: 3, fromM: 0, toM: 8.4 },
    ];
    expect(says(byHand('base', { firstM: 1, fixed: close })).join(' ')).toMatch(
      /R-A3\.\d and R-A4\.\d, end joints: 0\.40 m apart; expected at least 0\.90 m/,
    );
    expect(
      says(byHand('base', { firstM: 1, fixed: [{ id: 'x', plane: 0, course: 99, fromM: 0, toM: 3 }] })).join(
        ' ',
      ),
    ).toContain('a place where that course lies: it is left out');
    expect(
      says(byHand('base', { fixed: [{ id: 'x', plane: 0, course: 1, fromM: 0, toM: 15.5 }] })).join(' '),
    ).toContain('15.50 m is out of range; expected at most a roll of 15.00 m');
    expect(says(byHand('base', { firstM: 1.4 })).join(' ')).toContain('1.40 m is out of range');
  });
});

describe('what cannot be laid, each in a sentence', () => {
  const change = (edit: (sheet: Sheet) => void): BuildUp => {
    const copy = structuredClone(TWO_PLY);
    for (const l of copy.layers) if (l.kind === 'sheet' && l.id === 'base') edit(l);
    return copy;
  };
  const set = (value: number) => ({ value, source: 'typical' as const });
  const zone = roof('z', corners(16, 9));
  it.each([
    ['a lap wider than the roll', (s: Sheet) => (s.rollWidthM = set(0.07)), 'a lap narrower than the roll'],
    [
      'a roll shorter than its laps',
      (s: Sheet) => (s.rollLengthM = set(0.25)),
      'a roll longer than its two end laps',
    ],
    [
      'a stagger longer than half a roll',
      (s: Sheet) => (s.staggerMm = set(4900)) && (s.rollLengthM = set(8)),
      'at most half a roll',
    ],
    [
      'thousands of pieces',
      (s: Sheet) => (s.rollLengthM = set(2)) && (s.rollWidthM = set(0.1)),
      'at most 4000',
    ],
  ])('%s', (name, edit, expected) => {
    const big = name === 'thousands of pieces' ? roof('z', corners(60, 50)) : zone;
    const [base] = plan(big, change(edit)) as [MaterialPlan];
    expect(base.problems.map(sentence).join(' ')).toContain(expected);
    expect(base.pieces).toEqual([]);
    expect(base.answer).toBeUndefined();
  });
  it('a field thinner than a lap', () => {
    const [base] = plan(roof('z', corners(16, 0.07)), TWO_PLY) as [MaterialPlan];
    expect(base.problems.map(sentence).join(' ')).toContain('a field wider than the side lap of 80 mm');
  });
  it('joints that fit nowhere: nothing of it is counted, and that is said', () => {
    const keepOff = [{ id: 'k', name: 'Everywhere', alongM: -1, acrossM: -1, lengthM: 18, widthM: 11 }];
    const [base] = plan(roof('z', corners(16, 9)), TWO_PLY, byHand('base', { keepOff })) as [MaterialPlan];
    expect(base.answer).toBeUndefined();
    expect(base.problems.map(sentence).join(' ')).toContain('nothing of it is counted here');
  });
});
