/**
 * Least squares with weights for a handful of unknowns and measures that depend on them in any smooth way.
 * Minimises Σ ((measured − predicted) / sigma)². Levenberg–Marquardt steps; rank and redundancy from the singular
 * values at the solution. Sources: D. Marquardt 1963; W. Baarda, "A testing procedure for use in geodetic networks",
 * 1968 (redundancy numbers, data snooping). Matrix work: ml-matrix.
 */
import { Matrix, SingularValueDecomposition, solve } from 'ml-matrix';
import { TOLERANCE } from '../units/index.ts';

export interface Measure {
  readonly value: number;
  /** How well it is known, in its own unit; more than 0. */
  readonly sigma: number;
  /** What the unknowns say the measure should be, and its derivative by each unknown. */
  readonly predict: (x: readonly number[]) => { readonly value: number; readonly slope: readonly number[] };
}

export interface Fitted {
  readonly x: readonly number[];
  /** Σ (residual / sigma)². */
  readonly chiSquared: number;
  readonly state: State;
}

export interface Adjusted {
  readonly x: readonly number[];
  /** Measured less predicted, one a measure, in the measure's own unit. */
  readonly residuals: readonly number[];
  /** 0: nothing else checks this measure; 1: it is wholly checked by the others. */
  readonly redundancy: readonly number[];
  /** Residual over its own spread; |w| above 3.29 happens once in a thousand. 0 where nothing checks the measure. */
  readonly standardised: readonly number[];
  readonly rank: number;
  /** Moves of the unknowns that no measure notices, as unit vectors. Empty when the measures suffice. */
  readonly free: readonly (readonly number[])[];
  /** Σ (residual / sigma)². */
  readonly chiSquared: number;
}

const MOST_STEPS = 200;

interface State {
  readonly rows: number[][];
  readonly misses: number[];
  readonly sum: number;
}

function look(measures: readonly Measure[], x: readonly number[]): State {
  const rows: number[][] = [];
  const misses: number[] = [];
  let sum = 0;
  for (const m of measures) {
    const { value, slope } = m.predict(x);
    const miss = (m.value - value) / m.sigma;
    rows.push(slope.map((s) => s / m.sigma));
    misses.push(miss);
    sum += miss * miss;
  }
  return { rows, misses, sum };
}

interface Normal {
  /** Row by row; it is symmetric. */
  readonly matrix: Float64Array;
  readonly right: Float64Array;
}
/** The normal equations of a state. A measure depends on few of the unknowns: only those are looked at. */
function normalOf({ rows, misses }: State, unknowns: number): Normal {
  const matrix = new Float64Array(unknowns * unknowns);
  const right = new Float64Array(unknowns);
  rows.forEach((row, r) => {
    const on: number[] = [];
    for (let k = 0; k < unknowns; k += 1) if (row[k] !== 0) on.push(k);
    for (const i of on) {
      const slope = row[i] ?? 0;
      for (const k of on) {
        const at = i * unknowns + k;
        matrix[at] = (matrix[at] ?? 0) + slope * (row[k] ?? 0);
      }
      right[i] = (right[i] ?? 0) + slope * (misses[r] ?? 0);
    }
  });
  return { matrix, right };
}

/**
 * Cholesky's decomposition of a symmetric, positive definite matrix, in place: its lower half becomes the factor.
 * Source: Golub and Van Loan, "Matrix Computations", algorithm 4.2.1 (by rows).
 * @returns undefined where it is not positive definite as far as the digits go
 */
function factored(a: Float64Array, n: number): Float64Array | undefined {
  for (let i = 0; i < n; i += 1)
    for (let k = 0; k <= i; k += 1) {
      let sum = a[i * n + k] ?? 0;
      for (let m = 0; m < k; m += 1) sum -= (a[i * n + m] ?? 0) * (a[k * n + m] ?? 0);
      if (i > k) a[i * n + k] = sum / (a[k * n + k] ?? 0);
      else if (sum > 0) a[i * n + i] = Math.sqrt(sum);
      else return undefined;
    }
  return a;
}

/** Solves by the factor, in place. */
function solvedBy(a: Float64Array, b: Float64Array): Float64Array {
  const n = b.length;
  for (let i = 0; i < n; i += 1) {
    let sum = b[i] ?? 0;
    for (let m = 0; m < i; m += 1) sum -= (a[i * n + m] ?? 0) * (b[m] ?? 0);
    b[i] = sum / (a[i * n + i] ?? 0);
  }
  for (let i = n - 1; i >= 0; i -= 1) {
    let sum = b[i] ?? 0;
    for (let m = i + 1; m < n; m += 1) sum -= (a[m * n + i] ?? 0) * (b[m] ?? 0);
    b[i] = sum / (a[i * n + i] ?? 0);
  }
  return b;
}

