/**
 * When a layer may be laid: for each hour in which laying may begin, every condition over the hours that it speaks of.
 *
 * Laying that begins in hour s takes D hours, s to s + D − 1; the film cures from hour s + D. Conditions of laying hold in
 * all of its hours. From the end of laying until the hour R in which the film is rain-safe (R among them) no rain falls
 * and no dew settles. The temperature floor holds from s until the hour in which its stage is reached. An hour without a
 * value makes its start unknown; it is never taken for a good one.
 */
import { stageRate, type CureModel } from '../cure/index.ts';
import { TOLERANCE } from '../units/index.ts';
import type { RoofClimate } from '../weather/index.ts';
import type { Ask } from './ask.ts';
import { CONDITIONS, ROWS, type Column, type Condition, type Moment } from './conditions.ts';

const BIT = Object.fromEntries(CONDITIONS.map((c, i) => [c, 1 << i])) as Record<Condition, number>;
export const failsIn = (mask: number, condition: Condition): boolean => (mask & BIT[condition]) !== 0;
export const conditionsIn = (mask: number): Condition[] => CONDITIONS.filter((c) => failsIn(mask, c));

/** What a line says nothing of at all: its conditions are not looked at, and that is said. */
export type Unsaid = Column;

export interface Windows {
  readonly startMs: number;
  /** For each hour, the conditions that fail when laying begins in it; 0 is open. */
  readonly mask: Uint32Array;
  /** The hour in which a film begun in that hour is rain-safe; −1 where it is not known. */
  readonly rainSafeHour: Int32Array;
  readonly unsaid: readonly Unsaid[];
}

const said = (column: Float64Array): boolean => column.some((v) => !Number.isNaN(v));

export function unsaidIn({ line }: RoofClimate): Unsaid[] {
  const { airC, humidityPct, rainMm, windMPerS } = line.values;
  return (
    [
      ['air', airC],
      ['humidity', humidityPct],
      ['rain', rainMm],
      ['wind', windMPerS],
    ] as const
  )
    .filter(([, column]) => !said(column))
    .map(([name]) => name);
}

/** Hours of laying, at least one. */
export const layingSpan = (ask: Pick<Ask, 'layingHours'>): number =>
  Math.max(1, Math.ceil(ask.layingHours - TOLERANCE.cureShare));

/** The wind that counts: gusts drift a spray. */
const windAt = (climate: RoofClimate, hour: number, method: Ask['method']): number => {
  const { windMPerS, gustMPerS } = climate.line.values;
  const wind = windMPerS[hour] ?? NaN;
  const gust = gustMPerS[hour] ?? NaN;
  return method === 'sprayed' && !Number.isNaN(gust) ? Math.max(wind, gust) : wind;
};

/** What an hour tells of everything that is looked at; NaN where it tells nothing. */
export function momentAt(climate: RoofClimate, hour: number, method: Ask['method']): Moment {
  const { airC, humidityPct, rainMm } = climate.line.values;
  return {
    airC: airC[hour] ?? NaN,
    humidityPct: humidityPct[hour] ?? NaN,
    surfaceC: climate.surfaceC[hour] ?? NaN,
    dewC: climate.dewC[hour] ?? NaN,
    beforeC: hour > 0 ? (climate.surfaceC[hour - 1] ?? NaN) : NaN,
    rainMm: rainMm[hour] ?? NaN,
    windMPerS: windAt(climate, hour, method),
  };
}

/** The conditions of laying that fail in each hour by itself. */
function layingMasks(ask: Ask, climate: RoofClimate, unsaid: ReadonlySet<Unsaid>): Uint32Array {
  const masks = new Uint32Array(climate.line.hours);
  const rows = ROWS.flatMap((row) => {
    const limit = row.limit(ask);
    const silent = row.column !== undefined && row.column !== 'air' && unsaid.has(row.column);
    return limit === undefined || silent ? [] : [{ row, limit, bit: BIT[row.condition] }];
  });
  for (let h = 0; h < masks.length; h += 1) {
    const moment = momentAt(climate, h, ask.method);
    let m = 0;
    for (const { row, limit, bit } of rows) {
      if (row.when && !row.when(moment, ask.limits)) continue;
      const value = row.value(moment);
      if (Number.isNaN(value)) m |= BIT.unknown;
      else if (row.side === 'least' ? value < limit : value > limit) m |= bit;
    }
    masks[h] = m;
  }
  return masks;
}

/** For each hour the next one, itself among them, in which something is so; n where there is none. */
function nextHours(n: number, is: (hour: number) => boolean): Int32Array {
  const next = new Int32Array(n + 1).fill(n);
  for (let h = n - 1; h >= 0; h -= 1) next[h] = is(h) ? h : (next[h + 1] ?? n);
  return next;
}

/** Share of a stage that each hour brings; NaN where the temperature is not known. */
export function stageShares(
  model: CureModel,
  climate: RoofClimate,
  wetFilmMm: number | undefined,
): Float64Array {
  const { humidityPct } = climate.line.values;
  const shares = new Float64Array(climate.line.hours);
  for (let h = 0; h < shares.length; h += 1) {
    const tempC = climate.surfaceC[h] ?? NaN;
    const humidity = humidityPct[h] ?? NaN;
    shares[h] = Number.isNaN(tempC)
      ? NaN
      : stageRate(model, tempC, Number.isNaN(humidity) ? undefined : humidity, wetFilmMm);
  }
  return shares;
}

