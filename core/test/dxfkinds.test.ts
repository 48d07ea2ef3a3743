/** Every kind of line that a drawing may hold, written by the DXF library where it can, else by hand as the format says. */
import {
  DxfWriter,
  HatchBoundaryPaths,
  HatchPolylineBoundary,
  HatchPredefinedPatterns,
  pattern,
  point2d,
  point3d,
  vertex,
} from '@tarikjabiri/dxf';
import { describe, expect, it } from 'vitest';
import { findOutlines, type Drawing } from '@lentum/core/drawings';
import { polygonArea } from '@lentum/core/geometry';
import { metresPer } from '@lentum/core/units';
import { drawing, entity, file, header, section } from './support/dxf.ts';

const line = (a: number, b: number, c: number, d: number, ...more: [number, string | number][]): string =>
  entity('LINE', [8, 'roof'], ...more, [10, a], [20, b], [11, c], [21, d]);
const areaOn = (read: Drawing, layer: string): number[] =>
  findOutlines(read, [layer], 'm').outlines.map((o) => {
    // Arcs bulge out of the chords between corners by a segment of a circle.
    const chords = polygonArea({ outer: o.outer, holes: [] });
    return o.outer.reduce((sum, p, i) => {
      const q = o.outer[(i + 1) % o.outer.length] ?? p;
      const h = o.risesM[i] ?? 0;
      if (h === 0) return sum;
      const c = Math.hypot(q[0] - p[0], q[1] - p[1]);
      const r = (c * c) / (8 * Math.abs(h)) + Math.abs(h) / 2;
      const angle = 4 * Math.atan((2 * Math.abs(h)) / c);
      return sum + (Math.sign(h) * r * r * (angle - Math.sin(angle))) / 2;
    }, chords);
  });

describe('curves', () => {
  it.each([
    ['level', 8, 0, 0.5],
    ['turned', 6, 5, 0.3],
    ['nearly round', 7, 1, 0.98],
  ])('an ellipse, %s, has the area π a b', (_, mx, my, ratio) => {
    const w = new DxfWriter();
    w.addEllipse(point3d(20, 30, 0), point3d(mx, my, 0), ratio, 0, 2 * Math.PI);
    const read = drawing(w.stringify());
    const [area] = areaOn(read, '0');
    // Arcs along it: a roof that somebody can still measure has few sides.
    expect(read.paths[0]!.pieces.length).toBeLessThanOrEqual(32);
    const a = Math.hypot(mx, my);
    expect((area ?? 0) / (Math.PI * a * a * ratio)).toBeCloseTo(1, 3);
  });

  it('half an ellipse and its chord; seen from behind it is the other half', () => {
    const codes: [number, string | number][] = [
      [8, 'roof'],
      ...([
        [10, 0],
        [20, 0],
        [11, 5],
        [21, 0],
        [40, 0.4],
        [41, 0],
        [42, Math.PI],
      ] as [number, number][]),
    ];
    const top = drawing(file([entity('ELLIPSE', ...codes), line(-5, 0, 5, 0)]));
    expect(areaOn(top, 'roof')[0]! / ((Math.PI * 5 * 2) / 2)).toBeCloseTo(1, 3);
    const flipped = drawing(
      file([entity('ELLIPSE', ...codes, [210, 0], [220, 0], [230, -1]), line(-5, 0, 5, 0)]),
    );
    const ys = (d: Drawing): number[] => d.paths[0]!.pieces.map((p) => p.to[1]);
    expect(Math.max(...ys(top))).toBeCloseTo(2, 3);
    expect(Math.min(...ys(flipped))).toBeCloseTo(-2, 3);
  });

  it('a circle as a rational spline of degree 2 is a circle', () => {
    // Nine points and their weights (Piegl and Tiller 1997, The NURBS Book, example 7.2).
    const w = Math.SQRT1_2;
    const points = [
      [1, 0, 1],
      [1, 1, w],
      [0, 1, 1],
      [-1, 1, w],
      [-1, 0, 1],
      [-1, -1, w],
      [0, -1, 1],
      [1, -1, w],
      [1, 0, 1],
    ] as const;
    const spline = entity(
      'SPLINE',
      ...([
        [8, 'roof'],
        [70, 13],
        [71, 2],
        [72, 12],
        [73, 9],
        [74, 0],
      ] as [number, string | number][]),
      ...[0, 0, 0, 1, 1, 2, 2, 3, 3, 4, 4, 4].map((k): [number, number] => [40, k]),
      ...points.map(([, , weight]): [number, number] => [41, weight]),
      ...points.flatMap(([x, y]): [number, number][] => [
        [10, 4 * x],
        [20, 4 * y],
        [30, 0],
      ]),
    );
    const read = drawing(file([spline]));
    for (const { from } of read.paths[0]!.pieces) expect(Math.hypot(...from)).toBeCloseTo(4, 9);
    expect(areaOn(read, 'roof')[0]! / (Math.PI * 16)).toBeCloseTo(1, 3);
  });

  it('a cubic spline of four points is the curve of Bézier through them', () => {
    const controls = [
      [0, 0],
      [2, 6],
      [7, -3],
      [10, 0],
    ] as const;
    const w = new DxfWriter();
    w.addSpline({
      controlPoints: controls.map(([x, y]) => point3d(x, y, 0)),
      degreeCurve: 3,
      knots: [0, 0, 0, 0, 1, 1, 1, 1],
    });
    const [path] = drawing(w.stringify()).paths;
    const bezier = (t: number): [number, number] =>
      [0, 1].map((k) => {
        const c = controls.map((p) => p[k]!);
        return (
          (1 - t) ** 3 * c[0]! + 3 * (1 - t) ** 2 * t * c[1]! + 3 * (1 - t) * t * t * c[2]! + t ** 3 * c[3]!
        );
      }) as [number, number];
    // Each corner lies on the curve: the nearest of ten thousand of its points is as near as they lie.
    const dense = Array.from({ length: 10_001 }, (_, i) => bezier(i / 10_000));
    for (const { to } of path!.pieces)
      expect(Math.min(...dense.map((p) => Math.hypot(p[0] - to[0], p[1] - to[1])))).toBeLessThan(0.001);
    expect(path!.pieces.at(-1)!.to).toEqual([10, 0]);
  });

  it('a spline by the points that it goes through alone is counted, not guessed', () => {
    const spline = entity(
      'SPLINE',
      [8, 'roof'],
      [70, 0],
      [71, 3],
      [74, 2],
      [11, 0],
      [21, 0],
      [11, 1],
      [21, 1],
    );
    const read = drawing(file([line(0, 0, 1, 0), spline]));
    expect(read.leftOut).toEqual(['1 × spline without control points']);
  });
});

