/** Why laying may not begin in an hour: every condition that fails, where it fails first, with its number and limit. */
import { cited } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
import type { Sourced } from '../job/index.ts';
import { MS_PER_HOUR, TOLERANCE, type Quantity } from '../units/index.ts';
import {
  dewMarginFigure,
  dewPointFigure,
  surfaceFigure,
  wetnessFigure,
  wetnessOf,
  type RoofClimate,
  type Said,
} from '../weather/index.ts';
import type { Ask } from './ask.ts';
import { failsIn, layingSpan, windAt, windLimit, type Condition, type Windows } from './windows.ts';

export interface Failing {
  readonly condition: Condition;
  /** The hour in which it fails first. */
  readonly atMs: number;
  readonly actual: Given | Figure | undefined;
  readonly limit: Given | undefined;
}

/** Who says the weather of an hour, and since when. */
export function weatherSaid({ line }: RoofClimate, hour: number): Said {
  const source = line.sources[line.from[hour] ?? -1];
  if (!source) return { source: 'assumed', note: 'not known' };
  const made = source.issuedAt.slice(0, 16).replace('T', ' ');
  const read = line.readFrom !== undefined && hour >= line.readFrom;
  return {
    source: source.kind === 'observed' ? 'measured' : 'assumed',
    note: `${source.kind}, ${source.source}, ${source.kind === 'observed' ? 'taken in' : 'made'} ${made} UTC${
      read ? '; air and humidity set right by readings on site' : ''
    }`,
  };
}

/** A number of the weather in an hour, with where it comes from. */
function of(climate: RoofClimate, hour: number, label: string, value: number, quantity: Quantity): Given {
  const { source, note } = weatherSaid(climate, hour);
  return given(label, value, quantity, source, note);
}

/** Surface temperature of an hour: reckoned from the weather, set right by readings. */
export const surfaceOf = (climate: RoofClimate, hour: number): Figure | Given =>
  surfaceFigure(climate, hour, weatherSaid(climate, hour)) ??
  of(climate, hour, 'surface temperature', climate.surfaceC[hour] ?? 0, 'temperature');

/** Margin above the dew point of an hour, with its working. */
export function marginFigure(climate: RoofClimate, hour: number): Figure | undefined {
  const { airC, humidityPct } = climate.line.values;
  const dew = dewPointFigure(
    of(climate, hour, 'air temperature', airC[hour] ?? NaN, 'temperature'),
    of(climate, hour, 'humidity', humidityPct[hour] ?? NaN, 'percent'),
  );
  return dew.ok ? dewMarginFigure(surfaceOf(climate, hour), dew.value) : undefined;
}

/** Rain before that has dried. */
const RAIN_LASTS_H = 36;

const limitOf = (label: string, limit: Sourced | undefined, quantity: Quantity): Given | undefined =>
  limit && cited(label, limit, quantity);

/**
 * Every condition that fails for laying that begins in an hour, in the order in which they are said.
 * @param hour index in the line
 */
