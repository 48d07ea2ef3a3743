export {
  bayAreaFigure,
  bayAreaM2,
  bayCoverage,
  bayMismatches,
  siteProblems,
  splitZone,
  type BayBasis,
  type BaySplit,
} from './bays.ts';
export {
  dewOf,
  judgeConditions,
  type AirAndSurface,
  type ConditionCheck,
  type ConditionJudgement,
  type ConditionKind,
} from './conditions.ts';
export { baySchema, EMPTY_SITE, siteSchema, type Bay, type BayCut, type SiteDoc } from './schema.ts';
