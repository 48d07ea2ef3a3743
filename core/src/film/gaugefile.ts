/** The file of a dry-film gauge: which of its columns are what, and its batches of readings. */
import { fail, ok, type Result } from '../problems/index.ts';
import { convert } from '../units/index.ts';

export const GAUGE_FILE_UNITS = ['µm', 'mil', 'mm'] as const;
export type GaugeFileUnit = (typeof GAUGE_FILE_UNITS)[number];

/** Columns are counted from 0. */
export interface GaugeColumns {
  readonly reading: number;
  readonly unit: GaugeFileUnit;
  /** Name of the batch; absent: the file is one. */
  readonly batch?: number | undefined;
}
export interface GaugeBatch {
  readonly name: string;
  readonly readingsUm: readonly number[];
}

/** More than any film; a gauge that shows it shows another unit. */
const MOST_UM = 50_000;
const MOST_READINGS = 2000;

const asNumber = (cell: string | undefined): number => {
  const text = (cell ?? '').trim();
  return text === '' ? Number.NaN : Number(text.replace(',', '.'));
};
const isNumber = (cell: string | undefined): boolean => Number.isFinite(asNumber(cell));

/** The row that names the columns: the last one without a number before the first that has one. */
export function headRow(rows: readonly (readonly string[])[]): number {
  const first = rows.findIndex((r) => r.some(isNumber));
  return first <= 0 ? -1 : first - 1;
}

/** By what a file is known again: the names of its columns, or how many there are. */
export function gaugeFileKey(rows: readonly (readonly string[])[]): string {
  const head = rows[headRow(rows)];
  return head ? head.map((c) => c.trim().toLowerCase()).join('|') : `${rows[0]?.length ?? 0} columns`;
}

const READING = /reading|thick|film|value|dft/i;
const BATCH = /batch|group|series|sheet|lot/i;
const UNITS: readonly [RegExp, GaugeFileUnit][] = [
  [/µm|μm|\bum\b|micron/i, 'µm'],
  [/\bmils?\b|thou/i, 'mil'],
  [/\bmm\b|millimet/i, 'mm'],
];

/** What the columns may be, to be looked at by whoever knows the gauge; nothing where no column holds numbers. */
export function guessGaugeColumns(rows: readonly (readonly string[])[]): GaugeColumns | undefined {
  const at = headRow(rows);
  const body = rows.slice(at + 1);
  const width = rows.reduce((most, r) => Math.max(most, r.length), 0);
  const counts = Array.from({ length: width }, (_, c) => body.filter((r) => isNumber(r[c])).length);
  const head = rows[at] ?? [];
  const full = counts.map((n, c) => ({ n, c })).filter(({ n }) => n > 0 && n >= 0.8 * body.length);
  // Numbers that only count up are not the readings.
  const counting = (c: number): boolean =>
    body.length > 1 && body.every((r, i) => i === 0 || asNumber(r[c]) - asNumber(body[i - 1]?.[c]) === 1);
  const measured = full.filter(({ c }) => !counting(c));
  const called = (c: number): boolean => READING.test(head[c] ?? '');
  // “Reading” may head their numbers: 1, 2, 3.
  const reading = (
    measured.find(({ c }) => called(c)) ??
    measured.find(({ c }) => UNITS.some(([unit]) => unit.test(head[c] ?? ''))) ??
    full.find(({ c }) => called(c)) ??
    measured.at(-1)
  )?.c;
  if (reading === undefined) return undefined;
  const batch = head.findIndex((name, c) => c !== reading && BATCH.test(name));
  const said = [head[reading] ?? '', ...rows.slice(0, at + 1).flat()];
  const unit = UNITS.find(([pattern]) => said.some((s) => pattern.test(s)))?.[1] ?? 'µm';
  return { reading, unit, ...(batch < 0 ? {} : { batch }) };
}

/**
 * The batches of a file, in its order, by the columns that were said.
 * @returns the batches; or the first reading that is none, with its row as a spreadsheet counts it
 */
export function readGaugeFile(
  rows: readonly (readonly string[])[],
  { reading, unit, batch }: GaugeColumns,
): Result<GaugeBatch[]> {
  const label = 'The gauge’s file';
  const wrong = (row: number, actual: string, expected: string): Result<never> =>
    fail({
      ...{ kind: 'wrong', field: `rows/${row}`, actual, expected },
      label: `${label}, row ${row + 1}, column of readings`,
    });
  const found = new Map<string, number[]>();
  const from = headRow(rows) + 1;
  for (const [i, row] of rows.entries()) {
    if (i < from) continue;
    const cell = row[reading];
    const value = asNumber(cell);
    if (!Number.isFinite(value)) return wrong(i, cell ?? '', `a number in ${unit}`);
    // Bits of a double that a conversion leaves are no part of a reading.
    const um = Number(convert(value, unit, 'µm').toFixed(6));
    if (um < 0 || um > MOST_UM)
      return wrong(
        i,
        `${value} ${unit}`,
        `a film from 0 to ${convert(MOST_UM, 'µm', unit)} ${unit}: look at the unit`,
      );
    const name = batch === undefined ? '' : (row[batch] ?? '').trim();
    found.set(name, [...(found.get(name) ?? []), um]);
  }
  const batches = [...found].map(([name, readingsUm]) => ({ name, readingsUm }));
  const large = batches.find((b) => b.readingsUm.length > MOST_READINGS);
  if (batches.length === 0)
    return fail({
      kind: 'missing',
      field: 'rows',
      label,
      actual: 'no row',
      expected: 'rows of readings below its head',
    });
  if (large)
    return fail({
      ...{ kind: 'outOfRange', field: 'rows', label },
      actual: `${large.readingsUm.length} readings in one batch`,
      expected: `at most ${MOST_READINGS}`,
    });
  return ok(batches);
}
