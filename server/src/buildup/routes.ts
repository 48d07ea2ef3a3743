import { z } from 'zod';
import {
  buildUpDocProblems,
  buildUpDocSchema,
  buildUpSchema,
  CATALOGUE,
  type BuildUpDoc,
} from '@lentum/core/buildup';
import type { Problem } from '@lentum/core/problems';
import { canonicalJson } from '@lentum/core/record';
import { readDocument } from '../db/documents.ts';
import type { Db } from '../db/pool.ts';
import { route } from '../http/routes.ts';
import { documentRoutes } from '../jobs/documentroutes.ts';
import { BUILD_UP_SQL } from './sql.ts';

/** Revisions that the record refers to are frozen: they may be neither changed nor dropped. */
async function frozenProblems(db: Db, jobId: string, next: BuildUpDoc): Promise<Problem[]> {
  const { rows } = await db.query<{ id: string; revision: number; uses: number }>(BUILD_UP_SQL.used, [jobId]);
  if (rows.length === 0) return [];
  const before = await readDocument<BuildUpDoc>(db, jobId, 'build-up');
  return rows.flatMap(({ id, revision, uses }) => {
    const find = (doc: BuildUpDoc | undefined) =>
      doc?.buildUps.find((b) => b.id === id && b.revision === revision);
    const [was, is] = [find(before?.body), find(next)];
    if (was && is && canonicalJson(was) === canonicalJson(is)) return [];
    return [
      {
        kind: 'inUse' as const,
        field: 'buildUps',
        label: `${was?.name ?? id}, revision ${revision}`,
        actual: `${uses} record ${uses === 1 ? 'entry refers' : 'entries refer'} to it`,
        expected: `it unchanged, and the change as revision ${revision + 1}`,
      },
    ];
  });
}

export const buildUpRoutes = [
  route({
    method: 'get',
    path: '/build-ups',
    tag: 'Build-up',
    summary: 'Build-ups that ship with the application; every value in them is typical',
    answer: z.array(buildUpSchema),
    run: () => Promise.resolve(CATALOGUE),
  }),
  ...documentRoutes({
    kind: 'build-up',
    tag: 'Build-up',
    name: 'The build-ups',
    schema: buildUpDocSchema,
    problems: async (db, jobId, doc) => [
      ...buildUpDocProblems(doc),
      ...(await frozenProblems(db, jobId, doc)),
    ],
  }),
];
