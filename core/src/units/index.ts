export {
  DAYS_PER_MONTH,
  DEGREES_PER_RADIAN,
  MINUTES_PER_DAY,
  MINUTES_PER_HOUR,
  MS_PER_DAY,
  MS_PER_HOUR,
  MS_PER_MINUTE,
  SECONDS_PER_HOUR,
  UNITS,
  ZERO_CELSIUS_K,
} from './factors.ts';
export { fieldText, format, formatNumber, plainNumber, type FormatOptions } from './format.ts';
export {
  INCHES,
  marksOf,
  notation,
  notationOf,
  NUMBER_STYLES,
  styleOf,
  systemOf,
  type Inches,
  type Notation,
  type NumberStyle,
  type Written,
} from './notation.ts';
export {
  expectation,
  parse,
  parseRate,
  rateQuantity,
  readNumber,
  type ParseContext,
  type ParsedRate,
  type RateBasis,
} from './parse.ts';
export { parseRanged, parseRateRanged, showRanged, type End, type Range, type Ranged } from './parserange.ts';
export {
  convert,
  fineFor,
  metresPer,
  QUANTITIES,
  fromShown,
  toShown,
  unitSymbol,
  type Quantity,
  type System,
} from './quantities.ts';
export { settledCells } from './tablenumbers.ts';
export { TOLERANCE } from './tolerances.ts';
