export {
  guessCoordinates,
  placeOutline,
  readCsvPoints,
  readGeoJson,
  readJson,
  type CoordinateKind,
  type GeoJsonRead,
  type ImportedOutline,
} from './imports.ts';
export { ringAreaFigure, zoneQuantities, type ZoneQuantities } from './quantities.ts';
export {
  EMPTY_SURVEY,
  legSchema,
  openingSchema,
  outlineSchema,
  surveySchema,
  zoneSchema,
  type Opening,
  type Outline,
  type Survey,
  type Zone,
} from './schema.ts';
export { openingRing, outlineRing, surveyProblems, zoneShape, type ZoneShape } from './shape.ts';
