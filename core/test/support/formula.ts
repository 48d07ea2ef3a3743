/** Evaluates the formula of a figure from its inputs, apart from the code that made the value. */
import { isFigure, type FORMULA_FUNCTIONS, type Figure, type Given } from '@lentum/core/figures';

const FUNCTIONS: Record<(typeof FORMULA_FUNCTIONS)[number], (...v: number[]) => number> = {
  ceil: Math.ceil,
  ln: Math.log,
  exp: Math.exp,
  floor: Math.floor,
  min: Math.min,
  max: Math.max,
  sqrt: Math.sqrt,
  abs: Math.abs,
  atan: Math.atan,
  sind: (degrees) => Math.sin((degrees * Math.PI) / 180),
};

export function evaluate(input: Given | Figure): number {
  if (!isFigure(input)) return input.value;
  const text = input.formula
    .replace(/\{(\w+)\}/g, (_, name: string) => {
      const part = input.inputs[name];
      if (!part)
        throw new Error(`the formula of ${input.label} names ${name}, which is not among its inputs`);
      return `(${evaluate(part)})`;
    })
    .replaceAll('×', '*')
    .replaceAll('−', '-');
  const names = Object.keys(FUNCTIONS);
  // A test's own arithmetic over numbers that the test made.
  return new Function(...names, `return ${text}`)(...Object.values(FUNCTIONS)) as number;
}
