/** Details: found from the survey, cut, and what they take; pockets, joints and cutting held against plain search. */
import { calculate, CALCULATORS } from '@lentum/core/bench';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, detailRulesOf, resolve, typicalDetails, type Pieces } from '@lentum/core/buildup';
import {
  cutHint,
  cutLists,
  detailSchedule,
  DETAIL_KINDS,
  filletVolume,
  fitCurb,
  nest,
  patternBox,
  pieceKey,
  piecesOf,
  pourVolume,
  sealantJoint,
  type Cut,
  type DetailWork,
} from '@lentum/core/details';
import { given, verdictText } from '@lentum/core/figures';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { sentence } from '@lentum/core/problems';
import { cutBound } from '../src/details/cutbound.ts';
import { clearanceIn } from '../src/details/pocket.ts';
import { cutRun } from '../src/details/pieces.ts';
import { evaluate } from './support/formula.ts';
import { edge, everything, feature, first, scheduleOf, side, upstand, work } from './support/roof.ts';
import { pointsZone, rect } from './support/zones.ts';

describe('finding', () => {
  it('every kind of the trade on one roof, but those that it has no side for', () => {
    const found = new Set(first(everything()).work.map((w) => w.detail.kind));
    const absent = DETAIL_KINDS.filter((k) => !found.has(k));
    expect(absent).toEqual(['tie-in', 'day-joint', 'wall-end', 'wall-foot']);
    const others = pointsZone(
      [
        [0, 0],
        [5, 0],
        [5, 5],
        [0, 5],
      ],
      { sides: [side(edge('tie-in')), side(edge('free')), side(edge('wall-top')), side(edge('footing'))] },
    );
    expect(new Set(first(others).work.map((w) => w.detail.kind))).toEqual(
      new Set(['tie-in', 'day-joint', 'wall-end', 'bar', 'wall-foot', 'fillet']),
    );
  });

  it('a side that nobody has described is no day joint, and the order asks about it', () => {
    const zone = pointsZone(
      [
        [0, 0],
        [5, 0],
        [5, 5],
        [0, 5],
      ],
      { sides: [side(edge('drip'))] },
    );
    expect(first(zone).work.map((w) => w.detail.kind)).toEqual(['drip']);
    const asked = takeoff(
      { zones: [zone] },
      {
        buildUps: [...catalogue()],
        zones: [
          { zoneId: zone.id, buildUpId: 'reinforced-polyurethane', revision: 1, conditions: [], choices: {} },
        ],
      },
      DEFAULT_ORDER,
    ).unsaid;
    expect(asked.map((m) => m.why.map(sentence).join(' '))).toEqual([
      expect.stringContaining('Zone, sides 2, 3, 4'),
    ]);
  });

  it('corners with their angles: of the roof where internal, of the solid where external', () => {
    const zone = everything();
    // 12 × 0 and 12 × 5 are right angles of the roof; 6 × 5 stands out into it.
    expect(work(zone, 'corner 2').detail).toMatchObject({
      kind: 'internal-corner',
      sizes: { deg: 90, heightMm: 300 },
    });
    expect(work(zone, 'corner 4').detail).toMatchObject({
      kind: 'external-corner',
      sizes: { deg: 90, heightMm: 400 },
    });
    // A roof light is one job with its corners; a machine base has them one by one.
    expect(work(zone, 'Light').detail).toMatchObject({ kind: 'kerb', sizes: { corners: 4 } });
    expect(first(zone).work.filter((w) => w.detail.where.startsWith('Base, corner')).length).toBe(4);
  });

  it('an obtuse corner of a trapezium keeps its angle', () => {
    const zone = pointsZone(
      [
        [0, 0],
        [10, 0],
        [6, 4],
        [0, 4],
      ],
      { sides: [1, 2, 3, 4].map(() => side(upstand(150))) },
    );
    const degs = first(zone)
      .work.filter((w) => w.detail.kind === 'internal-corner')
      .map((w) => w.detail.sizes['deg']!);
    expect(degs.map((d) => Math.round(d))).toEqual([90, 45, 135, 90]);
  });

  it('a zone without a build-up, or with an open outline, is named with its reason', () => {
    const zone = everything();
    const none = detailSchedule({ zones: [zone] }, { buildUps: [], zones: [] });
    expect(sentence(none.missing[0]!.problems[0]!)).toMatch(/^Zone, build-up is missing/);
  });
});

