/**
 * The exploded drawing of a detail: ground and pieces as they lie folded, pieces lifted off one by one, seen slantwise
 * from above without perspective, farthest faces first. Drawing units are millimetres; y points up.
 */
import type { DetailRules } from '../buildup/index.ts';
import type { Point } from '../geometry/index.ts';
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import type { Pocket } from './clusters.ts';
import type { Detail } from './find.ts';
import {
  add3,
  around,
  cross3,
  folded,
  ROUND_SIDES,
  type Face3,
  type FaceUse,
  type Point3,
} from './folding.ts';
import type { Piece } from './pieces.ts';

export interface DrawnFace {
  /** Number of the piece, or −1 for the ground. */
  readonly piece: number;
  readonly use: FaceUse;
  readonly rings: readonly (readonly Point[])[];
  /** How squarely it faces the light, 0 to 1. */
  readonly light: number;
}

export interface Drawing {
  readonly faces: readonly DrawnFace[];
  /** Where each piece is named. */
  readonly labels: readonly { readonly piece: number; readonly at: Point }[];
}

/** From where each kind is looked at: degrees round from x, and up. */
const ELEVATION = 32;
const AZIMUTH: Readonly<Partial<Record<Detail['kind'], number>>> = {
  'internal-corner': 52,
  'external-corner': -42,
  kerb: -42,
};
const USUAL_AZIMUTH = -62;

const quad = (use: FaceUse, ...outer: Point3[]): Face3 => ({ use, outer, holes: [] });
const level = (use: FaceUse, z: number, x0: number, y0: number, x1: number, y1: number): Face3 =>
  quad(use, [x0, y0, z], [x1, y0, z], [x1, y1, z], [x0, y1, z]);

/** Upright faces over a ring on the roof, seen from outside. */
const walls = (ring: readonly Point[], from: number, to: number): Face3[] =>
  ring.map((p, i) => {
    const q = ring[(i + 1) % ring.length] ?? p;
    return quad('wall', [...p, from], [...q, from], [...q, to], [...p, to]);
  });
const lid = (ring: readonly Point[], z: number): Face3 => quad('top', ...ring.map((p): Point3 => [...p, z]));

