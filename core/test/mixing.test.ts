/** Mix and kettle cards, bays and the order in which they are laid. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { catalogue, catalystAt, coatWhen, isCoat, resolve, type Coat } from '@lentum/core/buildup';
import { areaOf, distanceToPiece, type Point } from '@lentum/core/geometry';
import { verdictText } from '@lentum/core/figures';
import { sentence } from '@lentum/core/problems';
import {
  bayAreaM2,
  bayRoute,
  jointsOf,
  kettleCard,
  LIES,
  mixCard,
  splitZone,
  type Bay,
  type MixCard,
  type MixTerms,
} from '@lentum/core/site';
import { practiceOf } from '@lentum/core/practice';
import { setOut, zoneQuantities, type Zone } from '@lentum/core/survey';
import { evaluate } from './support/formula.ts';
import { corners, pointsZone, rect } from './support/zones.ts';

const layer = (family: string, id: string): Coat => {
  const buildUp = catalogue().find((b) => b.family === family)!;
  const found = resolve(buildUp).layers.find((l) => l.id === id);
  if (!found || !isCoat(found)) throw new Error(`no coat ${id}`);
  return found;
};
const NOW = Date.parse('2026-05-12T09:30:00Z');
const membrane = layer('PMMA', 'membrane');
const terms = { tempC: 18, slopePct: 0, areaLeftM2: 50, people: 2 };
/** Surface and resin alike, read just now, where nothing else is said. */
const asRead = ({ tempC, ...more }: typeof terms): MixTerms => ({
  ...more,
  surface: { tempC, atMs: NOW },
  resin: { tempC, atMs: NOW },
  nowMs: NOW,
});
const card = (coat: Coat, more: Partial<typeof terms> = {}): MixCard => {
  const found = mixCard(coat, asRead({ ...terms, ...more }));
  if (!found.ok) throw new Error(found.problems.map(sentence).join(' '));
  return found.value;
};
const refusal = (coat: Coat, more: Partial<typeof terms> = {}): string => {
  const found = mixCard(coat, asRead({ ...terms, ...more }));
  return found.ok ? '' : found.problems.map(sentence).join(' ');
};
const figuresOf = (c: MixCard) => [
  c.batch,
  c.volume,
  c.covers,
  c.film,
  c.potLife,
  ...c.limits.map((l) => l.mass),
  ...c.parts.flatMap((p) => [p.mass, p.volume]),
  ...(c.catalyst ? [c.catalyst.mass] : []),
  ...(c.thickener ? [c.thickener.mass] : []),
  ...(c.thinner ? [c.thinner.volume] : []),
  ...(c.kit ? [c.kit.share] : []),
];

