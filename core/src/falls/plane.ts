/** A plane through levels near a spot: for heights where none was taken, and for levels that stand out. */
import { boxOf, distance, type Point } from '../geometry/index.ts';
import { TOLERANCE } from '../units/index.ts';
import { COMMON } from '../practice/index.ts';

export interface Spot {
  readonly p: Point;
  readonly z: number;
}

/** Levels that take part; enough for a plane and a check, near enough to follow the deck. */
const NEIGHBOURS = 8;

/** Weighted least-squares plane z = a + b·dx + c·dy about a point; undefined when the spots lie in a line. */
function fitted(at: Point, spots: readonly Spot[]): number | undefined {
  const s = { w: 0, x: 0, y: 0, xx: 0, xy: 0, yy: 0, z: 0, xz: 0, yz: 0 };
  for (const { p, z } of spots) {
    const [x, y] = [p[0] - at[0], p[1] - at[1]];
    const w = 1 / (x * x + y * y + TOLERANCE.sameSpotM ** 2);
    s.w += w;
    s.x += w * x;
    s.y += w * y;
    s.xx += w * x * x;
    s.xy += w * x * y;
    s.yy += w * y * y;
    s.z += w * z;
    s.xz += w * x * z;
    s.yz += w * y * z;
  }
  const det = (
    a: number,
    b: number,
    c: number,
    d: number,
    e: number,
    f: number,
    g: number,
    h: number,
    i: number,
  ) => a * (e * i - f * h) - b * (d * i - f * g) + c * (d * h - e * g);
  const whole = det(s.w, s.x, s.y, s.x, s.xx, s.xy, s.y, s.xy, s.yy);
  // Spots in a line leave the spread across it at nothing; compared with the spread along it.
  if (Math.abs(whole) <= TOLERANCE.rank * s.w * (s.xx + s.yy) ** 2) return undefined;
  return det(s.z, s.x, s.y, s.xz, s.xx, s.xy, s.yz, s.xy, s.yy) / whole;
}

/** Height at a point by the plane through the nearest spots, or through all of them when those lie in a line. */
export function planeAt(at: Point, spots: readonly Spot[]): number | undefined {
  const near = nearest(at, spots, NEIGHBOURS);
  return fitted(at, near) ?? fitted(at, spots);
}

function nearest(at: Point, spots: readonly Spot[], count: number): Spot[] {
  if (spots.length <= count) return [...spots];
  const far = spots.map((s) => ({ s, d: distance(at, s.p) })).sort((a, b) => a.d - b.d);
  return far.slice(0, count).map(({ s }) => s);
}

export interface Spike {
  /** Number of the level, from 0. */
  readonly index: number;
  readonly measuredM: number;
  /** What the levels around it say. */
  readonly expectedM: number;
}

const FEWEST = 6;

/**
 * Levels that stand out from the plane of those around them: named for a second look, never dropped.
 * @param outlets places where a low level is meant
 */
export function spikesIn(spots: readonly Spot[], outlets: readonly Point[] = []): Spike[] {
  if (spots.length < FEWEST) return [];
  const cells = new Buckets(spots);
  const found = spots.map((spot, index) => {
    const around = cells.near(index, NEIGHBOURS);
    const expectedM =
      fitted(
        spot.p,
        around.map((i) => spots[i]).filter((s) => s !== undefined),
      ) ?? spot.z;
    return { index, measuredM: spot.z, expectedM, off: Math.abs(spot.z - expectedM), around };
  });
  const usual = [...found].sort((a, b) => a.off - b.off)[Math.floor(found.length / 2)]?.off ?? 0;
  const limit = Math.max(COMMON.spike.value, COMMON.spikeTimes.value * usual);
  return found
    .filter((f) => !outlets.some((o) => distance(o, spots[f.index]?.p ?? o) < COMMON.atOutlet.value))
    .filter((f) => f.off > limit && f.around.every((i) => (found[i]?.off ?? 0) <= f.off))
    .map(({ index, measuredM, expectedM }) => ({ index, measuredM, expectedM }));
}

/** Spots by squares of the plan, so that neighbours are found without looking at all of them. */
class Buckets {
  private readonly spots: readonly Spot[];
  private readonly cells: number[][];
  private readonly cols: number;
  private readonly rows: number;
  private readonly size: number;
  private readonly box;

  constructor(spots: readonly Spot[]) {
    this.spots = spots;
    this.box = boxOf([spots.map((s) => s.p)]);
    const [width, height] = [this.box.maxX - this.box.minX || 1, this.box.maxY - this.box.minY || 1];
    this.size = Math.max(Math.sqrt((width * height) / spots.length) * 2, TOLERANCE.sameSpotM);
    this.cols = Math.floor(width / this.size) + 1;
    this.rows = Math.floor(height / this.size) + 1;
    this.cells = Array.from({ length: this.cols * this.rows }, () => []);
    spots.forEach(({ p }, i) => this.cells[this.row(p) * this.cols + this.col(p)]?.push(i));
  }

  private col(p: Point): number {
    return Math.floor((p[0] - this.box.minX) / this.size);
  }

  private row(p: Point): number {
    return Math.floor((p[1] - this.box.minY) / this.size);
  }

  near(index: number, count: number): number[] {
    const at = this.spots[index]?.p ?? [0, 0];
    const [row, col] = [this.row(at), this.col(at)];
    let found: number[] = [];
    for (let r = Math.max(0, row - 1); r <= Math.min(this.rows - 1, row + 1); r += 1) {
      for (let c = Math.max(0, col - 1); c <= Math.min(this.cols - 1, col + 1); c += 1) {
        found.push(...(this.cells[r * this.cols + c] ?? []));
      }
    }
    if (found.length <= count) found = this.spots.map((_, i) => i);
    return found
      .filter((i) => i !== index)
      .map((i) => ({ i, d: distance(at, this.spots[i]?.p ?? at) }))
      .sort((a, b) => a.d - b.d)
      .slice(0, count)
      .map(({ i }) => i);
  }
}
