/** The firm's library: what differs between revisions, what a change moves, and build-ups as files and tables. */
export { differences, findingsMoved, moves, type Difference, type Move } from './differences.ts';
export {
  BUILD_UP_FORMAT,
  buildUpFileSchema,
  PAPER_MOST_BYTES,
  paperFileSchema,
  papersLeftOut,
  readBuildUpFile,
  writeBuildUpFile,
  type BuildUpFile,
  type PaperFile,
} from './file.ts';
export { LAYER_TABLE_HEADINGS, layersFromTable, type TableRead } from './layertable.ts';
export { sameContent } from './same.ts';
export { inWords } from './inwords.ts';
export { inUsPacks, resized, type PackSize } from './uspacks.ts';
