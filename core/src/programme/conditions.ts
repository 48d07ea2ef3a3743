/**
 * The conditions in which a layer is laid, each once: what it looks at, its limit, which side fails, and its words. The
 * hours of a forecast, the reasons why an hour is shut and the reading of the moment are all judged by these rows.
 */
import { cited, type Limits } from '../buildup/index.ts';
import type { Given } from '../figures/index.ts';
import type { Sourced } from '../job/index.ts';
import { TOLERANCE, type Quantity } from '../units/index.ts';
import type { Ask } from './ask.ts';

/** In the order in which they are said; bit n of a mask stands for the n-th. */
export const CONDITIONS = [
  'unknown',
  'rain',
  'wet',
  'dryHours',
  'dewMargin',
  'surfaceMin',
  'rising',
  'surfaceMax',
  'falling',
  'airMin',
  'airMax',
  'humidityMin',
  'humidityMax',
  'wind',
  'rainSafe',
  'dewSkin',
  'noBelow',
  'unknownAfter',
] as const;
export type Condition = (typeof CONDITIONS)[number];

/** Conditions of the hours in which it is laid; the others speak of the hours before and after. */
export const LAYING = [
  'rain',
  'dewMargin',
  'surfaceMin',
  'rising',
  'surfaceMax',
  'falling',
  'airMin',
  'airMax',
  'humidityMin',
  'humidityMax',
  'wind',
] as const satisfies readonly Condition[];
export type LayingCondition = (typeof LAYING)[number];

/** What an hour, or a reading, tells; NaN where it tells nothing. */
export interface Moment {
  readonly airC: number;
  readonly humidityPct: number;
  readonly surfaceC: number;
  readonly dewC: number;
  /** The surface an hour before. */
  readonly beforeC: number;
  readonly rainMm: number;
  /** By the method: gusts count for a spray. */
  readonly windMPerS: number;
}

/** What a line of weather may say nothing of at all. */
export type Column = 'air' | 'humidity' | 'rain' | 'wind';

export interface Row {
  readonly condition: LayingCondition;
  /** Looked at only where the weather says something of it; a surface is always asked for. */
  readonly column: Column | undefined;
  readonly side: 'least' | 'most';
  readonly value: (m: Moment) => number;
  /** Whether the row is looked at in this moment. */
  readonly when?: (m: Moment, limits: Limits) => boolean;
  /** The number that it fails beyond; undefined where the layer asks nothing. */
  readonly limit: (ask: Ask) => number | undefined;
  /** As the layer gives it, for the working. */
  readonly sourced: (ask: Ask) => Sourced | undefined;
  readonly limitLabel: string;
  readonly label: string;
  readonly quantity: Quantity;
}

type Numeric = {
  [K in keyof Limits]-?: NonNullable<Limits[K]> extends Sourced ? K : never;
}[keyof Limits];

const plain = (
  condition: LayingCondition,
  column: Column | undefined,
  side: Row['side'],
  key: Numeric,
  value: Row['value'],
  [label, limitLabel, quantity]: [string, string, Quantity],
): Row => ({
  condition,
  column,
  side,
  value,
  limit: ({ limits }) => limits[key]?.value,
  sourced: ({ limits }) => limits[key],
  limitLabel,
  label,
  quantity,
});

const SURFACE = 'surface temperature';
const AIR = 'air temperature';

export const ROWS: readonly Row[] = [
  {
    condition: 'rain',
    column: 'rain',
    side: 'most',
    value: (m) => m.rainMm,
    limit: () => TOLERANCE.rainMm,
    sourced: () => undefined,
    limitLabel: 'no rain',
    label: 'rain',
    quantity: 'rain',
  },
  plain('dewMargin', 'humidity', 'least', 'dewMarginK', (m) => m.surfaceC - m.dewC, [
    'margin above the dew point',
    'minimum margin above the dew point',
    'temperatureDifference',
  ]),
  plain('surfaceMin', undefined, 'least', 'surfaceMinC', (m) => m.surfaceC, [
    SURFACE,
    'minimum surface temperature',
    'temperature',
  ]),
  {
    condition: 'rising',
    column: undefined,
    side: 'least',
    value: (m) => m.surfaceC - m.beforeC,
    when: (m, limits) =>
      limits.risingWithinK !== undefined &&
      m.surfaceC < limits.surfaceMinC.value + limits.risingWithinK.value,
    limit: ({ limits }) => (limits.risingWithinK ? 0 : undefined),
    sourced: ({ limits }) => limits.risingWithinK,
    limitLabel: 'only rising, within',
    label: SURFACE,
    quantity: 'temperatureDifference',
  },
  plain('surfaceMax', undefined, 'most', 'surfaceMaxC', (m) => m.surfaceC, [
    SURFACE,
    'maximum surface temperature',
    'temperature',
  ]),
  {
    condition: 'falling',
    column: undefined,
    side: 'most',
    value: (m) => m.surfaceC - m.beforeC,
    limit: ({ limits, breathes }) => (limits.fallingSlab === true && breathes ? 0 : undefined),
    sourced: () => undefined,
    limitLabel: 'only on a falling slab temperature',
    label: SURFACE,
    quantity: 'temperatureDifference',
  },
  plain('airMin', 'air', 'least', 'airMinC', (m) => m.airC, [AIR, 'minimum air temperature', 'temperature']),
  plain('airMax', 'air', 'most', 'airMaxC', (m) => m.airC, [AIR, 'maximum air temperature', 'temperature']),
  plain('humidityMin', 'humidity', 'least', 'humidityMinPct', (m) => m.humidityPct, [
    'humidity',
    'minimum humidity',
    'percent',
  ]),
  plain('humidityMax', 'humidity', 'most', 'humidityMaxPct', (m) => m.humidityPct, [
    'humidity',
    'maximum humidity',
    'percent',
  ]),
  {
    condition: 'wind',
    column: 'wind',
    side: 'most',
    value: (m) => m.windMPerS,
    limit: ({ windMax }) => windMax?.value,
    sourced: ({ windMax }) => windMax,
    limitLabel: 'maximum wind',
    label: 'wind',
    quantity: 'speed',
  },
];

/** The limit of a row as a number with its source. */
export function limitGiven(row: Row, ask: Ask): Given | undefined {
  const sourced = row.sourced(ask);
  return sourced && cited(row.limitLabel, sourced, row.quantity);
}

export type Answer = 'holds' | 'broken' | 'unknown';

/** One row in one moment; `unlooked` where the layer asks nothing of it, or not at this temperature. */
export function judgeRow(row: Row, ask: Ask, m: Moment): Answer | 'unlooked' {
  const limit = row.limit(ask);
  if (limit === undefined || (row.when && !row.when(m, ask.limits))) return 'unlooked';
  const value = row.value(m);
  if (Number.isNaN(value)) return 'unknown';
  return (row.side === 'least' ? value < limit : value > limit) ? 'broken' : 'holds';
}
