/** The survey: zones as measured. Metres, degrees; see geometry for axes. */
import { z } from 'zod';
import { idSchema, nameSchema } from '../job/index.ts';

/** No roof side is longer; a slip of the decimal point is. */
const MOST_M = 2000;

const coordinate = z.number().min(-MOST_M).max(MOST_M);
export const pointSchema = z.tuple([coordinate, coordinate]);
const ringSchema = z.array(pointSchema).min(3).max(2000);

export const legSchema = z.strictObject({
  lengthM: z.number().gt(0).max(MOST_M),
  turnDeg: z.number().gt(0).lt(180),
  turn: z.enum(['left', 'right']),
});

export const outlineSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('walk'),
    legs: z.array(legSchema).min(3).max(500),
    /** The person has seen the closing error and accepts the compass-rule adjustment. */
    adjustmentAccepted: z.boolean(),
  }),
  z.strictObject({
    kind: z.literal('points'),
    points: ringSchema,
    origin: z.enum(['GeoJSON', 'CSV', 'typed']),
  }),
]);

export const openingSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  shape: z.discriminatedUnion('kind', [
    /** A rectangle set out from the first corner: along the first side, and square to it into the zone. */
    z.strictObject({
      kind: z.literal('rectangle'),
      alongM: coordinate,
      acrossM: coordinate,
      lengthM: z.number().gt(0).max(MOST_M),
      widthM: z.number().gt(0).max(MOST_M),
    }),
    z.strictObject({ kind: z.literal('points'), points: ringSchema }),
  ]),
});

export const zoneSchema = z.strictObject({
  id: idSchema,
  /** One to three letters that begin the bays' labels. */
  code: z.string().regex(/^[A-Z]{1,3}$/, 'one to three capital letters'),
  name: nameSchema,
  outline: outlineSchema,
  openings: z.array(openingSchema).max(200),
  note: z.string().max(2000),
});

export const surveySchema = z.strictObject({ zones: z.array(zoneSchema).max(200) });

export type Outline = z.infer<typeof outlineSchema>;
export type Opening = z.infer<typeof openingSchema>;
export type Zone = z.infer<typeof zoneSchema>;
export type Survey = z.infer<typeof surveySchema>;
export const EMPTY_SURVEY: Survey = { zones: [] };
