/** The state of a job that the server does not hold: from a job file, at any instant. */
import { wordingOf } from '@lentum/core/wording';
import { z } from 'zod';
import { instantSchema, rulesOf } from '@lentum/core/job';
import { checkJobFile } from '@lentum/core/jobfile';
import { check } from '@lentum/core/problems';
import { EMPTY_BOOK, foldRecord, namesOf } from '@lentum/core/record';
import { jobState } from '@lentum/core/state';
import { toldState } from '@lentum/core/words';
import { notJson, unprocessable } from '../http/errors.ts';
import { notPlain } from '../http/plaintext.ts';
import { route } from '../http/routes.ts';
import { toldStateSchema } from '../site/today.ts';
import { unwrap } from './helpers.ts';
import { atThread } from './runs.ts';
import { answerFromThread } from './threads.ts';

const asked = z.strictObject({ file: z.unknown(), at: instantSchema });

/** What was sent, read and checked. @throws HttpProblem */
function readAsked(bytes: Uint8Array): z.output<typeof asked> {
  let body: unknown;
  try {
    body = JSON.parse(Buffer.from(bytes).toString('utf8'));
  } catch {
    throw notJson();
  }
  const odd = notPlain(body, 'The request');
  if (odd) throw unprocessable([odd]);
  return unwrap(check(asked, body, 'The request'));
}

atThread('state', (bytes: Uint8Array) => {
  const { file, at } = readAsked(bytes);
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
  const { timeZone, units } = content.job;
  return toldState(state, { timeZone, system: units, wording: wordingOf(content.job) });
});

export const stateRoute = route({
  method: 'post',
  path: '/compute/state',
  tag: 'Compute',
  summary:
    'Every bay of a job file at an instant: its gates, what can be done, and the sentences that say so',
  // Read in the thread too, where the core checks the file: it tells a foreign file from a broken one.
  raw: { types: ['application/json'], limit: '64mb' },
  answer: toldStateSchema,
  run: ({ req, res }) => {
    const bytes: unknown = req.body;
    return answerFromThread(res, 'state', Buffer.isBuffer(bytes) ? bytes : Buffer.alloc(0));
  },
});
