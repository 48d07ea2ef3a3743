import { z } from 'zod';
import { route } from '../http/routes.ts';
import { importDemo } from '../jobfile/importing.ts';
import { newJobId } from '../jobs/newid.ts';

export const demoRoutes = [
  route({
    method: 'put',
    path: '/demo/{jobId}',
    access: 'change job',
    tag: 'Jobs',
    summary:
      'Start the demo again from this moment, under an id made by the client; earlier demos are put away',
    answer: z.object({ id: z.string() }),
    statuses: { 201: 'Started' },
    run: async ({ params, context, res }) => {
      const id = newJobId(params);
      await importDemo(context.pool, id, context.now(), res);
      res.status(201);
      return { id };
    },
  }),
];
