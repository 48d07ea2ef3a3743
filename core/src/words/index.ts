export { bayVerdict, coatVerdict, conditionsVerdict, STATE_WORDS, stateWords } from './verdicts.ts';
export { verdictText, type Outcome, type Part, type Verdict } from '../figures/index.ts';
export { acceptanceRuleWords, STAGE_WORDS } from './names.ts';
