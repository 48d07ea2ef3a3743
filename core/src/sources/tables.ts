/**
 * Tables in an answer. JSON of any make is looked through for lists: things with a value each, lists of equal length side by
 * side, or one thing alone. Each is a table with headings, to be matched like that of a file.
 */
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import type { Shape } from './schema.ts';

export interface AnswerTable {
  /** Names with dots between them; empty for the answer itself. */
  readonly list: string;
  readonly shape: Shape;
  readonly head: readonly string[];
  readonly rows: readonly (readonly string[])[];
  /** What the answer says of a column besides, such as its unit. */
  readonly said: ReadonlyMap<string, string>;
}

const MOST_DEEP = 10;
const MOST_HEADINGS = 1500;
const MOST_ROWS = 20_000;
const MOST_LISTS = 40;
const MOST_CELLS = 2_000_000;

type Json = string | number | boolean | null | readonly Json[] | { readonly [name: string]: Json };
type Thing = Readonly<Record<string, Json>>;

const isThing = (v: Json | undefined): v is Thing => typeof v === 'object' && v !== null && !Array.isArray(v);
const isList = (v: Json | undefined): v is readonly Json[] => Array.isArray(v);
const isPlain = (v: Json | undefined): v is string | number | boolean | null =>
  v !== undefined && (v === null || typeof v !== 'object');
const cellOf = (v: Json | undefined): string => (v === null || v === undefined ? '' : String(v));
const joined = (path: string, name: string): string => (path === '' ? name : `${path}.${name}`);

export const answerProblem = (
  kind: Problem['kind'],
  label: string,
  actual: string,
  expected: string,
): Problem => ({
  kind,
  field: 'answer',
  label: label === '' ? 'The answer' : `The answer, ${label}`,
  actual,
  expected,
});

/** Plain values of a thing with their path; lists of plain values by their number, lists of things not at all. */
function leaves(thing: Thing, path: string, into: Map<string, string>, deep = 0): void {
  if (deep > MOST_DEEP) return;
  for (const [name, value] of Object.entries(thing)) {
    if (into.size >= MOST_HEADINGS) return;
    const at = joined(path, name);
    if (isPlain(value)) into.set(at, cellOf(value));
    else if (isThing(value)) leaves(value, at, into, deep + 1);
    else if (isList(value) && value.every(isPlain))
      value.slice(0, MOST_HEADINGS).forEach((v, i) => into.set(joined(at, String(i)), cellOf(v)));
  }
}

function rowsTable(list: string, things: readonly Thing[]): Omit<AnswerTable, 'said'> {
  const found = things.map((thing) => {
    const row = new Map<string, string>();
    leaves(thing, '', row);
    return row;
  });
  const head = [...new Set(found.flatMap((row) => [...row.keys()]))].slice(0, MOST_HEADINGS);
  return { list, shape: 'rows', head, rows: found.map((row) => head.map((h) => row.get(h) ?? '')) };
}

/** Lists of one length in a thing, and lists of lists: one for each member, or one for each hour. */
function columnsTable(list: string, thing: Thing): Omit<AnswerTable, 'said'> | undefined {
  const plain = Object.entries(thing).filter(
    (entry): entry is [string, readonly Json[]] =>
      isList(entry[1]) && entry[1].length > 1 && entry[1].every(isPlain),
  );
  const counts = new Map<number, number>();
  for (const [, values] of plain) counts.set(values.length, (counts.get(values.length) ?? 0) + 1);
  const length = [...counts].sort((a, b) => b[1] - a[1] || b[0] - a[0])[0]?.[0];
  if (length === undefined || length > MOST_ROWS) return undefined;
  const columns: [string, readonly Json[]][] = plain.filter(([, values]) => values.length === length);
  for (const [name, values] of Object.entries(thing)) {
    if (!isList(values) || values.length === 0 || !values.every((v) => isList(v) && v.every(isPlain)))
      continue;
    const inner = values as readonly (readonly Json[])[];
    const byMember = inner.every((v) => v.length === length);
    const byHour = inner.length === length;
    // As many members as hours: which is which cannot be told, so neither is offered.
    if (byMember === byHour) continue;
    const members = byMember ? inner.length : Math.max(...inner.map((v) => v.length));
    for (let k = 0; k < members && columns.length < MOST_HEADINGS; k += 1)
      columns.push([`${name}.${k}`, byMember ? (inner[k] ?? []) : inner.map((v) => v[k] ?? null)]);
  }
  if (columns.length < 2) return undefined;
  const rows = Array.from({ length }, (_, i) => columns.map(([, values]) => cellOf(values[i])));
  return { list, shape: 'columns', head: columns.map(([name]) => name), rows };
}

/** All tables in some JSON, the longest first, the whole as one thing last. */
function tablesOfJson(whole: Json): Omit<AnswerTable, 'said'>[] {
  const found: Omit<AnswerTable, 'said'>[] = [];
  const look = (value: Json, path: string, deep: number): void => {
    if (deep > MOST_DEEP || found.length >= MOST_LISTS) return;
    if (isList(value)) {
      const things = value.slice(0, MOST_ROWS).filter(isThing);
      if (things.length > 0 && things.length === Math.min(value.length, MOST_ROWS))
        found.push(rowsTable(path, things));
      return;
    }
    if (!isThing(value)) return;
    const columns = columnsTable(path, value);
    if (columns) found.push(columns);
    for (const [name, inner] of Object.entries(value)) look(inner, joined(path, name), deep + 1);
  };
  look(whole, '', 0);
  found.sort((a, b) => b.rows.length * b.head.length - a.rows.length * a.head.length);
  if (isThing(whole)) {
    const one = new Map<string, string>();
    leaves(whole, '', one);
    if (one.size > 0)
      found.push({ list: '', shape: 'one', head: [...one.keys()], rows: [[...one.values()]] });
  }
  return found.filter((t) => t.head.length * t.rows.length <= MOST_CELLS);
}

