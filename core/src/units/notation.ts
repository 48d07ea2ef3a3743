/** How figures are written: in which units, how the digits of a number are parted, and how feet and inches look. */
import type { System } from './quantities.ts';

/** How thousands and decimals are marked, each by an example of itself. */
export const NUMBER_STYLES = ['1 234.5', '1,234.5', '1.234,5', '1 234,5', '1’234.5'] as const;
export type NumberStyle = (typeof NUMBER_STYLES)[number];

/** Feet as a decimal, or feet and inches to a part of an inch. */
export const INCHES = ['decimal', 'eighths', 'sixteenths'] as const;
export type Inches = (typeof INCHES)[number];

export interface Notation {
  readonly system: System;
  readonly numbers: NumberStyle;
  /** Lengths in US units. */
  readonly inches: Inches;
}

/** Where only the units are said: thin spaces between thousands, a decimal point, decimal feet. */
export type Written = System | Notation;

export const systemOf = (written: Written): System =>
  typeof written === 'string' ? written : written.system;

export const notation = (written: Written): Notation =>
  typeof written === 'string' ? { system: written, numbers: '1 234.5', inches: 'decimal' } : written;

/** What a job says of it; without it, what goes with its units. */
export const notationOf = (head: {
  readonly units: System;
  readonly numbers?: NumberStyle | undefined;
  readonly inches?: Inches | undefined;
}): Notation => ({
  system: head.units,
  numbers: head.numbers ?? (head.units === 'us' ? '1,234.5' : '1 234.5'),
  inches: head.inches ?? 'eighths',
});

const THIN = '\u202f';
export const marksOf = (style: NumberStyle): { readonly group: string; readonly decimal: '.' | ',' } => {
  const group = style.charAt(1);
  return { group: group === ' ' ? THIN : group, decimal: style.endsWith(',5') ? ',' : '.' };
};

/** The style of a place, by the marks that it puts into a number; thin spaces and a point where it has others. */
export function styleOf(group: string, decimal: string): NumberStyle {
  const like = (a: string): string => (/\s/.test(a) ? ' ' : /['’]/.test(a) ? '’' : a);
  return (
    NUMBER_STYLES.find((s) => s.charAt(1) === like(group) && marksOf(s).decimal === decimal) ??
    (decimal === ',' ? '1 234,5' : '1 234.5')
  );
}

/** Parts of an inch to which a length is written. */
export const partsOfInch = (inches: Inches): number | undefined =>
  inches === 'decimal' ? undefined : inches === 'eighths' ? 8 : 16;
