/** How this browser's place writes numbers, dates and clock times. Words stay English. */
import { styleOf, type NumberStyle } from '@lentum/core/units';

export interface PlaceStyle {
  readonly numbers: NumberStyle;
  /** May 12 in place of 12 May. */
  readonly monthFirst: boolean;
  /** 2:30 PM in place of 14:30. */
  readonly twelve: boolean;
}

/** @param locale a language tag such as en-US */
export function placeStyle(locale: string): PlaceStyle {
  const number = new Intl.NumberFormat(locale, { useGrouping: true }).formatToParts(1234567.8);
  const mark = (type: string): string => number.find((p) => p.type === type)?.value ?? '';
  const date = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'numeric', hour: 'numeric' });
  const order = date.formatToParts(0).map((p) => p.type);
  return {
    numbers: styleOf(mark('group'), mark('decimal')),
    monthFirst: order.indexOf('month') < order.indexOf('day'),
    twelve: date.resolvedOptions().hour12 === true,
  };
}

export const HERE = placeStyle(navigator.language || 'en-GB');

/** Of places where English is written; elsewhere the euro stands until somebody chooses. */
const CURRENCIES: Readonly<Record<string, string>> = {
  AU: 'AUD',
  CA: 'CAD',
  GB: 'GBP',
  IE: 'EUR',
  NZ: 'NZD',
  US: 'USD',
  ZA: 'ZAR',
};

/**
 * The currency of prices on a device where none was chosen.
 * @param locale a language tag; one without a place is taken where it is spoken most
 */
export const usualCurrency = (locale = navigator.language || 'en-GB'): string =>
  CURRENCIES[new Intl.Locale(locale).maximize().region ?? ''] ?? 'EUR';
