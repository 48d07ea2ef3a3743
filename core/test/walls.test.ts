/** Walls below ground and flights of stairs as zones of their own. Figures worked by hand; rules common practice, no source. */
import { describe, expect, it } from 'vitest';
import { catalogue } from '@lentum/core/buildup';
import { knownSlopeOf } from '@lentum/core/choosing';
import { DEFAULT_COURSES, layoutsOf } from '@lentum/core/courses';
import { detailSchedule } from '@lentum/core/details';
import { FAMILIES, FAMILY_KEYS, SUBSTRATES } from '@lentum/core/family';
import { verdictText } from '@lentum/core/figures';
import { areaOf } from '@lentum/core/geometry';
import { DEFAULT_ORDER, takeoff } from '@lentum/core/order';
import { FIXED_ITEMS, inspectionFor, readiness } from '@lentum/core/readiness';
import { againstWords, laidAgainst } from '@lentum/core/state';
import {
  edgeOf,
  withUse,
  zoneQuantities,
  zoneSchema,
  type EdgeKind,
  type Zone,
  type ZoneUse,
} from '@lentum/core/survey';
import { bayLines } from '@lentum/core/site';
import { risingArea } from '../src/details/areas.ts';
import { evaluate } from './support/formula.ts';
import {
  at,
  coated,
  coatsOf,
  detailsMade,
  gateOf,
  inputsFor,
  moisture,
  NOW,
  prepared,
  pulled,
  reading,
  recordOf,
  stateFor,
  told,
  type GateJob,
  type Told,
} from './support/gatejob.ts';
import { built, docFor } from './support/roofs.ts';
import { corners, pointsZone } from './support/zones.ts';

const sides = (...kinds: EdgeKind[]) => kinds.map((kind) => ({ edge: edgeOf(kind), riseM: 0 }));
/** A basement wall 12 m long and 3 m high, drawn as one looks at it. */
const wall = (more: Partial<Zone> = {}): Zone =>
  pointsZone(corners(12, 3), {
    use: 'wall',
    sides: sides('footing', 'free', 'wall-top', 'free'),
    substrate: { kind: 'concrete-old' },
    findings: inspectionFor(SUBSTRATES['concrete-old'], undefined, 'wall').map((i) => ({
      ...{ item: i.key, answer: i.good, note: '' },
    })),
    ...more,
  });
const judged = (zone: Zone, family: (typeof FAMILY_KEYS)[number]) => {
  const r = readiness({ zone, family, falls: undefined, school: 'always', nowMs: NOW });
  if (!r.ok) throw new Error('not judged');
  return r.value;
};

describe('which families go on it', () => {
  it.each([
    ['wall', ['BITEM', 'CEMENT', 'SA2', 'TORCH2', 'HOT']],
    // Walked on as they are; mineral and bitumen ones below tiles.
    ['stairs', ['PU-DECK', 'PMMA', 'TRAFFIC', 'BITEM', 'CEMENT', 'SA2', 'TORCH2', 'HOT', 'TRAFFIC2', 'GRP']],
  ] as const)('%s', (use, may) => {
    const free = FAMILY_KEYS.filter(
      (f) => !judged(wall({ use }), f).reasons.some((r) => r.rule === use && r.weight === 'hold'),
    );
    expect(free).toEqual(may);
    // What it cannot tell it does not refuse: it asks.
    const other = judged(wall({ use }), 'SILICONE').reasons.find((r) => r.rule === use);
    expect(other).toMatchObject({ weight: 'hold', facts: { unknown: true } });
  });
  it('a roof is asked none of it', () => {
    const { use: _, ...flat } = wall();
    for (const f of FAMILY_KEYS) expect(judged(flat, f).reasons.map((r) => r.rule)).not.toContain('wall');
  });
});

describe('what is asked of it', () => {
  const keys = (use?: ZoneUse) =>
    inspectionFor(SUBSTRATES['concrete-old'], FAMILIES.CEMENT, use).map((i) => i.key);
  it('the excavation of a wall, by a competent person alone; outlets of a roof alone', () => {
    expect(keys('wall')).toContain('excavation');
    expect(FIXED_ITEMS.has('excavation')).toBe(true);
    expect(keys('wall')).not.toContain('outlets-work');
    expect(keys('stairs')).not.toContain('excavation');
    expect(keys()).toContain('outlets-work');
    expect(keys()).not.toContain('excavation');
  });
  it('nobody goes in where the sides are not shored', () => {
    const bad = wall({
      findings: wall().findings.map((f) => (f.item === 'excavation' ? { ...f, answer: 'no' as const } : f)),
    });
    expect(judged(bad, 'CEMENT').reasons.find((r) => r.facts.item === 'excavation')).toMatchObject({
      weight: 'hold',
    });
  });
  it('no falls: a family that must not stand under water needs no levels there', () => {
    const { use: _, ...flat } = wall();
    const rules = (z: Zone) => judged(z, 'BITEM').reasons.map((r) => r.rule);
    expect(rules(flat)).toContain('no-levels');
    expect(rules(wall())).not.toContain('no-levels');
  });
});

