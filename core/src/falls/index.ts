export { levelling, type Levelling, type Source } from './levelling.ts';
export { withVertex } from './mesh.ts';
export { planeAt, spikesIn, type Spike } from './plane.ts';
export { fallsReport, type FallsReport, type OutletReport, type PondReport } from './report.ts';
export { contours, facets, fallDirectionRad, surfaceAreaM2, type Contour, type Facet } from './slopes.ts';
export { buildTin, heightOf, type Tin } from './tin.ts';
export { flood, ponds, waterOver, type Drain, type Flood, type Pond } from './water.ts';
