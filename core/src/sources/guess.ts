/** A first guess at what the columns of an answer say, for a person to put right. */
import { guessMap, TABLE_UNITS, type TableColumn } from '../weather/index.ts';
import { JOB_ZONE, type AnswerMap, type SourceKind } from './schema.ts';
import { headingsOf, type AnswerTable, type Heading } from './tables.ts';

/** Ways in which answers write a unit, each with ours. */
const WRITTEN: readonly [RegExp, string][] = [
  [/^(°|deg)? ?c(elsius)?$/i, '°C'],
  [/^(°|deg)? ?f(ahrenheit)?$/i, '°F'],
  [/^k(elvin)?$/i, 'K'],
  [/^(%|percent)$/i, '%'],
  [/^mm(\/h)?$/i, 'mm'],
  [/^(in|inch|inches)(\/h)?$/i, 'in'],
  [/^cm$/i, 'cm'],
  [/^m\/?s$/i, 'm/s'],
  [/^km\/?h$/i, 'km/h'],
  [/^mph$/i, 'mph'],
  [/^kn(ots?)?$/i, 'kn'],
  [/^oktas?$/i, 'oktas'],
  [/^w\/m[2²]$/i, 'W/m²'],
];

/** The unit that an answer says itself, where it is one that the column may come in. */
function unitSaid(said: string | undefined, as: TableColumn): string | undefined {
  const unit = said === undefined ? undefined : WRITTEN.find(([re]) => re.test(said.trim()))?.[1];
  const units: readonly string[] = TABLE_UNITS[as];
  return unit !== undefined && units.includes(unit) ? unit : undefined;
}

/** Whether a column gives shares of one: no value is above it, and some lie between. */
function isShare({ head, rows }: AnswerTable, name: string): boolean {
  const index = head.indexOf(name);
  const values = rows
    .map((row) => Number(row[index] === '' ? NaN : row[index]))
    .filter((v) => !Number.isNaN(v));
  return values.every((v) => v >= 0 && v <= 1) && values.some((v) => v > 0 && v < 1);
}

const SECONDS = /^\d{9,10}$/;
const MILLISECONDS = /^\d{12,13}$/;
const timeIs = (example: string): AnswerMap['timeIs'] =>
  SECONDS.test(example) ? 'seconds' : MILLISECONDS.test(example) ? 'milliseconds' : 'text';
const looksLikeTime = ({ example }: Heading): boolean =>
  timeIs(example) !== 'text' ||
  /^\d{4}-\d{2}-\d{2}/.test(example) ||
  /^\d{1,2}[./]\d{1,2}[./]\d{4}/.test(example);

/** The last word of a path counts first: `data.wind.speed` is a wind by its path only. */
const lastOf = (name: string): string =>
  name
    .split('.')
    .filter((part) => part !== '#')
    .at(-1) ?? name;

/** Which table of an answer is most likely meant. */
export function likelyTable(tables: readonly AnswerTable[], kind: SourceKind): AnswerTable | undefined {
  const score = (t: AnswerTable): number => {
    const found = guessAnswerMap(t, 'json', kind).columns.length;
    const timed = headingsOf(t).some(looksLikeTime) ? 1 : 0;
    const now = kind === 'station' || kind === 'meter';
    return found * 4 + timed * 2 + ((t.shape === 'one') === now ? 1 : 0);
  };
  return [...tables].sort((a, b) => score(b) - score(a))[0];
}

/** @returns a map that need not be whole: a person sees it before it is kept */
export function guessAnswerMap(table: AnswerTable, format: 'json' | 'csv', kind: SourceKind): AnswerMap {
  const headings = headingsOf(table);
  const time =
    headings.find((h) => /time|date|stamp|hour/i.test(lastOf(h.name)) && looksLikeTime(h)) ??
    headings.find(looksLikeTime);
  const rest = { format, list: table.list, shape: table.shape, order: 'day first', zone: JOB_ZONE } as const;
  const own = {
    ...rest,
    ...(time ? { time: time.name } : {}),
    timeIs: timeIs(time?.example ?? ''),
    rainOf: 'hour after' as const,
  };
  if (kind === 'meter') {
    const moist = headings.find((h) => /moist|water|value|reading/i.test(h.name) && h !== time);
    return {
      ...own,
      columns: moist ? [{ name: moist.name, as: 'moisturePct', unit: '%', members: false }] : [],
    };
  }
  const columns: AnswerMap['columns'] = [];
  for (const members of [false, true]) {
    const some = headings.filter((h) => h !== time && (h.members !== undefined) === members && isNumber(h));
    if (kind !== 'forecast' && members) continue;
    // The time stands in front, so that no other column is guessed to be one.
    for (const names of [some.map((h) => lastOf(h.name)), some.map((h) => h.name)])
      for (const c of guessMap(['time', ...names], 'UTC').columns) {
        const heading = some[c.index - 1];
        if (
          !heading ||
          columns.some((k) => k.members === members && (k.as === c.as || k.name === heading.name))
        )
          continue;
        // Members come in the unit of their middle, where they say none themselves.
        const middle = columns.find((k) => k.as === c.as)?.unit;
        const units: readonly string[] = TABLE_UNITS[c.as];
        const share = units.includes('') && isShare(table, heading.name) ? '' : undefined;
        const unit = unitSaid(heading.said, c.as) ?? middle ?? share ?? c.unit;
        columns.push({ name: heading.name, as: c.as, unit, members });
      }
  }
  return { ...own, columns };
}

const isNumber = ({ example }: Heading): boolean =>
  example !== '' && Number.isFinite(Number(example.replace(',', '.')));
