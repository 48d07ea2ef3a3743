/** What a job asks to be proven of each of its roofs: said by people, nothing computed. */
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

export const provingSchema = z.strictObject({
  demands: z.array(demandSchema).max(500).default([]),
});
export type ProvingDoc = z.infer<typeof provingSchema>;
export const DEFAULT_PROVING: ProvingDoc = provingSchema.parse({});

/** What keeps it from being saved: nothing is said twice of one zone. */
export function provingProblems({ demands }: ProvingDoc): Problem[] {
  const zones = demands.map((d) => d.zoneId);
  return zones.flatMap((zone, i): Problem[] =>
    zones.indexOf(zone) === i
      ? []
      : [
          {
            ...{ kind: 'duplicate', field: `demands/${i}/zoneId`, label: 'What is to be proven, zone' },
            ...{ actual: zone, expected: 'each zone once' },
          },
        ],
  );
}
