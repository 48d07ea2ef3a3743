/**
 * The one table of factors. Every unit is given by exact definitions:
 * the international yard and pound of 1959 (1 in = 25.4 mm, 1 lb = 0.453 592 37 kg), the US gallon of 231 in³,
 * the litre of 1 dm³. Source: NIST SP 811 (2008), appendix B.
 *
 * `si` is the value of one unit in metre, kilogram, second, kelvin. `dims` counts the powers of
 * [length, mass, time, temperature]. No other file has a factor.
 */

export type Dims = readonly [length: number, mass: number, time: number, temperature: number];

export interface Unit {
  readonly symbol: string;
  readonly si: number;
  readonly dims: Dims;
  /** Added after scaling; only for temperatures on a scale (°C, °F). */
  readonly offsetK?: number;
  /** Other ways people write it, lower case, without dots. */
  readonly also: readonly string[];
}

const IN = 0.0254;
const FT = 12 * IN;
const LB = 0.45359237;
const GAL = 231 * IN ** 3;

const L: Dims = [1, 0, 0, 0];
const A: Dims = [2, 0, 0, 0];
const V: Dims = [3, 0, 0, 0];
const M: Dims = [0, 1, 0, 0];
const T: Dims = [0, 0, 1, 0];
/** Standard gravity, m/s², exact by the 3rd CGPM, 1901: makes a pound of force. */
const GRAVITY = 9.80665;
const P: Dims = [-1, 1, -2, 0];
const K: Dims = [0, 0, 0, 1];
const N: Dims = [0, 0, 0, 0];

const unit = (symbol: string, si: number, dims: Dims, also: readonly string[] = []): Unit => ({
  symbol,
  si,
  dims,
  also,
});

export const UNITS: readonly Unit[] = [
  unit('m', 1, L, ['metre', 'metres', 'meter', 'meters']),
  unit('cm', 0.01, L),
  unit('mm', 0.001, L),
  unit('µm', 1e-6, L, ['um', 'μm', 'micron', 'microns']),
  unit('dm', 0.1, L),
  unit('km', 1000, L),
  unit('in', IN, L, ['inch', 'inches', '"', '″', '”']),
  unit('ft', FT, L, ['foot', 'feet', "'", '′', '’']),
  unit('yd', 3 * FT, L, ['yard', 'yards']),
  // The foot of American land surveys, by its definition of 1893.
  unit('US survey ft', 1200 / 3937, L),
  unit('mi', 5280 * FT, L, ['mile', 'miles']),
  unit('mil', IN / 1000, L, ['mils', 'thou']),

  unit('m²', 1, A, ['m2', 'sqm', 'sq m', 'm^2']),
  unit('cm²', 1e-4, A, ['cm2']),
  unit('mm²', 1e-6, A, ['mm2']),
  unit('in²', IN ** 2, A, ['in2', 'sq in']),
  unit('ft²', FT ** 2, A, ['ft2', 'sqft', 'sq ft', 'sf', 'ft^2']),
  unit('yd²', (3 * FT) ** 2, A, ['yd2', 'sq yd']),
  unit('square', 100 * FT ** 2, A, ['squares', 'sq', 'sqs']),

  unit('L', 0.001, V, ['l', 'litre', 'litres', 'liter', 'liters', 'dm3', 'dm³']),
  unit('mL', 1e-6, V, ['ml', 'cm3', 'cm³', 'cc']),
  unit('m³', 1, V, ['m3', 'cbm']),
  unit('gal', GAL, V, ['gallon', 'gallons', 'us gal', 'usg']),
  unit('qt', GAL / 4, V, ['quart', 'quarts']),
  unit('pt', GAL / 8, V, ['pint', 'pints']),
  unit('fl oz', GAL / 128, V, ['floz']),
  unit('in³', IN ** 3, V, ['in3', 'cu in']),
  unit('ft³', FT ** 3, V, ['ft3', 'cu ft']),

  unit('kg', 1, M, ['kilo', 'kilos']),
  unit('g', 0.001, M, ['gram', 'grams']),
  unit('t', 1000, M, ['tonne', 'tonnes']),
  unit('lb', LB, M, ['lbs', 'pound', 'pounds', '#']),
  unit('oz', LB / 16, M, ['ounce', 'ounces']),

  unit('s', 1, T, ['sec', 'second', 'seconds']),
  unit('min', 60, T, ['minute', 'minutes']),
  unit('h', 3600, T, ['hr', 'hrs', 'hour', 'hours']),
  unit('d', 86400, T, ['day', 'days']),
  /** The year of the Gregorian calendar, 365.2425 days. */
  unit('years', 31_556_952, T, ['year', 'yr', 'yrs', 'a']),

  unit('mph', (5280 * FT) / 3600, [1, 0, -1, 0]),
  /** The international nautical mile of 1852 m in an hour. */
  unit('kn', 1852 / 3600, [1, 0, -1, 0], ['kt', 'kts', 'knot', 'knots']),

  unit('N/mm²', 1e6, P, ['n/mm2', 'mpa']),
  unit('bar', 1e5, P, ['bars']),
  unit('psi', (LB * GRAVITY) / IN ** 2, P),

  { symbol: '°C', si: 1, dims: K, offsetK: 273.15, also: ['c', 'degc', 'deg c', 'celsius'] },
  {
    symbol: '°F',
    si: 5 / 9,
    dims: K,
    offsetK: 273.15 - (32 * 5) / 9,
    also: ['f', 'degf', 'deg f', 'fahrenheit'],
  },
  unit('K', 1, K, ['k', 'kelvin']),

  unit('%', 0.01, N, ['percent', 'pct']),
  /** Of the sky. */
  unit('tenths', 0.1, N),
  unit('oktas', 1 / 8, N, ['okta']),
  /** Money of whatever currency: shown with the currency of the place in its stead. */
  unit('¤', 1, N),
  unit('', 1, N, ['×', 'x']),
];

/** Degrees in one turn, for angles, which carry no dimension here. */
export const DEGREES_PER_RADIAN = 180 / Math.PI;
export const SECONDS_PER_HOUR = 3600;
export const MS_PER_DAY = 86_400_000;
/** A twelfth of the Gregorian year. */
export const DAYS_PER_MONTH = 365.2425 / 12;
export const MS_PER_HOUR = 3_600_000;
export const MS_PER_MINUTE = 60_000;
export const MINUTES_PER_HOUR = 60;
export const MINUTES_PER_DAY = 1440;
/** Zero of the Celsius scale in kelvin, exact by definition. */
export const ZERO_CELSIUS_K = 273.15;
