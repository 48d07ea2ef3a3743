/** Where water runs from a point of a levelled roof, in small steps: near enough to say whether it passes a place. */
import type { Point } from '../geometry/index.ts';
import { TOLERANCE } from '../units/index.ts';
import type { RoofLevels } from './rooflevels.ts';
import { barycentric } from './tin.ts';

type Surface = Pick<RoofLevels, 'points' | 'z' | 'triangles' | 'facets'>;

/** On the very edge a point lies outside by less than it is measured. */
const EDGE = -1e-6;

function at(levels: Surface, p: Point): { readonly triangle: number; readonly heightM: number } | undefined {
  for (const [i, t] of levels.triangles.entries()) {
    const w = barycentric(levels, t, p);
    if (!w || w.some((x) => x < EDGE)) continue;
    const heightM = t.reduce((sum, v, k) => sum + (w[k] ?? 0) * (levels.z[v] ?? 0), 0);
    return { triangle: i, heightM };
  }
  return undefined;
}

/** Height of the surface at a point of the plan, metres; undefined off the roof. */
export const heightAt = (levels: Surface, p: Point): number | undefined => at(levels, p)?.heightM;

const STEP_M = 0.1;
const MOST_STEPS = 2000;
/** Less of a fall than this leads nowhere, per cent. */
const LEVEL_PCT = 0.05;

const ROUND = 24;

function lowestAround(levels: Surface, here: Point, thanM: number) {
  let best: { readonly to: Point; readonly is: NonNullable<ReturnType<typeof at>> } | undefined;
  for (let k = 0; k < ROUND; k += 1) {
    const turn = (2 * Math.PI * k) / ROUND;
    const to: Point = [here[0] + STEP_M * Math.cos(turn), here[1] + STEP_M * Math.sin(turn)];
    const is = at(levels, to);
    if (is && is.heightM < (best?.is.heightM ?? thanM - TOLERANCE.levelM)) best = { to, is };
  }
  return best;
}

/**
 * The way of water from a point down the fall, in steps of a decimetre, until it is level, leaves the roof, or nothing around is lower.
 *
 * @returns points of the plan from the first one on; only that one where it is level or off the roof
 */
export function wayDown(levels: Surface, from: Point): Point[] {
  const way: Point[] = [from];
  let here = from;
  let there = at(levels, here);
  for (let n = 0; n < MOST_STEPS && there; n += 1) {
    const facet = levels.facets[there.triangle];
    if (!facet || facet.fallPct < LEVEL_PCT) return way;
    const [gx, gy] = facet.gradient;
    const steep = Math.hypot(gx, gy);
    const next: Point = [here[0] - (gx / steep) * STEP_M, here[1] - (gy / steep) * STEP_M];
    const straight = at(levels, next);
    // In a valley no single triangle leads on: the lowest place around does.
    const down =
      straight && straight.heightM < there.heightM
        ? { to: next, is: straight }
        : lowestAround(levels, here, there.heightM);
    if (!down) return straight ? [...way, next] : way;
    way.push(down.to);
    here = down.to;
    there = down.is;
  }
  return way;
}
