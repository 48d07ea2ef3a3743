export { levelling, type Levelling, type Source } from './levelling.ts';
export { withVertex } from './mesh.ts';
export { planeAt, spikesIn, type Spike } from './plane.ts';
export type { LaidOutlet } from './drains.ts';
export {
  fallsReport,
  levellingOf,
  type FallsReport,
  type LevellingReport,
  type OutletReport,
} from './report.ts';
export { knownRoofLevelsOf, roofLevelsOf, type PondReport, type RoofLevels } from './rooflevels.ts';
export { heightAt, wayDown } from './waydown.ts';
export { contours, facets, fallDirectionRad, surfaceAreaM2, type Contour, type Facet } from './slopes.ts';
export { buildTin, heightOf, type Tin } from './tin.ts';
export { flood, ponds, waterOver, type Drain, type Flood, type Pond } from './water.ts';
