/** Outlines from tape measures: least squares against a textbook, a general solver, and shapes known beforehand. */
import fc from 'fast-check';
import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { describe, expect, it } from 'vitest';
import {
  adjust,
  distance,
  signedArea,
  solveTaped,
  tapeSigmaM,
  type Measure,
  type Point,
  type TapedShape,
} from '@lentum/core/geometry';
import { sentence } from '@lentum/core/problems';
import { zoneQuantities, type TapedOutline } from '@lentum/core/survey';
import { zoneOf } from './support/zones.ts';

const linear = (value: number, sigma: number, slope: readonly number[]): Measure => ({
  value,
  sigma,
  predict: (x) => ({ value: slope.reduce((sum, s, i) => sum + s * (x[i] ?? 0), 0), slope }),
});

describe('least squares', () => {
  it('a line taped whole and in two parts: 431.71, 211.52, 220.10 gives 211.55 and 220.13 (Ghilani, Adjustment Computations, section on observation equations; from memory)', () => {
    const a = adjust(
      [linear(431.71, 1, [1, 1]), linear(211.52, 1, [1, 0]), linear(220.1, 1, [0, 1])],
      [200, 200],
    );
    expect(a.x[0]).toBeCloseTo(211.55, 6);
    expect(a.x[1]).toBeCloseTo(220.13, 6);
    expect(a.residuals[0]).toBeCloseTo(0.03, 6);
    // One measure too many, shared by three alike: a redundancy of a third each.
    expect(a.redundancy).toEqual([1 / 3, 1 / 3, 1 / 3].map((v) => expect.closeTo(v, 9) as number));
  });
  it('weights: a measure twice as sure moves a quarter as far (normal equations by hand)', () => {
    const a = adjust([linear(10, 1, [1]), linear(11, 0.5, [1])], [0]);
    expect(a.x[0]).toBeCloseTo((10 + 4 * 11) / 5, 9);
  });
  it('redundancies add up to the measures beyond the unknowns (Baarda 1968)', () => {
    const a = adjust(
      [linear(1, 1, [1, 0]), linear(2, 1, [0, 1]), linear(3.1, 1, [1, 1]), linear(1.1, 1, [-1, 1])],
      [0, 0],
    );
    expect(a.redundancy.reduce((x, y) => x + y, 0)).toBeCloseTo(2, 9);
    expect(a.rank).toBe(2);
    expect(a.free).toEqual([]);
  });
  it('names the move that nothing measures', () => {
    const a = adjust([linear(5, 1, [1, 1])], [0, 0]);
    expect(a.rank).toBe(1);
    expect(a.free.length).toBe(1);
    expect(Math.abs(a.free[0]![0]! + a.free[0]![1]!)).toBeLessThan(1e-9);
  });
});

const shapeOf = (
  points: readonly Point[],
  diagonals: readonly [number, number][],
  square: readonly number[] = [],
): TapedShape => {
  const n = points.length;
  const hand = signedArea(points) > 0;
  return {
    corners: points.map((p, k) => {
      const [a, b] = [points[(k + n - 1) % n]!, points[(k + 1) % n]!];
      const turn = (p[0] - a[0]) * (b[1] - p[1]) - (p[1] - a[1]) * (b[0] - p[0]);
      return { turn: turn > 0 ? ('left' as const) : ('right' as const), square: square.includes(k) && hand };
    }),
    sidesM: points.map((p, i) => distance(p, points[(i + 1) % n]!)),
    diagonals: diagonals.map(([from, to]) => ({ from, to, lengthM: distance(points[from]!, points[to]!) })),
  };
};
const L: Point[] = [
  [0, 0],
  [10, 0],
  [10, 4],
  [4, 4],
  [4, 9],
  [0, 9],
];
const QUAD: Point[] = [
  [0, 0],
  [11, 0],
  [9.5, 7],
  [1.2, 6.1],
];
const U: Point[] = [
  [0, 0],
  [12, 0],
  [12, 8],
  [8, 8],
  [8, 3],
  [4, 3],
  [4, 8],
  [0, 8],
];

