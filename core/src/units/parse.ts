import { fail, ok, short, type Problem, type ProblemKind, type Result } from '../problems/index.ts';
import type { Dims, Unit } from './factors.ts';
import {
  findUnit,
  fromSi,
  fromShown,
  insideScale,
  QUANTITIES,
  shownScale,
  toSi,
  unitSymbol,
  type Quantity,
  type System,
} from './quantities.ts';

/**
 * Reads what people type: "4.2", "4,2 m", "12' 6 1/2\"", "90 ft2/gal", "1.9 kg/m²", "2 gal/100 ft2", "m2/25 kg" turned
 * over. A bare number is in the unit shown beside the field.
 */

export interface ParseContext {
  /** What a bare number means. */
  readonly system: System;
  /** Decimals are written with a comma here, so that 1.500 can be read in two ways too. */
  readonly decimalComma?: boolean;
  readonly field?: string;
  readonly label?: string;
  /** Bounds in the core's own unit, both inclusive unless `above` is set. */
  readonly min?: number;
  readonly max?: number;
  /** Must be more than this. */
  readonly above?: number;
}

interface Measured {
  readonly si: number;
  readonly dims: Dims;
}

type NumberRead =
  { readonly ok: true; readonly value: number } | { readonly ok: false; readonly kind: ProblemKind };

/** One mark with three digits behind it: thousands to some, decimals to others. */
const IN_TWO_WAYS = { comma: /^-?[1-9]\d{0,2},\d{3}$/, point: /^-?[1-9]\d{0,2}\.\d{3}$/ };
/** Thousands by points, decimals by a comma, or points alone more than once. */
const BY_POINTS = /^-?\d{1,3}(?:(?:\.\d{3})+,\d+|(?:\.\d{3}){2,})$/;

/**
 * A number as typed: spaces or apostrophes between thousands, decimal point or comma, simple and mixed fractions.
 * @param decimalComma decimals are written with a comma here
 */
export function readNumber(text: string, decimalComma = false): NumberRead {
  const plain = text.trim().replace(/[\u2212\u2013]/g, '-');
  const mixed = /^(-?)(?:(\d+)\s+)?(\d+)\s*\/\s*(\d+)$/.exec(plain);
  if (mixed) {
    const [, sign, whole, top, bottom] = mixed;
    if (Number(bottom) === 0) return { ok: false, kind: 'notANumber' };
    const value = Number(whole ?? 0) + Number(top) / Number(bottom);
    return { ok: true, value: sign === '-' ? -value : value };
  }
  let digits = plain.replace(/(\d)[\s\u00a0\u202f’](?=\d{3}(\D|$))/g, '$1');
  if (BY_POINTS.test(digits)) {
    digits = digits.replaceAll('.', '').replace(',', '.');
  } else if (decimalComma && IN_TWO_WAYS.point.test(digits)) {
    return { ok: false, kind: 'ambiguousNumber' };
  } else if (/^-?\d{1,3}(,\d{3})+\.\d+$/.test(digits) || /^-?\d{1,3}(,\d{3}){2,}$/.test(digits)) {
    digits = digits.replaceAll(',', '');
  } else if (IN_TWO_WAYS.comma.test(digits)) {
    return { ok: false, kind: 'ambiguousNumber' };
  } else if (/^-?\d*,\d+$/.test(digits)) {
    digits = digits.replace(',', '.');
  }
  if (!/^-?(\d+\.?\d*|\.\d+)$/.test(digits)) return { ok: false, kind: 'notANumber' };
  return { ok: true, value: Number(digits) };
}

/** A scale with an offset adds and takes away 273.15, which leaves digits that nobody typed: a picokelvin is none. */
const withoutOffsetNoise = (value: number, offsetK: number): number =>
  offsetK === 0 ? value : Number(value.toFixed(12));

const NUMBER = String.raw`-?(?:\d[\d\s\u00a0\u202f.,]*(?:\s+\d+\s*/\s*\d+|/\d+)?|[.,]\d+)`;
const FEET = new RegExp(
  String.raw`^(${NUMBER})\s*(?:(?:ft|feet|foot)\s+|['′’]\s*)(${NUMBER})\s*(?:in|inch|inches|"|″|”)?$`,
  'i',
);
const SINGLE = new RegExp(
  String.raw`^(${NUMBER})\s*([^\d\s/][^/]*?)?(?:\s*(?:/|\bper\b)\s*(${NUMBER})?\s*([^\d\s/][^/]*))?$`,
  'i',
);

type Read =
  { ok: true; value: number | Measured; unit?: Unit | undefined } | { ok: false; kind: ProblemKind };

/** Metres, then centimetres by two digits or millimetres by three: "3 m 20", "3 m 205", "3 m 20 cm". */
const METRES = /^(-?\d+)\s*m\s*(?:(\d{2})(?:\s*cm)?|(\d{3})(?:\s*mm)?|(\d{1,2})\s*cm|(\d{1,3})\s*mm)$/i;
/** Down over along: "1:48", "1/4:12", "1/4 in 12". */
const DOWN_OVER_ALONG = new RegExp(String.raw`^(${NUMBER})\s*(?::|\bin\b)\s*(${NUMBER})$`, 'i');

