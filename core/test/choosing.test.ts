import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  catalogue,
  costOfLayer,
  costs,
  resolve,
  totals,
  waysToLay,
  type BuildUp,
  type Coat,
} from '@lentum/core/buildup';
import {
  conditionsOf,
  judgeBuildUp,
  measure,
  rank,
  RANK_RULES,
  readinessByFamily,
  schedule,
  upkeepOver,
  type Pace,
  type Situation,
} from '@lentum/core/choosing';
import type { SubstrateKey } from '@lentum/core/family';
import { verdictText } from '@lentum/core/figures';
import { sentence } from '@lentum/core/problems';
import { blankZone, type Zone } from '@lentum/core/survey';
import { evaluate } from './support/formula.ts';

const copy = <T>(v: T): T => JSON.parse(JSON.stringify(v)) as T;
const page = (id: string): BuildUp => copy(catalogue().find((b) => b.id === id)!);
const PACE: Pace = { areaM2: 100, tempC: 20, humidityPct: 50, crews: 1, hoursPerDay: 8 };
const now = Date.parse('2026-05-12T09:00:00Z');

describe('cost of material (worked by hand)', () => {
  it('a coat takes the container that is cheapest for what is in it', () => {
    // 1.85 kg/m² out of 25 kg at 215: 215 / 25 = 8.60 a kg; the 5 kg pail is 9.80.
    const first = page('reinforced-polyurethane').layers.find((l) => l.id === 'first')!;
    expect(costOfLayer(first)?.value).toBeCloseTo(15.91, 9);
  });
  it('a rate by volume out of a container by mass goes through the density', () => {
    const coat = copy(page('reinforced-polyurethane').layers.find((l) => l.id === 'first')) as Coat;
    coat.rate = { basis: 'volume', value: 1, source: 'typical' };
    // 1 L/m² weighs 1.3 kg/m²: 1.3 × 8.60.
    expect(costOfLayer(coat)?.value).toBeCloseTo(11.18, 9);
  });
  it('fabric pays for its laps', () => {
    // 80 over (1.05 − 0.075) × (50 − 0.1) m².
    const fleece = page('reinforced-polyurethane').layers.find((l) => l.id === 'fleece')!;
    expect(costOfLayer(fleece)?.value).toBeCloseTo(80 / (0.975 * 49.9), 9);
  });
  it('what is thrown is paid for: 4.2 kg/m² at 28 for 25 kg', () =>
    expect(
      costOfLayer(page('methacrylate-terrace').layers.find((l) => l.id === 'quartz')!)?.value,
    ).toBeCloseTo(4.704, 9));
  it('layers without a price are named, not counted as nothing', () => {
    const b = page('two-coat-silicone');
    for (const l of b.layers)
      if (l.kind === 'coat' && l.id === 'top') for (const c of l.containers) delete c.price;
    expect(costs(resolve(b)).unpriced).toEqual(['Top coat, white']);
  });
  it('what keeps to edges, fasteners or rust is no part of a square metre, and is named', () => {
    const keeping = catalogue().filter((b) => b.layers.some((l) => l.kind === 'coat' && l.treats));
    expect(keeping.length).toBeGreaterThan(0);
    for (const b of keeping) {
      const whole = resolve(b);
      const field = { ...whole, layers: whole.layers.filter((l) => !(l.kind === 'coat' && l.treats)) };
      const names = whole.layers.filter((l) => !field.layers.includes(l)).map((l) => l.name);
      expect(costs(whole).places).toEqual(names);
      expect(costs(whole).perM2.value).toBe(costs(field).perM2.value);
      const [a, c] = [totals(whole), totals(field)];
      for (const key of ['membraneDry', 'dry', 'thickness', 'weight'] as const)
        expect(a[key].value).toBe(c[key].value);
    }
  });
  it('every working gives its figure', () => {
    for (const b of catalogue())
      for (const terms of waysToLay(b)) {
        const { perM2, unpriced } = costs(resolve(b, terms));
        expect(evaluate(perM2)).toBeCloseTo(perM2.value, 9);
        expect(unpriced).toEqual([]);
      }
  });
});

