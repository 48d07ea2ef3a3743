/** Cutting: small cases by brute force, an independent mixed-integer solver, published optima, optima by construction. */
import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import {
  cutByPatterns,
  cutOut,
  FULL,
  leastRolls,
  packInto,
  QUICK,
  solverFrom,
  type CutAnswer,
  type CutProblem,
  type Runner,
} from '@lentum/core/courses';
import { merged, placeFor, type Span } from '../src/courses/joints.ts';

const whole = (lengthM: number): Runner => ({ fromM: 0, toM: lengthM, whole: true, blocked: [], near: [] });
const free = (lengthM: number, near: number[] = [], blocked: Span[] = []): Runner => ({
  fromM: 0,
  toM: lengthM,
  whole: false,
  blocked,
  near,
});
const problemOf = (runners: Runner[], rollM: number, more: Partial<CutProblem> = {}): CutProblem => ({
  runners,
  laps: { endLapM: 0.15, staggerM: 0.9, leastPieceM: 1 },
  stock: [],
  sale: [{ lengthM: rollM, price: undefined }],
  ...more,
});
const bought = (a: CutAnswer | undefined): number => a?.bought.reduce((x, y) => x + y, 0) ?? NaN;

/** Fewest rolls by trying every way to put each piece into a roll that is open, or the next one. */
function bruteForce(lengths: readonly number[], rollM: number): number {
  let best = lengths.length;
  const left: number[] = [];
  const go = (at: number): void => {
    if (left.length >= best) return;
    const need = lengths[at];
    if (need === undefined) {
      best = left.length;
      return;
    }
    left.forEach((l, i) => {
      if (l < need - 1e-9) return;
      left[i] = l - need;
      go(at + 1);
      left[i] = l;
    });
    left.push(rollM - need);
    go(at + 1);
    left.pop();
  };
  go(0);
  return best;
}

/** What an answer has to be, whatever the problem: nothing cut twice, no roll overused, laps and staggers kept. */
function sound({ runners, laps }: CutProblem, answer: CutAnswer): void {
  const used = answer.sticks.map(() => 0);
  for (const p of answer.pieces) used[p.stick] = used[p.stick]! + p.toM - p.fromM;
  used.forEach((u, i) => expect(u).toBeLessThanOrEqual(answer.sticks[i]!.lengthM + 1e-6));
  const joints = runners.map((r, i) => {
    const mine = answer.pieces.filter((p) => p.runner === i).sort((a, b) => a.fromM - b.fromM);
    expect(mine[0]!.fromM).toBeCloseTo(r.fromM, 6);
    expect(mine.at(-1)!.toM).toBeCloseTo(r.toM, 6);
    if (r.whole) expect(mine).toHaveLength(1);
    return mine.slice(1).map((p, k) => {
      expect(mine[k]!.toM - p.fromM).toBeCloseTo(laps.endLapM, 6);
      return p.fromM + laps.endLapM / 2;
    });
  });
  for (const p of answer.pieces) {
    const r = runners[p.runner]!;
    if (r.toM - r.fromM >= laps.leastPieceM)
      expect(p.toM - p.fromM).toBeGreaterThanOrEqual(laps.leastPieceM - 1e-6);
  }
  runners.forEach((r, i) => {
    for (const j of joints[i]!) {
      for (const s of r.blocked) expect(j <= s.from + 1e-6 || j >= s.to - 1e-6).toBe(true);
      for (const n of r.near)
        for (const o of joints[n]!) expect(Math.abs(j - o)).toBeGreaterThanOrEqual(laps.staggerM - 1e-6);
    }
  });
  expect(answer.cost).toBeGreaterThanOrEqual(answer.leastCost - 1e-9);
}

describe('a place for a joint', () => {
  it('is the nearest that is free, as a search over a grid finds it', () => {
    const grid = fc.integer({ min: 0, max: 60 });
    fc.assert(
      fc.property(
        fc.array(fc.tuple(grid, fc.integer({ min: 1, max: 15 })), { maxLength: 6 }),
        grid,
        grid,
        fc.constantFrom('lo' as const, 'hi' as const),
        (raw, a, b, nearest) => {
          const [lo, hi] = [Math.min(a, b), Math.max(a, b)];
          const spans = merged(raw.map(([from, size]) => ({ from, to: from + size })));
          const clear = Array.from({ length: hi - lo + 1 }, (_, i) => lo + i).filter(
            (x) => !raw.some(([from, size]) => x > from && x < from + size),
          );
          const best = nearest === 'lo' ? clear[0] : clear.at(-1);
          expect(placeFor(lo, hi, spans, nearest)).toEqual(best);
        },
      ),
      { numRuns: 400 },
    );
  });
});

