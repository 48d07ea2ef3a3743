import type { Problem } from '@lentum/core/problems';
import { canonicalJson } from '@lentum/core/record';
import { siteProblems, siteSchema, type SiteDoc } from '@lentum/core/site';
import { EMPTY_SURVEY, type Survey } from '@lentum/core/survey';
import { readDocument } from '../db/documents.ts';
import type { Db } from '../db/pool.ts';
import { documentRoutes } from '../jobs/documentroutes.ts';
import { SITE_SQL } from './sql.ts';

/** Bays that the record refers to may be neither changed nor dropped. */
async function usedBayProblems(db: Db, jobId: string, next: SiteDoc): Promise<Problem[]> {
  const { rows } = await db.query<{ id: string; uses: number }>(SITE_SQL.baysUsed, [jobId]);
  if (rows.length === 0) return [];
  const before = await readDocument<SiteDoc>(db, jobId, 'site');
  return rows.flatMap(({ id, uses }) => {
    const was = before?.body.bays.find((b) => b.id === id);
    const is = next.bays.find((b) => b.id === id);
    if (!was || (is && canonicalJson(was) === canonicalJson(is))) return [];
    return [
      {
        kind: 'inUse' as const,
        field: 'bays',
        label: `Bay ${was.label}`,
        actual: `${uses} record ${uses === 1 ? 'entry refers' : 'entries refer'} to it`,
        expected: 'bays with entries to stay as they are',
      },
    ];
  });
}

export const siteRoutes = documentRoutes({
  kind: 'site',
  tag: 'Site',
  name: 'The site',
  schema: siteSchema,
  beside: 'survey',
  problems: ({ body, beside }) => siteProblems(body, (beside as Survey | undefined) ?? EMPTY_SURVEY),
  stored: usedBayProblems,
});
