/** A flood test as it stands on record: filled, read, let out, with what the air and the rain did between the readings. */
import { allOf, type BookEntryOf, type SiteBook } from '../record/index.ts';
import {
  at,
  hourFloor,
  hourOf,
  msOf,
  timelineOf,
  type Timeline,
  type WeatherSeries,
} from '../weather/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import { evaporationMmPerH } from './evaporation.ts';

type FloodEntry = BookEntryOf<'flood'>;

/** From one reading to the next. */
export interface FloodSpan {
  readonly fromMs: number;
  readonly toMs: number;
  readonly fromLevelMm: number;
  readonly toLevelMm: number;
  /** The pan beside it lost so much; undefined: none was read at both ends. */
  readonly panFellMm: number | undefined;
  /** Worked out from the hours of the weather; undefined where hours are missing. */
  readonly evaporatedMm: number | undefined;
  /** As entered, else by the hours of the weather; undefined where neither tells. */
  readonly rainMm: number | undefined;
  /** Which stretch without topping up it belongs to, from 0. */
  readonly stretch: number;
}

export interface FloodTest {
  readonly filled: FloodEntry;
  readonly filledMs: number;
  readonly deepestMm: number;
  readonly plugged: number;
  readonly hours: number;
  readonly spans: readonly FloodSpan[];
  readonly lastMs: number;
  readonly emptied:
    { readonly entry: FloodEntry; readonly unplugged: number; readonly below: string } | undefined;
}

interface Over {
  readonly evaporatedMm: number | undefined;
  readonly rainMm: number | undefined;
}

/** What the hours of the weather say of a span; each hour counts with the part of it that lies in the span. */
function over(line: Timeline | undefined, fromMs: number, toMs: number, waterC: number | undefined): Over {
  if (!line) return { evaporatedMm: undefined, rainMm: undefined };
  let evaporatedMm: number | undefined = 0;
  let rainMm: number | undefined = 0;
  for (let hour = hourOf(line, fromMs); msOf(line, hour) < toMs; hour += 1) {
    const start = msOf(line, hour);
    const share = (Math.min(toMs, start + MS_PER_HOUR) - Math.max(fromMs, start)) / MS_PER_HOUR;
    const air = at(line, 'airC', hour);
    const humidity = at(line, 'humidityPct', hour);
    const wind = at(line, 'windMPerS', hour);
    const rain = at(line, 'rainMm', hour);
    rainMm = rain === undefined || rainMm === undefined ? undefined : rainMm + rain * share;
    evaporatedMm =
      air === undefined || humidity === undefined || wind === undefined || evaporatedMm === undefined
        ? undefined
        : evaporatedMm +
          share *
            evaporationMmPerH({
              ...{ waterC: waterC ?? air, airC: air, humidityPct: humidity, windMPerS: wind },
            });
  }
  return { evaporatedMm, rainMm };
}

/** The hours from the filling to the last reading. */
function hoursOver(
  series: readonly WeatherSeries[],
  fromMs: number,
  readings: readonly FloodEntry[],
  nowMs: number,
): Timeline | undefined {
  const toMs = Math.max(fromMs, ...readings.map(ms));
  const startMs = hourFloor(fromMs);
  return series.length === 0
    ? undefined
    : timelineOf(series, startMs, Math.ceil((toMs - startMs) / MS_PER_HOUR) + 1, nowMs);
}

const ms = (e: FloodEntry): number => Date.parse(e.body.at);

/**
 * The flood tests that are on record up to an instant, in the order in which they were filled.
 * @param series weather of the job, however old: a test is judged by the hours in which it stood
 */
export function floodTests(book: SiteBook, series: readonly WeatherSeries[], nowMs: number): FloodTest[] {
  const all = allOf(book, 'flood')
    .filter((e) => ms(e) <= nowMs)
    .sort((a, b) => ms(a) - ms(b));
  return all.flatMap((filled): FloodTest[] => {
    if (filled.body.step !== 'filled') return [];
    const { body } = filled;
    const spans: FloodSpan[] = [];
    let [fromMs, level, pan, stretch] = [ms(filled), body.levelMm, body.panMm, 0];
    let lastMs = fromMs;
    const own = all.filter((e) => e.body.step !== 'filled' && e.body.floodId === filled.id);
    const line = hoursOver(series, fromMs, own, nowMs);
    let emptied: FloodTest['emptied'];
    for (const e of own) {
      if (e.body.step === 'filled' || emptied) continue;
      lastMs = ms(e);
      if (e.body.step === 'emptied') emptied = { entry: e, unplugged: e.body.unplugged, below: e.body.below };
      if (e.body.levelMm === undefined) continue;
      const waterC = e.body.step === 'read' ? e.body.waterC : undefined;
      const { evaporatedMm, rainMm } = over(line, fromMs, lastMs, waterC);
      spans.push({
        ...{ fromMs, toMs: lastMs, fromLevelMm: level, toLevelMm: e.body.levelMm, stretch, evaporatedMm },
        panFellMm: pan === undefined || e.body.panMm === undefined ? undefined : pan - e.body.panMm,
        rainMm: e.body.rainMm ?? rainMm,
      });
      const topped = e.body.step === 'read' ? e.body.toppedUpToMm : undefined;
      if (topped !== undefined) stretch += 1;
      [fromMs, level, pan] = [lastMs, topped ?? e.body.levelMm, e.body.panMm];
    }
    return [
      {
        ...{ filled, filledMs: ms(filled), deepestMm: body.deepestMm, plugged: body.plugged },
        ...{ hours: body.hours, spans, lastMs, emptied },
      },
    ];
  });
}
