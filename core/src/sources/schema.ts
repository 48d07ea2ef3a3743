/** A source of weather that answers over HTTP: how it is asked, and what the columns of its answer say. */
import { z } from 'zod';
import { isZone } from '../job/index.ts';
import { TABLE_UNITS, type TableColumn } from '../weather/index.ts';
import { addressProblem } from './address.ts';

/**
 * What a source tells: hours to come, hours that have been, what a station on site reads now, or the value of a moisture
 * meter.
 */
export const SOURCE_KINDS = ['forecast', 'observed', 'station', 'meter'] as const;
export type SourceKind = (typeof SOURCE_KINDS)[number];

/** What a column of an answer may say, with the units that it may come in; the first is ours. */
export const ANSWER_UNITS = { ...TABLE_UNITS, moisturePct: ['%'] } as const satisfies Record<
  string,
  readonly string[]
>;
export type AnswerColumn = TableColumn | 'moisturePct';
const ANSWER_COLUMNS = Object.keys(ANSWER_UNITS) as AnswerColumn[];

/**
 * How the values of an answer lie: `rows`, a list of things with a value each; `columns`, lists of equal length side by
 * side; `one`, a single thing. A CSV table is `rows`.
 */
const SHAPES = ['rows', 'columns', 'one'] as const;
export type Shape = (typeof SHAPES)[number];

/** The time of a source whose clock is that of the place. */
export const JOB_ZONE = 'job';

const heading = z.string().min(1).max(200);

export const answerMapSchema = z
  .strictObject({
    format: z.enum(['json', 'csv']),
    /** Where the list lies in a JSON answer: names with dots between them; empty for the answer itself. */
    list: z.string().max(300).default(''),
    shape: z.enum(SHAPES),
    /** The column of the time; absent where an answer is of the moment in which it is asked for. */
    time: heading.optional(),
    clock: heading.optional(),
    timeIs: z.enum(['text', 'seconds', 'milliseconds']).default('text'),
    order: z.enum(['day first', 'month first']).default('day first'),
    /** An IANA name, or `job` for the clock of the job; not looked at where times say their zone. */
    zone: z
      .string()
      .refine((z) => z === JOB_ZONE || isZone(z), 'a time zone such as Europe/Lisbon, or “job”'),
    rainOf: z.enum(['hour after', 'hour before']).default('hour after'),
    columns: z
      .array(
        z.strictObject({
          /** The heading; of members with # for their number. */
          name: heading,
          as: z.enum(ANSWER_COLUMNS as [AnswerColumn, ...AnswerColumn[]]),
          unit: z.string().max(10),
          /** A column for each way that the weather may go. */
          members: z.boolean().default(false),
        }),
      )
      .min(1)
      .max(30),
  })
  .superRefine(({ columns }, context) => {
    const seen = new Set<string>();
    columns.forEach((c, i) => {
      const wrong = (message: string): void =>
        context.addIssue({ code: 'custom', path: ['columns', i, 'as'], message, input: c.as });
      const units: readonly string[] = ANSWER_UNITS[c.as];
      if (!units.includes(c.unit)) wrong(`one of its units: ${units.map((u) => u || '0 to 1').join(', ')}`);
      const key = `${c.as} ${c.members}`;
      if (seen.has(key)) wrong('each kind of value once');
      seen.add(key);
    });
  });
export type AnswerMap = z.infer<typeof answerMapSchema>;

/** Often enough for a forecast, for hours that have been, and for an instrument, min. */
export const USUAL_MINUTES: Readonly<Record<SourceKind, number>> = {
  forecast: 30,
  observed: 30,
  station: 1,
  meter: 0,
};

const asked = {
  kind: z.enum(SOURCE_KINDS),
  address: z
    .string()
    .trim()
    .min(1)
    .max(1000)
    .superRefine((address, context) => {
      const odd = addressProblem(address);
      if (odd !== undefined) context.addIssue({ code: 'custom', message: odd, input: address });
    }),
  /** A head of the request that carries the key, where the key is not in the address. */
  keyHeader: z
    .string()
    .regex(/^[A-Za-z][A-Za-z0-9-]{0,60}$/, 'the name of a request head, such as X-Api-Key')
    .optional(),
};
/** How a source is asked, before anybody knows what it answers. */
export const sourceAskedSchema = z.strictObject(asked);

export const weatherSourceSchema = z
  .strictObject({
    name: z.string().trim().min(1).max(80),
    ...asked,
    /** It is not asked again for so long, whatever it allows. */
    leastMinutes: z.number().int().min(0).max(1440),
    map: answerMapSchema,
  })
  .superRefine(({ kind, address, leastMinutes, map }, context) => {
    const wrong = (path: (string | number)[], message: string, input: unknown): void =>
      context.addIssue({ code: 'custom', path, message, input });
    const meter = kind === 'meter';
    if (meter && /\{(?!key\})/.test(address))
      wrong(['address'], 'no place and no hours: a meter is read now, wherever it is', address);
    if (meter && leastMinutes > 0)
      wrong(['leastMinutes'], '0: a meter is read when somebody taps', leastMinutes);
    if (meter !== map.columns.some((c) => c.as === 'moisturePct'))
      wrong(
        ['map', 'columns'],
        meter ? 'the column of the moisture' : 'no moisture: only a meter reads it',
        map.columns.map((c) => c.as).join(', '),
      );
    if ((kind === 'forecast' || kind === 'observed') && map.time === undefined)
      wrong(['map', 'time'], 'the column of the time', '');
    if (kind !== 'forecast' && map.columns.some((c) => c.members))
      wrong(['map', 'columns'], 'no ways that it may go: only a forecast has them', 'members');
  });
export type WeatherSource = z.infer<typeof weatherSourceSchema>;
