/**
 * The plain fields of each kind of layer: where they are, what they are called, in what quantity. The one list from
 * which forms, differences and tables are made, so that a field has one name everywhere.
 */
import type { Quantity } from '../units/index.ts';
import { CHEMISTRIES } from './chemistry.ts';
import type { STAGES } from './conditions.ts';
import { MISSABLE } from './conditions.ts';
import {
  BONDING,
  COAT_ROLES,
  FABRIC_DIRECTIONS,
  OFFSETS,
  PROTECTION_LAID,
  PROTECTION_MATERIALS,
  SEAMS,
  TREATS,
  REACH_KINDS,
  ROLL_EDGES,
  type LayerKind,
} from './layers.ts';
import { DIRECTIONS } from './mixing.ts';
import { CLEANERS } from './numbers.ts';

export const FIELD_GROUPS = [
  'what it is',
  'how much',
  'mixing',
  'kettle',
  'laying',
  'roll and laps',
  'edges',
  'when',
  'if missed',
  'product',
] as const;
export type FieldGroup = (typeof FIELD_GROUPS)[number];

interface Base {
  /** Keys from the layer down, such as `limits/airMinC`. */
  readonly path: string;
  readonly name: string;
  readonly group: FieldGroup;
  readonly optional: boolean;
  /** The object that goes when this field is emptied: its other fields mean nothing without it. */
  readonly owns?: string;
}
export type Field =
  | (Base & { readonly form: 'sourced' | 'number'; readonly quantity: Quantity })
  | (Base & { readonly form: 'text'; readonly long: boolean })
  | (Base & { readonly form: 'choice'; readonly options: readonly string[] })
  | (Base & { readonly form: 'flag' });

interface More {
  readonly optional?: boolean;
  readonly owns?: string;
}

const sourced = (
  group: FieldGroup,
  path: string,
  name: string,
  quantity: Quantity,
  more: More = {},
): Field => ({
  form: 'sourced',
  path,
  name,
  group,
  quantity,
  optional: false,
  ...more,
});
const text = (
  group: FieldGroup,
  path: string,
  name: string,
  more: More & { long?: boolean } = {},
): Field => ({
  form: 'text',
  path,
  name,
  group,
  long: false,
  optional: false,
  ...more,
});
const choice = (
  group: FieldGroup,
  path: string,
  name: string,
  options: readonly string[],
  more: More = {},
): Field => ({ form: 'choice', path, name, group, options, optional: false, ...more });
const flag = (group: FieldGroup, path: string, name: string): Field => ({
  form: 'flag',
  path,
  name,
  group,
  optional: true,
});

const OPTIONAL = { optional: true };

const WHAT = [text('what it is', 'name', 'Name'), text('what it is', 'note', 'How it is laid')];
const SURFACE = [
  choice('what it is', 'chemistry', 'Made of', CHEMISTRIES, OPTIONAL),
  choice('what it is', 'shade', 'Shade', ['light', 'dark', 'clear'], OPTIONAL),
];
const SIDE_WORDS: Readonly<Record<(typeof REACH_KINDS)[number], string>> = {
  upstand: 'Beyond an upstand',
  parapet: 'Beyond a parapet',
  threshold: 'Beyond a threshold',
  drip: 'Beyond a drip edge',
  gutter: 'Beyond a gutter edge',
  joint: 'Beyond a movement joint',
  'tie-in': 'Beyond a tie-in',
  free: 'Beyond a free edge',
  'wall-top': 'Beyond the top of a wall',
  footing: 'Beyond the foot of a wall',
  opening: 'Beyond an opening (less than nothing)',
};
/** Short of a side where negative; empty: as the rules of the job say. */
const REACH = REACH_KINDS.map((k) => sourced('edges', `reachMm/${k}`, SIDE_WORDS[k], 'lap', OPTIONAL));
const OUTPUT = sourced('laying', 'outputM2PerH', 'Two people lay', 'output', OPTIONAL);

