/** Fields of a form as data: what each kind of entry asks for. */
import type { Quantity } from '@lentum/core/units';

interface Named {
  readonly key: string;
  readonly name: string;
  /** May be left empty. */
  readonly optional?: boolean;
  /** Shown only where this says so. */
  readonly when?: (values: Values) => boolean;
}
export type Field = Named &
  (
    | {
        readonly form: 'measure';
        readonly quantity: Quantity;
        readonly min?: number;
        readonly max?: number;
        readonly above?: number;
        readonly digits?: number;
      }
    | { readonly form: 'words'; readonly most: number; readonly long?: boolean; readonly hint?: string }
    | { readonly form: 'choice'; readonly options: readonly { value: string; label: string }[] }
    /** Typed, chosen, or read from a code; `until` is the field of the day that the code may say beside it. */
    | { readonly form: 'batch'; readonly until?: string }
    | { readonly form: 'flag' }
    /** Nothing is asked: something is said. */
    | { readonly form: 'says'; readonly says: string }
    /** A clock of the job. */
    | { readonly form: 'time' }
    | { readonly form: 'date' }
    /** Several of a list. */
    | { readonly form: 'ticks'; readonly options: readonly { value: string; label: string }[] }
    /** Numbers in one field, with blanks between them. */
    | {
        readonly form: 'numbers';
        readonly unit: string;
        /** They may come out of the file of a dry-film gauge. */
        readonly fromGauge?: true;
      }
    | { readonly form: 'rows'; readonly columns: readonly Field[]; readonly add: string }
  );
/** What was typed, by the keys of the fields. */
export type Values = Record<string, unknown>;

export const choices = (list: readonly string[]): { value: string; label: string }[] =>
  list.map((value) => ({ value, label: value }));

export const measure = (
  key: string,
  name: string,
  quantity: Quantity,
  more: { optional?: boolean; min?: number; max?: number; above?: number; digits?: number } = {},
): Field => ({ form: 'measure', key, name, quantity, min: 0, ...more });
export const words = (key: string, name: string, most: number, optional = false, hint?: string): Field => ({
  form: 'words',
  key,
  name,
  most,
  optional,
  ...(hint === undefined ? {} : { hint }),
});
export const batchField = (until?: string): Field => ({
  form: 'batch',
  key: 'batch',
  name: 'Batch',
  optional: true,
  ...(until === undefined ? {} : { until }),
});
export const NOTE: Field = {
  form: 'words',
  key: 'note',
  name: 'Note',
  most: 2000,
  optional: true,
  long: true,
};
export const time = (key: string, name: string, optional = false): Field => ({
  form: 'time',
  key,
  name,
  optional,
});
export const choice = (key: string, name: string, list: readonly string[], optional = false): Field => ({
  form: 'choice',
  key,
  name,
  options: choices(list),
  optional,
});

/** Numbers out of a text: blanks, semicolons and line ends part them, a comma is a decimal sign. */
export function numbersOf(text: string): number[] | undefined {
  const parts = text
    .split(/[\s;]+/)
    .filter((p) => p !== '')
    .map((p) => Number(p.replace(',', '.')));
  return parts.every((n) => Number.isFinite(n)) ? parts : undefined;
}
