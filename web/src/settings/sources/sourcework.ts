/** A source while it is set up: what was tried, how its answer is matched, and what would be read of it. */
import { sentence, type Result } from '@lentum/core/problems';
import {
  ANSWER_UNITS,
  guessAnswerMap,
  headingsOf,
  likelyTable,
  readAnswer,
  readMoment,
  tablesOf,
  type AnswerColumn,
  type AnswerMap,
  type AnswerTable,
  type Heading,
  type SourceKind,
} from '@lentum/core/sources';
import type { Quantity } from '@lentum/core/units';
import { tableColumnName, type TableColumn } from '@lentum/core/weather';
import type { MatchRow } from '../../shared/tables/MatchTable.vue';
import { rowsOf } from '../../shared/tables/tablefile.ts';

export interface StandIn {
  readonly name: string;
  readonly address: string;
}
const WHERE = '?lat={latitude}&lon={longitude}&from={from}&hours={hours}';
/** Stand-ins that ship, by what they tell. */
export const STAND_INS: Readonly<Record<SourceKind, readonly StandIn[]>> = {
  forecast: [
    { name: 'Stand-in, lists side by side', address: `stand-in://columns${WHERE}` },
    { name: 'Stand-in, hour by hour', address: `stand-in://rows${WHERE}` },
  ],
  observed: [{ name: 'Stand-in, a table of text', address: `stand-in://table${WHERE}` }],
  station: [{ name: 'Stand-in station', address: 'stand-in://station' }],
  meter: [{ name: 'Stand-in meter', address: 'stand-in://meter' }],
};

/** The sun has no other unit anywhere. */
const QUANTITIES: Readonly<Record<Exclude<AnswerColumn, 'sunWPerM2'>, Quantity>> = {
  airC: 'temperature',
  dewC: 'temperature',
  humidityPct: 'percent',
  rainMm: 'rain',
  rainChancePct: 'percent',
  windMPerS: 'speed',
  gustMPerS: 'speed',
  cloudPct: 'percent',
  surfaceC: 'temperature',
  moisturePct: 'moisture',
};
const columnName = (as: AnswerColumn): string => (as === 'moisturePct' ? 'moisture' : tableColumnName(as));

