/**
 * How many readings a rule of acceptance needs before it may be said to hold of the film, and not only of the readings.
 * Readings are taken at places that nobody chose for their look. What is said of the mean takes the film to be spread
 * as a bell curve; what is said of a share needs nothing of the kind.
 */
import { given, type Figure, type Given } from '../figures/index.ts';
import { COMMON, type Practice } from '../practice/index.ts';
import { READINGS_PER_SPOT, type AcceptanceRule } from './acceptance.ts';
import { meanOf } from './gauge.ts';

/** What is usually asked for. Common practice, no source. */
export const SAMPLING = {
  confidence: given('confidence', 0.95, 'share', 'typical', 'common practice, no source'),
  missed: given(
    'area that may be short without being found',
    0.1,
    'share',
    'typical',
    'common practice, no source',
  ),
} as const;

/** Fewer say nothing of a spread. */
const LEAST_READINGS = 3;
/** More than this nobody takes: the film is too near its limit for readings to settle it. */
export const MOST_READINGS = 1000;

/** Student's distribution. Abramowitz and Stegun, Handbook of Mathematical Functions, 26.7.3 and 26.7.4. */
export function studentCdf(t: number, degrees: number): number {
  const angle = Math.atan(t / Math.sqrt(degrees));
  const cos2 = Math.cos(angle) ** 2;
  const odd = degrees % 2 === 1;
  let term = odd ? Math.cos(angle) : 1;
  let sum = degrees === 1 ? 0 : term;
  for (let k = odd ? 3 : 2; k <= degrees - 2; k += 2) {
    term *= ((k - 1) / k) * cos2;
    sum += term;
  }
  const between = odd ? (2 / Math.PI) * (angle + Math.sin(angle) * sum) : Math.sin(angle) * sum;
  return (1 + between) / 2;
}

/** The t below which a share of Student's distribution lies, 0.5 to 0.9999; degrees from 1. */
export function studentQuantile(share: number, degrees: number): number {
  let [low, high] = [0, 1];
  while (studentCdf(high, degrees) < share) high *= 2;
  for (let i = 0; i < 60; i += 1) {
    const middle = (low + high) / 2;
    if (studentCdf(middle, degrees) < share) low = middle;
    else high = middle;
  }
  return high;
}

/** Share of a bell curve that lies below z, by Simpson's rule. */
export function normalCdf(z: number): number {
  const STEPS = 200;
  const reach = Math.min(Math.abs(z), 8);
  const h = reach / STEPS;
  let sum = 0;
  for (let i = 0; i <= STEPS; i += 1)
    sum += (i === 0 || i === STEPS ? 1 : i % 2 === 1 ? 4 : 2) * Math.exp(-((i * h) ** 2) / 2);
  const half = (sum * h) / 3 / Math.sqrt(2 * Math.PI);
  return z < 0 ? 0.5 - half : 0.5 + half;
}

/** Chance of at most k among n, each with chance p. */
export function binomialCdf(k: number, n: number, p: number): number {
  let term = (1 - p) ** n;
  let sum = term;
  for (let i = 1; i <= k; i += 1) {
    term *= ((n - i + 1) / i) * (p / (1 - p));
    sum += term;
  }
  return Math.min(1, sum);
}

const spread = (values: readonly number[], mean: number): number =>
  Math.sqrt(values.reduce((sum, v) => sum + (v - mean) ** 2, 0) / (values.length - 1));

/**
 * What the mean of the film is at least, with a confidence.
 * @param valuesMm readings at their low ends, two or more; or what they are of the design, as shares
 * @returns undefined below two readings
 */
export function meanAtLeast(
  valuesMm: readonly number[],
  confidence: Given = SAMPLING.confidence,
  quantity: 'film' | 'share' = 'film',
): Figure | undefined {
  const mean = meanOf(valuesMm);
  if (mean === undefined || valuesMm.length < 2) return undefined;
  const n = given('readings', valuesMm.length, 'count', 'measured');
  const deviation = given(
    'spread of the readings',
    spread(valuesMm, mean),
    quantity,
    'measured',
    'standard deviation',
  );
  const t = given(
    'Student’s t',
    studentQuantile(confidence.value, valuesMm.length - 1),
    'fraction',
    'definition',
    `one side, ${valuesMm.length - 1} degrees of freedom, ${Math.round(confidence.value * 100)} %`,
  );
  const middle = given('mean of the readings at their low ends', mean, quantity, 'measured');
  return {
    label: 'Mean of the film, at least',
    value: mean - (t.value * deviation.value) / Math.sqrt(n.value),
    quantity,
    formula: '{mean} − {t} × {deviation} / sqrt({n})',
    inputs: { mean: middle, t, deviation, n },
    from: 'one-sided limit of a mean',
  };
}

