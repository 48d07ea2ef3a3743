export { achievedFilms, type AchievedFilm } from './achieved.ts';
export { canonicalJson } from '../job/index.ts';
export { chainProblem, entryHash, GENESIS_HASH, hashText, link } from './chain.ts';
export { coatOf, entryProblems, layerLaid, openedLitres, type RecordContext } from './entryrules.ts';
export { EMPTY_BOOK, foldRecord, type BayBook, type SiteBook } from './fold.ts';
export { bestFilm, filmMmOf, judgeCoat, type CoatJudgement, type CoatOutcome } from './judge.ts';
export {
  coatEntrySchema,
  conditionsEntrySchema,
  DETAIL_STEPS,
  entrySchema,
  laidEntrySchema,
  storedEntrySchema,
  type CoatEntry,
  type ConditionsEntry,
  type DetailEntry,
  type Entry,
  type LaidEntry,
  type StepEntry,
  type StoredEntry,
} from './schema.ts';
export {
  BAY_STATES,
  bayStatus,
  earlierFilms,
  latestConditions,
  SITE_RULES,
  type BayState,
  type BayStatus,
  type BayWeather,
  type LaidCoat,
  type LaidOther,
} from './status.ts';
export { RECORD_COLUMNS, recordTable } from './table.ts';