export const formatOf = (text: string): 'json' | 'csv' => (/^\s*[[{]/.test(text) ? 'json' : 'csv');
export const tablesIn = (text: string): Result<AnswerTable[]> => tablesOf(text, formatOf(text), rowsOf);
export const tableKey = (t: Pick<AnswerTable, 'list' | 'shape'>): string => `${t.shape} ${t.list}`;

const SHAPE_WORDS = { rows: 'a line for each', columns: 'lists side by side', one: 'single values' } as const;
export const tableName = (t: AnswerTable): string => {
  const count = (n: number, thing: string): string => `${n} ${thing}${n === 1 ? '' : 's'}`;
  const size =
    t.shape === 'one'
      ? count(t.head.length, 'value')
      : `${count(t.rows.length, 'row')}, ${count(t.head.length, 'column')}`;
  return `${t.list === '' ? 'the answer itself' : t.list}: ${SHAPE_WORDS[t.shape]}, ${size}`;
};

/** The table and the map to begin with: as it was matched before, where the answer still has that; else a guess. */
export function beginMatch(
  tables: readonly AnswerTable[],
  text: string,
  kind: SourceKind,
  before: AnswerMap | undefined,
): AnswerMap | undefined {
  const same = before && tables.find((t) => tableKey(t) === tableKey(before));
  if (before && same && before.columns.length > 0) return before;
  const table = likelyTable(tables, kind);
  return table && guessAnswerMap(table, formatOf(text), kind);
}

const NOT_USED = { value: 'not used', label: 'not used' };
const TIME = { value: 'time', label: 'date, or date and time' };
const CLOCK = { value: 'clock', label: 'clock, where it stands apart' };
const columnKinds = (columns: readonly AnswerColumn[]) =>
  columns.map((as) => ({ value: as, label: columnName(as) }));
const WEATHER = Object.keys(ANSWER_UNITS).filter((as) => as !== 'moisturePct') as TableColumn[];

function kindsFor(heading: Heading, kind: SourceKind) {
  if (kind === 'meter') return [NOT_USED, TIME, ...columnKinds(['moisturePct'])];
  if (heading.members !== undefined)
    return kind === 'forecast' ? [NOT_USED, ...columnKinds(WEATHER)] : [NOT_USED];
  return [NOT_USED, TIME, CLOCK, ...columnKinds(WEATHER)];
}

export function matchRows(table: AnswerTable, map: AnswerMap, kind: SourceKind): MatchRow[] {
  return headingsOf(table).map((h) => {
    const column = map.columns.find((c) => c.name === h.name);
    const as =
      map.time === h.name ? TIME.value : map.clock === h.name ? CLOCK.value : (column?.as ?? NOT_USED.value);
    return {
      ...{ key: h.name, example: h.example, as, kinds: kindsFor(h, kind) },
      title: h.members === undefined ? h.name : `${h.name} (${h.members} ways)`,
      unit: column?.unit ?? '',
      units: column ? ANSWER_UNITS[column.as] : [],
    };
  });
}

/** A map in which a column is something else; what it was, another no longer is. */
export function matchedAs(map: AnswerMap, table: AnswerTable, name: string, as: string): AnswerMap {
  const members = headingsOf(table).find((h) => h.name === name)?.members !== undefined;
  const { time, clock, ...rest } = map;
  const keep = {
    ...rest,
    columns: map.columns.filter((c) => c.name !== name && !(c.as === as && c.members === members)),
    ...(time !== undefined && time !== name && as !== TIME.value ? { time } : {}),
    ...(clock !== undefined && clock !== name && as !== CLOCK.value ? { clock } : {}),
  };
  if (as === TIME.value) return { ...keep, time: name };
  if (as === CLOCK.value) return { ...keep, clock: name };
  if (as === NOT_USED.value) return keep;
  const column = as as AnswerColumn;
  return {
    ...keep,
    columns: [...keep.columns, { name, as: column, unit: ANSWER_UNITS[column][0], members }],
  };
}

export interface Seen {
  /** What would be read, a line each. */
  readonly says: readonly string[];
  readonly notes: readonly string[];
}
type Say = (value: number, quantity: Quantity) => string;
const saidAs = (value: number, as: AnswerColumn, say: Say): string =>
  as === 'sunWPerM2' ? `${Math.round(value)} W/m²` : say(value, QUANTITIES[as]);

/** What would be read of an answer, in sentences; or what is in the way. */
export function seenOf(
  tables: readonly AnswerTable[],
  map: AnswerMap,
  kind: SourceKind,
  timeZone: string,
  nowMs: number,
  { say, time }: { readonly say: Say; readonly time: (ms: number) => string },
): { readonly ok: true; readonly seen: Seen } | { readonly ok: false; readonly problems: readonly string[] } {
  if (kind === 'station' || kind === 'meter') {
    const read = readMoment(tables, map, timeZone, nowMs);
    if (!read.ok) return { ok: false, problems: read.problems.map(sentence) };
    const values = [...read.value.values].map(([as, v]) => `${columnName(as)} ${saidAs(v, as, say)}`);
    return {
      ok: true,
      seen: { says: [`Read ${time(read.value.atMs)}: ${values.join(', ')}.`], notes: read.value.notes },
    };
  }
  const read = readAnswer(tables, map, timeZone);
  if (!read.ok) return { ok: false, problems: read.problems.map(sentence) };
  const { startMs, hours, columns, members, notes } = read.value;
  const says = [
    `${hours === 1 ? '1 hour' : `${hours} hours`} from ${time(startMs)}${members.length > 0 ? `, in ${members.length} ways` : ''}.`,
    ...Object.entries(columns).map(([key, values]) => {
      const known = (values ?? []).filter((v) => v !== null);
      const [as, name] = [key as TableColumn, columnName(key as TableColumn)];
      if (known.length === 0) return `${name}: nothing`;
      const [least, most] = [Math.min(...known), Math.max(...known)];
      return `${name}: ${saidAs(least, as, say)} to ${saidAs(most, as, say)}`;
    }),
  ];
  return { ok: true, seen: { says, notes } };
}
