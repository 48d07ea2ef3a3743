/** DXF in and out, GeoJSON out. Files are written by the DXF library and by hand, as other programs write them. */
import { DxfWriter, LWPolylineFlags, point2d, Units } from '@tarikjabiri/dxf';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  areaRows,
  findOutlines,
  guessUnit,
  readDxf,
  readDxfInSteps,
  toDxf,
  toGeoJson,
  toPlanJson,
} from '@lentum/core/drawings';
import { polygonArea } from '@lentum/core/geometry';
import { sentence } from '@lentum/core/problems';
import { readGeoJson, toMetres } from '@lentum/core/outlinefiles';
import { zoneQuantities, type Survey } from '@lentum/core/survey';
import { drawing, entity, file, header } from './support/dxf.ts';
import { corners, pointsZone, rect } from './support/zones.ts';

const line = (x1: number, y1: number, x2: number, y2: number, layer = 'roof'): string =>
  entity('LINE', [8, layer], [10, x1], [20, y1], [11, x2], [21, y2]);
const box = (w: number, h: number): string[] => [
  line(0, 0, w, 0),
  line(w, 0, w, h),
  line(w, h, 0, h),
  line(0, h, 0, 0),
];

describe('reading DXF', () => {
  it('joins loose lines into an outline, whatever their order and direction', () => {
    fc.assert(
      fc.property(
        fc.shuffledSubarray([0, 1, 2, 3], { minLength: 4 }),
        fc.array(fc.boolean(), { minLength: 4, maxLength: 4 }),
        (order, turned) => {
          const ends = [
            [0, 0, 12, 0],
            [12, 0, 12, 9],
            [12, 9, 0, 9],
            [0, 9, 0, 0],
          ] as const;
          const lines = order.map((i) => {
            const [a, b, c, d] = ends[i]!;
            return turned[i] ? line(c, d, a, b) : line(a, b, c, d);
          });
          const found = findOutlines(drawing(file(lines)), ['roof'], 'm');
          expect(found.loose).toEqual([]);
          expect(polygonArea({ outer: found.outlines[0]!.outer, holes: [] })).toBeCloseTo(108, 9);
        },
      ),
      { numRuns: 30 },
    );
  });

  it('reads a curved parapet: a polyline with a bulge of a half circle has the area of box and half disc', () => {
    const w = new DxfWriter();
    w.setUnits(Units.Millimeters);
    w.addLWPolyline(
      [
        { point: point2d(0, 0) },
        { point: point2d(10000, 0), bulge: 1 },
        { point: point2d(10000, 8000) },
        { point: point2d(0, 8000) },
      ],
      { flags: LWPolylineFlags.Closed },
    );
    const read = drawing(w.stringify());
    expect(read.unit).toBe('mm');
    const [outline] = findOutlines(read, ['0'], 'mm').outlines;
    expect(outline!.risesM[1]).toBeCloseTo(4, 9);
    const zone = pointsZone(outline!.outer as [number, number][], {
      sides: outline!.risesM.map((riseM) => ({ edge: { kind: 'free' }, riseM })),
    });
    const q = zoneQuantities(zone);
    // The straight pieces lie within 1 mm inside the arc: at most two thirds of a millimetre over its length.
    expect(q.ok && Math.abs(q.value.area.value - (80 + Math.PI * 8))).toBeLessThan(0.001 * Math.PI * 4);
    expect(q.ok && q.value.sides[1]!.lengthM).toBeCloseTo(Math.PI * 4, 9);
  });

  it('an ARC entity closes a ring of lines; a circle inside is an opening', () => {
    const text = file([
      line(0, 0, 10, 0),
      entity('ARC', [8, 'roof'], [10, 10], [20, 4], [40, 4], [50, 270], [51, 90]),
      line(10, 8, 0, 8),
      line(0, 8, 0, 0),
      entity('CIRCLE', [8, 'roof'], [10, 4], [20, 4], [40, 1]),
    ]);
    const { outlines, loose } = findOutlines(drawing(text), ['roof'], 'm');
    expect(loose).toEqual([]);
    expect(outlines.length).toBe(1);
    expect(outlines[0]!.holes.length).toBe(1);
    expect(polygonArea({ outer: outlines[0]!.holes[0]!, holes: [] })).toBeCloseTo(Math.PI, 2);
    expect(outlines[0]!.risesM.filter((r) => r > 1).length).toBe(2);
  });

  it.each([
    ['as it is', [], 24],
    [
      'scaled by two',
      [
        [41, 2],
        [42, 2],
      ],
      96,
    ],
    [
      'mirrored',
      [
        [41, -1],
        [42, 1],
      ],
      24,
    ],
    ['turned by 30°', [[50, 30]], 24],
    [
      'stretched',
      [
        [41, 2],
        [42, 1],
      ],
      48,
    ],
  ] as [string, [number, number][], number][])('puts a block in %s', (_, codes, area) => {
    const block = [
      '0\nSECTION\n2\nBLOCKS',
      entity('BLOCK', [8, '0'], [2, 'B'], [70, 0], [10, 0], [20, 0]),
      ...box(6, 4).map((l) => l.replace('8\nroof', '8\n0')),
      entity('ENDBLK', [8, '0']),
      '0\nENDSEC\n',
    ].join('\n');
    const text = file([entity('INSERT', [8, 'roof'], [2, 'B'], [10, 100], [20, 50], ...codes)], block);
    const { outlines } = findOutlines(drawing(text), ['roof'], 'm');
    expect(polygonArea({ outer: outlines[0]!.outer, holes: [] })).toBeCloseTo(area, 6);
  });

  it.each([
    [
      'an open line',
      box(6, 4).slice(0, 3),
      'an open line of 3 pieces from 0.00, 0.00 m to 0.00, 4.00 m, 4.000 m apart',
    ],
    ['three lines in one spot', [...box(6, 4), line(6, 4, 9, 9)], '3 lines meet at 6.00, 4.00 m'],
    [
      'a bow tie',
      [line(0, 0, 4, 4), line(4, 4, 4, 0), line(4, 0, 0, 4), line(0, 4, 0, 0)],
      'an outline that crosses itself near',
    ],
  ])('reports %s and guesses nothing', (_, lines, words) => {
    const found = findOutlines(drawing(file(lines)), ['roof'], 'm');
    expect(found.outlines).toEqual([]);
    expect(found.loose.map((l) => l.says).join(' ')).toContain(words);
  });

  it('the same line drawn twice counts once', () => {
    const found = findOutlines(drawing(file([...box(6, 4), line(6, 0, 0, 0)])), ['roof'], 'm');
    expect(found.outlines.length).toBe(1);
  });

  it('layers are chosen, texts are counted and left out', () => {
    const text = file(
      [
        ...box(6, 4),
        line(0, 0, 1, 1, 'notes'),
        entity('TEXT', [8, 'notes'], [10, 0], [20, 0], [40, 1], [1, 'Roof']),
      ],
      header(4),
    );
    const read = drawing(text);
    expect(read.layers).toEqual([
      { name: 'roof', paths: 4 },
      { name: 'notes', paths: 1 },
    ]);
    expect(read.leftOut).toEqual(['1 × text']);
    expect(read.unit).toBe('mm');
    expect(findOutlines(read, ['notes'], 'mm').outlines).toEqual([]);
  });

  it('offers a unit where the file names none', () => {
    expect(guessUnit(drawing(file(box(12000, 9000))))).toBe('mm');
    expect(guessUnit(drawing(file(box(12, 9))))).toBe('m');
    expect(guessUnit(drawing(file(box(12, 9), header(2))))).toBe('ft');
  });

  it.each([
    ['a picture', '\u0089PNG\r\n', 'The DXF file cannot be read: it begins with'],
    ['a cut file', file(box(6, 4)).slice(0, 120), 'The DXF file is cut short'],
    ['the binary kind', 'AutoCAD Binary DXF\r\n\u001a\u0000', 'it is the binary kind'],
    ['nothing', '', 'The DXF file cannot be read'],
  ])('refuses %s with one sentence', (_, text, words) => {
    const read = readDxf(text);
    expect(read.ok ? '' : sentence(read.problems[0]!)).toContain(words);
  });

  it('100,000 lines come in steps that say how far they are', () => {
    const lines = Array.from({ length: 100_000 }, (_, i) => line(i, 0, i, 1, 'grid'));
    const steps = readDxfInSteps(file([...box(6, 4), ...lines]));
    const shares: number[] = [];
    let done = steps.next();
    for (; !done.done; done = steps.next()) shares.push(done.value);
    expect(shares.length).toBeGreaterThan(40);
    expect(shares.every((s, i) => i === 0 || s >= shares[i - 1]!)).toBe(true);
    expect(done.value.ok && done.value.value.paths.length).toBe(100_004);
    expect(done.value.ok && findOutlines(done.value.value, ['roof'], 'm').outlines.length).toBe(1);
  }, 60_000);
});

