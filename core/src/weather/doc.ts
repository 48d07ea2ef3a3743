/** What a job says of its weather: where it lies, who tells it the weather, and the crew whose pace it plans with. */
import { z } from 'zod';
import { idSchema, instantSchema } from '../job/index.ts';
import { placeSchema } from './place.ts';
import { fullHour } from './series.ts';
import { MILD_COAST, type Climate } from './simulated.ts';

/** Who tells the weather: nobody, a stand-in that makes it up, or sources of the firm that answer over HTTP. */
export const SERVICES = ['none', 'simulated', 'sources'] as const;
const MOST_SOURCES = 6;

export const weatherDocSchema = z.strictObject({
  place: placeSchema.optional(),
  service: z.enum(SERVICES).default('none'),
  /** Which of the firm's sources are asked; they count where the service says so. */
  sourceIds: z.array(idSchema).max(MOST_SOURCES).default([]),
  simulated: z
    .strictObject({
      seed: z.number().int().min(0).max(2_000_000_000).default(1),
      /** A front is to pass then. */
      frontAt: instantSchema.optional(),
      /** Fronts before that one pass without rain. */
      dryBefore: z.boolean().optional(),
      /** The full hour that the made-up weather is counted from. */
      originAt: fullHour.optional(),
      climate: z
        .strictObject({
          meanC: z.number().min(-10).max(35).default(MILD_COAST.meanC),
          seasonK: z.number().min(0).max(25).default(MILD_COAST.seasonK),
          dayK: z.number().min(0).max(15).default(MILD_COAST.dayK),
          spreadK: z.number().min(1).max(20).default(MILD_COAST.spreadK),
          windMPerS: z.number().min(0.5).max(12).default(MILD_COAST.windMPerS),
        })
        .prefault({}),
    })
    .prefault({}),
  crew: z
    .strictObject({
      people: z.number().int().min(1).max(6).default(2),
      method: z.enum(['by hand', 'sprayed']).default('by hand'),
      /** What tools or the shape of the work make of the usual output, as a share. */
      toolShare: z.number().min(0.2).max(3).default(1),
    })
    .prefault({}),
});
export type WeatherDoc = z.infer<typeof weatherDocSchema>;
export const DEFAULT_WEATHER: WeatherDoc = weatherDocSchema.parse({});

/** The made-up climate of a job, where it asks for one. */
export const climateOf = ({ place, service, simulated }: WeatherDoc): Climate | undefined =>
  place && service === 'simulated'
    ? {
        ...simulated.climate,
        place,
        seed: simulated.seed,
        dryBefore: simulated.dryBefore,
        frontAtMs: simulated.frontAt === undefined ? undefined : Date.parse(simulated.frontAt),
        originMs: simulated.originAt === undefined ? undefined : Date.parse(simulated.originAt),
      }
    : undefined;
