import { z } from 'zod';
import { readDocument } from '../db/documents.ts';
import { notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { keepScaled, readScaled } from './scaled.ts';
import { MEDIA_TYPES, readPicture, storePicture } from './store.ts';

export const pictureRoutes = [
  route({
    method: 'put',
    path: '/jobs/{jobId}/pictures/{sha256}',
    access: 'enter',
    tag: 'Pictures',
    summary: 'Store a PNG or JPEG under the SHA-256 of its content, at most 12 MB',
    raw: { types: MEDIA_TYPES, limit: '12mb' },
    answer: z.object({ id: z.string() }),
    statuses: { 201: 'Stored', 422: 'No picture, or not whole' },
    run: async ({ params, context, req, res }) => {
      const jobId = params['jobId'] ?? '';
      const sha256 = params['sha256'] ?? '';
      if (!(await readDocument(context.pool, jobId, 'job'))) throw notFound('Job', jobId);
      const body: unknown = req.body;
      const content = Buffer.isBuffer(body) ? body : Buffer.alloc(0);
      const isNew = await storePicture(context.pool, jobId, sha256, content);
      // Now, while one picture is sent at a time: a handover may want hundreds.
      if (isNew) await keepScaled(context.pool, jobId, sha256, 'small', content);
      res.status(201);
      return { id: sha256 };
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/pictures/{sha256}',
    access: 'read job',
    tag: 'Pictures',
    summary:
      'A picture of a job as it was taken, or made smaller: small for lists and paper, screen for a slow net',
    query: z.object({ size: z.enum(['small', 'screen']).optional() }),
    answerType: 'image/png',
    run: async ({ params, query, context, res }) => {
      const [jobId, sha256] = [params['jobId'] ?? '', params['sha256'] ?? ''];
      const smaller = query.size && (await readScaled(context.pool, jobId, sha256, query.size));
      // One that cannot be made smaller is answered as it is.
      const picture = smaller
        ? { mediaType: 'image/jpeg', content: smaller.content }
        : await readPicture(context.pool, jobId, sha256);
      if (!picture) throw notFound('Picture', sha256);
      res.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      res.type(picture.mediaType).send(picture.content);
    },
  }),
];