describe('the schedule', () => {
  const coat = (outputM2PerH: number, overcoatH: number): Coat => {
    const c = copy(page('latent-polyurethane').layers.find((l) => l.id === 'second')) as Coat;
    c.outputM2PerH = { value: outputM2PerH, source: 'typical' };
    const t = { source: 'typical' as const, points: [{ atC: 0, hours: overcoatH }] };
    c.cure = { touch: t, rainSafe: t, overcoatFrom: t, foot: t };
    return c;
  };
  const of = (...coats: Coat[]): BuildUp => ({
    ...page('latent-polyurethane'),
    layers: coats.map((c, i) => ({ ...c, id: `c${i}` })),
  });
  it.each<[string, BuildUp, Partial<Pace>, number, number]>([
    // 100 m² at 25 an hour are 4 h; two of them fit in a day of 8 when the first may be overcoated at once.
    ['two quick coats in a day', of(coat(25, 0.01), coat(25, 0.01)), {}, 1, 1],
    // The first bay is ready 10 h after the start: past the working day, so the second coat is tomorrow's.
    ['a night between', of(coat(25, 10), coat(25, 10)), {}, 2, 2],
    // 20 h of work take three days of 8 by themselves.
    ['more work than a day', of(coat(5, 0.01)), {}, 3, 3],
    ['two crews halve it', of(coat(5, 0.01)), { crews: 2 }, 2, 2],
    // Laid by the end of hour 4, walked on 30 h later.
    ['feet wait for cure', of(coat(25, 30)), {}, 1, 2],
  ])('%s', (_, b, pace, days, toFeet) => {
    const s = schedule(b, { ...PACE, ...pace });
    expect(s.ok && [s.value.days.value, s.value.toFeet?.value]).toEqual([days, toFeet]);
  });
  it('what is laid into a coat is laid with it: 100 m² at 25 and at 60 an hour', () => {
    const s = schedule(resolve(page('reinforced-polyurethane')), PACE);
    expect(s.ok && s.value.laid.map((l) => [l.layer.id, Number(l.workH.toFixed(3))])).toEqual([
      ['primer', 1.667],
      ['first', 5.667],
      ['second', 2.222],
    ]);
  });
  it('below the cure table there is none, and the sentence says why', () => {
    const s = schedule(resolve(page('reinforced-polyurethane')), { ...PACE, tempC: 2 });
    expect(s.ok ? '' : s.problems.map(sentence).join('')).toContain(
      'Primer, temperature: 2 °C is out of range; expected at least 5 °C: below it the cure stands still.',
    );
  });
  it('no layer is begun before the one below may be overcoated, none in the night, and more crews are never slower', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...catalogue()),
        fc.double({ min: 1, max: 800, noNaN: true }),
        fc.integer({ min: 1, max: 4 }),
        fc.integer({ min: 4, max: 12 }),
        (b, areaM2, crews, hoursPerDay) => {
          const pace = { ...PACE, areaM2, crews, hoursPerDay };
          const s = schedule(resolve(b), pace);
          if (!s.ok) throw new Error('20 °C is in every table');
          s.value.laid.forEach((l, i) => {
            expect(l.startH % 24).toBeLessThanOrEqual(hoursPerDay + 1e-9);
            expect(l.startH).toBeGreaterThanOrEqual((s.value.laid[i - 1]?.startH ?? 0) - 1e-9);
            expect(l.finishH).toBeGreaterThanOrEqual(l.startH);
          });
          const more = schedule(resolve(b), { ...pace, crews: crews + 1 });
          expect(more.ok && more.value.days.value).toBeLessThanOrEqual(s.value.days.value);
          expect(evaluate(s.value.days)).toBe(s.value.days.value);
          expect(evaluate(s.value.workHours)).toBeCloseTo(s.value.workHours.value, 9);
        },
      ),
    ));
});

