/** Codes that are sent by mail, where a mail server is set. */
import { z } from 'zod';
import { utcMinute } from '@lentum/core/job';
import { HttpProblem, notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { log } from '../operations/log.ts';
import { personOf } from './adminroutes.ts';
import { codeHash } from './codes.ts';
import { logAccess } from './log.ts';
import { needFirm } from './routes.ts';
import { ACCESS_SQL } from './sql.ts';

const said = z.strictObject({
  code: z.string().min(1).max(60),
  to: z.email('an address such as ada@harbour.example').max(254),
});

interface Code {
  readonly name: string;
  readonly until: Date;
  readonly forDevice: boolean;
}

const letter = (firm: string, { name, until, forDevice }: Code, code: string, site: string): string =>
  [
    `${name},`,
    '',
    forDevice
      ? `with this code a phone of yours comes in to the roofs of ${firm}:`
      : `with this code you come in to the roofs of ${firm}, and choose a name to sign in and a password:`,
    '',
    `    ${code}`,
    '',
    `Open ${site}/join#${code} or type the code at ${site}/join.`,
    `It is good once, until ${utcMinute(until.getTime())}. Whoever has it comes in as you: pass it to nobody.`,
    '',
  ].join('\n');

export const mailRoutes = [
  route({
    method: 'get',
    path: '/firm/mail',
    access: 'admit people',
    tag: 'Access',
    summary: 'Whether codes can be sent by mail, and from which address',
    answer: z.object({ from: z.string().nullable() }),
    run: async ({ context }) => Promise.resolve({ from: context.mail?.from ?? null }),
  }),
  route({
    method: 'post',
    path: '/accounts/{accountId}/code/mail',
    access: 'admit people',
    tag: 'Access',
    summary: 'Send a code that was just made to the address of whoever it is for; the address is not kept',
    body: said,
    bodyName: 'The letter',
    answer: z.object({ sent: z.literal(true) }),
    statuses: { 409: 'No mail server is set', 502: 'The mail server did not take it' },
    run: async ({ params, body, context, req, who }) => {
      const firm = await needFirm(context);
      const { mail, pool, now } = context;
      if (!mail) throw new HttpProblem(409, 'No mail server is set here: hand the code over yourself');
      const id = params['accountId'] ?? '';
      await personOf(context, id);
      const { rows } = await pool.query<Code>(ACCESS_SQL.codeToSend, [codeHash(body.code), id, now()]);
      const code = rows[0];
      if (!code) throw notFound('Code of this account', 'given');
      const site = `${req.protocol}://${req.headers.host ?? ''}`;
      try {
        await mail.send({
          to: body.to,
          subject: `Your code for ${firm}`,
          text: letter(firm, code, body.code, site),
        });
      } catch (error) {
        log().warn({ err: error }, 'a letter was not sent');
        throw new HttpProblem(502, 'The mail server did not take the letter: hand the code over yourself');
      }
      await logAccess(pool, { at: now(), accountId: who.account?.id, aboutId: id, what: 'code mailed' });
      return { sent: true as const };
    },
  }),
];
