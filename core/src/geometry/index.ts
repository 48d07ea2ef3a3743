export { arcOver, arcPoints, riseFromQuarterTangent, type Arc } from './arcs.ts';
export {
  areaBelow,
  intersect,
  splitAlongX,
  splitEqually,
  splitInBands,
  splitOnCourses,
  squareBands,
  subtract,
  unite,
  uniteRings,
} from './cut.ts';
export { toGlobe, toPlane } from './globe.ts';
export { adjust, type Adjusted, type Measure } from './leastsquares.ts';
export {
  areaOf,
  boxOf,
  corner,
  crossTerm,
  distance,
  distanceToPiece,
  firstCrossing,
  insideArea,
  insideRing,
  labelPoint,
  mapArea,
  oriented,
  overlapM,
  perimeter,
  polygonArea,
  reversed,
  ringInside,
  ringsOverlap,
  rotate,
  segmentsMeet,
  sideLengths,
  signedArea,
} from './measure.ts';
export {
  solveTaped,
  tapeSigmaM,
  type MeasureResult,
  type TapedCorner,
  type TapedMeasure,
  type TapedShape,
  type TapedSolution,
} from './taped.ts';
export { triangleArea, triangulate, type Triangle } from './triangulate.ts';
export { movedSides } from './reach.ts';
export { SpotGrid } from './spotgrid.ts';
export { snap, type Snapped, type SnapField, type SnapKind } from './snap.ts';
export type { Area, Box, Point, Polygon, Ring } from './types.ts';
export { compassRule, traverse, type Leg, type Traverse } from './walk.ts';
