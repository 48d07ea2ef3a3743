import fc from 'fast-check';
import Coordinate from 'jsts/org/locationtech/jts/geom/Coordinate.js';
import GeometryFactory from 'jsts/org/locationtech/jts/geom/GeometryFactory.js';
import 'jsts/org/locationtech/jts/monkey.js';
import { describe, expect, it } from 'vitest';
import { TOLERANCE } from '@lentum/core/units';
import {
  areaOf,
  compassRule,
  distance,
  distanceToPiece,
  firstCrossing,
  intersect,
  labelPoint,
  insideRing,
  perimeter,
  polygonArea,
  ringInside,
  rotate,
  signedArea,
  splitEqually,
  toPlane,
  traverse,
  type Leg,
  type Point,
  type Polygon,
  type Ring,
} from '@lentum/core/geometry';

/** A star-shaped ring round (0, 0): no step is half a turn or more, so it never crosses itself. */
const ringArb = fc
  .array(
    fc.tuple(fc.double({ min: 2, max: 20, noNaN: true }), fc.double({ min: 0.4, max: 1, noNaN: true })),
    { minLength: 4, maxLength: 12 },
  )
  .map((steps): Ring => {
    const total = steps.reduce((s, [, w]) => s + w, 0);
    let angle = 0;
    return steps.map(([r, w]) => {
      angle += (w / total) * 2 * Math.PI;
      // To the millimetre, as roofs are taped; jsts loses its way on differences of a few bits.
      return [Number((r * Math.cos(angle)).toFixed(3)), Number((r * Math.sin(angle)).toFixed(3))] as const;
    });
  });

const factory = new GeometryFactory();
const toJts = (p: Polygon) => {
  const ring = (r: Ring) => factory.createLinearRing([...r, r[0]!].map(([x, y]) => new Coordinate(x, y)));
  return factory.createPolygon(ring(p.outer), p.holes.map(ring));
};

const square = (size: number): Ring => [
  [0, 0],
  [size, 0],
  [size, size],
  [0, size],
];

describe('areas against an independent geometry library (jsts)', () => {
  it('rings with a hole', () => {
    fc.assert(
      fc.property(ringArb, (outer) => {
        const hole: Ring = [
          [-0.5, -0.5],
          [0.5, -0.5],
          [0.5, 0.5],
          [-0.5, 0.5],
        ];
        const polygon = { outer, holes: ringInside(hole, outer) ? [hole] : [] };
        expect(polygonArea(polygon)).toBeCloseTo(toJts(polygon).getArea(), 8);
        expect(perimeter(outer)).toBeCloseTo(toJts({ outer, holes: [] }).getLength(), 8);
      }),
    );
  });

  it('intersections', () => {
    fc.assert(
      fc.property(ringArb, ringArb, fc.double({ min: -5, max: 5, noNaN: true }), (a, b, shift) => {
        const moved = b.map(([x, y]): Point => [Number((x + shift).toFixed(3)), y]);
        const ours = areaOf(intersect([{ outer: a, holes: [] }], [{ outer: moved, holes: [] }]));
        const theirs = toJts({ outer: a, holes: [] })
          .intersection(toJts({ outer: moved, holes: [] }))
          .getArea();
        expect(Math.abs(ours - theirs)).toBeLessThan(TOLERANCE.areaM2);
      }),
    );
  });
});

