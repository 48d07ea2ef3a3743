import type { SiteDoc } from '@lentum/core/site';
import { surveyProblems, surveySchema } from '@lentum/core/survey';
import { documentRoutes } from '../jobs/documentroutes.ts';
import { bringOver } from '../record/broughtover.ts';

export const surveyRoutes = documentRoutes({
  kind: 'survey',
  tag: 'Survey',
  name: 'The survey',
  schema: surveySchema,
  // Tests belong to the record: those that come with a survey are brought over.
  kept: bringOver,
  beside: 'site',
  problems: ({ body: survey, beside: site }) => {
    const zones = new Set(survey.zones.map((z) => z.id));
    const orphan = (site as SiteDoc | undefined)?.bays.find((b) => !zones.has(b.zoneId));
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