describe.each(
  catalogue()
    .filter((b) => b.family !== 'POCKET')
    .map((b) => [b.id, b] as const),
)('%s', (_, buildUp) => {
  const schedule = scheduleOf(everything(), buildUp);
  const zone = schedule.zones[0]!;

  it('makes every detail: pieces that come off the roll, steps with a hold, a time, no problem', () => {
    for (const w of zone.work) {
      expect(w.problems.map(sentence)).toEqual([]);
      expect(w.steps.filter((s) => s.hold).length).toBeGreaterThan(0);
      expect(w.minutes.value).toBeGreaterThan(0);
      for (const p of w.pieces) {
        const { widthMm, heightMm } = patternBox(p.pattern);
        expect(Math.min(widthMm, heightMm)).toBeLessThanOrEqual(zone.roll.widthMm + 1e-6);
      }
    }
  });

  it('shows a working for every amount, and the working gives the amount', () => {
    for (const w of zone.work)
      for (const { amount } of w.materials) {
        expect(amount.value).toBeGreaterThan(0);
        expect(evaluate(amount)).toBeCloseTo(amount.value, 9);
      }
    for (const w of zone.work) expect(evaluate(w.minutes)).toBeCloseTo(w.minutes.value, 9);
  });

  it('pieces alike share a label; all of them are in the cut list, once each', () => {
    const labels = new Map<string, string>();
    for (const g of zone.groups) labels.set(g.key, g.label);
    expect(new Set(labels.values()).size).toBe(zone.groups.length);
    const pieces = zone.work.reduce(
      (n, w) => n + w.detail.count * w.pieces.reduce((k, p) => k + p.count, 0),
      0,
    );
    for (const w of zone.work) for (const p of w.pieces) expect(labels.has(pieceKey(p))).toBe(true);
    const lists = cutLists(schedule);
    expect(lists.reduce((n, l) => n + l.nest.placed.length, 0)).toBe(pieces);
    for (const l of lists) {
      expect(l.nest.left).toEqual([]);
      expect(l.groups.reduce((n, g) => n + g.count, 0)).toBe(l.nest.placed.length);
    }
  });
});

it('two plies of sheet: the first is cut from the base sheet, the next from the cap', () => {
  const sheets = catalogue().find((b) => b.family === 'SA2')!;
  const lists = cutLists(scheduleOf(everything(), sheets));
  // Pipes, posts and vents are flashed in resin: their fabric has a roll of its own.
  expect(lists.map((l) => l.roll.name)).toEqual(['Base sheet', 'Cap sheet', 'detail fabric']);
  expect(lists.map((l) => [...new Set(l.groups.map((g) => g.piece.ply))])).toEqual([[0], [1], [0]]);
});

