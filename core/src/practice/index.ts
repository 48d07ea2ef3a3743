/**
 * The register of practice: every number that is called common practice stands here once, with its name and its note.
 * A firm may set its own, a job may set its own over that, each with a source; the data sheet of a layer goes before all.
 * What is not marked otherwise is common practice, no source.
 */
import { z } from 'zod';
import { given, type Given } from '../figures/index.ts';
import { GROUND } from './ground.ts';
import { KEEPING } from './keeping.ts';
import { MAKING } from './making.ts';
import type { PracticeNumber } from './number.ts';
import { WORK } from './work.ts';

export type { PracticeNumber } from './number.ts';

export const REGISTER = { ...GROUND, ...WORK, ...MAKING, ...KEEPING } as const satisfies Record<
  string,
  PracticeNumber
>;
export type PracticeKey = keyof typeof REGISTER;
export const PRACTICE_KEYS = Object.keys(REGISTER) as PracticeKey[];
const facts = (key: PracticeKey): PracticeNumber => REGISTER[key];

/** Decided by the details of a build-up, by what is drawn and by what is ordered: not by a job. */
const BY_DETAILS: readonly PracticeKey[] = [
  ...(Object.keys(MAKING) as (keyof typeof MAKING)[]),
  'crackCutOut',
  'crackGrooveWidth',
  'crackGrooveDepth',
  'filletMortar',
  'filletSealant',
];
/** What a firm or a job may set. */
export const SETTABLE_KEYS = PRACTICE_KEYS.filter((k) => !BY_DETAILS.includes(k));

const keySchema = z.enum(SETTABLE_KEYS as [PracticeKey, ...PracticeKey[]]);

/** What a firm or a job sets in place of a number of the register, and who says so. */
export const practiceSettingsSchema = z
  .array(
    z
      .strictObject({
        key: keySchema,
        value: z.number(),
        /** Such as "the engineer asks for it, letter of 12 May". */
        says: z.string().trim().min(1).max(200),
      })
      .superRefine(({ key, value }, context) => {
        const { label, least, most } = facts(key);
        if (value < least || value > most)
          context.addIssue({
            code: 'custom',
            path: ['value'],
            input: value,
            message: `${label}: from ${least} to ${most}`,
          });
      }),
  )
  .max(SETTABLE_KEYS.length)
  .refine((list) => new Set(list.map((s) => s.key)).size === list.length, {
    error: 'each number of practice once',
  });
export type PracticeSettings = z.infer<typeof practiceSettingsSchema>;

/** Every number of the register as it holds for a job. */
export type Practice = Readonly<Record<PracticeKey, Given>>;

/** @param settings of the firm first, then of the job: the later goes before the earlier */
export function practiceOf(...settings: readonly (PracticeSettings | undefined)[]): Practice {
  const set = new Map(settings.flatMap((list) => (list ?? []).map((s) => [s.key, s] as const)));
  return Object.fromEntries(
    PRACTICE_KEYS.map((key) => {
      const { label, value, quantity, note } = facts(key);
      const own = set.get(key);
      return [
        key,
        own
          ? given(label, own.value, quantity, 'chosen', `${own.says}; else ${value}, ${note}`)
          : given(label, value, quantity, 'typical', note),
      ];
    }),
  ) as Practice;
}

/** The register as it stands, where nothing is set. */
export const COMMON: Practice = practiceOf();
