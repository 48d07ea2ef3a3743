import type { Condition } from '../programme/index.ts';
import type { AcceptanceRule } from '../film/index.ts';

export const acceptanceRuleWords: Readonly<Record<AcceptanceRule, string>> = {
  'average-and-spots': 'average at or above the design, no spot of three readings under 80 % of it',
  'mean-and-share':
    'mean at or above the design, none under 80 %, at most 20 % of readings between 80 and 100 %',
  minimum: 'every reading at or above the design',
};

export { STAGE_NAMES as STAGE_WORDS } from '../buildup/index.ts';

/** For lists and legends. */
export const CONDITION_NAMES: Readonly<Record<Condition, string>> = {
  unknown: 'not known',
  rain: 'rain',
  wet: 'wet surface',
  dryHours: 'not dry for long enough',
  dewMargin: 'too near the dew point',
  surfaceMin: 'surface too cold',
  rising: 'cold and falling',
  surfaceMax: 'surface too hot',
  falling: 'slab warming',
  airMin: 'air too cold',
  airMax: 'air too hot',
  humidityMin: 'too dry',
  humidityMax: 'too humid',
  wind: 'too windy',
  rainSafe: 'rain before it is rain-safe',
  dewSkin: 'dew before it is rain-safe',
  noBelow: 'cold before its time',
  unknownAfter: 'not known long enough',
};

/** What stands before and behind a limit that was passed: conditions are named with Min or Max at their end. */
export const beyond = (condition: string): readonly [string, string] =>
  condition.endsWith('Min') ? ['below the', 'minimum'] : ['above the', 'maximum'];