describe('what a detail takes', () => {
  it('resin: two thirds under the pieces and one third over them, together the detail’s rate on their area', () => {
    const w = work(everything(), 'side 1');
    const bed = w.materials.filter((m) => m.material.kind === 'layer' && m.material.layerId === 'first');
    const [under, over] = bed.map((m) => m.amount.value);
    // 12 m in pieces of at most 3 m, lapped 50 mm: five of 2.44 m. Bands: foot 150, cant 15 √2, wall 285.
    const area = 5 * 2.44 * (0.15 + 0.015 * Math.SQRT2 + 0.285);
    expect(cutRun(12_000, 3000, 50)).toEqual({ count: 5, eachMm: 2440 });
    // 1.85 kg/m² in the field, 1.2 times at details.
    expect(under! + over!).toBeCloseTo(area * 1.85 * 1.2, 6);
    expect(under! / (under! + over!)).toBeCloseTo(0.667, 9);
    // The other coats go up the wall at their rate for verticals, or the field's: 12 × 0.3 m².
    const second = w.materials.find((m) => m.material.kind === 'layer' && m.material.layerId === 'second')!;
    expect(second.amount.value).toBeCloseTo(3.6 * 1.1, 9);
  });

  it('doubled at parapets and pipes, where the build-up says so', () => {
    const plies = (w: DetailWork): number => new Set(w.pieces.map((p) => p.ply)).size;
    expect(plies(work(everything(), 'parapet'))).toBe(2);
    expect(plies(work(everything(), 'pipe'))).toBe(2);
    expect(plies(work(everything(), 'side 1'))).toBe(1);
    const torched = catalogue().find((b) => b.family === 'TORCH2')!;
    const [one, two] = work(everything(), 'side 1', torched).pieces.map((p) => p.measures['width']!);
    expect(two! - one!).toBeCloseTo(50, 9);
  });

  it('a strip is turned into a chase, or under a coping; with a bar it ends on the wall', () => {
    const turned = (termination: 'chase' | 'coping' | 'bar'): number => {
      const zone = everything();
      zone.sides[0] = side({ kind: 'upstand', heightMm: 300, termination });
      return work(zone, 'side 1').pieces[0]!.bands!.find((b) => b.use === 'top')?.mm ?? 0;
    };
    expect([turned('chase'), turned('coping'), turned('bar')]).toEqual([30, 50, 0]);
  });

  it('along a bend the foot is cut into fingers, none wider than 60 mm and a bit, from the edge to the fold', () => {
    const round = { ...rect('Planter', 6, 2, 1, 1), kind: 'plinth' as const };
    const zone = pointsZone(
      [
        [0, 0],
        [12, 0],
        [12, 8],
        [0, 8],
      ],
      { openings: [{ ...round, shape: { kind: 'circle', alongM: 6, acrossM: 4, diameterM: 2 } }] },
    );
    const piece = work(zone, 'upstand').pieces[0]!;
    const foot = piece.bands![0]!.mm;
    expect(piece.pattern.cuts.length).toBeGreaterThan(20);
    const xs = piece.pattern.cuts.map(([a, b]) => {
      expect([a[1], b[1]]).toEqual([-foot, 0]);
      return a[0];
    });
    xs.slice(1).forEach((x, i) => expect(x - xs[i]!).toBeLessThan(64));
    expect(work(everything(), 'side 1').pieces[0]!.pattern.cuts).toEqual([]);
  });

  it('bars: fixed at their spacing and at both ends of each', () => {
    const bar = work(everything(), 'bar');
    const fixings = bar.materials.find((m) => m.name === 'Fasteners for bars')!;
    // 12 m in bars of 2.5 m: five of 2.40 m, each 10 spaces of no more than 250 mm, 11 fixings.
    expect(fixings.amount.value).toBe(55);
    expect(evaluate(fixings.amount)).toBe(55);
  });

  it('cracks: a hairline gets a stripe, a wide or a moving one a strip; a moving one is cut out and filled', () => {
    const zone = everything();
    expect(work(zone, 'static-crack').pieces).toEqual([]);
    const wide = pointsZone(
      [
        [0, 0],
        [9, 0],
        [9, 9],
        [0, 9],
      ],
      {
        features: [feature('static-crack', 1, { sizes: { widthMm: 2 } })],
      },
    );
    expect(work(wide, 'static-crack').pieces[0]!.measures['width']).toBe(150);
    const filler = work(zone, 'moving-crack').materials.find((m) => m.name === 'Joint sealant')!;
    // 6 mm × 12 mm × 3 m = 216 mL.
    expect(filler.amount.value).toBeCloseTo(0.216, 9);
  });
  // The same width decides in the preparation, in the pieces and in what is ordered (common practice, no source).
  // The crack runs from 1.5 to 4 m: 6 mm × 12 mm × 2.5 m = 180 mL, 8 mm × 12 mm × 2.5 m = 240 mL.
  it.each([
    ['just under what is cut out', 1.4, 0, 'a stripe of resin is enough'],
    ['from where it is cut out', 1.5, 0.18, 'Cut out to'],
    ['wider than the groove: its own width counts', 8, 0.24, 'Cut out to'],
  ])('a static crack %s', (_, widthMm, litres, says) => {
    const zone = pointsZone(
      [
        [0, 0],
        [9, 0],
        [9, 9],
        [0, 9],
      ],
      { features: [feature('static-crack', 1, { sizes: { widthMm }, to: { alongM: 4, acrossM: 1 } })] },
    );
    const found = work(zone, 'static-crack');
    const filler = found.materials.find((m) => m.name === 'Joint sealant');
    expect(filler?.amount.value ?? 0).toBeCloseTo(litres, 9);
    expect(found.pieces.length > 0).toBe(litres > 0);
    expect(found.steps.map((s) => verdictText(s.says, 'metric', String)).join(' ')).toContain(says);
  });

  it('a joint without a width and a pipe wider than its roll are said with what to change', () => {
    const pipe = pointsZone(
      [
        [0, 0],
        [9, 0],
        [9, 9],
        [0, 9],
      ],
      {
        features: [feature('pipe', 1, { sizes: { diameterMm: 900 } })],
      },
    );
    expect(sentence(work(pipe, 'pipe').problems[0]!)).toBe(
      'Zone, Pipe 1, pipe collar, star cut: 1200 × 1200 mm is out of range; expected no more than the 1050 mm of Fleece: a wider roll, or a shorter foot in the build-up’s details.',
    );
    const joint = first(everything()).work.find((w) => w.detail.kind === 'movement-joint')!;
    expect(joint.problems).toEqual([]);
    const rules = detailRulesOf(catalogue()[0]!);
    const roll = first(everything()).roll;
    const none = piecesOf({ ...joint.detail, sizes: { widthMm: 0 } }, rules, roll);
    expect(none.ok ? '' : sentence(none.problems[0]!)).toBe(
      'Zone, side 7, movement joint, width: 0 mm is out of range; expected the width of the joint as measured in the survey.',
    );
  });

  it('metal is primed: at the drip, in the gutter, over laps and fasteners', () => {
    for (const kind of ['drip', 'gutter', 'sheet-lap', 'fasteners'] as const)
      expect(work(everything(), kind).materials.map((m) => m.name)).toContain('Primer for metal');
  });
});

