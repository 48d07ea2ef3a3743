import { programmeProblems, programmeSchema } from '@lentum/core/planning';
import { documentRoutes } from '../jobs/documentroutes.ts';

export const programmeRoutes = documentRoutes({
  kind: 'programme',
  tag: 'Programme',
  name: 'The programme',
  schema: programmeSchema,
  problems: ({ body }) => programmeProblems(body),
});