describe('its quantities', () => {
  it('a fillet at its foot is formed with the preparation', () => {
    const step = judged(wall(), 'CEMENT').steps.find((s) => s.key === 'fillets')!;
    expect(step.what).toBe('Form fillets at the foot of walls');
    expect(step.quantity?.value).toBeCloseTo(12, 9);
  });
  it('are those of the wall as it stands, whatever fall was typed when it was a roof', () => {
    const q = zoneQuantities(wall({ fallPct: 100 }));
    if (!q.ok) throw new Error('no quantities');
    expect(q.value.slopeArea.value).toBeCloseTo(36, 9);
    expect(evaluate(q.value.slopeArea)).toBeCloseTo(36, 9);
  });
  it('count as steep as it gets', () => {
    expect(knownSlopeOf(wall())).toBe(300);
    const coat = coatsOf(catalogue().find((b) => coatsOf(b).some((c) => c.thickener))!).find(
      (c) => c.thickener,
    )!;
    const q = zoneQuantities(wall());
    if (!q.ok) throw new Error('no quantities');
    const lines = bayLines(coat, catalogue()[0]!, q.value.slopeArea, {
      ...{ slopePct: knownSlopeOf(wall())!, surfaceC: undefined, crackMm: undefined },
    });
    expect(lines.find((l) => l.name === coat.thickener!.name)?.note).toBe('for what stands upright');
  });
});

describe('courses', () => {
  const b = built('torched-two-ply');
  it('run up the wall, as long as it is high', () => {
    const bare = wall({ sides: sides('footing', 'unsaid', 'wall-top', 'unsaid') });
    for (const layout of layoutsOf(bare, b, DEFAULT_COURSES)) {
      expect(layout.planes).toHaveLength(1);
      expect(layout.planes[0]!.laying.runs).toBe('up the fall');
      expect(verdictText(layout.planes[0]!.laying.says, 'metric', String)).toBe(
        'up the wall, as is usual: a bar holds their heads',
      );
      // Nothing is longer than it was measured.
      expect(layout.planes.reduce((sum, p) => sum + areaOf(p.area), 0)).toBeCloseTo(36, 6);
    }
  });
  it('a flight of stairs has none of that', () => {
    const flight = layoutsOf(wall({ use: 'stairs' }), b, DEFAULT_COURSES);
    expect(flight.map((l) => l.planes[0]!.laying.runs)).not.toContain('up the fall');
  });
});

describe('its details', () => {
  const zone = wall();
  const doc = docFor([zone], built('torched-two-ply'));
  const made = detailSchedule({ zones: [zone] }, doc).zones[0]!.work;
  const of = (kind: string) => made.filter((w) => w.detail.kind === kind);
  it('foot, fillet, end and bar, each along the wall', () => {
    for (const kind of ['wall-foot', 'fillet', 'wall-end', 'bar']) {
      expect(of(kind)).toHaveLength(1);
      expect(of(kind)[0]!.detail.length?.value).toBeCloseTo(12, 9);
    }
  });
  it('the strip of the foot goes from the footing over the fillet and up the wall', () => {
    const { detail, pieces, made: by } = of('wall-foot')[0]!;
    const { footMm, filletLegMm } = by.rules;
    const cant = filletLegMm.value * (Math.SQRT2 - 1);
    // On to the footing, over the fillet instead of round its corner, up the wall.
    const flat = 150 + filletLegMm.value + footMm.value + cant;
    const first = pieces.filter((p) => p.ply === 0);
    expect(first[0]!.measures['width']).toBeCloseTo(flat, 6);
    const rising = risingArea(detail, by.rules)!;
    expect(rising.value).toBeCloseTo(12 * 0.15, 9);
    expect(evaluate(rising)).toBeCloseTo(1.8, 9);
  });
  it('without a bar there is none, into a chase the strip is turned in', () => {
    const chased = wall();
    chased.sides[2] = { edge: { kind: 'wall-top', termination: 'chase' }, riseM: 0 };
    const works = detailSchedule({ zones: [chased] }, docFor([chased], built('torched-two-ply'))).zones[0]!
      .work;
    expect(works.map((w) => w.detail.kind)).not.toContain('bar');
    expect(works.find((w) => w.detail.kind === 'wall-end')!.detail.sizes['overMm']).toBe(30);
  });
  it('the order has its bar, with fixings, and what goes on to the footing', () => {
    const { lines } = takeoff({ zones: [zone] }, doc, DEFAULT_ORDER);
    const names = lines.map((l) => l.item.name.toLowerCase()).join('; ');
    expect(names).toMatch(/termination bar/);
    expect(names).toMatch(/fasteners for bars/);
  });
});

