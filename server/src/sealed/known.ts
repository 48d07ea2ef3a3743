/** A record that comes in by a file, held against what this server has signed of the same record. */
import { utcMinute } from '@lentum/core/job';
import type { StoredEntry } from '@lentum/core/record';
import { compareLineage, lineageWords, type Linked } from '@lentum/core/sealed';
import type { Db } from '../db/pool.ts';
import { SEALED_SQL } from './sql.ts';

export interface Known {
  /** Why it may not come in. */
  readonly refused?: string | undefined;
  /** What whoever brings it should know. */
  readonly says?: string | undefined;
}

interface Signed {
  readonly jobId: string;
  readonly entries: number;
  readonly head: string;
  readonly at: Date;
}

/** By the clock of the server, to the minute, without a zone of anybody's. */
const when = (at: Date): string => `at ${utcMinute(at.getTime())}`;

/** @param record as the file has it; nobody may have looked at it yet */
export async function knownOf(db: Db, record: readonly StoredEntry[]): Promise<Known> {
  const first = record[0]?.hash;
  if (typeof first !== 'string') return {};
  const { rows } = await db.query<Signed>(SEALED_SQL.sameRecord, [first]);
  if (rows.length === 0) return {};
  const said: string[] = [];
  const given = record.map((stored): Linked => ({ id: stored?.entry?.id, hash: stored?.hash }));
  for (const { jobId, entries, head, at } of rows) {
    // The hash of an entry covers all before it.
    if (given[entries - 1]?.hash === head) continue;
    const { rows: signed } = await db.query<Linked>(SEALED_SQL.signedPart, [jobId, entries]);
    const found = compareLineage(given, signed);
    const words = lineageWords(found, when(at));
    if (found.outcome === 'changed') return { refused: words };
    if (words !== undefined) said.push(words);
  }
  return { says: said[0] };
}
