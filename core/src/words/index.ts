export { bayVerdict, coatVerdict, conditionsVerdict, STATE_WORDS, stateWords } from './verdicts.ts';
export { verdictText, type Outcome, type Part, type Verdict } from '../figures/index.ts';
export {
  callVerdict,
  eachWords,
  failingWords,
  mishapVerdict,
  overcoatedVerdict,
  startVerdict,
  unsaidWords,
  type Odds,
} from './callverdicts.ts';
export { briefVerdict } from './callbriefs.ts';
export { jobMorning, type Morning, type MorningLine, type MorningWeather } from './morning.ts';
export { toldState, type ToldBay, type ToldGate, type ToldState, type ToldValue } from './toldstate.ts';
export { deadlinesOf, duesOf, together, type Deadline, type Due } from './deadlines.ts';
export { staleHours, weatherWarnings, type WeatherFactsToMind } from './weatherwarnings.ts';
export { acceptanceRuleWords, CONDITION_NAMES, STAGE_WORDS } from './names.ts';
export { doneWords, missLine, missName, missWords } from './misswords.ts';
export { leftAsideWords, moistureKnown, moistureLegend, patchWords } from './moisturewords.ts';
export { markShapes, markWords, type MarkTerms } from './picturemarks.ts';
export { bayRuns, bayRunsInOrder, entryLine, stepDone, type LineContext } from './entrylines.ts';
export {
  CHARGES_END,
  kettleBlocks,
  mixBlocks,
  openingBlocks,
  sheetBlocks,
  type ReadAt,
} from './layingcards.ts';
export { closingEvents, type ClosingEvent } from './closingevents.ts';
export { daySheet, daySheetBlocks, type CrewDay, type DayLine, type DaySheet } from './daysheet.ts';
export {
  blockWords,
  boundWords,
  DEADLINE_WORDS,
  finishWords,
  leftOutVerdicts,
  planVerdicts,
  shareFigure,
  sumOfAmounts,
} from './planwords.ts';
export { moveWords, SLIP_WORDS, slipCounts, whyLines, type WhyLine } from './movewords.ts';
export { DAY_COLUMNS, dayRows, workEventId } from './daystable.ts';
export { noticeBlocks, noticesOf, dayRuns, type Notice } from './notices.ts';
export { dateOf, deliveryVerdicts, openedVerdicts, stockVerdicts } from './supplywords.ts';
export { lateWords, lostWords, PRICE_COLUMNS, priceBlocks, priceRows, spreadWords } from './pricewords.ts';
export { toldPlan, type ToldPlan } from './toldplan.ts';
export { KIT_GROUP_NAMES, KIT_GROUPS, kitOf, type KitGroup, type KitLine } from './kit.ts';
export { toolWords } from './toolwords.ts';
export { protectionOf, sprayProtection } from './protection.ts';
export { substancesOf, type Substance } from './substances.ts';
export {
  cautionBlocks,
  CAUTION_TAIL,
  cautionsWhen,
  harmfulWords,
  kitBlocks,
  mindedIn,
  oldRoofBlocks,
  substanceBlocks,
} from './printed.ts';
export { comparedVerdicts, type Costed } from './whatifwords.ts';
