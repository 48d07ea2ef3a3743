/** Coming in and going out: sessions, passwords, codes, and the moment from which on people sign in. */
import { randomUUID } from 'node:crypto';
import type { Request } from 'express';
import { z } from 'zod';
import { JOB_ROLES, FIRM_ROLES } from '@lentum/core/access';
import { plainText, type JobHead } from '@lentum/core/job';
import { personSchema } from '@lentum/core/record';
import { readDocument } from '../db/documents.ts';
import { sqlState, transaction, UNIQUE_VIOLATION } from '../db/pool.ts';
import { HttpProblem, unprocessable } from '../http/errors.ts';
import { route, type Context } from '../http/routes.ts';
import { setPassword, switchOn, writeAccount } from './accounts.ts';
import { codeHash, spendCode } from './codes.ts';
import { OPENS, type OpenLink } from './links.ts';
import { logAccess } from './log.ts';
import { isPassword, MOST_LETTERS } from './passwords.ts';
import { PASSKEY_SQL } from './passkeysql.ts';
import { beginSession, endSession } from './sessions.ts';
import { ACCESS_SQL } from './sql.ts';
import type { Account, Who } from './who.ts';

/** Capitals make no difference. */
const loginSchema = z
  .string()
  .trim()
  .toLowerCase()
  .regex(
    /^[\p{L}\p{N}][\p{L}\p{N}._@+-]{1,79}$/u,
    '2 to 80 letters, digits, dots, dashes or an @, without blanks',
  );
const passwordSchema = z
  .string()
  .min(1)
  .max(4 * MOST_LETTERS);
const nameSchema = personSchema.shape.name.transform(plainText);
export const codeSchema = z.string().trim().min(1).max(60);

const roleMap = z.record(z.string(), z.enum(JOB_ROLES));
export const sessionAnswer = z.object({
  /** 'single': nobody signs in, and whoever sits at this machine is the owner. */
  mode: z.enum(['single', 'firm']),
  firm: z.string().optional(),
  account: z
    .object({
      ...{ id: z.string(), personId: z.string(), name: z.string() },
      /** Null for who came in with a code for a device only. */
      login: z.string().nullable(),
      firmRole: z.enum(FIRM_ROLES).nullable(),
      jobRoles: roleMap,
      /** This device was let in for one job. */
      onlyJob: z.string().optional(),
    })
    .optional(),
  /** Somebody who came in by a link, and reads one job. */
  guest: z.object({ jobId: z.string(), opens: z.enum(OPENS), until: z.string() }).optional(),
});
type SessionAnswer = z.input<typeof sessionAnswer>;

export async function told(
  { mode }: Context,
  { account, link }: { readonly account?: Account | undefined; readonly link?: OpenLink | undefined },
): Promise<SessionAnswer> {
  const firm = await mode.read();
  if (!firm) return { mode: 'single' };
  return {
    mode: 'firm',
    firm: firm.name,
    ...(account ? { account: account as SessionAnswer['account'] } : {}),
    ...(link ? { guest: { jobId: link.jobId, opens: link.opens, until: link.until.toISOString() } } : {}),
  };
}

/** The account of whoever signed in. @throws 409 where nobody signs in */
export function accountOf(who: Who): Account & { readonly sessionId: string } {
  if (!who.account) throw new HttpProblem(409, 'Nobody signs in here: accounts are off');
  return { ...who.account, sessionId: who.sessionId ?? '' };
}

export const needFirm = async ({ mode }: Context): Promise<string> => {
  const firm = await mode.read();
  if (!firm) throw new HttpProblem(409, 'Nobody signs in here: accounts are off');
  return firm.name;
};

export const addressOf = (req: Request): string => req.ip ?? '';

const taken = (login: string): HttpProblem =>
  unprocessable([
    {
      kind: 'wrong',
      field: 'login',
      label: 'Name to sign in',
      actual: login,
      expected: 'one that nobody has',
    },
  ]);

