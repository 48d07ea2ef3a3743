/** Whether a firm takes only entries that a device has signed. */
import { z } from 'zod';
import { transaction } from '../db/pool.ts';
import { route } from '../http/routes.ts';
import { signedSince } from './devices.ts';
import { logAccess } from './log.ts';
import { needFirm } from './routes.ts';
import { ACCESS_SQL } from './sql.ts';

const answer = z.object({
  /** Since when only signed entries are taken; null where others are taken as well. */
  since: z.iso.datetime().nullable(),
});
const told = (since: Date | undefined): z.output<typeof answer> => ({ since: since?.toISOString() ?? null });

export const signedOnlyRoutes = [
  route({
    method: 'get',
    path: '/firm/signatures',
    access: 'admit people',
    tag: 'Access',
    summary: 'Since when only entries are taken that a device has signed',
    answer,
    run: async ({ context }) => told(await signedSince(context.pool)),
  }),
  route({
    method: 'put',
    path: '/firm/signatures',
    access: 'admit people',
    tag: 'Access',
    summary: 'From now on take only entries that a device has signed, or others as well',
    body: z.strictObject({ demanded: z.boolean() }),
    bodyName: 'Signed entries',
    answer,
    run: async ({ body, context, who }) => {
      await needFirm(context);
      return transaction(context.pool, async (db) => {
        const now = context.now();
        const before = await signedSince(db);
        if ((before !== undefined) === body.demanded) return told(before);
        await db.query(ACCESS_SQL.demandSigned, [body.demanded ? now : null]);
        await logAccess(db, {
          ...{ at: now, accountId: who.account?.id },
          what: body.demanded ? 'signatures demanded' : 'signatures let go',
        });
        return told(body.demanded ? now : undefined);
      });
    },
  }),
];
