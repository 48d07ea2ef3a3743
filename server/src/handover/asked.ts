import { provingProblems, provingSchema } from '@lentum/core/proving';
import { documentRoutes } from '../jobs/documentroutes.ts';

export const provingRoutes = documentRoutes({
  kind: 'proving',
  tag: 'Handover',
  name: 'What is to be proven',
  schema: provingSchema,
  problems: ({ body }) => provingProblems(body),
});
