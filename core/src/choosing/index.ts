/** Choosing a build-up for a zone: compared side by side, ranked by rules, laid out in days and over the years. */
export { measure, type Measures, type Value } from './compare.ts';
export {
  judgeBuildUp,
  rank,
  RANK_RULES,
  type Ground as RankReason,
  type Ranked,
  type RankRule,
  type Situation,
  type Suits,
} from './rank.ts';
export { schedule, type Laid, type Pace, type Schedule } from './schedule.ts';
export {
  conditionsOf,
  fallOf,
  knownSlopeOf,
  pondsOn,
  readinessByFamily,
  slopeOf,
  type ConditionFound,
} from './situation.ts';
export { upkeepOver, UPKEEP_YEARS, type Upkeep } from './upkeep.ts';
