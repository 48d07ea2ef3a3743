/** What every document shares, and the head of a job. */
import { z } from 'zod';
import { practiceSettingsSchema } from '../practice/index.ts';
import { INCHES, NUMBER_STYLES } from '../units/index.ts';
import { WORDINGS } from '../wording/index.ts';

export const idSchema = z
  .string()
  .min(1)
  .max(64)
  .regex(/^[A-Za-z0-9_-]+$/, 'letters, digits, - and _');

export const nameSchema = z.string().trim().min(1).max(120);

export const sourceSchema = z.enum(['measured', 'data sheet', 'typical', 'assumed', 'definition', 'chosen']);

/** Where a number comes from; `cites` names the paper in the binder that says so. */
export const provenance = { source: sourceSchema, cites: idSchema.optional() };

/** A number with its source. */
export const sourced = (number: z.ZodNumber) => z.strictObject({ value: number, ...provenance });

export interface Sourced {
  readonly value: number;
  readonly source: z.infer<typeof sourceSchema>;
  readonly cites?: string | undefined;
}

const INSTANT = 'an instant such as 2026-05-04T08:30:00Z';
/** Of a year in which somebody seals roofs: a slip in it is no instant. */
export const instantSchema = z.iso
  .datetime({ offset: false, error: INSTANT })
  .refine((text) => text >= '1900' && text < '2200', { error: INSTANT });

/** Whether it names a zone that this machine knows. */
export function isZone(zone: string): boolean {
  try {
    new Intl.DateTimeFormat('en-GB', { timeZone: zone });
    return true;
  } catch {
    return false;
  }
}

/** What somebody has to accept before it is covered. */
export const HOLD_POINTS = ['primer', 'details', 'coats'] as const;
export type HoldPoint = (typeof HOLD_POINTS)[number];

export const jobRulesSchema = z.strictObject({
  practice: practiceSettingsSchema,
  holdPoints: z.array(z.enum(HOLD_POINTS)).max(HOLD_POINTS.length),
  /** Nobody accepts what they made themselves. */
  otherAccepts: z.boolean().optional(),
});
export type JobRules = z.infer<typeof jobRulesSchema>;
const NO_RULES: JobRules = { practice: [], holdPoints: [] };
export const rulesOf = (head: Pick<JobHead, 'rules'> | undefined): JobRules => head?.rules ?? NO_RULES;

export const jobHeadSchema = z.strictObject({
  name: nameSchema,
  place: z.string().trim().max(200),
  timeZone: z.string().refine(isZone, 'a time zone such as Europe/Lisbon'),
  units: z.enum(['metric', 'us']),
  /** British or American words; without it, those that go with the units. */
  wording: z.enum(WORDINGS).optional(),
  /** How numbers are marked on its papers; without it, as goes with the units. */
  numbers: z.enum(NUMBER_STYLES).optional(),
  /** How its lengths are written in US units; without it, to eighths of an inch. */
  inches: z.enum(INCHES).optional(),
  /** Code of the currency in which its prices are kept. */
  currency: z
    .string()
    .regex(/^[A-Z]{3}$/, 'three capital letters, such as EUR')
    .optional(),
  demo: z.boolean().optional(),
  /** What the job sets for itself. */
  rules: jobRulesSchema.optional(),
});

export type JobHead = z.infer<typeof jobHeadSchema>;

const USUAL_CURRENCY = 'EUR';
export const currencyOf = (head: Pick<JobHead, 'currency'> | undefined): string =>
  head?.currency ?? USUAL_CURRENCY;
