export { type Pocket } from './clusters.ts';
export { detailPoint, detailTitle, type Detail } from './find.ts';
export {
  area3,
  drawnFolds,
  flatOutline,
  folded,
  patternAreaMm2,
  patternBox,
  type Face3,
  type Pattern,
  type Point3,
} from './folding.ts';
export { filletVolume, isNarrow, ROD_SIZES_MM, sealantJoint, type SealantJoint } from './joints.ts';
export { DETAIL_KINDS, DETAILS, detailFacts, type DetailKind } from '../buildup/index.ts';
export { type MaterialUse } from './uses.ts';
export { cutHint, type CutHint } from './cuthint.ts';
export type { Cut, PlacedCut } from './cuts.ts';
export { nest, type Nest } from './nesting.ts';
export { piecesOf } from './making.ts';
export { pieceKey, type Piece, type Roll } from './pieces.ts';
export { fitCurb, pourVolume, type Cluster, type Curb } from './pocket.ts';
export { cutLists, hintOf, type CutList, type LeftOversOf } from './cutlists.ts';
export { nestWithLeftOvers, type CutLeftOver, type LeftOver } from './leftovers.ts';
export {
  countsByKind,
  detailsBefore,
  detailSchedule,
  type DetailSchedule,
  type DetailWork,
  type PieceGroup,
  type ZoneDetails,
} from './schedule.ts';
export { type Step } from './particular.ts';
export { courseSteps } from './bonding.ts';
export { closeForTheNight, type ClosedForTheNight } from './stopline.ts';
export { treatedArea } from './treated.ts';
export { explodedView, type Drawing, type DrawnFace } from './drawing.ts';
export { PIECE_COLUMNS, pieceRows } from './cutrows.ts';
export { detailBlocks } from './printed.ts';
export {
  patternBlocks,
  plotted,
  PLOTTER_ROLLS_MM,
  plotterBlocks,
  tilesFor,
  type Plotted,
  type Tiles,
} from './fullsize.ts';
export { piecesDxf, piecesSvg } from './sheets.ts';