export interface SamplingTerms {
  readonly rule: AcceptanceRule;
  /** Mean film over the nominal one: 1.1 is a tenth more. */
  readonly meanOfNominal: number;
  /** Standard deviation over the mean. */
  readonly spreadOfMean: number;
  /** Share of the area that may be short without being found. */
  readonly missed: number;
  readonly confidence: number;
}

/** Readings until the mean is surely at its limit; undefined where no number of them can say so. */
function forMean({ meanOfNominal: m, spreadOfMean, confidence }: SamplingTerms): number | undefined {
  if (m <= 1) return undefined;
  const deviation = m * spreadOfMean;
  for (let n = 2; n <= MOST_READINGS; n += 1)
    if (m - (studentQuantile(confidence, n - 1) * deviation) / Math.sqrt(n) >= 1) return n;
  return undefined;
}

/** Readings, none of them short, until no more than a share of the area is short: (1 − share)^n ≤ 1 − confidence. */
export const readingsForShare = (share: number, confidence: number): number =>
  Math.ceil(Math.log(1 - confidence) / Math.log(1 - share) - 1e-9);

/** Readings until at most so many of them lie between the least and the nominal film, as often as a bell curve has them. */
function forBetween(t: SamplingTerms, practice: Practice): number | undefined {
  const most = practice.mostBetween.value;
  if (most >= 1) return 1;
  const at = (film: number): number =>
    t.spreadOfMean === 0
      ? film > t.meanOfNominal
        ? 1
        : 0
      : normalCdf((film / t.meanOfNominal - 1) / t.spreadOfMean);
  const expected = at(1) - at(practice.leastShare.value);
  for (let n = 1; n <= MOST_READINGS; n += 1)
    if (binomialCdf(Math.ceil(expected * n), n, most) <= 1 - t.confidence) return n;
  return undefined;
}

interface SamplingPart {
  readonly name: string;
  /** Undefined: readings cannot settle it. */
  readonly readings: number | undefined;
}
export interface SamplingPlan {
  readonly parts: readonly SamplingPart[];
  /** The most of them; undefined where one of them cannot be settled. */
  readonly readings: number | undefined;
}

/** Readings that a rule needs, part by part. */
export function samplingPlan(terms: SamplingTerms, practice: Practice = COMMON): SamplingPlan {
  const none = readingsForShare(terms.missed, terms.confidence);
  const parts: SamplingPart[] =
    terms.rule === 'minimum'
      ? [{ name: 'no reading below the design', readings: none }]
      : [
          { name: 'the mean at or above the design', readings: forMean(terms) },
          terms.rule === 'average-and-spots'
            ? { name: 'no spot below its limit', readings: none * READINGS_PER_SPOT }
            : { name: 'no reading below the least', readings: none },
          ...(terms.rule === 'mean-and-share'
            ? [{ name: 'few enough readings between', readings: forBetween(terms, practice) }]
            : []),
        ];
  const counts = parts.map((p) => p.readings);
  return {
    parts,
    readings: counts.some((c) => c === undefined) ? undefined : Math.max(...counts.map((c) => c ?? 0)),
  };
}

/**
 * The same from readings that were taken: how many it takes in all at their mean and spread.
 * @param ofDesign readings at their low ends, each over the film that was owed where it was taken
 */
export function planFromReadings(
  rule: AcceptanceRule,
  ofDesign: readonly number[],
  practice: Practice = COMMON,
): SamplingPlan | undefined {
  const mean = meanOf(ofDesign);
  if (mean === undefined || ofDesign.length < LEAST_READINGS) return undefined;
  return samplingPlan(
    {
      rule,
      meanOfNominal: mean,
      spreadOfMean: mean > 0 ? spread(ofDesign, mean) / mean : 0,
      missed: SAMPLING.missed.value,
      confidence: SAMPLING.confidence.value,
    },
    practice,
  );
}
