/** What an owner does: who may come in, and as what; codes; the log of access. */
import { z } from 'zod';
import { FIRM_ROLES, JOB_ROLES } from '@lentum/core/access';
import { idSchema, plainText } from '@lentum/core/job';
import { personSchema } from '@lentum/core/record';
import { FOREIGN_KEY_VIOLATION, sqlState, transaction } from '../db/pool.ts';
import { notFound, unprocessable } from '../http/errors.ts';
import { route, type Context } from '../http/routes.ts';
import { namePerson } from '../people/keeping.ts';
import { closeAccount, listAccounts, listOthers, writeAccount } from './accounts.ts';
import { makeCode } from './codes.ts';
import { endAllDevices } from './devices.ts';
import { logAccess } from './log.ts';
import { needFirm } from './routes.ts';
import { ACCESS_SQL } from './sql.ts';
import type { Who } from './who.ts';

const instant = z.string();
const listed = z.object({
  ...{ id: z.string(), personId: z.string(), name: z.string(), login: z.string().nullable() },
  firmRole: z.enum(FIRM_ROLES).nullable(),
  jobRoles: z.record(z.string(), z.enum(JOB_ROLES)),
  ...{ madeAt: instant, closedAt: instant.nullable() },
  /** Until when a code is good that was not used. */
  codeUntil: instant.nullable(),
  /** When a device of theirs was last in use. */
  seenAt: instant.nullable(),
  /** Since when the name is replaced for good. */
  forgottenAt: instant.nullable(),
});
const other = listed.pick({ personId: true, name: true, forgottenAt: true });
export const codeAnswer = z.object({ code: z.string(), until: instant });

const said = z.strictObject({
  name: personSchema.shape.name.transform(plainText),
  firmRole: z.enum(FIRM_ROLES).nullable(),
  jobRoles: z
    .record(idSchema, z.enum(JOB_ROLES))
    .refine((r) => Object.keys(r).length <= 500, 'at most 500 jobs'),
  /** Whoever made entries here before under this id. Only for a new account. */
  personId: personSchema.shape.id.optional(),
});

async function accountPerson({ pool }: Context, id: string): Promise<string | undefined> {
  const { rows } = await pool.query<{ personId: string }>(ACCESS_SQL.personId, [id]);
  return rows[0]?.personId;
}

/** The person of an account. @throws 404 */
export async function personOf(context: Context, id: string): Promise<string> {
  const found = await accountPerson(context, id);
  if (found === undefined) throw notFound('Account', id);
  return found;
}

const by = (context: Context, who: Who) => ({ at: context.now(), accountId: who.account?.id });

export const adminRoutes = [
  route({
    method: 'get',
    path: '/accounts',
    access: 'admit people',
    tag: 'Access',
    summary: 'Everybody who may come in or could once, and whoever stands in records without an account',
    answer: z.object({ accounts: z.array(listed), others: z.array(other) }),
    run: async ({ context }) => ({
      accounts: await listAccounts(context.pool, context.now()),
      others: await listOthers(context.pool),
    }),
  }),
  route({
    method: 'put',
    path: '/accounts/{accountId}',
    access: 'admit people',
    tag: 'Access',
    summary: 'Make an account under an id made by the client, or change its name and roles',
    body: said,
    bodyName: 'The account',
    statuses: { 201: 'Made', 200: 'Changed', 409: 'Nobody would be the owner' },
    answer: z.object({ id: z.string() }),
    run: async ({ params, body, context, who, res }) => {
      await needFirm(context);
      const id = params['accountId'] ?? '';
      if (!idSchema.safeParse(id).success) throw notFound('Account', id);
      const personId = (await accountPerson(context, id)) ?? body.personId ?? id;
      try {
        await transaction(context.pool, async (db) => {
          const fresh = await writeAccount(db, { id, personId, said: body, now: context.now() });
          if (!fresh) await namePerson(db, personId, body.name);
          const { firmRole, jobRoles } = body;
          const what = fresh ? 'account made' : 'roles changed';
          await logAccess(db, { ...by(context, who), what, aboutId: id, detail: { firmRole, jobRoles } });
          res.status(fresh ? 201 : 200);
        });
      } catch (error) {
        if (sqlState(error) !== FOREIGN_KEY_VIOLATION) throw error;
        throw unprocessable([
          {
            kind: 'unknown',
            field: 'jobRoles',
            label: 'The account, roles in jobs',
            actual: Object.keys(body.jobRoles).join(', '),
            expected: 'jobs that are on this server',
          },
        ]);
      }
      return { id };
    },
  }),
  route({
    method: 'post',
    path: '/accounts/{accountId}/code',
    access: 'admit people',
    tag: 'Access',
    summary:
      'A code to come in with, for the first time or with a new password; earlier codes are not good any more',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: codeAnswer,
    run: async ({ params, context, who }) => {
      const id = params['accountId'] ?? '';
      await personOf(context, id);
      return transaction(context.pool, async (db) => {
        const made = await makeCode(db, { accountId: id }, who.account?.id ?? null, context.now());
        await logAccess(db, { ...by(context, who), what: 'code made', aboutId: id });
        return made;
      });
    },
  }),
  route({
    method: 'post',
    path: '/accounts/{accountId}/closed',
    access: 'admit people',
    tag: 'Access',
    summary: 'Close an account: its sessions end at once and its entries stay; or open it again',
    body: z.strictObject({ closed: z.boolean() }),
    bodyName: 'The request',
    statuses: { 409: 'Nobody would be the owner' },
    answer: z.object({ closed: z.boolean() }),
    run: async ({ params, body, context, who }) => {
      const id = params['accountId'] ?? '';
      await transaction(context.pool, async (db) => {
        await closeAccount(db, id, body.closed ? context.now() : null);
        const what = body.closed ? 'account closed' : 'account opened';
        await logAccess(db, { ...by(context, who), what, aboutId: id });
      });
      return { closed: body.closed };
    },
  }),
  route({
    method: 'post',
    path: '/accounts/{accountId}/sign-out',
    access: 'admit people',
    tag: 'Access',
    summary: 'End every session of an account and withdraw the keys of its devices: a phone was lost',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: z.object({ ended: z.number() }),
    run: async ({ params, context, who }) => {
      const id = params['accountId'] ?? '';
      await personOf(context, id);
      return transaction(context.pool, async (db) => {
        const ended = await endAllDevices(db, id, context.now());
        await logAccess(db, { ...by(context, who), what: 'session ended', aboutId: id });
        return { ended };
      });
    },
  }),
  route({
    method: 'get',
    path: '/security-log',
    access: 'read security log',
    tag: 'Access',
    summary: 'Who came in, who did not, and what was changed about who may do what, newest first',
    query: z.object({
      before: z.coerce.number().int().min(1).max(2_147_483_647).default(2_147_483_647),
      limit: z.coerce.number().int().min(1).max(500).default(100),
    }),
    answer: z.object({
      events: z.array(
        z.object({
          ...{
            n: z.number(),
            at: instant,
            what: z.string(),
            who: z.string().nullable(),
            about: z.string().nullable(),
          },
          ...{ address: z.string().nullable(), detail: z.record(z.string(), z.unknown()) },
        }),
      ),
    }),
    run: async ({ query, context }) => ({
      events: (await context.pool.query(ACCESS_SQL.readLog, [query.before, query.limit])).rows as never[],
    }),
  }),
];
