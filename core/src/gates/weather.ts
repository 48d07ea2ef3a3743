/**
 * Gates of the weather: every condition of laying now and over the hours that laying takes, and what must not happen until
 * the film stands it. A fresh reading is valid for the moment; the forecast for the hours to come.
 */
import type { WorkLayer } from '../buildup/index.ts';
import { ageOf, given, words, type Given, type Part } from '../figures/index.ts';
import type { Practice } from '../practice/index.ts';
import {
  failingAt,
  failsIn,
  judgeRow,
  limitGiven,
  momentAt,
  ROWS,
  type Ask,
  type Condition,
  type Failing,
  type Moment,
  type Row,
  type Windows,
} from '../programme/index.ts';
import type { ConditionsEntry } from '../record/index.ts';
import { rolledInstead } from '../site/index.ts';
import { MS_PER_MINUTE } from '../units/index.ts';
import { dewPointOf, hourOf, type RoofClimate } from '../weather/index.ts';
import type { Gate } from './gate.ts';

export interface WeatherTerms {
  readonly ask: Ask;
  readonly layer: WorkLayer;
  readonly climate: RoofClimate | undefined;
  readonly windows: Windows | undefined;
  readonly reading: ConditionsEntry | undefined;
  readonly nowMs: number;
  readonly practice: Practice;
}

/** In words for a list: what is looked at, not what fails. */
const NAMES: Readonly<Record<Exclude<Condition, 'unknown' | 'unknownAfter'>, string>> = {
  rain: 'No rain while it is laid',
  wet: 'Surface dry',
  dryHours: 'Dry for long enough',
  dewMargin: 'Above the dew point',
  surfaceMin: 'Surface warm enough',
  rising: 'Surface rising',
  surfaceMax: 'Surface not too hot',
  falling: 'Slab cooling',
  airMin: 'Air warm enough',
  airMax: 'Air not too hot',
  humidityMin: 'Humid enough to cure',
  humidityMax: 'Not too humid',
  wind: 'Wind',
  rainSafe: 'No rain until it is rain-safe',
  dewSkin: 'No dew until it is rain-safe',
  noBelow: 'No cold before its time',
};

const READ = { by: 'entry', kind: 'conditions', known: {} } as const;
const ASK_WEATHER = { by: 'weather' } as const;

/** Whether a reading is still valid for the moment. */
export const isFresh = (reading: ConditionsEntry | undefined, nowMs: number, practice: Practice): boolean =>
  reading !== undefined && nowMs - Date.parse(reading.at) <= practice.airReadingMin.value * MS_PER_MINUTE;

/** Whether a reading may dose a mix: what is stirred in by temperature goes by a nearer one. */
export const isFreshForMix = (
  reading: Pick<ConditionsEntry, 'at'> | undefined,
  nowMs: number,
  practice: Practice,
): boolean =>
  reading !== undefined && nowMs - Date.parse(reading.at) <= practice.mixReadingMin.value * MS_PER_MINUTE;

/** What a reading tells; what it does not tell is taken from the weather. */
function readMoment(reading: ConditionsEntry, weather: Moment | undefined): Moment {
  const { airC, humidityPct, surfaceC } = reading;
  return {
    ...{ airC, humidityPct, surfaceC, dewC: dewPointOf(airC, humidityPct) },
    beforeC: weather?.beforeC ?? NaN,
    rainMm: weather?.rainMm ?? NaN,
    windMPerS: reading.windMPerS ?? weather?.windMPerS ?? NaN,
  };
}