describe('the mix card', () => {
  it.each([5, 18, 28])(
    'at %d °C: catalyst by the table, no more than pot life, area and maker allow',
    (tempC) => {
      const c = card(membrane, { tempC });
      const percent = catalystAt(membrane, tempC);
      if (!percent.ok) throw new Error('no catalyst');
      expect(c.catalyst!.mass.value).toBeCloseTo((c.batch.value * percent.value.value) / 100, 9);
      for (const l of c.limits) expect(c.batch.value).toBeLessThanOrEqual(l.mass.value + 1e-9);
      expect(c.batch.value).toBe(c.limits[0]!.mass.value);
      for (const f of figuresOf(c)) expect(evaluate(f)).toBeCloseTo(f.value, 9);
    },
  );

  it('outside the catalyst table nothing is mixed', () => {
    expect(refusal(membrane, { tempC: 60 })).toMatch(
      /catalyst: 60 °C is out of range; expected a temperature in the table, .* outside it nothing is mixed/,
    );
  });

  it('warmer means a smaller mix where the pot life is what limits it, worked by hand', () => {
    // By hand: pot life less stirring, at so many m² an hour for two, times kg/m².
    const wide = { ...membrane, largestMixKg: undefined } as Coat;
    const [cool, warm] = [card(wide, { tempC: 5 }), card(wide, { tempC: 28 })];
    expect(warm.batch.value).toBeLessThan(cool.batch.value);
    const minutes = warm.potLife.value - membrane.stirring!.minutes.value;
    const area = (minutes / 60) * membrane.outputM2PerH!.value;
    const perM2 = membrane.rate.value;
    expect(membrane.rate.basis).toBe('mass');
    expect(warm.limits[0]!.name).toBe('pot life');
    expect(warm.batch.value).toBeCloseTo(area * perM2, 9);
    expect(card(wide, { tempC: 28, people: 4 }).batch.value).toBeCloseTo(2 * warm.batch.value, 9);
  });

  it('a small area left takes a small mix', () => {
    const c = card(membrane, { areaLeftM2: 1 });
    expect(c.limits[0]!.name).toBe('area left');
    expect(c.covers.value).toBeCloseTo(1, 9);
  });

  it('parts by mass add up to the batch, and the yield to their volumes', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 5, max: 28 }),
        fc.double({ min: 0.5, max: 200, noNaN: true }),
        (tempC, areaLeftM2) => {
          const wear = layer('PMMA', 'wear');
          const c = card(wear, { tempC, areaLeftM2 });
          expect(c.parts.reduce((s, p) => s + p.mass.value, 0)).toBeCloseTo(c.batch.value, 9);
          expect(c.parts.reduce((s, p) => s + p.volume.value, 0)).toBeCloseTo(c.volume.value, 9);
          // Catalyst is based on the resin, not on the filler.
          const resin = c.parts.find((p) => p.id === 'resin')!;
          const percent = catalystAt(wear, tempC);
          if (percent.ok && c.catalyst)
            expect(c.catalyst.mass.value).toBeCloseTo((resin.mass.value * percent.value.value) / 100, 9);
        },
      ),
    );
  });

  it('thickener on a slope with its trial patch; none on the level', () => {
    expect(card(membrane, { slopePct: 40 }).thickener!.trial.value).toBeGreaterThan(0);
    expect(card(membrane).thickener).toBeUndefined();
    const c = card(membrane, { slopePct: 40 });
    expect(c.steps.map((s) => verdictText(s.says, 'metric', () => '')).join(' ')).toContain(
      'patch on the slope',
    );
  });

  it('a kit that is not split: whole kits, or a refusal that says what to change', () => {
    const mineral = layer('CEMENT', 'first');
    const whole: Coat = {
      ...mineral,
      largestMixKg: undefined,
      mix: { ...mineral.mix!, split: 'never' },
    } as Coat;
    const c = card(whole, { areaLeftM2: 1000, people: 8, tempC: 10 });
    expect(c.batch.value % 32).toBeCloseTo(0, 9);
    expect(refusal(whole, { areaLeftM2: 2 })).toMatch(
      /less than one 32 kg kit is out of range; expected more people, or a larger area left: this kit is not split/,
    );
  });

  it('nothing left to lay is said', () => {
    expect(refusal(membrane, { areaLeftM2: 0 })).toContain(
      'expected an area left, and a pot life longer than the stirring',
    );
  });

  it('between the rows of the table only where the maker allows it', () => {
    const points = [
      { fromC: 0, toC: 10, percent: 4 },
      { fromC: 10, toC: 20, percent: 2 },
    ];
    const at = (interpolate: boolean, tempC: number): number => {
      const found = catalystAt({ ...membrane, catalyst: { source: 'typical', interpolate, points } }, tempC);
      return found.ok ? found.value.value : NaN;
    };
    expect([5, 9, 12].map((t) => at(false, t))).toEqual([4, 4, 2]);
    // Middles at 5 and 15 °C: 9 °C is four tenths of the way.
    expect(at(true, 9)).toBeCloseTo(3.2, 12);
    expect(at(true, 5)).toBe(4);
    expect(at(true, 2)).toBe(4);
    expect(at(true, 20)).toBe(2);
  });

  it('every mixed coat of the catalogue has a card at 15 °C', () => {
    for (const buildUp of catalogue())
      for (const l of resolve(buildUp).layers)
        if (isCoat(l) && !l.kettle) {
          const c = card(coatWhen(l, 'rough'), { tempC: 15 });
          for (const f of figuresOf(c)) expect(evaluate(f)).toBeCloseTo(f.value, 9);
        }
  });
});

