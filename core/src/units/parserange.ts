/**
 * Ranges as data sheets print them: "1.4–1.9 kg/m²", "60 to 85 ft²/gal", "2 to 5 h", "15–30 mil wet". The unit stands
 * behind both figures or only behind the second. One figure inside counts: an end, or one that somebody chose and wrote
 * before it, as in "1.7 of 1.4–1.9 kg/m²". A single figure is no range.
 */
import { fail, ok, short, type Problem, type Result } from '../problems/index.ts';
import { parse, parseRate, type ParseContext, type ParsedRate, type RateBasis } from './parse.ts';
import { fieldText } from './format.ts';
import type { Written } from './notation.ts';
import type { Quantity } from './quantities.ts';

/** Both ends, the lesser first, in the core's own unit. */
export interface Range {
  readonly from: number;
  readonly to: number;
}

/** A figure, and the range that it was chosen from. */
export interface Ranged {
  readonly value: number;
  readonly range?: Range;
}

/** Which end counts where nobody chose: the lesser or the greater. */
export type End = keyof Range;

const SIGN = String.raw`[-\u2212\u2013\u2014]|\bto\b`;
const FIGURE = String.raw`\d[\d\s\u00a0\u202f.,]*(?:/\d+)?|[.,]\d+`;
const RANGE = new RegExp(
  String.raw`^\s*(${FIGURE})\s*([^\d\s-][^-\u2013\u2014]*?)?\s*(?:${SIGN})\s*(${FIGURE})\s*(.*)$`,
  'i',
);

/** The two figures of a range, each with its unit; undefined for what is not a range. */
function endsOf(text: string): readonly [string, string] | undefined {
  const [, first, ownUnit, second, unit = ''] = RANGE.exec(text) ?? [];
  // 12' - 6" is one length.
  if (first === undefined || second === undefined || /['′’]$/.test(ownUnit ?? '')) return undefined;
  return [
    [first.trim(), ownUnit ?? unit],
    [second.trim(), unit],
  ].map((p) => p.join(' ').trim()) as [string, string];
}

type Read<T> = (text: string) => Result<T>;

/** The way in which every range is read. @param make a figure of its own kind, from a value */
function readRanged<T extends { readonly value: number }>(
  text: string,
  end: End,
  read: Read<T>,
  like: (text: string, other: T) => Result<T>,
  context: ParseContext,
): Result<T & Ranged> {
  const problem = (expected: string): Problem => ({
    kind: 'order',
    field: context.field ?? '',
    label: context.label ?? 'The range',
    actual: short(text),
    expected,
  });
  const [, chosen, whole = text] = /^(.+?)\s+of\s+(.+)$/i.exec(text) ?? [];
  const ends = endsOf(whole);
  if (!ends)
    return chosen === undefined ? read(text) : fail(problem('a figure of a range, as in 1.7 of 1.4–1.9'));
  const second = read(ends[1]);
  if (!second.ok) return second;
  const first = like(ends[0], second.value);
  if (!first.ok) return first;
  const [a, b] = [first.value.value, second.value.value];
  if (a === b) return fail(problem('two figures that differ, or one figure'));
  const range = { from: Math.min(a, b), to: Math.max(a, b) };
  if (chosen === undefined) return ok({ ...second.value, value: range[end], range });
  const design = like(chosen, second.value);
  if (!design.ok) return design;
  const { value } = design.value;
  return value < range.from || value > range.to
    ? fail(problem('a figure inside its range'))
    : ok({ ...second.value, value, range });
}

/**
 * A figure, or a range of which one figure counts.
 * @param end which end counts where nobody chose
 * @returns one problem where a figure cannot be read or the one that was chosen lies outside
 */
export function parseRanged(
  text: string,
  quantity: Quantity,
  end: End,
  context: ParseContext,
): Result<Ranged> {
  const read: Read<Ranged> = (t) => {
    const value = parse(t, quantity, context);
    return value.ok ? ok({ value: value.value }) : value;
  };
  return readRanged(text, end, read, read, context);
}

/**
 * A coverage rate in any form of the trade, or a range of it. The thicker end counts where nobody chose: of
 * "60–85 ft²/gal" that is 60.
 */
export function parseRateRanged(
  text: string,
  bare: RateBasis,
  context: ParseContext,
): Result<ParsedRate & Ranged> {
  return readRanged<ParsedRate>(
    text,
    'to',
    (t) => parseRate(t, bare, context),
    (t, other) => {
      const read = parseRate(t, other.basis, context);
      if (!read.ok || read.value.basis === other.basis) return read;
      return fail({
        kind: 'wrongUnit',
        field: context.field ?? '',
        label: context.label ?? 'The range',
        actual: short(text),
        expected: 'both ends in one form, such as 1.4–1.9 kg/m²',
      });
    },
    context,
  );
}

/** As it is typed: "2–5", "4 of 2–5" where another than the usual end counts, "3" where there is no range. */
export function showRanged(
  { value, range }: Ranged,
  quantity: Quantity,
  end: End,
  written: Written,
  digits: number,
): string {
  const say = (v: number): string => fieldText(v, quantity, written, digits);
  if (!range) return say(value);
  const ends = `${say(range.from)}–${say(range.to)}`;
  return value === range[end] ? ends : `${say(value)} of ${ends}`;
}
