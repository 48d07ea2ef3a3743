export { askOf, layingFigure, methodOf, METHODS, windOf, type Ask, type Method } from './ask.ts';
export {
  conditionsIn,
  failsIn,
  layingSpan,
  openRuns,
  reachedHours,
  stageShares,
  momentAt,
  unsaidIn,
  windowsOf,
  type OpenRun,
  type Unsaid,
  type Windows,
} from './windows.ts';
export {
  CONDITIONS,
  judgeRow,
  LAYING,
  limitGiven,
  ROWS,
  type Answer,
  type Condition,
  type LayingCondition,
  type Moment,
  type Row,
} from './conditions.ts';
export { failingAt, marginFigure, surfaceOf, weatherSaid, type Failing } from './failing.ts';
export { cureFigure } from './curefigure.ts';
export { chanceFigure, chancesOf, spreadOf, type Chances, type Spread, type Trouble } from './chances.ts';
export {
  knownUntilMs,
  mishapsOf,
  stageAt,
  stageTimes,
  type Mishap,
  type Mishappening,
  type StageTime,
} from './curing.ts';
export { roofSurface, type Ground } from './roofsurface.ts';
export { seasonHours, type SeasonHours, type WorkingDay } from './season.ts';
export { startAt, type Start } from './starting.ts';
