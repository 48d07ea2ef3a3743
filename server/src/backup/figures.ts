/** What a database holds, in figures that show any difference: rows and a digest of each table, and the end of each record. */
import { z } from 'zod';
import { chainProblem, type StoredEntry } from '@lentum/core/record';
import { sentence } from '@lentum/core/problems';
import type { Db } from '../db/pool.ts';
import { RIGHTS } from '../db/rights.ts';
import { readAll } from '../record/store.ts';

export const figuresSchema = z.object({
  /** By table: rows, and a digest of all that is in them. */
  tables: z.record(z.string(), z.object({ rows: z.number().int(), digest: z.string() })),
  /** By job, those of further firms with the firm's number before it: entries, and the hash at the end of the chain. */
  records: z.record(z.string(), z.object({ entries: z.number().int(), hash: z.string() })),
  /** Changes of the schema that were applied. */
  migrations: z.array(z.string()),
});
export type Figures = z.infer<typeof figuresSchema>;

/** Files are large and stored under their own hash, which the database checks: the hash stands for them. */
const WITHOUT_CONTENT: Readonly<Record<string, string>> = {
  picture: 'job_id, sha256, media_type, received_at, octet_length(content)',
  picture_scaled: 'job_id, sha256, longest_px, octet_length(content)',
  task_piece: 'task_id, of, n, octet_length(content)',
  paper_file: 'sha256, media_type, received_at, octet_length(content)',
};

const columnsOf = (table: string, firms: boolean): string => {
  const columns = WITHOUT_CONTENT[table];
  return columns === undefined ? '*' : `${firms ? 'tenant_id, ' : ''}${columns}`;
};

/** What is gone after a restore, on purpose: everybody signs in again. */
export const NOT_KEPT: readonly string[] = ['session', 'passkey_challenge', 'wrong_try', 'server_process'];

/** Whether rows are of firms: what was backed up before they were has no such column. */
async function hasFirms(db: Db): Promise<boolean> {
  const { rows } = await db.query<{ has: boolean }>(`SELECT to_regclass('public.tenant') IS NOT NULL AS has`);
  return rows[0]?.has === true;
}

/** How the record of a job is listed; ids have no slash. */
const KEY = `CASE WHEN tenant_id = 1 THEN job_id ELSE tenant_id || '/' || job_id END`;
const jobOf = (key: string): { readonly jobId: string; readonly tenant: number } => {
  const [one = '', other] = key.split('/');
  return other === undefined ? { jobId: one, tenant: 1 } : { jobId: other, tenant: Number(one) };
};

/** @param db inside a transaction, so that all figures are of one moment */
export async function figuresOf(db: Db): Promise<Figures> {
  await db.query(`SET LOCAL TimeZone = 'UTC'`);
  const { rows: there } = await db.query<{ name: string }>(
    `SELECT tablename AS name FROM pg_tables WHERE schemaname = 'public' ORDER BY 1`,
  );
  const firms = await hasFirms(db);
  const known = there.map((t) => t.name).filter((name) => name in RIGHTS && !NOT_KEPT.includes(name));
  if (known.length === 0)
    throw new Error('The database holds nothing yet: it gets its tables when the server is started once.');
  const tables: Figures['tables'] = {};
  for (const table of known) {
    const { rows } = await db.query<{ rows: number; digest: string }>(
      `SELECT count(*)::int AS rows, md5(coalesce(string_agg(h, '' ORDER BY h), '')) AS digest
       FROM (SELECT md5(t::text) AS h FROM (SELECT ${columnsOf(table, firms)} FROM ${table}) t) x`,
    );
    if (rows[0]) tables[table] = rows[0];
  }
  const { rows: ends } = await db.query<{ jobId: string; entries: number; hash: string }>(
    `SELECT DISTINCT ON (${firms ? 'tenant_id, ' : ''}job_id) ${firms ? KEY : 'job_id'} AS "jobId", seq AS entries, hash
     FROM record_entry ORDER BY ${firms ? 'tenant_id, ' : ''}job_id, seq DESC`,
  );
  const { rows: migrations } = await db.query<{ name: string }>('SELECT name FROM migration ORDER BY name');
  return {
    tables,
    records: Object.fromEntries(ends.map(({ jobId, entries, hash }) => [jobId, { entries, hash }])),
    migrations: migrations.map((m) => m.name),
  };
}

/** In what two databases differ, a sentence each. */
export function differencesOf(was: Figures, is: Figures): string[] {
  const said: string[] = [];
  for (const table of new Set([...Object.keys(was.tables), ...Object.keys(is.tables)])) {
    const [a, b] = [was.tables[table], is.tables[table]];
    if (a?.rows !== b?.rows)
      said.push(`${table}: ${a?.rows ?? 'no'} rows were backed up, ${b?.rows ?? 'none'} are here.`);
    else if (a?.digest !== b?.digest) said.push(`${table}: the rows hold something else than was backed up.`);
  }
  for (const job of new Set([...Object.keys(was.records), ...Object.keys(is.records)])) {
    const [a, b] = [was.records[job], is.records[job]];
    if (a?.hash !== b?.hash || a?.entries !== b?.entries)
      said.push(
        `Record of ${job}: it ended at entry ${a?.entries ?? 0}, and ends here at ${b?.entries ?? 0}, or with another hash.`,
      );
  }
  return said;
}

/** Walks the chain of every record. @returns a sentence for each that is broken */
export async function brokenChains(db: Db, figures: Figures): Promise<string[]> {
  const said: string[] = [];
  const firms = await hasFirms(db);
  for (const job of Object.keys(figures.records)) {
    const entries: StoredEntry[] = [];
    const { jobId, tenant } = jobOf(job);
    for await (const page of readAll(db, jobId, undefined, firms ? tenant : undefined)) entries.push(...page);
    const problem = chainProblem(entries);
    if (problem) said.push(`Record of ${job}: ${sentence(problem)}`);
  }
  return said;
}
