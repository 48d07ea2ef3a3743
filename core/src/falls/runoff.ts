/**
 * The way of water over the triangles: straight down the gradient of each, along the line where two of them meet in a
 * valley, from a vertex down the steepest of the ways from it. Over a surface of triangles this is exact.
 */
import { corner, distance, distanceToPiece, type Point } from '../geometry/index.ts';
import { TOLERANCE } from '../units/index.ts';
import type { Tin } from './tin.ts';
import type { Drain, Flood } from './water.ts';

/** Where a way ends: a drain, or a vertex from which nothing falls. */
export type End = { readonly key: string } | { readonly pit: number };

/** The slope of a triangle and its corners' weights, as they change along its fall. */
export interface Face {
  /** Unit vector down the fall; undefined on the level. */
  readonly down: Point | undefined;
  readonly fall: number;
  /** Change of the weight of each corner by a metre down the fall. */
  readonly rates: Triple;
  /** Weight of each corner at a point: what it is at the origin, and its change along x and y. */
  readonly weight: readonly [Triple, Triple, Triple];
}

type Triple = readonly [number, number, number];
const NO_WEIGHT: Triple = [0, 0, 0];

type Local = 0 | 1 | 2;
const LOCALS: readonly Local[] = [0, 1, 2];
const LEVEL: Face = {
  down: undefined,
  fall: 0,
  rates: NO_WEIGHT,
  weight: [NO_WEIGHT, NO_WEIGHT, NO_WEIGHT],
};
/** A way is given up after so many triangles; no way over a surface of triangles is as long. */
const MOST_STEPS = 20_000;

export class Runoff {
  readonly faces: readonly Face[];
  private readonly tin: Tin;
  private readonly flood: Flood;
  private readonly drains = new Map<number, Drain>();
  private readonly beside: (readonly [number, number, number])[];
  private readonly open: ReadonlyMap<string, string>;
  private readonly facesAt: number[][];
  private readonly ends: (End | undefined)[];
  private readonly whole: (End | undefined)[] = [];
  private readonly nearOutlet: readonly boolean[];
  private readonly finals = new Map<number, string | undefined>();

  /** @param open key of the drain of each piece of the rim over which water leaves, by its two vertices */
  constructor(tin: Tin, drains: readonly Drain[], flood: Flood, open: ReadonlyMap<string, string>) {
    this.tin = tin;
    this.flood = flood;
    for (const d of drains) if (!this.drains.has(d.vertex)) this.drains.set(d.vertex, d);
    this.open = open;
    this.faces = tin.triangles.map((_, t) => this.faceOf(t));
    this.facesAt = tin.points.map(() => []);
    tin.triangles.forEach((t, i) => {
      for (const v of t) this.facesAt[v]?.push(i);
    });
    this.beside = neighbours(tin);
    this.nearOutlet = tin.triangles.map((t) => t.some((v) => this.drains.get(v)?.radiusM !== undefined));
    this.ends = tin.points.map(() => undefined);
  }

  /** The drain that takes the water of a point in a triangle. */
  drainFrom(t: number, p: Point): string | undefined {
    const end = this.follow(t, p);
    return 'key' in end ? end.key : this.fromPit(end.pit);
  }

  /** Says that the water of a whole triangle goes to one drain: ways that come to it end there. */
  settle(t: number, key: string): void {
    this.whole[t] = { key };
  }

  private vertexOf(t: number, k: Local): number {
    return this.tin.triangles[t]?.[k] ?? 0;
  }
  private at(v: number): Point {
    return corner(this.tin.points, v);
  }
  private z(v: number): number {
    return this.tin.z[v] ?? 0;
  }

