export {
  COST_PER,
  crewSchema,
  DEADLINES,
  DEFAULT_PROGRAMME,
  programmeSchema,
  SKILLS,
  type Contact,
  type Crew,
  type Deadline,
  type KeptPlan,
  type Pin,
  type ProgrammeDoc,
  type Skill,
} from './schema.ts';
export { answerOf, type DeadlineShown, type PlanAnswer, type Unplaced } from './answer.ts';
export type { TaskShown } from './taskshown.ts';
export type { DeliveryShown } from './supply.ts';
export type { DayShown } from './days.ts';
export { SKILL_WORDS } from './unplaced.ts';
export { CONDITION_SHORT } from './conditionwords.ts';
export { MOVE_KINDS, movesWhy, type MoveKind, type MoveWhy } from './moves.ts';
export { blocksOf, type Block } from './blocks.ts';
export { boundOf, type Bound } from './bound.ts';
export { comparedPlans } from './compare.ts';
export {
  changesSince,
  keptBetween,
  keptFrom,
  keptWorks,
  type KeptGroup,
  type KeptWork,
  type Moved,
  type PlanChanges,
} from './kept.ts';
export { SLIP_KINDS, slipsOf, type Slip, type SlipCause, type SlipKind } from './slips.ts';
export { programmeProblems } from './problems.ts';
export { plannedOf } from './plan.ts';
export { waysOf } from './forecastways.ts';
export { withPins } from './pinned.ts';
export { INSPECTOR, type JobPlanned, type PlanTerms } from './jobplanned.ts';
export { again, firstPlan, improve, type Found } from './search.ts';
export { LOUD, STEP_MIN_EACH } from './worktimes.ts';
export { wholePlan } from './whole.ts';
export { Player, type Happened, type Replay } from './replay.ts';
export { chancesOfPlan, expectedScore, type PlanChances, type TaskChance } from './chances.ts';
export { outlookOf } from './outlook.ts';
export { offerOf, type Bought } from './offer.ts';
export { priceOf, type Price, type PriceLine, type PriceTerms } from './price.ts';
export { countsOf, type PlanCounts } from './counts.ts';
export { sumsOf, zoneReady, type Sums } from './score.ts';
export type { Outlook, Placed, Plan, Planned, Task } from './model.ts';
