import { z } from 'zod';
import { NOBODY, personSchema, type Person } from '@lentum/core/record';
import { unprocessable } from '../http/errors.ts';
import { route } from '../http/routes.ts';
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
      await context.pool.query(PEOPLE_SQL.write, [id, body.name]);
      return { id, name: body.name };
    },
  }),
];
