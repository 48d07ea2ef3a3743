export { evaporationMmPerH, type AirOverWater } from './evaporation.ts';
export { floodTests, type FloodSpan, type FloodTest } from './floodread.ts';
export { floodLoss, floodVerdict, type FloodAnswer, type FloodLoss, type FloodVerdict } from './floodloss.ts';
export {
  DEFAULT_PROVING,
  provingProblems,
  provingSchema,
  LEAK_DEMANDS,
  type Demand,
  type Guarantee,
  type ProvingDoc,
  type LeakDemand,
} from './doc.ts';
export { floodedArea, floodOver, leakPoints, type LeakPoint, type LeakTerms } from './leaks.ts';
export { snagsOf, type Snag, type SnagState } from './snags.ts';
export { bandAreas, FILM_COLUMNS, filmGeoJson, filmRows, type Band } from './bands.ts';
export { filmMap, placesToRead, totalFilmMap, type FilmMap, type ThinPatch } from './filmmap.ts';
export { moistureBands, moistureMap, type DampPatch, type MoistureMap } from './moisturemap.ts';
export { PROOF_SUBJECTS, type ProofSubject } from './subjects.ts';
export { coatsRead, dryFilmOf, filmPoints, type FilmPoint } from './filmpoints.ts';
export {
  LEAST_POINTS,
  spotsOf,
  surfaceOf,
  type LeftOut,
  type Surface,
  type SurfacePoint,
} from './surface.ts';
export { middleOfSquare, type FilmGrid } from './filmgrid.ts';