const LIMIT_FIELDS: readonly Field[] = [
  sourced('when', 'limits/airMinC', 'Air, minimum', 'temperature'),
  sourced('when', 'limits/airMaxC', 'Air, maximum', 'temperature'),
  sourced('when', 'limits/surfaceMinC', 'Surface, minimum', 'temperature'),
  sourced('when', 'limits/surfaceMaxC', 'Surface, maximum', 'temperature'),
  sourced('when', 'limits/dewMarginK', 'Above the dew point', 'temperatureDifference'),
  sourced('when', 'limits/humidityMinPct', 'Humidity, minimum', 'percent', OPTIONAL),
  sourced('when', 'limits/humidityMaxPct', 'Humidity, maximum', 'percent'),
  sourced('when', 'limits/risingWithinK', 'Only rising, within', 'temperatureDifference', OPTIONAL),
  flag('when', 'limits/fallingSlab', 'On a falling slab temperature'),
  sourced('when', 'limits/windHandMaxMPerS', 'Wind, by hand', 'speed', OPTIONAL),
  sourced('when', 'limits/windSprayMaxMPerS', 'Wind, sprayed', 'speed', OPTIONAL),
  sourced('when', 'limits/dryHours', 'Dry before it, hours', 'hours', OPTIONAL),
  sourced('when', 'limits/moistureMaxPct', 'Moisture of the ground, maximum', 'moisture', OPTIONAL),
];

export const MISSED_NAMES: Readonly<Record<(typeof MISSABLE)[number], string>> = {
  overcoatUntil: 'Overcoat window closed',
  overcoatFrom: 'Overcoated too early',
  rainSafe: 'Rained on too early',
  dewMargin: 'Laid at the dew point',
  surfaceMin: 'Laid too cold',
  surfaceMax: 'Laid too hot',
  humidity: 'Laid in air too dry or too humid',
  wind: 'Laid in too much wind',
  moisture: 'Laid on damp ground',
  noBelow: 'Frost or cold before its time',
  potLife: 'Used past its pot life',
  leastRate: 'Below the least rate',
  mostRate: 'Thicker than it may be',
  foot: 'Walked on too early',
  wheels: 'Driven on too early',
};
const MISSED = [
  text('if missed', 'ifMissed', MISSED_NAMES.overcoatUntil, { long: true }),
  ...MISSABLE.filter((k) => k !== 'overcoatUntil').map((k) =>
    text('if missed', `missed/${k}`, MISSED_NAMES[k], { optional: true, long: true }),
  ),
];
const KEEPING = [
  sourced('product', 'product/shelfLifeMonths', 'Keeps closed, months', 'count', OPTIONAL),
  sourced('product', 'product/openedDays', 'Keeps opened, days', 'count', OPTIONAL),
  choice('product', 'product/cleaner', 'Tools are cleaned with', CLEANERS, OPTIONAL),
];
const ROLL = [
  sourced('roll and laps', 'rollWidthM', 'Roll, width', 'length'),
  sourced('roll and laps', 'rollLengthM', 'Roll, length', 'length'),
  sourced('roll and laps', 'sideLapMm', 'Side lap', 'lap'),
  sourced('roll and laps', 'endLapMm', 'End lap', 'lap'),
  choice('roll and laps', 'edges', 'Edges of the roll', ROLL_EDGES, OPTIONAL),
];
const SEAM = [
  choice('roll and laps', 'seam/kind', 'Seam', SEAMS, { optional: true, owns: 'seam' }),
  sourced('roll and laps', 'seam/widthMm', 'Seam, width', 'lap', { optional: true, owns: 'seam' }),
];
const perM2 = (key: string, name: string): Field =>
  sourced('laying', `fasteners/${key}`, name, 'count', { optional: true, owns: 'fasteners' });
const FASTENERS = [
  perM2('fieldPerM2', 'Fasteners a m², field'),
  perM2('perimeterPerM2', 'Fasteners a m², edges'),
  perM2('cornerPerM2', 'Fasteners a m², corners'),
  sourced('laying', 'fasteners/perimeterM', 'Width that counts as edge', 'length', {
    optional: true,
    owns: 'fasteners',
  }),
];
const ROLL_PRICE = sourced('product', 'pricePerRoll', 'Price of a roll', 'price', OPTIONAL);