/** Roof and what stands on it, as far as the pieces reach. */
function groundOf(detail: Detail, rules: DetailRules, pocket: Pocket | undefined): Face3[] {
  const s = detail.sizes;
  const reach = rules.footMm.value * 1.6;
  const height = s['heightMm'] ?? 0;
  const round = (d: number): Point[] => around(d / 2, ROUND_SIDES);
  switch (detail.kind) {
    case 'upstand':
    case 'parapet':
    case 'threshold':
    case 'bar':
    case 'wall-foot': {
      const leg = detail.kind === 'threshold' || rules.fillet === 'none' ? 0 : rules.filletLegMm.value;
      const deep = leg + (s['topMm'] ?? 120);
      const up = detail.kind === 'bar' || detail.kind === 'wall-foot' ? 200 : Math.max(height, 1);
      return [
        level('base', 0, -40, -reach, 490, leg),
        quad('wall', [-40, leg, 0], [490, leg, 0], [490, leg, up], [-40, leg, up]),
        level('top', up, -40, leg, 490, deep),
      ];
    }
    case 'internal-corner': {
      const deg = (s['deg'] ?? 90) / DEGREES_PER_RADIAN;
      const far = rules.wingMm.value * 1.5;
      const second: Point3 = [Math.cos(deg) * far, Math.sin(deg) * far, 0];
      return [
        quad('base', [0, 0, 0], [far, 0, 0], add3([far, 0, 0], second), second),
        quad('wall', [0, 0, 0], [far, 0, 0], [far, 0, height], [0, 0, height]),
        quad('wall', [0, 0, 0], second, add3(second, [0, 0, height]), [0, 0, height]),
      ];
    }
    case 'external-corner':
    case 'kerb': {
      const turn = (180 - (detail.kind === 'kerb' ? 90 : (s['deg'] ?? 90))) / DEGREES_PER_RADIAN;
      const far = rules.wingMm.value * 1.5;
      const end: Point = [Math.cos(turn) * far, Math.sin(turn) * far];
      const corner: Point[] = [[-far, 0], [0, 0], end];
      return [
        level('base', 0, -far, -reach, Math.max(end[0], 0) + reach, Math.max(end[1], 0)),
        quad('wall', [-far, 0, 0], [0, 0, 0], [0, 0, height], [-far, 0, height]),
        quad('wall', [0, 0, 0], [...end, 0], [...end, height], [0, 0, height]),
        lid([...corner, [-far, end[1]]], height),
      ];
    }
    case 'pipe': {
      const d = s['diameterMm'] ?? 100;
      const half = d / 2 + reach;
      return [level('base', 0, -half, -half, half, half), ...walls(round(d), 0, rules.upMm.value * 1.5)];
    }
    case 'outlet': {
      const d = s['diameterMm'] ?? 100;
      const half = Math.max(d / 2 + reach, rules.outletSquareMm.value * 0.6);
      const floor = level('base', 0, -half, -half, half, half);
      const rim = round(d).map((p): Point3 => [...p, 0]);
      return [{ ...floor, holes: [rim] }, ...walls(round(d), -rules.outletDownMm.value * 1.5, 0)];
    }
    case 'post': {
      const [l, w] = [(s['lengthMm'] ?? 100) / 2, (s['widthMm'] ?? 100) / 2];
      const ring: Point[] = [
        [-l, -w],
        [l, -w],
        [l, w],
        [-l, w],
      ];
      const up = Math.max(height, rules.upMm.value) + 60;
      return [
        level('base', 0, -l - reach, -w - reach, l + reach, w + reach),
        ...walls(ring, 0, up),
        lid(ring, up),
      ];
    }
    case 'pipe-cluster': {
      if (!pocket) return [];
      const { curb, cluster } = pocket;
      const half: Point = [curb.lengthMm / 2 + 120, curb.widthMm / 2 + 120];
      const outline = curbRing(curb.lengthMm, curb.widthMm, curb.radiusMm);
      const columns = Math.ceil(Math.sqrt((cluster.pipes * cluster.lengthMm) / Math.max(cluster.widthMm, 1)));
      const rows = Math.ceil(cluster.pipes / columns);
      const pipes = Array.from({ length: cluster.pipes }, (_, i): Point => {
        const place = (k: number, n: number, span: number): number =>
          n === 1 ? 0 : -span / 2 + cluster.pipeMm / 2 + (k * (span - cluster.pipeMm)) / (n - 1);
        return [
          place(i % columns, Math.min(columns, cluster.pipes), cluster.lengthMm),
          place(Math.floor(i / columns), rows, cluster.widthMm),
        ];
      });
      return [
        level('base', 0, -half[0], -half[1], half[0], half[1]),
        ...pipes.flatMap((p) => walls(around(cluster.pipeMm / 2, ROUND_SIDES, p), 0, pocket.heightMm * 4)),
        ...walls(outline, 0, pocket.heightMm),
      ];
    }
    case 'movement-joint': {
      const w = s['widthMm'] ?? 20;
      const far = rules.footMm.value * 1.3;
      return [level('base', 0, -40, -far, 490, 0), level('base', 0, -40, w, 490, w + far)];
    }
    default: {
      const half = 1.4 * Math.max(rules.footMm.value, rules.stripeMm.value);
      return [level('base', 0, -40, -half - rules.footMm.value, 490, half)];
    }
  }
}

