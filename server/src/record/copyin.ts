/** Many entries at once, as PostgreSQL reads them fastest: one stream of lines (COPY, text format). */
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { from as copyFrom } from 'pg-copy-streams';
import type { StoredEntry } from '@lentum/core/record';
import type { Db } from '../db/pool.ts';
import { RECORD_SQL } from './sql.ts';

/** Entries in one piece of the stream. */
const PIECE = 500;

/** A value of a column: what would end it or the line is written with a backslash. */
const column = (text: string): string =>
  /[\\\n\r\t]/.test(text)
    ? text.replaceAll('\\', '\\\\').replaceAll('\n', '\\n').replaceAll('\r', '\\r').replaceAll('\t', '\\t')
    : text;
const NOTHING = '\\N';

function* pieces(jobId: string, entries: readonly StoredEntry[]): Generator<string> {
  const job = column(jobId);
  for (let i = 0; i < entries.length; i += PIECE) {
    let text = '';
    for (const { seq, receivedAt, previousHash, hash, entry } of entries.slice(i, i + PIECE)) {
      const supersedes = entry.supersedes === undefined ? NOTHING : column(entry.supersedes);
      text += `${job}\t${seq}\t${column(entry.id)}\t${supersedes}\t${receivedAt}\t${column(JSON.stringify(entry))}\t${previousHash}\t${hash}\n`;
    }
    yield text;
  }
}

/** @param db the connection of a transaction */
export async function copyEntries(db: Db, jobId: string, entries: readonly StoredEntry[]): Promise<void> {
  await db.query(RECORD_SQL.incoming);
  const stream = (db as { query: (of: unknown) => ReturnType<typeof copyFrom> }).query(
    copyFrom(RECORD_SQL.copy),
  );
  await pipeline(Readable.from(pieces(jobId, entries)), stream);
  await db.query(RECORD_SQL.insertIncoming);
  await db.query(RECORD_SQL.dropIncoming);
}
