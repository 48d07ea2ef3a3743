/** What a job file holds: what people said and measured, nothing computed, with a checksum. */
import { z } from 'zod';
import { buildUpDocSchema } from '../buildup/index.ts';
import { instantSchema, jobHeadSchema } from '../job/index.ts';
import { paperFileSchema } from '../library/index.ts';
import { orderSchema } from '../order/index.ts';
import { programmeSchema } from '../planning/index.ts';
import { provingSchema } from '../proving/index.ts';
import { personSchema, storedEntrySchema } from '../record/index.ts';
import { siteSchema } from '../site/index.ts';
import { surveySchema } from '../survey/index.ts';
import { weatherDocSchema, weatherSeriesSchema } from '../weather/index.ts';

export const JOB_FORMAT = 'lentum-job';
export const JOB_FORMAT_VERSION = 1;

export const jobContentSchema = z.strictObject({
  job: jobHeadSchema,
  survey: surveySchema,
  buildUp: buildUpDocSchema,
  order: orderSchema,
  programme: programmeSchema.prefault({}),
  proving: provingSchema.prefault({}),
  site: siteSchema,
  weather: weatherDocSchema.prefault({}),
  weatherSeries: z.array(weatherSeriesSchema).max(800).default([]),
  record: z.array(storedEntrySchema),
  /** Names of those who made the entries; no hash covers them. */
  people: z.array(personSchema).max(5000).default([]),
  /** Pictures that the survey or an entry names, by the SHA-256 of their content. */
  pictures: z
    .array(
      z.strictObject({
        id: z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hexadecimal'),
        base64: z.string().max(18_000_000),
      }),
    )
    .max(2000)
    .default([]),
  /** Pictures of entries that the file had no room for, by the SHA-256 of their content. */
  picturesLeftOut: z
    .array(z.string().regex(/^[0-9a-f]{64}$/, 'a SHA-256 in hexadecimal'))
    .max(100_000)
    .default([]),
  /** Papers of the binders of its build-ups. */
  papers: z.array(paperFileSchema).max(200).default([]),
});

export const jobFileSchema = z.strictObject({
  format: z.literal(JOB_FORMAT),
  version: z.literal(JOB_FORMAT_VERSION),
  exportedAt: instantSchema,
  /** SHA-256 of the content as JSON with sorted keys and without spaces. */
  checksum: z.string(),
  content: jobContentSchema,
});

export type JobContent = z.infer<typeof jobContentSchema>;
export type JobFile = z.infer<typeof jobFileSchema>;
