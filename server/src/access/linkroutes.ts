/** Links to share: who makes them, and how somebody without an account comes in by one. */
import { z } from 'zod';
import { plainText } from '@lentum/core/job';
import { transaction } from '../db/pool.ts';
import { HttpProblem, notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { requireJob } from '../jobs/routes.ts';
import { makeLink, openLink, OPENS } from './links.ts';
import { logAccess } from './log.ts';
import { accountOf, addressOf, needFirm, sessionAnswer, told } from './routes.ts';
import { beginSession } from './sessions.ts';
import { ACCESS_SQL } from './sql.ts';
import { Who } from './who.ts';

const MS_PER_DAY = 86_400_000;
const instant = z.string();

export const linkRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/links',
    access: 'share job',
    tag: 'Access',
    summary: 'The links by which somebody without an account reads this job, newest first',
    answer: z.object({
      links: z.array(
        z.object({
          ...{ id: z.string(), opens: z.enum(OPENS), forWhom: z.string(), madeBy: z.string() },
          ...{ madeAt: instant, until: instant, endedAt: instant.nullable() },
          /** How often it was opened, and when last. */
          ...{ opened: z.number(), openedAt: instant.nullable() },
        }),
      ),
    }),
    run: async ({ params, context }) => {
      const jobId = params['jobId'] ?? '';
      await requireJob(context.pool, jobId);
      return { links: (await context.pool.query(ACCESS_SQL.links, [jobId])).rows as never[] };
    },
  }),
  route({
    method: 'post',
    path: '/jobs/{jobId}/links',
    access: 'share job',
    tag: 'Access',
    summary: 'Make a link; what stands in its address is told only now',
    body: z.strictObject({
      opens: z.enum(OPENS),
      forWhom: z.string().trim().min(1).max(80).transform(plainText),
      days: z.number().int().min(1).max(365),
    }),
    bodyName: 'The link',
    answer: z.object({ id: z.string(), secret: z.string(), until: instant }),
    statuses: { 201: 'Made' },
    run: async ({ params, body, context, who, res }) => {
      const account = accountOf(who);
      const jobId = params['jobId'] ?? '';
      await requireJob(context.pool, jobId);
      const now = context.now();
      const { opens, forWhom } = body;
      const until = new Date(now.getTime() + body.days * MS_PER_DAY);
      const made = await transaction(context.pool, async (db) => {
        const { id, secret } = await makeLink(db, { jobId, opens, forWhom, until }, account.id, now);
        const detail = { id, jobId, forWhom, until };
        await logAccess(db, { what: 'link made', at: now, accountId: account.id, detail });
        return { id, secret };
      });
      res.status(201);
      return { ...made, until };
    },
  }),
  route({
    method: 'post',
    path: '/jobs/{jobId}/links/{linkId}/end',
    access: 'share job',
    tag: 'Access',
    summary: 'End a link: whoever is in by it is out at once',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: 'nothing',
    run: async ({ params, context, who }) => {
      const now = context.now();
      const { jobId = '', linkId = '' } = params;
      await transaction(context.pool, async (db) => {
        const { rowCount, rows } = await db.query<{ forWhom: string }>(ACCESS_SQL.endLink, [
          jobId,
          linkId,
          now,
        ]);
        if (rowCount === 0) throw notFound('Link', linkId);
        await db.query(ACCESS_SQL.endGuests, [linkId]);
        const detail = { id: linkId, jobId, forWhom: rows[0]?.forWhom };
        await logAccess(db, { what: 'link ended', at: now, accountId: who.account?.id, detail });
      });
    },
  }),
  route({
    method: 'post',
    path: '/shared/open',
    access: 'anybody',
    tag: 'Access',
    summary: 'Come in by a link: a session that reads one job. It is counted',
    body: z.strictObject({ secret: z.string().min(1).max(100) }),
    bodyName: 'The link',
    answer: sessionAnswer,
    statuses: { 404: 'The link is not good', 429: 'Too many wrong tries' },
    run: async ({ body, context, req, res }) => {
      await needFirm(context);
      const address = addressOf(req);
      const now = context.now();
      await context.tries.check(undefined, address);
      const link = await openLink(context.pool, body.secret, now);
      if (!link) {
        await context.tries.wrong(undefined, address);
        await logAccess(context.pool, { what: 'wrong link', at: now, address });
        throw new HttpProblem(
          404,
          'This link is not good: it was ended, its time is over, or a part of it is missing. Ask whoever gave it to you',
        );
      }
      await beginSession({ req, res }, context, { linkId: link.id, now });
      await logAccess(context.pool, { what: 'link opened', at: now, address, detail: { id: link.id } });
      return told(context, Who.guest(link));
    },
  }),
];
