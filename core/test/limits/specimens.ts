/** Layers that say every number that their kind may say, each in a build-up of its own: what a number is changed in. */
import {
  catalogue,
  MISSABLE,
  resolve,
  STAGES,
  type BuildUp,
  type Coat,
  type Layer,
  type Missable,
} from '@lentum/core/buildup';

export interface Specimen {
  readonly buildUp: BuildUp;
  readonly layerId: string;
}
export const layerOf = ({ buildUp, layerId }: Specimen): Layer =>
  buildUp.layers.find((l) => l.id === layerId)!;
export const withLayer = ({ buildUp, layerId }: Specimen, layer: Layer): BuildUp => ({
  ...buildUp,
  layers: buildUp.layers.map((l) => (l.id === layerId ? layer : l)),
});

const sheet = (value: number) => ({ value, source: 'data sheet' as const });
/** As it stands, whatever was chosen. */
function pick(id: string, choices: Record<string, string> = {}): BuildUp {
  const resolved = resolve(
    catalogue().find((b) => b.id === id)!,
    { conditions: [], choices },
  );
  return {
    ...resolved,
    choices: [],
    layers: resolved.layers.map(({ only: _only, ...l }) => l as Layer),
  };
}
const specimen = (
  id: string,
  layerId: string,
  change: (l: Layer) => object,
  more: Partial<BuildUp> = {},
  choices: Record<string, string> = {},
): Specimen => {
  const buildUp = { ...pick(id, choices), ...more };
  const layer = buildUp.layers.find((l) => l.id === layerId);
  if (!layer) throw new Error(`${id} has no ${layerId}`);
  return { buildUp: withLayer({ buildUp, layerId }, { ...layer, ...change(layer) } as Layer), layerId };
};

const PRODUCT = {
  hazards: [],
  cautions: [],
  shelfLifeMonths: sheet(6),
  openedDays: sheet(5),
};
const LIMITS = {
  airMinC: sheet(5),
  airMaxC: sheet(35),
  surfaceMinC: sheet(5),
  surfaceMaxC: sheet(45),
  humidityMinPct: sheet(30),
  humidityMaxPct: sheet(85),
  dewMarginK: sheet(3),
  risingWithinK: sheet(3),
  windSprayMaxMPerS: sheet(5),
  windHandMaxMPerS: sheet(8),
  dryHours: sheet(4),
  moistureMaxPct: sheet(5),
  noBelow: { tempC: 5, source: 'data sheet' as const, until: 'touch' as const },
};
const stage = (hours: number) => ({
  source: 'data sheet' as const,
  points: [
    { atC: 10, hours: hours * 2, range: { from: hours, to: hours * 2 } },
    { atC: 20, hours, range: { from: hours / 2, to: hours } },
    { atC: 30, hours: hours / 2, range: { from: hours / 4, to: hours / 2 } },
  ],
  byHumidityPct: [
    { at: 40, factor: 1.2 },
    { at: 60, factor: 0.9 },
  ],
  byWetFilmMm: [
    { at: 1, factor: 1 },
    { at: 2, factor: 4 },
  ],
});
const HOURS = {
  touch: 2,
  rainSafe: 3,
  overcoatFrom: 8,
  overcoatUntil: 40,
  foot: 10,
  wheels: 30,
  full: 60,
  flood: 50,
  load: 45,
};
/** Times at the safe end of their ranges: the later one, and the earlier one until which a coat stays open. */
const until = () => {
  const table = stage(HOURS.overcoatUntil);
  return {
    ...table,
    points: table.points.map((p) => ({ ...p, range: { from: p.hours, to: p.hours * 1.5 } })),
  };
};
const CURE = {
  ...Object.fromEntries(STAGES.map((s) => [s, stage(HOURS[s])])),
  overcoatUntil: until(),
} as unknown as Coat['cure'];
const REMEDIES = Object.fromEntries(
  MISSABLE.map((m: Missable) => [
    m,
    [
      {
        ...{
          does: 'wash',
          says: 'Wash.',
          product: 'Wash',
          rate: { basis: 'volume', value: 0.3, source: 'data sheet' },
        },
        ...{ part: sheet(0.5), dwellMin: sheet(20), dryH: sheet(4) },
      },
    ],
  ]),
);
const REACH = {
  ...{
    upstand: sheet(-10),
    parapet: sheet(-12),
    threshold: sheet(-15),
    drip: sheet(-20),
    gutter: sheet(-25),
  },
  ...{ joint: sheet(-30), 'tie-in': sheet(-35), free: sheet(-40), opening: sheet(-25) },
  ...{ 'wall-top': sheet(-45), footing: sheet(-50) },
};
const ROLLS = {
  reachMm: REACH,
  otherRolls: [{ lengthM: sheet(20), price: sheet(60) }],
  outputM2PerH: sheet(40),
  product: PRODUCT,
};

