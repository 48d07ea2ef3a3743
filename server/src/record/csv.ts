/** The record as CSV: one row an entry, metric units, times in UTC. */
import type { BuildUpDoc } from '@lentum/core/buildup';
import {
  EMPTY_BOOK,
  entryFlags,
  foldRecord,
  namesOf,
  RECORD_COLUMNS,
  recordTable,
  type Person,
  type StoredEntry,
} from '@lentum/core/record';
import type { SiteDoc } from '@lentum/core/site';
import { format, type Quantity } from '@lentum/core/units';
import { entryLine } from '@lentum/core/words';
import { csvOf } from '../http/tabletext.ts';

/** Files leave in metric units, with instants in UTC. */
const METRIC = {
  time: (instant: string): string => instant,
  value: (value: number, quantity: Quantity): string => format(value, quantity, 'metric'),
};

export interface RecordParts {
  readonly entries: readonly StoredEntry[];
  readonly people: readonly Person[];
  readonly buildUps: BuildUpDoc;
  readonly site: SiteDoc;
}

export function recordCsv({ entries, people, buildUps, site }: RecordParts): string {
  const names = namesOf(people);
  const facts = { buildUps, site, book: foldRecord(EMPTY_BOOK, entries, names) };
  const rows = recordTable(entries, {
    ...{ buildUps, site, names },
    says: (entry) => entryLine(entry, { ...facts, say: METRIC }),
    flags: (entry) =>
      entryFlags(entry, { ...facts, say: METRIC })
        .map((f) => f.says)
        .join(' '),
  });
  return csvOf(RECORD_COLUMNS, rows);
}
