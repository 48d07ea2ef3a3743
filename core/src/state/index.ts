export { againstWords, laidAgainst, type Against } from './against.ts';
export { Grounds, type Ground } from './ground.ts';
export { jobState, type JobInputs, type JobState } from './jobstate.ts';
