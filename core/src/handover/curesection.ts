/** Weather and cure, bay by bay: what was read before each coat, and how long it had before the next. */
import {
  columns,
  heading,
  line,
  row,
  table,
  type Row,
  type SimpleBlock,
  type Telling,
} from '../printout/index.ts';
import type { BayStatus, ConditionsEntry } from '../record/index.ts';
import { dewOf } from '../site/index.ts';
import { cureHistory, type CureHistory, type JobState } from '../state/index.ts';

const BY = {
  weather: 'by the weather, and its forecast where that is to come',
  readings: 'by what was read on the roof',
  assumed: 'no temperature is known: by the coldest row of its table',
} as const;
const NOT_TOLD = {
  'no temperature': 'not told: no temperature is known',
  'too cold': 'not reached: too cold for its table',
  'beyond the forecast': 'not reached within the hours that are forecast',
} as const;

/** When it was ready, for what, and what that goes by. */
function readyWords(c: CureHistory, t: Telling): string {
  if (c.laid.entry.finishedAt === undefined) return t.w('still being laid');
  if (c.opensMs === undefined) return c.unknown ? t.w(NOT_TOLD[c.unknown]) : '–';
  return t.timeMs(c.opensMs);
}

/** The reading before it was begun, in one line. */
function readingWords(reading: ConditionsEntry, t: Telling): string {
  const dew = dewOf(reading);
  return [
    `${t.w('Read')} ${t.time(reading.at)}: ${t.w('air')} ${t.value(reading.airC, 'temperature')}`,
    `${t.w('humidity')} ${t.value(reading.humidityPct, 'percent')}`,
    `${t.w('surface')} ${t.value(reading.surfaceC, 'temperature')}`,
    ...(dew.ok ? [`${t.w('above the dew point')} ${t.figure(dew.value.margin)}`] : []),
  ].join(', ');
}

function curedWords({ surfaceC, basis }: CureHistory, t: Telling): string[] {
  const by = basis ? t.w(BY[basis]) : undefined;
  if (!surfaceC) return by ? [by] : [];
  const span = `${t.value(surfaceC.coldest, 'temperature')} ${t.w('to')} ${t.value(surfaceC.warmest, 'temperature')}`;
  return [[`${t.w('Surface while it cured')} ${span}`, ...(by ? [by] : [])].join(', ')];
}

function nextWords({ isLast, coveredMs, closesMs }: CureHistory, t: Telling): string {
  if (isLast) return t.w('none; ready for feet');
  if (coveredMs !== undefined) return t.timeMs(coveredMs);
  return closesMs === undefined ? t.w('open') : `${t.w('open until')} ${t.timeMs(closesMs)}`;
}

const rowOf = (c: CureHistory, t: Telling): Row =>
  row([c.laid.coat.name, t.time(c.laid.entry.startedAt), readyWords(c, t), nextWords(c, t)], {
    notes: [c.reading ? readingWords(c.reading, t) : t.w('Nothing was read before it.'), ...curedWords(c, t)],
  });

export function cureSection(state: JobState, bays: readonly BayStatus[], t: Telling): SimpleBlock[] {
  const laid = bays.filter((s) => s.laid.length > 0);
  if (laid.length === 0) return [];
  return [
    heading(1, t.w('Weather and cure, bay by bay')),
    line(
      t.w(
        'What was read last before each coat was begun; when it was ready for the next layer, and when that was begun.',
      ),
      'quiet',
    ),
    table(
      columns('Layer|40', 'Begun|20', 'Ready from|20', 'Next layer|20'),
      laid.flatMap((s) => [
        row([s.bay.label], { tone: 'part' }),
        ...cureHistory(state, s).map((c) => rowOf(c, t)),
      ]),
    ),
  ];
}
