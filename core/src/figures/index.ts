export {
  FORMULA_FUNCTIONS,
  given,
  isFigure,
  leaves,
  type Figure,
  type Given,
  type Source,
} from './figure.ts';
export { ageOf } from './age.ts';
export { verdictText, words, type Outcome, type Part, type Verdict } from './parts.ts';
export { readFormula, valueOf } from './formula.ts';
export { workingOf, type ShownWorking } from './working.ts';
