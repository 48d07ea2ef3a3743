/** Small documents for the examples of the API: a deck of 10 m × 6 m, one coat on it, and what goes with them. */

export const AT = '2026-05-12T09:30:00.000Z';

export const ZONE = {
  id: 'deck',
  code: 'D',
  name: 'Deck',
  outline: {
    kind: 'points',
    origin: 'typed',
    points: [
      [0, 0],
      [10, 0],
      [10, 6],
      [0, 6],
    ],
  },
  openings: [],
  note: '',
};

/** The same with heights at its corners, which fall to one side. */
export const LEVELLED_ZONE = {
  ...ZONE,
  levels: {
    given: 'height',
    points: [
      [0, 0, 0.12],
      [10, 0, 0.12],
      [10, 6, 0],
      [0, 6, 0],
    ].map(([alongM, acrossM, heightM], i) => ({
      ...{ id: `l${i + 1}`, at: { alongM, acrossM }, valueM: heightM },
    })),
    ...{ breakLines: [], leastFallPct: 1.25, designFallPct: 1.5, mixKgPerL: 2, contourMm: 10 },
  },
};

/** A room by tape: square corners, its walls, and a diagonal more than is needed. */
export const TAPED = {
  kind: 'taped',
  corners: Array.from({ length: 4 }, () => ({ turn: 'left', square: true })),
  sidesM: [4, 3, 4, 3],
  diagonals: [{ from: 0, to: 2, lengthM: 5 }],
  adjustmentAccepted: true,
};

const assumed = (value: number) => ({ value, source: 'assumed' });
/** Hours at 5, 20 and 30 °C. */
const hours = (...at: readonly number[]) => ({
  source: 'assumed',
  points: [5, 20, 30].map((atC, i) => ({ atC, hours: at[i] })),
});
export const LIMITS = {
  airMinC: assumed(5),
  airMaxC: assumed(35),
  surfaceMinC: assumed(5),
  surfaceMaxC: assumed(45),
  humidityMaxPct: assumed(85),
  dewMarginK: assumed(3),
};
export const BUILD_UP = {
  id: 'deck-coat',
  revision: 1,
  name: 'Deck coat',
  family: 'PU1',
  summary: '',
  acceptance: 'average-and-spots',
  leastDryFilmMm: assumed(0.4),
  layers: [
    {
      ...{ id: 'membrane', name: 'Membrane coat', note: '', kind: 'coat', role: 'membrane' },
      rate: { basis: 'volume', value: 0.7, source: 'assumed' },
      densityKgPerL: assumed(1.2),
      volumeSolids: assumed(0.7),
      containers: [{ id: 'pail', name: '20 L pail', basis: 'volume', net: 20 }],
      potLife: { source: 'assumed', points: [{ atC: 20, minutes: 40 }] },
      limits: LIMITS,
      cure: {
        ...{ touch: hours(12, 4, 2), rainSafe: hours(12, 4, 2) },
        ...{ overcoatFrom: hours(36, 12, 8), foot: hours(48, 24, 16) },
      },
      ifMissed: 'Abrade, clean and prime again before the next coat.',
    },
  ],
  cautions: ['Read the data sheet; it, local rules and licensed people come before any figure here.'],
};
/** One that is melted. */
export const HOT_BUILD_UP = {
  ...BUILD_UP,
  layers: BUILD_UP.layers.map((layer) => ({
    ...layer,
    kettle: {
      ...{ applyMinC: assumed(175), safeMaxC: assumed(200) },
      ...{ hoursAtHeat: assumed(10), probeEveryM2: assumed(10) },
    },
  })),
};
export const SURVEY = { zones: [ZONE] };
export const BUILD_UPS = {
  buildUps: [BUILD_UP],
  zones: [{ zoneId: 'deck', buildUpId: 'deck-coat', revision: 1 }],
};
export const ORDER = { wastePct: { liquid: assumed(5), fabric: assumed(10), aggregate: assumed(10) } };
export const BAY = {
  id: 'deck-1',
  zoneId: 'deck',
  label: 'D1',
  parts: [{ outer: ZONE.outline.points, holes: [] }],
};
export const ENTRY = {
  version: 1,
  form: 2,
  id: 'rain-1',
  personId: 'anna',
  deviceId: 'phone',
  madeAt: AT,
  zoneId: 'deck',
  bays: [],
  attachments: [],
  kind: 'event',
  body: { at: AT, what: 'rain' },
};
