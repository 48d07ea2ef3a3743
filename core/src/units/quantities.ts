import { UNITS, type Dims, type Unit } from './factors.ts';

/**
 * A quantity is a kind of figure with one unit inside the core and one for each system of display.
 * Inside: m, m², L, kg, mm for film, °C, K, h, kg/L, kg/m², L/m², % and plain numbers.
 */
export type Quantity =
  | 'length'
  | 'lap'
  | 'film'
  | 'area'
  | 'volume'
  | 'mass'
  | 'massFine'
  | 'volumeFine'
  | 'density'
  | 'rateMass'
  | 'load'
  | 'rateVolume'
  | 'weightPerArea'
  | 'temperature'
  | 'temperatureDifference'
  | 'hours'
  | 'minutes'
  | 'percent'
  | 'gap'
  | 'rain'
  | 'rainRate'
  | 'flow'
  | 'moisture'
  | 'fall'
  | 'stress'
  | 'speed'
  | 'pressure'
  | 'output'
  | 'years'
  | 'days'
  | 'price'
  | 'pricePerArea'
  | 'level'
  | 'fraction'
  | 'share'
  | 'ratio'
  | 'count'
  | 'angle'
  | 'number';

export type System = 'metric' | 'us';

interface Shown {
  /** Parts of the unit: above and below the line, with an optional count below (100 ft²). */
  readonly over: string;
  readonly under?: string;
  readonly underCount?: number;
  readonly digits: number;
}

interface QuantityFacts {
  readonly inside: { readonly over: string; readonly under?: string };
  readonly metric: Shown;
  readonly us: Shown;
  /** Area per volume may be given for a rate: the reading is turned over. */
  readonly invertible?: true;
}

const same = (over: string, digits: number): QuantityFacts => ({
  inside: { over },
  metric: { over, digits },
  us: { over, digits },
});

