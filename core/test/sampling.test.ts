/** How many readings it takes: against published tables, and against films that are made up and sampled. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { calculate, CALCULATORS } from '@lentum/core/bench';
import {
  binomialCdf,
  judgeReadings,
  meanAtLeast,
  normalCdf,
  planFromReadings,
  readingsForShare,
  SAMPLING,
  samplingPlan,
  studentCdf,
  studentQuantile,
} from '@lentum/core/film';
import { evaluate } from './support/formula.ts';
import { seeded } from './support/random.ts';

describe('distributions', () => {
  // Any table of Student's t, one side, 95 %.
  it.each([
    [1, 6.3138],
    [2, 2.92],
    [4, 2.1318],
    [5, 2.015],
    [9, 1.8331],
    [10, 1.8125],
    [30, 1.6973],
    [120, 1.6577],
  ])('Student’s t at 95 %% with %d degrees is %d', (degrees, t) =>
    expect(studentQuantile(0.95, degrees)).toBeCloseTo(t, 3),
  );
  it('one degree is the Cauchy distribution, and many are the bell curve', () => {
    for (const t of [0.1, 1, 3, 12]) expect(studentCdf(t, 1)).toBeCloseTo(0.5 + Math.atan(t) / Math.PI, 12);
    for (const z of [0.5, 1, 1.645, 2.5]) expect(studentCdf(z, 4000)).toBeCloseTo(normalCdf(z), 3);
  });
  // Any table of the bell curve.
  it.each([
    [0, 0.5],
    [1, 0.841345],
    [1.645, 0.950015],
    [-1.96, 0.024998],
    [3, 0.99865],
  ])('the bell curve below %d is %d', (z, share) => expect(normalCdf(z)).toBeCloseTo(share, 6));
  it('binomial, by counting', () => {
    expect(binomialCdf(0, 4, 0.5)).toBeCloseTo(1 / 16, 12);
    expect(binomialCdf(2, 4, 0.5)).toBeCloseTo(11 / 16, 12);
    expect(binomialCdf(4, 4, 0.3)).toBeCloseTo(1, 12);
  });
});

describe('readings for a share', () => {
  // 59 and 29: known from the literature on tolerance limits (Wilks 1941; first order, one side, 95 % confidence).
  it.each([
    [0.05, 0.95, 59],
    [0.1, 0.95, 29],
    [0.2, 0.95, 14],
    [0.1, 0.9, 22],
    [0.5, 0.5, 1],
  ])('%d of the area at %d takes %d', (share, confidence, n) => {
    expect(readingsForShare(share, confidence)).toBe(n);
    expect((1 - share) ** n).toBeLessThanOrEqual(1 - confidence + 1e-9);
    expect((1 - share) ** (n - 1)).toBeGreaterThan(1 - confidence);
  });
});

const bell = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

describe('the mean of a film, at least', () => {
  it('by hand: 1.0, 1.1, 1.2 have a spread of 0.1 and t is 2.920', () => {
    const found = meanAtLeast([1, 1.1, 1.2])!;
    expect(found.value).toBeCloseTo(1.1 - (2.92 * 0.1) / Math.sqrt(3), 4);
    expect(evaluate(found)).toBeCloseTo(found.value, 9);
    expect(meanAtLeast([1])).toBeUndefined();
  });
  it('is not above the true mean in 95 of 100 films that are made up', () => {
    const random = seeded(7);
    for (const n of [3, 6, 15]) {
      const RUNS = 4000;
      let held = 0;
      for (let run = 0; run < RUNS; run += 1) {
        const readings = Array.from({ length: n }, () => 1 + 0.12 * bell(random));
        if (meanAtLeast(readings)!.value <= 1) held += 1;
      }
      expect(held / RUNS).toBeGreaterThan(0.94);
      expect(held / RUNS).toBeLessThan(0.96);
    }
  });
});

describe('a plan', () => {
  const terms = { meanOfNominal: 1.1, spreadOfMean: 0.12, missed: 0.1, confidence: 0.95 } as const;
  it('each rule asks for its own parts', () => {
    expect(samplingPlan({ ...terms, rule: 'minimum' })).toEqual({
      parts: [{ name: 'no reading below the design', readings: 29 }],
      readings: 29,
    });
    expect(samplingPlan({ ...terms, rule: 'average-and-spots' }).parts.map((p) => p.readings)).toEqual([
      7, 87,
    ]);
    expect(samplingPlan({ ...terms, rule: 'mean-and-share' }).parts).toHaveLength(3);
  });
  it('a film at its design or under it is settled by no number of readings', () => {
    for (const meanOfNominal of [0.8, 0.99, 1])
      expect(samplingPlan({ ...terms, rule: 'mean-and-share', meanOfNominal }).readings).toBeUndefined();
  });
  it('a thicker or evener film never takes more', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('minimum', 'mean-and-share', 'average-and-spots'),
        fc.double({ min: 1.02, max: 1.6, noNaN: true }),
        fc.double({ min: 0.02, max: 0.3, noNaN: true }),
        (rule, meanOfNominal, spreadOfMean) => {
          const mean = (m: number, s: number) =>
            samplingPlan({ ...terms, rule, meanOfNominal: m, spreadOfMean: s }).parts[0]!.readings ??
            Infinity;
          expect(mean(meanOfNominal + 0.1, spreadOfMean)).toBeLessThanOrEqual(
            mean(meanOfNominal, spreadOfMean),
          );
          expect(mean(meanOfNominal, spreadOfMean / 2)).toBeLessThanOrEqual(
            mean(meanOfNominal, spreadOfMean),
          );
        },
      ),
    );
  });
  it('films that are short on more of their area than is allowed slip through no oftener than one in twenty', () => {
    const random = seeded(11);
    const n = samplingPlan({ ...terms, rule: 'minimum' }).readings!;
    const RUNS = 3000;
    let slipped = 0;
    for (let run = 0; run < RUNS; run += 1) {
      // Short on a tenth of the area.
      const readings = Array.from({ length: n }, () => (random() < 0.1 ? 0.7 : 1.2));
      const judged = judgeReadings(
        'minimum',
        readings.map((mm) => ({ lowMm: mm, highMm: mm + 0.01 })),
        1,
      );
      if (judged.outcome === 'passes') slipped += 1;
    }
    expect(slipped / RUNS).toBeLessThan(0.06);
    expect(slipped / RUNS).toBeGreaterThan(0.035);
  });
  it('from readings goes by their own mean and spread', () => {
    expect(planFromReadings('minimum', [1, 1.1])).toBeUndefined();
    const even = planFromReadings('mean-and-share', [1.1, 1.12, 1.11, 1.1])!;
    expect(even.readings).toBe(29);
    expect(planFromReadings('mean-and-share', [0, 0, 0])!.readings).toBeUndefined();
  });
});

describe('the calculator', () => {
  const calculator = CALCULATORS.find((c) => c.key === 'readings')!;
  it('says the same, with its working', () => {
    const r = calculate(calculator, { rule: 'average-and-spots' });
    if (!r.ok) throw new Error('refused');
    expect(r.value.figures.at(-1)!.value).toBe(87);
    for (const f of r.value.figures) expect(evaluate(f)).toBeCloseTo(f.value, 9);
  });
  it('says what no number of readings can show', () => {
    const r = calculate(calculator, { rule: 'mean-and-share', mean: 1 });
    if (!r.ok) throw new Error('refused');
    expect(r.value.notes[0]).toContain('No number of readings');
  });
  it('has the usual confidence and share', () => {
    expect([SAMPLING.confidence.value, SAMPLING.missed.value]).toEqual([0.95, 0.1]);
  });
});
