/**
 * In which order bays are laid so that nobody is walled in: each one is left over bays that are still bare, to the
 * access. Taking the bays one after the other off a plan that stays in one piece does that: a bay may be laid next when
 * those that are left all hang together with the access.
 */
import { distance, distanceToPiece, labelPoint, overlapM, corner, type Point } from '../geometry/index.ts';
import { fail, ok, type Result } from '../problems/index.ts';
import type { Bay } from './schema.ts';
import { COMMON } from '../practice/index.ts';
import { TOLERANCE } from '../units/index.ts';

/** Pieces that lie on one line within this touch, as `overlapM` sees it. */
const TOUCH_M = TOLERANCE.onLineM;

export interface Joint {
  readonly a: string;
  readonly b: string;
  readonly lengthM: number;
  /** The longest straight piece of it. */
  readonly from: Point;
  readonly to: Point;
}

export interface RouteStep {
  readonly bayId: string;
  /** From the bay over bare ones to the access, through the middles of bays and joints. */
  readonly wayOut: readonly Point[];
  readonly over: readonly string[];
}

export interface BayRoute {
  readonly steps: readonly RouteStep[];
  readonly access: Point;
}

const pieces = (bay: Bay): (readonly [Point, Point])[] =>
  bay.parts.flatMap((p) =>
    [p.outer, ...p.holes].flatMap((ring) =>
      ring.map((a, i): readonly [Point, Point] => [a, corner(ring, i + 1)]),
    ),
  );

interface Box {
  readonly low: Point;
  readonly high: Point;
}
function boxOf(edges: readonly (readonly [Point, Point])[]): Box {
  const low: [number, number] = [Infinity, Infinity];
  const high: [number, number] = [-Infinity, -Infinity];
  for (const [[x, y]] of edges) {
    low[0] = Math.min(low[0], x);
    low[1] = Math.min(low[1], y);
    high[0] = Math.max(high[0], x);
    high[1] = Math.max(high[1], y);
  }
  return { low, high };
}
const apart = (a: Box | undefined, b: Box | undefined): boolean =>
  !a ||
  !b ||
  a.low[0] > b.high[0] + TOUCH_M ||
  b.low[0] > a.high[0] + TOUCH_M ||
  a.low[1] > b.high[1] + TOUCH_M ||
  b.low[1] > a.high[1] + TOUCH_M;

/**
 * Where bays lie side by side.
 * @param leastM joints shorter than this are no way to walk over, and are left out
 */
export function jointsOf(bays: readonly Bay[], leastM = COMMON.passage.value): Joint[] {
  const edges = bays.map(pieces);
  const boxes = edges.map(boxOf);
  const joints: Joint[] = [];
  bays.forEach((a, i) => {
    for (let k = i + 1; k < bays.length; k += 1) {
      const b = bays[k];
      if (!b || apart(boxes[i], boxes[k])) continue;
      let lengthM = 0;
      let longest = 0;
      let best: readonly [Point, Point] | undefined;
      for (const [p, q] of edges[i] ?? []) {
        for (const [r, s] of edges[k] ?? []) {
          const shared = overlapM(p, q, r, s);
          if (shared <= 0) continue;
          lengthM += shared;
          if (shared > longest) {
            longest = shared;
            best = sharedPiece(p, q, r, s);
          }
        }
      }
      if (best && lengthM >= leastM) joints.push({ a: a.id, b: b.id, lengthM, from: best[0], to: best[1] });
    }
  });
  return joints;
}

/** The part that two pieces on one line have in common. */
function sharedPiece(p: Point, q: Point, r: Point, s: Point): readonly [Point, Point] {
  const length = distance(p, q) || 1;
  const u: Point = [(q[0] - p[0]) / length, (q[1] - p[1]) / length];
  const along = (x: Point): number => (x[0] - p[0]) * u[0] + (x[1] - p[1]) * u[1];
  const from = Math.max(0, Math.min(along(r), along(s)));
  const to = Math.min(length, Math.max(along(r), along(s)));
  return [
    [p[0] + u[0] * from, p[1] + u[1] * from],
    [p[0] + u[0] * to, p[1] + u[1] * to],
  ];
}

/** The bay that people step on first. */
function accessBay(bays: readonly Bay[], access: Point): Bay | undefined {
  const off = (bay: Bay): number => Math.min(...pieces(bay).map(([a, b]) => distanceToPiece(access, a, b)));
  return bays.reduce<Bay | undefined>((best, bay) => (!best || off(bay) < off(best) ? bay : best), undefined);
}

type Graph = ReadonlyMap<string, readonly string[]>;

function graphOf(bays: readonly Bay[], joints: readonly Joint[]): Graph {
  const graph = new Map<string, string[]>(bays.map((b) => [b.id, []]));
  for (const { a, b } of joints) {
    graph.get(a)?.push(b);
    graph.get(b)?.push(a);
  }
  return graph;
}

/** Steps from a bay to all that can be reached over allowed bays, and over which each is reached. */
function reach(
  graph: Graph,
  from: string,
  allowed: (id: string) => boolean,
): Map<string, { steps: number; over: string | undefined }> {
  const found = new Map<string, { steps: number; over: string | undefined }>([
    [from, { steps: 0, over: undefined }],
  ]);
  const queue = [from];
  for (let id = queue.shift(); id !== undefined; id = queue.shift()) {
    for (const next of graph.get(id) ?? []) {
      if (found.has(next) || !allowed(next)) continue;
      found.set(next, { steps: (found.get(id)?.steps ?? 0) + 1, over: id });
      queue.push(next);
    }
  }
  return found;
}

