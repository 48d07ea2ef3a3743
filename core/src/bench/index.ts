/** Quick calculators without a job: the same functions that the stages use. */
import { fail, type Result } from '../problems/index.ts';
import { AIR_CALCULATORS } from './air.ts';
import { FILM_CALCULATORS } from './film.ts';
import { JOINT_CALCULATORS } from './joints.ts';
import { MIXING_CALCULATORS } from './mixing.ts';
import { SURFACE_CALCULATORS } from './surface.ts';
import { Reader, type Answer, type Calculator, type Values } from './types.ts';

export { isWord, type Answer, type Asked, type Calculator, type Values } from './types.ts';

export const CALCULATORS: readonly Calculator[] = [
  ...FILM_CALCULATORS,
  ...MIXING_CALCULATORS,
  ...SURFACE_CALCULATORS,
  ...JOINT_CALCULATORS,
  ...AIR_CALCULATORS,
];

/** Groups in the order in which they are shown. */
export const CALCULATOR_GROUPS = ['film', 'mixing', 'surface', 'joints', 'air and water'] as const;

/** @returns the answer, or what is wrong with what was typed; what was left out takes its typical value */
export function calculate(calculator: Calculator, values: Values): Result<Answer> {
  const reader = new Reader(calculator.asks, values);
  const problems = reader.problems();
  return problems.length > 0 ? fail(...problems) : calculator.run(reader);
}