function metresAndMore(text: string): number | undefined {
  const found = METRES.exec(text);
  if (!found) return undefined;
  const [, whole = '', cm, mm, cmSaid, mmSaid] = found;
  const rest = Number(cm ?? cmSaid ?? 0) / 100 + Number(mm ?? mmSaid ?? 0) / 1000;
  return whole.startsWith('-') ? Number(whole) - rest : Number(whole) + rest;
}

/** A fall as it is drawn on plans, one figure over another; undefined for what is not written so. */
function readFall(text: string, comma: boolean): Read | undefined {
  const found = DOWN_OVER_ALONG.exec(text);
  if (!found) return undefined;
  const [down, along] = [readNumber(found[1] ?? '', comma), readNumber(found[2] ?? '', comma)];
  if (!down.ok) return down;
  if (!along.ok) return along;
  if (along.value <= 0) return { ok: false, kind: 'notANumber' };
  return { ok: true, value: { si: down.value / along.value, dims: insideScale('fall').dims } };
}

function readMeasure(text: string, quantity: Quantity, comma: boolean): Read {
  const plain = text.trim().replace(/[\u2212\u2013]/g, '-');
  const metres = metresAndMore(plain);
  if (metres !== undefined)
    return { ok: true, value: { si: metres, dims: insideScale('length').dims }, unit: findUnit('m') };
  const fall = quantity === 'fall' ? readFall(plain, comma) : undefined;
  if (fall) return fall;
  const feet = FEET.exec(plain);
  if (feet) {
    const a = readNumber(feet[1] ?? '', comma);
    const b = readNumber(feet[2] ?? '', comma);
    if (!a.ok) return a;
    if (!b.ok) return b;
    const inches = a.value * 12 + (a.value < 0 ? -b.value : b.value);
    const inch = findUnit('in');
    if (!inch) return { ok: false, kind: 'wrongUnit' };
    return { ok: true, value: { si: inches * inch.si, dims: inch.dims }, unit: inch };
  }
  const parts = SINGLE.exec(plain.replace(/\bper\b/i, '/'));
  if (!parts) return { ok: false, kind: 'notANumber' };
  const number = readNumber(parts[1] ?? '', comma);
  if (!number.ok) return number;
  if (parts[2] === undefined && parts[4] === undefined) return { ok: true, value: number.value };
  const over = findUnit(parts[2] ?? '');
  if (!over) return { ok: false, kind: 'wrongUnit' };
  if (parts[4] === undefined) {
    return { ok: true, value: { si: number.value * over.si, dims: over.dims }, unit: over };
  }
  const under = findUnit(parts[4]);
  const count = parts[3] === undefined ? { ok: true as const, value: 1 } : readNumber(parts[3], comma);
  if (!under || !count.ok || count.value === 0) return { ok: false, kind: 'wrongUnit' };
  const dims = over.dims.map((d, i) => d - (under.dims[i] ?? 0)) as unknown as Dims;
  return { ok: true, value: { si: (number.value * over.si) / (count.value * under.si), dims } };
}

const sameDims = (a: Dims, b: Dims, sign: 1 | -1 = 1): boolean => a.every((d, i) => d === sign * (b[i] ?? 0));

const EXAMPLES: Partial<Record<Quantity, string>> = {
  length: '4.20 m or 13 ft 9 in',
  lap: '75 mm or 3 in',
  film: '1.4 mm or 55 mil',
  area: '24.5 m² or 264 ft²',
  volume: '12.5 L or 3.3 gal',
  mass: '25 kg or 55 lb',
  density: '1.3 kg/L or 10.8 lb/gal',
  rateMass: '1.85 kg/m² or 38 lb/100 ft²',
  load: '150 kg/m² or 30 lb/ft²',
  rateVolume: '0.75 L/m², 90 ft²/gal or 30 mil',
  temperature: '12 °C or 54 °F',
  percent: '65 %',
  fall: '2 %, 1:50 or 1/4:12',
};

/** "a length such as 4.20 m or 13 ft 9 in", with the bounds where there are any. */
export function expectation(quantity: Quantity, context: ParseContext): string {
  const say = (v: number): string =>
    `${Number(fromSi(toSi(v, insideScale(quantity)), shownScale(quantity, context.system)).toPrecision(6))} ${unitSymbol(quantity, context.system)}`.trim();
  const example = EXAMPLES[quantity];
  const bounds: string[] = [];
  if (context.above !== undefined) bounds.push(`more than ${say(context.above)}`);
  if (context.min !== undefined) bounds.push(`at least ${say(context.min)}`);
  if (context.max !== undefined) bounds.push(`at most ${say(context.max)}`);
  return `${bounds.length > 0 ? bounds.join(' and ') : 'a number'}${example ? `, such as ${example}` : ''}`;
}