export const FIELDS: Readonly<Record<LayerKind, readonly Field[]>> = {
  coat: [
    ...WHAT,
    choice('what it is', 'role', 'Purpose', COAT_ROLES),
    choice('what it is', 'treats', 'Keeps to', TREATS, OPTIONAL),
    sourced('what it is', 'fillsFromFallPct', 'Fills pockets where the roof falls', 'fall', OPTIONAL),
    ...SURFACE,
    flag('what it is', 'blocksBleed', 'Blocks bleeding bitumen'),
    sourced('how much', 'rate/tolerancePct', 'What is used may fall short by', 'percent', OPTIONAL),
    sourced('how much', 'densityKgPerL', 'Density', 'density'),
    sourced('how much', 'volumeSolids', 'Volume solids', 'share', OPTIONAL),
    sourced('how much', 'massSolids', 'Mass solids', 'share', OPTIONAL),
    sourced('how much', 'volatileKgPerL', 'Density of what leaves', 'density', OPTIONAL),
    sourced('how much', 'elongationPct', 'Stretches before it breaks by', 'percent', OPTIONAL),
    sourced('how much', 'says/wetFilmMm', 'Wet film, as the sheet says', 'film', OPTIONAL),
    sourced('how much', 'says/dryFilmMm', 'Dry film, as the sheet says', 'film', OPTIONAL),
    sourced('mixing', 'largestMixKg', 'Largest mix', 'mass', OPTIONAL),
    sourced('mixing', 'thickener/densityKgPerL', 'Density of the thickener', 'density', OPTIONAL),
    sourced('mixing', 'stirring/minutes', 'Stirred for', 'minutes', { optional: true, owns: 'stirring' }),
    sourced('mixing', 'stirring/rpm', 'Stirred at, rpm', 'count', OPTIONAL),
    text('mixing', 'stirring/note', 'Stirred how', OPTIONAL),
    text('mixing', 'thinning/with', 'Thinned with', { optional: true, owns: 'thinning' }),
    sourced('mixing', 'thinning/mostPct', 'Thinned at most', 'percent', OPTIONAL),
    text('mixing', 'thinning/note', 'Thinned when', OPTIONAL),
    sourced('kettle', 'kettle/applyMinC', 'Laid from', 'temperature'),
    sourced('kettle', 'kettle/safeMaxC', 'Safe up to', 'temperature'),
    sourced('kettle', 'kettle/hoursAtHeat', 'Held hot at most', 'hours'),
    sourced('kettle', 'kettle/probeEveryM2', 'One hot probe every', 'area'),
    sourced('kettle', 'kettle/meltKgPerH', 'Melts in an hour', 'mass', OPTIONAL),
    sourced('kettle', 'kettle/loadKg', 'Goes in at once', 'mass', OPTIONAL),
    choice('laying', 'direction', 'Direction', DIRECTIONS),
    OUTPUT,
    ...LIMIT_FIELDS,
    flag('when', 'overcoatOpen', 'May be overcoated at any later time'),
    ...MISSED,
    ...KEEPING,
  ],
  fabric: [
    ...WHAT,
    choice(
      'what it is',
      'material',
      'Material',
      ['polyester fleece', 'glass mat', 'polyester fabric', 'glass mesh'],
      OPTIONAL,
    ),
    choice('what it is', 'where', 'Where', ['throughout', 'details'], OPTIONAL),
    sourced('how much', 'weightGPerM2', 'Weight', 'weightPerArea'),
    ...ROLL,
    ...REACH,
    choice('laying', 'direction', 'Direction', FABRIC_DIRECTIONS, OPTIONAL),
    choice('laying', 'faceDown', 'Face down', ['fleecy', 'smooth', 'either'], OPTIONAL),
    OUTPUT,
    ROLL_PRICE,
    ...KEEPING,
  ],
  broadcast: [
    ...WHAT,
    choice('what it is', 'method', 'Method', ['light', 'at a rate', 'to refusal']),
    text('what it is', 'grading', 'Grading'),
    sourced('how much', 'thrownKgPerM2', 'Thrown', 'rateMass'),
    sourced('how much', 'retainedKgPerM2', 'Retained', 'rateMass'),
    sourced('how much', 'standsMm', 'Stands above the coat', 'film', OPTIONAL),
    OUTPUT,
    sourced('product', 'bagKg', 'Bag', 'mass'),
    sourced('product', 'pricePerBag', 'Price of a bag', 'price', OPTIONAL),
    ...KEEPING,
  ],
  sheet: [
    ...WHAT,
    choice('what it is', 'bonding', 'Bonded', BONDING),
    choice('what it is', 'surfacing', 'Surface', ['film', 'sand', 'granules', 'foil', 'bare']),
    ...SURFACE,
    sourced('how much', 'thicknessMm', 'Thickness', 'film'),
    sourced('how much', 'weightKgPerM2', 'Weight', 'rateMass'),
    ...ROLL,
    ...REACH,
    choice('roll and laps', 'offset', 'Joints over the ply below', OFFSETS),
    sourced('roll and laps', 'staggerMm', 'End joints apart by', 'lap', OPTIONAL),
    text('roll and laps', 'granuleLaps', 'Laps over granules'),
    sourced('roll and laps', 'headNailsMm', 'Heads up a slope nailed every', 'lap', OPTIONAL),
    sourced('roll and laps', 'temporaryNails', 'Temporary nails a length', 'count', OPTIONAL),
    ...SEAM,
    ...FASTENERS,
    sourced('laying', 'relaxMinutes', 'Lies unrolled for', 'minutes', OPTIONAL),
    OUTPUT,
    ...LIMIT_FIELDS,
    ...MISSED,
    ROLL_PRICE,
    ...KEEPING,
  ],
  protection: [
    ...WHAT,
    choice('what it is', 'material', 'Material', PROTECTION_MATERIALS),
    choice('what it is', 'laid', 'Laid', PROTECTION_LAID),
    sourced('how much', 'thicknessMm', 'Thickness', 'film'),
    sourced('how much', 'weightKgPerM2', 'Weight', 'rateMass'),
    sourced('roll and laps', 'pieceWidthM', 'Piece, width', 'length'),
    sourced('roll and laps', 'pieceLengthM', 'Piece, length', 'length'),
    sourced('roll and laps', 'lapMm', 'Lap', 'lap'),
    ...REACH,
    ...FASTENERS,
    OUTPUT,
    sourced('product', 'pricePerPiece', 'Price of a piece', 'price', OPTIONAL),
    ...KEEPING,
  ],
  pieces: [
    ...WHAT,
    sourced('how much', 'heightMm', 'Height of the curb', 'lap'),
    sourced('how much', 'clearanceMm', 'Clear of each penetration', 'lap'),
    sourced('how much', 'skinAboveMm', 'Primer skin above the curb', 'lap'),
    ...LIMIT_FIELDS,
    text('if missed', 'ifMissed', 'If it was missed', { long: true }),
    ...KEEPING,
  ],
};

