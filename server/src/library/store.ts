/**
 * The firm's library. What ships with the application is in it from the start, as revision 1; it is written to the
 * database when it is first changed, and is the firm's own from then on.
 */
import { buildUpProblems, buildUpSchema, catalogue, type BuildUp } from '@lentum/core/buildup';
import { sameContent } from '@lentum/core/library';
import type { Problem } from '@lentum/core/problems';
import { sqlState, transaction, UNIQUE_VIOLATION, type Db, type Pool } from '../db/pool.ts';
import { HttpProblem, notFound, unprocessable } from '../http/errors.ts';
import { missingPapers } from '../papers/store.ts';
import { LIBRARY_SQL } from './sql.ts';

/** Name under which shipped revisions are signed. */
const SHIPPED = 'shipped with Lentum';
const shippedPage = (id: string): BuildUp | undefined => catalogue().find((b) => b.id === id);

/** A document of an earlier day lacks what came later: its defaults are filled in. */
const read = (body: unknown): BuildUp => {
  const parsed = buildUpSchema.safeParse(body);
  return parsed.success ? parsed.data : (body as BuildUp);
};

export interface Listed {
  readonly id: string;
  /** Newest released revision; 0 where none is. */
  readonly revision: number;
  /** The draft differs from it. */
  readonly changed: boolean;
  readonly putAway: boolean;
  readonly shipped: boolean;
  /** As released; the draft where nothing was released yet. */
  readonly buildUp: BuildUp;
}

interface ListRow {
  readonly id: string;
  readonly putAway: boolean;
  readonly version: number | null;
  readonly draft: unknown;
  readonly revision: number | null;
  readonly released: unknown;
}

export async function listLibrary(db: Db): Promise<Listed[]> {
  const { rows } = await db.query<ListRow>(LIBRARY_SQL.list);
  const own = rows.map((r): Listed => {
    const released = r.released === null ? undefined : read(r.released);
    const draft = r.draft === null ? released : read(r.draft);
    const buildUp = released ?? draft;
    if (!buildUp) throw new Error(`the library's ${r.id} has neither draft nor revision`);
    return {
      id: r.id,
      revision: r.revision ?? 0,
      changed: draft !== undefined && (!released || !sameContent(draft, released)),
      putAway: r.putAway,
      shipped: shippedPage(r.id) !== undefined,
      buildUp,
    };
  });
  const shipped = catalogue()
    .filter((b) => !own.some((o) => o.id === b.id))
    .map((buildUp): Listed => ({
      id: buildUp.id,
      revision: buildUp.revision,
      changed: false,
      putAway: false,
      shipped: true,
      buildUp,
    }));
  return [...shipped, ...own];
}

export interface Draft {
  readonly version: number;
  readonly body: BuildUp;
}

export async function readDraft(db: Db, id: string): Promise<Draft> {
  const { rows } = await db.query<{ version: number; body: unknown }>(LIBRARY_SQL.draft, [id]);
  const row = rows[0];
  if (row) return { version: row.version, body: read(row.body) };
  const shipped = shippedPage(id);
  if (!shipped) throw notFound('Build-up', id);
  return { version: 0, body: shipped };
}

export interface Revision {
  readonly revision: number;
  readonly releasedAt: string | null;
  readonly who: string;
  readonly note: string;
}

export async function listRevisions(db: Db, id: string): Promise<Revision[]> {
  const { rows } = await db.query<Omit<Revision, 'releasedAt'> & { releasedAt: Date }>(
    LIBRARY_SQL.revisions,
    [id],
  );
  if (rows.length > 0) return rows.map((r) => ({ ...r, releasedAt: r.releasedAt.toISOString() }));
  const shipped = shippedPage(id);
  return shipped ? [{ revision: 1, releasedAt: null, who: SHIPPED, note: '' }] : [];
}

export async function readRevision(db: Db, id: string, revision: number): Promise<BuildUp> {
  const { rows } = await db.query<{ body: unknown }>(LIBRARY_SQL.revision, [id, revision]);
  const shipped = shippedPage(id);
  if (rows[0]) return read(rows[0].body);
  if (shipped && revision === shipped.revision) return shipped;
  throw notFound('Build-up and revision', `${id} ${revision}`);
}

