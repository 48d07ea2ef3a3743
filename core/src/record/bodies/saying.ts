/** What happened to the work, what was decided, what it may carry, and what came and went. */
import { z } from 'zod';
import { MISSABLE } from '../../buildup/index.ts';
import { idSchema } from '../../job/index.ts';
import { at, batch, instant, litres, note, said, text } from './common.ts';

export const EVENTS = [
  'rain',
  'shoes',
  'traffic',
  'standing water',
  'spill',
  'damage',
  'stop of work',
] as const;

export const eventBody = z.strictObject({
  ...at,
  what: z.enum(EVENTS),
  until: instant.optional(),
  rainMm: z.number().min(0).max(500).optional(),
  ...note,
});

export const OPENED_TO = ['rain', 'feet', 'wheels', 'water', 'backfill', 'tiles'] as const;

export const openingBody = z.strictObject({
  ...at,
  to: z.enum(OPENED_TO),
  step: z.enum(['opened', 'closed']),
  ...note,
});

export const DECISIONS = ['held', 'released', 'accepted', 'refused', 'gate taken over'] as const;

export const decisionBody = z.strictObject({
  ...at,
  what: z.enum(DECISIONS),
  /** What it is about, where it is not the bays as a whole: a layer, a gate, or another entry. */
  about: z
    .strictObject({
      layerId: idSchema.optional(),
      gate: said(60).optional(),
      entryId: idSchema.optional(),
      limit: z.enum(MISSABLE).optional(),
    })
    .optional(),
  /** Of a licensed person who says so: what the licence is called. */
  licence: said(120).optional(),
  reason: text(2000),
});

export const DETAIL_STEPS = ['made', 'accepted', 'refused'] as const;
/** All details of the bays that the entry names. */
export const ALL_DETAILS = 'all';

export const detailBody = z.strictObject({
  ...at,
  /** As the schedule of details names it, or `all`. */
  detailId: z.string().min(1).max(140),
  /** In words, so that the record can be read without the schedule. */
  name: said(160),
  step: z.enum(DETAIL_STEPS),
  ...note,
});

/** Steps of the remedy for a missed limit that were done on a coat. */
export const remedyBody = z.strictObject({
  ...at,
  /** The entry of the coat, or of the ply, whose limit was missed. */
  entryId: idSchema,
  limit: z.enum(MISSABLE),
  /** Numbers of the steps as the layer lists them, from 0, with their words as they stood. */
  steps: z
    .array(z.strictObject({ n: z.number().int().min(0).max(20), says: said(400) }))
    .min(1)
    .max(20),
  product: said(120).optional(),
  litres: litres.optional(),
  batch: batch.optional(),
  ...note,
});

export const STOCK_STEPS = ['came', 'opened', 'left over', 'used up', 'thrown away', 'back'] as const;

export const stockBody = z.strictObject({
  ...at,
  step: z.enum(STOCK_STEPS),
  /** Key of the order's line, and its name for when the line is gone. */
  item: said(200),
  name: said(120),
  /** Whole containers, bags, rolls or pieces. */
  count: z.number().min(0).max(100000).optional(),
  /** In the unit of the order's line. */
  amount: z.number().min(0).max(1e6).optional(),
  unit: z.enum(['kg', 'L', 'm²', 'm', 'pieces']).optional(),
  batch,
  bestBefore: z.iso.date().optional(),
  /** Number of the delivery note. */
  paper: said(80).optional(),
  ...note,
});

export const withdrawalBody = z.strictObject({
  reason: said(2000),
  /** A mis-tap that was taken back at once. */
  undone: z.boolean().optional(),
});
