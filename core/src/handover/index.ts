export {
  guaranteeDate,
  guaranteeOf,
  type GuaranteeAnswer,
  type GuaranteeLine,
  type GuaranteeStand,
} from './guarantee.ts';
export { handoverOf, type HandoverAsked } from './handover.ts';
export { jobStanding, type JobStanding, type RoofDate } from './standing.ts';
export { keptAfter, type KeptAfter } from './keptafter.ts';
export {
  DATE_NAMES,
  dateText,
  guaranteeWords,
  openWords,
  startWords,
  UPKEEP_CAUTIONS,
  yearLines,
  type YearLine,
} from './upkeepwords.ts';
export { upkeepSheet, type UpkeepSheetAsked } from './upkeepsheet.ts';
export { openFiles, type OpenFile } from './openfiles.ts';
export { roofPlan } from './roofplan.ts';
export {
  isGood,
  isProven,
  PROOF_ANSWERS,
  proofOf,
  type ProofAnswer,
  type ProofGroup,
  type ProofLine,
} from './proof.ts';
export { groupHead, groupWords, PROOF_NAMES, proofCount } from './proofwords.ts';
export { sealBlock, sealLine } from './seal.ts';
export { recordSection } from './sections.ts';