/**
 * For each hour e in which a film begins to cure, the hour in which the stage is reached; −1 where the line ends, or is
 * broken, before. Sums from e to R are at least 1 and from e to R − 1 are not.
 */
export function reachedHours(shares: Float64Array): Int32Array {
  const n = shares.length;
  const sums = new Float64Array(n + 1);
  for (let h = 0; h < n; h += 1) {
    const share = shares[h] ?? NaN;
    sums[h + 1] = (sums[h] ?? 0) + (Number.isNaN(share) ? 0 : share);
  }
  const gap = nextHours(n, (h) => Number.isNaN(shares[h] ?? NaN));
  const reached = new Int32Array(n + 1).fill(-1);
  let r = 0;
  for (let e = 0; e < n; e += 1) {
    r = Math.max(r, e);
    while (r < n && (sums[r + 1] ?? 0) - (sums[e] ?? 0) < 1 - TOLERANCE.cureShare) r += 1;
    if (r < (gap[e] ?? n)) reached[e] = r;
  }
  return reached;
}

/**
 * Every hour of a line at once.
 * @param climate of the roof that the layer is laid on
 */
export function windowsOf(ask: Ask, climate: RoofClimate): Windows {
  const n = climate.line.hours;
  const unsaid = unsaidIn(climate);
  const silent = new Set(unsaid);
  const laying = layingMasks(ask, climate, silent);
  const { surfaceC, dewC, wetMm } = climate;
  const { rainMm } = climate.line.values;
  const rainSaid = !silent.has('rain');
  const nextRain = nextHours(n, (h) => rainSaid && (rainMm[h] ?? NaN) > TOLERANCE.rainMm);
  const nextDew = nextHours(n, (h) => !silent.has('humidity') && (surfaceC[h] ?? NaN) < (dewC[h] ?? NaN));
  const floor = ask.noBelow;
  const nextBelow = nextHours(n, (h) => floor !== undefined && (surfaceC[h] ?? NaN) < floor.tempC);
  const safe = ask.rainSafe && reachedHours(stageShares(ask.rainSafe, climate, ask.wetFilmMm));
  const floorEnds = floor && reachedHours(stageShares(floor.until, climate, ask.wetFilmMm));
  const span = layingSpan(ask);
  const dryHours = Math.ceil(ask.limits.dryHours?.value ?? 0);
  const mask = new Uint32Array(n);
  const rainSafeHour = new Int32Array(n).fill(-1);
  let lastRain = -Infinity;
  let lastUnknown = -1;
  for (let s = 0; s < n; s += 1) {
    let m = 0;
    for (let h = s; h < s + span; h += 1) m |= h < n ? (laying[h] ?? 0) : BIT.unknown;
    if (rainSaid) {
      // Before the line begins nothing is known.
      if (s === 0 || s - lastUnknown <= dryHours) m |= BIT.unknown;
      if (s > 0 && (wetMm[s - 1] ?? NaN) > 0) m |= BIT.wet;
      if (s - lastRain <= dryHours) m |= BIT.dryHours;
      const rain = rainMm[s] ?? NaN;
      if (Number.isNaN(rain)) lastUnknown = s;
      else if (rain > TOLERANCE.rainMm) lastRain = s;
    }
    const e = s + span;
    if (safe) {
      const r = e <= n ? (safe[e] ?? -1) : -1;
      rainSafeHour[s] = r;
      const to = r < 0 ? n - 1 : r;
      if (e < n && (nextRain[e] ?? n) <= to) m |= BIT.rainSafe;
      if (e < n && (nextDew[e] ?? n) <= to) m |= BIT.dewSkin;
      if (r < 0) m |= BIT.unknownAfter;
    }
    if (floorEnds) {
      const u = e <= n ? (floorEnds[e] ?? -1) : -1;
      if ((nextBelow[s] ?? n) <= (u < 0 ? n - 1 : u)) m |= BIT.noBelow;
      if (u < 0) m |= BIT.unknownAfter;
    }
    mask[s] = m;
  }
  return { startMs: climate.line.startMs, mask, rainSafeHour, unsaid };
}

export interface OpenRun {
  /** The first hour in which laying may begin. */
  readonly from: number;
  /** The first hour after it in which it may not; the number of hours where it is open to the end. */
  readonly to: number;
}

/** Runs of hours in which laying may begin. */
export function openRuns({ mask }: Pick<Windows, 'mask'>, fromHour = 0): OpenRun[] {
  const runs: OpenRun[] = [];
  let from = -1;
  for (let h = Math.max(0, fromHour); h <= mask.length; h += 1) {
    const open = h < mask.length && mask[h] === 0;
    if (open && from < 0) from = h;
    if (!open && from >= 0) {
      runs.push({ from, to: h });
      from = -1;
    }
  }
  return runs;
}
