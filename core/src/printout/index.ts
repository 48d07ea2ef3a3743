export {
  columns,
  contents,
  facts,
  group,
  heading,
  line,
  list,
  notesColumn,
  PAGE_BREAK,
  pdfName,
  PICTURE_UNITS,
  pictures,
  PICTURES_IN_ROW,
  picturesShown,
  row,
  table,
} from './blocks.ts';
export {
  drawingSchema,
  drawingSvg,
  drawnMm,
  shapesSvg,
  INK_COLOURS,
  type Drawing,
  type Ink,
  type Shape,
} from './drawing.ts';
export {
  printoutSchema,
  type Block,
  type PageSize,
  type PicturesBlock,
  type Printout,
  type Row,
  type SimpleBlock,
  type Table,
  type Tone,
} from './model.ts';
export {
  insideMm,
  insidePage,
  LONGEST_PAGE_MM,
  MARGINS_MM,
  PAPER_SIZES,
  sheetMm,
  usualSheet,
  type PaperSize,
  type Sheet,
} from './sizes.ts';
export { headingsOf, printoutLines } from './text.ts';
export { jobLines, tellingOf, type Telling, type Writing } from './telling.ts';
