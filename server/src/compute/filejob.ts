/** A job that the server does not hold: sent as a job file, with an instant to look at it. */
import { z } from 'zod';
import { instantSchema, rulesOf } from '@lentum/core/job';
import { checkJobFile, type JobContent } from '@lentum/core/jobfile';
import { check } from '@lentum/core/problems';
import { EMPTY_BOOK, foldRecord, namesOf } from '@lentum/core/record';
import type { JobInputs } from '@lentum/core/state';
import { notJson, unprocessable } from '../http/errors.ts';
import { notPlain } from '../http/plaintext.ts';
import { unwrap } from './helpers.ts';

/** What is sent with a file; others add to it. */
export const fileAsked = z.strictObject({ file: z.unknown(), at: instantSchema });

/**
 * What was sent, read and checked: in the thread, where the core tells a foreign file from a broken one.
 * @throws HttpProblem
 */
export function readFileAsked<S extends z.ZodType<{ file: unknown; at: string }>>(
  schema: S,
  bytes: Uint8Array,
): z.output<S> & { readonly content: JobContent; readonly inputs: JobInputs } {
  let body: unknown;
  try {
    body = JSON.parse(Buffer.from(bytes).toString('utf8'));
  } catch {
    throw notJson();
  }
  const odd = notPlain(body, 'The request');
  if (odd) throw unprocessable([odd]);
  const asked = unwrap(check(schema, body, 'The request'));
  const { content } = unwrap(checkJobFile(asked.file));
  const inputs: JobInputs = {
    ...{ survey: content.survey, buildUps: content.buildUp, site: content.site, weather: content.weather },
    series: content.weatherSeries,
    book: foldRecord(EMPTY_BOOK, content.record, namesOf(content.people)),
    rules: rulesOf(content.job),
    nowMs: Date.parse(asked.at),
  };
  return { ...asked, content, inputs };
}
