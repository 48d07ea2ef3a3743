/** The files of a plan that are JSON: GeoJSON in degrees, and the plan in its own metres. */
import { z } from 'zod';

/** Of each zone, beside its outline. */
const named = {
  name: z.string(),
  code: z.string(),
  area_m2: z.number(),
  perimeter_m: z.number(),
};
/** The outer ring first, then the openings; each ends where it began. */
const rings = z.array(z.array(z.tuple([z.number(), z.number()])));

export const geoJsonSchema = z.object({
  type: z.literal('FeatureCollection'),
  features: z.array(
    z.object({
      type: z.literal('Feature'),
      id: z.string(),
      properties: z.object(named),
      geometry: z.object({ type: z.literal('Polygon'), coordinates: rings }),
    }),
  ),
});

export const planJsonSchema = z.object({
  format: z.literal('lentum-plan'),
  version: z.literal(1),
  frame: z.object({ name: z.literal('local'), unit: z.literal('m'), x: z.string(), y: z.string() }),
  zones: z.array(z.object({ id: z.string(), ...named, rings })),
});
