/**
 * How much mix brings a zone to a chosen fall toward its drains, adding only, never cutting.
 *
 * The levelled surface F is the lowest one that is nowhere below the deck, stands at each drain's own level there, and
 * falls everywhere else at least as steeply as asked toward a drain: |∇F| = s where mix is added. That is the arrival
 * time of a front from the drains, found by fast marching on a square grid (J. Sethian 1996 and 1999, second order),
 * held up to the deck where the deck is higher.
 */
import FlatQueue from 'flatqueue';
import { boxOf, corner, distance, distanceToPiece, type Point, type Triangle } from '../geometry/index.ts';
import type { Tin } from './tin.ts';

/** A drain as the front starts from it: an outlet, or a piece of an edge over which water leaves. */
export type Source =
  | { readonly kind: 'spot'; readonly at: Point; readonly levelM: number }
  | {
      readonly kind: 'piece';
      readonly from: Point;
      readonly to: Point;
      readonly fromM: number;
      readonly toM: number;
    };

export interface Levelling {
  readonly volumeL: number;
  readonly thickestM: number;
  /** Where mix is added at all. */
  readonly areaM2: number;
  readonly meanM: number;
  readonly cellM: number;
}

/** Cells of the grid: enough for a per cent on the volume, few enough for a moment. */
const CELLS = 6_000;
const SMALLEST_CELL_M = 0.02;
/** Thinner than this is no layer. */
const THINNEST_M = 0.0005;

interface Grid {
  readonly cols: number;
  readonly rows: number;
  /** Cells are near to squares, so that whole ones fill the zone's box. */
  readonly cellXM: number;
  readonly cellYM: number;
  readonly minX: number;
  readonly minY: number;
  /** Height of the deck at the middle of each cell; NaN off the zone, which never leaves this file. */
  readonly deck: Float64Array;
}

/** Height over a triangle as a function of the place; undefined beside it. */
function planeOver(tin: Tin, [ia, ib, ic]: Triangle): (x: number, y: number) => number | undefined {
  const [a, b, c] = [corner(tin.points, ia), corner(tin.points, ib), corner(tin.points, ic)];
  const [za, zb, zc] = [tin.z[ia] ?? 0, tin.z[ib] ?? 0, tin.z[ic] ?? 0];
  const d = (b[1] - c[1]) * (a[0] - c[0]) + (c[0] - b[0]) * (a[1] - c[1]);
  const [ax, ay] = [(b[1] - c[1]) / d, (c[0] - b[0]) / d];
  const [bx, by] = [(c[1] - a[1]) / d, (a[0] - c[0]) / d];
  return (x, y) => {
    const wa = ax * (x - c[0]) + ay * (y - c[1]);
    const wb = bx * (x - c[0]) + by * (y - c[1]);
    const wc = 1 - wa - wb;
    // A triangle without area gives no number and fails all three.
    return wa >= 0 && wb >= 0 && wc >= 0 ? wa * za + wb * zb + wc * zc : undefined;
  };
}

function rasterise(tin: Tin, areaM2: number): Grid {
  const box = boxOf([tin.points]);
  const aimM = Math.max(SMALLEST_CELL_M, Math.sqrt(areaM2 / CELLS));
  const cols = Math.ceil((box.maxX - box.minX) / aimM) || 1;
  const rows = Math.ceil((box.maxY - box.minY) / aimM) || 1;
  const cellXM = (box.maxX - box.minX) / cols || aimM;
  const cellYM = (box.maxY - box.minY) / rows || aimM;
  const deck = new Float64Array(cols * rows).fill(NaN);
  const colOf = (x: number): number => (x - box.minX) / cellXM - 0.5;
  const rowOf = (y: number): number => (y - box.minY) / cellYM - 0.5;
  for (const t of tin.triangles) {
    const b = boxOf([t.map((i) => corner(tin.points, i))]);
    const plane = planeOver(tin, t);
    const toCol = Math.min(cols - 1, Math.floor(colOf(b.maxX)));
    const toRow = Math.min(rows - 1, Math.floor(rowOf(b.maxY)));
    for (let r = Math.max(0, Math.ceil(rowOf(b.minY))); r <= toRow; r += 1) {
      for (let c = Math.max(0, Math.ceil(colOf(b.minX))); c <= toCol; c += 1) {
        const z = plane(box.minX + (c + 0.5) * cellXM, box.minY + (r + 0.5) * cellYM);
        if (z !== undefined) deck[r * cols + c] = z;
      }
    }
  }
  return { cols, rows, cellXM, cellYM, minX: box.minX, minY: box.minY, deck };
}