/** The one gate that a reading settles: it is fresh, or it is taken again. */
function readingGate({ reading, nowMs, practice }: WeatherTerms): Gate {
  const head = { key: 'weather/reading', group: 'weather', name: 'Air and surface read' } as const;
  if (!reading)
    return {
      ...head,
      answer: 'unknown',
      says: ['air, humidity and surface have not been read on this roof.'],
      opens: ['Take a reading.'],
      settle: READ,
    };
  const readAtMs = Date.parse(reading.at);
  const age = given('age of the reading', (nowMs - readAtMs) / MS_PER_MINUTE, 'minutes', 'measured');
  const fresh = isFresh(reading, nowMs, practice);
  return {
    ...head,
    answer: fresh ? 'holds' : 'unknown',
    says: words`read ${{ atMs: readAtMs }}, ${ageOf('age of the reading', nowMs - readAtMs)} ago; a reading is valid for ${practice.airReadingMin}.`,
    opens: fresh ? [] : ['Take a reading again.'],
    actual: age,
    limit: practice.airReadingMin,
    readAtMs,
    settle: READ,
  };
}

/** The number of a row as a moment tells it: of a surface that rises or falls, the surface itself. */
function actualIn(row: Row, m: Moment): Given | undefined {
  const moves = row.condition === 'rising' || row.condition === 'falling';
  const value = moves ? m.surfaceC : row.value(m);
  return Number.isNaN(value)
    ? undefined
    : given(row.label, value, moves ? 'temperature' : row.quantity, 'measured');
}

/**
 * @param now what is known of the moment
 * @param later where it fails first in the hours of laying
 */
function rowGate(row: Row, ask: Ask, now: Moment, later: Failing | undefined): Gate[] {
  const answer = judgeRow(row, ask, now);
  if (answer === 'unlooked' && !later) return [];
  const limit = limitGiven(row, ask);
  const actual = actualIn(row, now);
  const { condition } = row;
  const head = { key: `weather/${condition}`, group: 'weather', name: NAMES[condition], limit } as const;
  const against: readonly Part[] = limit ? words`; ${limit.label} ${limit}.` : ['.'];
  if (answer === 'broken')
    return [{ ...head, actual, answer, says: [...words`${actual ?? row.label} now`, ...against], opens: [] }];
  if (later)
    return [
      {
        ...head,
        actual: later.actual,
        answer: 'broken',
        says: [...words`${later.actual ?? row.label} ${{ atMs: later.atMs }}, while it is laid`, ...against],
        opens: [],
      },
    ];
  if (answer === 'unknown')
    return [
      {
        ...head,
        answer,
        says: [`${row.label}: not known.`],
        opens: [condition === 'wind' ? 'Read the wind, or ask for the weather.' : 'Ask for the weather.'],
        settle: condition === 'wind' ? READ : ASK_WEATHER,
      },
    ];
  return [
    { ...head, actual, answer: 'holds', says: [...words`${actual ?? row.label}`, ...against], opens: [] },
  ];
}

/** No weather at all: what a reading cannot tell stays open, in one gate. */
const UNKNOWN_WEATHER: Gate = {
  key: 'weather/known',
  group: 'weather',
  name: 'Weather of the hours ahead',
  answer: 'unknown',
  says: ['no weather is known for these hours: rain, wind, dew and cold cannot be told.'],
  opens: ['Ask for the weather, or have somebody answer for it.'],
  settle: ASK_WEATHER,
};

/** Where wind stops the spray it may be rolled, in more and thinner passes, unless it blows too hard for that too. */
function rollInstead(gate: Gate, { ask, layer, practice }: WeatherTerms): Gate {
  const blows = gate.actual?.value ?? Infinity;
  const byHand = ask.limits.windHandMaxMPerS?.value ?? Infinity;
  const rolled = rolledInstead(layer, practice);
  if (gate.key !== 'weather/wind' || gate.answer !== 'broken' || ask.method !== 'sprayed') return gate;
  if (!rolled || blows > byHand) return gate;
  const { passes, each, thinner } = rolled;
  return {
    ...gate,
    opens: [
      ...words`Roll it instead: ${passes} passes of about ${each} each`,
      ...(thinner
        ? words`, thinned with ${thinner.name.toLowerCase()} by no more than ${thinner.most}.`
        : ['.']),
    ],
    settle: { by: 'method' },
  };
}