export const QUANTITIES: Readonly<Record<Quantity, QuantityFacts>> = {
  length: { inside: { over: 'm' }, metric: { over: 'm', digits: 2 }, us: { over: 'ft', digits: 2 } },
  lap: { inside: { over: 'mm' }, metric: { over: 'mm', digits: 0 }, us: { over: 'in', digits: 1 } },
  /** A crack, a step, a depth of water: tenths of a millimetre matter. */
  gap: { inside: { over: 'mm' }, metric: { over: 'mm', digits: 1 }, us: { over: 'in', digits: 3 } },
  rain: { inside: { over: 'mm' }, metric: { over: 'mm', digits: 1 }, us: { over: 'in', digits: 2 } },
  rainRate: {
    inside: { over: 'mm', under: 'h' },
    metric: { over: 'mm', under: 'h', digits: 0 },
    us: { over: 'in', under: 'h', digits: 2 },
  },
  /** Of water, to an outlet. */
  flow: {
    inside: { over: 'L', under: 's' },
    metric: { over: 'L', under: 's', digits: 2 },
    us: { over: 'gal', under: 'min', digits: 1 },
  },
  film: { inside: { over: 'mm' }, metric: { over: 'mm', digits: 2 }, us: { over: 'mil', digits: 0 } },
  area: { inside: { over: 'm²' }, metric: { over: 'm²', digits: 2 }, us: { over: 'ft²', digits: 1 } },
  volume: { inside: { over: 'L' }, metric: { over: 'L', digits: 1 }, us: { over: 'gal', digits: 2 } },
  mass: { inside: { over: 'kg' }, metric: { over: 'kg', digits: 1 }, us: { over: 'lb', digits: 1 } },
  /** Small amounts, inside as the large ones. */
  massFine: { inside: { over: 'kg' }, metric: { over: 'g', digits: 0 }, us: { over: 'oz', digits: 1 } },
  volumeFine: { inside: { over: 'L' }, metric: { over: 'mL', digits: 0 }, us: { over: 'fl oz', digits: 1 } },
  density: {
    inside: { over: 'kg', under: 'L' },
    metric: { over: 'kg', under: 'L', digits: 2 },
    us: { over: 'lb', under: 'gal', digits: 2 },
  },
  rateMass: {
    inside: { over: 'kg', under: 'm²' },
    metric: { over: 'kg', under: 'm²', digits: 2 },
    us: { over: 'lb', under: 'ft²', underCount: 100, digits: 1 },
    invertible: true,
  },
  /** What lies on a deck, or may. */
  load: {
    inside: { over: 'kg', under: 'm²' },
    metric: { over: 'kg', under: 'm²', digits: 1 },
    us: { over: 'lb', under: 'ft²', digits: 1 },
  },
  rateVolume: {
    inside: { over: 'L', under: 'm²' },
    metric: { over: 'L', under: 'm²', digits: 2 },
    us: { over: 'gal', under: 'ft²', underCount: 100, digits: 2 },
    invertible: true,
  },
  weightPerArea: {
    inside: { over: 'g', under: 'm²' },
    metric: { over: 'g', under: 'm²', digits: 0 },
    us: { over: 'oz', under: 'yd²', digits: 1 },
  },
  temperature: { inside: { over: '°C' }, metric: { over: '°C', digits: 1 }, us: { over: '°F', digits: 1 } },
  temperatureDifference: {
    inside: { over: 'K' },
    metric: { over: '°C', digits: 1 },
    us: { over: '°F', digits: 1 },
  },
  hours: same('h', 1),
  minutes: same('min', 0),
  percent: same('%', 0),
  /** A fall: metres down in a hundred along. */
  fall: same('%', 2),
  moisture: same('%', 1),
  stress: { inside: { over: 'N/mm²' }, metric: { over: 'N/mm²', digits: 2 }, us: { over: 'psi', digits: 0 } },
  /** Of the wind. */
  speed: {
    inside: { over: 'm', under: 's' },
    metric: { over: 'km', under: 'h', digits: 0 },
    us: { over: 'mph', digits: 0 },
  },
  /** At the tip of a spray gun. */
  pressure: { inside: { over: 'bar' }, metric: { over: 'bar', digits: 0 }, us: { over: 'psi', digits: 0 } },
  /** What a crew lays. */
  output: {
    inside: { over: 'm²', under: 'h' },
    metric: { over: 'm²', under: 'h', digits: 0 },
    us: { over: 'ft²', under: 'h', digits: 0 },
  },
  years: same('years', 0),
  price: same('¤', 2),
  pricePerArea: {
    inside: { over: '¤', under: 'm²' },
    metric: { over: '¤', under: 'm²', digits: 2 },
    us: { over: '¤', under: 'ft²', digits: 2 },
  },
  /** A height over a datum: read to a millimetre. */
  level: { inside: { over: 'm' }, metric: { over: 'm', digits: 3 }, us: { over: 'ft', digits: 3 } },
  fraction: same('', 2),
  /** A part of a whole, kept as 0 to 1 and shown in per cent. */
  share: { inside: { over: '' }, metric: { over: '%', digits: 0 }, us: { over: '%', digits: 0 } },
  ratio: same('', 0),
  count: same('', 0),
  angle: same('', 1),
  number: same('', 3),
  /** Their word follows. */
  days: same('', 1),
};

const BY_NAME = new Map<string, Unit>();
for (const u of UNITS) for (const name of [u.symbol, ...u.also]) BY_NAME.set(name, u);

/** Finds a unit as people write it; case matters only where it tells two units apart. */
export function findUnit(name: string): Unit | undefined {
  const plain = name.trim().replace(/\./g, '').replace(/\s+/g, ' ');
  return BY_NAME.get(plain) ?? BY_NAME.get(plain.toLowerCase());
}

function need(symbol: string): Unit {
  const found = BY_NAME.get(symbol);
  if (!found) throw new Error(`no unit ${symbol} in the table`);
  return found;
}