/** Level of a source as seen from a point: its own, plus the fall over the way to it. */
function startLevel(source: Source, p: Point, slope: number): { reach: number; level: number } {
  if (source.kind === 'spot') {
    const d = distance(p, source.at);
    return { reach: d, level: source.levelM + slope * d };
  }
  const d = distanceToPiece(p, source.from, source.to);
  const [dx, dy] = [source.to[0] - source.from[0], source.to[1] - source.from[1]];
  const size = dx * dx + dy * dy;
  const t = ((p[0] - source.from[0]) * dx + (p[1] - source.from[1]) * dy) / (size || 1);
  const share = Math.min(1, Math.max(0, t));
  return { reach: d, level: source.fromM + share * (source.toM - source.fromM) + slope * d };
}

/** The front starts exactly within this many cells of a source, where marching is least exact. */
const EXACT_CELLS = 3;

const AROUND = [
  [0, 1],
  [0, -1],
  [1, 0],
  [-1, 0],
] as const;

interface Upwind {
  readonly nearest: number;
  readonly level: number;
  readonly weight: number;
}

class Front {
  private readonly grid: Grid;
  private readonly slope: number;
  private readonly queue = new FlatQueue<number>();
  private readonly done: Uint8Array;
  /** Cells that were started exactly: differences of second order could only take them below that. */
  private readonly exact: Uint8Array;
  readonly level: Float64Array;

  constructor(grid: Grid, slope: number) {
    this.grid = grid;
    this.slope = slope;
    this.level = new Float64Array(grid.deck.length).fill(Infinity);
    this.done = new Uint8Array(grid.deck.length);
    this.exact = new Uint8Array(grid.deck.length);
  }

  offer(i: number, level: number): void {
    const deck = this.grid.deck[i] ?? NaN;
    if (Number.isNaN(deck)) return;
    const held = Math.max(deck, level);
    if (held >= (this.level[i] ?? 0)) return;
    this.level[i] = held;
    this.queue.push(i, held);
  }

  start(source: Source, slope: number): void {
    const { cols, rows, cellXM, cellYM, minX, minY } = this.grid;
    const ends = source.kind === 'spot' ? [source.at] : [source.from, source.to];
    const box = boxOf([ends]);
    const reach = EXACT_CELLS * Math.max(cellXM, cellYM);
    const row = (y: number): number => Math.min(rows - 1, Math.max(0, Math.floor((y - minY) / cellYM)));
    const col = (x: number): number => Math.min(cols - 1, Math.max(0, Math.floor((x - minX) / cellXM)));
    for (let r = row(box.minY - reach); r <= row(box.maxY + reach); r += 1) {
      for (let c = col(box.minX - reach); c <= col(box.maxX + reach); c += 1) {
        const p: Point = [minX + (c + 0.5) * cellXM, minY + (r + 0.5) * cellYM];
        const seen = startLevel(source, p, slope);
        if (seen.reach > reach) continue;
        this.exact[r * cols + c] = 1;
        this.offer(r * cols + c, seen.level);
      }
    }
  }

  private settled(r: number, c: number): number {
    if (r < 0 || c < 0 || r >= this.grid.rows || c >= this.grid.cols) return Infinity;
    const i = r * this.grid.cols + c;
    return this.done[i] ? (this.level[i] ?? Infinity) : Infinity;
  }

