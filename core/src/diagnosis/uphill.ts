/**
 * Where a leak that shows below may come in: details that lie uphill of the spot by the falls, those first whose water runs by
 * it, and of them those of which the record says least good. Water also runs below a membrane and along a deck: it is a list
 * to look through, not an answer.
 */
import type { Detail } from '../details/index.ts';
import { heightAt, wayDown, type RoofLevels } from '../falls/index.ts';
import { distance, distanceToPiece, type Point } from '../geometry/index.ts';
import { TOLERANCE } from '../units/index.ts';

/** From worst to best. */
export const DETAIL_RECORDS = ['refused', 'not on record', 'made, not accepted', 'accepted'] as const;
export type DetailRecord = (typeof DETAIL_RECORDS)[number];

/** `runs by`: water from it passes the spot. `not known`: nobody levelled the roof. */
export type Uphill = 'runs by' | 'higher' | 'not known';

export interface Candidate {
  readonly detail: Detail;
  readonly record: DetailRecord;
  readonly uphill: Uphill;
  readonly distanceM: number;
}

/** Water that passes nearer than this runs by the spot, metres: it is not known where below it drips. */
const REACH_M = 1;
/** Along an edge it is looked at every so many metres. */
const EVERY_M = 0.5;

function alongPath(path: readonly Point[]): Point[] {
  return path.flatMap((p, i): Point[] => {
    const q = path[i + 1];
    if (!q) return [p];
    const n = Math.max(1, Math.ceil(distance(p, q) / EVERY_M));
    return Array.from({ length: n }, (_, k) => [
      p[0] + ((q[0] - p[0]) * k) / n,
      p[1] + ((q[1] - p[1]) * k) / n,
    ]);
  });
}

const gapTo = (path: readonly Point[], spot: Point): number =>
  path.length === 1 && path[0]
    ? distance(path[0], spot)
    : path
        .slice(1)
        .reduce((least, q, i) => Math.min(least, distanceToPiece(spot, path[i] ?? q, q)), Infinity);

function uphillOf(path: readonly Point[], spot: Point, levels: RoofLevels | undefined): Uphill | undefined {
  if (!levels) return 'not known';
  const spotM = heightAt(levels, spot);
  if (spotM === undefined) return 'not known';
  let higher = gapTo(path, spot) <= REACH_M;
  for (const p of alongPath(path)) {
    const h = heightAt(levels, p);
    // A detail on an edge lies where the surface is not measured: the falls say nothing of it.
    if (h === undefined || h < spotM - TOLERANCE.levelReadM) continue;
    higher = true;
    if (gapTo(wayDown(levels, p), spot) <= REACH_M) return 'runs by';
  }
  return higher ? 'higher' : undefined;
}

const UPHILL_FIRST: readonly Uphill[] = ['runs by', 'higher', 'not known'];

/**
 * @param spot on the plan of the zone, metres
 * @param recordOf the last word of the record on a detail
 * @returns the most suspect first; those that lie lower are left out
 */
export function candidateDetails(
  details: readonly Detail[],
  spot: Point,
  levels: RoofLevels | undefined,
  recordOf: (detailId: string) => DetailRecord,
): Candidate[] {
  const found = details.flatMap((detail): Candidate[] => {
    if (detail.path.length === 0) return [];
    const uphill = uphillOf(detail.path, spot, levels);
    return uphill
      ? [{ detail, uphill, record: recordOf(detail.id), distanceM: gapTo(detail.path, spot) }]
      : [];
  });
  return found.sort(
    (a, b) =>
      UPHILL_FIRST.indexOf(a.uphill) - UPHILL_FIRST.indexOf(b.uphill) ||
      DETAIL_RECORDS.indexOf(a.record) - DETAIL_RECORDS.indexOf(b.record) ||
      a.distanceM - b.distanceM,
  );
}
