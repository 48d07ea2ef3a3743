export { achievedFilms, type AchievedFilm } from './achieved.ts';
export { cleanText, METHODS } from './bodies/common.ts';
export { BROKE_AT, isPulled, TRIAL_RESULTS, TRIALS } from './bodies/ground.ts';
export { DRY_GAUGES, DRY_GROUNDS, THROWN } from './bodies/laying.ts';
export { ALL_DETAILS, DECISIONS, DETAIL_STEPS, EVENTS, OPENED_TO, STOCK_STEPS } from './bodies/saying.ts';
export { VISIT_WORKS, type VisitWork } from './bodies/keeping.ts';
export { FLOOD_BELOW, LEAK_TESTS } from './bodies/testing.ts';
export { markLength, readLength, type ReadLength } from './picturemarks.ts';
export { type PictureMark } from './bodies/marks.ts';
export { batchOfCode, type BatchCode } from './batchcode.ts';
export { batchKey, isLikeBatch, isSameBatch } from './batches.ts';
export { mixedFor } from './mixed.ts';
export { broughtOver, NOBODY, partedInGlue, testEntry, testsOf, zonesAsTested } from './broughtover.ts';
export { canonicalJson } from '../job/index.ts';
export { instant as entryInstantSchema } from './bodies/common.ts';
export { chainFollower, chainProblem, entryHash, GENESIS_HASH, link } from './chain.ts';
export { hashPieces, hashText, useHash, type Hashing } from './hash.ts';
export { bodyOfDevice, clockShiftMs, INSTANT_FIELDS } from './deviceclock.ts';
export {
  entrySchema,
  isSecondForm,
  KINDS,
  personSchema,
  secondFormSchema,
  storedEntrySchema,
  type Body,
  type Entry,
  type EntryForm,
  type EntryOf,
  type Kind,
  type Person,
  type Share,
  type StoredEntry,
} from './entry.ts';
export { batchesOf, entryFlags, permitFor, permitsOpenAt, type Flag } from './entryflags.ts';
export { entryProblems, refersTo } from './entryrules.ts';
export { coatOf, layerLaid, layerNamed, openedLitres, teethUsed, type LayerNamed } from './laidlayers.ts';
export { kindName, type RecordContext, type Say } from './rulebase.ts';
export { firstFormSchema, type FirstForm } from './firstform.ts';
export {
  allOf,
  coatOn,
  EMPTY_BOOK,
  EMPTY_ZONE_BOOK,
  foldRecord,
  onBayOf,
  type BayBook,
  type BayStep,
  type CoatEntry,
  type ConditionsEntry,
  type DetailEntry,
  type LaidEntry,
  type SiteBook,
  type StepEntry,
  type ZoneBook,
} from './fold.ts';
export { bestFilm, filmMmOf, judgeCoat, type CoatJudgement, type CoatOutcome } from './judge.ts';
export { filmMiss, type Miss } from './misses.ts';
export { entriesOf, laterEntries, latestDetails } from './places.ts';
export { namesOf, partOf, readEntry, type BookEntry, type BookEntryOf, type Names } from './reading.ts';
export { sharesByArea, splitAmount } from './sharing.ts';
export { bytesOf, textOfBytes } from './base64url.ts';
export { signatureProblem } from './signature.ts';
export { signedText } from './signedtext.ts';
export {
  BAY_STATES,
  bayStatus,
  earlierFilms,
  latestConditions,
  openMiss,
  openMisses,
  type BayState,
  type BayStatus,
  type BayWeather,
  type LaidCoat,
  type LaidOther,
} from './status.ts';
export { RECORD_COLUMNS, recordTable } from './table.ts';