describe('writing', () => {
  const survey: Survey = {
    primerSchool: 'always',
    zones: [
      pointsZone(corners(10, 8), {
        plot: { xM: 30, yM: 5, turnDeg: 90 },
        sides: [0, 1.5, 0, 0].map((riseM) => ({
          edge: { kind: 'upstand', heightMm: 150, termination: 'bar' },
          riseM,
        })),
        openings: [rect('Light', 2, 2, 1.5, 1)],
      }),
    ],
  };
  const area = (s: Survey): number => {
    const q = zoneQuantities(s.zones[0]!);
    return q.ok ? q.value.area.value : 0;
  };
  it('DXF read again has the same outline, arc and opening', () => {
    const read = drawing(toDxf(survey));
    expect(read.unit).toBe('m');
    const [outer] = findOutlines(read, ['Z'], 'm').outlines;
    expect(outer!.risesM.map((r) => Number(r.toFixed(6)))).toEqual([0, 1.5, 0, 0]);
    const both = findOutlines(read, ['Z', 'Z-openings'], 'm').outlines[0]!;
    const again = pointsZone(both.outer as [number, number][], {
      sides: both.risesM.map((riseM) => ({ edge: { kind: 'free' }, riseM })),
    });
    const q = zoneQuantities(again);
    expect(q.ok && q.value.area.value - 1.5).toBeCloseTo(area(survey), 6);
  });
  it.each([0, 30, -117.5])(
    'GeoJSON with the plan’s y at %s° read again has the same area, at its place',
    (bearingDeg) => {
      const placed = toGeoJson({ ...survey, origin: { lonDeg: -9.13, latDeg: 38.7, bearingDeg } });
      const read = readGeoJson(JSON.stringify(placed));
      if (!read.ok) throw new Error(read.problems.map(sentence).join(' '));
      expect(read.value.guess).toBe('degrees');
      const [outline] = toMetres(read.value.outlines, 'degrees');
      expect(outline!.name).toBe('Zone');
      expect(polygonArea({ outer: outline!.outer, holes: outline!.holes })).toBeCloseTo(area(survey), 2);
      expect(read.value.outlines[0]!.outer[0]![0]).toBeCloseTo(-9.13, 2);
    },
  );
  it('a plan turned by a bearing lies where a compass puts it', () => {
    // A degree of latitude is 110.9 to 111.7 km long on any ellipsoid of the earth (common practice, no source).
    const line = (bearingDeg: number): [number, number] => {
      const placed = toGeoJson({
        ...survey,
        zones: [
          pointsZone([
            [0, 0],
            [0.001, 0],
            [0.001, 1000],
            [0, 1000],
          ]),
        ],
        origin: { lonDeg: 10, latDeg: 0, bearingDeg },
      }) as { features: { geometry: { coordinates: [number, number][][] } }[] };
      const far = placed.features[0]!.geometry.coordinates[0]!.find(
        (p) => Math.hypot(p[0] - 10, p[1]) > 0.008,
      )!;
      return [far[0] - 10, far[1]];
    };
    expect(line(0)[1]).toBeGreaterThan(0.00895);
    expect(Math.abs(line(0)[0])).toBeLessThan(1e-6);
    // To the east, and to the south.
    expect(line(90)[0]).toBeGreaterThan(0.00895);
    expect(Math.abs(line(90)[1])).toBeLessThan(1e-6);
    expect(line(180)[1]).toBeLessThan(-0.00895);
  });
  it('without a place there is no GeoJSON, but the plan in its own frame, which is none', () => {
    expect(toGeoJson(survey)).toBeUndefined();
    const plan = toPlanJson(survey) as {
      type?: string;
      frame: { unit: string };
      zones: { rings: [number, number][][] }[];
    };
    expect(plan.type).toBeUndefined();
    expect(plan.frame.unit).toBe('m');
    const [outer, ...holes] = plan.zones[0]!.rings.map((r) => r.slice(0, -1));
    expect(polygonArea({ outer: outer!, holes })).toBeCloseTo(area(survey), 6);
    expect(readGeoJson(JSON.stringify(plan)).ok).toBe(false);
  });
  it('areas as rows add up with the figures', () => {
    const rows = areaRows(survey);
    expect(rows[0]).toEqual(['zone', 'code', 'figure', 'value', 'unit']);
    expect(Number(rows.find((r) => r[2] === 'plan area')![3])).toBeCloseTo(area(survey), 3);
    expect(rows.every((r) => r.length === 5)).toBe(true);
  });
});
