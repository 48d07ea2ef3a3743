/** The weather of a job as its roofs feel it: one line of hours, and for each zone and shade a surface. */
import { knownUntilMs, roofSurface } from '../programme/index.ts';
import { isFresh } from '../gates/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import {
  latestConditions,
  type BayStatus,
  type BayWeather,
  type ConditionsEntry,
  type SiteBook,
} from '../record/index.ts';
import type { Survey } from '../survey/index.ts';
import { MS_PER_DAY, MS_PER_HOUR } from '../units/index.ts';
import {
  BIAS_FADES_H,
  carriedOn,
  climateSteps,
  dewPointOf,
  hourFloor,
  hourOf,
  roofClimate,
  saturationHPa,
  seasonIn,
  sunOver,
  timelineOf,
  type RoofClimate,
  type SurfaceReading,
  type Timeline,
  type WeatherDoc,
  type WeatherSeries,
} from '../weather/index.ts';

export type Shade = 'light' | 'dark' | 'clear' | undefined;

/** Days looked back and ahead. */
export const SPAN_DAYS = { back: 14, ahead: 10 } as const;

export interface JobWeather {
  readonly line: Timeline;
  readonly climate: (zoneId: string, shade: Shade, coated?: boolean) => RoofClimate;
  /** For the cure on a bay; undefined where nothing is known now. */
  readonly bayWeather: (climate: RoofClimate) => BayWeather | undefined;
}

interface Timed {
  readonly ms: number;
  readonly c: ConditionsEntry;
}
/** Readings of a list with their times, worked out once: lists of a book never change. */
const times = new WeakMap<readonly ConditionsEntry[], readonly Timed[]>();
function timed(list: readonly ConditionsEntry[]): readonly Timed[] {
  let known = times.get(list);
  if (!known) times.set(list, (known = list.map((c) => ({ ms: Date.parse(c.at), c }))));
  return known;
}

/** Surface temperatures that were measured on a zone. */
export function readingsOn(book: SiteBook, zoneId: string, nowMs: number): SurfaceReading[] {
  return timed(book.zones.get(zoneId)?.conditions ?? [])
    .filter(({ ms }) => ms <= nowMs)
    .map(({ ms, c }) => ({ atMs: ms, surfaceC: c.surfaceC }));
}

export interface WeatherFacts {
  readonly doc: WeatherDoc;
  readonly series: readonly WeatherSeries[];
  readonly survey: Survey;
  readonly book: SiteBook;
  readonly nowMs: number;
  /** Which way the newest forecast may go. */
  readonly member?: number;
  /** Days of the season, or like those known, after the hours that are known; drawn where there is a chance, else their mean. */
  readonly beyond?: { readonly days: number; readonly chance?: () => number } | undefined;
  readonly practice?: Practice | undefined;
}

/** @returns undefined where the job has no place or no hours at all */
export function jobWeather(facts: WeatherFacts, backDays: number = SPAN_DAYS.back): JobWeather | undefined {
  const { doc, series, survey, book, nowMs, member, beyond, practice = COMMON } = facts;
  const place = doc.place;
  if (!place || series.length === 0) return undefined;
  const startMs = hourFloor(nowMs) - backDays * MS_PER_DAY;
  const days = backDays + SPAN_DAYS.ahead + (beyond?.days ?? 0);
  const hours = Math.round((days * MS_PER_DAY) / MS_PER_HOUR);
  const read = withReadings(timelineOf(series, startMs, hours, nowMs, member), book, nowMs);
  const line = beyond
    ? carriedOn(read, hourOf(read, nowMs), { chance: beyond.chance, season: seasonIn(series) })
    : read;
  const sun = sunOver(line, place);
  const kept = new Map<string, RoofClimate>();
  const weathers = new Map<RoofClimate, BayWeather | undefined>();
  const climate = (zoneId: string, shade: Shade, coated = shade !== undefined): RoofClimate => {
    const key = `${zoneId}/${shade ?? ''}/${coated}`;
    let found = kept.get(key);
    if (!found) {
      const substrate = survey.zones.find((z) => z.id === zoneId)?.substrate;
      const modelled = roofClimate(
        line,
        sun,
        roofSurface(substrate, shade, coated),
        readingsOn(book, zoneId, nowMs),
      );
      found = asReadNow(modelled, latestConditions(book, zoneId, nowMs), nowMs, practice);
      kept.set(key, found);
    }
    return found;
  };
  return {
    line,
    climate,
    bayWeather: (c) => {
      if (!weathers.has(c)) weathers.set(c, bayWeatherOf(c, nowMs));
      return weathers.get(c);
    },
  };
}

