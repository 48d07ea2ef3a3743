/**
 * A build-up: the layers that seal a zone, as a model from which quantities, films, timing and limits follow.
 * Every number carries its source. Inside: kg/m², L/m², kg/L, °C, K, %, h, min, m, mm.
 */
import { z } from 'zod';
import { ACCEPTANCE_RULES } from '../film/index.ts';
import { idSchema, nameSchema, sourced, sourceSchema } from '../job/index.ts';

const temperature = z.number().min(-40).max(90);
const percent = z.number().min(0).max(100);

const cureTable = z
  .strictObject({
    source: sourceSchema,
    points: z
      .array(z.strictObject({ atC: temperature, hours: z.number().gt(0).max(10000) }))
      .min(1)
      .max(12),
  })
  .refine((t) => t.points.every((p, i) => i === 0 || p.atC > (t.points[i - 1]?.atC ?? -Infinity)), {
    error: 'rising temperatures',
    path: ['points'],
  })
  .refine((t) => t.points.every((p, i) => i === 0 || p.hours <= (t.points[i - 1]?.hours ?? Infinity)), {
    error: 'hours that do not grow as it gets warmer',
    path: ['points'],
  });

export const STAGES = ['touch', 'rainSafe', 'overcoatFrom', 'overcoatUntil', 'foot'] as const;
export type Stage = (typeof STAGES)[number];

/** The conditions in which a layer may be laid. */
export const limitsSchema = z.strictObject({
  airMinC: sourced(temperature),
  airMaxC: sourced(temperature),
  surfaceMinC: sourced(temperature),
  surfaceMaxC: sourced(temperature),
  humidityMinPct: sourced(percent).optional(),
  humidityMaxPct: sourced(percent),
  dewMarginK: sourced(z.number().min(0).max(20)),
});

export const containerSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  basis: z.enum(['mass', 'volume']),
  /** kg or L, by the basis. */
  net: z.number().gt(0).max(2000),
});

const base = { id: idSchema, name: nameSchema, note: z.string().max(400) };

export const coatSchema = z.strictObject({
  ...base,
  kind: z.literal('coat'),
  role: z.enum(['primer', 'membrane', 'wear', 'finish']),
  rate: z.strictObject({
    basis: z.enum(['mass', 'volume']),
    value: z.number().gt(0).max(60),
    source: sourceSchema,
  }),
  densityKgPerL: sourced(z.number().min(0.5).max(4)),
  /** Share of the wet volume that stays, 0 to 1. */
  volumeSolids: sourced(z.number().gt(0).max(1)),
  containers: z.array(containerSchema).min(1).max(8),
  /** The largest mix made in one go, for resins that are not used from the tin. */
  largestMixKg: sourced(z.number().gt(0).max(500)).optional(),
  limits: limitsSchema,
  potLife: z.strictObject({
    source: sourceSchema,
    points: z.array(z.strictObject({ atC: temperature, minutes: z.number().gt(0).max(2880) })).min(1),
  }),
  /** Catalyst in percent by mass of the resin; no value between or outside the rows is implied. */
  catalyst: z
    .strictObject({
      source: sourceSchema,
      points: z
        .array(z.strictObject({ fromC: temperature, toC: temperature, percent: z.number().gt(0).max(20) }))
        .min(1),
    })
    .optional(),
  cure: z.strictObject({
    touch: cureTable,
    rainSafe: cureTable,
    overcoatFrom: cureTable,
    /** Absent: the layer may be overcoated at any later time, once clean. */
    overcoatUntil: cureTable.optional(),
    foot: cureTable,
  }),
  /** What to do when the overcoating time was missed. */
  ifMissed: z.string().max(400),
});

export const fabricSchema = z.strictObject({
  ...base,
  kind: z.literal('fabric'),
  embeddedIn: idSchema,
  weightGPerM2: sourced(z.number().gt(0).max(2000)),
  rollWidthM: sourced(z.number().gt(0).max(6)),
  rollLengthM: sourced(z.number().gt(0).max(1000)),
  sideLapMm: sourced(z.number().min(0).max(500)),
  endLapMm: sourced(z.number().min(0).max(500)),
});

export const broadcastSchema = z.strictObject({
  ...base,
  kind: z.literal('broadcast'),
  into: idSchema,
  method: z.enum(['light', 'at a rate', 'to refusal']),
  grading: z.string().max(60),
  thrownKgPerM2: sourced(z.number().gt(0).max(20)),
  retainedKgPerM2: sourced(z.number().gt(0).max(20)),
  bagKg: sourced(z.number().gt(0).max(1500)),
});

export const layerSchema = z.discriminatedUnion('kind', [coatSchema, fabricSchema, broadcastSchema]);

export const buildUpSchema = z.strictObject({
  id: idSchema,
  revision: z.number().int().min(1),
  name: nameSchema,
  family: z.enum(['PU1', 'PMMA', 'SILICONE']),
  summary: z.string().max(400),
  acceptance: z.enum(ACCEPTANCE_RULES),
  leastDryFilmMm: sourced(z.number().gt(0).max(20)),
  layers: z.array(layerSchema).min(1).max(30),
  cautions: z.array(z.string().max(400)).max(20),
});

export const buildUpDocSchema = z.strictObject({
  /** Every revision that the job uses or that its record refers to. */
  buildUps: z.array(buildUpSchema).max(100),
  zones: z
    .array(z.strictObject({ zoneId: idSchema, buildUpId: idSchema, revision: z.number().int().min(1) }))
    .max(200),
});

export type Limits = z.infer<typeof limitsSchema>;
export type Container = z.infer<typeof containerSchema>;
export type Coat = z.infer<typeof coatSchema>;
export type Fabric = z.infer<typeof fabricSchema>;
export type Broadcast = z.infer<typeof broadcastSchema>;
export type Layer = z.infer<typeof layerSchema>;
export type BuildUp = z.infer<typeof buildUpSchema>;
export type BuildUpDoc = z.infer<typeof buildUpDocSchema>;
export const EMPTY_BUILD_UPS: BuildUpDoc = { buildUps: [], zones: [] };

export const isCoat = (layer: Layer): layer is Coat => layer.kind === 'coat';
