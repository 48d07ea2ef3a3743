/**
 * Acceptance of a film by its readings: the three schools of the trade (common practice, no source).
 * A reading is an interval that has its low end and does not reach its high end, so each rule is asked twice: with every
 * reading at its low end, and with every reading as near below its high end as one likes. A thicker reading never makes
 * a rule fail, so a rule that holds at the low ends holds for sure, and one that fails below the high ends fails for
 * sure; where the two differ the gauge cannot tell.
 */
import { COMMON, type Practice } from '../practice/index.ts';
import { meanOf, type Reading } from './gauge.ts';

export const ACCEPTANCE_RULES = ['average-and-spots', 'mean-and-share', 'minimum'] as const;
export type AcceptanceRule = (typeof ACCEPTANCE_RULES)[number];

/** A spot is the mean of so many readings: what the rule means by the word. */
export const READINGS_PER_SPOT = 3;

export type AcceptanceReason =
  | { readonly kind: 'mean'; readonly actualMm: number; readonly limitMm: number }
  | { readonly kind: 'spot'; readonly actualMm: number; readonly limitMm: number; readonly index: number }
  | { readonly kind: 'reading'; readonly actualMm: number; readonly limitMm: number; readonly index: number }
  | {
      /** Of readings between the least and the nominal film. */
      readonly kind: 'share';
      readonly actual: number;
      readonly limit: number;
      readonly leastShare: number;
    };

export type AcceptanceOutcome = 'passes' | 'fails' | 'too close to tell' | 'no readings';

export interface Acceptance {
  readonly rule: AcceptanceRule;
  readonly outcome: AcceptanceOutcome;
  /** What fails: below the high ends if it fails for sure, at the low ends if the gauge cannot tell. */
  readonly reasons: readonly AcceptanceReason[];
}

/** Means of three readings in the order taken; a last incomplete group counts as a spot too. */
export function spots(values: readonly number[]): number[] {
  const result: number[] = [];
  for (let i = 0; i < values.length; i += READINGS_PER_SPOT) {
    const mean = meanOf(values.slice(i, i + READINGS_PER_SPOT));
    if (mean !== undefined) result.push(mean);
  }
  return result;
}

/** Falls short of a limit. Floating sums of teeth such as 0.1 + 0.2 must not decide what is exactly on it. */
type Short = (actual: number, limit: number) => boolean;
const SLACK = Number.EPSILON * 8;
/** The value itself is reached. */
const reached: Short = (actual, limit) => actual < limit * (1 - SLACK);
/** Only what lies below the value is reached: at the limit it is still short. */
const notReached: Short = (actual, limit) => actual <= limit * (1 + SLACK);

function failuresOf(
  rule: AcceptanceRule,
  values: readonly number[],
  nominalMm: number,
  under: Short,
  practice: Practice,
): AcceptanceReason[] {
  const reasons: AcceptanceReason[] = [];
  const mean = meanOf(values) ?? 0;
  const least = nominalMm * practice.leastShare.value;
  if (rule === 'minimum') {
    values.forEach((v, index) => {
      if (under(v, nominalMm)) reasons.push({ kind: 'reading', actualMm: v, limitMm: nominalMm, index });
    });
    return reasons;
  }
  if (under(mean, nominalMm)) reasons.push({ kind: 'mean', actualMm: mean, limitMm: nominalMm });
  if (rule === 'average-and-spots') {
    spots(values).forEach((v, index) => {
      if (under(v, least)) reasons.push({ kind: 'spot', actualMm: v, limitMm: least, index });
    });
    return reasons;
  }
  values.forEach((v, index) => {
    if (under(v, least)) reasons.push({ kind: 'reading', actualMm: v, limitMm: least, index });
  });
  const between = values.filter((v) => !under(v, least) && under(v, nominalMm)).length / values.length;
  if (between > practice.mostBetween.value) {
    reasons.push({
      kind: 'share',
      actual: between,
      limit: practice.mostBetween.value,
      leastShare: practice.leastShare.value,
    });
  }
  return reasons;
}

/**
 * Judges readings against a nominal film by one of the schools.
 * (a) `average-and-spots`: average at or above nominal, no spot (mean of 3) under 80 % of it.
 * (b) `mean-and-share`: mean at or above nominal, none under 80 %, at most 20 % of readings between 80 and 100 %.
 * (c) `minimum`: every reading at or above nominal.
 */
export function judgeReadings(
  rule: AcceptanceRule,
  readings: readonly Reading[],
  nominalMm: number,
  practice: Practice = COMMON,
): Acceptance {
  if (readings.length === 0) return { rule, outcome: 'no readings', reasons: [] };
  const atLow = failuresOf(
    rule,
    readings.map((r) => r.lowMm),
    nominalMm,
    reached,
    practice,
  );
  if (atLow.length === 0) return { rule, outcome: 'passes', reasons: [] };
  // A reading without an upper end cannot fail a film: it may be as thick as it likes.
  const belowHigh = failuresOf(
    rule,
    readings.map((r) => r.highMm ?? Infinity),
    nominalMm,
    notReached,
    practice,
  );
  if (belowHigh.length === 0) return { rule, outcome: 'too close to tell', reasons: atLow };
  return { rule, outcome: 'fails', reasons: belowHigh };
}
