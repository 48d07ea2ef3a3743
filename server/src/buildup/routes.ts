import { buildUpDocProblems, buildUpDocSchema, type BuildUpDoc } from '@lentum/core/buildup';
import type { Problem } from '@lentum/core/problems';
import { canonicalJson } from '@lentum/core/record';
import { readDocument } from '../db/documents.ts';
import type { Db } from '../db/pool.ts';
import { missingPapers } from '../papers/store.ts';
import { documentRoutes } from '../jobs/documentroutes.ts';
import { BUILD_UP_SQL } from './sql.ts';

/** Revisions that the record refers to are frozen: they may be neither changed nor dropped. */
async function frozenProblems(db: Db, jobId: string, next: BuildUpDoc): Promise<Problem[]> {
  const { rows } = await db.query<{ id: string; revision: number; uses: number }>(BUILD_UP_SQL.used, [jobId]);
  if (rows.length === 0) return [];
  const stored = await readDocument<BuildUpDoc>(db, jobId, 'build-up');
  // What an earlier day stored lacks what came later: both are compared with their defaults filled in.
  const parsed = buildUpDocSchema.safeParse(stored?.body);
  const before = parsed.success ? parsed.data : stored?.body;
  return rows.flatMap(({ id, revision, uses }) => {
    const find = (doc: BuildUpDoc | undefined) =>
      doc?.buildUps.find((b) => b.id === id && b.revision === revision);
    const [was, is] = [find(before), find(next)];
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
  ...documentRoutes({
    kind: 'build-up',
    tag: 'Build-up',
    name: 'The build-ups',
    schema: buildUpDocSchema,
    problems: ({ body }) => buildUpDocProblems(body),
    stored: async (db, jobId, doc) => [
      ...(await frozenProblems(db, jobId, doc)),
      ...(await missingPapers(db, doc.buildUps)),
    ],
  }),
];
