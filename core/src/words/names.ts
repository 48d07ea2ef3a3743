import type { AcceptanceRule } from '../film/index.ts';

export const acceptanceRuleWords: Readonly<Record<AcceptanceRule, string>> = {
  'average-and-spots': 'average at or above the design, no spot of three readings under 80 % of it',
  'mean-and-share':
    'mean at or above the design, none under 80 %, at most 20 % of readings between 80 and 100 %',
  minimum: 'every reading at or above the design',
};

export { STAGE_NAMES as STAGE_WORDS } from '../buildup/index.ts';
