/** What somebody changed in a job, as whoever has it open is told. */
import { z } from 'zod';
import { idSchema } from './schema.ts';

export const LIVE_PARTS = [
  'job',
  'survey',
  'build-up',
  'order',
  'programme',
  'proving',
  'site',
  'weather',
  'weather-series',
  'record',
] as const;

export const liveChangeSchema = z.object({
  jobId: idSchema,
  what: z.enum(LIVE_PARTS),
  /** The newest version of the document, or the number of the newest entry; 0 where there is none. */
  version: z.number().int().min(0),
});
export type LiveChange = z.infer<typeof liveChangeSchema>;