describe('hatches', () => {
  const solid = pattern({ name: HatchPredefinedPatterns.SOLID });
  it('by corners with a bulge', () => {
    const w = new DxfWriter();
    const corners = new HatchPolylineBoundary();
    corners.add(vertex(0, 0));
    corners.add(vertex(10, 0, 1));
    corners.add(vertex(10, 8));
    corners.add(vertex(0, 8));
    const first = new HatchBoundaryPaths();
    first.addPolylineBoundary(corners);
    w.addHatch(first, solid);
    const read = drawing(w.stringify());
    expect(read.layers.map((l) => l.name)).toEqual(['0, hatched']);
    expect(areaOn(read, '0, hatched')[0]).toBeCloseTo(80 + (Math.PI * 16) / 2, 6);
  });

  it.each([
    ['counter-clockwise', [[0, 0, 10, 0], 'arc', [10, 8, 0, 8], [0, 8, 0, 0]], [270, 90, 1]],
    // Angles of an edge that runs clockwise are counted clockwise (from memory).
    ['clockwise', [[0, 0, 0, 8], [0, 8, 10, 8], 'arc', [10, 0, 0, 0]], [270, 90, 0]],
  ] as [string, (number[] | 'arc')[], number[]][])('edges with an arc that runs %s', (_, edges, arc) => {
    // A box of 10 by 8 with half a disc on its right side.
    const loop = edges.flatMap((e): [number, number][] =>
      e === 'arc'
        ? [
            [72, 2],
            [10, 10],
            [20, 4],
            [40, 4],
            [50, arc[0]!],
            [51, arc[1]!],
            [73, arc[2]!],
          ]
        : [
            [72, 1],
            [10, e[0]!],
            [20, e[1]!],
            [11, e[2]!],
            [21, e[3]!],
          ],
    );
    const hatch = entity(
      'HATCH',
      ...([
        [8, 'roof'],
        [10, 0],
        [20, 0],
        [30, 0],
        [2, 'SOLID'],
        [70, 1],
        [71, 0],
      ] as [number, string | number][]),
      ...([
        [91, 1],
        [92, 1],
        [93, edges.length],
      ] as [number, number][]),
      ...loop,
      ...([
        [97, 0],
        [75, 1],
        [76, 1],
        [98, 0],
      ] as [number, number][]),
    );
    expect(areaOn(drawing(file([hatch])), 'roof, hatched')[0]).toBeCloseTo(80 + (Math.PI * 16) / 2, 6);
  });

  it('a hatch over its own outline does not make it two', () => {
    const w = new DxfWriter();
    const ring = [point2d(0, 0), point2d(6, 0), point2d(6, 4), point2d(0, 4)];
    w.addLWPolyline(
      ring.map((point) => ({ point })),
      { flags: 1 },
    );
    const corners = new HatchPolylineBoundary();
    for (const p of ring) corners.add(vertex(p.x, p.y));
    const paths = new HatchBoundaryPaths();
    paths.addPolylineBoundary(corners);
    w.addHatch(paths, solid);
    const read = drawing(w.stringify());
    expect(read.layers.map((l) => l.name)).toEqual(['0', '0, hatched']);
    expect(areaOn(read, '0')).toEqual([24]);
  });
});

