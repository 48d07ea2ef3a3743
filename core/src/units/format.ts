import { feetText, fallInTwelve, inchesText } from './inches.ts';
import { marksOf, notation, partsOfInch, type Notation, type NumberStyle, type Written } from './notation.ts';
import { toShown, QUANTITIES, unitSymbol, type Quantity } from './quantities.ts';

const NBSP = '\u00a0';
const formats = new Map<number, Intl.NumberFormat>();

function numberFormat(digits: number): Intl.NumberFormat {
  let format = formats.get(digits);
  if (!format) {
    format = new Intl.NumberFormat('en-GB', { minimumFractionDigits: digits, maximumFractionDigits: digits });
    formats.set(digits, format);
  }
  return format;
}

/** A plain number with a fixed count of decimals, its thousands parted; "–" when there is none. */
export function formatNumber(value: number, digits: number, style: NumberStyle = '1 234.5'): string {
  if (!Number.isFinite(value)) return '–';
  const { group, decimal } = marksOf(style);
  const text = numberFormat(digits)
    .format(value)
    .replace(/[,.]/g, (mark) => (mark === ',' ? group : decimal));
  return /^-0(?:[.,]0*)?$/.test(text) ? text.slice(1) : text.replace('-', '−');
}

/** A number with the decimals that it has, and its thousands together. */
export const plainNumber = (value: number, style: NumberStyle): string =>
  String(value).replace('.', marksOf(style).decimal);

export interface FormatOptions {
  readonly digits?: number;
  readonly unit?: boolean;
}

/**
 * Lengths and laps as they stand on a tape with inches; undefined for everything else.
 * @param feet how whole feet are written
 */
function onTape(
  value: number,
  quantity: Quantity,
  way: Notation,
  options: FormatOptions,
  feet: (count: number) => string,
): string | undefined {
  const fine = way.system === 'us' ? partsOfInch(way.inches) : undefined;
  if (fine === undefined || !Number.isFinite(value)) return undefined;
  if (quantity === 'length') {
    // Where metres would be said to ten centimetres at best, an inch is as near.
    const perInch = (options.digits ?? 2) < 2 ? 1 : fine;
    return feetText(value, perInch, feet);
  }
  if (quantity !== 'lap' || value < 0) return undefined;
  const inches = toShown(value, quantity, 'us');
  const text = inchesText(inches, fine);
  // Less than the tape shows is said as a decimal.
  if (text === '0' && inches > 0) return undefined;
  return options.unit === false ? text : `${text}${NBSP}in`;
}

/**
 * Text for a value held in the core's own unit.
 * @param value in the inside unit of `quantity`
 * @param written the units, or the whole notation of a job or a screen
 */
export function format(
  value: number,
  quantity: Quantity,
  written: Written,
  options: FormatOptions = {},
): string {
  const way = notation(written);
  const taped = onTape(value, quantity, way, options, (feet) => formatNumber(feet, 0, way.numbers));
  if (taped !== undefined) return taped;
  const digits = options.digits ?? QUANTITIES[quantity][way.system].digits;
  const text = formatNumber(toShown(value, quantity, way.system), digits, way.numbers);
  const unit = unitSymbol(quantity, way.system);
  if (options.unit === false || unit === '' || text === '–') return text;
  const twelve = quantity === 'fall' && way.system === 'us' ? fallInTwelve(value) : undefined;
  return `${text}${NBSP}${unit}${twelve === undefined ? '' : `${NBSP}(${twelve})`}`;
}

/** A number of just three decimals: with a comma before them it can be read as thousands. */
const THREE_DECIMALS = /^-?[1-9]\d{0,2},\d{3}$/;

/**
 * A value as it stands in a field where it may be changed: no unit, no parting of thousands, no zeros at the end, and
 * never a number that would be asked about.
 * @param digits the most decimals of it
 */
export function fieldText(value: number, quantity: Quantity, written: Written, digits: number): string {
  const way = notation(written);
  const taped = onTape(value, quantity, way, { unit: false }, String);
  if (taped !== undefined) return taped.replaceAll(NBSP, ' ').replace('−', '-');
  const text = plainNumber(Number(toShown(value, quantity, way.system).toFixed(digits)), way.numbers);
  return THREE_DECIMALS.test(text) ? `${text}0` : text;
}
