/** The handover of a roof, from the record as the database holds it. */
import { z } from 'zod';
import { handoverOf } from '@lentum/core/handover';
import { printoutSchema, type Printout } from '@lentum/core/printout';
import { chainProblem } from '@lentum/core/record';
import { unwrap } from '../compute/helpers.ts';
import { atThread } from '../compute/runs.ts';
import { answerFromThread, asking } from '../compute/threads.ts';
import { readDocument } from '../db/documents.ts';
import { notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { taskKind } from '../tasks/kinds.ts';
import { taskPut, tasksOf } from '../tasks/routes.ts';
import { makeHandoverPdf, paperAsked, written } from './making.ts';
import { signedOf, handoverQuery, stateOf, type Asked } from './snapshot.ts';

atThread('handover', (asked: Asked): Printout => {
  const { head, record, zoneId, receipt } = asked;
  const [last, chain] = [record.at(-1), chainProblem(record)];
  return unwrap(handoverOf({ head, ...stateOf(asked), last, chain, zoneId, receipt }));
});

export const handoverRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/handover',
    access: 'read job',
    tag: 'Handover',
    summary: 'What the record says of one roof, as blocks to be printed, with the head of the chain',
    query: handoverQuery,
    answer: printoutSchema,
    run: async ({ params, query, context, res }) => {
      await answerFromThread(res, 'handover', await signedOf(context, params['jobId'] ?? '', query));
    },
  }),
  route({
    method: 'get',
    path: '/jobs/{jobId}/handover.pdf',
    access: 'read job',
    tag: 'Handover',
    summary: 'The same as PDF, the head of the chain on each page',
    query: paperAsked,
    answerType: 'application/pdf',
    run: async ({ params, query, context, res }) => {
      const making = { context, jobId: params['jobId'] ?? '', ask: asking(res) };
      const { name, pdf } = await makeHandoverPdf(making, query);
      res.attachment(name).type('application/pdf').send(pdf);
    },
  }),
  route({
    method: 'post',
    path: '/jobs/{jobId}/handover/tasks',
    access: 'read job',
    tag: 'Handover',
    summary:
      'Has the handover of a roof made as PDF, or as a ZIP of open files, by a task that tells how far it is',
    body: z.discriminatedUnion('make', [
      paperAsked.extend({ make: z.literal('pdf') }),
      paperAsked.extend({ make: z.literal('zip') }),
    ]),
    answer: taskPut,
    statuses: { 202: 'It has its turn' },
    run: async ({ params, body, context, res }) => {
      const jobId = params['jobId'] ?? '';
      if (!(await readDocument(context.pool, jobId, 'job'))) throw notFound('Job', jobId);
      const { make, ...asked } = body;
      res.status(202);
      return { task: await tasksOf(context).put(`handover ${make}`, jobId, asked) };
    },
  }),
];

taskKind('handover pdf', async (work) => {
  const { name, pdf } = await makeHandoverPdf(
    { context: work, jobId: work.jobId ?? '', ask: work.ask, tell: work.tell },
    paperAsked.parse(work.asked),
  );
  await work.tell(0.95, 'The file is kept.');
  await written(work.file(name, 'application/pdf'), pdf);
});
