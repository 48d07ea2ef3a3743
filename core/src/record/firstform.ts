/**
 * The first form of an entry: six kinds, each for one bay, signed with a name. Nothing is written in it any more but what
 * still waits on a device; chains that hold it are read on and verify as they always did. It never changes.
 */
import { z } from 'zod';
import { GAUGE_IDS } from '../film/index.ts';
import { idSchema, instantSchema } from '../job/index.ts';

const head = {
  /** Made on the device, so that sending twice stores once. */
  id: idSchema,
  /** Clock of the device. */
  madeAt: instantSchema,
  who: z.string().trim().min(1).max(80),
  /** The entry that this one takes the place of. */
  supersedes: idSchema.optional(),
};

const conditions = z.strictObject({
  ...head,
  kind: z.literal('conditions'),
  zoneId: idSchema,
  bayId: idSchema.optional(),
  at: instantSchema,
  airC: z.number().min(-40).max(60),
  humidityPct: z.number().min(1).max(100),
  surfaceC: z.number().min(-40).max(90),
});

const coat = z.strictObject({
  ...head,
  kind: z.literal('coat'),
  bayId: idSchema,
  buildUpId: idSchema,
  revision: z.number().int().min(1),
  layerId: idSchema,
  startedAt: instantSchema,
  /** Absent while the coat is being laid. */
  finishedAt: instantSchema.optional(),
  containers: z
    .array(
      z.strictObject({
        containerId: idSchema,
        opened: z.number().int().min(1).max(1000),
        batch: z.string().trim().max(60),
      }),
    )
    .max(50),
  /** What was left in the opened containers, by mass or by volume. */
  leftOver: z.strictObject({ basis: z.enum(['mass', 'volume']), value: z.number().min(0).max(100000) }),
  gauge: z.enum(GAUGE_IDS),
  /** Last wet tooth of each reading in mm; 0 when no tooth was wet. */
  lastWetMm: z.array(z.number().min(0).max(20)).max(500),
  note: z.string().max(2000),
});

const step = z.strictObject({
  ...head,
  kind: z.literal('step'),
  bayId: idSchema,
  step: z.enum(['prepared', 'detailed', 'held', 'released', 'accepted']),
  at: instantSchema,
  note: z.string().max(2000),
});

/** A detail that was made, and then accepted or refused by somebody who looked at it. */
const detail = z.strictObject({
  ...head,
  kind: z.literal('detail'),
  zoneId: idSchema,
  /** As the schedule of details names it. */
  detailId: z.string().min(1).max(140),
  /** In words, so that the record can be read without the schedule. */
  name: z.string().trim().min(1).max(160),
  step: z.enum(['made', 'accepted', 'refused']),
  at: instantSchema,
  note: z.string().max(2000),
});

/** A ply, a protection course or curb pieces that were laid on a bay. */
const laid = z.strictObject({
  ...head,
  kind: z.literal('laid'),
  bayId: idSchema,
  buildUpId: idSchema,
  revision: z.number().int().min(1),
  layerId: idSchema,
  startedAt: instantSchema,
  finishedAt: instantSchema,
  /** Rolls, boards or pieces used; parts of one count. */
  used: z.number().min(0).max(10000),
  batch: z.string().trim().max(60),
  /** Laps, edges and bond were looked at. */
  looked: z.boolean(),
  note: z.string().max(2000),
});

const withdrawal = z.strictObject({
  ...head,
  kind: z.literal('withdrawal'),
  supersedes: idSchema,
  reason: z.string().trim().min(1).max(2000),
});

export const firstFormSchema = z.discriminatedUnion('kind', [
  conditions,
  coat,
  laid,
  step,
  detail,
  withdrawal,
]);

export type FirstForm = z.infer<typeof firstFormSchema>;
