/** What a coat is mixed from and what it is laid with. Parts by mass or volume, percent by mass, mm, degrees, bar. */
import { z } from 'zod';
import { idSchema, nameSchema, provenance, sourced } from '../job/index.ts';
import { percent, temperature, text } from './numbers.ts';

export const PART_KINDS = [
  'resin',
  'hardener',
  'liquid',
  'powder',
  'filler',
  'pigment',
  'water',
  'thickener',
  'sealer',
] as const;

export const mixSchema = z.strictObject({
  by: z.enum(['mass', 'volume']),
  ...provenance,
  /** Whether part of a kit may be mixed: weighed out, or never. */
  split: z.enum(['by weight', 'never']).default('by weight'),
  parts: z
    .array(
      z.strictObject({
        id: idSchema,
        name: nameSchema,
        kind: z.enum(PART_KINDS),
        parts: z.number().gt(0).max(1000),
        densityKgPerL: sourced(z.number().min(0.1).max(8)),
        /** Bought by itself in packs of so many kg; absent: it comes in the containers of the coat. */
        packKg: sourced(z.number().gt(0).max(2000)).optional(),
        packPrice: sourced(z.number().min(0).max(1e6)).optional(),
      }),
    )
    .min(2)
    .max(8),
});

/** Catalyst in percent by mass of the resin; outside the rows nothing is mixed. */
export const catalystSchema = z.strictObject({
  ...provenance,
  /** Only where the maker allows it: straight between the middles of the rows. */
  interpolate: z.boolean().default(false),
  points: z
    .array(z.strictObject({ fromC: temperature, toC: temperature, percent: z.number().gt(0).max(20) }))
    .min(1)
    .max(12),
});

/** Thickener in percent by mass from a slope on; the amount is found by a trial patch. */
export const thickenerSchema = z.strictObject({
  ...provenance,
  name: nameSchema,
  points: z
    .array(z.strictObject({ fromSlopePct: z.number().min(0).max(10000), percent: z.number().gt(0).max(60) }))
    .min(1)
    .max(8),
  trialMinutes: sourced(z.number().gt(0).max(240)),
  /** Of the thickener itself, without the air in it: what it adds to the volume. */
  densityKgPerL: sourced(z.number().min(0.1).max(8)).optional(),
});

export const thinningSchema = z.strictObject({
  with: nameSchema,
  mostPct: sourced(percent),
  note: text(200).default(''),
});

export const stirringSchema = z.strictObject({
  minutes: sourced(z.number().gt(0).max(60)),
  rpm: sourced(z.number().gt(0).max(3000)).optional(),
  /** Left alone before it is stirred once more. */
  restMinutes: sourced(z.number().gt(0).max(60)).optional(),
  note: text(200).default(''),
});

const note = { note: text(200).default('') };
export const NOTCH_SHAPES = ['square', 'triangular'] as const;

/** Tools with their settings. */
export const toolSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('roller'),
    napMm: sourced(z.number().gt(0).max(60)).optional(),
    /** Wet film that one pass leaves, mm. */
    passMm: sourced(z.number().gt(0).max(5)).optional(),
    ...note,
  }),
  z.strictObject({ kind: z.literal('brush'), ...note }),
  z.strictObject({ kind: z.literal('broom'), ...note }),
  z.strictObject({ kind: z.literal('squeegee'), ...note }),
  z.strictObject({
    kind: z.literal('notched trowel'),
    shape: z.enum(NOTCH_SHAPES),
    notchMm: sourced(z.number().gt(0).max(40)),
    angleDeg: sourced(z.number().gt(0).max(90)),
    ...note,
  }),
  z.strictObject({ kind: z.literal('trowel'), ...note }),
  z.strictObject({
    kind: z.literal('spike roller'),
    pinMm: sourced(z.number().gt(0).max(60)).optional(),
    ...note,
  }),
  z.strictObject({
    kind: z.literal('airless spray'),
    /** Bore of the tip, mm. */
    tipMm: sourced(z.number().gt(0).max(3)),
    fanDeg: sourced(z.number().gt(0).max(120)).optional(),
    pressureBar: sourced(z.number().gt(0).max(600)),
    overlapPct: sourced(z.number().min(0).max(95)),
    ...note,
  }),
  z.strictObject({ kind: z.literal('gas torch'), ...note }),
  z.strictObject({ kind: z.literal('hot squeegee'), ...note }),
  z.strictObject({
    kind: z.literal('hand roller'),
    massKg: sourced(z.number().gt(0).max(200)).optional(),
    ...note,
  }),
  z.strictObject({ kind: z.literal('pouring jug'), ...note }),
  z.strictObject({ kind: z.literal('cartridge gun'), ...note }),
]);
export type Tool = z.infer<typeof toolSchema>;
export type ToolKind = Tool['kind'];

export const DIRECTIONS = ['any', 'across the coat below', 'across the fall', 'up the slope'] as const;

/** Melted in an oil-jacketed kettle. */
export const kettleSchema = z.strictObject({
  /** Least at which it is laid, and the most that is safe. */
  applyMinC: sourced(z.number().min(60).max(260)),
  safeMaxC: sourced(z.number().min(60).max(260)),
  /** How long it may be held hot before it is thrown away, hours. */
  hoursAtHeat: sourced(z.number().gt(0).max(72)),
  /** Probed while hot, this often: m² for one probe. */
  probeEveryM2: sourced(z.number().gt(0).max(500)),
  /** What it melts in an hour, kg. */
  meltKgPerH: sourced(z.number().gt(0).max(2000)).optional(),
  /** What goes in at once, kg. */
  loadKg: sourced(z.number().gt(0).max(5000)).optional(),
});
export type Kettle = z.infer<typeof kettleSchema>;
