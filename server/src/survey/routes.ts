import type { SiteDoc } from '@lentum/core/site';
import { surveyProblems, surveySchema } from '@lentum/core/survey';
import { readDocument } from '../db/documents.ts';
import { documentRoutes } from '../jobs/documentroutes.ts';
import { bringOver } from '../record/broughtover.ts';

export const surveyRoutes = documentRoutes({
  kind: 'survey',
  tag: 'Survey',
  name: 'The survey',
  schema: surveySchema,
  // Tests belong to the record: those that come with a survey are brought over.
  kept: bringOver,
  problems: async (db, jobId, survey) => {
    const site = await readDocument<SiteDoc>(db, jobId, 'site');
    const zones = new Set(survey.zones.map((z) => z.id));
    const orphan = site?.body.bays.find((b) => !zones.has(b.zoneId));
    const problems = surveyProblems(survey, Date.now());
    return orphan
      ? [
          ...problems,
          {
            kind: 'inUse' as const,
            field: 'zones',
            label: 'Zone',
            actual: `bay ${orphan.label} lies in a zone that would be removed`,
            expected: 'its bays to be removed first',
          },
        ]
      : problems;
  },
});
