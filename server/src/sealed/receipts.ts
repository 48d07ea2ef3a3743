/** Receipts: the end of a job's record signed by the server's key, at a hand-over, by night, and when somebody asks. */
import { createPrivateKey, generateKeyPairSync, randomUUID, sign } from 'node:crypto';
import { GENESIS_HASH } from '@lentum/core/record';
import { receiptText, type Receipt } from '@lentum/core/sealed';
import { transaction, type Db, type Pool } from '../db/pool.ts';
import { JOBS_SQL } from '../jobs/sql.ts';
import { notFound } from '../http/errors.ts';
import { SEALED_SQL } from './sql.ts';

export type Why = 'asked' | 'handed over' | 'night';

interface Key {
  readonly id: string;
  /** Raw, base64url. */
  readonly publicKey: string;
  /** PKCS #8, base64url. */
  readonly privateKey: string;
}

/** The newest key; made where there is none. @param db inside a transaction */
async function keyOf(db: Db, now: Date): Promise<Key> {
  const newest = async (): Promise<Key | undefined> => (await db.query<Key>(SEALED_SQL.key)).rows[0];
  const there = await newest();
  if (there) return there;
  await db.query(SEALED_SQL.lockKey);
  const made = await newest();
  if (made) return made;
  const pair = generateKeyPairSync('ed25519');
  const key = {
    id: randomUUID(),
    publicKey: pair.publicKey.export({ format: 'jwk' }).x ?? '',
    privateKey: pair.privateKey.export({ format: 'der', type: 'pkcs8' }).toString('base64url'),
  };
  await db.query(SEALED_SQL.addKey, [key.id, key.publicKey, key.privateKey, now]);
  return key;
}

type Row = Omit<Receipt, 'format' | 'version' | 'at'> & { readonly at: Date; readonly why: Why };

export interface StoredReceipt {
  readonly receipt: Receipt;
  readonly why: Why;
}

async function readReceipts(db: Db, sql: string, jobId: string): Promise<StoredReceipt[]> {
  const { rows } = await db.query<Row>(sql, [jobId]);
  return rows.map(({ why, at, ...rest }) => ({
    why,
    receipt: { format: 'lentum-receipt', version: 1, ...rest, at: at.toISOString() },
  }));
}

/** Every receipt of a job, as they were made. */
export const receiptsOf = (db: Db, jobId: string): Promise<StoredReceipt[]> =>
  readReceipts(db, SEALED_SQL.list, jobId);

/**
 * Signs the end of a record. Where the last receipt has the same end, that one stands: its time says more.
 * @param db inside a transaction, so that nothing is entered meanwhile
 */
export async function signEnd(db: Db, jobId: string, why: Why, now: Date): Promise<Receipt> {
  const { rowCount } = await db.query(JOBS_SQL.lock, [jobId]);
  if (rowCount === 0) throw notFound('Job', jobId);
  const { rows } = await db.query<{ entries: number; head: string }>(SEALED_SQL.head, [jobId]);
  const { entries, head } = rows[0] ?? { entries: 0, head: GENESIS_HASH };
  const last = (await readReceipts(db, SEALED_SQL.last, jobId))[0]?.receipt;
  if (last?.entries === entries && last.head === head) return last;
  const key = await keyOf(db, now);
  const bare: Receipt = {
    ...{ format: 'lentum-receipt', version: 1, jobId, entries, head, at: now.toISOString() },
    ...{ key: key.publicKey, signature: '' },
  };
  const secret = createPrivateKey({
    key: Buffer.from(key.privateKey, 'base64url'),
    ...{ format: 'der', type: 'pkcs8' },
  });
  const signature = sign(null, Buffer.from(receiptText(bare), 'utf8'), secret).toString('base64url');
  await db.query(SEALED_SQL.add, [jobId, entries, head, now, key.id, signature, why]);
  return { ...bare, signature };
}

/** Signs every record that has grown since it was last signed. @returns how many */
export async function signAll(pool: Pool, now: Date): Promise<number> {
  const { rows } = await pool.query<{ jobId: string }>(SEALED_SQL.unsigned);
  for (const { jobId } of rows) await transaction(pool, (db) => signEnd(db, jobId, 'night', now));
  return rows.length;
}