  private faceOf(t: number): Face {
    const [ia, ib, ic] = LOCALS.map((k) => this.vertexOf(t, k)) as [number, number, number];
    const [a, b, c] = [this.at(ia), this.at(ib), this.at(ic)];
    const twice = (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]);
    if (Math.abs(twice) < TOLERANCE.atVertexM ** 2) return LEVEL;
    // Gradients of the weights: each points from the opposite side to its corner.
    const ga: Point = [(b[1] - c[1]) / twice, (c[0] - b[0]) / twice];
    const gb: Point = [(c[1] - a[1]) / twice, (a[0] - c[0]) / twice];
    const gc: Point = [(a[1] - b[1]) / twice, (b[0] - a[0]) / twice];
    const [za, zb, zc] = [this.z(ia), this.z(ib), this.z(ic)];
    const gx = za * ga[0] + zb * gb[0] + zc * gc[0];
    const gy = za * ga[1] + zb * gb[1] + zc * gc[1];
    const fall = Math.hypot(gx, gy);
    if (fall < TOLERANCE.levelFall) return LEVEL;
    const down: Point = [-gx / fall, -gy / fall];
    const rate = (g: Point): number => g[0] * down[0] + g[1] * down[1];
    const weight = (g: Point, at: Point): Triple => [1 - g[0] * at[0] - g[1] * at[1], g[0], g[1]];
    return {
      down,
      fall,
      rates: [rate(ga), rate(gb), rate(gc)],
      weight: [weight(ga, a), weight(gb, b), weight(gc, c)],
    };
  }

  /** Follows the way of a point in a triangle to where it ends. */
  private follow(t: number, from: Point): End {
    let [face, p] = [t, from];
    for (let steps = 0; steps < MOST_STEPS; steps += 1) {
      const whole = this.whole[face];
      if (whole) return whole;
      const { down, rates, weight } = this.faces[face] ?? LEVEL;
      if (!down) return this.fromVertex(this.nearest(face, p));
      let side: Local = 0;
      let way = Infinity;
      for (const k of LOCALS) {
        if (rates[k] >= 0) continue;
        const [w, wx, wy] = weight[k];
        const far = Math.max(0, w + wx * p[0] + wy * p[1]) / -rates[k];
        if (far < way) {
          side = k;
          way = far;
        }
      }
      if (!Number.isFinite(way)) return this.fromVertex(this.nearest(face, p));
      const q: Point = [p[0] + way * down[0], p[1] + way * down[1]];
      const caught = this.caught(face, p, q);
      if (caught) return caught;
      const onward = this.cross(face, side, q);
      if (onward === undefined || typeof onward === 'object')
        return onward ?? this.fromVertex(this.nearest(face, q));
      [face, p] = [onward, q];
    }
    return this.fromVertex(this.nearest(face, p));
  }

  /** An outlet in a corner of a triangle takes what passes within its radius. */
  private caught(t: number, p: Point, q: Point): End | undefined {
    if (!this.nearOutlet[t]) return undefined;
    for (const k of LOCALS) {
      const drain = this.drains.get(this.vertexOf(t, k));
      if (drain?.radiusM !== undefined && distanceToPiece(this.at(drain.vertex), p, q) <= drain.radiusM)
        return { key: drain.key };
    }
    return undefined;
  }

  /** Along a side to its lower end, past the outlets that lie beside it. */
  private along(from: Point, to: number): End {
    for (const t of this.facesAt[to] ?? []) {
      const caught = this.caught(t, from, this.at(to));
      if (caught) return caught;
    }
    return this.fromVertex(to);
  }

  /** Over the side of a triangle opposite to a corner: into the next, along the side, or off the zone. */
  private cross(t: number, side: Local, q: Point): number | End | undefined {
    const [u, v] = LOCALS.filter((k) => k !== side).map((k) => this.vertexOf(t, k)) as [number, number];
    for (const end of [u, v])
      if (distance(q, this.at(end)) < TOLERANCE.atVertexM) return this.fromVertex(end);
    const next = this.beside[t]?.[side] ?? -1;
    if (next < 0) {
      const key = this.open.get(sideKey(u, v));
      if (key !== undefined) return { key };
    } else {
      const face = this.faces[next];
      if (!face?.down) return this.fromVertex(this.nearest(next, q));
      const other = LOCALS.find((k) => this.vertexOf(next, k) !== u && this.vertexOf(next, k) !== v) ?? 0;
      if (face.rates[other] > 0) return next;
    }
    // Both sides fall towards this one: water runs along it.
    return this.along(q, this.z(u) <= this.z(v) ? u : v);
  }

  private nearest(t: number, p: Point): number {
    const [a = 0, b = 0, c = 0] = this.tin.triangles[t] ?? [];
    return [a, b, c].reduce((x, y) => (distance(p, this.at(y)) < distance(p, this.at(x)) ? y : x));
  }

  /** Where the water of a vertex ends. */
  private fromVertex(v: number): End {
    const known = this.ends[v];
    if (known) return known;
    const drain = this.drains.get(v);
    let end: End = { pit: v };
    if (drain) end = { key: drain.key };
    else {
      const [steepest] = this.waysFrom(v);
      if (steepest) end = steepest.go();
    }
    this.ends[v] = end;
    return end;
  }

  /** Ways down from a vertex, over triangles and along their sides, the steepest first. */
  private waysFrom(v: number): { fall: number; go: () => End }[] {
    const ways: { fall: number; go: () => End }[] = [];
    for (const n of this.flood.around[v] ?? []) {
      const fall = (this.z(v) - this.z(n)) / distance(this.at(v), this.at(n));
      if (fall > TOLERANCE.levelFall) ways.push({ fall, go: () => this.along(this.at(v), n) });
    }
    for (const t of this.facesAt[v] ?? []) {
      const { down, fall, rates } = this.faces[t] ?? LEVEL;
      const here = LOCALS.find((k) => this.vertexOf(t, k) === v) ?? 0;
      if (down && LOCALS.every((k) => k === here || rates[k] > 0))
        ways.push({ fall, go: () => this.follow(t, this.at(v)) });
    }
    return ways.sort((a, b) => b.fall - a.fall);
  }

  /** The vertex over whose sill the water that stands at a pit leaves. */
  private sillOf(pit: number): number {
    let v = pit;
    while (!this.drains.has(v) && (this.flood.fillM[v] ?? 0) - this.z(v) > TOLERANCE.levelM) {
      const before = this.flood.from[v];
      if (before === undefined) return v;
      v = before;
    }
    return v;
  }

  /** The drain that takes what stands at a pit, once it runs over. */
  private fromPit(pit: number): string | undefined {
    if (this.finals.has(pit)) return this.finals.get(pit);
    // A chain that came back here would go on as the flood found it.
    this.finals.set(pit, this.flood.drain[pit]);
    const found = this.overSill(pit);
    this.finals.set(pit, found);
    return found;
  }

  private overSill(pit: number): string | undefined {
    const sill = this.sillOf(pit);
    const drain = this.drains.get(sill);
    if (drain) return drain.key;
    for (const way of this.waysFrom(sill)) {
      const end = way.go();
      if ('key' in end) return end.key;
      if (this.sillOf(end.pit) !== sill) return this.fromPit(end.pit);
    }
    const before = this.flood.from[sill];
    if (before === undefined) return this.flood.drain[pit];
    const end = this.fromVertex(before);
    return 'key' in end ? end.key : this.fromPit(end.pit);
  }
}

export const sideKey = (a: number, b: number): string => (a < b ? `${a},${b}` : `${b},${a}`);

/** The triangle over each side, opposite to each corner; -1 at the rim. */
function neighbours(tin: Tin): (readonly [number, number, number])[] {
  const over = new Map<string, number[]>();
  const opposite = ([a, b, c]: readonly [number, number, number]): string[] => [
    sideKey(b, c),
    sideKey(c, a),
    sideKey(a, b),
  ];
  tin.triangles.forEach((t, i) => {
    for (const key of opposite(t)) over.set(key, [...(over.get(key) ?? []), i]);
  });
  return tin.triangles.map((t, i) => {
    const [x = -1, y = -1, w = -1] = opposite(t).map((key) => over.get(key)?.find((o) => o !== i) ?? -1);
    return [x, y, w] as const;
  });
}
