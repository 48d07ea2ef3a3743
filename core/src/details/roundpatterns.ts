/** Flat patterns round pipes and outlets, and the loop over a joint: curves in straight faces. Millimetres. */
import type { Point, Polygon } from '../geometry/index.ts';
import { DEGREES_PER_RADIAN } from '../units/index.ts';
import {
  around,
  FLAT_FRAME,
  polygon,
  rectangle,
  ROUND_SIDES,
  type Face,
  type Fold,
  type Frame,
  type Pattern,
} from './folding.ts';

/** Fingers of a star cut. */
export const FINGERS = 12;

/**
 * A square plate with a star cut in its middle; the fingers turn up a pipe or down into an outlet. The hole is a regular
 * polygon whose sides touch the pipe, so that each finger lies flat against it.
 * @param upMm how far the fingers reach; never further than the middle
 * @returns the plate, with what is left of the middle cut away
 */
export function starPlate(sideMm: number, diameterMm: number, upMm: number, way: 'up' | 'down'): Pattern {
  const half = sideMm / 2;
  const radius = diameterMm / 2;
  const rim = around(radius, FINGERS);
  const share = Math.min(1, upMm / radius);
  const inner = (p: Point): Point => [p[0] * (1 - share), p[1] * (1 - share)];
  const finger = (a: Point, b: Point): Polygon =>
    share >= 1 ? polygon(a, b, [0, 0]) : polygon(a, b, inner(b), inner(a));
  const sides = rim.map((a, i): readonly [Point, Point] => [a, rim[(i + 1) % rim.length] ?? a]);
  return {
    faces: [
      {
        use: 'base',
        shape: {
          outer: [
            [-half, -half],
            [half, -half],
            [half, half],
            [-half, half],
          ],
          holes: [[...rim].reverse()],
        },
      },
      ...sides.map(([a, b]): Face => ({ use: 'finger', shape: finger(a, b) })),
    ],
    // The hole's sides run counter-clockwise: a turn of +90 lifts what lies inside.
    folds: sides.map(([a, b], i): Fold => ({ from: 0, to: i + 1, a, b, deg: way === 'up' ? 90 : -90 })),
    cuts: rim.map((p): [Point, Point] => [p, inner(p)]),
    frame: FLAT_FRAME,
  };
}

/**
 * A strip wound round a pipe, or inside an outlet, lapping on itself. Its folds stand for the bend: faces of equal width
 * that add up to the girth, and the lap.
 */
export function sleeve(diameterMm: number, heightMm: number, lapMm: number, frame: Frame): Pattern {
  const width = (Math.PI * diameterMm) / ROUND_SIDES;
  const faces: Face[] = [];
  const folds: Fold[] = [];
  const turn = 360 / ROUND_SIDES;
  let x = 0;
  for (let i = 0, left = Math.PI * diameterMm + lapMm; left > width * 1e-9; i += 1) {
    const mine = Math.min(width, left);
    const beyond = i >= ROUND_SIDES;
    faces.push({ use: beyond ? 'flap' : 'wall', shape: rectangle(x, 0, mine, heightMm) });
    if (i > 0) folds.push({ from: i - 1, to: i, a: [x, 0], b: [x, heightMm], deg: turn });
    x += mine;
    left -= mine;
  }
  return { faces, folds, cuts: [], frame };
}

/** Faces of a half round. */
const HALF_ROUND = 12;

/** A strip over a joint: flat, a loop that hangs into it as a half round, flat again. */
export function loopStrip(lengthMm: number, jointMm: number, ontoMm: number): Pattern {
  const width = (Math.PI * jointMm) / 2 / HALF_ROUND;
  const turn = 180 / HALF_ROUND;
  const faces: Face[] = [{ use: 'base', shape: rectangle(0, -ontoMm, lengthMm, ontoMm) }];
  const folds: Fold[] = [];
  let y = 0;
  const hinge = (deg: number): void => {
    folds.push({ from: faces.length - 2, to: faces.length - 1, a: [0, y], b: [lengthMm, y], deg });
  };
  for (let i = 0; i < HALF_ROUND; i += 1) {
    faces.push({ use: 'loop', shape: rectangle(0, y, lengthMm, width) });
    // Straight down first (a quarter turn, half a face back), then round and up again.
    hinge(i === 0 ? -90 + turn / 2 : turn);
    y += width;
  }
  faces.push({ use: 'base', shape: rectangle(0, y, lengthMm, ontoMm) });
  hinge(-90 + turn / 2);
  return { faces, folds, cuts: [], frame: FLAT_FRAME };
}

/** A round cap, as a polygon that touches the circle from outside. */
export const cap = (diameterMm: number): Pattern => ({
  faces: [{ use: 'base', shape: { outer: around(diameterMm / 2, ROUND_SIDES), holes: [] } }],
  folds: [],
  cuts: [],
  frame: FLAT_FRAME,
});

/** Where a sleeve begins round an upright pipe of which the middle is at a point: at its nearest side. */
export function sleeveFrame(diameterMm: number, zMm: number): Frame {
  const face = (Math.PI * diameterMm) / ROUND_SIDES;
  const half = 180 / ROUND_SIDES / DEGREES_PER_RADIAN;
  const inradius = face / 2 / Math.tan(half);
  return { origin: [face / 2, inradius, zMm], x: [-1, 0, 0], y: [0, 0, 1] };
}