describe('settled lengths', () => {
  const lengths = fc.array(fc.integer({ min: 8, max: 100 }), { minLength: 1, maxLength: 7 });
  it('take as many rolls as brute force finds, and the bound is no higher', () => {
    fc.assert(
      fc.property(lengths, (mm) => {
        const list = mm.map((l) => l / 10);
        const best = bruteForce(list, 10);
        expect(leastRolls(list, 10)).toBeLessThanOrEqual(best);
        const answer = cutOut(problemOf(list.map(whole), 10), QUICK)!;
        sound(problemOf(list.map(whole), 10), answer);
        expect(bought(answer)).toBe(best);
        expect(answer.proven).toBe(true);
      }),
      { numRuns: 120 },
    );
  });
  it('fit into rolls exactly when brute force says so', () => {
    fc.assert(
      fc.property(lengths, fc.integer({ min: 1, max: 5 }), (mm, rolls) => {
        const list = mm.map((l) => l / 10);
        const packing = packInto(
          list,
          Array.from({ length: rolls }, () => 10),
          1e6,
        );
        expect(packing.kind).toBe(bruteForce(list, 10) <= rolls ? 'packed' : 'none');
        if (packing.kind !== 'packed') return;
        const used = Array.from({ length: rolls }, () => 0);
        list.forEach((l, i) => (used[packing.bin[i]!] = used[packing.bin[i]!]! + l));
        for (const u of used) expect(u).toBeLessThanOrEqual(10 + 1e-9);
      }),
      { numRuns: 120 },
    );
  });
  it.each([
    // Both were said not to fit: lengths alike after a roll that is filled, and rolls distinguished by rounding.
    [[1.0, 3.7, 1.0, 7.3, 9.1, 1.4, 5.0], 3],
    [[4.9, 2.3, 2.3, 7.1, 4.9, 3.2, 9.1, 3.9], 4],
  ])('%j into %i rolls, found by brute force', (list, rolls) => {
    expect(
      packInto(
        list,
        Array.from({ length: rolls }, () => 10),
        1e6,
      ).kind,
    ).toBe('packed');
  });
  it('agrees with HiGHS, which puts each piece into a roll by a programme of its own', async () => {
    const highs = await loadHighs();
    const cases = [
      [6, 6, 5, 5, 5, 4, 4, 4, 3, 3, 3],
      [7.1, 6.4, 5.5, 4.5, 3.9, 3.3, 2.9, 2.9, 1.2, 1.1],
      [5.1, 5.1, 5.1, 4.9, 4.9, 4.8, 2.5, 2.5, 2.4],
    ];
    for (const list of cases) {
      const rolls = list.map((_, k) => k);
      const model = [
        'Minimize',
        ` obj: ${rolls.map((k) => `y${k}`).join(' + ')}`,
        'Subject To',
        ...list.map((_, i) => ` p${i}: ${rolls.map((k) => `x${i}_${k}`).join(' + ')} = 1`),
        ...rolls.map((k) => ` r${k}: ${list.map((l, i) => `${l} x${i}_${k}`).join(' + ')} - 10 y${k} <= 0`),
        'Binary',
        ` ${[...rolls.map((k) => `y${k}`), ...list.flatMap((_, i) => rolls.map((k) => `x${i}_${k}`))].join(' ')}`,
        'End',
      ].join('\n');
      const best = Math.round(highs.solve(model).ObjectiveValue);
      const answer = cutOut(problemOf(list.map(whole), 10), QUICK)!;
      expect(bought(answer)).toBe(best);
      expect(answer.leastRolls).toBe(best);
    }
  });
  const PUBLISHED: [name: string, rollM: number, demand: [number, number][], best: number][] = [
    // Paper rolls of 5600 mm, thirteen widths, 219 pieces: the worked example of the encyclopedia article on cutting stock, from memory.
    [
      'paper rolls',
      5.6,
      [
        [1.38, 22],
        [1.52, 25],
        [1.56, 12],
        [1.71, 14],
        [1.82, 18],
        [1.88, 18],
        [1.93, 20],
        [2.0, 10],
        [2.05, 12],
        [2.1, 14],
        [2.14, 16],
        [2.15, 18],
        [2.2, 20],
      ],
      73,
    ],
    // Chvátal, Linear Programming (1983), chapter 13: raws of 100 in, 1313 finals, from memory.
    [
      'raws of 100 in',
      10,
      [
        [4.5, 97],
        [3.6, 610],
        [3.1, 395],
        [1.4, 211],
      ],
      453,
    ],
  ];
  it.each(PUBLISHED)('%s: the published optimum, proven', async (_, rollM, demand, best) => {
    const solver = solverFrom(await loadHighs(), 10);
    const list = demand.flatMap(([l, n]) => Array.from({ length: n }, () => l));
    const problem = problemOf(list.map(whole), rollM);
    const answer = cutOut(problem, QUICK, 1, solver)!;
    sound(problem, answer);
    expect(bought(answer)).toBe(best);
    expect(answer.leastRolls).toBe(best);
    expect(answer.proven).toBe(true);
  });
  it('finds the rolls that pieces were cut from', async () => {
    const solver = solverFrom(await loadHighs(), 2);
    let [exact, all] = [0, 0];
    fc.assert(
      fc.property(
        fc.array(fc.array(fc.integer({ min: 5, max: 60 }), { minLength: 1, maxLength: 4 }), {
          minLength: 2,
          maxLength: 8,
        }),
        (rolls) => {
          // Each roll of 12 m is cut where the numbers say, and used to its end.
          const pieces = rolls.flatMap((cuts) => {
            const total = cuts.reduce((a, b) => a + b, 0);
            return cuts.map((c) => Math.round((c / total) * 1200) / 100);
          });
          const fits = pieces.map((p) => Math.floor(p * 100 - 1e-6) / 100).filter((p) => p > 0.05);
          const lost = 12 * rolls.length - fits.reduce((a, b) => a + b, 0);
          fc.pre(lost < 12);
          const found = cutByPatterns(fits, 12, solver)!;
          // Less than a roll is lost to rounding, so that no cutting takes fewer.
          expect(found.leastRolls).toBe(rolls.length);
          expect(found.rolls).toBeLessThanOrEqual(rolls.length + 1);
          all += 1;
          if (found.rolls === rolls.length) exact += 1;
          const own = cutOut(problemOf(fits.map(whole), 12), QUICK)!;
          expect(bought(own)).toBeLessThanOrEqual(rolls.length + 1);
        },
      ),
      { numRuns: 15, seed: 7, endOnFailure: true },
    );
    expect(exact / all).toBeGreaterThan(0.8);
  });
});

