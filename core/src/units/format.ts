import { QUANTITIES, toShown, unitSymbol, type Quantity, type System } from './quantities.ts';

const GROUP = '\u202f';
const formats = new Map<number, Intl.NumberFormat>();

function numberFormat(digits: number): Intl.NumberFormat {
  let format = formats.get(digits);
  if (!format) {
    format = new Intl.NumberFormat('en-GB', { minimumFractionDigits: digits, maximumFractionDigits: digits });
    formats.set(digits, format);
  }
  return format;
}

/** A plain number with a fixed count of decimals and thin spaces between thousands; "–" when there is none. */
export function formatNumber(value: number, digits: number): string {
  if (!Number.isFinite(value)) return '–';
  const text = numberFormat(digits).format(value).replaceAll(',', GROUP);
  return /^-0(\.0*)?$/.test(text) ? text.slice(1) : text.replace('-', '−');
}

export interface FormatOptions {
  readonly digits?: number;
  readonly unit?: boolean;
}

/**
 * Text for a value held in the core's own unit.
 * @param value in the inside unit of `quantity`
 */
export function format(
  value: number,
  quantity: Quantity,
  system: System,
  options: FormatOptions = {},
): string {
  const digits = options.digits ?? QUANTITIES[quantity][system].digits;
  const text = formatNumber(toShown(value, quantity, system), digits);
  const unit = unitSymbol(quantity, system);
  if (options.unit === false || unit === '' || text === '–') return text;
  return `${text}\u00a0${unit}`;
}
