/** Values on a grid of squares over a roof. */
import { boxOf, insideArea, type Area, type Point, type Ring } from '../geometry/index.ts';

/** NaN where nothing is known. */
export interface FilmGrid {
  readonly origin: Point;
  readonly stepM: number;
  readonly cols: number;
  readonly rows: number;
  /** Row by row from the origin, mm, at the middle of each square; beyond the edges of what is laid too. */
  readonly values: Float64Array;
  /** 1 where the middle of the square lies on what is laid. */
  readonly laid: Uint8Array;
}

/** Squares along the longer side of a zone, at most. */
const MOST_SQUARES = 96;
const LEAST_STEP_M = 0.1;

export const middleOfSquare = ({ origin, stepM, cols }: FilmGrid, i: number): Point => [
  origin[0] + ((i % cols) + 0.5) * stepM,
  origin[1] + (Math.floor(i / cols) + 0.5) * stepM,
];

/** One square more on each side, so that what is drawn reaches the edges. */
export function gridOver(
  ring: Ring,
  laid: readonly Area[],
  valueAt: (p: Point) => number | undefined,
): FilmGrid {
  const box = boxOf([ring]);
  const [w, h] = [box.maxX - box.minX, box.maxY - box.minY];
  const stepM = Math.max(LEAST_STEP_M, Math.max(w, h) / MOST_SQUARES);
  const [cols, rows] = [Math.ceil(w / stepM) + 2, Math.ceil(h / stepM) + 2];
  const grid: FilmGrid = {
    origin: [box.minX - stepM, box.minY - stepM],
    ...{ stepM, cols, rows },
    values: new Float64Array(cols * rows),
    laid: new Uint8Array(cols * rows),
  };
  for (let i = 0; i < cols * rows; i += 1) {
    const p = middleOfSquare(grid, i);
    grid.values[i] = valueAt(p) ?? NaN;
    grid.laid[i] = laid.some((area) => insideArea(p, area)) ? 1 : 0;
  }
  return grid;
}

/** Laid squares under a limit that touch each other by a side. */
export function squaresUnder({ cols, rows, values, laid }: FilmGrid, limit: number): number[][] {
  const isUnder = (i: number): boolean => laid[i] === 1 && (values[i] ?? NaN) < limit;
  const seen = new Uint8Array(values.length);
  const groups: number[][] = [];
  for (let first = 0; first < values.length; first += 1) {
    if (seen[first] || !isUnder(first)) continue;
    const group = [first];
    seen[first] = 1;
    for (let k = 0; k < group.length; k += 1) {
      const i = group[k] ?? 0;
      const col = i % cols;
      const beside = [
        ...(col > 0 ? [i - 1] : []),
        ...(col < cols - 1 ? [i + 1] : []),
        ...(i >= cols ? [i - cols] : []),
        ...(i < cols * (rows - 1) ? [i + cols] : []),
      ];
      for (const j of beside)
        if (!seen[j] && isUnder(j)) {
          seen[j] = 1;
          group.push(j);
        }
    }
    groups.push(group);
  }
  return groups;
}

/** Share of the laid squares that have a value. */
export function coveredShare({ values, laid }: FilmGrid): number {
  const all = laid.reduce((sum, l) => sum + l, 0);
  const known = values.reduce((sum, v, i) => sum + (laid[i] === 1 && !Number.isNaN(v) ? 1 : 0), 0);
  return all === 0 ? 0 : known / all;
}
