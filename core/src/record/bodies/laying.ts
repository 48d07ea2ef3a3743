/** Laying: coats, plies, aggregate, mixes, and the films that were found. */
import { z } from 'zod';
import { GAUGE_IDS } from '../../film/index.ts';
import { idSchema } from '../../job/index.ts';
import { placeSchema } from '../../survey/index.ts';
import {
  at,
  batch,
  celsius,
  instant,
  kg,
  layer,
  METHODS,
  note,
  opened,
  said,
  span,
  spraying,
  text,
} from './common.ts';

/** Depths in mm, rising: as cut into the gauge. */
const teeth = z
  .array(z.number().gt(0).max(40))
  .min(2)
  .max(40)
  .refine((t) => t.every((v, i) => i === 0 || v > (t[i - 1] ?? Infinity)), { error: 'rising depths' });

export const coatBody = z.strictObject({
  ...layer,
  ...span,
  containers: opened,
  /** What was left in the opened containers, by mass or by volume. */
  leftOver: z.strictObject({ basis: z.enum(['mass', 'volume']), value: z.number().min(0).max(100000) }),
  /** A gauge that the app offers, or the id of the entry that tells of a gauge of one's own. */
  gauge: z.union([z.enum(GAUGE_IDS), idSchema]),
  /** Teeth of a gauge of one's own, so that the entry can be read without the other one. */
  teethMm: teeth.optional(),
  /** Readings by bay: the last wet tooth in mm, 0 when no tooth was wet. */
  readings: z
    .array(
      z
        .strictObject({
          bayId: idSchema,
          lastWetMm: z.array(z.number().min(0).max(40)).max(500),
          /** Where each was read, in the same order; none: somewhere on the bay. Absent: nobody said of any. */
          places: z.array(placeSchema.nullable()).max(500).optional(),
        })
        .refine((r) => r.places === undefined || r.places.length === r.lastWetMm.length, {
          error: 'a place, or none, for each reading',
          path: ['places'],
        }),
    )
    .max(500),
  method: z.enum(METHODS).optional(),
  ...spraying,
  /** By volume, of what it was thinned with. */
  dilutionPct: z.number().min(0).max(100).optional(),
  shade: said(60).optional(),
  passes: z.number().int().min(1).max(20).optional(),
  /** Why it was laid although something stood against it. */
  against: said(400).optional(),
  ...note,
});

/** Sheets, protection courses, curb pieces. */
export const plyBody = z.strictObject({
  ...layer,
  startedAt: instant,
  finishedAt: instant,
  /** Rolls, boards or pieces over all its bays; parts of one count. */
  used: z.number().min(0).max(100000),
  batch,
  /** Laps, edges and bond were looked at. */
  looked: z.boolean(),
  /** Why it was laid although something stood against it. */
  against: said(400).optional(),
  ...note,
});

export const THROWN = ['light', 'at a rate', 'to refusal'] as const;

/** Aggregate is thrown while the coat is wet; what is loose is swept off once it has cured. */
export const broadcastBody = z.discriminatedUnion('step', [
  z.strictObject({
    step: z.literal('thrown'),
    ...layer,
    ...at,
    method: z.enum(THROWN),
    bags: z.number().int().min(0).max(10000),
    thrownKg: kg.gt(0),
    batch,
    ...note,
  }),
  z.strictObject({
    step: z.literal('swept'),
    ...layer,
    ...at,
    sweptKg: kg,
    /** Of that, clean and dry enough to go back into stock. */
    backKg: kg,
    ...note,
  }),
]);

export const mixBody = z.strictObject({
  ...layer,
  ...at,
  parts: z
    .array(z.strictObject({ name: text(120), kg: kg.gt(0), batch }))
    .min(1)
    .max(10),
  /** Per cent by mass of the resin. */
  catalystPct: z.number().min(0).max(20).optional(),
  resinC: celsius.optional(),
  surfaceC: celsius.optional(),
  airC: celsius.optional(),
  stirredMin: z.number().min(0).max(60).optional(),
  /** When the last of it was on the floor, or thrown away. */
  placedAt: instant.optional(),
  ...note,
});

export const DRY_GAUGES = ['magnetic', 'eddy current', 'ultrasonic', 'cut-out'] as const;
export const DRY_GROUNDS = ['steel', 'other metal', 'concrete', 'timber', 'other'] as const;

export const dryFilmBody = z.strictObject({
  ...at,
  layerId: idSchema.optional(),
  gauge: z.enum(DRY_GAUGES),
  instrument: text(120),
  ground: z.enum(DRY_GROUNDS),
  when: z.enum(['before', 'after']),
  /** What it read on the bare ground, or on its zero plate, µm. */
  zeroUm: z.number().min(-500).max(5000).optional(),
  shims: z
    .array(z.strictObject({ nominalUm: z.number().gt(0).max(20000), readUm: z.number().min(0).max(20000) }))
    .max(10),
  readingsUm: z.array(z.number().min(0).max(50000)).min(1).max(2000),
  ...note,
});

/** A gauge of one's own: what is cut into it, as it is marked. */
export const gaugeBody = z.strictObject({
  name: said(80),
  marked: z.enum(['mm', 'mil']),
  teethMm: teeth,
});