/** Below this much of the inner unit, litres or kilograms, the fine form of a quantity says more. */
const FINE_BELOW = 1;

/** The form of a quantity that says a value best: small masses and volumes in grams and millilitres. */
export function fineFor(value: number, quantity: Quantity): Quantity {
  if (Math.abs(value) >= FINE_BELOW) return quantity;
  if (quantity === 'mass') return 'massFine';
  return quantity === 'volume' ? 'volumeFine' : quantity;
}

export interface Scale {
  readonly si: number;
  readonly dims: Dims;
  readonly offsetK: number;
}

function scaleOf(parts: { over: string; under?: string; underCount?: number }, difference = false): Scale {
  const over = need(parts.over);
  const offsetK = difference ? 0 : (over.offsetK ?? 0);
  if (parts.under === undefined) return { si: over.si, dims: over.dims, offsetK };
  const under = need(parts.under);
  return {
    si: over.si / (under.si * (parts.underCount ?? 1)),
    dims: over.dims.map((d, i) => d - (under.dims[i] ?? 0)) as unknown as Dims,
    offsetK: 0,
  };
}

const scaleCache = new Map<string, Scale>();
function cached(quantity: Quantity, which: 'inside' | System): Scale {
  const key = `${quantity}/${which}`;
  let scale = scaleCache.get(key);
  if (!scale) {
    scale = scaleOf(QUANTITIES[quantity][which], quantity === 'temperatureDifference');
    scaleCache.set(key, scale);
  }
  return scale;
}

export const insideScale = (quantity: Quantity): Scale => cached(quantity, 'inside');
export const shownScale = (quantity: Quantity, system: System): Scale => cached(quantity, system);

/** From the core's own unit to SI. */
export const toSi = (value: number, scale: Scale): number => value * scale.si + scale.offsetK;
/** From SI to a unit. */
export const fromSi = (si: number, scale: Scale): number => (si - scale.offsetK) / scale.si;

/** A number in one unit as a number in another, each as in the table or one over another such as `km/h`. */
export function convert(value: number, from: string, to: string): number {
  const scale = (symbol: string): Scale => {
    const [over = '', under] = symbol.split('/');
    return scaleOf(under === undefined ? { over } : { over, under });
  };
  return fromSi(toSi(value, scale(from)), scale(to));
}

/** Symbol of the unit in which a quantity is shown, such as "gal/100 ft²". */
export function unitSymbol(quantity: Quantity, system: System): string {
  const s = QUANTITIES[quantity][system];
  if (s.under === undefined) return s.over;
  return `${s.over}/${s.underCount ? `${s.underCount} ` : ''}${s.under}`;
}

/** Shown as it is kept: no conversion, and no rounding of one. */
function shownAsKept(quantity: Quantity, system: System): boolean {
  const { inside, metric } = QUANTITIES[quantity];
  const asInside = inside.over === metric.over && inside.under === metric.under;
  return system === 'metric' && (asInside || quantity === 'temperatureDifference');
}

/** A value in the core's own unit, turned into the unit of display. */
export const toShown = (value: number, quantity: Quantity, system: System): number =>
  shownAsKept(quantity, system)
    ? value
    : fromSi(toSi(value, insideScale(quantity)), shownScale(quantity, system));

/** And back. */
export const fromShown = (shown: number, quantity: Quantity, system: System): number =>
  shownAsKept(quantity, system)
    ? shown
    : fromSi(toSi(shown, shownScale(quantity, system)), insideScale(quantity));

/** Metres for one of a unit of length, from the table: for files that say what they are drawn in. */
export function metresPer(symbol: string): number {
  const { si, dims } = need(symbol);
  if (!dims.every((d, i) => d === (i === 0 ? 1 : 0))) throw new Error(`${symbol} is no unit of length`);
  return si;
}
