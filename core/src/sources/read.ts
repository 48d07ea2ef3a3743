/** What an answer says: its table found again by how it was matched, and read with the doubts that a file is read with. */
import { fail, ok, short, type Problem, type Result } from '../problems/index.ts';
import { MS_PER_MINUTE, readNumber } from '../units/index.ts';
import {
  middleOf,
  readHours,
  readRows,
  type Columns,
  type ReadHours,
  type TableColumn,
  type TableMap,
} from '../weather/index.ts';
import { JOB_ZONE, type AnswerMap } from './schema.ts';
import { answerProblem, memberColumns, type AnswerTable } from './tables.ts';

export interface ReadAnswer extends ReadHours {
  /** Ways the weather may go; empty where the source has none. */
  readonly members: readonly Columns[];
}

/** What instruments read at a moment. */
export interface ReadMoment {
  readonly atMs: number;
  readonly values: ReadonlyMap<TableColumn | 'moisturePct', number>;
  readonly notes: readonly string[];
}

const few = (names: readonly string[]): string =>
  names.length === 0 ? 'nothing' : short(names.slice(0, 8).join(', ') + (names.length > 8 ? ', …' : ''), 120);

/** Sentences of a table say "line" and "file"; an answer has rows. */
const ofAnswer = (problems: readonly Problem[]): Problem[] =>
  problems.map((p) => ({
    ...p,
    field: 'answer',
    label: p.label.replace(/^The weather file/, 'The answer').replace(/\bline(s?) (?=\d)/, 'row$1 '),
  }));
const noteOfAnswer = (note: string): string => note.replaceAll('lines', 'rows');

function tableFor(tables: readonly AnswerTable[], map: AnswerMap): Result<AnswerTable> {
  const found = tables.find((t) => t.list === map.list && t.shape === map.shape);
  const at = (list: string): string => (list === '' ? 'the answer itself' : list);
  return found
    ? ok(found)
    : fail(
        answerProblem(
          'unfinished',
          'its list',
          few(tables.map((t) => at(t.list))),
          `${at(map.list)}, as when it was matched`,
        ),
      );
}

interface Matched {
  readonly table: AnswerTable;
  /** −1 where an answer has none. */
  readonly time: number;
  readonly clock: number | undefined;
  readonly plain: TableMap['columns'];
  readonly ways: readonly TableMap['columns'][];
}

/** The table of a map, and where each column is; what is not there is said. */
function matched(tables: readonly AnswerTable[], map: AnswerMap): Result<Matched> {
  const found = tableFor(tables, map);
  if (!found.ok) return found;
  const table = found.value;
  const indexOf = (name: string | undefined): number => (name === undefined ? -1 : table.head.indexOf(name));
  const missing = [
    ...[map.time, map.clock].filter((name) => name !== undefined && indexOf(name) < 0),
    ...map.columns
      .filter((c) => (c.members ? memberColumns(table.head, c.name).size === 0 : indexOf(c.name) < 0))
      .map((c) => c.name),
  ];
  if (missing.length > 0)
    return fail(
      answerProblem(
        'unfinished',
        'its columns',
        few(table.head),
        `${few(missing as string[])}, as when it was matched`,
      ),
    );
  const plain = map.columns
    .filter((c) => !c.members && c.as !== 'moisturePct')
    .map((c) => ({ index: indexOf(c.name), as: c.as as TableColumn, unit: c.unit }));
  const byMember = new Map<number, TableMap['columns'][number][]>();
  for (const c of map.columns.filter((column) => column.members))
    for (const [member, index] of memberColumns(table.head, c.name))
      byMember.set(member, [
        ...(byMember.get(member) ?? []),
        { index, as: c.as as TableColumn, unit: c.unit },
      ]);
  const ways = [...byMember].sort(([a], [b]) => a - b).map(([, columns]) => columns);
  return ok({
    table,
    time: indexOf(map.time),
    clock: map.clock === undefined ? undefined : indexOf(map.clock),
    plain,
    ways,
  });
}

const PER: Readonly<Record<AnswerMap['timeIs'], number>> = { text: 0, seconds: 1000, milliseconds: 1 };

/** The time of a number as text; what is no number stays, and is asked about like any other time. */
function timeText(cell: string, timeIs: AnswerMap['timeIs']): string {
  const ms = Number(cell) * PER[timeIs];
  return timeIs === 'text' || cell.trim() === '' || !(Math.abs(ms) < 8e15)
    ? cell
    : new Date(ms).toISOString();
}

/** Rows with their time in a column of its own in front, as text. */
function timed(
  table: AnswerTable,
  map: AnswerMap,
  time: number,
  nowMs: number,
): readonly (readonly string[])[] {
  const now = new Date(nowMs).toISOString();
  return table.rows.map((row) => [time < 0 ? now : timeText(row[time] ?? '', map.timeIs), ...row]);
}