/**
 * Text to a value in the core's own unit of `quantity`.
 * Rates may be given turned over (area per volume or mass) and, for volume rates, as a film.
 * @returns the value, or one problem naming field, value and what was expected; never NaN
 */
export function parse(text: string, quantity: Quantity, context: ParseContext): Result<number> {
  const problem = (kind: ProblemKind): Problem => ({
    kind,
    field: context.field ?? '',
    label: context.label ?? 'The figure',
    actual: short(text),
    expected: expectation(quantity, context),
  });
  if (text.trim() === '') return fail(problem('missing'));
  const read = readMeasure(text, quantity, context.decimalComma === true);
  if (!read.ok) {
    return fail(
      read.kind === 'ambiguousNumber'
        ? {
            ...problem(read.kind),
            expected: context.decimalComma
              ? 'no mark between thousands, or more or fewer decimals than three'
              : 'a decimal point, or no separator between thousands',
          }
        : problem(read.kind),
    );
  }
  const inside = insideScale(quantity);
  let value: number;
  if (typeof read.value === 'number') {
    value = withoutOffsetNoise(fromShown(read.value, quantity, context.system), inside.offsetK);
  } else {
    const { si, dims } = read.value;
    if (sameDims(dims, inside.dims)) {
      const scaleOffset = quantity === 'temperatureDifference' ? 0 : (read.unit?.offsetK ?? 0);
      value = withoutOffsetNoise(fromSi(si + scaleOffset, inside), inside.offsetK);
    } else if (QUANTITIES[quantity].invertible && sameDims(dims, inside.dims, -1) && si !== 0) {
      value = fromSi(1 / si, inside);
    } else {
      return fail(problem('wrongUnit'));
    }
  }
  if (!Number.isFinite(value)) return fail(problem('notANumber'));
  if (
    (context.min !== undefined && value < context.min) ||
    (context.max !== undefined && value > context.max) ||
    (context.above !== undefined && value <= context.above)
  ) {
    return fail(problem('outOfRange'));
  }
  return ok(value);
}

/** kg/m², L/m², or a film in mm, wet or dry. */
export type RateBasis = 'mass' | 'volume' | 'wetFilm' | 'dryFilm';

export interface ParsedRate {
  readonly value: number;
  /** Which form the person meant. */
  readonly basis: RateBasis;
}

const QUANTITY_OF: Readonly<Record<RateBasis, Quantity>> = {
  mass: 'rateMass',
  volume: 'rateVolume',
  wetFilm: 'film',
  dryFilm: 'film',
};

/** In what quantity a rate of a form is shown. */
export const rateQuantity = (basis: RateBasis): Quantity => QUANTITY_OF[basis];

const FILM_WORD = /\s*\b(wet|dry|wft|dft)\s*$/i;

/**
 * A coverage rate in any form of the trade: mass or volume per area, area per mass or volume, or a film, wet unless
 * the word "dry" (or DFT) follows.
 * @param bare what a bare number means
 */
export function parseRate(text: string, bare: RateBasis, context: ParseContext): Result<ParsedRate> {
  const word = FILM_WORD.exec(text)?.[1]?.toLowerCase();
  const plain = text.replace(FILM_WORD, '');
  const film: RateBasis =
    word === undefined
      ? bare === 'dryFilm'
        ? 'dryFilm'
        : 'wetFilm'
      : word.startsWith('d')
        ? 'dryFilm'
        : 'wetFilm';
  const forms: RateBasis[] =
    word === undefined ? [bare, ...(['mass', 'volume', film] as const).filter((f) => f !== bare)] : [film];
  const failures: Problem[] = [];
  for (const basis of forms) {
    // A film is a length, which a volume rate also takes: 1 L/m² is 1 mm.
    if (basis === 'volume' && isLength(plain, context.decimalComma === true)) continue;
    const read = parse(plain, QUANTITY_OF[basis], context);
    if (read.ok) return ok({ value: read.value, basis });
    failures.push(...read.problems);
    if (read.problems[0]?.kind !== 'wrongUnit') break;
  }
  const last = failures.at(-1);
  if (last && last.kind !== 'wrongUnit') return fail({ ...last, actual: short(text) });
  return fail({
    kind: 'wrongUnit',
    field: context.field ?? '',
    label: context.label ?? 'The figure',
    actual: short(text),
    expected:
      'a coverage rate such as 1.85 kg/m², 0.75 L/m², 90 ft²/gal, or a film such as 30 mil or 0.5 mm dry',
  });
}

function isLength(text: string, comma: boolean): boolean {
  const read = readMeasure(text, 'film', comma);
  return (
    read.ok &&
    typeof read.value !== 'number' &&
    read.unit !== undefined &&
    sameDims(read.value.dims, insideScale('film').dims)
  );
}
