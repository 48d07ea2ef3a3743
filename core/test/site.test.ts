import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat } from '@lentum/core/buildup';
import { areaOf, intersect, labelPoint, insideRing } from '@lentum/core/geometry';
import { sentence } from '@lentum/core/problems';
import {
  bayAreaFigure,
  bayAreaM2,
  bayCoverage,
  bayMismatches,
  siteProblems,
  splitZone,
  type Bay,
  type SiteDoc,
} from '@lentum/core/site';
import { zoneShape, type Zone } from '@lentum/core/survey';
import { TOLERANCE } from '@lentum/core/units';
import { evaluate } from './support/formula.ts';
import { corners, pointsZone, rect } from './support/zones.ts';

const page = (id: string) => catalogue().find((b) => b.id === id);
const [pu, pmma, silicone] = [
  page('reinforced-polyurethane'),
  page('methacrylate-terrace'),
  page('two-coat-silicone'),
];
const coat = (b: ReturnType<typeof catalogue>[number] | undefined, id: string) =>
  b!.layers.filter(isCoat).find((c) => c.id === id)!;

const zone = (points: [number, number][], hole?: [number, number, number, number]): Zone =>
  pointsZone(points, { openings: hole ? [rect('Light', ...hole)] : [] });
let n = 0;
const id = (): string => `bay-${(n += 1)}`;
const split = (z: Zone, basis: Parameters<typeof splitZone>[2], c = coat(pu, 'first')) => {
  const s = splitZone(z, c, basis, id);
  if (!s.ok) throw new Error(s.problems.map(sentence).join(' '));
  return s.value;
};
const pail = { kind: 'container', containerId: 'pail-25' } as const;

describe('what one bay may cover (worked by hand)', () => {
  it.each([
    ['a 25 kg pail at 1.85 kg/m²', coat(pu, 'first'), pail, 25 / 1.85],
    [
      'a 5 kg pail of the same',
      coat(pu, 'first'),
      { kind: 'container', containerId: 'pail-5' } as const,
      5 / 1.85,
    ],
    ['a mix of 10 kg at 2.6 kg/m²', coat(pmma, 'membrane'), { kind: 'mix' } as const, 10 / 2.6],
    [
      'a 20 L pail at 0.75 L/m²',
      coat(silicone, 'base'),
      { kind: 'container', containerId: 'pail-20' } as const,
      20 / 0.75,
    ],
  ])('%s', (_, c, basis, m2) => {
    const r = bayCoverage(c, basis);
    if (!r.ok) throw new Error('no coverage');
    expect(r.value.covers.value).toBeCloseTo(m2, 9);
    expect(evaluate(r.value.covers)).toBeCloseTo(m2, 9);
  });
  it('turns mass into volume where the rate is by volume, and back', () => {
    const byMass = {
      ...coat(silicone, 'base'),
      containers: [{ id: 'keg', name: 'keg', basis: 'mass' as const, net: 25 }],
    };
    const r = bayCoverage(byMass, { kind: 'container', containerId: 'keg' });
    expect(r.ok && r.value.covers.value).toBeCloseTo(25 / 1.25 / 0.75, 9);
    const byVolume = {
      ...coat(pu, 'first'),
      containers: [{ id: 'can', name: 'can', basis: 'volume' as const, net: 20 }],
    };
    const v = bayCoverage(byVolume, { kind: 'container', containerId: 'can' });
    expect(v.ok && v.value.covers.value).toBeCloseTo((20 * 1.3) / 1.85, 9);
    expect(v.ok && evaluate(v.value.covers)).toBeCloseTo((20 * 1.3) / 1.85, 9);
  });
  it.each([
    [
      'an unknown container',
      { kind: 'container', containerId: 'bucket' } as const,
      'First coat, container: “bucket” is not known here; expected one of 25 kg pail, 5 kg pail.',
    ],
    [
      'a mix where nothing is mixed',
      { kind: 'mix' } as const,
      'First coat, largest mix is missing; expected a layer that is mixed in batches, or bays by container.',
    ],
  ])('%s is refused', (_, basis, words) => {
    const r = bayCoverage(coat(pu, 'first'), basis);
    expect(r.ok ? '' : sentence(r.problems[0]!)).toBe(words);
  });
});

