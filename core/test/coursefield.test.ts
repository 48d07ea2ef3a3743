/** What courses have to cover: sides moved by their reach, openings cut clear, planes on either side of a line. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { areaOf, movedSides, type Point } from '@lentum/core/geometry';
import { coursesSchema, DEFAULT_COURSES, layoutsOf, toFrame, toZone } from '@lentum/core/courses';
import { edgeOf, typicalSizes, type EdgeKind, type Zone } from '@lentum/core/survey';
import { built, roof } from './support/roofs.ts';
import { corners, rect } from './support/zones.ts';

const SHIPPED = built('self-adhered-two-ply');
/** Without a reach of its layers' own: the job's rules hold. */
const TWO_PLY = {
  ...SHIPPED,
  layers: SHIPPED.layers.map((l) => (l.kind === 'sheet' ? { ...l, reachMm: undefined } : l)),
};
const fieldM2 = (zone: Zone, doc = DEFAULT_COURSES): number =>
  layoutsOf(zone, TWO_PLY, doc)[0]!.planes.reduce((sum, p) => sum + areaOf(p.area), 0);
const level = (zone: Zone): Zone => ({ ...zone, levels: { ...zone.levels, points: [] } });

describe('sides moved by their own distances', () => {
  it.each([
    // 10 × 6 m: outward all round by 0.1, inward, and each side for itself.
    ['all outward', corners(10, 6), [0.1, 0.1, 0.1, 0.1], 10.2 * 6.2],
    ['all inward', corners(10, 6), [-0.1, -0.1, -0.1, -0.1], 9.8 * 5.8],
    ['each for itself', corners(10, 6), [0.05, 0, -0.02, 0.15], 10.15 * (6 + 0.05 - 0.02)],
  ] as const)('%s', (_, ring, by, area) => {
    expect(areaOf(movedSides([...ring], by))).toBeCloseTo(area, 6);
  });
  it('a ring that grows and shrinks by the same is nearly what it was, by its perimeter (Steiner)', () => {
    const side = fc.integer({ min: 20, max: 120 });
    fc.assert(
      fc.property(side, side, fc.integer({ min: 1, max: 20 }), (w, h, cm) => {
        const [a, b, d] = [w / 10, h / 10, cm / 100];
        const ring = corners(a, b);
        const all = ring.map(() => d);
        expect(areaOf(movedSides(ring, all))).toBeCloseTo(a * b + 2 * (a + b) * d + 4 * d * d, 6);
        expect(
          areaOf(
            movedSides(
              ring,
              all.map((x) => -x),
            ),
          ),
        ).toBeCloseTo(a * b - 2 * (a + b) * d + 4 * d * d, 6);
      }),
    );
  });
});

describe('the field', () => {
  const withEdges = (...kinds: EdgeKind[]): Zone => ({
    ...roof('z', corners(10, 6)),
    sides: kinds.map((kind) => ({ edge: edgeOf(kind), riseM: 0 })),
  });
  it.each([
    // Beyond a drip edge by 20 mm, into a gutter by 50, short of a joint by 10, on to what is there by 150.
    ['upstands all round', ['upstand', 'upstand', 'upstand', 'upstand'], 10 * 6],
    ['a gutter at the low side', ['gutter', 'upstand', 'upstand', 'upstand'], 10 * 6.05],
    ['drip edges', ['drip', 'drip', 'drip', 'drip'], 10.04 * 6.04],
    ['a movement joint', ['joint', 'upstand', 'parapet', 'threshold'], 10 * 5.99],
    ['tied in to what is there', ['tie-in', 'free', 'free', 'free'], 10 * 6.15],
  ] as const)('%s', (_, kinds, area) => {
    expect(fieldM2(withEdges(...kinds))).toBeCloseTo(area, 6);
  });
  it('openings are cut clear of their kerbs by 10 mm, or what the job says', () => {
    const zone = roof('z', corners(10, 6), [rect('r', 2, 2, 1, 0.8)]);
    expect(fieldM2(zone)).toBeCloseTo(60 - 1.02 * 0.82, 6);
    const doc = coursesSchema.parse({ rules: { openingClearMm: { value: 50, source: 'chosen' } } });
    expect(fieldM2(zone, doc)).toBeCloseTo(60 - 1.1 * 0.9, 6);
  });
});

