/** Writing the next version of a document, made from the version that the writer saw. */
import type { Request, Response } from 'express';
import type { Problem } from '@lentum/core/problems';
import { readDocument, writeDocument, type DocumentKind } from '../db/documents.ts';
import { sqlState, transaction, UNIQUE_VIOLATION, type Db } from '../db/pool.ts';
import { HttpProblem, notFound, unprocessable } from '../http/errors.ts';
import { expectedVersion, setVersion } from '../http/etag.ts';
import type { Context } from '../http/routes.ts';
import { JOBS_SQL } from './sql.ts';

function stale(
  kind: DocumentKind,
  from: number,
  current: { version: number; body: unknown } | undefined,
): HttpProblem {
  const problem: Problem = {
    kind: 'order',
    field: 'If-Match',
    label: `The ${kind}`,
    actual: `this was made from version ${from}, and version ${current?.version ?? '?'} is the newest`,
    expected: 'a change made from the newest version',
  };
  return new HttpProblem(412, 'Somebody else saved first', [problem], { newest: current });
}

/**
 * Stores a new version under If-Match and answers its number. A stale write gets 412 with the newest version;
 * it overwrites nothing. The job row is locked, so that what `problems` looks at cannot change meanwhile.
 * @param more what is wrong with the new body, given the rest of the job; and what is kept along with it
 */
export async function replaceDocument(
  context: Context,
  req: Request,
  res: Response,
  jobId: string,
  kind: DocumentKind,
  body: object,
  more: {
    problems?: (db: Db) => Promise<readonly Problem[]>;
    kept?: (db: Db) => Promise<void> | undefined;
    /** What is stored of it, given what is stored now; absent for all that was sent. */
    stored?: ((body: object, current: object) => object) | undefined;
  } = {},
): Promise<number> {
  let from = 0;
  try {
    return await transaction(context.pool, async (db) => {
      const { rowCount } = await db.query(JOBS_SQL.lock, [jobId]);
      if (rowCount === 0) throw notFound('Job', jobId);
      const current = await readDocument<object>(db, jobId, kind);
      from = await expectedVersion(req, () => current?.version ?? 0);
      if (current?.version !== from) throw stale(kind, from, current);
      const wrong = (await more.problems?.(db)) ?? [];
      if (wrong.length > 0) throw unprocessable(wrong);
      const whole = more.stored ? more.stored(body, current.body) : body;
      await writeDocument(db, jobId, kind, from + 1, whole);
      await more.kept?.(db);
      setVersion(res, from + 1);
      return from + 1;
    });
  } catch (error) {
    if (sqlState(error) !== UNIQUE_VIOLATION) throw error;
    throw stale(kind, from, await readDocument(context.pool, jobId, kind));
  }
}
