/**
 * Flat patterns held against the solid that they are folded on: planes of roof and walls, edges that meet, areas. The
 * solid is made here from angles and heights, apart from the patterns.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import GeometryFactory from 'jsts/org/locationtech/jts/geom/GeometryFactory.js';
import Coordinate from 'jsts/org/locationtech/jts/geom/Coordinate.js';
import 'jsts/org/locationtech/jts/monkey.js';
import {
  area3,
  dot3,
  folded,
  overlapMm2,
  patternAreaMm2,
  type Face3,
  type FaceUse,
  type Pattern,
  type Point3,
} from '../src/details/folding.ts';
import {
  crossCutPlate,
  externalCorner,
  flatStrip,
  gusset,
  internalCorner,
  postSide,
  scupperApron,
  squareSleeve,
  strip,
  upstandBands,
} from '../src/details/patterns.ts';
import { cap, FINGERS, loopStrip, sleeve, sleeveFrame, starPlate } from '../src/details/roundpatterns.ts';
import { polygonArea } from '../src/geometry/index.ts';

const RADIAN = Math.PI / 180;
const NEAR = 6;

const of = (faces: readonly Face3[], use: FaceUse): Face3[] => faces.filter((f) => f.use === use);
const points = (faces: readonly Face3[]): Point3[] => faces.flatMap((f) => f.outer);
const onPlane = (faces: readonly Face3[], normal: Point3, offset: number): void => {
  for (const p of points(faces)) expect(dot3(p, normal)).toBeCloseTo(offset, NEAR);
};
const heights = (faces: readonly Face3[]): [number, number] => {
  const z = points(faces).map((p) => p[2]);
  return [Math.min(...z), Math.max(...z)];
};
const hasPoint = (faces: readonly Face3[], p: Point3): boolean =>
  points(faces).some((q) => Math.hypot(q[0] - p[0], q[1] - p[1], q[2] - p[2]) < 1e-6);
/** An edge that two faces are to share once folded. */
const share = (a: readonly Face3[], b: readonly Face3[], edge: readonly [Point3, Point3]): void => {
  for (const p of edge) {
    expect(hasPoint(a, p)).toBe(true);
    expect(hasPoint(b, p)).toBe(true);
  }
};
/** What holds for every piece: it can be cut, and folding stretches nothing. */
function sound(pattern: Pattern): Face3[] {
  expect(Math.abs(overlapMm2(pattern))).toBeLessThan(0.01);
  const faces = folded(pattern);
  faces.forEach((f, i) => {
    const holes = f.holes.reduce((sum, h) => sum + area3(h), 0);
    const flat = polygonArea(pattern.faces[i]!.shape);
    expect(area3(f.outer) - holes).toBeCloseTo(flat, 3);
  });
  return faces;
}

