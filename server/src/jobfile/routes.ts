import { z } from 'zod';
import { jobFileSchema } from '@lentum/core/jobfile';
import { route } from '../http/routes.ts';
import { newJobId } from '../jobs/newid.ts';
import { exportFile, importFile } from './importing.ts';

export const jobFileRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/file',
    tag: 'Job file',
    summary: 'The whole job as one JSON file',
    answer: jobFileSchema,
    run: async ({ params, context, res }) => {
      const { name, bytes } = await exportFile(context.pool, params['jobId'] ?? '', context.now(), res);
      res.attachment(`${name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.lentum.json`);
      res.type('json').send(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength));
    },
  }),
  route({
    method: 'put',
    path: '/jobs/{jobId}/file',
    tag: 'Job file',
    summary: 'Import a job file under an id made by the client: whole, or not at all',
    // Checked by the core, which tells a foreign file from a broken one; read in threads, so that nobody waits for it.
    raw: { types: ['application/json'], limit: '128mb' },
    answer: z.object({ id: z.string(), name: z.string(), entries: z.number() }),
    statuses: { 201: 'Imported', 200: 'Was there already', 409: 'Another job has this id' },
    run: async ({ params, context, req, res }) => {
      const id = newJobId(params);
      const bytes: unknown = req.body;
      const { fresh, name, entries } = await importFile(
        context.pool,
        id,
        Buffer.isBuffer(bytes) ? bytes : Buffer.alloc(0),
        context.now(),
        res,
      );
      res.status(fresh ? 201 : 200);
      return { id, name, entries };
    },
  }),
];
