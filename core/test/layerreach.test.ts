/** Each layer its own reach over the sides; nails at heads up a slope; what ridge strips take. Worked by hand. */
import { describe, expect, it } from 'vitest';
import { buildUpProblems, buildUpSchema, isSheet, type BuildUp, type Sheet } from '@lentum/core/buildup';
import { DEFAULT_COURSES, layoutsOf } from '@lentum/core/courses';
import { courseSteps } from '@lentum/core/details';
import { verdictText } from '@lentum/core/figures';
import { areaOf } from '@lentum/core/geometry';
import { DEFAULT_ORDER, quickCourses, takeoff } from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import { edgeOf, typicalSizes, type EdgeKind, type Zone } from '@lentum/core/survey';
import { evaluate } from './support/formula.ts';
import { built, docFor, roof } from './support/roofs.ts';
import { corners, rect } from './support/zones.ts';

const mm = (value: number) => ({ value, source: 'chosen' as const });
const SHIPPED = built('self-adhered-two-ply');
const sheets = (change: (s: Sheet, i: number) => Partial<Sheet>): BuildUp => {
  let n = 0;
  return {
    ...SHIPPED,
    layers: SHIPPED.layers.map((l) => (isSheet(l) ? { ...l, ...change(l, n++) } : l)),
  };
};
const withEdges = (...kinds: EdgeKind[]): Zone => ({
  ...roof('z', corners(10, 6)),
  sides: kinds.map((kind) => ({ edge: edgeOf(kind), riseM: 0 })),
});
const fields = (zone: Zone, b: BuildUp): number[] =>
  layoutsOf(zone, b, DEFAULT_COURSES).map((l) => l.planes.reduce((sum, p) => sum + areaOf(p.area), 0));
const DRIPS = ['drip', 'drip', 'drip', 'drip'] as const;

describe('reach of a layer', () => {
  it('the base goes 70 mm over the edge and the cap 8 mm', () => {
    const two = sheets((_, i) => ({ reachMm: { drip: mm(i === 0 ? 70 : 8) } }));
    const [base, cap] = fields(withEdges(...DRIPS), two);
    expect(base).toBeCloseTo(10.14 * 6.14, 6);
    expect(cap).toBeCloseTo(10.016 * 6.016, 6);
  });
  it('what a layer does not say, the job’s rules say: 20 mm over a drip edge', () => {
    const [base, cap] = fields(
      withEdges(...DRIPS),
      sheets((_, i) => ({ reachMm: i === 0 ? { gutter: mm(70) } : undefined })),
    );
    expect(base).toBeCloseTo(10.04 * 6.04, 6);
    expect(cap).toBeCloseTo(10.04 * 6.04, 6);
  });
  it('short of a side, and clear of an opening', () => {
    const zone = {
      ...withEdges('gutter', 'upstand', 'upstand', 'upstand'),
      openings: [rect('r', 2, 2, 1, 0.8)],
    };
    const [base, cap] = fields(
      zone,
      sheets((_, i) => ({ reachMm: i === 0 ? { gutter: mm(-100), opening: mm(-25) } : {} })),
    );
    expect(base).toBeCloseTo(10 * 5.9 - 1.05 * 0.85, 6);
    expect(cap).toBeCloseTo(10 * 6.05 - 1.02 * 0.82, 6);
  });
  it('over an opening is refused: it is cut out', () => {
    const bad = sheets(() => ({ reachMm: { opening: mm(20) } }));
    expect(buildUpSchema.safeParse({ ...bad, layers: bad.layers.map((l) => ({ ...l })) }).success).toBe(
      false,
    );
  });
  it('the catalogue’s base reaches further than its cap', () => {
    const [base, cap] = fields(withEdges(...DRIPS), SHIPPED);
    expect(base).toBeGreaterThan(cap!);
  });
});

const order = (zone: Zone, b: BuildUp) => takeoff({ zones: [zone] }, docFor([zone], b), DEFAULT_ORDER).lines;

