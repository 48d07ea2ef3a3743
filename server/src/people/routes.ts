import { z } from 'zod';
import { NOBODY, personSchema, type Person } from '@lentum/core/record';
import { unprocessable } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { logAccess } from '../access/log.ts';
import { transaction } from '../db/pool.ts';
import { personFileSchema } from './file.ts';
import { allOf, forget, namePerson } from './keeping.ts';
import { PEOPLE_SQL } from './sql.ts';

export const peopleRoutes = [
  route({
    method: 'get',
    path: '/people',
    access: 'read people',
    tag: 'Record',
    summary: 'Everybody who makes entries, by name',
    answer: z.object({ people: z.array(personSchema) }),
    run: async ({ context }) => {
      const { rows } = await context.pool.query<Person>(PEOPLE_SQL.all);
      return { people: rows.filter((p) => p.id !== NOBODY.id) };
    },
  }),
  route({
    method: 'put',
    path: '/people/{personId}',
    access: 'account',
    tag: 'Record',
    summary: 'Name a person, under an id made by the device, or replace the name; entries keep the id',
    body: personSchema.pick({ name: true }).strict(),
    bodyName: 'The person',
    answer: personSchema,
    statuses: { 409: 'The name was replaced for good' },
    run: async ({ params, body, context, who }) => {
      const id = params['personId'] ?? '';
      if (id === NOBODY.id || !personSchema.shape.id.safeParse(id).success)
        throw unprocessable([
          {
            kind: 'wrong',
            field: 'personId',
            label: 'Person, id',
            actual: id,
            expected: 'an id made by the device: letters, digits, - and _',
          },
        ]);
      // Where people sign in, nobody else gives them a name but an owner.
      if (who.account?.personId !== id) who.need('admit people');
      await namePerson(context.pool, id, body.name);
      return { id, name: body.name };
    },
  }),
  route({
    method: 'get',
    path: '/people/{personId}/file',
    access: 'account',
    tag: 'Access',
    summary: 'All that is kept of a person, as one file: for themselves, and for an owner',
    answer: personFileSchema,
    run: async ({ params, context, who, res }) => {
      const id = params['personId'] ?? '';
      if (who.account?.personId !== id) who.need('admit people');
      res.attachment(`person-${id}.json`).json(await allOf(context.pool, id));
    },
  }),
  route({
    method: 'post',
    path: '/people/{personId}/forget',
    access: 'admit people',
    tag: 'Access',
    summary:
      'Replace the name of somebody whose account is closed, for good; entries and their hashes stay as they are',
    body: z.strictObject({}),
    bodyName: 'The request',
    answer: personSchema,
    statuses: { 409: 'Their account is open' },
    run: async ({ params, context, who }) => {
      const id = params['personId'] ?? '';
      const name = await transaction(context.pool, async (db) => {
        const now = context.now();
        const pseudonym = await forget(db, id, now);
        const detail = { personId: id };
        await logAccess(db, { what: 'name replaced', at: now, accountId: who.account?.id, detail });
        return pseudonym;
      });
      return { id, name };
    },
  }),
];
