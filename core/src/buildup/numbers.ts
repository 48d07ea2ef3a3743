/** Numbers and small forms that several kinds of layer share. Inside: kg/m², L/m², mm, kg/L, °C, %, h, min, m. */
import { z } from 'zod';
import { idSchema, nameSchema, provenance, sourced } from '../job/index.ts';

export const temperature = z.number().min(-40).max(90);
export const percent = z.number().min(0).max(100);
export const text = (most: number) => z.string().max(most);

/** kg/m², L/m², or a film in mm: wet, or what stays of it dry. */
export const RATE_BASES = ['mass', 'volume', 'wetFilm', 'dryFilm'] as const;

/** What may ask for another rate than the field's. `detail`, `vertical` and `exposed edge` are parts of a zone. */
export const RATE_CONDITIONS = [
  'slope',
  'ramp',
  'rough',
  'absorbent',
  'vertical',
  'exposed edge',
  'detail',
] as const;
export type RateCondition = (typeof RATE_CONDITIONS)[number];
/** The ones that hold for a zone as a whole. */
export const ZONE_CONDITIONS = ['slope', 'ramp', 'rough', 'absorbent'] as const;
export type ZoneCondition = (typeof ZONE_CONDITIONS)[number];

/** Both ends of a range as a sheet prints it. The figure beside it is what was chosen inside, and counts. */
export const rangeSchema = z
  .strictObject({ from: z.number().gt(0), to: z.number().gt(0) })
  .refine((r) => r.from < r.to, { error: 'a range whose second figure is the greater', path: ['to'] });
export const isInside = (value: number, range: { from: number; to: number } | undefined): boolean =>
  range === undefined || (value >= range.from && value <= range.to);

const variantSchema = z.strictObject({
  when: z.enum(RATE_CONDITIONS),
  /** The field's rate times the value, or a rate of its own. */
  basis: z.enum(['timesField', ...RATE_BASES]),
  value: z.number().gt(0).max(200),
  ...provenance,
  note: text(200).default(''),
});

export const rateSchema = z
  .strictObject({
    basis: z.enum(RATE_BASES),
    /** The design: what is ordered and aimed at. */
    value: z.number().gt(0).max(200),
    ...provenance,
    /** As the sheet prints it, in the form of the rate: below it the film is thin, well above it too thick. */
    range: rangeSchema.optional(),
    /** How far what was used on a bay may fall short of the rate before it counts as thin, per cent. */
    tolerancePct: sourced(percent).optional(),
    /** In the form of the rate: below this the layer fails, whatever the acceptance rule says. */
    least: z.strictObject({ value: z.number().gt(0).max(200), ...provenance, why: text(200) }).optional(),
    /** In the form of the rate: above this it is too thick, and why. Absent: by what it is made of, as is usual. */
    most: z.strictObject({ value: z.number().gt(0).max(400), ...provenance, why: text(200) }).optional(),
    variants: z.array(variantSchema).max(RATE_CONDITIONS.length).optional(),
  })
  .refine((r) => isInside(r.value, r.range), {
    error: 'a design inside the range of the sheet',
    path: ['value'],
  });

export const containerSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  basis: z.enum(['mass', 'volume']),
  /** kg or L, by the basis. */
  net: z.number().gt(0).max(2000),
  /** For one, in the currency of the build-up. */
  price: sourced(z.number().min(0).max(1e6)).optional(),
});

/** A table over temperature; rising temperatures. */
export const potLifeSchema = z
  .strictObject({
    ...provenance,
    points: z
      .array(
        z
          .strictObject({
            atC: z.number().min(-40).max(250),
            /** What counts; of a range its shorter end, unless somebody chose otherwise. */
            minutes: z.number().gt(0).max(2880),
            range: rangeSchema.optional(),
          })
          .refine((p) => isInside(p.minutes, p.range), {
            error: 'minutes inside their range',
            path: ['minutes'],
          }),
      )
      .min(1)
      .max(12),
  })
  .refine((t) => t.points.every((p, i) => i === 0 || p.atC > (t.points[i - 1]?.atC ?? -Infinity)), {
    error: 'rising temperatures',
    path: ['points'],
  })
  .refine((t) => t.points.every((p, i) => i === 0 || p.minutes <= (t.points[i - 1]?.minutes ?? Infinity)), {
    error: 'minutes that do not grow as it gets warmer',
    path: ['points'],
  });

/** What a person meets who handles it. */
export const HAZARDS = [
  'flammable',
  'sensitising',
  'irritant',
  'eye damage',
  'corrosive',
  'toxic',
  'oxidising',
  'harms water',
  'dust',
  'hot',
  'open flame',
  'heavy',
] as const;
export type Hazard = (typeof HAZARDS)[number];

export const CLEANERS = ['water', 'solvent', 'resin cleaner', 'wiped dry', 'oil cleaner'] as const;

/** Keeping and handling of what a layer is made of. */
export const productSchema = z.strictObject({
  /** What it is ordered as: layers of one product are ordered together. */
  name: nameSchema.optional(),
  shelfLifeMonths: sourced(z.number().gt(0).max(120)).optional(),
  /** How long an opened container keeps, days. */
  openedDays: sourced(z.number().gt(0).max(1000)).optional(),
  hazards: z.array(z.enum(HAZARDS)).max(HAZARDS.length).default([]),
  cautions: z.array(text(400)).max(12).default([]),
  cleaner: z.enum(CLEANERS).optional(),
});
export type Rate = z.infer<typeof rateSchema>;
export type RateVariant = z.infer<typeof variantSchema>;
export type Container = z.infer<typeof containerSchema>;
