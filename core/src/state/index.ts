export {
  againstWords,
  asPast,
  gatesWhenOpened,
  laidAgainst,
  layersWhenLaid,
  type Against,
  type WhenLaid,
} from './against.ts';
export { cureHistory, type CureHistory } from './curehistory.ts';
export { Grounds, type Ground } from './ground.ts';
export type { JobInputs } from './inputs.ts';
export { breathes, groundAt, jobBasis, jobState, type JobBasis, type JobState } from './jobstate.ts';
