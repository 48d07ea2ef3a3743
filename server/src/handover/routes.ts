/** The handover of a roof, from the record as the database holds it. */
import { handoverOf } from '@lentum/core/handover';
import { printoutSchema, type Printout } from '@lentum/core/printout';
import { chainProblem } from '@lentum/core/record';
import { unwrap } from '../compute/helpers.ts';
import { atThread } from '../compute/runs.ts';
import { answerFromThread, fromThread } from '../compute/threads.ts';
import { route } from '../http/routes.ts';
import { answerPdf, sheetOf, sheetQuery } from '../printout/routes.ts';
import { askedOf, handoverQuery, stateOf, type Asked } from './snapshot.ts';

atThread('handover', (asked: Asked): Printout => {
  const { head, record, zoneId } = asked;
  return unwrap(
    handoverOf({ head, ...stateOf(asked), last: record.at(-1), chain: chainProblem(record), zoneId }),
  );
});

export const handoverRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/handover',
    tag: 'Handover',
    summary: 'What the record says of one roof, as blocks to be printed, with the head of the chain',
    query: handoverQuery,
    answer: printoutSchema,
    run: async ({ params, query, context, res }) => {
      await answerFromThread(res, 'handover', await askedOf(context, params['jobId'] ?? '', query));
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/handover.pdf',
    tag: 'Handover',
    summary: 'The same as PDF, the head of the chain on each page',
    query: handoverQuery.extend(sheetQuery.shape),
    answerType: 'application/pdf',
    run: async ({ params, query, context, res }) => {
      const jobId = params['jobId'] ?? '';
      const asked = await askedOf(context, jobId, query);
      const printout = await fromThread<Printout>(res, 'handover', asked);
      await answerPdf(res, printout, sheetOf(query), { db: context.pool, jobId });
    },
  }),
];