/** Things whose values are short words, by name: of units beside the columns that they are of. */
function wordsIn(whole: Json): Map<string, string> {
  const found = new Map<string, string>();
  const look = (value: Json, deep: number): void => {
    if (!isThing(value) || deep > MOST_DEEP) return;
    const values = Object.values(value);
    if (values.length > 1 && values.every((v) => typeof v === 'string' && v.length <= 20))
      for (const [name, says] of Object.entries(value)) found.set(name, String(says));
    else for (const inner of values) look(inner, deep + 1);
  };
  look(whole, 0);
  return found;
}

/**
 * @param text the answer
 * @param splitCsv cells of a CSV text, by a reader that knows its separators
 * @returns every table in it; a problem where there is none
 */
export function tablesOf(
  text: string,
  format: 'json' | 'csv',
  splitCsv: (text: string) => readonly (readonly string[])[],
): Result<AnswerTable[]> {
  if (format === 'csv') {
    const [head = [], ...rows] = splitCsv(text).filter((row) => row.some((cell) => cell.trim() !== ''));
    if (head.length === 0 || rows.length === 0)
      return fail(
        answerProblem('unfinished', '', 'no table', 'a line of headings, and lines of values under it'),
      );
    if (rows.length > MOST_ROWS)
      return fail(answerProblem('outOfRange', '', `${rows.length} lines`, `at most ${MOST_ROWS} lines`));
    return ok([{ list: '', shape: 'rows', head: named(head), rows, said: new Map() }]);
  }
  let whole: Json;
  try {
    whole = JSON.parse(text) as Json;
  } catch {
    return fail(answerProblem('malformed', '', 'no JSON, or cut short', 'whole JSON text'));
  }
  const said = wordsIn(whole);
  const found = tablesOfJson(whole).map((t) => ({ ...t, said }));
  return found.length > 0
    ? ok(found)
    : fail(answerProblem('unfinished', '', 'no list of values', 'values with their times'));
}

/** Headings that can be told one from another: an empty one gets its number, one that came before too. */
function named(head: readonly string[]): string[] {
  const seen = new Set<string>();
  return head.map((title, i) => {
    const plain = title.trim();
    const name = plain === '' || seen.has(plain) ? `${plain} (column ${i + 1})`.trim() : plain;
    seen.add(name);
    return name;
  });
}

export interface Heading {
  /** With # for the number of members. */
  readonly name: string;
  /** How many columns it stands for. */
  readonly members?: number;
  /** Its first value. */
  readonly example: string;
  /** Its unit, where the answer says one. */
  readonly said?: string | undefined;
}

/** Numbers that members are counted by begin at 0 or 1 and leave none out; so 10 m and 80 m are no members. */
const LEAST_MEMBERS = 3;
const LAST_NUMBER = /\d+(?=\D*$)/;

/** Headings to be matched: columns that differ in the number of a member only are one. */
export function headingsOf(table: AnswerTable): Heading[] {
  const groups = new Map<string, number[]>();
  for (const name of table.head) {
    const number = LAST_NUMBER.exec(name)?.[0];
    if (number !== undefined)
      groups.set(name.replace(LAST_NUMBER, '#'), [
        ...(groups.get(name.replace(LAST_NUMBER, '#')) ?? []),
        Number(number),
      ]);
  }
  const isMembers = (numbers: readonly number[]): boolean => {
    const sorted = [...numbers].sort((a, b) => a - b);
    const first = sorted[0] ?? 0;
    return sorted.length >= LEAST_MEMBERS && first <= 1 && sorted.every((n, i) => n === first + i);
  };
  const found: Heading[] = [];
  const done = new Set<string>();
  table.head.forEach((name, i) => {
    const example = table.rows.find((row) => (row[i] ?? '') !== '')?.[i] ?? '';
    const group = name.replace(LAST_NUMBER, '#');
    const numbers = LAST_NUMBER.test(name) ? groups.get(group) : undefined;
    if (!numbers || !isMembers(numbers)) {
      found.push({ name, example, said: table.said.get(name.split('.').at(-1) ?? '') });
      return;
    }
    if (done.has(group)) return;
    done.add(group);
    const bare =
      group
        .replace(/[._-]?#$/, '')
        .split('.')
        .at(-1) ?? '';
    found.push({ name: group, members: numbers.length, example, said: table.said.get(bare) });
  });
  return found;
}

/** The columns of members by their number: `air.#` finds `air.0`, `air.1` and so on. */
export function memberColumns(head: readonly string[], name: string): ReadonlyMap<number, number> {
  const found = new Map<number, number>();
  head.forEach((title, i) => {
    const number = LAST_NUMBER.exec(title)?.[0];
    if (number !== undefined && title.replace(LAST_NUMBER, '#') === name) found.set(Number(number), i);
  });
  return found;
}