describe('joints and fillets, worked by hand', () => {
  it.each([
    // width mm, length m, depth, rod on sale, mL
    [6, 10, 10, 8, 600],
    [12, 10, 12, 15, 1440],
    [20, 10, 10, 25, 2000],
    [40, 2.5, 20, 50, 2000],
  ])('%d mm by %d m: %d mm deep, a rod of %d mm, %d mL', (width, length, depth, rod, ml) => {
    const joint = sealantJoint(
      given('w', width, 'gap', 'measured'),
      given('l', length, 'length', 'measured'),
    );
    expect(joint.depth.value).toBe(depth);
    expect(joint.rodOnSaleMm).toBe(rod);
    expect(joint.volume.value * 1000).toBeCloseTo(ml, 6);
    expect(evaluate(joint.volume)).toBeCloseTo(joint.volume.value, 12);
    expect(evaluate(joint.rodMm)).toBeCloseTo(width * 1.25, 12);
  });

  it('a joint that is narrower than its sealant is deep says so', () => {
    const from = (width: number) =>
      sealantJoint(given('w', width, 'gap', 'measured'), given('l', 1, 'length', 'measured')).depth.from;
    expect(from(6)).toContain('deeper than wide');
    expect(from(9.9)).toContain('deeper than wide');
    for (const width of [10, 12, 30]) expect(from(width)).not.toContain('deeper');
    const answer = calculate(
      CALCULATORS.find((c) => c.key === 'joint')!,
      { width: 6 },
    );
    expect(answer.ok && answer.value.notes.join(' ')).toContain('Narrower than 10 mm');
  });
  it('a fillet of 50 mm legs takes 1.25 L a metre', () => {
    const v = filletVolume(given('leg', 50, 'gap', 'typical'), given('l', 8, 'length', 'measured'));
    expect(v.value).toBeCloseTo(10, 9);
    expect(evaluate(v)).toBeCloseTo(10, 9);
  });
});

