/**
 * A figure is a number that can be checked by hand: its formula, the values put in, where each came from.
 * Formulas are written over named inputs in braces, in the core's own units, so that a test can evaluate
 * the shown working and find the shown value.
 */
import type { Quantity } from '../units/index.ts';

export type Source = 'measured' | 'data sheet' | 'typical' | 'assumed' | 'definition' | 'chosen';

/** A number that somebody gave. */
export interface Given {
  readonly label: string;
  readonly value: number;
  readonly quantity: Quantity;
  readonly source: Source;
  readonly note?: string;
  /** The paper in the binder that says so. */
  readonly cites?: string;
}

/** A number that was computed. */
export interface Figure {
  readonly label: string;
  readonly value: number;
  readonly quantity: Quantity;
  /** Such as `{net} × (1 + {waste} / 100)`. Operators: + − × / ( ) and the functions in `FORMULA_FUNCTIONS`; `sind` takes degrees. */
  readonly formula: string;
  readonly inputs: Readonly<Record<string, Given | Figure>>;
  /** Where the formula comes from. */
  readonly from: string;
}

export const FORMULA_FUNCTIONS = [
  'ceil',
  'floor',
  'ln',
  'exp',
  'min',
  'max',
  'sqrt',
  'abs',
  'atan',
  'sind',
] as const;

export const given = (
  label: string,
  value: number,
  quantity: Quantity,
  source: Source,
  note?: string,
): Given =>
  note === undefined ? { label, value, quantity, source } : { label, value, quantity, source, note };

export const isFigure = (input: Given | Figure): input is Figure => 'formula' in input;

/** Every given number at the leaves of a figure's working. */
export function leaves(input: Given | Figure): Given[] {
  return isFigure(input) ? Object.values(input.inputs).flatMap(leaves) : [input];
}
