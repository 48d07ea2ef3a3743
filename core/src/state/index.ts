export { Grounds, type Ground } from './ground.ts';
export { jobState, type JobInputs, type JobState } from './jobstate.ts';