/**
 * An order for the bays of a zone, away from the access first.
 * @param access where people come on, in the zone's own plane
 * @returns a problem when some bays cannot be reached from the access over others
 */
export function bayRoute(bays: readonly Bay[], access: Point, zoneName: string): Result<BayRoute> {
  const start = accessBay(bays, access);
  if (!start) return ok({ steps: [], access });
  const joints = jointsOf(bays);
  const graph = graphOf(bays, joints);
  const far = reach(graph, start.id, () => true);
  const cut = bays.filter((b) => !far.has(b.id));
  if (cut.length > 0) {
    return fail({
      kind: 'wrong',
      field: 'bays',
      label: `${zoneName}, way out`,
      actual: `${cut.map((b) => b.label).join(', ')} cannot be left without crossing another zone`,
      expected: 'bays that hang together with the access: other bays, or a second access',
    });
  }
  const between = new Map(joints.map((j) => [pair(j.a, j.b), j]));
  const middle = new Map(bays.map((b) => [b.id, labelPoint(b.parts)]));
  const at = (id: string): Point => middle.get(id) ?? access;
  const bare = new Set(bays.map((b) => b.id));
  const steps: RouteStep[] = [];
  let last: string | undefined;
  while (bare.size > 0) {
    const next = choose(graph, start.id, bare, far, last, at);
    const ways = reach(graph, start.id, (id) => bare.has(id));
    const over: string[] = [];
    for (let id = ways.get(next)?.over; id !== undefined; id = ways.get(id)?.over) over.push(id);
    steps.push({ bayId: next, over, wayOut: wayOut([next, ...over], between, at, access) });
    bare.delete(next);
    last = next;
  }
  return ok({ steps, access });
}

/**
 * Bays without which those that are left would no longer hang together: the cut vertices of the graph, by one walk in
 * depth (Tarjan 1972; from memory).
 */
function holdingTogether(graph: Graph, start: string, bare: ReadonlySet<string>): Set<string> {
  const cut = new Set<string>();
  /** When each was reached, and the earliest that is reached from it or from below it by one step back. */
  const order = new Map<string, number>([[start, 0]]);
  const low = new Map<string, number>([[start, 0]]);
  const path: { readonly id: string; readonly from: string | undefined; next: number }[] = [
    { id: start, from: undefined, next: 0 },
  ];
  let branches = 0;
  for (let top = path.at(-1); top !== undefined; top = path.at(-1)) {
    const { id, from } = top;
    const beside = graph.get(id)?.[top.next];
    top.next += 1;
    if (beside !== undefined) {
      if (!bare.has(beside) || beside === from) continue;
      const known = order.get(beside);
      if (known === undefined) {
        order.set(beside, order.size);
        low.set(beside, order.get(beside) ?? 0);
        path.push({ id: beside, from: id, next: 0 });
        if (id === start) branches += 1;
      } else low.set(id, Math.min(low.get(id) ?? 0, known));
      continue;
    }
    path.pop();
    if (from === undefined) continue;
    low.set(from, Math.min(low.get(from) ?? 0, low.get(id) ?? 0));
    if (from !== start && (low.get(id) ?? 0) >= (order.get(from) ?? 0)) cut.add(from);
  }
  if (branches > 1) cut.add(start);
  return cut;
}

/** The farthest bay that can be laid next, beside the one just laid where there is a choice. */
function choose(
  graph: Graph,
  start: string,
  bare: ReadonlySet<string>,
  far: ReadonlyMap<string, { steps: number }>,
  last: string | undefined,
  at: (id: string) => Point,
): string {
  const holding = holdingTogether(graph, start, bare);
  let best: { readonly id: string; readonly rank: readonly [number, number, number] } | undefined;
  for (const id of bare) {
    if (id === start || holding.has(id)) continue;
    const near = last === undefined ? 0 : distance(at(id), at(last));
    const rank = [-(far.get(id)?.steps ?? 0), near, -distance(at(id), at(start))] as const;
    if (!best || isBefore(rank, best.rank)) best = { id, rank };
  }
  return best?.id ?? start;
}
function isBefore(a: readonly number[], b: readonly number[]): boolean {
  const i = a.findIndex((v, k) => v !== b[k]);
  return i >= 0 && (a[i] ?? 0) < (b[i] ?? 0);
}

/** Two bays, whichever is named first; no id has a blank. */
const pair = (a: string, b: string): string => (a < b ? `${a} ${b}` : `${b} ${a}`);

function wayOut(
  ids: readonly string[],
  joints: ReadonlyMap<string, Joint>,
  at: (id: string) => Point,
  access: Point,
): Point[] {
  const points: Point[] = [];
  ids.forEach((id, i) => {
    points.push(at(id));
    const next = ids[i + 1];
    const joint = next === undefined ? undefined : joints.get(pair(id, next));
    if (joint) points.push([(joint.from[0] + joint.to[0]) / 2, (joint.from[1] + joint.to[1]) / 2]);
  });
  return [...points, access];
}