/** The value at a path below an object; undefined where the way ends. */
export function valueAt(of: unknown, path: string): unknown {
  let here = of;
  for (const key of path.split('/')) {
    if (here === null || typeof here !== 'object') return undefined;
    here = (here as Record<string, unknown>)[key];
  }
  return here;
}

/** Sets the value at a path, making the objects on the way; `undefined` takes the key out, and `owns` with it. */
export function setAt(of: object, field: Pick<Field, 'path' | 'owns'>, value: unknown): void {
  if (value === undefined && field.owns !== undefined) {
    setAt(of, { path: field.owns }, undefined);
    return;
  }
  const keys = field.path.split('/');
  const last = keys.pop() ?? '';
  let here = of as Record<string, unknown>;
  for (const key of keys) {
    const next = here[key];
    if (next === null || typeof next !== 'object') {
      if (value === undefined) return;
      here[key] = {};
    }
    here = here[key] as Record<string, unknown>;
  }
  if (value === undefined) Reflect.deleteProperty(here, last);
  else here[last] = value;
  // An object that holds nothing says nothing.
  if (value === undefined && Object.keys(here).length === 0 && keys.length > 0)
    setAt(of, { path: keys.join('/') }, undefined);
}

export const STAGE_NAMES: Readonly<Record<(typeof STAGES)[number], string>> = {
  touch: 'touch-dry',
  rainSafe: 'rain-safe',
  overcoatFrom: 'overcoat from',
  overcoatUntil: 'overcoat until',
  foot: 'foot traffic',
  wheels: 'wheels',
  full: 'full cure',
  flood: 'flood test',
  load: 'backfill or tiles',
};
