import { z } from 'zod';
import { notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { PAPER_TYPES, readPaper, storePaper } from './store.ts';

export const paperRoutes = [
  route({
    method: 'put',
    path: '/papers/{sha256}',
    access: 'file papers',
    tag: 'Library',
    summary: 'File a paper (PDF, PNG or JPEG) under the SHA-256 of its content, at most 12 MB',
    raw: { types: PAPER_TYPES, limit: '12mb' },
    answer: z.object({ sha256: z.string() }),
    statuses: { 201: 'Filed', 422: 'No such file, or not whole' },
    run: async ({ params, context, req, res }) => {
      const sha256 = params['sha256'] ?? '';
      const content: unknown = req.body;
      await storePaper(context.pool, sha256, Buffer.isBuffer(content) ? content : Buffer.alloc(0));
      res.status(201);
      return { sha256 };
    },
  }),
  route({
    method: 'get',
    path: '/papers/{sha256}',
    access: 'read papers',
    tag: 'Library',
    summary: 'A paper of the binder',
    query: z.object({ view: z.literal('yes').optional() }),
    answerType: 'application/pdf',
    run: async ({ params, query, context, res }) => {
      const paper = await readPaper(context.pool, params['sha256'] ?? '');
      if (!paper) throw notFound('Paper', params['sha256'] ?? '');
      res.setHeader('Cache-Control', 'private, max-age=31536000, immutable');
      // Its kind was told by its content, and no browser may guess another (nosniff). It comes as a file to be saved, in
      // which nothing may run. Only where it is asked for to be read is a PDF left to the browser's own viewer, which has a
      // sandbox of its own and which a policy of the page would shut out.
      const forViewer = query.view === 'yes' && paper.mediaType === 'application/pdf';
      if (forViewer) res.removeHeader('Content-Security-Policy');
      else res.setHeader('Content-Security-Policy', "sandbox; default-src 'none'");
      const ending = paper.mediaType.split('/')[1] ?? '';
      if (query.view !== 'yes') res.attachment(`paper-${(params['sha256'] ?? '').slice(0, 12)}.${ending}`);
      res.type(paper.mediaType).send(paper.content);
    },
  }),
];
