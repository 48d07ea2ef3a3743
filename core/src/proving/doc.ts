/** What a job asks to be proven of each of its roofs: said by people, nothing computed. */
import { z } from 'zod';
import { idSchema, sourced } from '../job/index.ts';
import type { Problem } from '../problems/index.ts';
import { PROOF_SUBJECTS } from './subjects.ts';

/** By what it is shown that a roof does not leak. */
export const LEAK_DEMANDS = ['none', 'flood', 'detector', 'either'] as const;
export type LeakDemand = (typeof LEAK_DEMANDS)[number];

const says = z.string().trim().max(400).default('');

const demandSchema = z.strictObject({
  zoneId: idSchema,
  leak: z.enum(LEAK_DEMANDS),
  /** Pull-off of the finished work, at least, N/mm². */
  bondMPa: sourced(z.number().gt(0).max(20)).optional(),
  /** Grip of the finished surface by pendulum, at least. */
  slip: sourced(z.number().gt(0).max(150)).optional(),
  /** The film is read dry, besides wet. */
  dryFilm: z.boolean().default(false),
  /** Each detail has a picture. */
  pictures: z.boolean().default(false),
  /** Who asks for it: the specification, the maker, the client. */
  says,
});
export type Demand = z.infer<typeof demandSchema>;

/** What a guarantee covers, and what it hangs on. */
const guaranteeSchema = z.strictObject({
  zoneId: idSchema,
  /** Who gives it. */
  by: z.string().trim().min(1).max(120),
  /** For what. */
  covers: z.string().trim().min(1).max(400),
  years: z.number().int().min(1).max(60),
  /** A day; absent: the day on which the roof is handed over. */
  startsOn: z.iso.date().optional(),
  /** What has to be shown of the finished roof. */
  demands: z.array(z.enum(PROOF_SUBJECTS)).max(PROOF_SUBJECTS.length).default([]),
  /** Visits that keep it; absent: it asks for none. */
  visitsPerYear: z.number().int().min(1).max(12).optional(),
  /** By whom. */
  visitsBy: says,
  /** It is sent in within so many days of handing over; absent: it need not be. */
  sentWithinDays: z.number().int().min(1).max(365).optional(),
  sentOn: z.iso.date().optional(),
});
export type Guarantee = z.infer<typeof guaranteeSchema>;

export const provingSchema = z.strictObject({
  demands: z.array(demandSchema).max(500).default([]),
  guarantees: z.array(guaranteeSchema).max(500).default([]),
});
export type ProvingDoc = z.infer<typeof provingSchema>;
export const DEFAULT_PROVING: ProvingDoc = provingSchema.parse({});

/** What keeps it from being saved: nothing is said twice of one zone. */
export const provingProblems = ({ demands, guarantees }: ProvingDoc): Problem[] => [
  ...saidTwice(demands, 'demands', 'What is to be proven, zone'),
  ...saidTwice(guarantees, 'guarantees', 'Guarantee, zone'),
];

function saidTwice(list: readonly { readonly zoneId: string }[], field: string, label: string): Problem[] {
  const zones = list.map((d) => d.zoneId);
  return zones.flatMap((zone, i): Problem[] =>
    zones.indexOf(zone) === i
      ? []
      : [
          {
            ...{ kind: 'duplicate', field: `${field}/${i}/zoneId`, label },
            ...{ actual: zone, expected: 'each zone once' },
          },
        ],
  );
}