describe('upkeep over thirty years, counted year by year apart from the code', () => {
  function byYears(
    life: number,
    every: number | undefined,
    years: number,
  ): [recoats: number, renewals: number] {
    let [recoats, renewals, born] = [0, 0, 0];
    for (let y = 1; y < years; y += 1) {
      if (y - born === life) {
        renewals += 1;
        born = y;
      } else if (every !== undefined && (y - born) % every === 0) recoats += 1;
    }
    return [recoats, renewals];
  }
  it.each([
    [25, 12],
    [20, 6],
    [15, 5],
    [30, 20],
    [40, undefined],
    [10, 3],
    [30, 30],
  ])('lasts %d years, coated every %s', (life, every) => {
    const b = page('two-coat-silicone');
    b.upkeep!.lifeYears.value = life;
    if (every === undefined) delete b.upkeep!.recoatYears;
    else b.upkeep!.recoatYears!.value = every;
    const u = upkeepOver(resolve(b))!;
    expect([u.recoats.value, u.renewals.value]).toEqual(byYears(life, every, 30));
    for (const figure of [u.recoats, u.renewals, u.inspections, u.costPerM2])
      expect(evaluate(figure)).toBeCloseTo(figure.value, 9);
  });
  it('silicone, 30 years: one recoat of a top coat of 0.7 L at 2150 for 200 L', () =>
    expect(upkeepOver(resolve(page('two-coat-silicone')))!.costPerM2.value).toBeCloseTo(
      (0.7 * 2150) / 200,
      9,
    ));
});

const zone = (kind: SubstrateKey, more: Partial<Zone> = {}): Zone => ({
  ...blankZone({
    id: 'z',
    code: 'Z',
    name: 'Zone',
    outline: {
      kind: 'points',
      origin: 'typed',
      points: [
        [0, 0],
        [10, 0],
        [10, 10],
        [0, 10],
      ],
    },
  }),
  substrate: { kind },
  ...more,
});
const situation = (z: Zone, more: Partial<Situation> = {}): Situation => ({
  pace: PACE,
  substrate: z.substrate?.kind,
  readiness: readinessByFamily(z, undefined, 'always', now),
  traffic: 'no',
  exposure: 'exposed',
  ponds: false,
  slopePct: 2,
  coldestC: 12,
  warmestC: 28,
  dryHours: 24,
  daysAllowed: undefined,
  zoneConditions: [],
  ...more,
});
const reasons = (id: string, s: Situation): string =>
  judgeBuildUp(page(id), s)
    .reasons.map((r) =>
      `${r.suits} ${r.rule}: ${verdictText(r.says, 'metric', String)}`.replaceAll('\u00a0', ' '),
    )
    .join('\n');