describe('the kettle card', () => {
  const hot = layer('HOT', 'first');
  it('charge, blocks, melting and what it covers, by hand: 3 mm at 1.15 on 50 m² is 172.5 kg, ten blocks of 18', () => {
    const found = kettleCard(hot, 50);
    if (!found.ok) throw new Error('no card');
    const k = found.value;
    expect(k.blocks!.count.value).toBe(10);
    expect(k.charge.value).toBeCloseTo(180, 9);
    expect(k.covers.value).toBeCloseTo(180 / 1.15 / 3, 9);
    expect(k.probes.value).toBe(6);
    expect(k.from.value).toBeLessThan(k.most.value);
    for (const f of [k.charge, k.blocks!.count, k.melts, k.covers, k.film, k.probes])
      expect(evaluate(f)).toBeCloseTo(f.value, 9);
  });
  it('whole blocks, and never more than the kettle holds', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.integer({ min: 18, max: 900 }),
        (area, holdsKg) => {
          const found = kettleCard(hot, area, { holdsKg });
          if (!found.ok) throw new Error('no card');
          const { charge, blocks } = found.value;
          expect(charge.value).toBeLessThanOrEqual(holdsKg);
          expect(Number.isInteger(blocks!.count.value)).toBe(true);
          expect(charge.value).toBeCloseTo(blocks!.count.value * 18, 9);
        },
      ),
    );
    // The usual kettle of 300 kg: 16 blocks of 18 kg, not 17.
    const full = kettleCard(hot, 1000);
    expect(full.ok && [full.value.blocks!.count.value, full.value.charge.value]).toEqual([16, 288]);
  });
  it('a kettle that does not hold one block is said', () => {
    const found = kettleCard(hot, 10, { holdsKg: 12 });
    expect(found.ok ? '' : sentence(found.problems[0]!)).toMatch(/it holds 12 kg.*one block of 18 kg/);
  });
  it('a cold coat has none, a hot one is not mixed, and nothing left is said', () => {
    for (const found of [kettleCard(membrane, 10), kettleCard(hot, 0)]) expect(found.ok).toBe(false);
    expect(refusal(hot)).toContain('the kettle card');
  });
});

let n = 0;
const ids = (): string => `b${(n += 1)}`;
const first = layer('PU1', 'first');
const pail = { kind: 'container', containerId: 'pail-25' } as const;
const roof = (w: number, h: number, more: Partial<Zone> = {}): Zone => pointsZone(corners(w, h), more);
const bays = (zone: Zone, more: Parameters<typeof splitZone>[4] = {}): Bay[] => {
  const split = splitZone(zone, first, pail, ids, more);
  if (!split.ok) throw new Error(split.problems.map(sentence).join(' '));
  return split.value.bays;
};

describe('bays', () => {
  it.each(LIES)('%s: they add up to the zone, none is larger than a pail covers', (lie) => {
    fc.assert(
      fc.property(
        fc.integer({ min: 6, max: 30 }),
        fc.integer({ min: 4, max: 20 }),
        fc.double({ min: -3, max: 3, noNaN: true }),
        (w, h, fallRad) => {
          const zone = roof(w, h, { openings: [rect('light', 2, 2, 1, 1)] });
          const list = bays(zone, { lie, fallRad, courseM: 0.975 });
          const q = zoneQuantities(zone);
          const sum = list.reduce((s, b) => s + bayAreaM2(b), 0);
          expect(Math.abs(sum - (q.ok ? q.value.area.value : 0))).toBeLessThan(1e-3);
          for (const b of list) expect(bayAreaM2(b)).toBeLessThanOrEqual(25 / 1.85 + 1e-3);
        },
      ),
      { numRuns: 12 },
    );
  });

  it('on courses: joints across the fall lie whole courses from the low side', () => {
    const list = bays(roof(12, 9), { lie: 'fabric courses', fallRad: -Math.PI / 2, courseM: 0.975 });
    for (const j of jointsOf(list)) {
      const level = Math.abs(j.from[1] - j.to[1]) < 1e-6;
      if (level) expect((j.from[1] / 0.975) % 1).toBeCloseTo(Math.round((j.from[1] / 0.975) % 1), 4);
    }
  });

  it('joints keep half a metre off an outlet where bays or bands can be chosen so', () => {
    const plain = bays(roof(10, 8));
    const joint = jointsOf(plain)[0]!;
    const at: Point = [(joint.from[0] + joint.to[0]) / 2, (joint.from[1] + joint.to[1]) / 2];
    const outlet = {
      id: 'o',
      kind: 'outlet' as const,
      count: 1,
      at: { alongM: at[0], acrossM: at[1] },
      sizes: { diameterMm: 100 },
      note: '',
    };
    const zone = roof(10, 8, { features: [outlet] });
    const split = splitZone(zone, first, pail, ids);
    if (!split.ok) throw new Error('no bays');
    expect(split.value.nearLow).toBe(0);
    // A job that keeps its joints farther off than a bay is wide: none can.
    const practice = practiceOf([{ key: 'clearOfLow', value: 3, says: 'the job' }]);
    const far = splitZone(zone, first, pail, ids, { practice });
    expect(far.ok && far.value.nearLow).toBe(1);
    const q = zoneQuantities(zone);
    const spot = setOut(q.ok ? q.value.shape.corners : []).toPoint(outlet.at);
    for (const j of jointsOf(split.value.bays))
      expect(distanceToPiece(spot, j.from, j.to)).toBeGreaterThanOrEqual(0.5);
  });
});

