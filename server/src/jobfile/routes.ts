import { buffer } from 'node:stream/consumers';
import { z } from 'zod';
import { jobFileSchema } from '@lentum/core/jobfile';
import { goneWith } from '../compute/threads.ts';
import { route } from '../http/routes.ts';
import { newJobId } from '../jobs/newid.ts';
import { reportPool } from '../db/replica.ts';
import { taskKind } from '../tasks/kinds.ts';
import { taskPut, tasksOf } from '../tasks/routes.ts';
import { exportFile, importFile } from './importing.ts';

const imported = z.object({
  id: z.string(),
  name: z.string(),
  entries: z.number(),
  /** Where its record is not what this server has signed of it. */
  says: z.string().optional(),
});

export const jobFileRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/file',
    access: 'take job out',
    tag: 'Job file',
    summary: 'The whole job as one JSON file',
    answer: jobFileSchema,
    run: async ({ params, context, res }) => {
      const { name, bytes } = await exportFile(
        await reportPool(context),
        params['jobId'] ?? '',
        context.now(),
        res,
      );
      res.attachment(`${name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}.lentum.json`);
      res.type('json').send(Buffer.from(bytes.buffer, bytes.byteOffset, bytes.byteLength));
    },
  }),
  route({
    method: 'put',
    path: '/jobs/{jobId}/file',
    access: 'change job',
    tag: 'Job file',
    summary:
      'Import a job file under an id made by the client: whole, or not at all; with later=true by a task that tells how far it is',
    // Checked by the core, which tells a foreign file from a broken one; read in threads, so that nobody waits for it.
    raw: { types: ['application/json'], limit: '128mb' },
    query: z.object({ later: z.enum(['true', 'false']).default('false') }),
    answer: z.union([imported, taskPut]),
    statuses: {
      201: 'Imported',
      200: 'Was there already',
      202: 'Kept, and imported by a task',
      409: 'Another job has this id, or the record was changed after it was signed here',
    },
    run: async ({ params, query, context, req, res }) => {
      const id = newJobId(params);
      const body: unknown = req.body;
      const bytes = Buffer.isBuffer(body) ? body : Buffer.alloc(0);
      if (query.later === 'true') {
        const task = await tasksOf(context).put('import', null, { id }, bytes);
        res.status(202);
        return { task };
      }
      const gone = goneWith(res);
      const { fresh, ...stored } = await importFile(
        context.pool,
        id,
        bytes,
        context.now(),
        gone.signal,
      ).finally(gone.done);
      res.status(fresh ? 201 : 200);
      return { id, ...stored };
    },
  }),
];

taskKind('import', async ({ pool, now, asked, sent, signal, tell }) => {
  const { id } = z.object({ id: z.string() }).parse(asked);
  await tell(0.1, 'The file is read.');
  const bytes = await buffer(sent());
  await tell(0.3, 'It is checked and stored.');
  const { fresh: _, ...stored } = await importFile(pool, id, bytes, now(), signal);
  return { id, ...stored };
});