export function failingAt(ask: Ask, climate: RoofClimate, windows: Windows, hour: number): Failing[] {
  const { limits } = ask;
  const { line, surfaceC, dewC } = climate;
  const { airC, humidityPct, rainMm } = line.values;
  const mask = windows.mask[hour] ?? 0;
  const end = hour + layingSpan(ask);
  const safe = windows.rainSafeHour[hour] ?? -1;
  const until = (r: number): number => (r < 0 ? line.hours : r + 1);
  const first = (from: number, to: number, is: (h: number) => boolean): number => {
    for (let h = from; h < Math.min(to, line.hours); h += 1) if (is(h)) return h;
    return from;
  };
  const msAt = (h: number): number => line.startMs + h * MS_PER_HOUR;
  const found: Failing[] = [];
  const say = (
    condition: Condition,
    h: number,
    actual: Given | Figure | undefined,
    limit: Given | undefined,
  ): void => {
    if (failsIn(mask, condition)) found.push({ condition, atMs: msAt(h), actual, limit });
  };
  const measured = (h: number, label: string, column: Float64Array, quantity: Quantity): Given =>
    of(climate, h, label, column[h] ?? 0, quantity);

  say('unknown', hour, undefined, undefined);
  const wetHour = first(hour, end, (h) => (rainMm[h] ?? 0) > TOLERANCE.rainMm);
  say('rain', wetHour, measured(wetHour, 'rain', rainMm, 'rain'), undefined);
  if (failsIn(mask, 'wet')) {
    // What lay down overnight without a drop of rain is dew.
    const since = Math.max(0, hour - RAIN_LASTS_H);
    const rained = first(since, hour, (h) => (rainMm[h] ?? 0) > TOLERANCE.rainMm);
    const byRain = (rainMm[rained] ?? 0) > TOLERANCE.rainMm;
    const label = wetnessOf(climate, hour - 1) === 'frost' ? 'frost' : byRain ? 'rain' : 'dew';
    const water = wetnessFigure(climate, hour - 1, weatherSaid(climate, hour - 1));
    say('wet', hour, water && { ...water, label }, undefined);
  }
  if (failsIn(mask, 'dryHours')) {
    let h = hour - 1;
    while (h >= 0 && !((rainMm[h] ?? 0) > TOLERANCE.rainMm)) h -= 1;
    const dry = of(climate, h, 'dry for', hour - h - 1, 'hours');
    found.push({
      condition: 'dryHours',
      atMs: msAt(h),
      actual: dry,
      limit: limitOf('dry before it', limits.dryHours, 'hours'),
    });
  }
  const side = (
    condition: Condition,
    is: (h: number) => boolean,
    actual: (h: number) => Given | Figure | undefined,
    limit: Given | undefined,
  ): void => {
    if (!failsIn(mask, condition)) return;
    const h = first(hour, end, is);
    say(condition, h, actual(h), limit);
  };
  side(
    'dewMargin',
    (h) => (surfaceC[h] ?? 0) - (dewC[h] ?? 0) < limits.dewMarginK.value,
    (h) => marginFigure(climate, h),
    limitOf('least margin above the dew point', limits.dewMarginK, 'temperatureDifference'),
  );
  const surface = (h: number): Figure | Given => surfaceOf(climate, h);
  side(
    'surfaceMin',
    (h) => (surfaceC[h] ?? 0) < limits.surfaceMinC.value,
    surface,
    limitOf('least surface temperature', limits.surfaceMinC, 'temperature'),
  );
  side(
    'rising',
    (h) => (surfaceC[h] ?? 0) < (surfaceC[h - 1] ?? 0),
    surface,
    limitOf('only rising, within', limits.risingWithinK, 'temperatureDifference'),
  );
  side(
    'surfaceMax',
    (h) => (surfaceC[h] ?? 0) > limits.surfaceMaxC.value,
    surface,
    limitOf('greatest surface temperature', limits.surfaceMaxC, 'temperature'),
  );
  side('falling', (h) => (surfaceC[h] ?? 0) > (surfaceC[h - 1] ?? 0), surface, undefined);
  const air = (h: number): Given => measured(h, 'air temperature', airC, 'temperature');
  side(
    'airMin',
    (h) => (airC[h] ?? 0) < limits.airMinC.value,
    air,
    limitOf('least air temperature', limits.airMinC, 'temperature'),
  );
  side(
    'airMax',
    (h) => (airC[h] ?? 0) > limits.airMaxC.value,
    air,
    limitOf('greatest air temperature', limits.airMaxC, 'temperature'),
  );
  const humidity = (h: number): Given => measured(h, 'humidity', humidityPct, 'percent');
  side(
    'humidityMin',
    (h) => (humidityPct[h] ?? 0) < (limits.humidityMinPct?.value ?? 0),
    humidity,
    limitOf('least humidity', limits.humidityMinPct, 'percent'),
  );
  side(
    'humidityMax',
    (h) => (humidityPct[h] ?? 0) > limits.humidityMaxPct.value,
    humidity,
    limitOf('greatest humidity', limits.humidityMaxPct, 'percent'),
  );
  const most = windLimit(ask);
  side(
    'wind',
    (h) => windAt(climate, h, ask.method) > (most?.value ?? Infinity),
    (h) => of(climate, h, 'wind', windAt(climate, h, ask.method), 'speed'),
    limitOf('most wind', most, 'speed'),
  );
  if (failsIn(mask, 'rainSafe')) {
    const h = first(end, until(safe), (x) => (rainMm[x] ?? 0) > TOLERANCE.rainMm);
    say('rainSafe', h, measured(h, 'rain', rainMm, 'rain'), undefined);
  }
  if (failsIn(mask, 'dewSkin')) {
    const h = first(end, until(safe), (x) => (surfaceC[x] ?? 0) < (dewC[x] ?? 0));
    say('dewSkin', h, marginFigure(climate, h), undefined);
  }
  const floor = ask.noBelow;
  if (floor && failsIn(mask, 'noBelow')) {
    const h = first(hour, line.hours, (x) => (surfaceC[x] ?? 0) < floor.tempC);
    say(
      'noBelow',
      h,
      surface(h),
      given('not below', floor.tempC, 'temperature', limits.noBelow?.source ?? 'typical'),
    );
  }
  say('unknownAfter', line.hours - 1, undefined, undefined);
  return found;
}
