export { againstWords, laidAgainst, type Against } from './against.ts';
export { Grounds, type Ground } from './ground.ts';
export type { JobInputs } from './inputs.ts';
export { jobState, type JobState } from './jobstate.ts';