describe('heads up a slope', () => {
  // 10 m wide, 6 m up a fall of 40 %: courses run up, eleven or so of a metre less its lap.
  const steep = { ...roof('z', corners(10, 6), [], [0, 0.4]), sides: [] } as unknown as Zone;
  it('are nailed at the spacing of the layer, first and last at the edges', () => {
    const b = sheets(() => ({ headNailsMm: mm(200) }));
    const zone = {
      ...steep,
      sides: (['upstand', 'upstand', 'upstand', 'upstand'] as const).map((k) => ({
        edge: edgeOf(k),
        riseM: 0,
      })),
    };
    const layouts = layoutsOf(zone, b, DEFAULT_COURSES);
    expect(layouts.map((l) => l.planes[0]!.laying.runs)).toEqual(['up the fall', 'up the fall']);
    const nails = order(zone, b).find((l) => l.item.name === 'Nails for heads of courses')!;
    expect(evaluate(nails.net)).toBeCloseTo(nails.net.value, 9);
    // A full width of a metre takes ceil(1000 / 200) + 1 = 6 nails, a half width ceil(500 / 200) + 1 = 4.
    const { materials } = quickCourses({ zones: [zone] }, docFor([zone], b), DEFAULT_ORDER);
    const pieces = materials.flatMap((m) => m.pieces);
    expect(new Set(pieces.map((p) => p.widthM))).toEqual(new Set([0.5, 1]));
    expect(nails.net.value).toBe(pieces.reduce((sum, p) => sum + (p.half ? 4 : 6), 0));
  });
  it('are not nailed across a fall, nor where the layer says nothing', () => {
    const across = withEdges('upstand', 'upstand', 'upstand', 'upstand');
    const nailed = (zone: Zone, b: BuildUp) =>
      order(zone, b).some((l) => l.item.name.startsWith('Nails for heads'));
    expect(
      nailed(
        across,
        sheets(() => ({ headNailsMm: mm(200) })),
      ),
    ).toBe(false);
    expect(
      nailed(
        steep,
        sheets(() => ({ headNailsMm: undefined })),
      ),
    ).toBe(false);
  });
});

describe('temporary nails', () => {
  const held = withEdges('upstand', 'upstand', 'upstand', 'upstand');
  const bought = (b: BuildUp) => order(held, b).find((l) => l.item.name === 'Temporary nails');
  const each = (n: number) => sheets(() => ({ temporaryNails: mm(n) }));
  it('hold each length of every ply while its film is drawn', () => {
    const lengths = quickCourses({ zones: [held] }, docFor([held], each(3)), DEFAULT_ORDER).materials.flatMap(
      (m) => m.pieces,
    ).length;
    expect(lengths).toBeGreaterThan(4);
    for (const n of [1, 3, 5]) {
      const { net } = bought(each(n))!;
      expect(net.value).toBe(n * lengths);
      expect(evaluate(net)).toBeCloseTo(net.value, 9);
    }
  });
  it('are bought only where the layer says so, and said where it is laid', () => {
    expect(bought(sheets(() => ({ temporaryNails: undefined })))).toBeUndefined();
    const says = (b: BuildUp): string =>
      courseSteps(b.layers.find((l): l is Sheet => l.kind === 'sheet')!)
        .map((line) => verdictText(line, 'metric', String))
        .join(' ');
    expect(says(each(4))).toContain('with 4 temporary nails');
    expect(says(sheets(() => ({ temporaryNails: undefined })))).not.toContain('temporary');
  });
  it('a sheet without a film has none', () => {
    const torched = sheets(() => ({ temporaryNails: mm(3), bonding: 'torched' as const }));
    expect(buildUpProblems(torched).map(sentence).join(' ')).toContain('have no film to draw');
  });
});

it('granules under a ridge strip are primed, as much as the strip is wide and long', () => {
  const flat = withEdges('gutter', 'upstand', 'gutter', 'upstand');
  const gable: Zone = {
    ...flat,
    features: [
      {
        id: 'ridge',
        kind: 'ridge',
        count: 1,
        at: { alongM: 0, acrossM: 3 },
        to: { alongM: 10, acrossM: 3 },
        sizes: typicalSizes('ridge'),
        note: '',
      },
    ],
    levels: { ...flat.levels, points: [] },
  };
  const cap = layoutsOf(gable, SHIPPED, DEFAULT_COURSES).find((l) => l.rolled.layer.id.startsWith('cap'))!;
  const strips = cap.caps.filter((c) => !c.under).reduce((sum, c) => sum + c.lengthM * c.widthM, 0);
  expect(strips).toBeCloseTo(10 * 0.5, 6);
  const primer = order(gable, SHIPPED).find((l) => l.item.name.startsWith('Primer for laps over granules'))!;
  expect(primer.net.value).toBeGreaterThanOrEqual(strips * 0.2);
  expect(evaluate(primer.net)).toBeCloseTo(primer.net.value, 9);
});