describe('strips', () => {
  it('an upstand: foot on the roof, wall upright, its area length by the sum of its bands', () => {
    const p = strip(3000, upstandBands(150, 300, 0));
    const faces = sound(p);
    onPlane(of(faces, 'base'), [0, 0, 1], 0);
    onPlane(of(faces, 'wall'), [0, 1, 0], 0);
    expect(heights(of(faces, 'wall'))).toEqual([expect.closeTo(0, 6), expect.closeTo(300, 6)]);
    expect(patternAreaMm2(p)).toBeCloseTo(3000 * 450, 6);
  });

  it('over a cant of 50 mm legs: the cant lies at 45°, the wall stands 50 mm behind the foot, as high as asked', () => {
    const faces = sound(strip(1000, upstandBands(150, 300, 50)));
    const s = Math.SQRT1_2;
    onPlane(of(faces, 'cant'), [0, -s, s], 0);
    onPlane(of(faces, 'wall'), [0, 1, 0], 50);
    expect(heights(of(faces, 'wall'))).toEqual([expect.closeTo(50, 6), expect.closeTo(300, 6)]);
  });

  it('over a parapet: level on top, plumb down the outside', () => {
    const faces = sound(
      strip(2000, [
        ...upstandBands(150, 400, 0),
        { use: 'top', mm: 250, turnDeg: -90 },
        { use: 'down', mm: 60, turnDeg: -90 },
      ]),
    );
    onPlane(of(faces, 'top'), [0, 0, 1], 400);
    onPlane(of(faces, 'down'), [0, 1, 0], 250);
    expect(heights(of(faces, 'down'))).toEqual([expect.closeTo(340, 6), expect.closeTo(400, 6)]);
  });

  it('a gutter: down, along the floor, up again', () => {
    const faces = sound(
      strip(2000, [
        { use: 'base', mm: 100, turnDeg: 0 },
        { use: 'down', mm: 80, turnDeg: -90 },
        { use: 'base', mm: 200, turnDeg: 90 },
        { use: 'wall', mm: 80, turnDeg: 90 },
      ]),
    );
    expect(heights(of(faces, 'base').slice(1))).toEqual([expect.closeTo(-80, 6), expect.closeTo(-80, 6)]);
    onPlane(of(faces, 'wall'), [0, 1, 0], 200);
  });

  it('the loop of a joint: a half round as wide as the joint, its ends level', () => {
    const p = loopStrip(1000, 40, 150);
    const faces = sound(p);
    const [first, second] = of(faces, 'base');
    expect(Math.max(...first!.outer.map((q) => q[1]))).toBeCloseTo(0, 6);
    const near = Math.min(...second!.outer.map((q) => q[1]));
    // Twelve faces stand for the half round: their chords are those of a circle a third of a per cent larger.
    expect(Math.abs(near - 40)).toBeLessThan(40 * 0.004);
    for (const z of points([second!]).map((q) => q[2])) expect(z).toBeCloseTo(0, 6);
    expect(heights(of(faces, 'loop'))[0]).toBeLessThan(-40 / 2 + 0.5);
    expect(patternAreaMm2(p)).toBeCloseTo(1000 * (300 + (Math.PI * 40) / 2), 6);
  });
});

