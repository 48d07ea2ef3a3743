/** The plan of a job as files: outlines in degrees or in metres of the plan, a drawing, areas and counts. */
import type { Response } from 'express';
import { z } from 'zod';
import { areaRows, toDxf, toGeoJson, toPlanJson } from '@lentum/core/drawings';
import { surveySchema, type Survey } from '@lentum/core/survey';
import { atThread } from '../compute/runs.ts';
import { fromThread } from '../compute/threads.ts';
import { readDocument } from '../db/documents.ts';
import type { Pool } from '../db/pool.ts';
import { notFound, unprocessable } from '../http/errors.ts';
import { route } from '../http/routes.ts';
import { csvFile } from '../http/tabletext.ts';
import { geoJsonSchema, planJsonSchema } from './planfiles.ts';

const FORMS = {
  'plan.geojson': {
    type: 'application/geo+json',
    answer: geoJsonSchema,
    summary: 'Outlines as GeoJSON (RFC 7946), in degrees; refused while nobody has said where the plan lies',
    write: (survey: Survey): string | undefined => {
      const placed = toGeoJson(survey);
      return placed && `${JSON.stringify(placed)}\n`;
    },
  },
  'plan.json': {
    type: 'application/json',
    answer: planJsonSchema,
    summary: 'Outlines in metres of the plan, with their frame',
    write: (survey: Survey): string | undefined => `${JSON.stringify(toPlanJson(survey))}\n`,
  },
  'plan.dxf': {
    type: 'image/vnd.dxf',
    answer: z.string(),
    summary: 'The plan as DXF, in metres: a layer for each zone, its openings and its fittings',
    write: (survey: Survey): string | undefined => toDxf(survey),
  },
  'areas.csv': {
    type: 'text/csv',
    answer: z.string(),
    summary: 'Areas, lengths and counts of each zone as CSV, metric',
    write: (survey: Survey): string | undefined => {
      const [head = [], ...rows] = areaRows(survey);
      return csvFile(head, rows);
    },
  },
} as const;
type Form = keyof typeof FORMS;

atThread('plan', ({ form, survey }: { form: Form; survey: unknown }) => ({
  text: FORMS[form].write(surveySchema.parse(survey)),
}));

async function answer(pool: Pool, res: Response, jobId: string, form: Form): Promise<void> {
  const doc = await readDocument(pool, jobId, 'survey');
  if (!doc) throw notFound('Job', jobId);
  const { text } = await fromThread<{ text?: string }>(res, 'plan', { form, survey: doc.body });
  if (text === undefined)
    throw unprocessable([
      {
        kind: 'missing',
        field: 'origin',
        label: 'The survey, place of the plan',
        actual: 'nothing',
        expected: 'longitude and latitude of its zero point: GeoJSON is degrees, plan.json has metres',
      },
    ]);
  res.attachment(form).type(FORMS[form].type).send(text);
}

export const planRoutes = (Object.keys(FORMS) as Form[]).map((form) =>
  route({
    method: 'get',
    path: `/jobs/{jobId}/${form}`,
    access: 'read job',
    tag: 'Survey',
    summary: FORMS[form].summary,
    answer: FORMS[form].answer,
    answerType: FORMS[form].type,
    run: ({ params, context, res }) => answer(context.pool, res, params['jobId'] ?? '', form),
  }),
);
