/** Coats that keep to edges, laps, fasteners or rust: what they cover, take, and how they are judged. Worked out by hand. */
import { describe, expect, it } from 'vitest';
import { catalogue, isCoat, laidRate, resolve, type BuildUp, type Coat } from '@lentum/core/buildup';
import { treatedArea } from '@lentum/core/details';
import { verdictText } from '@lentum/core/figures';
import { entryFlags } from '@lentum/core/record';
import { workArea, type Bay } from '@lentum/core/site';
import { typicalSizes, zoneQuantities, type Finding, type Zone } from '@lentum/core/survey';
import { surveyAt } from '../../demo/src/zones.ts';
import { evaluate } from './support/formula.ts';
import {
  at,
  coated,
  detailsMade,
  gateOf,
  inputsFor,
  moisture,
  prepared,
  reading,
  told,
} from './support/gatejob.ts';

const metal = resolve(catalogue().find((b) => b.id === 'metal-elastomeric')!);
const coat = (id: string): Coat => metal.layers.filter(isCoat).find((l) => l.id === id)!;
const canopy = surveyAt(new Date('2026-05-12T09:30:00Z')).zones.find((z) => z.id === 'canopy')!;
const covered = (id: string, zone: Zone = canopy): number => {
  const q = zoneQuantities(zone);
  if (!q.ok) throw new Error('no area');
  const figure = treatedArea(coat(id), zone, q.value, metal);
  expect(evaluate(figure)).toBeCloseTo(figure.value, 9);
  return figure.value;
};

describe('what is covered', () => {
  it('stripes of 100 mm along cut edges and laps, and 100 × 100 mm over each of 480 fasteners', () => {
    // Gutter 24 m; drips 4.2 + 3 + 3 + 4.2 m; five laps of 5.8 m. Not the upstand.
    const metres = 24 + 14.4 + 5 * 5.8;
    expect(covered('stripe')).toBeCloseTo(metres * 0.1 + 480 * 0.01, 9);
    // 0.2 mm dry at 55 % solids: 4.2 L where a coat over all of it would take 46.
    expect(covered('stripe') * laidRate(coat('stripe')).rate.value).toBeCloseTo(4.196, 3);
    expect(covered('base')).toBeGreaterThan(125);
  });
  const rust = (finding: Partial<Finding> | undefined): Zone => ({
    ...canopy,
    findings: finding ? [{ item: 'rust', answer: 'yes', note: '', ...finding }] : [],
  });
  it.each<[string, Partial<Finding> | undefined, number]>([
    ['measured', { amount: 2.5 }, 2.5],
    ['none', { answer: 'no' }, 0],
    ['more than there is', { amount: 1e4 }, covered('base')],
    ['there, but not measured', {}, covered('base')],
    ['not looked at', undefined, covered('base')],
  ])('rust %s', (_, finding, area) => expect(covered('rust', rust(finding))).toBeCloseTo(area, 9));
  it('never more than all of it', () => {
    const dense: Zone = {
      ...canopy,
      features: [
        {
          ...{ id: 'f', kind: 'fasteners', count: 1, at: { alongM: 1, acrossM: 1 }, note: '' },
          sizes: { ...typicalSizes('fasteners'), fasteners: 900_000 },
        },
      ],
    };
    expect(covered('stripe', dense)).toBeCloseTo(covered('base', dense), 9);
  });
  it('a bay takes its share, and all of it where the layer goes all over or nothing is surveyed', () => {
    const bay: Bay = {
      ...{ id: 'b', zoneId: 'canopy', label: 'C1' },
      parts: [
        {
          outer: [
            [0, 0],
            [4, 0],
            [4, 3],
            [0, 3],
          ],
          holes: [],
        },
      ],
    };
    const q = zoneQuantities(canopy);
    if (!q.ok) throw new Error('no area');
    const place = { zone: canopy, buildUp: metal };
    const figure = workArea(bay, coat('stripe'), place);
    expect(figure.value).toBeCloseTo((12 * covered('stripe')) / q.value.area.value, 9);
    expect(evaluate(figure)).toBeCloseTo(figure.value, 9);
    expect(workArea(bay, coat('base'), place).value).toBe(12);
    expect(workArea(bay, coat('stripe'), { zone: undefined, buildUp: metal }).value).toBe(12);
  });
});

describe('how it is judged', () => {
  const buildUp: BuildUp = metal;
  const job = (...more: ReturnType<typeof told>[]) => ({
    buildUp,
    substrate: 'metal' as const,
    entries: [
      ...[moisture(3.5, 90), prepared(80), detailsMade(15), reading(0.1)],
      { ...coated(buildUp, 'rust', 20), ...{} },
      ...more,
    ],
  });
  const says = (j: ReturnType<typeof job>): string =>
    verdictText(gateOf(j, 'below/film-rust')?.says ?? [], 'metric', String);
  it('what was used proves nothing: somebody looks at it and accepts it', () => {
    expect(gateOf(job(), 'below/film-rust')).toMatchObject({
      answer: 'unknown',
      settle: { kind: 'decision', known: { what: 'accepted', about: { layerId: 'rust' } } },
    });
    expect(says(job())).toContain('what was used does not tell its film');
    const looked = told('decision', -5, {
      ...{ at: at(-5), what: 'accepted', about: { layerId: 'rust' }, reason: 'closed' },
    });
    expect(gateOf(job(looked), 'below/film-rust')?.answer).toBe('holds');
    expect(says(job(looked))).toContain('looked at and accepted');
  });
  it('little used on a large bay is no missing container where a coat keeps to its places', () => {
    const flagged = (treats: Coat['treats']) => {
      const own = { ...buildUp, layers: buildUp.layers.map((l) => (l.id === 'rust' ? { ...l, treats } : l)) };
      const inputs = inputsFor({
        ...job(),
        buildUp: own,
        entries: [{ ...coated(own as BuildUp, 'rust', 20, 0.02) }],
      });
      const entry = [...inputs.book.seen.values()].find((e) => e.kind === 'coat')!;
      return entryFlags(entry, { buildUps: inputs.buildUps, site: inputs.site, book: inputs.book }).map(
        (f) => f.rule,
      );
    };
    expect(flagged('rust')).toEqual([]);
    expect(flagged(undefined)).toEqual(['covers too little']);
  });
  it('readings prove it by themselves, thin ones stop it', () => {
    const read = (wet: number) => ({
      ...job(),
      entries: [
        ...job().entries,
        coated(buildUp, 'stripe', 10, 1, {
          readings: [{ bayId: 'own', lastWetMm: Array<number>(6).fill(wet) }],
        }),
      ],
    });
    // 0.2 mm dry at 55 % solids are 0.36 mm wet.
    expect(gateOf(read(0.4), 'below/film-stripe')?.answer).toBe('holds');
    expect(gateOf(read(0.2), 'below/film-stripe')?.answer).toBe('broken');
  });
});
