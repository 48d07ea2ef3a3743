/**
 * The way over a roof that passes every detail that is looked at: from the nearest to the nearest, then crossings taken out
 * (2-opt for an open way). Common practice, no source: a short way, not the shortest that there is.
 */
import { detailPoint, type Detail } from '../details/index.ts';
import { distance, type Point } from '../geometry/index.ts';

export interface Stop {
  readonly detail: Detail;
  readonly at: Point;
}

const lengthOf = (from: Point, stops: readonly Stop[]): number =>
  stops.reduce((sum, s, i) => sum + distance(i === 0 ? from : (stops[i - 1]?.at ?? from), s.at), 0);

function nearestFirst(from: Point, stops: readonly Stop[]): Stop[] {
  const left = [...stops];
  const way: Stop[] = [];
  let here = from;
  while (left.length > 0) {
    let best = 0;
    left.forEach((s, i) => {
      if (distance(here, s.at) < distance(here, left[best]?.at ?? s.at)) best = i;
    });
    const [next] = left.splice(best, 1);
    if (!next) break;
    way.push(next);
    here = next.at;
  }
  return way;
}

/** Turns parts of the way round as long as that makes it shorter. */
function uncrossed(from: Point, way: Stop[]): Stop[] {
  const at = (i: number): Point | undefined => (i < 0 ? from : way[i]?.at);
  const gap = (a: Point | undefined, b: Point | undefined): number => (a && b ? distance(a, b) : 0);
  for (let better = true; better;) {
    better = false;
    for (let i = 0; i < way.length - 1; i += 1)
      for (let j = i + 1; j < way.length; j += 1) {
        const before = gap(at(i - 1), at(i)) + gap(at(j), at(j + 1));
        const after = gap(at(i - 1), at(j)) + gap(at(i), at(j + 1));
        if (after >= before - 1e-9) continue;
        way.splice(i, j - i + 1, ...way.slice(i, j + 1).reverse());
        better = true;
      }
  }
  return way;
}

export interface InspectionRoute {
  readonly stops: readonly Stop[];
  readonly lengthM: number;
}

/**
 * @param from where one comes on to the roof, metres on its plan; absent: at the first detail
 * @returns details without a place on the plan are left out
 */
export function inspectionRoute(details: readonly Detail[], from?: Point): InspectionRoute {
  const stops = details
    .filter((d) => d.path.length > 0)
    .map((detail): Stop => ({ detail, at: detailPoint(detail) }));
  const start = from ?? stops[0]?.at;
  if (!start) return { stops: [], lengthM: 0 };
  const way = uncrossed(start, nearestFirst(start, stops));
  return { stops: way, lengthM: lengthOf(start, way) };
}
