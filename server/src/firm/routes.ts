import { z } from 'zod';
import { practiceSettingsSchema } from '@lentum/core/practice';
import { expectedVersion, setVersion } from '../http/etag.ts';
import { route } from '../http/routes.ts';
import { readPractice, writePractice } from './store.ts';

const answer = z.object({ version: z.number(), settings: practiceSettingsSchema });

export const firmRoutes = [
  route({
    method: 'get',
    path: '/firm/practice',
    access: 'read practice',
    tag: 'Firm',
    summary:
      'The firm’s own numbers of practice, with their version as ETag; "0" where it has said nothing yet',
    answer,
    run: async ({ context, res }) => {
      const found = await readPractice(context.pool);
      setVersion(res, found.version);
      return { ...found, settings: [...found.settings] };
    },
  }),
  route({
    method: 'put',
    path: '/firm/practice',
    access: 'change practice',
    tag: 'Firm',
    summary:
      'Replace them; If-Match names the version that they were made from. Jobs that are there keep theirs',
    body: practiceSettingsSchema,
    bodyName: 'The firm’s numbers',
    versioned: true,
    answer,
    statuses: { 412: 'Somebody else changed them' },
    run: async ({ body, context, req, res }) => {
      const from = await expectedVersion(req, async () => (await readPractice(context.pool)).version);
      const version = await writePractice(context.pool, from, body);
      setVersion(res, version);
      return { version, settings: body };
    },
  }),
];