describe('choosing', () => {
  const metal = zone('metal');
  it.each<[string, string, Situation, string]>([
    [
      'a pocket for a field',
      'penetration-pocket',
      situation(metal),
      'unsuitable field: It closes penetrations one by one; it is no membrane for an area.',
    ],
    [
      'no substrate yet',
      'two-coat-silicone',
      situation(metal, { readiness: new Map() }),
      'conditional readiness: The survey does not say yet what there is to coat.',
    ],
    [
      'a family that does not go there',
      'flexible-mineral',
      situation(metal),
      'unsuitable readiness: Substrate: Flexible mineral thick coat does not go on metal sheet',
    ],
    [
      'wheels on a footway',
      'pedestrian-deck',
      situation(zone('concrete-old'), { traffic: 'wheels' }),
      'unsuitable traffic: It carries foot traffic only, not wheels.',
    ],
    [
      'feet on a deck for wheels',
      'vehicular-deck',
      situation(zone('concrete-old'), { traffic: 'feet' }),
      'suitable traffic: It carries foot traffic.',
    ],
    [
      'open where it must be covered',
      'hot-rubberised',
      situation(zone('concrete-old')),
      'unsuitable exposure: It must be covered; here it stays open to the sun.',
    ],
    [
      'covered where it is made to be seen',
      'two-coat-silicone',
      situation(metal, { exposure: 'covered' }),
      'conditional exposure: It is made to be seen',
    ],
    [
      'water on a water-based coat',
      'elastomeric-acrylic',
      situation(metal, { ponds: true }),
      'unsuitable ponding: Water-based elastomeric must not stand under water, and water stays here.',
    ],
    [
      'water on silicone',
      'two-coat-silicone',
      situation(metal, { ponds: true }),
      'suitable ponding: Two-coat silicone stands ponding.',
    ],
    [
      'water on sheets',
      'self-adhered-two-ply',
      situation(metal, { ponds: true }),
      'conditional ponding: Two-ply self-adhered sheet stands water for two days, not for good',
    ],
    [
      'too steep',
      'elastomeric-acrylic',
      situation(metal, { slopePct: 400 }),
      'unsuitable slope: 400.00 % is steeper than 300.00 %, the most for it.',
    ],
    [
      'too flat',
      'elastomeric-acrylic',
      situation(metal, { slopePct: 1 }),
      'conditional slope: 1.00 % is flatter than the 2.00 % its family wants: increase the fall first.',
    ],
    [
      'a season too cold',
      'elastomeric-acrylic',
      situation(metal, { coldestC: -4, warmestC: 6 }),
      'unsuitable season: It needs 10.0 °C; the season’s warmest is 6.0 °C.',
    ],
    [
      'cold mornings',
      'elastomeric-acrylic',
      situation(metal, { coldestC: 4 }),
      'conditional season: It needs 10.0 °C; days at 4.0 °C are lost.',
    ],
    [
      'hot middays',
      'methacrylate-terrace',
      situation(zone('concrete-old'), { warmestC: 45 }),
      'conditional season: It may be laid up to 35.0 °C; middays at 45.0 °C are lost.',
    ],
    [
      'few dry hours',
      'elastomeric-acrylic',
      situation(metal, { dryHours: 3 }),
      'conditional rain: It must stay dry for',
    ],
    [
      'too little time',
      'reinforced-polyurethane',
      situation(zone('concrete-old'), { daysAllowed: 1 }),
      'unsuitable time: Open after',
    ],
    [
      'time enough',
      'methacrylate-terrace',
      situation(zone('concrete-old'), { daysAllowed: 5 }),
      'suitable time: Open after',
    ],
    [
      'too cold for any cure',
      'elastomeric-acrylic',
      situation(metal, { pace: { ...PACE, tempC: 3 } }),
      'unsuitable time: Bleed-blocking primer, temperature: 3 °C is out of range',
    ],
    [
      'layers that clash with the ground',
      'two-coat-silicone',
      situation(zone('bitumen-smooth'), {}),
      'suitable season',
    ],
  ])('%s', (_, id, s, words) => expect(reasons(id, s)).toContain(words));
  it('white silicone without its bleed block on bitumen is unsuitable, with it it is not', () => {
    const s = situation(zone('bitumen-smooth', { fallPct: 2 }));
    expect(judgeBuildUp(page('two-coat-silicone'), s, { primer: 'none' }).suits).toBe('unsuitable');
    expect(judgeBuildUp(page('two-coat-silicone'), s).suits).not.toBe('unsuitable');
  });
  it('ranks what suits first and never loses one', () => {
    const ranked = rank(catalogue(), situation(metal));
    expect(ranked.length).toBe(catalogue().length);
    const order = ranked.map((r) => ['suitable', 'conditional', 'unsuitable'].indexOf(r.suits));
    expect(order).toEqual([...order].sort((a, b) => a - b));
    expect(ranked.filter((r) => r.suits === 'unsuitable').map((r) => r.buildUp.id)).toContain(
      'penetration-pocket',
    );
    for (const r of ranked) expect(r.suits === 'suitable' || r.reasons.length > 0).toBe(true);
  });
  it('more time allowed, more warmth or more dry hours never make one less suitable', () =>
    fc.assert(
      fc.property(
        fc.constantFrom(...catalogue()),
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 1, max: 30 }),
        fc.integer({ min: 0, max: 48 }),
        fc.integer({ min: 0, max: 48 }),
        (b, days, moreDays, dry, moreDry) => {
          const rankOf = (d: number, h: number): number =>
            ['unsuitable', 'conditional', 'suitable'].indexOf(
              judgeBuildUp(b, situation(metal, { daysAllowed: d, dryHours: h })).suits,
            );
          expect(rankOf(days + moreDays, dry + moreDry)).toBeGreaterThanOrEqual(rankOf(days, dry));
        },
      ),
      { numRuns: 60 },
    ));
  it('every rule asks something', () => {
    for (const r of RANK_RULES) expect(r.asks).toMatch(/\?$/);
    expect(new Set(RANK_RULES.map((r) => r.id)).size).toBe(RANK_RULES.length);
  });
});