function step({ matrix, right }: Normal, damping: number): ArrayLike<number> {
  const n = right.length;
  const damped = matrix.slice();
  for (let i = 0; i < n; i += 1)
    damped[i * n + i] = (damped[i * n + i] ?? 0) * (1 + damping) + TOLERANCE.smallestPivot;
  const factor = factored(damped.slice(), n);
  if (factor) return solvedBy(factor, right.slice());
  const rows = Array.from({ length: n }, (_, i) => [...damped.subarray(i * n, (i + 1) * n)]);
  return solve(new Matrix(rows), Matrix.columnVector([...right])).to1DArray();
}

/**
 * How far each measure moves with one more that would be taken: J (Jᵀ J)⁻¹ g, with J the weighted slopes and g those of the
 * new one. What does not move is not checked by it.
 */
export function effectsOf(
  measures: readonly Measure[],
  x: readonly number[],
): (slope: readonly number[]) => number[] {
  const state = look(measures, x);
  const factor = factored(normalOf(state, x.length).matrix, x.length);
  return (slope) => {
    const moves = factor && solvedBy(factor, Float64Array.from(slope));
    return moves ? state.rows.map((row) => row.reduce((sum, s, k) => sum + s * (moves[k] ?? 0), 0)) : [];
  };
}

/** Redundancy, rank and the free moves from the singular values of the weighted slopes. */
function judge(state: State, unknowns: number): { hat: number[]; rank: number; free: number[][] } {
  // Rows of nothing make the matrix tall enough for a full set of right vectors; they change no singular value.
  const padded = [...state.rows];
  while (padded.length < unknowns) padded.push(Array.from({ length: unknowns }, () => 0));
  const svd = new SingularValueDecomposition(new Matrix(padded), { autoTranspose: false });
  const largest = Math.max(...svd.diagonal, 0);
  const counts = svd.diagonal.map((s) => s > largest * TOLERANCE.rank);
  const u = svd.leftSingularVectors;
  const v = svd.rightSingularVectors;
  const hat = state.rows.map((_, i) =>
    counts.reduce((sum, counted, k) => sum + (counted ? u.get(i, k) ** 2 : 0), 0),
  );
  const free = counts.flatMap((counted, k) => (counted ? [] : [v.getColumn(k)]));
  return { hat, rank: counts.filter(Boolean).length, free };
}

/**
 * Fits unknowns to measures.
 * @param start where to begin; the nearest minimum is found
 */
export function fit(measures: readonly Measure[], start: readonly number[]): Fitted {
  let x = [...start];
  let state = look(measures, x);
  let normal = normalOf(state, x.length);
  let damping = 1e-3;
  for (let i = 0; i < MOST_STEPS && measures.length > 0; i += 1) {
    const move = step(normal, damping);
    const tried = x.map((v, k) => v + (move[k] ?? 0));
    const next = look(measures, tried);
    const size = Math.hypot(...Array.from(move));
    if (next.sum <= state.sum && Number.isFinite(next.sum)) {
      x = tried;
      state = next;
      normal = normalOf(state, x.length);
      damping = Math.max(damping / 5, 1e-12);
      if (size < TOLERANCE.adjustStepM) break;
    } else {
      damping *= 4;
      if (damping > 1e12) break;
    }
  }
  return { x, chiSquared: state.sum, state };
}

/** What the measures of a fit tell of one another. */
export function judged(measures: readonly Measure[], { x, state }: Fitted): Adjusted {
  const { hat, rank, free } = judge(state, x.length);
  const redundancy = hat.map((h) => {
    const r = 1 - h;
    return r < TOLERANCE.unchecked ? 0 : r;
  });
  return {
    x,
    residuals: measures.map((m, i) => (state.misses[i] ?? 0) * m.sigma),
    redundancy,
    standardised: redundancy.map((r, i) => (r === 0 ? 0 : (state.misses[i] ?? 0) / Math.sqrt(r))),
    rank,
    free,
    chiSquared: state.sum,
  };
}

/** Adjusts unknowns to measures: the fit from a start, judged. */
export const adjust = (measures: readonly Measure[], start: readonly number[]): Adjusted =>
  judged(measures, fit(measures, start));
