/** Outlines of zones out of files: corners as a table, and GeoJSON in the frames that it may name. */
export {
  guessCoordinates,
  readCsvPoints,
  readGeoJson,
  toMetres,
  type CoordinateKind,
  type GeoJsonRead,
  type ImportedOutline,
} from './read.ts';
