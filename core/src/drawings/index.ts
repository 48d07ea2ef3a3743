export { readDxf, readDxfInSteps } from './dxfread.ts';
export { findOutlines, guessUnit, type FoundOutlines } from './outlines.ts';
export {
  DRAWING_UNITS,
  type Drawing,
  type DrawingUnit,
  type FoundOutline,
  type LayerFacts,
  type Loose,
  type Path,
  type Piece,
} from './types.ts';
export { areaRows, toDxf, toGeoJson, toPlanJson } from './write.ts';
export { xmlText } from './xml.ts';