/** What is asked of the hours before and after laying; none of it is told by a reading. */
function spanGates({ ask, windows, climate, nowMs }: Known, failing: readonly Failing[]): Gate[] {
  const asked: Exclude<Condition, 'unknown' | 'unknownAfter'>[] = [
    'wet',
    ...(ask.limits.dryHours ? (['dryHours'] as const) : []),
    ...(ask.rainSafe ? (['rainSafe', 'dewSkin'] as const) : []),
    ...(ask.noBelow ? (['noBelow'] as const) : []),
  ];
  const short = failsIn(windows.mask[hourOf(climate.line, nowMs)] ?? 0, 'unknownAfter');
  return asked.map((condition): Gate => {
    const found = failing.find((f) => f.condition === condition);
    const head = { key: `weather/${condition}`, group: 'weather', name: NAMES[condition] } as const;
    if (found)
      return {
        ...head,
        answer: 'broken',
        actual: found.actual,
        limit: found.limit,
        says: [
          ...(found.actual ? words`${found.actual} ` : []),
          ...words`${{ atMs: found.atMs }}`,
          ...(found.limit ? words`; ${found.limit.label} ${found.limit}.` : ['.']),
        ],
        opens: [],
      };
    if (short && condition !== 'wet' && condition !== 'dryHours')
      return {
        ...head,
        answer: 'unknown',
        says: ['the weather is not known for long enough.'],
        opens: UNKNOWN_WEATHER.opens,
        settle: ASK_WEATHER,
      };
    return { ...head, answer: 'holds', says: ['by the weather and its forecast.'], opens: [] };
  });
}

type Known = WeatherTerms & { readonly climate: RoofClimate; readonly windows: Windows };
const isKnown = (terms: WeatherTerms): terms is Known => {
  const { climate, windows, nowMs } = terms;
  const hour = climate ? hourOf(climate.line, nowMs) : -1;
  return climate !== undefined && windows !== undefined && hour >= 0 && hour < climate.line.hours;
};

/** Every gate of the weather for laying that begins now. */
function weatherGates(terms: WeatherTerms): Gate[] {
  const { ask, reading, nowMs, practice } = terms;
  const fresh = isFresh(reading, nowMs, practice) ? reading : undefined;
  if (!isKnown(terms)) {
    const now = fresh && readMoment(fresh, undefined);
    return [
      readingGate(terms),
      ...(now
        ? ROWS.flatMap((row) => rowGate(row, ask, now, undefined))
            .filter((g) => g.answer !== 'unknown')
            .map((g) => rollInstead(g, terms))
        : []),
      UNKNOWN_WEATHER,
    ];
  }
  const { climate, windows } = terms;
  const hour = hourOf(climate.line, nowMs);
  const failing = failingAt(ask, climate, windows, hour);
  const here = momentAt(climate, hour, ask.method);
  const now = fresh ? readMoment(fresh, here) : here;
  return [
    readingGate(terms),
    ...ROWS.flatMap((row) =>
      rowGate(
        row,
        ask,
        now,
        failing.find((f) => f.condition === row.condition),
      ).map((g) => rollInstead(g, terms)),
    ),
    ...spanGates(terms, failing),
  ];
}

/** Bays of one roof with the same layer under the same reading have the same weather: worked out once for an instant. */
export class WeatherGates {
  private readonly known = new Map<unknown, Map<string, readonly Gate[]>>();

  of(terms: WeatherTerms): readonly Gate[] {
    const { windows, reading, nowMs, layer } = terms;
    if (!windows) return weatherGates(terms);
    const own = this.known.get(windows) ?? new Map<string, readonly Gate[]>();
    this.known.set(windows, own);
    const key = `${reading?.id ?? ''}|${nowMs}|${layer.id}`;
    let known = own.get(key);
    if (!known) own.set(key, (known = weatherGates(terms)));
    return known;
  }
}
