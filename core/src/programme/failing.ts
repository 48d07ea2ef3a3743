/** Why laying may not begin in an hour: every condition that fails, where it fails first, with its number and limit. */
import { cited } from '../buildup/index.ts';
import { given, type Figure, type Given } from '../figures/index.ts';
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
import { CONDITIONS, judgeRow, limitGiven, ROWS, type Condition, type Row } from './conditions.ts';
import { failsIn, layingSpan, momentAt, type Windows } from './windows.ts';

export interface Failing {
  readonly condition: Condition;
  /** The hour in which it fails first. */
  readonly atMs: number;
  readonly actual: Given | Figure | undefined;
  readonly limit: Given | undefined;
}

/** Who says the weather of an hour, and since when. */
export function weatherSaid({ line, readHour }: RoofClimate, hour: number): Said {
  if (hour === readHour) return { source: 'measured', note: 'read on this roof' };
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

/** Surface temperature of an hour: calculated from the weather, set right by readings. */
export const surfaceOf = (climate: RoofClimate, hour: number): Figure | Given =>
  (hour === climate.readHour ? undefined : surfaceFigure(climate, hour, weatherSaid(climate, hour))) ??
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

/** A row's own number in an hour, with its working. */
function actualOf(
  row: Row,
  climate: RoofClimate,
  h: number,
  method: Ask['method'],
): Given | Figure | undefined {
  switch (row.condition) {
    case 'dewMargin':
      return marginFigure(climate, h);
    case 'surfaceMin':
    case 'surfaceMax':
    case 'rising':
    case 'falling':
      return surfaceOf(climate, h);
    default:
      return of(climate, h, row.label, row.value(momentAt(climate, h, method)), row.quantity);
  }
}

/**
 * Every condition that fails for laying that begins in an hour, in the order in which they are said.
 * @param hour index in the line
 */
export function failingAt(ask: Ask, climate: RoofClimate, windows: Windows, hour: number): Failing[] {
  const { limits } = ask;
  const { line, surfaceC, dewC } = climate;
  const { rainMm } = line.values;
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
  const wets = (h: number): boolean => (rainMm[h] ?? 0) > TOLERANCE.rainMm;

  say('unknown', hour, undefined, undefined);
  for (const row of ROWS) {
    if (!failsIn(mask, row.condition)) continue;
    const h = first(hour, end, (x) => judgeRow(row, ask, momentAt(climate, x, ask.method)) === 'broken');
    say(row.condition, h, actualOf(row, climate, h, ask.method), limitGiven(row, ask));
  }
  if (failsIn(mask, 'wet')) {
    // What lay down overnight without a drop of rain is dew.
    const byRain = wets(first(Math.max(0, hour - RAIN_LASTS_H), hour, wets));
    const label = wetnessOf(climate, hour - 1) === 'frost' ? 'frost' : byRain ? 'rain' : 'dew';
    const water = wetnessFigure(climate, hour - 1, weatherSaid(climate, hour - 1));
    say('wet', hour, water && { ...water, label }, undefined);
  }
  if (failsIn(mask, 'dryHours')) {
    let h = hour - 1;
    while (h >= 0 && !wets(h)) h -= 1;
    const needed = limits.dryHours && cited('dry before it', limits.dryHours, 'hours');
    say('dryHours', h, of(climate, h, 'dry for', hour - h - 1, 'hours'), needed);
  }
  if (failsIn(mask, 'rainSafe')) {
    const h = first(end, until(safe), wets);
    say('rainSafe', h, of(climate, h, 'rain', rainMm[h] ?? 0, 'rain'), undefined);
  }
  if (failsIn(mask, 'dewSkin')) {
    const h = first(end, until(safe), (x) => (surfaceC[x] ?? 0) < (dewC[x] ?? 0));
    say('dewSkin', h, marginFigure(climate, h), undefined);
  }
  const floor = ask.noBelow;
  if (floor && failsIn(mask, 'noBelow')) {
    const h = first(hour, line.hours, (x) => (surfaceC[x] ?? 0) < floor.tempC);
    const least = given('not below', floor.tempC, 'temperature', limits.noBelow?.source ?? 'typical');
    say('noBelow', h, surfaceOf(climate, h), least);
  }
  say('unknownAfter', line.hours - 1, undefined, undefined);
  return found.sort((a, b) => CONDITIONS.indexOf(a.condition) - CONDITIONS.indexOf(b.condition));
}