const tableMap = (map: AnswerMap, jobZone: string, clock: number | undefined): Omit<TableMap, 'columns'> => ({
  time: 0,
  ...(clock === undefined ? {} : { clock: clock + 1 }),
  order: map.order,
  zone: map.zone === JOB_ZONE ? jobZone : map.zone,
  rainOf: map.rainOf,
});
const moved = (columns: TableMap['columns']): TableMap['columns'] =>
  columns.map((c) => ({ ...c, index: c.index + 1 }));

/** Most ways that are kept. */
const MOST_WAYS = 100;

/**
 * Hours of a forecast, or hours that have been.
 * @param jobZone the IANA zone of the job, for a source whose clock is that of the place
 */
export function readAnswer(
  tables: readonly AnswerTable[],
  map: AnswerMap,
  jobZone: string,
): Result<ReadAnswer> {
  const at = matched(tables, map);
  if (!at.ok) return at;
  const { table, time, clock, plain, ways } = at.value;
  const rows = timed(table, map, time, 0);
  const rest = tableMap(map, jobZone, clock);
  const read = (columns: TableMap['columns']) => readHours(rows, 0, { ...rest, columns: moved(columns) });
  const own = plain.length > 0 ? read(plain) : undefined;
  if (own && !own.ok) return fail(...ofAnswer(own.problems));
  const members: Columns[] = [];
  let last: ReadHours | undefined = own?.ok ? own.value : undefined;
  for (const columns of ways.slice(0, MOST_WAYS)) {
    const way = read(columns);
    if (!way.ok) return fail(...ofAnswer(way.problems));
    last ??= way.value;
    // What a member does not say is as in the middle.
    members.push({ ...(own?.ok ? own.value.columns : {}), ...way.value.columns });
  }
  if (!last) return fail(answerProblem('tooFew', 'its columns', '0', 'at least one that is used'));
  const notes = last.notes.map(noteOfAnswer);
  if (ways.length > MOST_WAYS) notes.push(`Of ${ways.length} ways the first ${MOST_WAYS} were taken.`);
  const middle = members.length > 0 ? saidBy(members, last.hours) : {};
  return ok({ ...last, notes, columns: { ...middle, ...(own?.ok ? own.value.columns : {}) }, members });
}

/** The middle of what the members say, without the columns of which none says anything. */
const saidBy = (members: readonly Columns[], hours: number): Columns =>
  Object.fromEntries(
    Object.entries(middleOf(members, hours)).filter(([, values]) => values?.some((v) => v !== null)),
  );

/** A time that has not come by more than this is a wrong clock or a wrong zone, ms. */
const AHEAD_MS = 10 * MS_PER_MINUTE;

/** What instruments read: of several rows the newest. */
export function readMoment(
  tables: readonly AnswerTable[],
  map: AnswerMap,
  jobZone: string,
  nowMs: number,
): Result<ReadMoment> {
  const at = matched(tables, map);
  if (!at.ok) return at;
  const { table, time, clock, plain } = at.value;
  // Without a time an answer is of now: its last row.
  const rows = timed(table, map, time, nowMs).slice(time < 0 ? -1 : 0);
  const read = readRows(rows, 0, { ...tableMap(map, jobZone, clock), columns: moved(plain) });
  if (!read.ok) return fail(...ofAnswer(read.problems));
  const newest = read.value.rows.at(-1);
  if (!newest) return fail(answerProblem('tooFew', 'its rows', '0', 'at least one'));
  if (newest.ms > nowMs + AHEAD_MS)
    return fail(
      answerProblem(
        'outOfRange',
        'time',
        new Date(newest.ms).toISOString().slice(0, 16),
        'a time that has been: its clock or its zone is another',
      ),
    );
  const values = new Map<TableColumn | 'moisturePct', number>(
    [...newest.values].map(([as, value]) => [as, Number(value.toFixed(2))]),
  );
  const moisture = map.columns.find((c) => c.as === 'moisturePct');
  if (moisture) {
    const cell = rows[newest.line - 1]?.[table.head.indexOf(moisture.name) + 1] ?? '';
    const value = readNumber(cell);
    if (!value.ok || value.value < 0 || value.value > MOST_MOISTURE_PCT)
      return fail(
        answerProblem('outOfRange', 'moisture', short(cell, 20), `a number from 0 to ${MOST_MOISTURE_PCT} %`),
      );
    values.set('moisturePct', value.value);
  }
  if (values.size === 0) return fail(answerProblem('tooFew', 'its values', '0', 'at least one'));
  return ok({ atMs: newest.ms, values, notes: read.value.notes.map(noteOfAnswer) });
}
const MOST_MOISTURE_PCT = 100;
