export { CATALOGUE } from './catalogue/index.ts';
export {
  areaCovered,
  areaPerContainer,
  densityGiven,
  dryFilm,
  litresOf,
  massRate,
  rateGiven,
  sourceCounts,
  totals,
  wetFilm,
  type BuildUpTotals,
} from './films.ts';
export {
  buildUpDocSchema,
  buildUpSchema,
  EMPTY_BUILD_UPS,
  isCoat,
  layerSchema,
  limitsSchema,
  STAGES,
  type Broadcast,
  type BuildUp,
  type BuildUpDoc,
  type Coat,
  type Container,
  type Fabric,
  type Layer,
  type Limits,
  type Stage,
} from './schema.ts';
export { buildUpDocProblems, buildUpOfZone, buildUpProblems, findBuildUp } from './validate.ts';