describe('equal bays', () => {
  it('are equal, add up, and stay in their zone', () => {
    fc.assert(
      fc.property(
        ringArb,
        fc.integer({ min: 1, max: 14 }),
        fc.double({ min: 0, max: 3, noNaN: true }),
        (outer, n, angle) => {
          const hole: Ring = [
            [-0.4, -0.4],
            [0.4, -0.4],
            [0.4, 0.4],
            [-0.4, 0.4],
          ];
          const zone = {
            outer: signedArea(outer) < 0 ? [...outer].reverse() : outer,
            holes: ringInside(hole, outer) ? [hole] : [],
          };
          const parts = splitEqually([zone], n, angle);
          const total = polygonArea(zone);
          expect(parts.length).toBe(n);
          for (const part of parts) expect(areaOf(part)).toBeCloseTo(total / n, 4);
          expect(parts.reduce((s, p) => s + areaOf(p), 0)).toBeCloseTo(total, 5);
          const union = parts.reduce((s, p) => s + areaOf(intersect(p, [zone])), 0);
          expect(union).toBeCloseTo(total, 4);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('a rectangle of 12 by 9 in twelve gives squares of 3', () => {
    const parts = splitEqually(
      [
        {
          outer: [
            [0, 0],
            [12, 0],
            [12, 9],
            [0, 9],
          ],
          holes: [],
        },
      ],
      12,
      0,
    );
    for (const [p] of parts) expect(perimeter(p!.outer)).toBeCloseTo(12, 4);
  });
});

describe('walks', () => {
  const legs = (...sides: [number, number?, ('left' | 'right')?][]): Leg[] =>
    sides.map(([lengthM, turnDeg = 90, turn = 'left']) => ({ lengthM, turnDeg, turn }));

  it('a rectangle closes to the last bit', () => {
    const t = traverse(legs([14.1], [12.2], [14.1], [12.2]));
    expect(t).toMatchObject({ gapM: 0, closed: true, turnGapDeg: 0, ratio: undefined });
  });

  it('says by how much and in what ratio it does not close', () => {
    const t = traverse(legs([10], [5], [9.9], [5]));
    expect(t.gapM).toBeCloseTo(0.1, 12);
    expect(t.ratio).toBeCloseTo(299, 6);
    expect(t.closed).toBe(false);
  });

  it('the compass rule on a textbook’s traverse (Wolf & Ghilani, Elementary Surveying, five courses in feet, from memory)', () => {
    // Length, departure, latitude as measured; departure and latitude as balanced in the book.
    const courses: [number, number, number, number, number][] = [
      [647.25, 517.451, -388.815, 517.444, -388.835],
      [203.03, 5.966, -202.942, 5.964, -202.948],
      [720.35, 192.889, 694.045, 192.881, 694.022],
      [610.24, -590.565, 153.708, -590.571, 153.689],
      [285.13, -125.715, -255.919, -125.718, -255.928],
    ];
    const path: Point[] = [[0, 0]];
    for (const [length, e, n] of courses) {
      expect(Math.hypot(e, n)).toBeCloseTo(length, 1);
      path.push([path.at(-1)![0] + e, path.at(-1)![1] + n]);
    }
    const adjusted = compassRule(path);
    courses.forEach(([, , , departure, latitude], i) => {
      const a = adjusted[i]!;
      const b = adjusted[(i + 1) % adjusted.length]!;
      // The book rounds to a thousandth of a foot.
      expect(Math.abs(b[0] - a[0] - departure)).toBeLessThan(0.0011);
      expect(Math.abs(b[1] - a[1] - latitude)).toBeLessThan(0.0011);
    });
  });

  it('adjusted corners move by no more than the gap', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 1, max: 30, noNaN: true }), { minLength: 3, maxLength: 12 }),
        (sides) => {
          const t = traverse(legs(...sides.map((s): [number] => [s])));
          const closed = compassRule(t.path);
          expect(closed.length).toBe(sides.length);
          closed.forEach((p, i) => expect(distance(p, t.path[i]!)).toBeLessThanOrEqual(t.gapM + 1e-9));
        },
      ),
    );
  });
});

describe('crossings', () => {
  const bow: Ring = [
    [0, 0],
    [4, 4],
    [4, 0],
    [0, 4],
  ];
  it.each<[string, Ring, readonly [number, number] | undefined]>([
    ['a bow tie', bow, [0, 2]],
    ['a square', square(4), undefined],
    [
      'a spike that folds back',
      [
        [0, 0],
        [4, 0],
        [2, 0],
        [2, 3],
      ],
      [0, 1],
    ],
    [
      'a corner that touches a far side',
      [
        [0, 0],
        [4, 0],
        [4, 4],
        [2, 0],
        [0, 4],
      ],
      [0, 2],
    ],
    [
      'an L',
      [
        [0, 0],
        [4, 0],
        [4, 2],
        [2, 2],
        [2, 4],
        [0, 4],
      ],
      undefined,
    ],
  ])('%s', (_, ring, expected) => {
    expect(firstCrossing(ring)).toEqual(expected);
  });
  it('turning a ring does not change the answer', () => {
    fc.assert(
      fc.property(ringArb, fc.double({ min: 0, max: 6, noNaN: true }), (ring, angle) => {
        // Some of the rings touch themselves within the tolerance: those may fall either way.
        fc.pre(clearance(ring) > 4 * TOLERANCE.sameCornerM);
        expect(firstCrossing(ring.map((p) => rotate(p, angle)))).toBe(undefined);
      }),
    );
  });
});

/** The least distance of a corner from a side that is not its own. */
function clearance(ring: Ring): number {
  return Math.min(
    ...ring.flatMap((p, i) =>
      ring.flatMap((a, k) =>
        k === i || (k + 1) % ring.length === i ? [] : [distanceToPiece(p, a, ring[(k + 1) % ring.length]!)],
      ),
    ),
  );
}

it('labels stand inside', () => {
  fc.assert(
    fc.property(ringArb, (ring) => {
      expect(insideRing(labelPoint([{ outer: ring, holes: [] }]), ring)).toBe(true);
    }),
  );
});

it('one minute of latitude at 45° is about 1852 m (definition of the old nautical mile)', () => {
  const [p] = toPlane([[0, 45 + 1 / 60]], [0, 45]);
  expect(p![1]).toBeGreaterThan(1851);
  expect(p![1]).toBeLessThan(1853);
});
