import { z } from 'zod';
import { idSchema, nameSchema } from '../job/index.ts';
import { placeSchema, pointSchema } from '../survey/index.ts';

const ring = z.array(pointSchema).min(3).max(4000);
/** Corners of all parts of a bay together. */
const MOST_CORNERS = 6000;

/** A part of a zone that is coated in one go. */
export const baySchema = z.strictObject({
  id: idSchema,
  zoneId: idSchema,
  label: z.string().min(1).max(12),
  parts: z
    .array(z.strictObject({ outer: ring, holes: z.array(ring).max(200) }))
    .min(1)
    .max(50)
    .refine(
      (parts) =>
        parts.flatMap((p) => [p.outer, ...p.holes]).reduce((n, r) => n + r.length, 0) <= MOST_CORNERS,
      `no more than ${MOST_CORNERS} corners in one bay`,
    ),
});

/** What the bays of a zone were cut for. */
const cutSchema = z.strictObject({
  zoneId: idSchema,
  layerId: idSchema,
  by: nameSchema,
  coversM2: z.number().gt(0),
});

export const siteSchema = z.strictObject({
  bays: z.array(baySchema).max(5000),
  cuts: z.array(cutSchema).max(200),
  /** Where people come on to a zone and leave it. */
  access: z
    .array(z.strictObject({ zoneId: idSchema, at: placeSchema }))
    .max(200)
    .default([]),
});

export type Bay = z.infer<typeof baySchema>;
export type BayCut = z.infer<typeof cutSchema>;
export type SiteDoc = z.infer<typeof siteSchema>;
export const EMPTY_SITE: SiteDoc = { bays: [], cuts: [], access: [] };
