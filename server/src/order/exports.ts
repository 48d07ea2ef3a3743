/**
 * What is bought and cut as CSV, worked out from a job as it stands. The courses are those of a quick search, as for every
 * answer of the API; the application looks longer.
 */
import { z } from 'zod';
import { buildUpDocSchema } from '@lentum/core/buildup';
import { CUT_COLUMNS, cutRows } from '@lentum/core/courses';
import { cutLists, detailSchedule, PIECE_COLUMNS, pieceRows } from '@lentum/core/details';
import type { JobHead } from '@lentum/core/job';
import {
  leftOversOf,
  ORDER_COLUMNS,
  orderRows,
  orderSchema,
  quickCourses,
  takeoff,
  unpriced,
} from '@lentum/core/order';
import { surveySchema } from '@lentum/core/survey';
import { atThread } from '../compute/runs.ts';
import { fromThread } from '../compute/threads.ts';
import { readDocuments } from '../db/documents.ts';
import { notFound } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { csvFile, type Cell } from '../http/tabletext.ts';

const jobSchema = z.object({ survey: surveySchema, buildUps: buildUpDocSchema, order: orderSchema });
type Job = z.output<typeof jobSchema> & { readonly units: JobHead['units'] };
interface Table {
  readonly columns: readonly string[];
  readonly rows: readonly (readonly Cell[])[];
}

/** What two lists of one material are told apart by: their number, and the zones that they are cut for. */
const LIST_COLUMNS = ['list', 'material', 'zones'];

const FORMS = {
  'order.csv': {
    summary:
      'The order as CSV, metric, a row a product: net, gross, containers, weight; prices for those who may see them',
    rows: ({ survey, buildUps, order, units }: Job): Table => ({
      columns: ORDER_COLUMNS,
      rows: orderRows(takeoff(survey, buildUps, order, { system: units }).groups),
    }),
  },
  'courses.csv': {
    summary:
      'Rolls of fabric and sheet in cutting order as CSV, metric: which piece is cut where, and what is left',
    rows: ({ survey, buildUps, order }: Job): Table => ({
      columns: [...LIST_COLUMNS, ...CUT_COLUMNS],
      rows: quickCourses(survey, buildUps, order).materials.flatMap((plan, i) => {
        const zones = new Set(plan.material.layouts.map((l) => l.zone.name));
        return cutRows(plan).map((row) => [i + 1, plan.name, [...zones].join('; '), ...row]);
      }),
    }),
  },
  'pieces.csv': {
    summary: 'Pieces of the details as CSV, metric: on which roll, where on it, how large, how many',
    rows: ({ survey, buildUps, order }: Job): Table => {
      const left = leftOversOf(quickCourses(survey, buildUps, order));
      return {
        columns: [...LIST_COLUMNS, ...PIECE_COLUMNS],
        rows: cutLists(detailSchedule(survey, buildUps), left).flatMap((list, i) =>
          pieceRows(list).map((row) => [
            ...[i + 1, list.roll.name, list.zones.map((z) => z.zone.name).join('; ')],
            ...row,
          ]),
        ),
      };
    },
  },
} as const;
type Form = keyof typeof FORMS;

interface Asked {
  readonly form: Form;
  readonly units: JobHead['units'];
  readonly documents: unknown;
  readonly prices: boolean;
}
atThread('order sheet', ({ form, units, documents, prices }: Asked): { text: string } => {
  const { columns, rows } = FORMS[form].rows({ ...jobSchema.parse(documents), units });
  return form === 'order.csv' && !prices
    ? { text: csvFile(unpriced(columns).map(String), rows.map(unpriced)) }
    : { text: csvFile(columns, rows) };
});

export const orderSheetRoutes = (Object.keys(FORMS) as Form[]).map((form) =>
  route({
    method: 'get',
    path: `/jobs/{jobId}/${form}`,
    access: 'read job',
    tag: 'Order',
    summary: FORMS[form].summary,
    answerType: 'text/csv',
    run: async ({ params, context, who, res }) => {
      const jobId = params['jobId'] ?? '';
      const docs = await readDocuments(context.pool, jobId);
      const [head, survey, buildUps, order] = (['job', 'survey', 'build-up', 'order'] as const).map(
        (kind) => docs.get(kind)?.body,
      );
      if (!head) throw notFound('Job', jobId);
      const asked: Asked = {
        form,
        units: (head as JobHead).units,
        documents: { survey, buildUps, order },
        prices: who.may('read prices', jobId),
      };
      const { text } = await fromThread<{ text: string }>(res, 'order sheet', asked);
      res.attachment(form).type('text/csv').send(text);
    },
  }),
);
