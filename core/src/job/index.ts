export { canonicalJson } from './canonical.ts';
export { byCost, NO_COST, type CostOrder } from './costorder.ts';
export {
  currencyOf,
  HOLD_POINTS,
  idSchema,
  instantSchema,
  isZone,
  jobHeadSchema,
  jobRulesSchema,
  nameSchema,
  provenance,
  rulesOf,
  sourced,
  sourceSchema,
  type HoldPoint,
  type JobHead,
  type JobRules,
  type Sourced,
} from './schema.ts';
export { LIVE_PARTS, liveChangeSchema, type LiveChange } from './live.ts';
export { notPlainText, plainText, plainValue } from './plaintext.ts';
export {
  changedSide,
  merged,
  ORDER,
  partDifferences,
  type FieldDifference,
  type PartDifference,
  type Side,
} from './merge.ts';
export { utcMinute } from './utcminute.ts';