describe('pockets', () => {
  const curb = resolve(catalogue().find((b) => b.family === 'POCKET')!).layers.find(
    (l): l is Pieces => l.kind === 'pieces',
  )!;
  const cluster = fc.record({
    lengthMm: fc.integer({ min: 30, max: 900 }),
    widthMm: fc.integer({ min: 30, max: 600 }),
    pipes: fc.integer({ min: 2, max: 9 }),
    pipeMm: fc.constant(20),
  });

  it('no other set of parts with fewer pieces closes and keeps the clearance (plain search)', () => {
    fc.assert(
      fc.property(cluster, (c) => {
        const fitted = fitCurb(c, curb, 'Cluster');
        if (!fitted.ok) throw new Error(sentence(fitted.problems[0]!));
        const parts = fitted.value.parts.reduce((n, p) => n + p.count, 0);
        expect(fitted.value.clearanceMm).toBeGreaterThanOrEqual(25);
        // Every rectangle of four corners and up to eight straights a side.
        let fewest = Math.hypot(c.lengthMm, c.widthMm) + 50 <= 150 ? 1 : Infinity;
        for (let a = 0; a < 8; a += 1)
          for (let b = 0; b < 8; b += 1)
            for (let d = 0; d < 8; d += 1)
              for (let e = 0; e < 8; e += 1) {
                const inside = {
                  lengthMm: 200 + a * 150 + b * 300,
                  widthMm: 200 + d * 150 + e * 300,
                  radiusMm: 100,
                };
                const dx = (inside.lengthMm - c.lengthMm) / 2;
                const dy = (inside.widthMm - c.widthMm) / 2;
                if (Math.min(dx, dy) < 25) continue;
                // Walk the arc of the corner in small steps: the nearest point to the cluster's corner.
                let near = Infinity;
                for (let k = 0; k <= 200; k += 1) {
                  const t = (k / 200) * (Math.PI / 2);
                  near = Math.min(
                    near,
                    Math.hypot(100 - 100 * Math.cos(t) - dx, 100 - 100 * Math.sin(t) - dy),
                  );
                }
                const inCorner = dx < 100 && dy < 100;
                const out = inCorner && Math.hypot(100 - dx, 100 - dy) > 100;
                if (out || (inCorner && near < 25 - 1e-9)) continue;
                fewest = Math.min(fewest, 4 + 2 * (a + b + d + e));
              }
        expect(parts).toBeLessThanOrEqual(fewest);
      }),
      { numRuns: 25 },
    );
  });

  it('three pipes in a row get an oval: two half rounds and a straight on each side, whichever way they lie', () => {
    for (const [lengthMm, widthMm] of [
      [200, 50],
      [50, 200],
    ] as const) {
      const fitted = fitCurb({ lengthMm, widthMm, pipes: 3, pipeMm: 50 }, curb, 'Row');
      if (!fitted.ok) throw new Error('no curb');
      const { value } = fitted;
      expect(value.shape).toBe('oval');
      expect(value.parts.map((k) => [k.part.name, k.count])).toEqual([
        ['Round, in two halves', 1],
        ['Straight, short', 2],
      ]);
      expect([value.lengthMm, value.widthMm]).toEqual(lengthMm > widthMm ? [300, 150] : [150, 300]);
      // Half rounds of 75 mm: the corner of the row lies 25 and 25 mm from their middle.
      expect(value.clearanceMm).toBeCloseTo(75 - Math.hypot(25, 25), 9);
      expect(value.inside.value).toBeCloseTo((150 * 150 + Math.PI * 75 ** 2) / 1e6, 12);
      expect(value.insideGirthMm).toBeCloseTo(2 * 150 + Math.PI * 150, 9);
    }
  });
  it('the sealant of a curb: two beads under it and one outside, and its joints buttered', () => {
    const w = work(everything(), 'pipe-cluster');
    const { curb: made } = w.pocket!;
    const joints = made.parts.reduce((n, k) => n + k.count, 0);
    const sealant = w.materials.find((m) => m.use.startsWith('curb'))!;
    const litres = ((made.insideGirthMm * 3 + joints * 50) * Math.PI * 9) / 1e6;
    expect(sealant.amount.value).toBeCloseTo(litres * w.detail.count, 9);
    expect(evaluate(sealant.amount)).toBeCloseTo(sealant.amount.value, 9);
  });

  it('clearance in a rounded corner by hand: a box 40 mm off both sides of a 100 mm arc has 15.1 mm', () => {
    const inside = { lengthMm: 480, widthMm: 380, radiusMm: 100 };
    expect(clearanceIn({ lengthMm: 400, widthMm: 300 }, inside)).toBeCloseTo(100 - Math.hypot(60, 60), 9);
  });

  it('what is poured: inside less pipes, by hand', () => {
    const c = { lengthMm: 300, widthMm: 150, pipes: 3, pipeMm: 50 };
    const fitted = fitCurb(c, curb, 'Cluster');
    if (!fitted.ok) throw new Error('no curb');
    const { lengthMm, widthMm, radiusMm } = fitted.value;
    const inside = lengthMm * widthMm - (4 - Math.PI) * radiusMm ** 2;
    const pour = pourVolume(fitted.value, c, 50, 'Cluster');
    if (!pour.ok) throw new Error('no pour');
    expect(pour.value.value).toBeCloseTo(((inside - 3 * Math.PI * 25 ** 2) * 50) / 1e6, 9);
    expect(evaluate(pour.value)).toBeCloseTo(pour.value.value, 9);
  });

  it('a cluster that no parts close round, and pipes that fill it, are refused in a sentence', () => {
    const wide = fitCurb({ lengthMm: 9000, widthMm: 200, pipes: 4, pipeMm: 50 }, curb, 'Cluster 1');
    expect(wide.ok).toBe(false);
    if (!wide.ok)
      expect(sentence(wide.problems[0]!)).toMatch(
        /^Cluster 1: 9000 × 200 mm with 25 mm all round is out of range; expected a cluster that the curb parts can close round/,
      );
    const small = fitCurb({ lengthMm: 90, widthMm: 20, pipes: 2, pipeMm: 400 }, curb, 'Cluster 2');
    if (!small.ok) throw new Error('no curb');
    const pour = pourVolume(
      small.value,
      { lengthMm: 90, widthMm: 20, pipes: 2, pipeMm: 400 },
      50,
      'Cluster 2',
    );
    expect(pour.ok).toBe(false);
  });
});