describe('a zone becomes a wall', () => {
  it('sides that a wall cannot have are asked for again, the rest stays', () => {
    const roof = wall({ sides: sides('gutter', 'upstand', 'drip', 'free') });
    const as = withUse(roof, 'wall');
    expect(as.sides.map((s) => s.edge.kind)).toEqual(['unsaid', 'upstand', 'unsaid', 'free']);
    expect(as.use).toBe('wall');
    expect('use' in withUse(as, 'roof')).toBe(false);
  });
  it('is kept with the survey; a roof says nothing', () => {
    expect(zoneSchema.parse(wall()).use).toBe('wall');
    expect(zoneSchema.safeParse({ ...wall(), use: 'roof' }).success).toBe(false);
  });
});

describe('opened to backfill and tiles', () => {
  // Its drainage mat is not laid yet where a test does not say so.
  const earth = built('flexible-mineral', { cover: 'earth' });
  const mineral = { ...earth, choices: [], layers: earth.layers.filter((l) => l.kind !== 'protection') };
  const coats = coatsOf(mineral);
  const done = (hoursAgo: number, ...more: Told[]): Told[] => [
    ...[moisture(3.5, hoursAgo + 105), pulled(hoursAgo + 105), prepared(hoursAgo + 100), reading()],
    detailsMade(hoursAgo + 1),
    ...coats.map((c, i) => coated(mineral, c.id, hoursAgo + (coats.length - 1 - i) * 24)),
    ...more,
  ];
  const opened = (to: 'backfill' | 'tiles', hoursAgo: number): Told =>
    told('opening', -hoursAgo, { at: at(-hoursAgo), to, step: 'opened' });
  const job = (entries: Told[], use: ZoneUse | undefined = 'wall'): GateJob => ({
    buildUp: mineral,
    entries,
    zone: {
      ...(use === undefined ? {} : { use: use as 'wall' }),
      sides: sides('footing', 'free', 'wall-top', 'free'),
    },
  });
  const gates = (g: GateJob) =>
    stateFor(g)
      .calls[0]!.gates.filter((x) => x.group === 'opening')
      .map((x) => x.key);

  it('a wall is not walked on, driven on or flooded', () => {
    expect(gates(job(done(200)))).toEqual(['opening/rain', 'opening/backfill']);
  });
  // The last coat carries a load after 72 h at 20 °C.
  it.each([
    ['before the cure', done(60), 'broken'],
    ['after it, not opened', done(100), 'unknown'],
    ['opened', done(100, opened('backfill', 1)), 'holds'],
    ['opened too early', done(60, opened('backfill', 1)), 'broken'],
  ])('backfill %s', (_, entries, answer) => {
    expect(gateOf(job(entries), 'opening/backfill')?.answer).toBe(answer);
  });
  it('against a sheet it is opened once it was looked at: nothing cures', () => {
    const two = built('torched-two-ply');
    const sheet = two.layers.find((l) => l.kind === 'sheet')!;
    const alone = { ...two, choices: [], layers: [sheet] };
    const laid: Told = told('ply', -5, {
      ...{ buildUpId: alone.id, revision: alone.revision, layerId: sheet.id },
      ...{ startedAt: at(-6), finishedAt: at(-5), used: 1, batch: 'A', looked: true },
    });
    const of = (...more: Told[]): GateJob => ({
      ...job([moisture(3.5, 30), prepared(20), reading(), laid, ...more]),
      buildUp: alone,
    });
    expect(gateOf(of(), 'opening/backfill')?.answer).toBe('unknown');
    expect(gateOf(of(opened('backfill', 1)), 'opening/backfill')?.answer).toBe('holds');
  });
  it('an opening before its time is kept and flagged', () => {
    const of = job(done(60, opened('backfill', 1)));
    const state = stateFor(of);
    const { id } = recordOf(of.entries!).find((e) => e.entry.kind === 'opening')!.entry;
    const entry = inputsFor(of).book.seen.get(id)!;
    expect(againstWords(laidAgainst(state, entry), undefined, 'metric', String, 'opened')).toEqual([
      expect.stringMatching(/^H1 opened against: backfill \(from /),
    ]);
  });
});
