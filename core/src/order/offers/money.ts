/**
 * Money: decimals of a currency, computed exactly and kept as text. A price for one may have more decimals than the
 * currency; sums are rounded to its smallest coin, halves up, line by line. Common practice of invoices, no source.
 */
import Big from 'big.js';
import { fail, ok, short, type Problem, type Result } from '../../problems/index.ts';
import { marksOf, readNumber, type NumberStyle } from '../../units/index.ts';

/** Decimals of a price for one. */
const MOST_PLACES = 4;

const coins = new Map<string, number>();
/** Decimals of the smallest coin: 2 for most, none for some. */
export function placesOf(currency: string): number {
  let places = coins.get(currency);
  if (places === undefined) {
    const { maximumFractionDigits } = new Intl.NumberFormat('en', {
      style: 'currency',
      currency,
    }).resolvedOptions();
    places = maximumFractionDigits ?? 2;
    coins.set(currency, places);
  }
  return places;
}

/** To the smallest coin, halves up. */
export const rounded = (amount: Big, currency: string): Big =>
  amount.round(placesOf(currency), Big.roundHalfUp);

/** Thousands and coins marked as in the style, the currency behind them. */
export function moneyText(amount: Big | number, currency: string, style: NumberStyle = '1 234.5'): string {
  const { group, decimal } = marksOf(style);
  const text = rounded(new Big(amount), currency).toFixed(placesOf(currency));
  const [whole = '', coins] = text.split('.');
  const grouped = whole.replace(/\B(?=(\d{3})+$)/g, group);
  return `${coins === undefined ? grouped : `${grouped}${decimal}${coins}`} ${currency}`;
}

const SIGNS: Readonly<Record<string, readonly string[]>> = {
  '€': ['EUR'],
  $: ['USD', 'CAD', 'AUD', 'NZD', 'SGD', 'MXN'],
  '£': ['GBP'],
  '¥': ['JPY', 'CNY'],
};

/** A currency named in a text that is not the one that is meant. */
function otherCurrency(text: string, currency: string): boolean {
  const [code] = /[A-Z]{3}/.exec(text) ?? [];
  const sign = Object.keys(SIGNS).find((s) => text.includes(s));
  return (
    (code !== undefined && code !== currency) || (sign !== undefined && !SIGNS[sign]?.includes(currency))
  );
}

/**
 * A price as it was typed, as a plain decimal: "12,50 €" is "12.5".
 * @param field where it stands, for the sentence
 */
export function readPrice(text: string, currency: string, field: string, label: string): Result<string> {
  const wrong = (kind: Problem['kind'], expected: string): Result<string> =>
    fail({ kind, field, label, actual: short(text.trim()), expected });
  if (otherCurrency(text, currency)) return wrong('wrong', `a price in ${currency}`);
  const read = readNumber(text.replace(/[€$£¥]|[A-Z]{3}/g, ''));
  if (!read.ok)
    return wrong(
      read.kind,
      read.kind === 'ambiguousNumber'
        ? 'a price that reads one way, such as 1234 or 1.234'
        : 'a price such as 12.50',
    );
  if (read.value < 0 || read.value > 1e9) return wrong('outOfRange', 'a price from 0 to 1,000,000,000');
  const price = new Big(String(read.value));
  if (!price.eq(price.round(MOST_PLACES)))
    return wrong('outOfRange', `a price with at most ${MOST_PLACES} decimals`);
  return ok(price.toFixed());
}
