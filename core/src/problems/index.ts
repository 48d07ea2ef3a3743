export { check } from './check.ts';
export { fail, ok, sentence, short, type Problem, type ProblemKind, type Result } from './problem.ts';
