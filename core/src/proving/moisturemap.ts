/**
 * Where a ground is damp: readings of one scale at their places, the newest of each place, and the surface between them with
 * its own error. Nothing is said where no reading is near, and nothing of readings that are older than a week beside the newest.
 */
import { given, type Figure, type Given } from '../figures/index.ts';
import { distance, type Area, type Point } from '../geometry/index.ts';
import type { Practice } from '../practice/index.ts';
import { MOISTURE_SCALES, setOut, type Test, type ZoneQuantities } from '../survey/index.ts';
import { MS_PER_DAY } from '../units/index.ts';
import { gridOver, middleOfSquare, squaresUnder, type FilmGrid } from './filmgrid.ts';
import { surfaceOf, type LeftOut } from './surface.ts';

interface MoisturePoint {
  readonly at: Point;
  readonly pct: number;
  readonly takenMs: number;
}
export interface DampPatch {
  readonly middle: Point;
  readonly area: Given;
  readonly highestPct: number;
  /** It is above the limit even if the surface is off by its own error. */
  readonly isSure: boolean;
}
export interface MoistureMap {
  readonly points: readonly MoisturePoint[];
  /** Readings of this scale that are not on it: they are too old, of a place that was read again, or have no place. */
  readonly leftAside: number;
  /** Below it the ground may go unprimed; above the other it may not be coated. */
  readonly unprimed: Given;
  readonly most: Given;
  readonly highest: Figure;
  readonly grid: FilmGrid | undefined;
  readonly leftOut: LeftOut | undefined;
  readonly patches: readonly DampPatch[];
  readonly ground: Area;
}

/** What dries, dries in days: readings farther apart than this are not of one state. */
const ONE_STATE_MS = 7 * MS_PER_DAY;
/** A reading nearer than this to a newer one is of the same place, m. */
const SAME_PLACE_M = 0.5;
const LEAST_PATCH_M2 = 0.1;
const METER = MOISTURE_SCALES[0];

/** The newest reading of each place, and no older ones than a week before the newest of all. */
function newestOf(points: readonly MoisturePoint[]): MoisturePoint[] {
  const newest = Math.max(...points.map((p) => p.takenMs));
  const kept: MoisturePoint[] = [];
  for (const p of [...points].sort((a, b) => b.takenMs - a.takenMs))
    if (newest - p.takenMs <= ONE_STATE_MS && !kept.some((k) => distance(k.at, p.at) < SAME_PLACE_M))
      kept.push(p);
  return kept;
}

/** The values at which its colours change. */
export const moistureBands = (map: Pick<MoistureMap, 'unprimed' | 'most'>): number[] => [
  map.unprimed.value,
  map.most.value,
];

function patchesOf(grid: FilmGrid, limit: number, error: number): DampPatch[] {
  const square = grid.stepM * grid.stepM;
  // Above a limit is below it the other way round.
  return squaresUnder({ ...grid, values: grid.values.map((v) => -v) }, -limit)
    .filter((g) => g.length * square >= LEAST_PATCH_M2)
    .map((group): DampPatch => {
      const values = group.map((i) => grid.values[i] ?? NaN);
      const top = group.reduce((a, b) => ((grid.values[b] ?? 0) > (grid.values[a] ?? 0) ? b : a));
      const highestPct = Math.max(...values);
      return {
        middle: middleOfSquare(grid, top),
        area: given('area above the limit', group.length * square, 'area', 'assumed', 'by the map'),
        highestPct,
        isSure: highestPct - error > limit,
      };
    })
    .sort((a, b) => b.highestPct - a.highestPct);
}

/**
 * The moisture of a zone by meter.
 * @param tests of the zone, of every kind
 * @returns undefined where no reading of the meter has a place
 */
export function moistureMap(
  q: ZoneQuantities,
  tests: readonly Test[],
  practice: Practice,
): MoistureMap | undefined {
  const { toPoint } = setOut(q.shape.corners);
  const read = tests.filter((t) => t.kind === 'moisture' && (t.scale ?? METER) === METER);
  const placed = read.flatMap((t): MoisturePoint[] =>
    t.at && typeof t.value === 'number'
      ? [{ at: toPoint(t.at), pct: t.value, takenMs: Date.parse(t.takenAt) }]
      : [],
  );
  if (placed.length === 0) return undefined;
  const points = newestOf(placed);
  const surface = surfaceOf(
    points.map(({ at, pct }) => ({ at, value: pct })),
    practice.filmMapReach.value,
  );
  const ground: Area = [q.polygon];
  const grid = surface && gridOver(q.ring, [ground], surface.at);
  const most = practice.moisturePrimed;
  return {
    ...{ points, leftAside: read.length - points.length, ground },
    ...{ unprimed: practice.moistureUnprimed, most, grid, leftOut: surface?.leftOut },
    highest: {
      label: 'Highest read',
      value: Math.max(...points.map((p) => p.pct)),
      quantity: 'moisture',
      formula: `max(${points.map((_, i) => `{r${i + 1}}`).join(', ')})`,
      inputs: Object.fromEntries(
        points.map((p, i) => [`r${i + 1}`, given(`reading ${i + 1}`, p.pct, 'moisture', 'measured')]),
      ),
      from: 'of the readings on the map',
    },
    patches: grid ? patchesOf(grid, most.value, surface.leftOut.surface) : [],
  };
}
