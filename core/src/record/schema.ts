/** The record: an append-only series of entries. An entry is never changed; a later one may supersede it. */
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

export const conditionsEntrySchema = z.strictObject({
  ...head,
  kind: z.literal('conditions'),
  zoneId: idSchema,
  bayId: idSchema.optional(),
  at: instantSchema,
  airC: z.number().min(-40).max(60),
  humidityPct: z.number().min(1).max(100),
  surfaceC: z.number().min(-40).max(90),
});

export const coatEntrySchema = z.strictObject({
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

export const stepEntrySchema = z.strictObject({
  ...head,
  kind: z.literal('step'),
  bayId: idSchema,
  step: z.enum(['prepared', 'detailed', 'held', 'released', 'accepted']),
  at: instantSchema,
  note: z.string().max(2000),
});

export const DETAIL_STEPS = ['made', 'accepted', 'refused'] as const;

/** A detail that was made, and then accepted or refused by somebody who looked at it. */
export const detailEntrySchema = z.strictObject({
  ...head,
  kind: z.literal('detail'),
  zoneId: idSchema,
  /** As the schedule of details names it. */
  detailId: z.string().min(1).max(140),
  /** In words, so that the record can be read without the schedule. */
  name: z.string().trim().min(1).max(160),
  step: z.enum(DETAIL_STEPS),
  at: instantSchema,
  note: z.string().max(2000),
});

/** A ply, a protection course or curb pieces that were laid on a bay. */
export const laidEntrySchema = z.strictObject({
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

export const withdrawalEntrySchema = z.strictObject({
  ...head,
  kind: z.literal('withdrawal'),
  supersedes: idSchema,
  reason: z.string().trim().min(1).max(2000),
});

export const entrySchema = z.discriminatedUnion('kind', [
  conditionsEntrySchema,
  coatEntrySchema,
  laidEntrySchema,
  stepEntrySchema,
  detailEntrySchema,
  withdrawalEntrySchema,
]);

export type Entry = z.infer<typeof entrySchema>;
export type ConditionsEntry = z.infer<typeof conditionsEntrySchema>;
export type CoatEntry = z.infer<typeof coatEntrySchema>;
export type LaidEntry = z.infer<typeof laidEntrySchema>;
export type DetailEntry = z.infer<typeof detailEntrySchema>;
export type StepEntry = z.infer<typeof stepEntrySchema>;

/** An entry as the record keeps it: numbered, received, chained. */
export const storedEntrySchema = z.strictObject({
  seq: z.number().int().min(1),
  receivedAt: instantSchema,
  previousHash: z.string().regex(/^[0-9a-f]{64}$/, '64 hexadecimal digits'),
  hash: z.string().regex(/^[0-9a-f]{64}$/, '64 hexadecimal digits'),
  entry: entrySchema,
});

export type StoredEntry = z.infer<typeof storedEntrySchema>;
