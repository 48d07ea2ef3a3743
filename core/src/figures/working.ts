/**
 * The working of a figure with the values put in, in the units in which it is read. Formulas are written in the core's own
 * units; where every figure stands in others, one number is left over that turns the answer: it is found, and used only
 * where it is the same whatever the figures are.
 */
import {
  format,
  formatNumber,
  notation,
  plainNumber,
  toShown,
  type System,
  type Written,
} from '../units/index.ts';
import type { Figure } from './figure.ts';
import { isSum, readFormula, valueOf, type Node } from './formula.ts';

export interface ShownWorking {
  /** The formula with its values: "(38.0 × 264.0) × 0.01". */
  readonly filled: string;
  readonly result: string;
  /** Worked in metric units, because the formula holds in them only; the answer follows in those of the reader. */
  readonly inMetric: boolean;
}

/** Other values, to see whether the number that is left over stays: each figure goes its own way. */
const TRIES = 4;
const otherValue = (value: number, i: number, attempt: number): number =>
  (value === 0 ? 1 : value) * (1 + (((i * 7 + attempt * 5) % 11) + 1) / 13);
const SAME = 1e-9;
/** Digits of the number that is left over. */
const FACTOR_DIGITS = 6;
/** Enough digits that the arithmetic can be followed by hand. */
const followable = (value: number): number => (Number.isInteger(value) ? 0 : Math.abs(value) >= 1000 ? 2 : 4);

/** By what the answer in units of display is more than the formula over figures in units of display; undefined where that changes. */
function factorOf(figure: Figure, node: Node, system: System): number | undefined {
  const keys = Object.keys(figure.inputs);
  let factor: number | undefined;
  for (let attempt = 0; attempt < TRIES; attempt += 1) {
    const inside = new Map(
      keys.map((key, i) => {
        const { value } = figure.inputs[key] ?? { value: Number.NaN };
        return [key, attempt === 0 ? value : otherValue(value, i, attempt)];
      }),
    );
    const at = (key: string): number => inside.get(key) ?? Number.NaN;
    const shown = valueOf(node, (key) => toShown(at(key), figure.inputs[key]?.quantity ?? 'number', system));
    const answer = toShown(valueOf(node, at), figure.quantity, system);
    if (!Number.isFinite(shown) || !Number.isFinite(answer)) return undefined;
    if (shown === 0 && answer === 0) continue;
    const now = answer / shown;
    if (!Number.isFinite(now) || now === 0) return undefined;
    if (factor !== undefined && Math.abs(now - factor) > SAME * Math.abs(factor)) return undefined;
    factor ??= now;
  }
  return factor;
}

/** The working of a figure as its reader can follow it. */
export function workingOf(figure: Figure, written: Written): ShownWorking {
  const way = notation(written);
  const say = (value: number): string => formatNumber(value, followable(value), way.numbers);
  const filledWith = (of: (key: string) => number): string =>
    figure.formula.replace(/\{(\w+)\}/g, (_, key: string) => say(of(key)));
  const inside = (key: string): number => figure.inputs[key]?.value ?? Number.NaN;
  const node = way.system === 'metric' ? undefined : readFormula(figure.formula);
  const factor = node && factorOf(figure, node, way.system);
  const fine = { digits: 4 };
  if (node === undefined || factor === undefined) {
    const metric = format(figure.value, figure.quantity, { ...way, system: 'metric' }, fine);
    const shown = way.system === 'metric' ? metric : format(figure.value, figure.quantity, way);
    return {
      filled: filledWith(inside),
      result: shown === metric ? metric : `${metric} = ${shown}`,
      inMetric: shown !== metric,
    };
  }
  const filled = filledWith((key) =>
    toShown(inside(key), figure.inputs[key]?.quantity ?? 'number', way.system),
  );
  const isOne = Math.abs(factor - 1) < SAME;
  const whole = isSum(node) ? `(${filled})` : filled;
  return {
    filled: isOne
      ? filled
      : `${whole} × ${plainNumber(Number(factor.toPrecision(FACTOR_DIGITS)), way.numbers)}`,
    result: format(figure.value, figure.quantity, { ...way, inches: 'decimal' }, fine),
    inMetric: false,
  };
}