describe('runs that may be joined', () => {
  it('worked by hand: ten runs of 16 m from rolls of 15 m take eleven', () => {
    // 160 m and one lap each, 161.5 m: 10.77 rolls.
    const runners = Array.from({ length: 10 }, (_, i) =>
      free(
        16,
        [i - 1, i + 1].filter((k) => k >= 0 && k < 10),
      ),
    );
    const answer = cutOut(problemOf(runners, 15), QUICK)!;
    sound(problemOf(runners, 15), answer);
    expect(answer.neededM).toBeCloseTo(161.5, 9);
    expect(bought(answer)).toBe(11);
    expect(answer.proven).toBe(true);
    expect(answer.pieces).toHaveLength(20);
  });
  it('is sound, and comes within a roll of its bound, on fields of 60 to 300 pieces', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 20, max: 80 }),
        fc.integer({ min: 40, max: 260 }),
        fc.constantFrom(7.5, 10, 15, 20),
        fc.integer({ min: 0, max: 60 }),
        (courses, tenths, rollM, slope) => {
          const runners = Array.from({ length: courses }, (_, i) =>
            free(
              tenths / 10 + (i * slope) / 100,
              [i - 1, i + 1].filter((k) => k >= 0 && k < courses),
              i % 5 === 0 ? [{ from: 2, to: 3.2 }] : [],
            ),
          );
          const problem = problemOf(runners, rollM);
          const answer = cutOut(problem, FULL)!;
          fc.pre(answer.leastPieces >= 60 && answer.leastPieces <= 300);
          sound(problem, answer);
          expect(bought(answer) - answer.leastRolls).toBeLessThanOrEqual(1);
        },
      ),
      { numRuns: 5, seed: 11 },
    );
  }, 30_000);
  it('uses what is in the store before it buys', () => {
    const problem = problemOf([free(9), free(6.5)], 15, {
      stock: [
        { lengthM: 9.2, stockId: 'a' },
        { lengthM: 7, stockId: 'b' },
      ],
    });
    const answer = cutOut(problem, QUICK)!;
    sound(problem, answer);
    expect(answer.bought).toEqual([0]);
  });
  it('mixes the lengths on sale by cost', () => {
    const sale = [
      { lengthM: 10, price: 100 },
      { lengthM: 25, price: 210 },
    ];
    // 9 + 9 + 9 m: 25 m and 10 m cost 310; three of 10 m only 300; two of 25 m 420.
    expect(cutOut(problemOf([9, 9, 9].map(whole), 10, { sale }), QUICK)!.bought).toEqual([3, 0]);
    // 12 + 12 m go into one of 25 m; no roll of 10 m gives them.
    expect(cutOut(problemOf([12, 12].map(whole), 10, { sale }), QUICK)!.bought).toEqual([0, 1]);
    // 12 + 12 + 9 m: one of each.
    const both = cutOut(problemOf([12, 12, 9].map(whole), 10, { sale }), QUICK)!;
    expect(both.bought).toEqual([1, 1]);
    expect(both.proven).toBe(true);
  });
  it('has no answer for a piece that is longer than every roll', () => {
    expect(cutOut(problemOf([whole(16)], 15), QUICK)).toBeUndefined();
  });
  it('only gets better, and is the same each time', () => {
    const runners = Array.from({ length: 24 }, (_, i) =>
      free(
        9 + (i % 5),
        [i - 1, i + 1].filter((k) => k >= 0 && k < 24),
      ),
    );
    const quick = cutOut(problemOf(runners, 10), QUICK)!;
    const full = cutOut(problemOf(runners, 10), FULL)!;
    expect(bought(full)).toBeLessThanOrEqual(bought(quick));
    expect(cutOut(problemOf(runners, 10), FULL)!.pieces).toEqual(full.pieces);
  });
});
