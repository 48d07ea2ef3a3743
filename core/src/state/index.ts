export { Grounds, type Ground } from './ground.ts';
export { jobState, NO_RULES, type JobInputs, type JobRules, type JobState } from './jobstate.ts';