const FULL_COAT = {
  limits: LIMITS,
  cure: CURE,
  remedies: REMEDIES,
  product: PRODUCT,
  outputM2PerH: sheet(30),
  elongationPct: sheet(150),
  largestMixKg: sheet(25),
  says: { wetFilmMm: sheet(1.42), dryFilmMm: sheet(1.25) },
  potLife: {
    source: 'data sheet',
    points: [
      { atC: 10, minutes: 60, range: { from: 60, to: 80 } },
      { atC: 20, minutes: 40, range: { from: 40, to: 50 } },
      { atC: 30, minutes: 20, range: { from: 20, to: 25 } },
    ],
  },
  rate: {
    ...{ basis: 'mass', value: 1.85, source: 'data sheet', range: { from: 1.6, to: 1.85 } },
    ...{ tolerancePct: sheet(5), least: { ...sheet(1), why: 'cure' }, most: { ...sheet(2.4), why: 'gas' } },
    variants: [
      { when: 'rough', basis: 'timesField', value: 1.3, source: 'data sheet', note: '' },
      { when: 'detail', basis: 'timesField', value: 1.4, source: 'data sheet', note: '' },
    ],
  },
  thinning: { with: 'Thinner', mostPct: sheet(5), note: '' },
  stirring: { minutes: sheet(3), rpm: sheet(300), restMinutes: sheet(1), note: '' },
  thickener: {
    ...{ source: 'data sheet', name: 'Thickener', trialMinutes: sheet(20), densityKgPerL: sheet(1.4) },
    points: [
      { fromSlopePct: 5, percent: 2 },
      { fromSlopePct: 20, percent: 4 },
    ],
  },
  catalyst: {
    ...{ source: 'data sheet', interpolate: false },
    points: [
      { fromC: 5, toC: 15, percent: 4 },
      { fromC: 15, toC: 30, percent: 2 },
    ],
  },
  mix: {
    ...{ by: 'mass', split: 'by mass', source: 'data sheet' },
    parts: [
      { id: 'a', name: 'Resin', kind: 'resin', parts: 4, densityKgPerL: sheet(1.1) },
      {
        ...{ id: 'b', name: 'Filler', kind: 'filler', parts: 1, densityKgPerL: sheet(2.6) },
        ...{ packKg: sheet(25), packPrice: sheet(12) },
      },
    ],
  },
  tools: [
    { kind: 'roller', napMm: sheet(12), passMm: sheet(0.5), note: '' },
    { kind: 'notched trowel', shape: 'square', notchMm: sheet(5), angleDeg: sheet(56), note: '' },
    { kind: 'spike roller', pinMm: sheet(15), note: '' },
    {
      ...{ kind: 'airless spray', tipMm: sheet(0.5), fanDeg: sheet(50), pressureBar: sheet(180) },
      ...{ overlapPct: sheet(50), note: '' },
    },
    { kind: 'hand roller', massKg: sheet(20), note: '' },
  ],
};
const own = (c: Coat): Coat['mix'] => ({
  ...(FULL_COAT.mix as unknown as NonNullable<Coat['mix']>),
  ...(c.mix ? { split: c.mix.split } : { split: 'never' as const }),
});

/** Every layer whose numbers are walked. */
export const SPECIMENS: readonly Specimen[] = [
  specimen(
    'reinforced-polyurethane',
    'first',
    () => ({ ...FULL_COAT, mix: undefined, overcoatOpen: undefined }),
    {
      traffic: 'wheels',
    },
  ),
  // Mixed from parts, by whole kits or not; solids by mass.
  specimen('reinforced-polyurethane', 'first', (l) => ({
    ...FULL_COAT,
    mix: own(l as Coat),
    volumeSolids: undefined,
    massSolids: sheet(0.85),
    volatileKgPerL: sheet(0.9),
    rate: { ...FULL_COAT.rate, most: undefined },
  })),
  // On the ground itself, and on top.
  specimen('reinforced-polyurethane', 'primer', () => ({
    ...FULL_COAT,
    catalyst: undefined,
    mix: undefined,
    rate: { basis: 'mass', value: 0.25, source: 'data sheet', tolerancePct: sheet(5) },
  })),
  specimen('reinforced-polyurethane', 'second', () => ({ ...FULL_COAT, mix: undefined }), {
    traffic: 'wheels',
  }),
  specimen('hot-rubberised', 'first', () => ({
    kettle: {
      ...{ applyMinC: sheet(175), safeMaxC: sheet(210), hoursAtHeat: sheet(8), probeEveryM2: sheet(10) },
      ...{ meltKgPerH: sheet(150), loadKg: sheet(288) },
    },
  })),
  specimen('reinforced-polyurethane', 'fleece', () => ({ ...ROLLS, pricePerRoll: sheet(70) })),
  specimen('methacrylate-terrace', 'quartz', () => ({
    ...{ product: PRODUCT, outputM2PerH: sheet(50), standsMm: sheet(0.5), pricePerBag: sheet(12) },
  })),
  specimen('self-adhered-two-ply', 'cap', () => ({
    ...{ ...ROLLS, limits: LIMITS, remedies: REMEDIES, tools: FULL_COAT.tools, pricePerRoll: sheet(90) },
    ...{ headNailsMm: sheet(200), temporaryNails: sheet(3) },
    ...{ staggerMm: sheet(900), relaxMinutes: sheet(30), seam: { kind: 'tape', widthMm: sheet(75) } },
    fasteners: {
      ...{ fieldPerM2: sheet(4), perimeterPerM2: sheet(6), cornerPerM2: sheet(9), perimeterM: sheet(1) },
    },
  })),
  specimen(
    'self-adhered-two-ply',
    'cover-board',
    () => ({ product: PRODUCT, reachMm: REACH }),
    {},
    { cover: 'board' },
  ),
  specimen('hot-rubberised', 'protection', () => ({
    reachMm: REACH,
    product: PRODUCT,
    outputM2PerH: sheet(30),
  })),
  specimen('penetration-pocket', 'curb', (l) => ({
    ...{ limits: LIMITS, product: PRODUCT, outputM2PerH: sheet(2) },
    pieces: l.kind === 'pieces' ? l.pieces.map((p) => ({ ...p, massKg: sheet(0.4) })) : [],
  })),
  specimen('penetration-pocket', 'pour-slope', () => ({})),
];
