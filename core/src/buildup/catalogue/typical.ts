/** Short hands for catalogue pages: every value in them is typical, chosen by us, and says so. */
import type { z } from 'zod';
import type { Chemistry } from '../chemistry.ts';
import type { limitsSchema } from '../conditions.ts';
import type { coatSchema, CoatRole, fabricSchema, protectionSchema, sheetSchema } from '../layers.ts';
import type { CLEANERS, Hazard, RATE_BASES, RateCondition } from '../numbers.ts';
import type { RemedyStep } from '../remedies.ts';

type CoatInput = z.input<typeof coatSchema>;
type LimitsInput = z.input<typeof limitsSchema>;
type FabricInput = z.input<typeof fabricSchema>;
type SheetInput = z.input<typeof sheetSchema>;
export type ProtectionInput = z.input<typeof protectionSchema>;

type Span = readonly [least: number, most: number];
const ranged = (range: Span | undefined) => (range ? { range: { from: range[0], to: range[1] } } : {});

export const typical = (value: number) => ({ value, source: 'typical' as const });

/** What a sheet prints as a range keeps both ends; the value is the one that counts. */
export type Row = readonly [at: number, value: number, range?: Span];

export const table = (...rows: readonly Row[]) => ({
  source: 'typical' as const,
  points: rows.map(([atC, hours, range]) => ({ atC, hours, ...ranged(range) })),
});

/** Cure in hours at each of some temperatures, in the order of the stages. */
export const potLife = (...rows: readonly Row[]) => ({
  source: 'typical' as const,
  points: rows.map(([atC, minutes]) => ({ atC, minutes })),
});

/** Factors on the hours: of moisture-cured resins over humidity, of thick films over the film they were meant for. */
export const HUMIDITY_CURED = [
  { at: 30, factor: 1.8 },
  { at: 50, factor: 1 },
  { at: 80, factor: 0.75 },
];
export const DRIED = [
  { at: 40, factor: 0.8 },
  { at: 60, factor: 1 },
  { at: 85, factor: 2 },
];
/** Thickness tells by more than itself: what cures or dries from the skin down, by its square. */
export const throughFilm = (designMm: number) => [
  { at: designMm, factor: 1 },
  { at: Number((designMm * 1.5).toFixed(3)), factor: 2.25 },
  { at: Number((designMm * 2).toFixed(3)), factor: 4 },
];

const tin = (basis: 'mass' | 'volume', net: number, what: string, price: number) => ({
  id: `${what.replace(/[^a-z]+/g, '-')}-${String(net).replace('.', '-')}`,
  name: `${net} ${basis === 'mass' ? 'kg' : 'L'} ${what}`,
  basis,
  net,
  price: typical(price),
});
export const kg = (net: number, what: string, price: number) => tin('mass', net, what, price);
export const litres = (net: number, what: string, price: number) => tin('volume', net, what, price);

export const limits = (
  air: Span,
  surface: Span,
  humidityMax: number,
  dewMargin: number,
  more: Partial<LimitsInput> = {},
): LimitsInput => ({
  airMinC: typical(air[0]),
  airMaxC: typical(air[1]),
  surfaceMinC: typical(surface[0]),
  surfaceMaxC: typical(surface[1]),
  humidityMaxPct: typical(humidityMax),
  dewMarginK: typical(dewMargin),
  ...more,
});

/** Needs air humidity to cure. */
export const MOIST = { humidityMinPct: typical(30) };
/** Is held near its least temperature only while it warms up, and dries for so long before. */
export const WATERY = { risingWithinK: typical(3), dryHours: typical(12) };

interface CoatText {
  readonly id: string;
  readonly name: string;
  readonly role: CoatRole;
  readonly treats?: CoatInput['treats'];
  readonly note: string;
  readonly rate: readonly [basis: (typeof RATE_BASES)[number], value: number, range?: Span];
  readonly variants?: readonly (readonly [when: RateCondition, times: number, note?: string])[];
  readonly least?: readonly [value: number, why: string];
  readonly densityKgPerL: number;
  readonly solids: number;
  readonly chemistry: Chemistry;
  /** Stretch before it breaks, %. */
  readonly stretch?: number;
  readonly containers: CoatInput['containers'];
  readonly limits: LimitsInput;
  readonly potLife: CoatInput['potLife'];
  readonly cure: CoatInput['cure'];
  readonly ifMissed: string;
  /** The same in steps. */
  readonly mend?: readonly RemedyStep[];
  readonly outputM2PerH: number;
  readonly hazards?: readonly Hazard[];
  readonly cleaner?: (typeof CLEANERS)[number];
  readonly shelfMonths?: number;
  /** What it is ordered as, where several layers are made of it. */
  readonly orderedAs?: string;
  readonly cautions?: string[];
  readonly more?: Partial<CoatInput>;
}

