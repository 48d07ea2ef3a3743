/**
 * The rules that turn what was found into reasons. Each is about one thing and says its number, its limit, where the
 * limit comes from, and what would change it.
 */
import { age, core, fit, tack } from './groundrules.ts';
import { humidity, moisture, sheet } from './moisturerules.ts';
import { defects, inspection, lowUpstands, movementJoints, noLevels, standing } from './roofrules.ts';
import type { Rule } from './rule.ts';
import { stairs, wall } from './userules.ts';
import { profile, pullOff, strength } from './surfacerules.ts';

export const RULES: readonly Rule[] = [
  fit,
  wall,
  stairs,
  age,
  moisture,
  humidity,
  sheet,
  core,
  profile,
  strength,
  pullOff,
  tack,
  standing,
  noLevels,
  inspection,
  defects,
  movementJoints,
  lowUpstands,
];
