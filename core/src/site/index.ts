export { bayLines, widestCrackMm, type BayLine } from './baylines.ts';
export { coatNeed, containersFor } from './coatneed.ts';
export { rolledInstead, type Rolled } from './rolling.ts';
export {
  bayAreaFigure,
  bayAreaM2,
  bayCoverage,
  bayMismatches,
  siteProblems,
  splitZone,
  type BayBasis,
  LIES,
  type BaySplit,
  type CutTerms,
  type Lie,
} from './bays.ts';
export {
  dewOf,
  judgeConditions,
  type AirAndSurface,
  type ConditionCheck,
  type ConditionJudgement,
} from './conditions.ts';
export { baySchema, EMPTY_SITE, siteSchema, type Bay, type BayCut, type SiteDoc } from './schema.ts';
export { workArea, type BayPlace } from './workarea.ts';
export { kettleDay, type ChargeOfDay, type KettleDay } from './kettleday.ts';
export { kettleCard, type KettleCard, type KettleTerms } from './kettlecard.ts';
export { flammableIn, hotCare, isHot, lastFlameMs, type HotCare, type HotTerms } from './hotcare.ts';
export { mixCard, type MixCard, type MixTerms } from './mixcard.ts';
export { mixPotLife, readingProblems, type MixReadings, type ReadTemperature } from './mixreadings.ts';
export { curesInBucket, inMixingOrder, mixSteps, type MixStep } from './mixsteps.ts';
export { potLifeMinutes } from './potlife.ts';
export { RESIN, warming, type Warming, type WarmingTerms } from './warming.ts';
export { stopLine, type StopLine } from './stopline.ts';
export { bayRoute, jointsOf, type BayRoute, type Joint, type RouteStep } from './bayroute.ts';