/** A coat from the figures that every coat has, and what else applies to it. */
export const coat = (t: CoatText): CoatInput => ({
  kind: 'coat',
  id: t.id,
  name: t.name,
  role: t.role,
  ...(t.treats ? { treats: t.treats } : {}),
  note: t.note,
  chemistry: t.chemistry,
  rate: {
    basis: t.rate[0],
    value: t.rate[1],
    ...ranged(t.rate[2]),
    source: 'typical',
    tolerancePct: typical(10),
    ...(t.least ? { least: { value: t.least[0], source: 'typical', why: t.least[1] } } : {}),
    ...(t.variants
      ? {
          variants: t.variants.map(([when, value, note = '']) => ({
            when,
            basis: 'timesField' as const,
            value,
            source: 'typical' as const,
            note,
          })),
        }
      : {}),
  },
  densityKgPerL: typical(t.densityKgPerL),
  volumeSolids: typical(t.solids),
  ...(t.stretch === undefined ? {} : { elongationPct: typical(t.stretch) }),
  containers: t.containers,
  limits: t.limits,
  potLife: t.potLife,
  cure: t.cure,
  ifMissed: t.ifMissed,
  ...(t.mend ? { remedies: { overcoatUntil: [...t.mend] } } : {}),
  ...(t.cure.overcoatUntil ? {} : { overcoatOpen: true }),
  outputM2PerH: typical(t.outputM2PerH),
  product: {
    ...(t.orderedAs === undefined ? {} : { name: t.orderedAs }),
    shelfLifeMonths: typical(t.shelfMonths ?? 12),
    hazards: [...(t.hazards ?? [])],
    cautions: t.cautions ?? [],
    ...(t.cleaner ? { cleaner: t.cleaner } : {}),
  },
  ...t.more,
});

/** Fabric on rolls about a metre wide. */
export const fabric = (
  t: Pick<FabricInput, 'id' | 'name' | 'note' | 'embeddedIn' | 'material'> & {
    readonly gPerM2: number;
    readonly side?: number;
    readonly end?: number;
    readonly price: number;
    readonly more?: Partial<FabricInput>;
  },
): FabricInput => ({
  kind: 'fabric',
  id: t.id,
  name: t.name,
  note: t.note,
  embeddedIn: t.embeddedIn,
  material: t.material,
  weightGPerM2: typical(t.gPerM2),
  rollWidthM: typical(1.05),
  rollLengthM: typical(50),
  sideLapMm: typical(t.side ?? 50),
  endLapMm: typical(t.end ?? 100),
  direction: 'along the courses',
  where: 'throughout',
  outputM2PerH: typical(60),
  pricePerRoll: typical(t.price),
  ...t.more,
});

export const sheet = (
  t: Pick<SheetInput, 'id' | 'name' | 'note' | 'bonding' | 'offset' | 'surfacing' | 'ifMissed' | 'limits'> & {
    readonly mm: number;
    readonly kgPerM2: number;
    readonly rollM: readonly [width: number, length: number];
    readonly laps: readonly [side: number, end: number];
    readonly price: number;
    readonly more?: Partial<SheetInput>;
  },
): SheetInput => ({
  kind: 'sheet',
  id: t.id,
  name: t.name,
  note: t.note,
  chemistry: 'bitumen sheet',
  bonding: t.bonding,
  thicknessMm: typical(t.mm),
  weightKgPerM2: typical(t.kgPerM2),
  rollWidthM: typical(t.rollM[0]),
  rollLengthM: typical(t.rollM[1]),
  sideLapMm: typical(t.laps[0]),
  endLapMm: typical(t.laps[1]),
  offset: t.offset,
  staggerMm: typical(900),
  surfacing: t.surfacing,
  relaxMinutes: typical(30),
  limits: t.limits,
  ifMissed: t.ifMissed,
  outputM2PerH: typical(15),
  pricePerRoll: typical(t.price),
  ...t.more,
});

/** Said on every page. */
export const ALWAYS = [
  'Roof edges and openings: fall protection first.',
  'Read the data sheet; it, local rules and licensed people come before any figure here.',
];
