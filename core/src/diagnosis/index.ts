export { atRisk, type AtRisk } from './atrisk.ts';
export { CAUSES, OTHERWISE, SYMPTOMS, type Cause, type Sign, type Symptom } from './causes.ts';
export { isOfNeighbours, neighbourFacts, type Seen } from './neighbours.ts';
export {
  factName,
  factsOf,
  isLook,
  LOOK_FACT_KEYS,
  LOOK_FACTS,
  RECORD_FACT_KEYS,
  RECORD_FACTS,
  type Fact,
  type FactKey,
  type LookFact,
  type RecordFact,
} from './facts.ts';
export {
  candidateDetails,
  DETAIL_RECORDS,
  type Candidate,
  type DetailRecord,
  type Uphill,
} from './uphill.ts';
export { diagnose, type Diagnosis, type Look, type Ranked, type Weighing } from './rank.ts';
export { shareFigure } from './shares.ts';
