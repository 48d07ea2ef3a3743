/** What stands on, goes through or is wrong with a roof: kind, place and size. */
import { z } from 'zod';
import { idSchema } from '../job/index.ts';
import type { Quantity, System } from '../units/index.ts';
import { placeSchema } from './common.ts';
import { usualSizeMm } from './usualsize.ts';

export interface SizeField {
  readonly label: string;
  readonly quantity: Quantity;
  readonly least: number;
  readonly most: number;
  readonly typical: number;
  /** Came later: where it is not told, the typical value is taken. */
  readonly later?: true;
}

const mm = (label: string, least: number, most: number, typical: number): SizeField => ({
  label,
  quantity: 'lap',
  least,
  most,
  typical,
});
const number = (label: string, most: number, typical: number): SizeField => ({
  label,
  quantity: 'count',
  least: 1,
  most,
  typical,
});

export interface FeatureFacts {
  readonly name: string;
  /** A spot, or a line from here to there. */
  readonly form: 'spot' | 'line';
  readonly sizes: Readonly<Record<string, SizeField>>;
  /** Something that is wrong, to be repaired before a coat. */
  readonly defect: boolean;
}

const spot = (name: string, sizes: FeatureFacts['sizes'], defect = false): FeatureFacts => ({
  name,
  form: 'spot',
  sizes,
  defect,
});
const line = (name: string, sizes: FeatureFacts['sizes'], defect = false): FeatureFacts => ({
  name,
  form: 'line',
  sizes,
  defect,
});

/** One table for the schema, the forms, the plan and the quantities. Typical sizes are to be measured over. */
const FEATURES = {
  outlet: spot('Outlet', { diameterMm: mm('diameter', 30, 600, 100) }),
  scupper: spot('Scupper', { widthMm: mm('width', 30, 1500, 200), heightMm: mm('height', 30, 1000, 100) }),
  pipe: spot('Pipe', { diameterMm: mm('diameter', 5, 1500, 110) }),
  'pipe-cluster': spot('Pipe cluster', {
    lengthMm: mm('length', 50, 3000, 400),
    widthMm: mm('width', 50, 3000, 250),
    pipes: number('pipes', 100, 3),
    pipeMm: { ...mm('diameter of each', 5, 500, 50), later: true },
  }),
  post: spot('Post or plinth', {
    lengthMm: mm('length', 10, 5000, 100),
    widthMm: mm('width', 10, 5000, 100),
    heightMm: mm('height', 0, 5000, 150),
  }),
  support: spot('Equipment support', {
    lengthMm: mm('length', 10, 10000, 800),
    widthMm: mm('width', 10, 10000, 200),
  }),
  'static-crack': line('Static crack', { widthMm: mm('width', 0.05, 100, 0.3) }, true),
  'moving-crack': line('Moving crack', { widthMm: mm('width', 0.05, 100, 1) }, true),
  ridge: line('Ridge', {}),
  'board-joint': line('Board joint run', { widthMm: mm('width', 0.5, 100, 3) }),
  'sheet-lap': line('Metal sheet lap', { widthMm: mm('width', 10, 500, 60) }),
  fasteners: spot('Fasteners', { fasteners: number('fasteners', 100000, 100) }),
  blister: spot('Blister', { diameterMm: mm('diameter', 20, 5000, 300) }, true),
  split: line('Split', { widthMm: mm('width', 0.1, 500, 5) }, true),
  patch: spot(
    'Patch in the old membrane',
    { lengthMm: mm('length', 10, 10000, 400), widthMm: mm('width', 10, 10000, 300) },
    true,
  ),
  'flanged-vent': spot('Flanged vent', {
    lengthMm: mm('flange, with the fall', 50, 3000, 400),
    widthMm: mm('flange, across the fall', 50, 3000, 400),
    diameterMm: mm('diameter of the vent', 10, 2000, 150),
  }),
  stairs: spot('Stairs', {
    steps: number('risers', 60, 5),
    riserMm: mm('height of a riser', 50, 400, 170),
    treadMm: mm('depth of a tread', 100, 1500, 290),
    widthMm: mm('width of the flight', 300, 20000, 1200),
  }),
  spall: spot(
    'Spall',
    {
      lengthMm: mm('length', 10, 10000, 300),
      widthMm: mm('width', 10, 10000, 200),
      depthMm: mm('depth', 1, 300, 20),
    },
    true,
  ),
} as const satisfies Record<string, FeatureFacts>;

export type FeatureKind = keyof typeof FEATURES;
export const FEATURE_KINDS = Object.keys(FEATURES) as FeatureKind[];
export const featureFacts = (kind: FeatureKind): FeatureFacts => FEATURES[kind];

export const featureSchema = z
  .strictObject({
    id: idSchema,
    kind: z.enum(FEATURE_KINDS),
    /** How many alike at this place or in this run. */
    count: z.number().int().min(1).max(10000),
    at: placeSchema,
    /** The other end of a line. */
    to: placeSchema.optional(),
    sizes: z.record(z.string(), z.number()),
    /** Height of an outlet's rim in the zone's own levels, metres. */
    rimM: z.number().min(-1000).max(10000).optional(),
    note: z.string().max(400),
  })
  .superRefine((feature, context) => {
    const facts = featureFacts(feature.kind);
    const wrong = (path: string[], message: string, input: unknown): void => {
      context.addIssue({ code: 'custom', path, message, input });
    };
    if (facts.form === 'line' && !feature.to) wrong(['to'], 'the other end of the line', undefined);
    for (const [key, field] of Object.entries(facts.sizes)) {
      const value = feature.sizes[key];
      if (value === undefined && field.later) continue;
      if (value === undefined || value < field.least || value > field.most)
        wrong(['sizes', key], `a ${field.label} from ${field.least} to ${field.most}`, value);
    }
    for (const key of Object.keys(feature.sizes))
      if (!(key in facts.sizes)) wrong(['sizes', key], `a size that a ${facts.name.toLowerCase()} has`, key);
  });
export type Feature = z.infer<typeof featureSchema>;

/** Sizes to begin with. */
export const typicalSizes = (kind: FeatureKind, system: System = 'metric'): Record<string, number> =>
  Object.fromEntries(
    Object.entries(featureFacts(kind).sizes).map(([key, { typical, quantity }]) => [
      key,
      quantity === 'lap' ? usualSizeMm(typical, system) : typical,
    ]),
  );

/** How many there are: fasteners are counted as many at one place, pipes of a cluster stay one detail. */
export const featureNumber = (feature: Feature): number => feature.count * (feature.sizes['fasteners'] ?? 1);

/** Length of a line feature, all runs together, metres; 0 for a spot. */
export function featureLengthM(feature: Feature): number {
  if (!feature.to) return 0;
  const each = Math.hypot(feature.to.alongM - feature.at.alongM, feature.to.acrossM - feature.at.acrossM);
  return each * feature.count;
}
