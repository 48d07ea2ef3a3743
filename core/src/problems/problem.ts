/**
 * Problems are data: what field, what was given, what was expected. The wording is made in `sentence` only,
 * so that the interface, the API and the command line say the same thing.
 */

export type ProblemKind =
  | 'missing'
  | 'notANumber'
  | 'ambiguousNumber'
  | 'outOfRange'
  | 'wrongUnit'
  | 'tooFew'
  | 'crossing'
  | 'holeOutside'
  | 'holesOverlap'
  | 'notClosed'
  | 'unknown'
  | 'duplicate'
  | 'order'
  | 'malformed'
  | 'truncated'
  | 'inUse'
  | 'chain'
  | 'unfinished'
  | 'wrong';

export interface Problem {
  readonly kind: ProblemKind;
  /** Where: a path in the document, such as `zones/0/outline/legs/2/lengthM`. */
  readonly field: string;
  /** The same place in the words of the person who filled it in, such as "Hall roof, side 3, length". */
  readonly label: string;
  /** What was given, as given. */
  readonly actual: string;
  /** What was expected instead, as a phrase that can follow "expected". */
  readonly expected: string;
}

export type Result<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problems: readonly Problem[] };

export const ok = <T>(value: T): Result<T> => ({ ok: true, value });
export const fail = (...problems: Problem[]): Result<never> => ({ ok: false, problems });

/** Control characters, but for tabs and ends of lines: nobody sees them, and some cut a text off. */
const UNSEEN = /[^\P{Cc}\t\n\r]+/gu;

/** A value as text. JSON has no word for what is no number, and what lies thousands deep in itself cannot be written. */
function written(value: unknown): string {
  if (typeof value === 'number') return String(value);
  try {
    return JSON.stringify(value) ?? String(value);
  } catch {
    return Array.isArray(value) ? 'a list of lists' : 'a value that cannot be written';
  }
}

/** Cuts a long value so that a sentence stays a sentence. */
export function short(value: unknown, most = 60): string {
  const text = (typeof value === 'string' ? value : written(value)).replaceAll(UNSEEN, '…');
  return text.length > most ? `${text.slice(0, most - 1)}…` : text;
}

const OPENINGS: Record<ProblemKind, (p: Problem) => string> = {
  missing: (p) => `${p.label} is missing`,
  notANumber: (p) => `${p.label}: “${p.actual}” is not a number with a unit`,
  ambiguousNumber: (p) => `${p.label}: “${p.actual}” can be read in two ways`,
  outOfRange: (p) => `${p.label}: ${p.actual} is out of range`,
  wrongUnit: (p) => `${p.label}: “${p.actual}” is in a unit that does not fit here`,
  tooFew: (p) => `${p.label}: ${p.actual} are too few`,
  crossing: (p) => `${p.label}: ${p.actual} cross`,
  holeOutside: (p) => `${p.label}: ${p.actual}`,
  holesOverlap: (p) => `${p.label}: ${p.actual} overlap`,
  notClosed: (p) => `${p.label} does not close: ${p.actual}`,
  unknown: (p) => `${p.label}: “${p.actual}” is not known here`,
  duplicate: (p) => `${p.label}: “${p.actual}” is there twice`,
  order: (p) => `${p.label}: ${p.actual}`,
  malformed: (p) => `${p.label} cannot be read: ${p.actual}`,
  truncated: (p) => `${p.label} is cut short: ${p.actual}`,
  inUse: (p) => `${p.label}: ${p.actual}`,
  chain: (p) => `${p.label}: ${p.actual}`,
  unfinished: (p) => `${p.label}: ${p.actual}`,
  wrong: (p) => `${p.label}: “${p.actual}” does not fit`,
};

/** One plain sentence: the field, the value, what was expected. */
export function sentence(p: Problem): string {
  return `${OPENINGS[p.kind](p)}; expected ${p.expected}.`;
}
