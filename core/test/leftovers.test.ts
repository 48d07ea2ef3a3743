/** Pieces of details from the ends that courses leave over: nothing is cut twice, and nothing is bought for what was there. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { detailRulesOf } from '@lentum/core/buildup';
import {
  cutLists,
  detailSchedule,
  nest,
  nestWithLeftOvers,
  type LeftOver,
  type PlacedCut,
} from '@lentum/core/details';
import { DEFAULT_ORDER, leftOversOf, quickCourses, takeoff } from '@lentum/core/order';
import { edgeOf, type Zone } from '@lentum/core/survey';
import { evaluate } from './support/formula.ts';
import { built, docFor, roof } from './support/roofs.ts';
import { corners } from './support/zones.ts';

const WIDTH = 1000;
const ROLL = 8000;
const strips = (count: number, longMm: number, wideMm = 500) => ({
  ...{ key: `s${longMm}`, label: `S-${longMm}`, widthMm: longMm, heightMm: wideMm, count },
});
const end = (lengthMm: number, of = '1'): LeftOver => ({ lengthMm, of });
const cut = (cuts: ReturnType<typeof strips>[], ends: LeftOver[]) =>
  nestWithLeftOvers(cuts, WIDTH, ROLL, true, ends);

describe('worked by hand', () => {
  it('two strips abreast lie on an end of their length; no roll is opened', () => {
    const made = cut([strips(2, 2000)], [end(2000)]);
    expect(made.leftOvers).toHaveLength(1);
    expect(made.leftOvers[0]).toMatchObject({ of: '1', usedMm: 2000 });
    expect(made.nest).toMatchObject({ totalMm: 0, leastMm: 0, placed: [] });
  });
  it('what does not fit on the end goes on a roll', () => {
    // Three of two metres: two on the end, one on the roll.
    const made = cut([strips(3, 2000)], [end(2400)]);
    expect(made.leftOvers[0]?.placed).toHaveLength(2);
    expect(made.nest.placed).toHaveLength(1);
    expect(made.nest.totalMm).toBeLessThanOrEqual(2000);
  });
  it('an end that is too short for all of them is left alone', () => {
    const made = cut([strips(2, 2000, 800)], [end(700)]);
    expect(made.leftOvers).toEqual([]);
    expect(made.nest).toEqual(nest([strips(2, 2000, 800)], WIDTH, ROLL, true));
  });
  it('the shortest end that takes them is used first, the longer one stays whole', () => {
    const made = cut([strips(1, 1500)], [end(6000, 'long'), end(1600, 'short')]);
    expect(made.leftOvers.map((l) => l.of)).toEqual(['short']);
  });
  it('without ends it is as before', () => {
    expect(cut([strips(5, 1500)], []).nest).toEqual(nest([strips(5, 1500)], WIDTH, ROLL, true));
  });
});

const overlaps = (a: PlacedCut, b: PlacedCut): boolean =>
  a.alongMm < b.alongMm + b.longMm - 0.01 &&
  b.alongMm < a.alongMm + a.longMm - 0.01 &&
  a.acrossMm < b.acrossMm + b.wideMm - 0.01 &&
  b.acrossMm < a.acrossMm + a.wideMm - 0.01;

describe('any pieces and any ends', () => {
  const pieces = fc.array(
    fc.record({
      widthMm: fc.integer({ min: 50, max: 3000 }),
      heightMm: fc.integer({ min: 50, max: 1000 }),
      count: fc.integer({ min: 1, max: 6 }),
    }),
    { minLength: 1, maxLength: 6 },
  );
  const ends = fc.array(fc.integer({ min: 100, max: 7000 }), { maxLength: 6 });
  it('every piece is cut once, none over another or past an end, and no more is opened than without them', () => {
    fc.assert(
      fc.property(pieces, ends, (list, lengths) => {
        const cuts = list.map((c, i) => ({ ...c, key: `k${i}`, label: `L-${i}` }));
        const made = nestWithLeftOvers(
          ...([cuts, WIDTH, ROLL, true, lengths.map((l, i) => end(l, String(i)))] as const),
        );
        const alone = nest(cuts, WIDTH, ROLL, true);
        expect(made.nest.totalMm).toBeLessThanOrEqual(alone.totalMm + 0.01);
        expect(made.nest.leastMm).toBeLessThanOrEqual(made.nest.totalMm + 0.01);
        const all = [...made.leftOvers.flatMap((l) => l.placed), ...made.nest.placed];
        for (const c of cuts) expect(all.filter((p) => p.key === c.key)).toHaveLength(c.count);
        for (const p of all)
          expect([p.longMm, p.wideMm].sort((a, b) => a - b)).toEqual(
            [...[cuts.find((c) => c.key === p.key)!].flatMap((c) => [c.widthMm, c.heightMm])].sort(
              (a, b) => a - b,
            ),
          );
        expect(new Set(made.leftOvers.map((l) => l.of)).size).toBe(made.leftOvers.length);
        for (const l of made.leftOvers) {
          for (const p of l.placed) {
            expect(p.alongMm + p.longMm).toBeLessThanOrEqual(l.lengthMm + 0.01);
            expect(p.acrossMm + p.wideMm).toBeLessThanOrEqual(WIDTH + 0.01);
          }
          l.placed.forEach((a, i) =>
            l.placed.slice(i + 1).forEach((b) => expect(overlaps(a, b)).toBe(false)),
          );
        }
      }),
      { numRuns: 150 },
    );
  });
});

it('detail fabric of several build-ups is cut from the same rolls, and bought as one', () => {
  const up = (id: string, x: number): Zone => ({
    ...roof(id, corners(6, 4)),
    code: id.toUpperCase(),
    plot: { xM: x, yM: 0, turnDeg: 0 },
    sides: (['upstand', 'upstand', 'upstand', 'upstand'] as const).map((k) => ({
      edge: edgeOf(k),
      riseM: 0,
    })),
  });
  const [a, b] = [up('a', 0), up('b', 10)];
  const [deck, walk] = [built('vehicular-deck'), built('pedestrian-deck')];
  const [one, two] = [docFor([a], deck), docFor([b], walk)];
  const doc = { buildUps: [...one.buildUps, ...two.buildUps], zones: [...one.zones, ...two.zones] };
  const lists = cutLists(detailSchedule({ zones: [a, b] }, doc));
  expect(lists).toHaveLength(1);
  expect(lists[0]!.zones.map((z) => z.zone.id)).toEqual(['a', 'b']);
  const apart = [one, two].map((d, i) => cutLists(detailSchedule({ zones: [[a, b][i]!] }, d))[0]!.nest);
  expect(lists[0]!.nest.totalMm).toBeLessThanOrEqual(apart.reduce((sum, n) => sum + n.totalMm, 0) + 0.01);
  const lines = takeoff({ zones: [a, b] }, doc, DEFAULT_ORDER).lines.filter(
    (l) => l.item.name === 'Detail fabric',
  );
  expect(lines).toHaveLength(1);
  // Priced otherwise, it is another thing to buy.
  const rules = detailRulesOf(walk);
  const sundries = rules.sundries.map((x) => ({
    ...x,
    packs: x.packs.map((p) => ({ ...p, price: { value: 999, source: 'chosen' as const } })),
  }));
  const dear = { ...doc, buildUps: [deck, { ...walk, details: { ...rules, sundries } }] };
  expect(cutLists(detailSchedule({ zones: [a, b] }, dear))).toHaveLength(2);
});

describe('the order', () => {
  // Courses of 5.2 m from rolls of 8 m leave ends of 2.8 m; the upstands' strips are cut from them.
  const zone: Zone = {
    ...roof('z', corners(10, 5.2)),
    sides: (['upstand', 'drip', 'upstand', 'drip'] as const).map((k) => ({ edge: edgeOf(k), riseM: 0 })),
  };
  const survey = { zones: [zone] };
  const doc = docFor([zone], built('torched-two-ply'));
  const courses = quickCourses(survey, doc, DEFAULT_ORDER);
  const details = detailSchedule(survey, doc);
  it('buys less of the sheet than if every piece of a detail opened a roll', () => {
    const without = cutLists(details);
    const withEnds = cutLists(details, leftOversOf(courses));
    const used = (lists: typeof without): number => lists.reduce((sum, l) => sum + l.nest.totalMm, 0);
    const placed = (lists: typeof without): number =>
      lists.reduce(
        (n, l) => n + l.nest.placed.length + l.leftOvers.reduce((k, o) => k + o.placed.length, 0),
        0,
      );
    expect(withEnds.some((l) => l.leftOvers.length > 0)).toBe(true);
    expect(used(withEnds)).toBeLessThan(used(without));
    expect(placed(withEnds)).toBe(placed(without));
  });
  it('no end is used of which the field says that it is not used up', () => {
    for (const list of cutLists(details, leftOversOf(courses))) {
      const plan = courses.materials.find((m) =>
        m.material.layouts.some((l) => l.rolled.layer.id === list.layerId),
      );
      const longest = plan?.answer?.longestLeftM ?? 0;
      const ends = plan?.rolls.filter((r) => Math.abs(r.leftM - longest) < 1e-9).length ?? 0;
      expect(list.leftOvers.filter((l) => Math.abs(l.lengthMm / 1000 - longest) < 1e-9).length).toBeLessThan(
        Math.max(1, ends),
      );
    }
  });
  it('every figure is its working', () => {
    for (const line of takeoff(survey, doc, DEFAULT_ORDER, { details, courses }).lines)
      expect(evaluate(line.net)).toBeCloseTo(line.net.value, 6);
  });
});
