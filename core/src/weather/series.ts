/**
 * Weather by the hour, as it is kept and sent: columns that begin at a full hour of UTC. A value belongs to the hour that
 * begins with it; rain is what falls in that hour. `null` is an hour without a value, which is never taken for "dry".
 */
import { z } from 'zod';
import { idSchema, instantSchema } from '../job/index.ts';
import { MS_PER_HOUR } from '../units/index.ts';
import { placeSchema } from './place.ts';

/** Each column with the range that its values must lie in, and its name for people. */
export const COLUMNS = {
  airC: { name: 'Air temperature', unit: '°C', least: -60, most: 60 },
  humidityPct: { name: 'Humidity', unit: '%', least: 1, most: 100 },
  rainMm: { name: 'Rain', unit: 'mm', least: 0, most: 200 },
  rainChancePct: { name: 'Chance of rain', unit: '%', least: 0, most: 100 },
  windMPerS: { name: 'Wind', unit: 'm/s', least: 0, most: 75 },
  gustMPerS: { name: 'Gusts', unit: 'm/s', least: 0, most: 110 },
  cloudPct: { name: 'Cloud', unit: '%', least: 0, most: 100 },
  sunWPerM2: { name: 'Sun on a level surface', unit: 'W/m²', least: 0, most: 1500 },
  surfaceC: { name: 'Surface temperature', unit: '°C', least: -60, most: 95 },
} as const;
export type Column = keyof typeof COLUMNS;
export const COLUMN_KEYS = Object.keys(COLUMNS) as Column[];

/** Two years of hours. */
export const MOST_HOURS = 17_600;
const MOST_MEMBERS = 100;

const column = (key: Column) =>
  z.array(z.number().min(COLUMNS[key].least).max(COLUMNS[key].most).nullable()).max(MOST_HOURS).optional();

export const columnsSchema = z.strictObject({
  airC: column('airC'),
  humidityPct: column('humidityPct'),
  rainMm: column('rainMm'),
  rainChancePct: column('rainChancePct'),
  windMPerS: column('windMPerS'),
  gustMPerS: column('gustMPerS'),
  cloudPct: column('cloudPct'),
  sunWPerM2: column('sunWPerM2'),
  surfaceC: column('surfaceC'),
});
export type Columns = z.infer<typeof columnsSchema>;

export const fullHour = instantSchema.refine(
  (at) => Date.parse(at) % MS_PER_HOUR === 0,
  'a full hour of UTC',
);

export const weatherSeriesSchema = z
  .strictObject({
    id: idSchema,
    /** `climate`: a typical or past year, for the season; it says nothing of today. */
    kind: z.enum(['observed', 'forecast', 'climate']),
    /** Who or what says so. */
    source: z.string().trim().min(1).max(120),
    simulated: z.boolean().default(false),
    /** What place it speaks of; absent: not said. */
    place: placeSchema.optional(),
    /** When a forecast was made; when observations were taken in. */
    issuedAt: instantSchema,
    startAt: fullHour,
    hours: z.number().int().min(1).max(MOST_HOURS),
    columns: columnsSchema,
    /** Ways the weather may go, each as likely as the others; the columns above are their middle. */
    members: z.array(columnsSchema).max(MOST_MEMBERS).optional(),
  })
  .refine((s) => [s.columns, ...(s.members ?? [])].every((c) => lengthsFit(c, s.hours)), {
    error: 'as many values in every column as it has hours',
    path: ['columns'],
  });

const lengthsFit = (columns: Columns, hours: number): boolean =>
  COLUMN_KEYS.every((k) => columns[k] === undefined || columns[k].length === hours);

export type WeatherSeries = z.infer<typeof weatherSeriesSchema>;
