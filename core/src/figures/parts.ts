/** A verdict is one sentence in parts: words, figures that open to their working, instants, and dates without a time. */
import type { Figure, Given } from './figure.ts';
import { format, systemOf, type Written } from '../units/index.ts';
import { calendarDay, worded, type Wording } from '../wording/index.ts';

export type Part =
  string | { readonly figure: Figure | Given } | { readonly atMs: number } | { readonly day: string };

/** `steps`: yes, after what is listed. `check`: nothing stands against it, but something is not known. */
export type Outcome = 'go' | 'check' | 'steps' | 'hold' | 'stop' | 'curing' | 'done';

export interface Verdict {
  readonly outcome: Outcome;
  readonly subject: string;
  readonly says: readonly Part[];
  /** Consequence or chance, said more quietly. */
  readonly quiet?: readonly Part[];
}

/** Joins parts from a template: words`surface ${figure} is low`. */
export function words(
  texts: TemplateStringsArray,
  ...values: (string | Figure | Given | { atMs: number } | { day: string })[]
): Part[] {
  const parts: Part[] = [];
  texts.forEach((text, i) => {
    if (text !== '') parts.push(text);
    const value = values[i];
    if (value === undefined) return;
    if (typeof value === 'string' || 'atMs' in value || 'day' in value) parts.push(value);
    else parts.push({ figure: value });
  });
  return parts;
}

/** Plain text of a verdict, in British or American words. `time` turns an instant into local words. */
export function verdictText(
  parts: readonly Part[],
  written: Written,
  time: (atMs: number) => string,
  wording: Wording = 'uk',
): string {
  return parts
    .map((p) => {
      if (typeof p === 'string') return worded(p, wording, systemOf(written));
      if ('day' in p) return calendarDay(p.day, wording === 'us');
      return 'atMs' in p ? time(p.atMs) : format(p.figure.value, p.figure.quantity, written);
    })
    .join('');
}