/** The hour of now as a fresh reading of this roof tells it: what was read outweighs what is worked out. */
function asReadNow(
  climate: RoofClimate,
  reading: ConditionsEntry | undefined,
  nowMs: number,
  practice: Practice,
): RoofClimate {
  const { line } = climate;
  const hour = hourOf(line, nowMs);
  if (!reading || !isFresh(reading, nowMs, practice) || hour < 0 || hour >= line.hours) return climate;
  const put = (column: Float64Array, value: number): Float64Array => {
    const copy = column.slice();
    copy[hour] = value;
    return copy;
  };
  const { values } = line;
  const { airC, humidityPct, surfaceC, windMPerS } = reading;
  return {
    ...climate,
    line: {
      ...line,
      values: {
        ...values,
        airC: put(values.airC, airC),
        humidityPct: put(values.humidityPct, humidityPct),
        windMPerS: windMPerS === undefined ? values.windMPerS : put(values.windMPerS, windMPerS),
      },
    },
    readHour: hour,
    surfaceC: put(climate.surfaceC, surfaceC),
    dewC: put(climate.dewC, dewPointOf(airC, humidityPct)),
  };
}

function bayWeatherOf(c: RoofClimate, nowMs: number): BayWeather | undefined {
  const hour = hourOf(c.line, nowMs);
  if (Number.isNaN(c.surfaceC[hour] ?? NaN)) return undefined;
  let begin = hour;
  while (begin > 0 && !Number.isNaN(c.surfaceC[begin - 1] ?? NaN)) begin -= 1;
  return {
    steps: climateSteps(c, begin),
    untilMs: knownUntilMs(c, nowMs),
  };
}

/**
 * Air and humidity that were read on site set the line right from their hour on: the difference in air and in dew point
 * is carried forward and fades, as that of the surface does.
 */
function withReadings(line: Timeline, book: SiteBook, nowMs: number): Timeline {
  const sinceMs = hourFloor(nowMs) - READ_BACK_MS;
  const read = [...book.zones.values()]
    .flatMap((z) => timed(z.conditions).filter(({ ms }) => ms <= nowMs && ms > sinceMs))
    .sort((a, b) => a.ms - b.ms);
  if (read.length === 0) return line;
  const airC = line.values.airC.slice();
  const humidityPct = line.values.humidityPct.slice();
  const byHour = new Map(read.map(({ ms, c }) => [hourOf(line, ms), c]));
  let off = { air: 0, dew: 0 };
  const readFrom = Math.max(0, Math.min(...byHour.keys()));
  for (let h = readFrom; h < line.hours; h += 1) {
    const [air, humidity] = [line.values.airC[h] ?? NaN, line.values.humidityPct[h] ?? NaN];
    if (Number.isNaN(air) || Number.isNaN(humidity)) continue;
    const dew = dewPointOf(air, humidity);
    const fade = Math.exp(-1 / BIAS_FADES_H);
    off = { air: off.air * fade, dew: off.dew * fade };
    const c = byHour.get(h);
    if (c) off = { air: c.airC - air, dew: dewPointOf(c.airC, c.humidityPct) - dew };
    airC[h] = air + off.air;
    humidityPct[h] = Math.min(100, (100 * saturationHPa(dew + off.dew)) / saturationHPa(air + off.air));
  }
  return { ...line, values: { ...line.values, airC, humidityPct }, readFrom };
}
/** Readings of the day speak for the hours to come. */
const READ_BACK_MS = MS_PER_DAY;

/** The shade that lies on top of a bay, and whether anything does. */
export function topOf(status: Pick<BayStatus, 'laid' | 'others'>): { shade: Shade; coated: boolean } {
  const coat = status.laid.at(-1);
  const other = status.others.at(-1);
  const later = other && (!coat || Date.parse(other.entry.startedAt) >= Date.parse(coat.entry.startedAt));
  const layer = later ? other.layer : coat?.coat;
  const shade = layer && 'shade' in layer ? layer.shade : undefined;
  return { shade, coated: layer !== undefined };
}
