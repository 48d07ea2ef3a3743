export { sideFigure, sumFigure, ringAreaFigure } from './areafigures.ts';
export { placeSchema, pointSchema, type Place } from './common.ts';
export { withUse } from './changeuse.ts';
export { turnAtDeg, upstandCorners, type UpstandCorner } from './corners.ts';
export {
  EDGE_KINDS,
  EDGE_NAMES,
  SAID_EDGE_KINDS,
  type SaidEdgeKind,
  undescribed,
  edgeOf,
  edgeSchema,
  sideAt,
  TERMINATION_NAMES,
  TERMINATIONS,
  upstandMm,
  waterAt,
  withSide,
  type Edge,
  type EdgeKind,
  type Side,
  type Termination,
} from './edges.ts';
export { EDGES_OF_USE, UPRIGHT_PCT, ZONE_USES, ZONE_USE_NAMES, zoneUse, type ZoneUse } from './zoneuse.ts';
export {
  estimatedCount,
  estimatedHeight,
  ESTIMATED_FITTINGS,
  perimeterOf,
  risingOf,
  usualCount,
  withEstimate,
  type EstimatedFitting,
} from './estimate.ts';
export {
  asDrawn,
  insertCorner,
  keepPlaces,
  moveCorner,
  nextCorner,
  removeCorner,
  setSideLength,
} from './editing.ts';
export {
  FEATURE_KINDS,
  featureFacts,
  featureLengthM,
  featureNumber,
  featureSchema,
  typicalSizes,
  type Feature,
  type FeatureFacts,
  type FeatureKind,
} from './features.ts';
export { csvTable, fileProblem, readJson } from './filetext.ts';
export { isUnfinished, measureName, outlineCorners, sketchOf, tapedShape, tapedSolution } from './outline.ts';
export {
  freePlot,
  nearestSide,
  placing,
  planCorners,
  sharedSides,
  zoneAt,
  type Placing,
  type SharedSide,
  placeOnGlobe,
} from './plot.ts';
export { onZone, surveyProblems } from './problems.ts';
export {
  runFigure,
  surveyTotals,
  zoneQuantities,
  type EdgeQuantity,
  type FeatureQuantity,
  type SurveyTotals,
  type ZoneQuantities,
} from './quantities.ts';
export {
  ANSWERS,
  COLOURS,
  levelsSchema,
  NO_LEVELS,
  TEST_KINDS,
  testFacts,
  MOISTURE_SCALES,
  testSchema,
  type MoistureScale,
  type Colour,
  type Finding,
  type Level,
  type Levels,
  type NumberTest,
  type Test,
  type TestKind,
  type WordTest,
  readLevels,
  type RainCheck,
  type ReadLevel,
} from './readings.ts';
export {
  blankOpening,
  blankZone,
  EMPTY_SURVEY,
  legSchema,
  OPENING_KINDS,
  OPENING_NAMES,
  openingSchema,
  outlineSchema,
  surveySchema,
  zoneSchema,
  type Opening,
  type Outline,
  type Plot,
  type Survey,
  type EstimatedOutline,
  type TapedOutline,
  type Underlay,
  type Zone,
  type Zones,
} from './schema.ts';
export { gridPlaces, setOut, type SetOut } from './setout.ts';
export { openingRing, zoneShape, type ShapeSide, type ZoneShape } from './shape.ts';
export { joinZones, splitZoneAlong } from './splitting.ts';
export {
  guessPlaced,
  NO_COLUMN,
  PLACE_UNITS,
  PLACED_KINDS,
  placedTable,
  readPlacedRows,
  type PlacedKind,
  type PlacedMap,
  type PlacedTable,
  type TableRow,
} from './leveltable.ts';
export { usualUpstandMm } from './usualsize.ts';
