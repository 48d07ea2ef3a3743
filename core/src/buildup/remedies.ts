/**
 * What to do when a limit was missed, as steps that can be done, paid for and ticked off. A step that lays something names
 * a coat of the build-up, or a product with its rate; what names neither takes no material that can be told.
 */
import { z } from 'zod';
import { idSchema, nameSchema, provenance, sourced } from '../job/index.ts';
import { MISSABLE } from './conditions.ts';
import { text } from './numbers.ts';

export const REMEDY_DOES = [
  'look',
  'wait',
  'dry',
  'wash',
  'wipe',
  'sweep',
  'abrade',
  'test',
  'cut out',
  'prime',
  'coat',
  'patch',
  'warm and roll',
  'throw away',
] as const;

const remedyStepSchema = z.strictObject({
  does: z.enum(REMEDY_DOES),
  says: z.string().min(1).max(400),
  /** A coat of this build-up that is laid again, at its own rate. */
  layerId: idSchema.optional(),
  /** A product of its own, with what goes on to a square metre: kg or L. */
  product: nameSchema.optional(),
  rate: z
    .strictObject({ basis: z.enum(['mass', 'volume']), value: z.number().gt(0).max(50), ...provenance })
    .optional(),
  /** Which part of the bay it takes, 0 to 1; absent: all of it. */
  part: sourced(z.number().gt(0).max(1)).optional(),
  tool: text(80).optional(),
  /** It stands this long before it is rinsed or wiped off, minutes. */
  dwellMin: sourced(z.number().gt(0).max(2880)).optional(),
  /** And dries this long before the next step, hours. */
  dryH: sourced(z.number().gt(0).max(336)).optional(),
});
export type RemedyStep = z.infer<typeof remedyStepSchema>;

export const remediesSchema = z.partialRecord(z.enum(MISSABLE), z.array(remedyStepSchema).min(1).max(12));
export type Remedies = z.infer<typeof remediesSchema>;

/** Steps as one text. */
export const stepsText = (steps: readonly RemedyStep[]): string => steps.map((s) => s.says).join(' ');
