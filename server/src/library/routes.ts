import { z } from 'zod';
import { buildUpSchema } from '@lentum/core/buildup';
import { buildUpFileSchema, writeBuildUpFile } from '@lentum/core/library';
import type { Request } from 'express';
import type { Db } from '../db/pool.ts';
import { expectedVersion, setVersion } from '../http/etag.ts';
import { notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { readPapers } from '../papers/store.ts';
import {
  listLibrary,
  listRevisions,
  putAway,
  readDraft,
  readRevision,
  release,
  writeDraft,
} from './store.ts';

const listed = z.object({
  id: z.string(),
  revision: z.number(),
  changed: z.boolean(),
  putAway: z.boolean(),
  shipped: z.boolean(),
  buildUp: buildUpSchema,
});

function revisionNumber(text: string | undefined): number {
  if (!/^\d{1,6}$/.test(text ?? '')) throw notFound('Revision', text ?? '');
  return Number(text);
}

const fromVersion = (req: Request, db: Db, id: string): Promise<number> =>
  expectedVersion(req, async () => (await readDraft(db, id)).version);

export const libraryRoutes = [
  route({
    method: 'get',
    path: '/library',
    access: 'read library',
    tag: 'Library',
    summary: 'Every build-up of the firm, as last released, what ships with the application among them',
    answer: z.object({ buildUps: z.array(listed) }),
    run: async ({ context }) => ({ buildUps: await listLibrary(context.pool) }),
  }),
  route({
    method: 'get',
    path: '/library/{buildUpId}',
    access: 'read library',
    tag: 'Library',
    summary: 'The draft of a build-up, with its version as ETag',
    answer: buildUpSchema,
    run: async ({ params, context, res }) => {
      const draft = await readDraft(context.pool, params['buildUpId'] ?? '');
      setVersion(res, draft.version);
      return draft.body;
    },
  }),
  route({
    method: 'put',
    path: '/library/{buildUpId}',
    access: 'change library',
    tag: 'Library',
    summary: 'Replace the draft; If-Match names the version it was made from, "0" begins a new build-up',
    body: buildUpSchema,
    bodyName: 'The build-up',
    versioned: true,
    answer: z.object({ version: z.number() }),
    statuses: { 412: 'Somebody else saved first; the newest version is in the answer' },
    run: async ({ params, body, context, req, res }) => {
      const version = await writeDraft(
        context.pool,
        params['buildUpId'] ?? '',
        await fromVersion(req, context.pool, params['buildUpId'] ?? ''),
        body,
        context.now(),
      );
      setVersion(res, version);
      return { version };
    },
  }),
  route({
    method: 'get',
    path: '/library/{buildUpId}/revisions',
    access: 'read library',
    tag: 'Library',
    summary: 'The released revisions of a build-up, newest first',
    answer: z.object({
      revisions: z.array(
        z.object({
          revision: z.number(),
          releasedAt: z.string().nullable(),
          who: z.string(),
          note: z.string(),
        }),
      ),
    }),
    run: async ({ params, context }) => {
      const id = params['buildUpId'] ?? '';
      await readDraft(context.pool, id);
      return { revisions: await listRevisions(context.pool, id) };
    },
  }),
  route({
    method: 'post',
    path: '/library/{buildUpId}/revisions',
    access: 'change library',
    tag: 'Library',
    summary: 'Release the draft as the next revision; it cannot be changed afterwards',
    body: z.strictObject({ who: z.string().trim().min(1).max(80), note: z.string().max(400) }),
    bodyName: 'The release',
    versioned: true,
    answer: z.object({ revision: z.number(), version: z.number() }),
    statuses: {
      201: 'Released',
      412: 'Somebody else saved first',
      422: 'Nothing changed, or something is wrong',
    },
    run: async ({ params, body, context, req, res }) => {
      const released = await release(
        context.pool,
        params['buildUpId'] ?? '',
        await fromVersion(req, context.pool, params['buildUpId'] ?? ''),
        body,
        context.now(),
      );
      res.status(201);
      setVersion(res, released.version);
      return released;
    },
  }),
  route({
    method: 'get',
    path: '/library/{buildUpId}/revisions/{revision}',
    access: 'read library',
    tag: 'Library',
    summary: 'One released revision',
    answer: buildUpSchema,
    run: ({ params, context }) =>
      readRevision(context.pool, params['buildUpId'] ?? '', revisionNumber(params['revision'])),
  }),
  route({
    method: 'get',
    path: '/library/{buildUpId}/file',
    access: 'change library',
    tag: 'Library',
    summary: 'The draft as a build-up file, with the papers of its binder',
    answer: buildUpFileSchema,
    run: async ({ params, context, res }) => {
      const { body } = await readDraft(context.pool, params['buildUpId'] ?? '');
      res.attachment(`${body.id}.lentum-build-up.json`);
      return writeBuildUpFile(body, await readPapers(context.pool, [body]), context.now().toISOString());
    },
  }),
  route({
    method: 'post',
    path: '/library/{buildUpId}/away',
    access: 'change library',
    tag: 'Library',
    summary: 'Put a build-up away, out of what is offered, or bring it back',
    body: z.strictObject({ away: z.boolean() }),
    bodyName: 'The wish',
    answer: 'nothing',
    run: ({ params, body, context }) =>
      putAway(context.pool, params['buildUpId'] ?? '', body.away, context.now()),
  }),
];
