/** What a job asks to be proven, what is guaranteed, and how its roofs are looked after: said by people, nothing computed. */
import { z } from 'zod';
import { idSchema, sourced } from '../job/index.ts';
import type { Problem } from '../problems/index.ts';

/** By what it is shown that a roof does not leak. */
export const LEAK_DEMANDS = ['none', 'flood', 'detector', 'either'] as const;
export type LeakDemand = (typeof LEAK_DEMANDS)[number];

const says = z.string().trim().max(400).default('');

const demandSchema = z.strictObject({
  zoneId: idSchema,
  leak: z.enum(LEAK_DEMANDS),
  /** Pull-off of the finished work, at least, N/mm². */
  bondMPa: sourced(z.number().gt(0).max(20)).optional(),
  /** The film is read dry, besides wet. */
  dryFilm: z.boolean().default(false),
  /** Each detail has a picture. */
  pictures: z.boolean().default(false),
  /** Who asks for it: the specification, the maker, the client. */
  says,
});
export type Demand = z.infer<typeof demandSchema>;

/** What a guarantee may ask to be proven. */
export const GUARANTEE_DEMANDS = [
  'ground',
  'details',
  'weather',
  'times',
  'film',
  'dryFilm',
  'leak',
  'bond',
  'accepted',
] as const;
export const VISITS = ['none', 'yearly', 'twice a year'] as const;

const guaranteeSchema = z.strictObject({
  id: idSchema,
  zoneIds: z.array(idSchema).min(1).max(200),
  by: z.string().trim().min(1).max(120),
  covers: z.string().trim().min(1).max(400),
  years: z.number().int().min(1).max(50),
  /** A day of the job's calendar; absent: from the acceptance of its last bay. */
  from: z.iso.date().optional(),
  demands: z.array(z.enum(GUARANTEE_DEMANDS)).max(GUARANTEE_DEMANDS.length),
  visits: z.enum(VISITS),
  says,
});
export type Guarantee = z.infer<typeof guaranteeSchema>;

export const WALKED = ['seldom', 'often'] as const;
const upkeepSchema = z.strictObject({
  zoneId: idSchema,
  walked: z.enum(WALKED).default('seldom'),
  /** One visit with washing, in the money of the order. */
  visitPrice: sourced(z.number().min(0).max(1e6)).optional(),
  recoatPerM2: sourced(z.number().min(0).max(1e4)).optional(),
});
export type UpkeepSetting = z.infer<typeof upkeepSchema>;

export const provingSchema = z.strictObject({
  demands: z.array(demandSchema).max(500).default([]),
  guarantees: z.array(guaranteeSchema).max(50).default([]),
  upkeep: z.array(upkeepSchema).max(500).default([]),
});
export type ProvingDoc = z.infer<typeof provingSchema>;
export const DEFAULT_PROVING: ProvingDoc = provingSchema.parse({});

/** What keeps it from being saved: nothing is said twice of one zone. */
export function provingProblems(doc: ProvingDoc): Problem[] {
  const twice = (list: keyof ProvingDoc, label: string, keys: readonly string[]): Problem[] =>
    keys.flatMap((key, i) =>
      keys.indexOf(key) === i
        ? []
        : [
            {
              ...{ kind: 'duplicate', field: `${list}/${i}`, label, actual: key },
              expected: 'each one once',
            } as const,
          ],
    );
  return [
    ...twice(
      'demands',
      'What is to be proven, zone',
      doc.demands.map((d) => d.zoneId),
    ),
    ...twice(
      'guarantees',
      'Guarantee',
      doc.guarantees.map((g) => g.id),
    ),
    ...twice(
      'upkeep',
      'Upkeep, zone',
      doc.upkeep.map((u) => u.zoneId),
    ),
  ];
}
