/** The days of a job planned, from what the database holds or from a job file. */
import type { Request } from 'express';
import { z } from 'zod';
import { verdictText } from '@lentum/core/figures';
import { instantSchema, type JobHead } from '@lentum/core/job';
import { orderSchema, takeoff, type OrderDoc } from '@lentum/core/order';
import { offerOf, programmeSchema, wholePlan, type ProgrammeDoc } from '@lentum/core/planning';
import { jobState, type JobInputs } from '@lentum/core/state';
import { toldPlan, type ToldPlan } from '@lentum/core/words';
import { notationOf } from '@lentum/core/units';
import { wordingOf } from '@lentum/core/wording';
import { fileAsked, readFileAsked } from '../compute/filejob.ts';
import { atThread, type Tell } from '../compute/runs.ts';
import { reportPool } from '../db/replica.ts';
import { answerFromThread, streamFromThread } from '../compute/threads.ts';
import { unprocessable } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { inputsOf, jobSnapshot, type JobSnapshot } from '../site/snapshot.ts';

/** A plan is looked for, and played in every way of the forecast: that takes its time on a busy machine. */
const PLAN_MS = 90_000;

/** Plans that are made in a search: more of them take longer, and the same number gives the same plan. */
const triesSchema = z.coerce.number().int().min(1).max(400).default(60);

const text = z.string();
const share = z.number().min(0).max(1).optional();
const toldPlanSchema = z.object({
  ...{ at: text, until: text, forecastUntil: text, timeZone: text, season: text.optional() },
  ...{ finish: text.optional(), finishEightInTen: text.optional(), noneBefore: text.optional() },
  ...{ personHours: z.number(), leastPersonHours: z.number(), ways: z.number() },
  crews: z.array(z.object({ id: text, name: text, people: z.number() })),
  tasks: z.array(
    z.object({
      ...{ id: text, kind: text, name: text, zoneId: text, bayId: text, bay: text, layerId: text.optional() },
      ...{
        crewId: text,
        start: text,
        end: text,
        late: z.boolean(),
        rinsed: z.boolean(),
        pinned: z.boolean(),
      },
      ...{ overcoatFrom: text.optional(), overcoatUntil: text.optional(), holds: share, spoiled: share },
    }),
  ),
  deadlines: z.array(
    z.object({ id: text, zoneId: text, what: text, by: text, ready: text.optional(), holds: share }),
  ),
  deliveries: z.array(
    z.object({
      ...{ name: text, on: text, usedBy: text, zones: z.array(text) },
      ...{ first: text.optional(), last: text.optional() },
    }),
  ),
  price: z.object({
    total: z.number(),
    lines: z.array(z.object({ kind: text, name: text, amount: z.number() })),
    spread: z
      .object({ early: z.number().optional(), middle: z.number().optional(), late: z.number().optional() })
      .optional(),
    missing: z.array(text),
  }),
  notPlanned: z.array(z.object({ bays: z.array(text), name: text.optional(), why: text })),
  sentences: z.array(text),
});

interface Planned {
  readonly head: JobHead;
  readonly inputs: JobInputs;
  readonly doc: ProgrammeDoc;
  readonly order: OrderDoc;
  readonly tries: number;
}

function told({ head, inputs, doc, order, tries }: Planned, tell: Tell): ToldPlan {
  const { timeZone } = head;
  const wording = wordingOf(head);
  const answer = wholePlan(
    { state: jobState(inputs), doc, order, timeZone, nowMs: inputs.nowMs },
    tries,
    tell,
  );
  if ('cannot' in answer)
    throw unprocessable([
      {
        kind: 'missing',
        field: 'weather',
        label: 'Weather of the days ahead',
        actual: verdictText(answer.cannot, notationOf(head), (ms) => new Date(ms).toISOString(), wording),
        expected: 'a place of the job, and hours that are fetched or read in',
      },
    ]);
  const { groups } = takeoff(inputs.survey, inputs.buildUps, order, { system: head.units });
  return toldPlan(answer, {
    timeZone,
    written: notationOf(head),
    wording,
    price: offerOf(answer, doc, groups),
  });
}

type Asked = JobSnapshot & { readonly doc: ProgrammeDoc; readonly order: OrderDoc; readonly tries: number };
atThread('days', ({ doc, order, tries, ...job }: Asked, tell): ToldPlan =>
  told({ head: job.head, inputs: inputsOf(job), doc, order, tries }, tell),
);

const asked = fileAsked.extend({ tries: triesSchema });

atThread('programme', (bytes: Uint8Array, tell): ToldPlan => {
  const { content, inputs, tries } = readFileAsked(asked, bytes);
  return told({ head: content.job, inputs, doc: content.programme, order: content.order, tries }, tell);
});

const LINES = 'application/x-ndjson';
/** In one piece; or line by line with how far it is, to those who ask for lines of JSON. */
const answerAs = (req: Request): typeof answerFromThread =>
  req.accepts(['application/json', LINES]) === LINES ? streamFromThread : answerFromThread;

export const daysRoutes = [
  route({
    method: 'get',
    path: '/jobs/{jobId}/days',
    access: 'read prices',
    tag: 'Programme',
    summary:
      'The days of a job planned anew: what is done when and by whom, how sure it is, and what is not planned',
    query: z.object({ at: instantSchema.optional(), tries: triesSchema }),
    answer: toldPlanSchema,
    run: async ({ req, params, query, context, res }) => {
      const jobId = params['jobId'] ?? '';
      const nowMs = query.at === undefined ? context.now().getTime() : Date.parse(query.at);
      const job = await jobSnapshot(await reportPool(context), jobId, nowMs, (body) => ({
        doc: programmeSchema.parse(body('programme')),
        order: orderSchema.parse(body('order')),
      }));
      await answerAs(req)(res, 'days', { ...job, tries: query.tries }, PLAN_MS);
    },
  }),
  route({
    method: 'post',
    path: '/compute/programme',
    access: 'compute',
    tag: 'Compute',
    summary:
      'The same for a job file at an instant; who accepts application/x-ndjson is told how far it is, line by line',
    raw: { types: ['application/json'], limit: '64mb' },
    answer: toldPlanSchema,
    run: ({ req, res }) => {
      const bytes: unknown = req.body;
      return answerAs(req)(res, 'programme', Buffer.isBuffer(bytes) ? bytes : Buffer.alloc(0), PLAN_MS);
    },
  }),
];
