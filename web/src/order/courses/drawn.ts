/** The picture of courses, from its points back to the roof. */
import type { Point } from '@lentum/core/geometry';
import type { PlanView } from '../../shared/planview.ts';

/** From a point of the picture back to the zone's plane. */
export function unview(view: PlanView, [x, y]: Point): Point {
  const [ox, oy] = view.at([0, 0]);
  return [(x - ox) / view.pointsPerM, (oy - y) / view.pointsPerM];
}
