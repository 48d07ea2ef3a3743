import type { AcceptanceRule } from '../film/index.ts';
import type { Stage } from '../buildup/index.ts';

export const acceptanceRuleWords: Readonly<Record<AcceptanceRule, string>> = {
  'average-and-spots': 'average at or above the design, no spot of three readings under 80 % of it',
  'mean-and-share':
    'mean at or above the design, none under 80 %, at most 20 % of readings between 80 and 100 %',
  minimum: 'every reading at or above the design',
};

export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  touch: 'touch-dry',
  rainSafe: 'rain-safe',
  overcoatFrom: 'overcoat from',
  overcoatUntil: 'overcoat until',
  foot: 'foot traffic',
  wheels: 'wheels',
  full: 'full cure',
  flood: 'flood test',
};
