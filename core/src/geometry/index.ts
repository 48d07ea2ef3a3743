export { areaBelow, intersect, splitAlongX, splitEqually, subtract } from './cut.ts';
export { toPlane } from './globe.ts';
export {
  areaOf,
  boxOf,
  corner,
  crossTerm,
  distance,
  firstCrossing,
  insideRing,
  labelPoint,
  mapArea,
  oriented,
  perimeter,
  polygonArea,
  reversed,
  ringInside,
  ringsOverlap,
  rotate,
  sideLengths,
  signedArea,
} from './measure.ts';
export type { Area, Box, Point, Polygon, Ring } from './types.ts';
export { compassRule, traverse, type Leg, type Traverse } from './walk.ts';