describe('shapes from tapes', () => {
  it.each([
    ['a quadrilateral with one diagonal', QUAD, [[0, 2]], []],
    [
      'an L with three diagonals',
      L,
      [
        [0, 3],
        [1, 3],
        [3, 5],
      ],
      [],
    ],
    ['an L by right angles', L, [], [0, 1, 2, 3, 4, 5]],
    ['a U by right angles and a diagonal', U, [[0, 2]], [0, 1, 2, 3, 4, 5, 6, 7]],
  ] as [string, Point[], [number, number][], number[]][])(
    '%s comes out as it was',
    (_, points, diagonals, square) => {
      const s = solveTaped(shapeOf(points, diagonals, square));
      expect(s.missing).toBe(0);
      expect(s.suspects).toEqual([]);
      expect(s.turnedOver).toEqual([]);
      expect(Math.abs(signedArea(s.points))).toBeCloseTo(Math.abs(signedArea(points)), 6);
      points.forEach((p, i) =>
        points.forEach((q, j) => expect(distance(s.points[i]!, s.points[j]!)).toBeCloseTo(distance(p, q), 5)),
      );
    },
  );

  it('a walk to the right comes out mirrored, not turned over', () => {
    const s = solveTaped(
      shapeOf(
        QUAD.map(([x, y]): Point => [x, -y]),
        [
          [0, 2],
          [1, 3],
        ],
      ),
    );
    expect(s.turnedOver).toEqual([]);
    expect(signedArea(s.points)).toBeLessThan(0);
  });

  it('agrees with a general solver (ml-levenberg-marquardt) on a quadrilateral with every measure slightly off', () => {
    const off = [0.004, -0.003, 0.002, 0.005, -0.004, 0.003];
    const pairs = [
      [0, 1],
      [1, 2],
      [2, 3],
      [3, 0],
      [0, 2],
      [1, 3],
    ] as const;
    const lengths = pairs.map(([a, b], i) => distance(QUAD[a]!, QUAD[b]!) + off[i]!);
    const mine = solveTaped({
      corners: QUAD.map(() => ({ turn: 'left', square: false })),
      sidesM: lengths.slice(0, 4),
      diagonals: [
        { from: 0, to: 2, lengthM: lengths[4]! },
        { from: 1, to: 3, lengthM: lengths[5]! },
      ],
    });
    // Each length in units of its own spread: the solver then weighs all alike.
    const sigma = lengths.map(tapeSigmaM);
    const fit = levenbergMarquardt(
      { x: pairs.map((_, i) => i), y: lengths.map((l, i) => l / sigma[i]!) },
      ([bx, cx, cy, dx, dy]: number[]) => {
        const p: Point[] = [
          [0, 0],
          [bx!, 0],
          [cx!, cy!],
          [dx!, dy!],
        ];
        return (i: number) => distance(p[pairs[i]![0]]!, p[pairs[i]![1]]!) / sigma[i]!;
      },
      {
        initialValues: [10, 9, 6, 2, 5],
        maxIterations: 1000,
        errorTolerance: 1e-15,
        gradientDifference: 1e-6,
        centralDifference: true,
      },
    );
    expect(fit.parameterValues[0]).not.toBe(10);
    const flat = [mine.points[1]![0], ...mine.points.slice(2).flat()];
    flat.forEach((v, i) => expect(v).toBeCloseTo(fit.parameterValues[i]!, 4));
  });

  it('says which measure would fix a shape, and that measure does', () => {
    const bare = shapeOf(L, []);
    let s = solveTaped(bare);
    expect(s.missing).toBe(3);
    const diagonals: TapedShape['diagonals'][number][] = [];
    for (const want of s.wanted) {
      if (want.kind !== 'diagonal') throw new Error('only diagonals are missing');
      diagonals.push({ from: want.from, to: want.to, lengthM: distance(L[want.from]!, L[want.to]!) });
      const next = solveTaped({ ...bare, diagonals });
      expect(next.missing).toBe(3 - diagonals.length);
    }
    s = solveTaped({ ...bare, diagonals });
    expect(Math.abs(signedArea(s.points))).toBeCloseTo(60, 4);
  });

  it('asks for a side that was not taped', () => {
    const shape = shapeOf(QUAD, [[0, 2]]);
    const s = solveTaped({ ...shape, sidesM: shape.sidesM.map((v, i) => (i === 2 ? undefined : v)) });
    expect(s.missing).toBe(1);
    expect(s.wanted.length).toBe(1);
  });

  it('names a gross error in a well-checked measure, and what would fit', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5 }), fc.constantFrom(-0.5, 0.3, 0.5, 1), (which, error) => {
        const shape = shapeOf(L, [
          [0, 2],
          [0, 3],
          [0, 4],
          [1, 3],
          [1, 4],
          [1, 5],
          [2, 4],
          [2, 5],
          [3, 5],
        ]);
        const s = solveTaped({
          ...shape,
          sidesM: shape.sidesM.map((v, i) => (i === which ? v! + error : v)),
        });
        expect(s.suspects.length).toBe(1);
        expect(s.suspects[0]!.result.measure).toEqual({ kind: 'side', side: which });
        expect(s.suspects[0]!.fits).toBeCloseTo(shape.sidesM[which]!, 1);
      }),
    );
  });

  it('names both when two measures cannot be distinguished', () => {
    const shape = shapeOf(L, [], [0, 1, 2, 3, 4, 5]);
    const s = solveTaped({ ...shape, sidesM: shape.sidesM.map((v, i) => (i === 2 ? v! + 0.5 : v)) });
    expect(s.suspects.map((x) => x.result.measure)).toContainEqual({ kind: 'side', side: 2 });
    expect(s.suspects.length).toBeGreaterThan(1);
  });

  it('a measure that nothing checks has no redundancy and is never a suspect', () => {
    const s = solveTaped(shapeOf(QUAD, [[0, 2]]));
    expect(s.spare).toBe(0);
    for (const m of s.measures) expect(m.redundancy).toBe(0);
  });
});

