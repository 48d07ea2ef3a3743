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

function step(state: State, damping: number): number[] {
  const j = new Matrix(state.rows);
  const jt = j.transpose();
  const normal = jt.mmul(j);
  for (let i = 0; i < normal.rows; i += 1) {
    normal.set(i, i, normal.get(i, i) * (1 + damping) + TOLERANCE.smallestPivot);
  }
  return solve(normal, jt.mmul(Matrix.columnVector(state.misses))).to1DArray();
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
 * Adjusts unknowns to measures.
 * @param start where to begin; the nearest minimum is found
 */
export function adjust(measures: readonly Measure[], start: readonly number[]): Adjusted {
  let x = [...start];
  let state = look(measures, x);
  let damping = 1e-3;
  for (let i = 0; i < MOST_STEPS && measures.length > 0; i += 1) {
    const move = step(state, damping);
    const tried = x.map((v, k) => v + (move[k] ?? 0));
    const next = look(measures, tried);
    const size = Math.hypot(...move);
    if (next.sum <= state.sum && Number.isFinite(next.sum)) {
      x = tried;
      state = next;
      damping = Math.max(damping / 5, 1e-12);
      if (size < TOLERANCE.adjustStepM) break;
    } else {
      damping *= 4;
      if (damping > 1e12) break;
    }
  }
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
