/** When a layer may be laid, how it cures, and what to do when a limit was missed. */
import { z } from 'zod';
import { provenance, sourced } from '../job/index.ts';
import { isInside, percent, rangeSchema, temperature, text } from './numbers.ts';

export const STAGES = [
  'touch',
  'rainSafe',
  'overcoatFrom',
  'overcoatUntil',
  'foot',
  'wheels',
  'full',
  'flood',
  'load',
] as const;
export type Stage = (typeof STAGES)[number];

/** Rows of `at` (in the unit of the field) and a factor, rising. */
const factorRows = z
  .array(z.strictObject({ at: z.number().gt(0).max(100), factor: z.number().gt(0).max(50) }))
  .min(2)
  .max(8)
  .refine((rows) => rows.every((r, i) => i === 0 || r.at > (rows[i - 1]?.at ?? -Infinity)), {
    error: 'a rising first column',
  });

const cureTableSchema = z
  .strictObject({
    ...provenance,
    points: z
      .array(
        z
          .strictObject({
            atC: temperature,
            /** What counts; of a range the end that is on the safe side, unless somebody chose otherwise. */
            hours: z.number().gt(0).max(10000),
            range: rangeSchema.optional(),
          })
          .refine((p) => isInside(p.hours, p.range), { error: 'hours inside their range', path: ['hours'] }),
      )
      .min(1)
      .max(12),
    /** Where humidity matters: the hours times the factor, interpolated in between, held beyond. */
    byHumidityPct: factorRows.optional(),
    /** Where film matters: of the wet film as laid. */
    byWetFilmMm: factorRows.optional(),
  })
  .refine((t) => t.points.every((p, i) => i === 0 || p.atC > (t.points[i - 1]?.atC ?? -Infinity)), {
    error: 'rising temperatures',
    path: ['points'],
  })
  .refine((t) => t.points.every((p, i) => i === 0 || p.hours <= (t.points[i - 1]?.hours ?? Infinity)), {
    error: 'hours that do not grow as it gets warmer',
    path: ['points'],
  });

/** Which end of a printed range is on the safe side: a coat is ready at the later one, and open until the earlier one. */
export const safeEnd = (stage: Stage): 'from' | 'to' => (stage === 'overcoatUntil' ? 'from' : 'to');

/** The conditions in which a layer may be laid. */
export const limitsSchema = z.strictObject({
  airMinC: sourced(temperature),
  airMaxC: sourced(temperature),
  surfaceMinC: sourced(temperature),
  surfaceMaxC: sourced(temperature),
  humidityMinPct: sourced(percent).optional(),
  humidityMaxPct: sourced(percent),
  dewMarginK: sourced(z.number().min(0).max(20)),
  /** Within this much of the least temperature it must be rising. */
  risingWithinK: sourced(z.number().gt(0).max(20)).optional(),
  /** Laid on a falling slab temperature, because a warming one breathes out. */
  fallingSlab: z.boolean().optional(),
  windSprayMaxMPerS: sourced(z.number().gt(0).max(40)).optional(),
  windHandMaxMPerS: sourced(z.number().gt(0).max(40)).optional(),
  /** Hours without rain before it is laid. */
  dryHours: sourced(z.number().min(0).max(336)).optional(),
  moistureMaxPct: sourced(z.number().min(0).max(25)).optional(),
  /** The surface may not fall below this until a stage of cure. */
  noBelow: z.strictObject({ tempC: temperature, ...provenance, until: z.enum(STAGES) }).optional(),
});

export const cureSchema = z.strictObject({
  touch: cureTableSchema,
  rainSafe: cureTableSchema,
  overcoatFrom: cureTableSchema,
  /** Absent: see `overcoatOpen`. */
  overcoatUntil: cureTableSchema.optional(),
  foot: cureTableSchema,
  wheels: cureTableSchema.optional(),
  full: cureTableSchema.optional(),
  flood: cureTableSchema.optional(),
  /** Earth against it, or tiles and slabs on it; absent: not before full cure. */
  load: cureTableSchema.optional(),
});

/** What can be missed, each with what to do then. */
export const MISSABLE = [
  'overcoatUntil',
  'overcoatFrom',
  'rainSafe',
  'dewMargin',
  'surfaceMin',
  'surfaceMax',
  'humidity',
  'wind',
  'moisture',
  'noBelow',
  'potLife',
  'leastRate',
  'mostRate',
  'foot',
  'wheels',
] as const;
export type Missable = (typeof MISSABLE)[number];
export const missedSchema = z.partialRecord(z.enum(MISSABLE), text(400));

export type CureTable = z.infer<typeof cureTableSchema>;
export type Limits = z.infer<typeof limitsSchema>;
export type Cure = z.infer<typeof cureSchema>;