describe('corners', () => {
  const upright = fc.record({
    deg: fc.double({ min: 40, max: 165, noNaN: true }),
    wing: fc.integer({ min: 100, max: 300 }),
    height: fc.integer({ min: 80, max: 600 }),
    lap: fc.integer({ min: 30, max: 90 }),
  });

  it('internal: base on the roof, each wall on its wall, their upright edges one line, the flap on the second wall', () => {
    fc.assert(
      fc.property(upright, ({ deg, wing, height, lap }) => {
        const faces = sound(internalCorner(deg, wing, height, lap));
        const [wall1, wall2] = of(faces, 'wall');
        const second: Point3 = [Math.cos(deg * RADIAN), Math.sin(deg * RADIAN), 0];
        const normal2: Point3 = [-second[1], second[0], 0];
        onPlane(of(faces, 'base'), [0, 0, 1], 0);
        onPlane([wall1!], [0, 1, 0], 0);
        onPlane([wall2!], normal2, 0);
        onPlane(of(faces, 'flap'), normal2, 0);
        share(
          [wall1!],
          [wall2!],
          [
            [0, 0, 0],
            [0, 0, height],
          ],
        );
        // The flap goes along the second wall, on the roof's side of the corner, no further than its lap.
        for (const p of points(of(faces, 'flap'))) {
          const reach = dot3(p, second);
          expect(reach).toBeGreaterThan(-1e-6);
          expect(reach).toBeLessThan(lap + 1e-6);
        }
        expect(area3(wall2!.outer)).toBeCloseTo(wing * height, 3);
      }),
    );
  });

  it('a right angle: flap as long as the wall, the cut as long as the edge it comes from', () => {
    const p = internalCorner(90, 150, 300, 50);
    expect(patternAreaMm2(p)).toBeCloseTo(150 * 150 + 2 * 150 * 300 + 50 * 300, 6);
    expect(p.cuts).toEqual([
      [
        [0, 0],
        [expect.closeTo(-50, 9), expect.closeTo(0, 9)],
      ],
    ]);
  });

  const factory = new GeometryFactory();
  const shape = (ring: readonly Point3[]) =>
    factory.createPolygon(
      factory.createLinearRing([...ring, ring[0]!].map((p) => new Coordinate(p[0], p[1]))),
      [],
    );
  const jstsUnion = (rings: readonly (readonly Point3[])[]) => rings.map(shape).reduce((a, b) => a.union(b));

  it('external: walls back to back on one upright edge, feet level; with the gusset the roof is closed round the corner', () => {
    const solid = fc.record({
      deg: fc.double({ min: 60, max: 165, noNaN: true }),
      wing: fc.integer({ min: 160, max: 300 }),
      height: fc.integer({ min: 80, max: 600 }),
      foot: fc.integer({ min: 80, max: 200 }),
      lap: fc.integer({ min: 30, max: 80 }),
    });
    fc.assert(
      fc.property(solid, ({ deg, wing, height, foot, lap }) => {
        const faces = sound(externalCorner(deg, wing, height, foot, 40));
        const [wall1, wall2] = of(faces, 'wall');
        const turn = (180 - deg) * RADIAN;
        const n1: Point3 = [0, -1, 0];
        const n2: Point3 = [Math.sin(turn), -Math.cos(turn), 0];
        onPlane([wall1!], n1, 0);
        onPlane([wall2!], n2, 0);
        share(
          [wall1!],
          [wall2!],
          [
            [0, 0, 0],
            [0, 0, height],
          ],
        );
        const feet = of(faces, 'base');
        onPlane(feet, [0, 0, 1], 0);
        onPlane(of(faces, 'top'), [0, 0, 1], height);
        // Feet lie before their walls, tops behind them.
        expect(points([feet[0]!]).every((p) => dot3(p, n1) > -1e-6)).toBe(true);
        expect(points([feet[1]!]).every((p) => dot3(p, n2) > -1e-6)).toBe(true);
        const tops = of(faces, 'top');
        expect(points([tops[0]!]).every((p) => dot3(p, n1) < 1e-6)).toBe(true);
        expect(points([tops[1]!]).every((p) => dot3(p, n2) < 1e-6)).toBe(true);
        // All round the corner: two feet and the kite between them, and no more.
        const [patch] = sound(gusset(deg, foot, lap));
        const closed = jstsUnion([feet[0]!.outer, feet[1]!.outer, patch!.outer]).getArea();
        const kite = foot * foot * Math.tan(turn / 2);
        expect(closed).toBeCloseTo(2 * wing * foot + kite, 2);
        // The gusset laps on each foot by its lap.
        expect(area3(patch!.outer)).toBeCloseTo(kite + 2 * lap * foot, 3);
      }),
    );
  });

  it('round a sharp edge the tip of the gusset is cut off and still laps on both feet', () => {
    const [patch] = sound(gusset(30, 150, 50));
    const reach = Math.max(...patch!.outer.map((p) => Math.hypot(p[0], p[1])));
    expect(reach).toBeLessThan(150 * Math.sqrt(5) + 1e-6);
    expect(area3(patch!.outer)).toBeGreaterThan(2 * 50 * 150);
  });
});

