/** Signing in with a passkey, and one's own passkeys. */
import { z } from 'zod';
import { plainText } from '@lentum/core/job';
import { transaction } from '../db/pool.ts';
import { HttpProblem, notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { logAccess } from './log.ts';
import { askForKey, askToShow, keepKeyOf, madeSchema, placeOf, shown, shownSchema } from './passkeys.ts';
import { PASSKEY_SQL } from './passkeysql.ts';
import { accountById, accountOf, addressOf, needFirm, sessionAnswer, told } from './routes.ts';
import { beginSession } from './sessions.ts';

/** As WebAuthn has them; the browser's library reads it. */
const options = z.looseObject({ challenge: z.string() });
const listed = z.object({
  ...{ id: z.string(), name: z.string() },
  /** The name of the server that it is good for. */
  host: z.string(),
  madeAt: z.string(),
  usedAt: z.string().nullable(),
});

export const passkeyRoutes = [
  route({
    method: 'post',
    path: '/passkeys/options',
    access: 'anybody',
    tag: 'Access',
    summary: 'What a browser needs to sign in with a passkey (WebAuthn); good once, for five minutes',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: options,
    statuses: { 409: 'The server was asked by an address of numbers' },
    run: async ({ context, req }) => {
      await needFirm(context);
      return askToShow(context.pool, placeOf(req), context.now());
    },
  }),
  route({
    method: 'post',
    path: '/passkeys/sign-in',
    access: 'anybody',
    tag: 'Access',
    summary: 'Sign in with a passkey; the session is a cookie',
    body: z.strictObject({ response: shownSchema }),
    bodyName: 'The sign-in',
    answer: sessionAnswer,
    statuses: { 401: 'The passkey is not good here', 429: 'Too many wrong tries' },
    run: async ({ body, context, req, res }) => {
      await needFirm(context);
      const [address, at] = [addressOf(req), context.now()];
      await context.tries.check(undefined, address);
      let accountId: string;
      try {
        accountId = await shown(context.pool, body.response, placeOf(req), at);
      } catch (error) {
        if (!(error instanceof HttpProblem) || error.status !== 401) throw error;
        await context.tries.wrong(undefined, address);
        await logAccess(context.pool, { what: 'wrong passkey', at, address });
        throw error;
      }
      await beginSession({ req, res }, context, { accountId, now: at });
      await logAccess(context.pool, { what: 'signed in', at, accountId, address, detail: { by: 'passkey' } });
      return told(context, { account: await accountById(context, accountId) });
    },
  }),
  route({
    method: 'get',
    path: '/session/passkeys',
    access: 'account',
    tag: 'Access',
    summary: 'One’s own passkeys',
    answer: z.object({ passkeys: z.array(listed) }),
    run: async ({ context, who }) => ({
      passkeys: (await context.pool.query(PASSKEY_SQL.list, [accountOf(who).id])).rows as never[],
    }),
  }),
  route({
    method: 'post',
    path: '/session/passkeys/options',
    access: 'account',
    tag: 'Access',
    summary: 'What a browser needs to make a passkey for oneself',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: options,
    statuses: { 409: 'No password was chosen yet, or the server was asked by an address of numbers' },
    run: async ({ context, req, who }) => {
      const { id, name, login, onlyJob } = accountOf(who);
      // A device that was let in for one job, or without a password, lets nobody in for more.
      if (login === null || onlyJob !== undefined)
        throw new HttpProblem(409, 'Sign in with a name and a password first');
      return askForKey(
        context.pool,
        { id, name, login },
        await needFirm(context),
        placeOf(req),
        context.now(),
      );
    },
  }),
  route({
    method: 'post',
    path: '/session/passkeys',
    access: 'account',
    tag: 'Access',
    summary: 'Keep a passkey that the browser has made',
    body: z.strictObject({
      name: z.string().trim().min(1).max(60).transform(plainText),
      response: madeSchema,
    }),
    bodyName: 'The passkey',
    statuses: { 422: 'It is not what was asked for' },
    answer: 'nothing',
    run: async ({ body, context, req, who }) => {
      const { id } = accountOf(who);
      const at = context.now();
      await keepKeyOf(context.pool, id, body, placeOf(req), at);
      const detail = { name: body.name };
      await logAccess(context.pool, {
        what: 'passkey added',
        at,
        accountId: id,
        address: addressOf(req),
        detail,
      });
    },
  }),
  route({
    method: 'post',
    path: '/session/passkeys/{passkeyId}/end',
    access: 'account',
    tag: 'Access',
    summary: 'A passkey is not good any more',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: 'nothing',
    run: async ({ params, context, req, who }) => {
      const { id } = accountOf(who);
      const at = context.now();
      const passkeyId = params['passkeyId'] ?? '';
      await transaction(context.pool, async (db) => {
        const { rowCount } = await db.query(PASSKEY_SQL.withdraw, [id, passkeyId, at]);
        if (rowCount === 0) throw notFound('Passkey', passkeyId);
        await logAccess(db, { what: 'passkey ended', at, accountId: id, address: addressOf(req) });
      });
    },
  }),
];
