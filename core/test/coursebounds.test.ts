/** What no cutting beats: half widths slit in every way, groups of rolls and runs by every partition. */
import fc from 'fast-check';
import loadHighs from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import {
  cutOut,
  FULL,
  leastByGroups,
  leastSlit,
  solverFrom,
  type CutProblem,
  type ProgrammeSolver,
} from '@lentum/core/courses';
import { halfPieces } from '../src/courses/halfpieces.ts';
import { slitCuts } from '../src/courses/halves.ts';
import { merged } from '../src/courses/joints.ts';

/** Least length off the roll by trying every lane of every cut for each piece. */
function everySlit(lengths: readonly number[], rollM: number): number {
  const cuts: [number, number][] = [];
  let best = Infinity;
  const go = (at: number): void => {
    const length = lengths[at];
    if (length === undefined) {
      best = Math.min(
        best,
        cuts.reduce((sum, [a, b]) => sum + Math.max(a, b), 0),
      );
      return;
    }
    for (const cut of cuts)
      for (const lane of [0, 1] as const) {
        if (cut[lane] + length > rollM + 1e-9) continue;
        cut[lane] += length;
        go(at + 1);
        cut[lane] -= length;
      }
    cuts.push([length, 0]);
    go(at + 1);
    cuts.pop();
  };
  go(0);
  return best;
}

describe('half widths', () => {
  const lengths = fc.array(fc.integer({ min: 5, max: 100 }), { minLength: 1, maxLength: 6 });
  it('no way of slitting goes below the bound; where it is said that none is better, none is', () => {
    fc.assert(
      fc.property(lengths, (dm) => {
        const list = dm.map((l) => l / 10);
        const { leastM, dominant } = leastSlit(list, 10);
        const all = everySlit(list, 10);
        expect(leastM).toBeLessThanOrEqual(all + 1e-9);
        if (!dominant) return;
        const made = slitCuts(list.map((lengthM) => ({ lengthM, selvedge: false })));
        expect(made.reduce((sum, c) => sum + c.lengthM, 0)).toBeCloseTo(all, 9);
        expect(leastM).toBeCloseTo(all, 9);
      }),
      { numRuns: 300 },
    );
  });

  it.each([
    ['three alike: one lies alone', [9.18, 9.18, 9.18], 18.36],
    ['long ones by twos', [9, 8, 7, 6], 16],
    ['one long one', [9, 1, 1], 9],
    ['four short ones', [2, 2, 2, 2], 4],
  ])('%s', (_, list, leastM) => {
    expect(leastSlit(list, 10).leastM).toBeCloseTo(leastM, 9);
  });

  it('longer than a roll are cut in pieces that reach, lap and keep off what is blocked', () => {
    const cm = fc.integer({ min: 0, max: 3000 });
    fc.assert(
      fc.property(
        fc.integer({ min: 200, max: 3000 }),
        fc.array(fc.tuple(cm, fc.integer({ min: 20, max: 400 })), { maxLength: 6 }),
        (lengthCm, raw) => {
          const blocked = merged(raw.map(([at, size]) => ({ from: at / 100, to: (at + size) / 100 })));
          const terms = { rollM: 10, endLapM: 0.15, leastPieceM: 1 };
          const toM = lengthCm / 100;
          const pieces = halfPieces({ fromM: 0, toM }, blocked, terms);
          expect(pieces[0]!.fromM).toBe(0);
          expect(pieces.at(-1)!.toM).toBe(toM);
          for (const p of pieces) expect(p.toM - p.fromM).toBeLessThanOrEqual(10 + 1e-6);
          pieces.slice(1).forEach((p, i) => expect(pieces[i]!.toM - p.fromM).toBeCloseTo(0.15, 9));
          const joints = pieces.slice(1).map((p) => p.fromM + 0.075);
          const free = joints.every((j) => blocked.every((s) => j <= s.from + 1e-6 || j >= s.to - 1e-6));
          // Only where no place reaches the next one, looked at every centimetre, do joints lie where they may not.
          if (!free) expect(reachable(toM, blocked, terms)).toBe(false);
        },
      ),
      { numRuns: 300 },
    );
  });
});