  /**
   * Upwind solution of |∇F| = s at a cell: one-sided differences of second order where two settled cells rise in a
   * row, of first order elsewhere (J. Sethian 1999).
   */
  private arrival(r: number, c: number): number {
    const second = this.exact[r * this.grid.cols + c] !== 1;
    const across = this.upwind(r, c, [0, 1], second);
    const along = this.upwind(r, c, [1, 0], second);
    const [low, high] = across.level <= along.level ? [across, along] : [along, across];
    const alone = low.level + this.slope / Math.sqrt(low.weight);
    if (!Number.isFinite(high.level)) return alone;
    // Σ w (F - level)² = s²: the larger root, where it lies above both.
    const w = low.weight + high.weight;
    const sum = low.weight * low.level + high.weight * high.level;
    const squares = low.weight * low.level ** 2 + high.weight * high.level ** 2;
    const root = sum * sum - w * (squares - this.slope ** 2);
    if (root < 0) return alone;
    const both = (sum + Math.sqrt(root)) / w;
    return both >= high.nearest ? both : alone;
  }

  /** The settled neighbour from which the front comes along one way, as the differences see it. */
  private upwind(r: number, c: number, [dr, dc]: readonly [number, number], twice: boolean): Upwind {
    const [back, on] = [this.settled(r - dr, c - dc), this.settled(r + dr, c + dc)];
    const sign = back <= on ? -1 : 1;
    const nearest = Math.min(back, on);
    if (!Number.isFinite(nearest)) return { nearest, level: Infinity, weight: 1 };
    const second = this.settled(r + 2 * sign * dr, c + 2 * sign * dc);
    const unit = 1 / (dr === 0 ? this.grid.cellXM : this.grid.cellYM) ** 2;
    return twice && second <= nearest
      ? { nearest, level: (4 * nearest - second) / 3, weight: (9 / 4) * unit }
      : { nearest, level: nearest, weight: unit };
  }

  march(): void {
    const { cols, rows } = this.grid;
    for (let next = this.queue.pop(); next !== undefined; next = this.queue.pop()) {
      if (this.done[next]) continue;
      this.done[next] = 1;
      const [r, c] = [Math.floor(next / cols), next % cols];
      for (const [dr, dc] of AROUND) {
        const [nr, nc] = [r + dr, c + dc];
        if (nr < 0 || nc < 0 || nr >= rows || nc >= cols || this.done[nr * cols + nc]) continue;
        this.offer(nr * cols + nc, this.arrival(nr, nc));
      }
    }
  }
}

/**
 * Volume of mix for a fall of `fallPct` toward the sources.
 * @param areaM2 plan area of the zone, to which the cells are matched
 * @returns undefined without a source
 */
export function levelling(
  tin: Tin,
  sources: readonly Source[],
  fallPct: number,
  areaM2: number,
): Levelling | undefined {
  if (sources.length === 0 || tin.triangles.length === 0) return undefined;
  const slope = fallPct / 100;
  const grid = rasterise(tin, areaM2);
  const front = new Front(grid, slope);
  for (const source of sources) front.start(source, slope);
  front.march();
  let cells = 0;
  let touched = 0;
  let sum = 0;
  let thickestM = 0;
  grid.deck.forEach((deck, i) => {
    const level = front.level[i] ?? Infinity;
    if (Number.isNaN(deck) || !Number.isFinite(level)) return;
    cells += 1;
    const thick = level - deck;
    if (thick < THINNEST_M) return;
    touched += 1;
    sum += thick;
    thickestM = Math.max(thickestM, thick);
  });
  if (cells === 0) return undefined;
  const cellArea = areaM2 / cells;
  return {
    volumeL: sum * cellArea * 1000,
    thickestM,
    areaM2: touched * cellArea,
    meanM: touched === 0 ? 0 : sum / touched,
    cellM: Math.max(grid.cellXM, grid.cellYM),
  };
}