describe('cutting from rolls', () => {
  const cuts = fc.array(
    fc.record({
      widthMm: fc.integer({ min: 20, max: 1000 }),
      heightMm: fc.integer({ min: 20, max: 3000 }),
      count: fc.integer({ min: 1, max: 6 }),
    }),
    { minLength: 1, maxLength: 12 },
  );

  it('no two pieces overlap, none lies off its roll, none is lost, and no bound is beaten', () => {
    fc.assert(
      fc.property(cuts, fc.boolean(), (list, turn) => {
        const named: Cut[] = list.map((c, i) => ({ ...c, key: `k${i}`, label: `L${i}` }));
        const result = nest(named, 1000, 4000, turn);
        expect(result.placed.length).toBe(named.reduce((n, c) => n + c.count, 0));
        for (const p of result.placed) {
          expect(p.acrossMm).toBeGreaterThanOrEqual(0);
          expect(p.acrossMm + p.wideMm).toBeLessThanOrEqual(1000 + 1e-6);
          expect(p.alongMm + p.longMm).toBeLessThanOrEqual(4000 + 1e-6);
          const own = named.find((c) => c.key === p.key)!;
          expect([p.wideMm, p.longMm]).toEqual(
            p.turned ? [own.heightMm, own.widthMm] : [own.widthMm, own.heightMm],
          );
        }
        result.placed.forEach((p, i) => {
          for (const q of result.placed.slice(i + 1)) {
            if (p.roll !== q.roll) continue;
            const apart =
              p.acrossMm + p.wideMm <= q.acrossMm + 1e-6 ||
              q.acrossMm + q.wideMm <= p.acrossMm + 1e-6 ||
              p.alongMm + p.longMm <= q.alongMm + 1e-6 ||
              q.alongMm + q.longMm <= p.alongMm + 1e-6;
            expect(apart).toBe(true);
          }
        });
        expect(result.totalMm).toBeGreaterThanOrEqual(result.leastMm - 1e-6);
        expect(result.leastMm * 1000).toBeGreaterThanOrEqual(
          named.reduce((n, c) => n + c.widthMm * c.heightMm * c.count, 0) - 1e-3,
        );
      }),
      { numRuns: 60 },
    );
  });

  it('no bound is above what rows set side by side take', () => {
    // Cut by construction: rows as long as said, of pieces that lie side by side in the width.
    const rows = fc.array(
      fc.record({
        longMm: fc.integer({ min: 100, max: 3000 }),
        wideMm: fc.array(fc.double({ min: 60, max: 700, noNaN: true }), { minLength: 1, maxLength: 8 }),
      }),
      { minLength: 1, maxLength: 12 },
    );
    fc.assert(
      fc.property(rows, (list) => {
        const made: Cut[] = [];
        let total = 0;
        list.forEach((row, r) => {
          let used = 0;
          row.wideMm.forEach((w, i) => {
            if (used + w > 1050) return;
            used += w;
            made.push({ key: `${r}/${i}`, label: '', widthMm: w, heightMm: row.longMm, count: 1 });
          });
          total += row.longMm;
        });
        expect(cutBound(made, 1050, false)).toBeLessThanOrEqual(total + 1e-6);
        expect(cutBound(made, 1050, true)).toBeLessThanOrEqual(total + 1e-6);
      }),
      { numRuns: 400 },
    );
  });

  // By hand: of 356 mm two lie abreast in 1,050; of 350 mm three do.
  it('the bound knows the widths, and a strip that would lie three abreast is named', () => {
    const strips: Cut[] = [{ key: 'a', label: 'A', widthMm: 356, heightMm: 2500, count: 12 }];
    const now = nest(strips, 1050, 50_000, true);
    expect(now.totalMm).toBe(15_000);
    expect(now.leastMm).toBe(15_000);
    expect(cutHint(strips, 1050, 50_000, true, now)).toEqual({
      abreast: 3,
      lowerMm: 6,
      pieces: 12,
      savesMm: 5_000,
    });
    const three = [{ ...strips[0]!, widthMm: 350 }];
    expect(cutHint(three, 1050, 50_000, true, nest(three, 1050, 50_000, true))).toBeUndefined();
  });

  it('pieces that fill a roll exactly are set without waste', () => {
    const result = nest(
      [{ key: 'a', label: 'A', widthMm: 500, heightMm: 700, count: 8 }],
      1000,
      10_000,
      false,
    );
    expect(result.totalMm).toBe(2800);
    expect(result.totalMm).toBe(result.leastMm);
    expect(result.waste).toBeCloseTo(0, 12);
  });

  it('what is wider than the roll is left and named', () => {
    const result = nest(
      [{ key: 'a', label: 'A', widthMm: 1200, heightMm: 1100, count: 1 }],
      1000,
      10_000,
      true,
    );
    expect(result.left.map((c) => c.label)).toEqual(['A']);
  });
});

describe('rules for details', () => {
  it('a build-up’s own rules come before those of its family', () => {
    const own = { ...typicalDetails(catalogue()[0]!), footMm: { value: 250, source: 'data sheet' as const } };
    const buildUp = { ...catalogue()[0]!, details: own };
    expect(detailRulesOf(buildUp).footMm.value).toBe(250);
    const w = work(everything(), 'outlet', buildUp);
    // The square is at least as wide as outlet and feet: 100 + 2 × 250.
    expect(w.pieces.find((p) => p.name.startsWith('Outlet square'))!.measures['side']).toBe(600);
  });
});
