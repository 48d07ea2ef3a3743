/**
 * Roofs on which something went wrong, made apart from the rules of diagnosis: a cause is planted by what was done on the roof,
 * and shows as the trade says that it does. Some of what would tell it is not on record, some looks are not taken or mistaken.
 */
import type { Fact, LookFact, Symptom } from '@lentum/core/diagnosis';
import {
  at,
  coated,
  detailsMade,
  hours,
  moisture,
  polyurethane,
  prepared,
  pulled,
  reading,
  told,
  type GateJob,
  type Told,
} from './gatejob.ts';

type Hour = NonNullable<Parameters<typeof hours>[0]>;
interface Roof {
  primerH: number;
  firstH: number;
  secondH: number | undefined;
  primer: number;
  first: number;
  second: number;
  moisturePct: number;
  isPrepared: boolean;
  details: 'accepted' | 'refused';
  shoesH: number | undefined;
  sky: Hour;
  looks: Partial<Record<LookFact, boolean>>;
}
const sound = (): Roof => ({
  ...{ primerH: 60, firstH: 36, secondH: 12, primer: 1.02, first: 1.02, second: 1.02, moisturePct: 3.5 },
  ...{ isPrepared: true, details: 'accepted', shoesH: undefined, sky: () => ({}), looks: {} },
});

const between = (h: number, from: number, to: number): boolean => h >= from && h <= to;
const alsoSky = (r: Roof, more: Hour): void => {
  const before = r.sky;
  r.sky = (h) => ({ ...before(h), ...more(h) });
};

/** What was done, and how it shows: symptoms of the trade's own list. */
export const PLANTED: readonly {
  readonly id: string;
  readonly shows: readonly Symptom[];
  readonly plant: (r: Roof) => void;
}[] = [
  { id: 'early-overcoat', shows: ['bubbles', 'wrinkles'], plant: (r) => void (r.firstH = r.primerH - 1.6) },
  { id: 'thick-film', shows: ['bubbles', 'soft or tacky'], plant: (r) => void (r.first = 2.4) },
  {
    id: 'damp-ground',
    shows: ['bubbles', 'blisters with water'],
    plant: (r) => {
      r.moisturePct = 8.2;
      r.looks.waterInside = true;
    },
  },
  {
    id: 'warming-slab',
    shows: ['bubbles', 'pinholes'],
    plant: (r) => alsoSky(r, (h) => (between(h, -63, -57) ? { surfaceC: 12 + (h + 63) * 3 } : {})),
  },
  {
    id: 'rain',
    shows: ['blisters with water', 'pinholes'],
    plant: (r) => alsoSky(r, (h) => (between(h, -12, -11) ? { rainMm: 3 } : {})),
  },
  {
    id: 'dew',
    shows: ['peeling', 'blisters with water'],
    plant: (r) =>
      alsoSky(r, (h) => (between(h, -14, -11) ? { humidityPct: 84, airC: 14, surfaceC: 11 } : {})),
  },
  {
    id: 'cold',
    shows: ['soft or tacky'],
    plant: (r) => alsoSky(r, (h) => (between(h, -14, -10) ? { airC: 2, surfaceC: 2 } : {})),
  },
  { id: 'no-primer', shows: ['peeling', 'soft or tacky'], plant: (r) => void (r.primer = 0.5) },
  {
    id: 'late-overcoat',
    shows: ['peeling'],
    plant: (r) => {
      r.firstH = 20;
      r.secondH = 4;
      r.looks.peelsClean = true;
    },
  },
  { id: 'ground', shows: ['peeling'], plant: (r) => void (r.isPrepared = false) },
  { id: 'used-early', shows: ['tyre marks'], plant: (r) => void (r.shoesH = 11.6) },
  { id: 'thin-top', shows: ['tyre marks', 'chalky or brittle'], plant: (r) => void (r.second = 0.55) },
  {
    id: 'sun',
    shows: ['chalky or brittle'],
    plant: (r) => {
      [r.primerH, r.firstH, r.secondH] = [230, 206, undefined];
    },
  },
  { id: 'iron', shows: ['rust spots'], plant: (r) => void (r.looks.magnet = true) },
  { id: 'surfactant', shows: ['brown stains'], plant: (r) => void (r.looks.rinsesOff = true) },
  { id: 'not-levelled', shows: ['ridges'], plant: (r) => void (r.looks.stepBelow = true) },
  { id: 'air-mixed', shows: ['pinholes', 'bubbles'], plant: (r) => void (r.looks.fineBubbles = true) },
  { id: 'voids', shows: ['pinholes', 'bubbles'], plant: (r) => void (r.looks.voidsBelow = true) },
  { id: 'detail', shows: ['leak below'], plant: (r) => void (r.details = 'refused') },
];

const LOOKS: readonly LookFact[] = [
  'waterInside',
  'fineBubbles',
  'voidsBelow',
  'magnet',
  'rinsesOff',
  'peelsClean',
  'stepBelow',
];

export interface WentWrong {
  readonly job: GateJob;
  readonly looks: readonly Fact[];
  readonly symptom: Symptom;
}

/** @param lost how often each thing is not on record, or not looked at */
export function wentWrong(
  planted: readonly (typeof PLANTED)[number][],
  symptom: Symptom,
  lost: number,
  random: () => number,
): WentWrong {
  const r = sound();
  for (const p of planted) p.plant(r);
  const kept = (): boolean => random() >= lost;
  const air = (h: number): Told[] => {
    const sky = { airC: 18, humidityPct: 50, surfaceC: 20, ...r.sky(-Math.ceil(h)) };
    const { airC, humidityPct, surfaceC } = sky;
    return kept() ? [reading(h, { airC, humidityPct, surfaceC })] : [];
  };
  const entries: Told[] = [
    ...(kept() ? [moisture(r.moisturePct, r.primerH + 2)] : []),
    ...(kept() ? [pulled(r.primerH + 40)] : []),
    ...(r.isPrepared ? [prepared(r.primerH + 1)] : []),
    ...air(r.primerH + 0.6),
    coated(polyurethane, 'primer', r.primerH, r.primer),
    ...(kept() ? [detailsMade(r.firstH + 0.8, 'accepted')] : []),
    ...air(r.firstH + 0.6),
    coated(polyurethane, 'first', r.firstH, r.first, kept() ? {} : { readings: [] }),
    ...(r.secondH === undefined
      ? []
      : [
          ...air(r.secondH + 0.6),
          coated(polyurethane, 'second', r.secondH, r.second, kept() ? {} : { readings: [] }),
        ]),
    ...(r.shoesH === undefined ? [] : [told('event', -r.shoesH, { at: at(-r.shoesH), what: 'shoes' })]),
    told(
      'detail',
      -0.5,
      {
        ...{ at: at(-0.5), detailId: 'corner-1', name: 'Internal corner', step: r.details },
      },
      { zoneOnly: true },
    ),
  ];
  const looks = LOOKS.flatMap((key): Fact[] => {
    if (!kept()) return [];
    const truly = r.looks[key] ?? false;
    return [{ key, is: random() < 0.06 ? !truly : truly, says: ['looked at.'] }];
  });
  return { job: { entries, ...(kept() ? { series: [hours(r.sky)] } : {}) }, looks, symptom };
}
