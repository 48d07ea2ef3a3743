import { z } from 'zod';
import { checkJobFile, jobFileSchema } from '@lentum/core/jobfile';
import { unprocessable } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { newJobId } from '../jobs/newid.ts';
import { exportJob, importJob } from './store.ts';

export const jobFileRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/file',
    tag: 'Job file',
    summary: 'The whole job as one JSON file',
    answer: jobFileSchema,
    run: async ({ params, context, res }) => {
      const file = await exportJob(context.pool, params['jobId'] ?? '', context.now());
      const name = file.content.job.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase();
      res.attachment(`${name}.lentum.json`);
      return file;
    },
  }),
  route({
    method: 'put',
    path: '/jobs/{jobId}/file',
    tag: 'Job file',
    summary: 'Import a job file under an id made by the client: whole, or not at all',
    // Checked by the core, which tells a foreign file from a broken one.
    body: z.unknown(),
    answer: z.object({ id: z.string(), name: z.string(), entries: z.number() }),
    statuses: { 201: 'Imported', 200: 'Was there already', 409: 'Another job has this id' },
    largeBody: true,
    asFiled: true,
    run: async ({ params, body, context, res }) => {
      const id = newJobId(params);
      const file = checkJobFile(body);
      if (!file.ok) throw unprocessable(file.problems);
      const { content } = file.value;
      const fresh = await importJob(context.pool, id, content, context.now());
      res.status(fresh ? 201 : 200);
      return { id, name: content.job.name, entries: content.record.length };
    },
  }),
];
