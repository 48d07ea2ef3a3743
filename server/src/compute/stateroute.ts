/** The state of a job that the server does not hold: from a job file, at any instant. */
import { z } from 'zod';
import { instantSchema, rulesOf } from '@lentum/core/job';
import { checkJobFile } from '@lentum/core/jobfile';
import { EMPTY_BOOK, foldRecord, namesOf } from '@lentum/core/record';
import { jobState } from '@lentum/core/state';
import { toldState } from '@lentum/core/words';
import { route } from '../http/routes.ts';
import { toldStateSchema } from '../site/today.ts';
import { unwrap } from './helpers.ts';
import { atThread } from './runs.ts';
import { answerFromThread } from './threads.ts';

const asked = z.strictObject({ file: z.unknown(), at: instantSchema });

atThread('state', ({ file, at }: z.output<typeof asked>) => {
  const { content } = unwrap(checkJobFile(file));
  const state = jobState({
    survey: content.survey,
    buildUps: content.buildUp,
    site: content.site,
    weather: content.weather,
    series: content.weatherSeries,
    book: foldRecord(EMPTY_BOOK, content.record, namesOf(content.people)),
    rules: rulesOf(content.job),
    nowMs: Date.parse(at),
  });
  return toldState(state, { timeZone: content.job.timeZone, system: content.job.units });
});

export const stateRoute = route({
  method: 'post',
  path: '/compute/state',
  tag: 'Compute',
  summary:
    'Every bay of a job file at an instant: its gates, what can be done, and the sentences that say so',
  // The file is checked by the core, which tells a foreign file from a broken one.
  body: asked,
  bodyName: 'The request',
  answer: toldStateSchema,
  largeBody: true,
  run: ({ body, res }) => answerFromThread(res, 'state', body),
});