describe('the frame', () => {
  it('there and back, on any slope', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.double({ min: -50, max: 50, noNaN: true }),
        fc.integer({ min: 0, max: 100 }),
        fc.integer({ min: 0, max: 15 }),
        (x, y, pct, sixteenth) => {
          const angle = (sixteenth * Math.PI) / 8;
          const s = pct / 100;
          const zone = roof('z', corners(12, 8), [], [s * Math.cos(angle), s * Math.sin(angle)]);
          const { frame } = layoutsOf(zone, TWO_PLY, DEFAULT_COURSES)[0]!.planes[0]!;
          const back = toZone(frame, toFrame(frame, [x, y]));
          expect(back[0]).toBeCloseTo(x, 6);
          expect(back[1]).toBeCloseTo(y, 6);
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('planes', () => {
  const line = (id: string, from: Point, to: Point): Zone['features'][number] => ({
    id,
    kind: 'ridge',
    count: 1,
    at: { alongM: from[0], acrossM: from[1] },
    to: { alongM: to[0], acrossM: to[1] },
    sizes: typicalSizes('ridge'),
    note: '',
  });
  it('a gable is two planes, however it is turned and whatever its sides reach over', () =>
    fc.assert(
      fc.property(
        fc.double({ min: 6, max: 32, noNaN: true }),
        fc.double({ min: 5, max: 22, noNaN: true }),
        fc.double({ min: 0, max: 2 * Math.PI, noNaN: true }),
        fc.constantFrom<EdgeKind>('unsaid', 'upstand', 'drip', 'joint'),
        (w, h, turn, verge) => {
          const turned = corners(w, h).map(([x, y]): Point => [
            x * Math.cos(turn) - y * Math.sin(turn),
            x * Math.sin(turn) + y * Math.cos(turn),
          ]);
          const zone: Zone = {
            ...level(roof('z', turned as [number, number][])),
            sides: (['gutter', verge, 'gutter', verge] as const).map((k) => ({ edge: edgeOf(k), riseM: 0 })),
            features: [
              {
                ...{ id: 'ridge', kind: 'ridge', count: 1, note: '', sizes: typicalSizes('ridge') },
                at: { alongM: 0, acrossM: h / 2 },
                to: { alongM: w, acrossM: h / 2 },
              },
            ],
          };
          const [layout] = layoutsOf(zone, TWO_PLY, DEFAULT_COURSES);
          expect(layout!.idle).toEqual([]);
          expect(layout!.planes).toHaveLength(2);
          const [a, b] = layout!.planes.map((p) => areaOf(p.area));
          expect(Math.abs(a! - b!)).toBeLessThan(0.02 * (a! + b!));
        },
      ),
      { numRuns: 150 },
    ));
  it('four planes of a hipped roof, by a ridge and four hips', () => {
    const zone = {
      ...level(roof('z', corners(12, 8))),
      fallPct: 10,
      features: [
        line('r', [4, 4], [8, 4]),
        line('h1', [0, 0], [4, 4]),
        line('h2', [0, 8], [4, 4]),
        line('h3', [12, 0], [8, 4]),
        line('h4', [12, 8], [8, 4]),
      ],
    };
    const [layout] = layoutsOf(zone, TWO_PLY, DEFAULT_COURSES);
    expect(layout!.planes.map((p) => Number(areaOf(p.area).toFixed(6))).sort((a, b) => a - b)).toEqual([
      16, 16, 32, 32,
    ]);
    // The ridge and each hip get a strip.
    expect(layout!.caps.map((c) => Number(c.lengthM.toFixed(3))).sort((a, b) => a - b)).toEqual([
      4, 5.657, 5.657, 5.657, 5.657,
    ]);
    // Each plane begins at its own eaves.
    for (const p of layout!.planes) {
      const eaves = [
        [6, 0],
        [6, 8],
        [0, 4],
        [12, 4],
      ].filter((e) => Math.abs(toFrame(p.frame, e as [number, number])[1]) < 1e-6);
      expect(eaves.length).toBeGreaterThanOrEqual(1);
    }
  });
  it('a line that ends inside the zone parts nothing', () => {
    const zone = { ...level(roof('z', corners(12, 8))), fallPct: 5, features: [line('r', [0, 4], [6, 4])] };
    expect(layoutsOf(zone, TWO_PLY, DEFAULT_COURSES)[0]!.planes).toHaveLength(1);
  });
  it('a valley, found from the levels along its break line, gets a strip below the courses', () => {
    const zone = roof('z', corners(12, 8));
    const at = (id: string, alongM: number, acrossM: number, valueM: number) => ({
      id,
      at: { alongM, acrossM },
      valueM,
    });
    const valley: Zone = {
      ...zone,
      levels: {
        ...zone.levels,
        points: [
          at('a', 0, 0, 0.2),
          at('b', 12, 0, 0.2),
          at('c', 12, 8, 0.2),
          at('d', 0, 8, 0.2),
          at('v1', 0, 4, 0),
          at('v2', 12, 4, 0),
        ],
        breakLines: [['v1', 'v2']],
      },
    };
    const [layout] = layoutsOf(valley, TWO_PLY, DEFAULT_COURSES);
    expect(layout!.planes).toHaveLength(2);
    expect(layout!.folds.map((f) => f.kind)).toEqual(['valley']);
    expect(layout!.caps[0]).toMatchObject({ under: true, widthM: 1 });
    // Both begin at the valley, the low edge of both.
    for (const p of layout!.planes) expect(toFrame(p.frame, [6, 4])[1]).toBeCloseTo(0, 6);
  });
});
