/**
 * An outline walked with a tape: the length of each side and the turn at its end. The first side runs along +x.
 * Turns are in degrees, left (counter-clockwise) positive inside; people give a size and a hand.
 */
import { DEGREES_PER_RADIAN, TOLERANCE } from '../units/index.ts';
import { distance } from './measure.ts';
import type { Point } from './types.ts';

export interface Leg {
  readonly lengthM: number;
  /** Turn at the end of the side, degrees, more than 0 and less than 180. */
  readonly turnDeg: number;
  readonly turn: 'left' | 'right';
}

export interface Traverse {
  /** Corner after each leg; the start (0, 0) is first, the last one is where the walk ended. */
  readonly path: readonly Point[];
  readonly lengthM: number;
  /** End minus start, in metres. */
  readonly gapX: number;
  readonly gapY: number;
  readonly gapM: number;
  /** Length walked for one metre of gap ("1 in N"); undefined when the gap is nothing. */
  readonly ratio: number | undefined;
  /** Sum of the turns less a full turn, degrees: how far the angles are out. */
  readonly turnGapDeg: number;
  readonly closed: boolean;
}

/** cos and sin that are exact at right angles, so that a square walk closes to the last bit. */
function heading(deg: number): Point {
  const whole = ((deg % 360) + 360) % 360;
  if (whole === 0) return [1, 0];
  if (whole === 90) return [0, 1];
  if (whole === 180) return [-1, 0];
  if (whole === 270) return [0, -1];
  return [Math.cos(whole / DEGREES_PER_RADIAN), Math.sin(whole / DEGREES_PER_RADIAN)];
}

/** Follows the legs from (0, 0). */
export function traverse(legs: readonly Leg[]): Traverse {
  let x = 0;
  let y = 0;
  let bearing = 0;
  let lengthM = 0;
  let turned = 0;
  const path: Point[] = [[0, 0]];
  for (const leg of legs) {
    const [c, s] = heading(bearing);
    x += c * leg.lengthM;
    y += s * leg.lengthM;
    path.push([x, y]);
    lengthM += leg.lengthM;
    const turn = leg.turn === 'left' ? leg.turnDeg : -leg.turnDeg;
    turned += turn;
    bearing += turn;
  }
  const gapM = distance([0, 0], [x, y]);
  return {
    path,
    lengthM,
    gapX: x,
    gapY: y,
    gapM,
    ratio: gapM > 0 ? lengthM / gapM : undefined,
    turnGapDeg: Math.abs(turned) - 360,
    closed: gapM <= TOLERANCE.closingM,
  };
}

/**
 * Closes a traverse by the compass (Bowditch) rule: each corner is moved by minus the gap, in proportion to the
 * distance walked to it. Source: surveying texts; rule after N. Bowditch, 1808.
 * @returns the corners of the closed ring, without the repeated start
 */
export function compassRule(path: readonly Point[]): Point[] {
  const start = path[0];
  const end = path[path.length - 1];
  if (!start || !end) return [];
  const gap: Point = [end[0] - start[0], end[1] - start[1]];
  const reached: number[] = [0];
  for (let i = 1; i < path.length; i += 1) {
    const a = path[i - 1];
    const b = path[i];
    reached.push((reached[i - 1] ?? 0) + (a && b ? distance(a, b) : 0));
  }
  const total = reached[reached.length - 1] ?? 0;
  if (total === 0) return [];
  return path.slice(0, -1).map((p, i) => {
    const share = (reached[i] ?? 0) / total;
    return [p[0] - gap[0] * share, p[1] - gap[1] * share] as const;
  });
}