describe('round pipes and outlets', () => {
  it.each([
    ['up', 110, 50],
    ['up', 60, 90],
    ['down', 100, 60],
  ] as const)('fingers turn %s and lie against a pipe of %d mm', (way, diameter, reach) => {
    const p = starPlate(diameter + 300, diameter, reach, way);
    const faces = sound(p);
    const fingers = of(faces, 'finger');
    expect(fingers.length).toBe(FINGERS);
    const long = Math.min(reach, diameter / 2);
    fingers.forEach((finger, i) => {
      const turn = (2 * Math.PI * (i + 1)) / FINGERS;
      onPlane([finger], [Math.cos(turn), Math.sin(turn), 0], diameter / 2);
      const [low, high] = heights([finger]);
      expect(way === 'up' ? high : -low).toBeCloseTo(long, 6);
    });
    // Each cut has the same length on both of its fingers, and they meet at the rim.
    fingers.forEach((finger, i) => {
      const next = fingers[(i + 1) % FINGERS]!;
      const rim = finger.outer[1]!;
      expect(hasPoint([next], rim)).toBe(true);
      const edge = (a: Point3, b: Point3): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
      expect(edge(finger.outer[1]!, finger.outer[2]!)).toBeCloseTo(
        edge(next.outer[0]!, next.outer[next.outer.length - 1]!),
        6,
      );
    });
    // What is left of the square is its area less the star that was cut out.
    const star = FINGERS * (diameter / 2) ** 2 * Math.tan(Math.PI / FINGERS);
    const base = of(faces, 'base')[0]!;
    expect(area3(base.outer) - area3(base.holes[0]!)).toBeCloseTo((diameter + 300) ** 2 - star, 3);
  });

  it('a wrap closes round its pipe: the end of the girth meets its beginning, the lap lies over the first faces', () => {
    const [diameter, height, lap] = [110, 150, 50];
    const p = sleeve(diameter, height, lap, sleeveFrame(diameter, 0));
    const faces = sound(p);
    const walls = of(faces, 'wall');
    expect(walls.length * (walls[0]!.outer[1]![0] - walls[0]!.outer[0]![0])).toBeCloseTo(
      -Math.PI * diameter,
      6,
    );
    const start = walls[0]!.outer[0]!;
    const end = walls[walls.length - 1]!.outer[1]!;
    expect(Math.hypot(end[0] - start[0], end[1] - start[1])).toBeLessThan(1e-6);
    // Corners lie on a circle within a per cent of the pipe's.
    for (const q of points(walls))
      expect(Math.abs(Math.hypot(q[0], q[1]) / (diameter / 2) - 1)).toBeLessThan(0.01);
    const flap = of(faces, 'flap');
    expect(hasPoint([flap[0]!], walls[0]!.outer[1]!)).toBe(true);
    expect(patternAreaMm2(p)).toBeCloseTo((Math.PI * diameter + lap) * height, 6);
  });

  it('a cap is a circle, near enough', () => {
    expect(patternAreaMm2(cap(60)) / (Math.PI * 900)).toBeCloseTo(1, 1);
    sound(cap(60));
  });
});

describe('posts and scuppers', () => {
  it('a plate cut crosswise: its flaps stand on the four sides of the post', () => {
    const faces = sound(crossCutPlate(120, 80, 150, 35));
    const flaps = of(faces, 'finger');
    const normals: Point3[] = [
      [0, -1, 0],
      [1, 0, 0],
      [0, 1, 0],
      [-1, 0, 0],
    ];
    flaps.forEach((f, i) => {
      onPlane([f], normals[i]!, i % 2 === 0 ? 40 : 60);
      expect(heights([f])[1]).toBeCloseTo(35, 6);
    });
    expect(patternAreaMm2(crossCutPlate(120, 80, 150, 1000))).toBeCloseTo(420 * 380, 6);
  });

  it('a wrapping side goes round both edges of the post', () => {
    const [l, w] = [120, 80];
    const faces = sound(postSide(l, 150, 50, { origin: [-l / 2, -w / 2, 0], x: [1, 0, 0], y: [0, 0, 1] }));
    const [left, right] = of(faces, 'flap');
    onPlane(of(faces, 'wall'), [0, 1, 0], -w / 2);
    onPlane([left!], [1, 0, 0], -l / 2);
    onPlane([right!], [1, 0, 0], l / 2);
    for (const p of points([left!, right!])) expect(p[1]).toBeGreaterThan(-w / 2 - 1e-6);
  });

  it('the sleeve of a scupper closes: floor, cheeks, roof, and a lap over the floor', () => {
    const faces = sound(squareSleeve(200, 100, 250, 50));
    onPlane(of(faces, 'base'), [0, 0, 1], 0);
    const [cheek, roof, other] = of(faces, 'wall');
    onPlane([cheek!], [1, 0, 0], 200);
    onPlane([roof!], [0, 0, 1], 100);
    onPlane([other!], [1, 0, 0], 0);
    onPlane(of(faces, 'flap'), [0, 0, 1], 0);
  });

  it('its apron stands up the wall with the opening cut out', () => {
    const p = scupperApron(200, 100, 150, 50);
    const faces = sound(p);
    onPlane(of(faces, 'wall'), [0, 1, 0], 0);
    expect(patternAreaMm2(p)).toBeCloseTo(500 * 150 + 500 * 150 - 200 * 100, 6);
  });

  it('flat strips are what they say', () => {
    expect(patternAreaMm2(flatStrip(2000, 150))).toBe(300_000);
  });
});