/** Whether joints on a grid of centimetres, off what is blocked, reach from one end to the other in up to 16 pieces. */
function reachable(
  toM: number,
  blocked: readonly { from: number; to: number }[],
  { rollM, endLapM, leastPieceM }: { rollM: number; endLapM: number; leastPieceM: number },
): boolean {
  const half = endLapM / 2;
  const places = Array.from({ length: Math.round(toM * 100) }, (_, i) => i / 100).filter((x) =>
    blocked.every((s) => x <= s.from || x >= s.to),
  );
  let now = new Set([-half]);
  for (let pieces = 1; pieces <= 16; pieces += 1) {
    if (
      [...now].some(
        (c) => toM + half - c <= rollM - endLapM + endLapM && toM - c + half >= leastPieceM + half,
      )
    )
      return true;
    const list = [...now];
    now = new Set(
      places.filter(
        (x) =>
          toM - x + half >= leastPieceM &&
          list.some((c) => x - c <= rollM - endLapM && x - c >= leastPieceM - endLapM),
      ),
    );
  }
  return false;
}

describe('groups of rolls and runs', () => {
  let solver: ProgrammeSolver;
  beforeAll(async () => {
    solver = solverFrom(await loadHighs(), 5);
  });
  const asked = (lengthsM: readonly number[], mostRolls = 50) => ({
    ...{ lengthsM, rollM: 10, endLapM: 0.15 },
    mostRolls,
  });

  /** Fewest rolls over all partitions of the runs, each part with as few rolls as its length and laps allow. */
  function everyPartition(lengths: readonly number[]): number {
    const parts: number[] = [];
    let best = Infinity;
    const go = (at: number): void => {
      const length = lengths[at];
      if (length === undefined) {
        best = Math.min(
          best,
          parts.reduce((sum, s) => sum + Math.max(1, Math.ceil((s - 0.15) / 9.85 - 1e-9)), 0),
        );
        return;
      }
      parts.forEach((s, i) => {
        parts[i] = s + length;
        go(at + 1);
        parts[i] = s;
      });
      parts.push(length);
      go(at + 1);
      parts.pop();
    };
    go(0);
    return best;
  }

  it('the bound is no higher than the best of all partitions, and no more than one below', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 5, max: 300 }), { minLength: 1, maxLength: 7 }), (dm) => {
        const list = dm.map((l) => l / 10);
        const least = everyPartition(list);
        const bound = leastByGroups(asked(list), solver);
        expect(bound).toBeLessThanOrEqual(least);
        expect(bound).toBeGreaterThanOrEqual(least - 1);
      }),
      { numRuns: 80 },
    );
  });

  it('proves more than lengths and the laps that they force do', () => {
    // 33 runs of 11.32 m are 373.56 m, under 25 rolls of 15 m; but 25 rolls of them need joints that take the rest.
    const runs = Array.from({ length: 33 }, () => 11.32);
    expect(Math.ceil((33 * 11.32) / 15)).toBe(25);
    expect(leastByGroups({ lengthsM: runs, rollM: 15, endLapM: 0.15, mostRolls: 25 }, solver)).toBe(26);
    const problem: CutProblem = {
      runners: runs.map((toM) => ({ fromM: 0, toM, whole: false, blocked: [], near: [] })),
      laps: { endLapM: 0.15, staggerM: 0.9, leastPieceM: 1, moreJoints: 2 },
      stock: [],
      sale: [{ lengthM: 15, price: undefined }],
    };
    expect(cutOut(problem, FULL)?.proven).toBe(false);
    const answer = cutOut(problem, FULL, 1, solver);
    expect([answer?.bought, answer?.proven]).toEqual([[26], true]);
  });

  it('no run has more than two joints beyond those that its length forces, unless nothing else goes', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 10, max: 280 }), { minLength: 2, maxLength: 25 }), (dm) => {
        const problem: CutProblem = {
          runners: dm.map((l) => ({ fromM: 0, toM: l / 10, whole: false, blocked: [], near: [] })),
          laps: { endLapM: 0.15, staggerM: 0.9, leastPieceM: 1, moreJoints: 2 },
          stock: [],
          sale: [{ lengthM: 10, price: undefined }],
        };
        const answer = cutOut(problem, FULL);
        dm.forEach((l, i) => {
          const forced = l <= 100 ? 1 : Math.ceil((l / 10 - 0.15) / 9.85 - 1e-7);
          expect(answer?.pieces.filter((p) => p.runner === i).length).toBeLessThanOrEqual(forced + 2);
        });
      }),
      { numRuns: 40 },
    );
  });
});
