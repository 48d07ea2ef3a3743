/** A quick calculator: what it asks, and what it answers, with its working. No job is needed. */
import { given, type Figure, type Given } from '../figures/index.ts';
import { fail, ok, type Problem, type Result } from '../problems/index.ts';
import type { Quantity } from '../units/index.ts';

export interface NumberAsked {
  readonly key: string;
  readonly label: string;
  readonly quantity: Quantity;
  readonly typical: number;
  readonly least: number;
  readonly most: number;
}
export interface WordAsked {
  readonly key: string;
  readonly label: string;
  readonly options: readonly { readonly value: string; readonly label: string }[];
}
export type Asked = NumberAsked | WordAsked;
export const isWord = (asked: Asked): asked is WordAsked => 'options' in asked;

export type Values = Readonly<Record<string, number | string>>;

export interface Answer {
  readonly figures: readonly Figure[];
  readonly notes: readonly string[];
}

export interface Calculator {
  readonly key: string;
  readonly name: string;
  readonly group: 'film' | 'mixing' | 'surface' | 'joints' | 'air and water';
  /** In one line, what it is for. */
  readonly says: string;
  readonly asks: readonly Asked[];
  readonly run: (v: Reader) => Result<Answer>;
}

/** What was typed, as givens; what is missing or out of range is kept as a problem. */
export class Reader {
  constructor(
    private readonly asks: readonly Asked[],
    private readonly values: Values,
  ) {}

  problems(): Problem[] {
    return this.asks.flatMap((a): Problem[] => {
      const value = this.values[a.key];
      if (isWord(a)) {
        return a.options.some((o) => o.value === value) || value === undefined
          ? []
          : [
              {
                kind: 'unknown',
                field: a.key,
                label: a.label,
                actual: String(value),
                expected: `one of ${a.options.map((o) => o.label).join(', ')}`,
              },
            ];
      }
      if (value === undefined) return [];
      return typeof value === 'number' && Number.isFinite(value) && value >= a.least && value <= a.most
        ? []
        : [
            {
              kind: 'outOfRange',
              field: a.key,
              label: a.label,
              actual: String(value),
              expected: `${a.least} to ${a.most}`,
            },
          ];
    });
  }

  word(key: string): string {
    const asked = this.asks.find((a) => a.key === key);
    const value = this.values[key];
    return typeof value === 'string' ? value : asked && isWord(asked) ? (asked.options[0]?.value ?? '') : '';
  }

  number(key: string): Given {
    const asked = this.asks.find((a) => a.key === key);
    if (!asked || isWord(asked)) throw new Error(`nothing asks for the number ${key}`);
    const value = this.values[key];
    return typeof value === 'number'
      ? given(asked.label, value, asked.quantity, 'measured')
      : given(asked.label, asked.typical, asked.quantity, 'typical');
  }
}

export const number = (
  key: string,
  label: string,
  quantity: Quantity,
  typical: number,
  least = 0,
  most = 1e6,
): NumberAsked => ({ key, label, quantity, typical, least, most });

export const word = (
  key: string,
  label: string,
  ...options: (readonly [value: string, label: string])[]
): WordAsked => ({
  key,
  label,
  options: options.map(([value, text]) => ({ value, label: text })),
});

export const answer = (figures: readonly Figure[], ...notes: string[]): Result<Answer> =>
  ok({ figures, notes });

export const refuse = (field: string, label: string, actual: string, expected: string): Result<never> =>
  fail({ kind: 'outOfRange', field, label, actual, expected });

/** A figure in one go. */
export const figure = (
  label: string,
  quantity: Quantity,
  value: number,
  formula: string,
  inputs: Figure['inputs'],
  from: string,
): Figure => ({ label, value, quantity, formula, inputs, from });