describe('taped zones', () => {
  const taped = (change: Partial<TapedOutline>): TapedOutline => {
    const shape = shapeOf(L, [
      [0, 3],
      [1, 3],
      [3, 5],
      [0, 2],
    ]);
    return {
      kind: 'taped',
      corners: shape.corners.map((c) => ({ ...c })),
      sidesM: shape.sidesM.map((s) => s ?? null),
      diagonals: shape.diagonals.map((d) => ({ ...d })),
      adjustmentAccepted: false,
      ...change,
    };
  };
  const words = (change: Partial<TapedOutline>): string => {
    const q = zoneQuantities(zoneOf(taped(change)));
    return q.ok ? q.value.area.value.toFixed(3) : q.problems.map(sentence).join(' ');
  };
  const wrong = taped({}).sidesM.map((s, i) => (i === 0 ? s! + 0.4 : s));
  it.each<[string, Partial<TapedOutline>, string]>([
    ['enough', {}, '60.000'],
    [
      'too few',
      { diagonals: [] },
      'the measures do not fix the shape yet, 3 are missing; expected the diagonal',
    ],
    ['contradicting', { sidesM: wrong }, 'the measures disagree, most likely the side 1'],
    ['a side too many', { sidesM: [...wrong, 3] }, 'does not fit; expected as many sides as corners.'],
    [
      'a diagonal between neighbours',
      { diagonals: [{ from: 0, to: 1, lengthM: 3 }] },
      'corner 1 to corner 2” does not fit; expected two corners of 1 to 6 that are not neighbours',
    ],
  ])('%s', (_, change, expected) => expect(words(change)).toContain(expected));
  it('a disagreement that is accepted gives the best fit', () => {
    expect(Number(words({ sidesM: wrong, adjustmentAccepted: true }))).toBeGreaterThan(58);
  });
});

describe('the diagonal that checks most', () => {
  const at = [
    [0, 0],
    [10, 0],
    [10, 4],
    [4, 4],
    [4, 9],
    [0, 9],
  ] as const;
  const apart = (i: number, j: number): number => Math.hypot(at[i]![0] - at[j]![0], at[i]![1] - at[j]![1]);
  const taped = (diagonals: readonly (readonly [number, number])[], first = 10) =>
    solveTaped({
      corners: at.map((_, i) => ({ turn: i === 3 ? ('right' as const) : ('left' as const), square: false })),
      sidesM: at.map((_, i) => (i === 0 ? first : apart(i, (i + 1) % 6))),
      diagonals: diagonals.map(([from, to]) => ({ from, to, lengthM: apart(from, to) })),
    });
  const unchecked = (s: ReturnType<typeof taped>): number =>
    s.measures.filter((m) => m.redundancy === 0).length;

  it('is not asked for while measures are missing; then none leaves less unchecked, tried one by one', () => {
    const asked: (readonly [number, number])[] = [];
    for (let s = taped(asked); s.missing > 0; s = taped(asked)) {
      expect(s.checking).toBe(undefined);
      const next = s.wanted.find((m) => m.kind === 'diagonal');
      if (next?.kind !== 'diagonal') throw new Error('a diagonal is wanted');
      asked.push([next.from, next.to]);
    }
    const best = taped(asked).checking;
    if (best?.kind !== 'diagonal') throw new Error('a diagonal checks');
    const left = unchecked(taped([...asked, [best.from, best.to]]));
    for (let i = 0; i < 6; i += 1)
      for (let j = i + 2; j < 6; j += 1)
        if (!(i === 0 && j === 5) && !asked.some(([a, b]) => a === i && b === j))
          expect(left).toBeLessThanOrEqual(unchecked(taped([...asked, [i, j]])));
    // A slip of half a metre on the first side is then found.
    expect(taped([...asked, [best.from, best.to]], 10.5).suspects.length).toBeGreaterThan(0);
  });
});
