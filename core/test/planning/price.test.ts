/** What a plan costs: sums worked by hand, the working that gives the value, and how far the ways go apart. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { given } from '@lentum/core/figures';
import { priceOf, programmeSchema, type PlanCounts, type PriceTerms } from '@lentum/core/planning';
import { lateWords, lostWords, spreadWords } from '@lentum/core/words';
import { verdictText } from '@lentum/core/figures';
import { evaluate } from '../support/formula.ts';

const counts = (more: Partial<PlanCounts> = {}): PlanCounts => ({
  ...{ crewHours: [10, 4], crewDays: [2, 1], workDays: 2, siteDays: 9, remedies: 0, remedyCost: 0 },
  ...{ lateDays: [0], finishMin: 5 * 1440 },
  ...more,
});
const price = (value: number) => ({ value, source: 'chosen' as const });
const costs = programmeSchema.parse({
  costs: {
    items: [
      { id: 'skip', name: 'Skip', price: price(200), per: 'once' },
      { id: 'van', name: 'Van', price: price(50), per: 'day of a crew' },
      { id: 'toilet', name: 'Toilet', price: price(12), per: 'day on site' },
      { id: 'fence', name: 'Fence', price: price(30), per: 'week begun' },
      { id: 'guard', name: 'Guard', price: price(100), per: 'day of work' },
    ],
    addPct: price(10),
  },
});
const terms = (more: Partial<PriceTerms> = {}): PriceTerms => ({
  doc: costs,
  deadlines: [{ costPerDay: 500 }],
  crews: [
    { name: 'A', people: 3, ratePerH: given('A, rate', 40, 'price', 'chosen') },
    { name: 'B', people: 2, ratePerH: given('B, rate', 30, 'price', 'chosen') },
  ],
  material: [
    {
      label: 'Material',
      value: 1000,
      quantity: 'price',
      formula: '{a}',
      inputs: { a: given('a', 1000, 'price', 'chosen') },
      from: 'sum',
    },
  ],
  unpriced: [],
  ...more,
});

describe('the price', () => {
  // 10 × 3 × 40 + 4 × 2 × 30 = 1440; 200 + 3 × 50 + 9 × 12 + 2 × 30 + 2 × 100 = 718; 1000: 3158; with 10 %: 3473.80.
  it('is the sum that was worked by hand', () => {
    const made = priceOf(counts(), [], terms());
    expect(made.total.value).toBeCloseTo(3473.8, 6);
    expect(made.lines.map((l) => l.amount.value)).toEqual([1200, 240, 200, 150, 108, 60, 200, 1000, 315.8]);
    expect(made.spread).toBeUndefined();
    expect(made.lost).toEqual([]);
  });

  it('has a working that gives what is shown, line by line and in all', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 400, noNaN: true }), { minLength: 2, maxLength: 2 }),
        fc.integer({ min: 0, max: 60 }),
        fc.double({ min: 0, max: 5000, noNaN: true }),
        (crewHours, siteDays, remedyCost) => {
          const made = priceOf(counts({ crewHours, siteDays, remedyCost }), [], terms());
          for (const f of [made.total, ...made.lines.map((l) => l.amount)])
            expect(evaluate(f)).toBeCloseTo(f.value, 6);
        },
      ),
    );
  });

  it('names what nobody priced, and does not guess it', () => {
    const made = priceOf(
      counts(),
      [],
      terms({
        crews: [
          { name: 'A', people: 3, ratePerH: undefined },
          { name: 'B', people: 2, ratePerH: undefined },
        ],
        unpriced: ['Primer'],
      }),
    );
    expect(made.missing).toEqual(['hours of A: no rate', 'hours of B: no rate', 'Primer: no price']);
    expect(made.lines.some((l) => l.kind === 'labor')).toBe(false);
  });
});

describe('over the ways that the weather may go', () => {
  const text = (parts: Parameters<typeof verdictText>[0]): string =>
    verdictText(parts, 'metric', (ms) => String(ms));
  /** Ten ways: n hours of crew A more in the n-th, and n days later. */
  const ways = Array.from({ length: 10 }, (_, n) =>
    counts({ crewHours: [10 + n, 4], finishMin: (5 + n) * 1440, lateDays: [n > 7 ? 2 : 0] }),
  );
  const made = priceOf(counts(), ways, terms());

  it('is said by what one in ten is below, and above', () => {
    const each = 3 * 40 * 1.1;
    expect(made.spread?.early).toBeCloseTo(3473.8, 6);
    expect(made.spread?.middle).toBeCloseTo(3473.8 + 4 * each, 6);
    expect(made.spread?.late).toBeCloseTo(3473.8 + 8 * each, 6);
    expect(text(spreadWords(made))).toMatch(/^Eight in ten of 10 ways cost from/);
  });

  it('tells days lost with their chance, and what late days cost beside the price', () => {
    expect(made.lost.find((l) => l.days === 0)?.share).toBeCloseTo(0.9);
    expect(made.lost.find((l) => l.days === 3)?.share).toBeCloseTo(0.6);
    expect(made.expectedLate).toBeCloseTo((2 * 2 * 500) / 10);
    expect(text(lostWords(made))).toContain('later than planned in 90');
    expect(text(lateWords(made))).toContain('not in the price');
  });

  it('does not say what it cannot know: ways that do not end within the days looked at', () => {
    const open = ways.map((w, n) => (n > 6 ? { ...w, finishMin: undefined, lateDays: [undefined] } : w));
    const half = priceOf(counts(), open, terms());
    expect(half.spread?.late).toBeUndefined();
    expect(half.expectedLate).toBeUndefined();
    expect(text(spreadWords(half))).toContain('more than can be told');
  });
});
