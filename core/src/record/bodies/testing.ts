/** Tests of the finished work, and what was found on it: floods, passes with a leak detector, snags. */
import { z } from 'zod';
import { idSchema } from '../../job/index.ts';
import { at, celsius, note, said } from './common.ts';

/** Water above a fixed mark, mm. */
const levelMm = z.number().min(-100).max(500);
const gone = {
  /** In an open pan that stands in the water or beside it, above a mark of its own: it loses by the air alone. */
  panMm: levelMm.optional(),
  /** Since the reading before. */
  rainMm: z.number().min(0).max(500).optional(),
};

export const FLOOD_BELOW = ['dry', 'wet', 'not looked at'] as const;

/** A test with standing water: filled, read, let out. */
export const floodBody = z.discriminatedUnion('step', [
  z.strictObject({
    step: z.literal('filled'),
    ...at,
    /** At its deepest: what the deck carries. */
    deepestMm: z.number().gt(0).max(1000),
    levelMm,
    panMm: levelMm.optional(),
    plugged: z.number().int().min(0).max(500),
    /** It stands for so long. */
    hours: z.number().min(1).max(336),
    ...note,
  }),
  z.strictObject({
    step: z.literal('read'),
    ...at,
    floodId: idSchema,
    levelMm,
    ...gone,
    /** The level after water was let in: no loss is read across it. */
    toppedUpToMm: levelMm.optional(),
    waterC: celsius.optional(),
    ...note,
  }),
  z.strictObject({
    step: z.literal('emptied'),
    ...at,
    floodId: idSchema,
    levelMm: levelMm.optional(),
    ...gone,
    /** Plugs that were taken out again. */
    unplugged: z.number().int().min(0).max(500),
    below: z.enum(FLOOD_BELOW),
    ...note,
  }),
]);

export const LEAK_TESTS = ['spark', 'low voltage', 'smoke', 'tracer gas'] as const;

/** A pass over its bays with a leak detector. */
export const leakTestBody = z.strictObject({
  ...at,
  method: z.enum(LEAK_TESTS),
  instrument: said(120),
  volts: z.number().gt(0).max(60000).optional(),
  /** Where it found something, one by one; none: it found nothing. */
  finds: z.array(said(160)).max(100),
  ...note,
});

/** Something to put right: found, done, accepted; or not accepted, and open again. */
export const snagBody = z.discriminatedUnion('step', [
  z.strictObject({
    step: z.literal('found'),
    ...at,
    what: said(400),
    /** Who puts it right. */
    forWhom: said(80).optional(),
    /** A day of the job's calendar. */
    by: z.iso.date().optional(),
  }),
  z.strictObject({ step: z.enum(['done', 'accepted', 'refused']), ...at, snagId: idSchema, ...note }),
]);