describe('cutting a zone', () => {
  it.each([
    ['smaller than a pail covers', corners(3, 4), 1],
    ['just as large', corners(25 / 1.85, 1), 1],
    ['a little larger', corners(25 / 1.85 + 0.01, 1), 2],
    ['153 m²', corners(17, 9), 12],
  ])('%s', (_, points, count) => expect(split(zone(points), pail).bays.length).toBe(count));

  it('bays are as near to square as the zone allows and numbered as one reads', () => {
    const { bays } = split(zone(corners(10.8, 10)), pail);
    expect(bays.map((b) => b.label)).toEqual(['Z1', 'Z2', 'Z3', 'Z4', 'Z5', 'Z6', 'Z7', 'Z8']);
    const at = bays.map((b) => labelPoint(b.parts));
    expect(at[0]![0]).toBeLessThan(at[1]![0]);
    expect(at[0]![1]).toBeGreaterThan(at[7]![1]);
  });

  it('a strip round an opening stays whole where it can and never covers the opening', () => {
    const z = zone(corners(12, 9), [4, 3, 3, 2]);
    const { bays } = split(z, pail);
    const hole = [
      {
        outer: [
          [4, 3],
          [7, 3],
          [7, 5],
          [4, 5],
        ] as [number, number][],
        holes: [],
      },
    ];
    expect(bays.reduce((s, b) => s + bayAreaM2(b), 0)).toBeCloseTo(108 - 6, 3);
    for (const b of bays) expect(areaOf(intersect(b.parts, hole))).toBeLessThan(TOLERANCE.areaM2);
  });

  it('holds for any convex or L-shaped zone: equal, no larger than the container covers, inside, apart', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 4, max: 25 }),
        fc.integer({ min: 4, max: 25 }),
        fc.double({ min: 0.2, max: 0.8, noNaN: true }),
        fc.double({ min: 0.2, max: 0.8, noNaN: true }),
        (w, h, sx, sy) => {
          const z = zone([
            [0, 0],
            [w, 0],
            [w, h * sy],
            [w * sx, h * sy],
            [w * sx, h],
            [0, h],
          ]);
          const shape = zoneShape(z);
          if (!shape.ok) throw new Error('no shape');
          const { bays, covers } = split(z, pail);
          const sizes = bays.map(bayAreaM2);
          for (const size of sizes) {
            expect(size).toBeLessThanOrEqual(covers.value + 0.001);
            expect(size).toBeCloseTo(sizes[0]!, 2);
          }
          for (const b of bays) {
            expect(areaOf(intersect(b.parts, [shape.value.polygon]))).toBeCloseTo(bayAreaM2(b), 2);
            expect(insideRing(labelPoint(b.parts), shape.value.ring)).toBe(true);
          }
          for (let i = 1; i < bays.length; i += 1)
            expect(areaOf(intersect(bays[i]!.parts, bays[i - 1]!.parts))).toBeLessThan(0.001);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('an open outline and a slip in a container are refused in a sentence', () => {
    const open: Zone = {
      ...zone(corners(1, 1)),
      outline: {
        kind: 'walk',
        adjustmentAccepted: false,
        legs: [10, 5, 9, 5].map((lengthM) => ({ lengthM, turnDeg: 90, turn: 'left' })),
      },
    };
    const r = splitZone(open, coat(pu, 'first'), pail, id);
    expect(r.ok ? '' : sentence(r.problems[0]!)).toContain(
      'Zone does not close: the walk ends 1.000 m from its start',
    );
    const tiny = {
      ...coat(pu, 'first'),
      containers: [{ id: 'pail-25', name: 'thimble', basis: 'mass' as const, net: 0.02 }],
    };
    const t = splitZone(zone(corners(20, 20)), tiny, pail, id);
    expect(t.ok ? '' : sentence(t.problems[0]!)).toBe(
      'Zone, bays: 37000 bays of 0.011 m² is out of range; expected at most 1000 bays: a larger container or a lower rate.',
    );
  });
});

describe('a set of bays', () => {
  const z = zone(corners(10, 5));
  const site = (bays: Bay[]): SiteDoc => ({ bays, cuts: [], access: [] });
  const cut = split(z, pail).bays;
  it('as cut has no fault, and its areas have a working', () => {
    expect(siteProblems(site(cut), { zones: [z] })).toEqual([]);
    for (const b of cut) expect(evaluate(bayAreaFigure(b))).toBeCloseTo(bayAreaM2(b), 9);
  });
  it.each<[string, Bay[], string]>([
    [
      'on a zone that is not there',
      [{ ...cut[0]!, zoneId: 'y' }],
      'Bay Z1, zone: “y” is not known here; expected a zone of the survey.',
    ],
    ['twice', [cut[0]!, cut[0]!], 'Bay: “Z1” is there twice; expected another label and id for each bay.'],
    [
      'without an area',
      [
        {
          ...cut[0]!,
          parts: [
            {
              outer: [
                [0, 0],
                [1, 0],
                [2, 0],
              ],
              holes: [],
            },
          ],
        },
      ],
      'Bay Z1: 0 m² is out of range; expected an area above nothing.',
    ],
  ])('%s', (_, bays, words) =>
    expect(siteProblems(site(bays), { zones: [z] }).map(sentence)).toContain(words),
  );
  it('is found not to fit when the survey was changed after it', () => {
    expect(bayMismatches(site(cut), { zones: [z] })).toEqual([]);
    expect(
      bayMismatches(site(cut), { zones: [{ ...z, outline: zone(corners(10, 6)).outline }] }),
    ).toMatchObject([{ bayM2: expect.closeTo(50, 3) as number, zoneM2: 60 }]);
    expect(bayMismatches(site([]), { zones: [z] })).toEqual([]);
  });
});