describe('side by side for a terrace of 212 m²', () => {
  const pace = { ...PACE, areaM2: 212 };
  const pmma = measure(resolve(page('methacrylate-terrace')), pace);
  const pu = measure(resolve(page('reinforced-polyurethane')), pace);
  it('material is weight times area', () => {
    expect(pmma.material.value).toBeCloseTo(pmma.weightPerM2.value * 212, 6);
    expect(evaluate(pmma.material)).toBeCloseTo(pmma.material.value, 6);
    expect(evaluate(pu.cost)).toBeCloseTo(pu.cost.value, 6);
  });
  it('the strictest layer sets the temperatures, the slowest the rain', () => {
    expect([pmma.leastC?.value, pmma.mostC?.value]).toEqual([3, 35]);
    expect(pu.leastC?.value).toBe(5);
    expect([pu.dewMarginK?.value, pu.humidityMaxPct?.value, pmma.humidityMaxPct?.value]).toEqual([3, 85, 90]);
    // Wear coat: 0.66 h at 20 °C.
    expect(pmma.rainSafeH?.value).toBeCloseTo(0.66, 9);
  });
  it('the methacrylate is walked on sooner after its last coat: it asks for no night between', () => {
    const wait = (m: typeof pmma): number => m.schedule!.toFeet!.value - m.schedule!.days.value;
    expect(wait(pmma)).toBeLessThanOrEqual(wait(pu));
    const noWork = { ...PACE, areaM2: 1 };
    const days = (id: string): number => measure(resolve(page(id)), noWork).schedule!.toFeet!.value;
    expect(days('methacrylate-terrace')).toBe(1);
    expect(days('reinforced-polyurethane')).toBeGreaterThan(1);
  });
});

describe('conditions from the survey', () => {
  const found = (z: Zone, wheels = false): string[] =>
    conditionsOf(z, undefined, wheels).map((c) =>
      `${c.condition}: ${verdictText(c.says, 'metric', String)}`.replaceAll('\u00a0', ' '),
    );
  const profile = (value: number) => ({
    id: `t${value}`,
    kind: 'profile' as const,
    takenAt: '2026-05-01T08:00:00Z',
    instrument: 'chips',
    value,
    unprimed: false,
    note: '',
  });
  it.each<[string, Zone, boolean, string[]]>([
    ['flat concrete', zone('concrete-old', { fallPct: 2 }), false, []],
    [
      'a slope',
      zone('concrete-old', { fallPct: 5 }),
      false,
      ['slope: the fall is 5.00 %, a slope from 5.00 %'],
    ],
    [
      'a driven slope is a ramp too',
      zone('concrete-old', { fallPct: 8 }),
      true,
      ['slope: the fall is 8.00 %, a slope from 5.00 %', 'ramp: wheels go up 8.00 %, a ramp from 6.00 %'],
    ],
    [
      'a rough profile',
      zone('concrete-old', { tests: [profile(3), profile(6)] }),
      false,
      ['rough: surface profile 6, rough from 5'],
    ],
    [
      'granules',
      zone('bitumen-granules'),
      false,
      ['rough: bitumen sheet with granules has more surface than its plan'],
    ],
    ['boards', zone('boards'), false, ['absorbent: plywood or boards drinks']],
    ['nothing said', { ...zone('metal'), substrate: undefined }, true, []],
  ])('%s', (_, z, wheels, words) => expect(found(z, wheels)).toEqual(words));
});