export async function accountById(context: Context, id: string): Promise<Account> {
  const { rows } = await context.pool.query<Account>(ACCESS_SQL.account, [id]);
  if (!rows[0]) throw new HttpProblem(401, 'This account is closed');
  return rows[0];
}

export interface HasCode {
  readonly accountId: string;
  readonly name: string;
  readonly login: string | null;
  readonly forDevice: boolean;
  readonly onlyJob: string | null;
}

/** Whoever has a code. @throws 404 where it is not good; tries are counted as those of passwords are */
export async function whoHas(context: Context, req: Request, code: string): Promise<HasCode> {
  const address = addressOf(req);
  await context.tries.check(undefined, address);
  const { rows } = await context.pool.query<HasCode>(ACCESS_SQL.code, [codeHash(code), context.now()]);
  if (rows[0]) return rows[0];
  await context.tries.wrong(undefined, address);
  await logAccess(context.pool, { what: 'wrong code', at: context.now(), address });
  throw new HttpProblem(
    404,
    'This code is not good: mistyped, used already, or too old. Have a new one made',
  );
}

export const accessRoutes = [
  route({
    method: 'get',
    path: '/session',
    access: 'anybody',
    tag: 'Access',
    summary: 'Whether people sign in here, and who has',
    answer: sessionAnswer,
    run: ({ context, who }) => told(context, who),
  }),
  route({
    method: 'post',
    path: '/firm/accounts',
    access: 'admit people',
    tag: 'Access',
    summary: 'From now on people sign in: names the firm and makes its first owner. It is done once',
    body: z.strictObject({
      firm: z.string().trim().min(1).max(120).transform(plainText),
      name: nameSchema,
      login: loginSchema,
      password: passwordSchema,
      /** Whoever made entries here before under this id goes on as the owner. */
      personId: personSchema.shape.id.optional(),
    }),
    bodyName: 'The firm',
    answer: sessionAnswer,
    statuses: { 201: 'People sign in from now on', 409: 'They do already' },
    run: async ({ body, context, req, res }) => {
      const now = context.now();
      const id = randomUUID();
      await transaction(context.pool, async (db) => {
        if (!(await switchOn(db, body.firm, now))) throw new HttpProblem(409, 'People sign in here already');
        const said = { name: body.name, firmRole: 'owner', jobRoles: {} };
        await writeAccount(db, { id, personId: body.personId ?? randomUUID(), said, now });
        await setPassword(db, id, { ...body, about: [body.name, body.firm] }, null);
        await logAccess(db, { what: 'firm mode on', at: now, accountId: id, address: addressOf(req) });
      });
      context.mode.forget();
      await beginSession({ req, res }, context, { accountId: id, now });
      res.status(201);
      return told(context, { account: await accountById(context, id) });
    },
  }),
  route({
    method: 'post',
    path: '/session',
    access: 'anybody',
    tag: 'Access',
    summary: 'Sign in with a name and a password; the session is a cookie',
    body: z.strictObject({ login: loginSchema, password: passwordSchema }),
    bodyName: 'The sign-in',
    answer: sessionAnswer,
    statuses: { 401: 'The name or the password is wrong', 429: 'Too many wrong tries' },
    run: async ({ body, context, req, res }) => {
      await needFirm(context);
      const address = addressOf(req);
      const at = context.now();
      await context.tries.check(body.login, address);
      const { rows } = await context.pool.query<{
        id: string;
        passwordHash: string | null;
        closedAt: Date | null;
      }>(ACCESS_SQL.byLogin, [body.login]);
      const found = rows[0];
      const right = await isPassword(body.password, found?.passwordHash);
      if (!found || !right || found.closedAt) {
        const locked = await context.tries.wrong(body.login, address);
        const detail = { login: body.login };
        await logAccess(context.pool, {
          what: locked ? 'locked' : 'wrong password',
          at,
          aboutId: found?.id,
          address,
          detail,
        });
        throw new HttpProblem(401, 'The name or the password is wrong');
      }
      await context.tries.right(body.login, address);
      await beginSession({ req, res }, context, { accountId: found.id, now: at });
      await logAccess(context.pool, { what: 'signed in', at, accountId: found.id, address });
      return told(context, { account: await accountById(context, found.id) });
    },
  }),
  route({
    method: 'post',
    path: '/session/end',
    access: 'signed in',
    tag: 'Access',
    summary: 'Sign out on this device',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: 'nothing',
    run: async ({ context, who, req, res }) => {
      const id = who.link ? undefined : accountOf(who).id;
      await endSession(req, res);
      if (id === undefined) return;
      const address = addressOf(req);
      await logAccess(context.pool, { what: 'signed out', at: context.now(), accountId: id, address });
    },
  }),
  route({
    method: 'put',
    path: '/session/password',
    access: 'account',
    tag: 'Access',
    summary: 'Change one’s own password; one is signed out on every other device',
    body: z.strictObject({ old: passwordSchema, password: passwordSchema }),
    bodyName: 'The password',
    statuses: { 403: 'The old password is wrong' },
    answer: 'nothing',
    run: async ({ body, context, who, req }) => {
      const { id, sessionId, name } = accountOf(who);
      const at = context.now();
      const address = addressOf(req);
      const { rows } = await context.pool.query<{ login: string; passwordHash: string }>(
        ACCESS_SQL.passwordOf,
        [id],
      );
      const login = rows[0]?.login ?? '';
      await context.tries.check(login, address);
      if (!(await isPassword(body.old, rows[0]?.passwordHash))) {
        await context.tries.wrong(login, address);
        throw new HttpProblem(403, 'The old password is wrong');
      }
      await transaction(context.pool, async (db) => {
        await setPassword(db, id, { login, password: body.password, about: [name] }, sessionId);
        await logAccess(db, { what: 'password changed', at, accountId: id, address });
      });
    },
  }),
  route({
    method: 'post',
    path: '/codes/look',
    access: 'anybody',
    tag: 'Access',
    summary: 'Whose a code is',
    body: z.strictObject({ code: codeSchema }),
    bodyName: 'The code',
    answer: z.object({
      ...{ firm: z.string(), name: z.string(), login: z.string().nullable() },
      /** It adds a device: no password is chosen with it. */
      forDevice: z.boolean(),
      /** The job that the device is for, where it is one. */
      job: z.string().nullable(),
    }),
    run: async ({ body, context, req }) => {
      const firm = await needFirm(context);
      const { name, login, forDevice, onlyJob } = await whoHas(context, req, body.code);
      const head = onlyJob === null ? undefined : await readDocument<JobHead>(context.pool, onlyJob, 'job');
      return { firm, name, login, forDevice, job: head?.body.name ?? null };
    },
  }),
  route({
    method: 'post',
    path: '/codes/use',
    access: 'anybody',
    tag: 'Access',
    summary: 'Come in with a code: sets the name to sign in and the password. A code is good once',
    body: z.strictObject({ code: codeSchema, login: loginSchema, password: passwordSchema }),
    bodyName: 'The account',
    answer: sessionAnswer,
    run: async ({ body, context, req, res }) => {
      const firm = await needFirm(context);
      const { accountId, name, forDevice } = await whoHas(context, req, body.code);
      if (forDevice) throw new HttpProblem(409, 'This code adds a device; no password is chosen with it');
      const at = context.now();
      try {
        await transaction(context.pool, async (db) => {
          await spendCode(db, body.code, at);
          await setPassword(db, accountId, { ...body, about: [name, firm] }, null);
          // Whoever lost their password may have lost the device too.
          await db.query(PASSKEY_SQL.withdrawAll, [accountId, at]);
          await logAccess(db, { what: 'code used', at, accountId, address: addressOf(req) });
        });
      } catch (error) {
        throw sqlState(error) === UNIQUE_VIOLATION ? taken(body.login) : error;
      }
      await beginSession({ req, res }, context, { accountId, now: at });
      return told(context, { account: await accountById(context, accountId) });
    },
  }),
];
