/** Versioned documents. A write names the version it was made from; every version is kept. */
import type { Db } from './pool.ts';

export type DocumentKind =
  'job' | 'survey' | 'build-up' | 'order' | 'programme' | 'site' | 'weather' | 'proving';

export interface StoredDocument<T> {
  readonly version: number;
  readonly body: T;
}

const SQL = {
  latest: `SELECT version, body FROM document WHERE job_id = $1 AND kind = $2 ORDER BY version DESC LIMIT 1`,
  newest: `SELECT version, xmin::text || ' ' || written_at::text AS mark FROM document
    WHERE job_id = $1 AND kind = $2 ORDER BY version DESC LIMIT 1`,
  version: `SELECT body FROM document WHERE job_id = $1 AND kind = $2 AND version = $3`,
  all: `SELECT DISTINCT ON (kind) kind, version, body FROM document WHERE job_id = $1 ORDER BY kind, version DESC`,
  insert: `INSERT INTO document (job_id, kind, version, body) VALUES ($1, $2, $3, $4)`,
};

export async function readDocument<T>(
  db: Db,
  jobId: string,
  kind: DocumentKind,
): Promise<StoredDocument<T> | undefined> {
  const { rows } = await db.query<StoredDocument<T>>(SQL.latest, [jobId, kind]);
  return rows[0];
}

/**
 * Which version is the newest, without reading it.
 * @returns it, with a mark of its row: another row, also one written by hand, has another one
 */
export async function newestVersion(
  db: Db,
  jobId: string,
  kind: DocumentKind,
): Promise<{ readonly version: number; readonly mark: string } | undefined> {
  const { rows } = await db.query<{ version: number; mark: string }>(SQL.newest, [jobId, kind]);
  return rows[0];
}

/** A version that is there: versions stay as they were written. */
export async function readVersion(
  db: Db,
  jobId: string,
  kind: DocumentKind,
  version: number,
): Promise<unknown> {
  const { rows } = await db.query<{ body: unknown }>(SQL.version, [jobId, kind, version]);
  return rows[0]?.body;
}

/** The newest version of every document of a job. */
export async function readDocuments(
  db: Db,
  jobId: string,
): Promise<Map<DocumentKind, StoredDocument<unknown>>> {
  const { rows } = await db.query<StoredDocument<unknown> & { kind: DocumentKind }>(SQL.all, [jobId]);
  return new Map(rows.map((r) => [r.kind, { version: r.version, body: r.body }]));
}

/** Stores a version. A version that is there already is a unique violation: somebody else was first. */
export async function writeDocument(
  db: Db,
  jobId: string,
  kind: DocumentKind,
  version: number,
  body: object,
): Promise<void> {
  await db.query(SQL.insert, [jobId, kind, version, JSON.stringify(body)]);
}