/** The inside of a curb, counter-clockwise, its corners in straight pieces. */
function curbRing(lengthMm: number, widthMm: number, radiusMm: number): Point[] {
  const [l, w] = [lengthMm / 2 - radiusMm, widthMm / 2 - radiusMm];
  const middles: Point[] = [
    [l, w],
    [-l, w],
    [-l, -w],
    [l, -w],
  ];
  const PER_CORNER = 8;
  return middles.flatMap((m, k) =>
    Array.from({ length: PER_CORNER + 1 }, (_, i): Point => {
      const turn = ((k + i / PER_CORNER) * Math.PI) / 2;
      return [m[0] + radiusMm * Math.cos(turn), m[1] + radiusMm * Math.sin(turn)];
    }),
  );
}

/** Pieces are lifted off the ground by this much of their own size, one over the other. */
const LIFT = 0.55;

function sizeOf(faces: readonly Face3[]): number {
  const all = faces.flatMap((f) => f.outer);
  const span = (k: 0 | 1): number => Math.max(...all.map((p) => p[k])) - Math.min(...all.map((p) => p[k]));
  return all.length === 0 ? 0 : Math.max(span(0), span(1));
}

/** @param pieces of the first ply, in the order in which they are laid */
export function explodedView(
  detail: Detail,
  rules: DetailRules,
  pieces: readonly Piece[],
  pocket: Pocket | undefined,
): Drawing {
  const azimuth = (AZIMUTH[detail.kind] ?? USUAL_AZIMUTH) / DEGREES_PER_RADIAN;
  const tilt = ELEVATION / DEGREES_PER_RADIAN;
  const toward: Point3 = [
    Math.cos(azimuth) * Math.cos(tilt),
    Math.sin(azimuth) * Math.cos(tilt),
    Math.sin(tilt),
  ];
  const project = ([x, y, z]: Point3): Point => [
    -x * Math.sin(azimuth) + y * Math.cos(azimuth),
    -(x * Math.cos(azimuth) + y * Math.sin(azimuth)) * Math.sin(tilt) + z * Math.cos(tilt),
  ];
  const depth = (f: Face3): number =>
    f.outer.reduce((sum, p) => sum + p[0] * toward[0] + p[1] * toward[1] + p[2] * toward[2], 0) /
    (f.outer.length || 1);
  const ground = groundOf(detail, rules, pocket);
  const step = sizeOf(ground) * LIFT;
  const layers: { piece: number; faces: Face3[] }[] = [
    { piece: -1, faces: ground },
    ...pieces.map((p, i) => {
      const up: Point3 = [0, 0, step * (i + 1)];
      const lift = (ring: readonly Point3[]): Point3[] => ring.map((q) => add3(q, up));
      const faces = folded(p.sample ?? p.pattern).map((f) => ({
        use: f.use,
        outer: lift(f.outer),
        holes: f.holes.map(lift),
      }));
      return { piece: i, faces };
    }),
  ];
  const faces = layers.flatMap(({ piece, faces: mine }) =>
    [...mine]
      .sort((a, b) => depth(a) - depth(b))
      .map((f): DrawnFace => ({
        piece,
        use: f.use,
        rings: [f.outer, ...f.holes].map((r) => r.map(project)),
        light: lightOn(f),
      })),
  );
  const labels = pieces.map((_, piece) => {
    const mine = faces.filter((f) => f.piece === piece).flatMap((f) => f.rings[0] ?? []);
    const right = Math.max(...mine.map((p) => p[0]));
    const most = mine.find((p) => p[0] === right) ?? [0, 0];
    return { piece, at: most };
  });
  return { faces, labels };
}

/** Light comes from the upper left: level faces are lightest. */
function lightOn({ outer }: Face3): number {
  const [a, b, c] = outer;
  if (!a || !b || !c) return 1;
  const u: Point3 = [b[0] - a[0], b[1] - a[1], b[2] - a[2]];
  const v: Point3 = [c[0] - b[0], c[1] - b[1], c[2] - b[2]];
  const n = cross3(u, v);
  const size = Math.hypot(...n) || 1;
  return Math.abs(n[0] * 0.25 + n[1] * 0.45 + n[2] * 0.86) / size;
}
