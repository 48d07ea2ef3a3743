/** A database of many firms as they might be: made from one demo job by copying rows, far faster than by asking for each. */
import { randomBytes } from 'node:crypto';
import { DEMO_ANCHOR, velmora } from '@lentum/demo';
import { connected } from '../../server/src/backup/backup.ts';
import { hashPassword } from '../../server/src/access/passwords.ts';
import { createPool, poolOfTenant } from '../../server/src/db/pool.ts';
import type { Addresses } from '../../server/src/db/prepare.ts';
import { importJob } from '../../server/src/jobfile/store.ts';

export const JOBS = 50;
/** Of the jobs of a firm these have the whole record of the demo; the others are just begun. */
const FULL = 10;
const BEGUN_ENTRIES = 20;
export const PASSWORD = 'blue ladder tin 44';
export const hostOf = (firm: number): string => `f${firm}.bench`;
export const jobOf = (firm: number, n: number): string => `job-${firm}-${n}`;
/** Firm of the database in which the job stands that all are copied from. */
const TEMPLATE = 1;

const SQL = {
  tenants: `INSERT INTO tenant (id, host) SELECT n, 'f' || n || '.bench' FROM generate_series(2, $1::int) n`,
  firms: `INSERT INTO firm (tenant_id, name, cookie_secret, since) SELECT n, 'Firm ' || n, $2 || n, now() FROM generate_series(2, $1::int) n`,
  people: `
    INSERT INTO person (tenant_id, id, name)
    SELECT n, p.id, p.name FROM generate_series(2, $1::int) n CROSS JOIN person p WHERE p.tenant_id = ${TEMPLATE}
    ON CONFLICT DO NOTHING`,
  owners: `INSERT INTO person (tenant_id, id, name) SELECT n, 'owner', 'Oda' FROM generate_series(2, $1::int) n`,
  accounts: `
    INSERT INTO account (tenant_id, id, person_id, login, password_hash, firm_role, made_at)
    SELECT n, 'owner', 'owner', 'oda', $2, 'owner', now() FROM generate_series(2, $1::int) n`,
  jobs: `
    INSERT INTO job (tenant_id, id, created_at, archived_at)
    SELECT f, 'job-' || f || '-' || n, now() - n * interval '7 days', CASE WHEN n > 30 THEN now() END
    FROM generate_series($1::int, $2::int) f, generate_series(1, ${JOBS}) n`,
  documents: `
    INSERT INTO document (tenant_id, job_id, kind, version, body)
    SELECT f, 'job-' || f || '-' || n, d.kind, d.version, d.body
    FROM generate_series($1::int, $2::int) f, generate_series(1, ${JOBS}) n, document d WHERE d.tenant_id = ${TEMPLATE}`,
  entries: `
    INSERT INTO record_entry (tenant_id, job_id, seq, id, supersedes, received_at, entry, previous_hash, hash)
    SELECT f, 'job-' || f || '-' || n, e.seq, e.id, e.supersedes, e.received_at, e.entry, e.previous_hash, e.hash
    FROM generate_series($1::int, $2::int) f, generate_series(1, ${JOBS}) n, record_entry e
    WHERE e.tenant_id = ${TEMPLATE} AND (n <= ${FULL} OR e.seq <= ${BEGUN_ENTRIES}) ORDER BY f, n, e.seq`,
};

/** Firms in one statement. */
const AT_ONCE = 25;

/**
 * @param firms 2 to this number
 * @returns how long it took, seconds
 */
export async function makeFirms({ url, ownerUrl }: Addresses, firms: number): Promise<number> {
  const from = performance.now();
  const all = createPool(url);
  const template = velmora(new Date(DEMO_ANCHOR));
  await importJob(poolOfTenant(all, TEMPLATE), 'template', template, new Date(DEMO_ANCHOR));
  await all.end();
  await connected(ownerUrl, async (db) => {
    await db.query(SQL.tenants, [firms]);
    await db.query(SQL.firms, [firms, randomBytes(32).toString('base64url')]);
    await db.query(SQL.people, [firms]);
    await db.query(SQL.owners, [firms]);
    await db.query(SQL.accounts, [firms, await hashPassword(PASSWORD)]);
    for (let first = 2; first <= firms; first += AT_ONCE) {
      const last = Math.min(firms, first + AT_ONCE - 1);
      await db.query(SQL.jobs, [first, last]);
      await db.query(SQL.documents, [first, last]);
      await db.query(SQL.entries, [first, last]);
    }
    await db.query('VACUUM ANALYZE');
  });
  return (performance.now() - from) / 1000;
}

export interface Size {
  readonly table: string;
  readonly rows: number;
  /** Of the table with what is kept apart of long rows. */
  readonly bytes: number;
  readonly indexBytes: number;
}

/** The largest tables. */
export const sizesOf = (ownerUrl: string): Promise<Size[]> =>
  connected(ownerUrl, async (db) => {
    const { rows } = await db.query<Size>(
      `SELECT relname AS table, reltuples::float8 AS rows, pg_table_size(oid)::float8 AS bytes, pg_indexes_size(oid)::float8 AS "indexBytes"
       FROM pg_class WHERE relnamespace = 'public'::regnamespace AND relkind = 'r' ORDER BY pg_total_relation_size(oid) DESC LIMIT 8`,
    );
    return rows;
  });