/** Whether a way leads from one bay to another over allowed ones: depth first, apart from the code. */
function reaches(list: readonly Bay[], from: string, to: string, allowed: ReadonlySet<string>): boolean {
  const joints = jointsOf(list);
  const seen = new Set<string>();
  const go = (id: string): boolean => {
    if (id === to) return true;
    seen.add(id);
    return joints.some((j) => {
      const next = j.a === id ? j.b : j.b === id ? j.a : undefined;
      return next !== undefined && allowed.has(next) && !seen.has(next) && go(next);
    });
  };
  return go(from);
}

describe('the order of bays', () => {
  it('every bay once, and out of each one a way over bare bays to the access (plain graph search)', () => {
    const shapes = fc.constantFrom(
      roof(20, 12),
      roof(20, 12, { openings: [rect('light', 6, 4, 6, 3)] }),
      pointsZone([
        [0, 0],
        [24, 0],
        [24, 5],
        [8, 5],
        [8, 16],
        [0, 16],
      ]),
    );
    fc.assert(
      fc.property(
        shapes,
        fc.double({ min: 0, max: 20, noNaN: true }),
        fc.double({ min: 0, max: 12, noNaN: true }),
        (zone, x, y) => {
          const list = bays(zone);
          const route = bayRoute(list, [x, y], 'Zone');
          if (!route.ok) throw new Error(route.problems.map(sentence).join(' '));
          const { steps } = route.value;
          expect(new Set(steps.map((s) => s.bayId)).size).toBe(list.length);
          const last = steps[steps.length - 1]!.bayId;
          steps.forEach((s, i) => {
            const bare = new Set(steps.slice(i).map((t) => t.bayId));
            expect(reaches(list, s.bayId, last, bare)).toBe(true);
            for (const over of s.over) expect(bare.has(over) && over !== s.bayId).toBe(true);
            expect(s.wayOut[s.wayOut.length - 1]).toEqual([x, y]);
          });
          // The last one is where people come on.
          const off = (b: Bay): number =>
            Math.min(
              ...b.parts.flatMap((p) =>
                p.outer.map((a, k) => distanceToPiece([x, y], a, p.outer[(k + 1) % p.outer.length]!)),
              ),
            );
          const nearest = Math.min(...list.map(off));
          expect(off(list.find((b) => b.id === last)!)).toBeCloseTo(nearest, 9);
        },
      ),
      { numRuns: 40 },
    );
  });

  it('a zone in two parts has no way out, and says which bays', () => {
    const [a, b] = [roof(6, 4), roof(6, 4)].map((z) => bays(z));
    const far = b!.map((bay) => ({
      ...bay,
      label: `F${bay.label}`,
      parts: bay.parts.map((p) => ({ ...p, outer: p.outer.map(([x, y]): [number, number] => [x + 50, y]) })),
    }));
    const route = bayRoute([...a!, ...far], [0, 0], 'Zone');
    expect(route.ok).toBe(false);
    if (!route.ok)
      expect(sentence(route.problems[0]!)).toMatch(
        /^Zone, way out: “FZ1.* cannot be left without crossing another zone” does not fit; expected bays that hang together with the access/,
      );
  });

  it('no bays, no steps; one bay, one step', () => {
    expect(bayRoute([], [0, 0], 'Zone')).toMatchObject({ ok: true, value: { steps: [] } });
    const one = bays(roof(3, 3));
    expect(areaOf(one[0]!.parts)).toBeCloseTo(9, 6);
    const route = bayRoute(one, [0, 0], 'Zone');
    expect(route.ok && route.value.steps.length).toBe(1);
  });
});