const stale = (from: number, newest: Draft | undefined): HttpProblem =>
  new HttpProblem(
    412,
    'Somebody else saved first',
    [
      {
        kind: 'order',
        field: 'If-Match',
        label: 'The build-up',
        actual: `this was made from version ${from}, and version ${newest?.version ?? '?'} is the newest`,
        expected: 'a change made from the newest version',
      },
    ],
    { newest },
  );

/** Locks a build-up, writing the shipped revision down where it is not yet; what is new is made. */
async function lock(db: Db, id: string, now: Date): Promise<{ version: number; draft: BuildUp | undefined }> {
  const { rowCount } = await db.query(LIBRARY_SQL.add, [id]);
  const shipped = shippedPage(id);
  if (rowCount === 1 && shipped)
    await db.query(LIBRARY_SQL.addRevision, [id, 1, JSON.stringify(shipped), now, SHIPPED, '']);
  await db.query(LIBRARY_SQL.lock, [id]);
  const { rows } = await db.query<{ version: number; body: unknown }>(LIBRARY_SQL.draft, [id]);
  return { version: rows[0]?.version ?? 0, draft: rows[0] ? read(rows[0].body) : shipped };
}

async function inOneGo<T>(pool: Pool, id: string, from: number, work: (db: Db) => Promise<T>): Promise<T> {
  try {
    return await transaction(pool, work);
  } catch (error) {
    if (sqlState(error) !== UNIQUE_VIOLATION) throw error;
    throw stale(from, await readDraft(pool, id));
  }
}

const wrongId = (id: string, body: BuildUp): Problem[] =>
  body.id === id
    ? []
    : [
        {
          kind: 'wrong',
          field: 'id',
          label: 'The build-up, id',
          actual: body.id,
          expected: `“${id}”, as in the address`,
        },
      ];

/**
 * Stores the next version of a draft under the version it was made from; 0 begins a new build-up.
 * @returns the new version
 */
export const writeDraft = (pool: Pool, id: string, from: number, body: BuildUp, now: Date): Promise<number> =>
  inOneGo(pool, id, from, async (db) => {
    const { version, draft } = await lock(db, id, now);
    if (version !== from) throw stale(from, draft && { version, body: draft });
    const wrong = [...wrongId(id, body), ...buildUpProblems(body), ...(await missingPapers(db, [body]))];
    if (wrong.length > 0) throw unprocessable(wrong);
    await db.query(LIBRARY_SQL.addDraft, [id, version + 1, JSON.stringify(body)]);
    return version + 1;
  });

/** Releases the draft as the next revision, which then stays as it is. */
export const release = (
  pool: Pool,
  id: string,
  from: number,
  by: { who: string; note: string },
  now: Date,
): Promise<{ revision: number; version: number }> =>
  inOneGo(pool, id, from, async (db) => {
    await readDraft(db, id);
    const { version, draft } = await lock(db, id, now);
    if (!draft || version !== from) throw stale(from, draft && { version, body: draft });
    const newest = (await listRevisions(db, id))[0]?.revision ?? 0;
    if (newest > 0 && sameContent(draft, await readRevision(db, id, newest)))
      throw unprocessable([
        {
          kind: 'order',
          field: 'revision',
          label: draft.name,
          actual: `nothing differs from revision ${newest}`,
          expected: 'a change before the next revision is released',
        },
      ]);
    const revision = newest + 1;
    const { taken: _taken, ...own } = draft;
    const body: BuildUp = { ...own, revision };
    await db.query(LIBRARY_SQL.addRevision, [id, revision, JSON.stringify(body), now, by.who, by.note]);
    await db.query(LIBRARY_SQL.addDraft, [id, version + 1, JSON.stringify(body)]);
    return { revision, version: version + 1 };
  });

/** Puts a build-up away, out of what is offered, or brings it back. Nothing of it is lost. */
export const putAway = (pool: Pool, id: string, away: boolean, now: Date): Promise<void> =>
  transaction(pool, async (db) => {
    await readDraft(db, id);
    const { version, draft } = await lock(db, id, now);
    if (version === 0 && draft) await db.query(LIBRARY_SQL.addDraft, [id, 1, JSON.stringify(draft)]);
    await db.query(LIBRARY_SQL.away, [id, away, now]);
  });
