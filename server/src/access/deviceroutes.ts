/** Devices: let in by a code that is shown on the desk, listed, signed out; and the keys with which they sign entries. */
import { z } from 'zod';
import { idSchema } from '@lentum/core/job';
import { transaction } from '../db/pool.ts';
import { HttpProblem, notFound } from '../http/errors.ts';
import { route, type Context } from '../http/routes.ts';
import { requireJob } from '../jobs/routes.ts';
import { listDevices } from './accounts.ts';
import { codeAnswer, personOf } from './adminroutes.ts';
import { makeCode, spendCode, type MadeCode } from './codes.ts';
import { deviceSchema, endDevice, keepKey } from './devices.ts';
import { logAccess } from './log.ts';
import {
  accountById,
  accountOf,
  addressOf,
  codeSchema,
  needFirm,
  sessionAnswer,
  told,
  whoHas,
} from './routes.ts';
import { beginSession } from './sessions.ts';
import type { Who } from './who.ts';

const listed = z.object({
  ...{ id: z.string(), device: z.string(), madeAt: z.string(), seenAt: z.string() },
  /** Of the device, where it has a key. */
  name: z.string().nullable(),
  /** The job that it was let in for, where that is one. */
  job: z.string().nullable(),
});
const codeAsked = z.strictObject({ onlyJob: idSchema.optional() });

/** A code that lets a device in under an account. @throws 404 where there is no such job */
async function deviceCode(
  { pool, now }: Context,
  who: Who,
  accountId: string,
  onlyJob: string | undefined,
): Promise<MadeCode> {
  if (onlyJob !== undefined) await requireJob(pool, onlyJob);
  const by = who.account?.id;
  return transaction(pool, async (db) => {
    const made = await makeCode(db, { accountId, forDevice: true, onlyJob }, by ?? null, now());
    await logAccess(db, { what: 'device code made', at: now(), accountId: by, aboutId: accountId });
    return made;
  });
}

/** Signs an account out on one device, whose key is not good any more. @throws 404 */
async function end(context: Context, who: Who, accountId: string, sessionId: string): Promise<void> {
  const at = context.now();
  await transaction(context.pool, async (db) => {
    if (!(await endDevice(db, accountId, sessionId, at))) throw notFound('Session', sessionId);
    const aboutId = accountId === who.account?.id ? undefined : accountId;
    await logAccess(db, { what: 'device ended', at, accountId: who.account?.id, aboutId });
  });
}

export const deviceRoutes = [
  route({
    method: 'get',
    path: '/session/devices',
    access: 'account',
    tag: 'Access',
    summary: 'Where one is signed in, last used first',
    answer: z.object({
      devices: z.array(
        listed.extend({
          /** The one that asks. */
          here: z.boolean(),
        }),
      ),
    }),
    run: async ({ context, who }) => {
      const { id, sessionId } = accountOf(who);
      const devices = await listDevices(context.pool, id);
      return { devices: devices.map((s) => ({ ...s, here: s.id === sessionId })) };
    },
  }),
  route({
    method: 'post',
    path: '/session/devices/{sessionId}/end',
    access: 'account',
    tag: 'Access',
    summary: 'Sign out on another device; its key is not good any more',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: 'nothing',
    run: async ({ params, context, who }) => {
      await end(context, who, accountOf(who).id, params['sessionId'] ?? '');
    },
  }),
  route({
    method: 'put',
    path: '/session/key',
    access: 'account',
    tag: 'Access',
    summary:
      'The key with which this device signs entries; from now on an entry that it does not sign is refused',
    body: deviceSchema,
    bodyName: 'The device',
    statuses: { 409: 'The key was withdrawn' },
    answer: 'nothing',
    run: async ({ body, context, who }) => {
      const { id: accountId, sessionId } = accountOf(who);
      await keepKey(context.pool, { accountId, sessionId }, body, context.now());
    },
  }),
  route({
    method: 'post',
    path: '/session/device-code',
    access: 'account',
    tag: 'Access',
    summary:
      'A code with which one lets in a phone of one’s own, for all jobs or for one; good for a quarter of an hour',
    body: codeAsked,
    bodyName: 'The device',
    answer: codeAnswer,
    run: async ({ body, context, who }) => {
      const { id, onlyJob } = accountOf(who);
      if (onlyJob !== undefined && body.onlyJob !== onlyJob)
        throw new HttpProblem(403, 'This device is let in for one job, and adds others for that job only');
      if (body.onlyJob !== undefined) who.need('read job', body.onlyJob);
      return deviceCode(context, who, id, body.onlyJob);
    },
  }),
  route({
    method: 'post',
    path: '/codes/use-device',
    access: 'anybody',
    tag: 'Access',
    summary: 'Let a device in with a code: it shows its key and is signed in. A code is good once',
    body: z.strictObject({ code: codeSchema, ...deviceSchema.shape }),
    bodyName: 'The device',
    answer: sessionAnswer,
    run: async ({ body, context, req, res }) => {
      await needFirm(context);
      const found = await whoHas(context, req, body.code);
      if (!found.forDevice) throw new HttpProblem(409, 'With this code a password is chosen first');
      const { code, ...device } = body;
      const now = context.now();
      const { accountId } = found;
      const onlyJob = found.onlyJob ?? undefined;
      await transaction(context.pool, (db) => spendCode(db, code, now));
      const sessionId = await beginSession({ req, res }, context, { accountId, onlyJob, now });
      await keepKey(context.pool, { accountId, sessionId }, device, now);
      await logAccess(context.pool, {
        ...{ what: 'device added', at: now, accountId, address: addressOf(req) },
        detail: { name: device.name, ...(onlyJob === undefined ? {} : { onlyJob }) },
      });
      return told(context, { account: { ...(await accountById(context, accountId)), onlyJob } });
    },
  }),
  route({
    method: 'get',
    path: '/accounts/{accountId}/devices',
    access: 'admit people',
    tag: 'Access',
    summary: 'Where somebody is signed in, last used first',
    answer: z.object({ devices: z.array(listed) }),
    run: async ({ params, context }) => {
      const id = params['accountId'] ?? '';
      await personOf(context, id);
      return { devices: await listDevices(context.pool, id) };
    },
  }),
  route({
    method: 'post',
    path: '/accounts/{accountId}/devices/{sessionId}/end',
    access: 'admit people',
    tag: 'Access',
    summary: 'Sign somebody out on one device, whose key is not good any more',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: 'nothing',
    run: ({ params, context, who }) =>
      end(context, who, params['accountId'] ?? '', params['sessionId'] ?? ''),
  }),
  route({
    method: 'post',
    path: '/accounts/{accountId}/device-code',
    access: 'admit people',
    tag: 'Access',
    summary:
      'A code that lets in a phone of somebody, for all their jobs or for one; good for a quarter of an hour',
    body: codeAsked,
    bodyName: 'The device',
    answer: codeAnswer,
    run: async ({ params, body, context, who }) => {
      const id = params['accountId'] ?? '';
      await personOf(context, id);
      return deviceCode(context, who, id, body.onlyJob);
    },
  }),
];