describe('blocks', () => {
  const block = section('BLOCKS', [
    entity('BLOCK', [8, '0'], [2, 'B'], [70, 0], [10, 0], [20, 0]),
    entity('LWPOLYLINE', [8, '0'], [90, 3], [70, 1], [10, 0], [20, 0], [10, 2], [20, 0], [10, 0], [20, 1]),
    entity('ENDBLK', [8, '0']),
  ]);
  it('in rows and columns, along the turned axes', () => {
    const insert = entity(
      'INSERT',
      ...([
        [8, 'roof'],
        [2, 'B'],
        [10, 5],
        [20, 5],
        [50, 90],
        [70, 3],
        [71, 2],
      ] as [number, string | number][]),
      ...([
        [44, 10],
        [45, 20],
      ] as [number, number][]),
    );
    const read = drawing(file([insert], block));
    expect(areaOn(read, 'roof')).toEqual([1, 1, 1, 1, 1, 1].map((a) => expect.closeTo(a, 9)));
    const starts = read.paths.map((p) => p.pieces[0]!.from.map((v) => Math.round(v)));
    expect(starts).toEqual([
      [5, 5],
      [5, 15],
      [5, 25],
      [-15, 5],
      [-15, 15],
      [-15, 25],
    ]);
  });

  it('a line keeps its place whichever side it is seen from; an arc and a circle do not', () => {
    const back: [number, number][] = [
      [210, 0],
      [220, 0],
      [230, -1],
    ];
    const circle = entity('CIRCLE', [8, 'roof'], [10, 5], [20, 0], [40, 1], ...back);
    const read = drawing(file([line(3, 0, 4, 0, ...back), circle]));
    expect(read.paths[0]!.pieces[0]!.from).toEqual([3, 0]);
    for (const { from } of read.paths[1]!.pieces) expect(Math.hypot(from[0] + 5, from[1])).toBeCloseTo(1, 9);
  });

  it('put in from behind are mirrored where they stand', () => {
    const insert = entity('INSERT', [8, 'roof'], [2, 'B'], [10, 5], [20, 0], [210, 0], [220, 0], [230, -1]);
    const xs = drawing(file([insert], block)).paths[0]!.pieces.map((p) => p.from[0]);
    expect([Math.min(...xs), Math.max(...xs)]).toEqual([-7, -5]);
  });
});

describe('what is not part of the plan', () => {
  it('lines on a sheet of paper, hidden ones and kinds that nobody knows are left out and counted', () => {
    const read = drawing(
      file([
        line(0, 0, 4, 0),
        line(0, 0, 9, 9, [67, 1]),
        line(0, 0, 8, 8, [67, 1]),
        line(0, 0, 7, 7, [60, 1]),
        entity('VIEWPORT', [8, 'roof'], [67, 1]),
        entity('MLINE', [8, 'roof']),
        entity('MLINE', [8, 'roof']),
      ]),
    );
    expect(read.paths).toHaveLength(1);
    expect(read.leftOut.toSorted()).toEqual([
      '1 × hidden',
      '1 × viewport',
      '2 × mline',
      '2 × on a sheet of paper',
    ]);
  });

  it('layers that are off or frozen are marked and come last', () => {
    const layer = (name: string, colour: number, flags: number): string =>
      entity('LAYER', [2, name], [70, flags], [62, colour], [6, 'CONTINUOUS']);
    const tables = section('TABLES', [
      entity('TABLE', [2, 'LAYER'], [70, 3]),
      layer('old', -7, 0),
      layer('cold', 7, 1),
      layer('roof', 7, 0),
      entity('ENDTAB'),
    ]);
    const on = (name: string) => entity('LINE', [8, name], [10, 0], [20, 0], [11, 1], [21, 0]);
    const read = drawing(file([on('old'), on('old'), on('cold'), on('roof')], tables));
    expect(read.layers.map((l) => [l.name, l.hidden])).toEqual([
      ['roof', undefined],
      ['old', 'off'],
      ['cold', 'frozen'],
    ]);
  });

  it('letters that are written as numbers are letters', () => {
    const read = drawing(file([line(0, 0, 1, 0).replace('8\nroof', '8\nD\\U+00E4cher')]));
    expect(read.layers[0]!.name).toBe('Dächer');
  });
});

describe('units', () => {
  it.each([
    [1, 0.0254],
    [2, 0.3048],
    [4, 0.001],
    [5, 0.01],
    [6, 1],
    [7, 1000],
    [10, 0.9144],
    [14, 0.1],
    // Twelve hundred of 3937 (Mendenhall order, 1893).
    [21, 0.3048006096],
  ])('code %i is %d m', (code, metres) => {
    const { unit } = drawing(file([line(0, 0, 1, 0)], header(code)));
    expect(metresPer(unit!)).toBeCloseTo(metres, 9);
  });
  it.each([3, 8, 9, 11, 12, 13, 15, 16, 17, 18, 19, 20, 22, 23, 24])(
    'code %i is named, not drawn in',
    (code) => {
      const read = drawing(file([line(0, 0, 1, 0)], header(code)));
      expect([read.unit, typeof read.oddUnit]).toEqual([undefined, 'string']);
    },
  );
  it('none is none', () => {
    const read = drawing(file([line(0, 0, 1, 0)], header(0)));
    expect([read.unit, read.oddUnit]).toEqual([undefined, undefined]);
  });
});
