import { earthMat } from './earth.ts';
import { LET_DRY, WASH, prime } from './mending.ts';
import type { BuildUpInput } from '../schema.ts';
import {
  ALWAYS,
  DRIED,
  WATERY,
  coat,
  fabric,
  kg,
  limits,
  litres,
  potLife,
  table,
  throughFilm,
  typical,
} from './typical.ts';

/** Tiles, finishes and backfill come once the water has left and a flood test has been passed: days, not hours. */
const UNDER_TILES = table([5, 168], [20, 72], [30, 48]);
const CURE = {
  touch: table([5, 12], [20, 5], [30, 3]),
  rainSafe: table([5, 16], [20, 6], [30, 4]),
  overcoatFrom: {
    ...table([5, 24], [20, 8], [30, 5]),
    byHumidityPct: DRIED,
    byWetFilmMm: throughFilm(1.2),
  },
  overcoatUntil: table([5, 96], [20, 72], [30, 48]),
  foot: table([5, 48], [20, 24], [30, 16]),
  full: table([5, 240], [20, 168], [30, 120]),
  flood: table([5, 240], [20, 168], [30, 120]),
  load: UNDER_TILES,
};
/** Trowelled flexible mineral thick coat. Typical values of our own choosing. */
const mineral = (id: string, name: string, note: string, more = {}) =>
  coat({
    id,
    name,
    role: 'membrane',
    note,
    rate: ['mass', 2.1],
    variants: [
      ['rough', 1.2, 'after a scratch coat'],
      ['detail', 1.15, 'with mesh and tape'],
    ],
    densityKgPerL: 1.75,
    solids: 0.86,
    chemistry: 'cement, flexible',
    containers: [kg(32, 'kit', 72)],
    limits: limits([5, 30], [5, 30], 85, 3, {
      noBelow: { tempC: 3, source: 'typical', until: 'overcoatFrom' },
      windHandMaxMPerS: typical(8),
    }),
    potLife: potLife([5, 90], [20, 45], [30, 25]),
    cure: CURE,
    ifMissed: 'Damp the coat and lay a scratch coat of the same mix; abrade if it has gone smooth.',
    mend: [
      { does: 'abrade', says: 'Abrade where it has gone smooth.' },
      { does: 'wash', says: 'Damp the coat, without puddles.' },
      { does: 'coat', says: 'Lay a scratch coat of the same mix.' },
    ],
    outputM2PerH: 14,
    hazards: ['eye damage', 'sensitising', 'irritant', 'dust'],
    cleaner: 'water',
    orderedAs: 'Flexible mineral kit',
    shelfMonths: 9,
    more: {
      mix: {
        by: 'mass',
        source: 'typical',
        parts: [
          { id: 'liquid', name: 'Liquid', kind: 'liquid', parts: 1, densityKgPerL: typical(1.02) },
          { id: 'powder', name: 'Powder', kind: 'powder', parts: 2.2, densityKgPerL: typical(2.6) },
        ],
      },
      largestMixKg: typical(32),
      stirring: {
        minutes: typical(3),
        rpm: typical(400),
        restMinutes: typical(2),
        note: 'powder into liquid, rest, stir again',
      },
      tools: [
        {
          kind: 'notched trowel',
          shape: 'square',
          notchMm: typical(4),
          angleDeg: typical(37),
          note: 'then smoothed',
        },
      ],
      ...more,
    },
  });

/** Two trowelled coats with mesh. Typical values of our own choosing. */
export const MINERAL_COAT: BuildUpInput = {
  id: 'flexible-mineral',
  revision: 1,
  name: 'Flexible mineral coat with mesh',
  family: 'CEMENT',
  summary:
    'Saturated ground, two trowelled coats of equal thickness, mesh in the first; then tiled or left open.',
  acceptance: 'minimum',
  leastDryFilmMm: typical(2),
  traffic: 'feet',
  choices: [
    {
      id: 'cover',
      name: 'On top',
      chosen: 'tiled',
      options: [
        { id: 'tiled', name: 'Tiled', says: 'Tiles in flexible adhesive are its wear and its shade.' },
        { id: 'open', name: 'Sealed and open', says: 'A light finish; foot traffic now and then only.' },
        { id: 'earth', name: 'Below ground', says: 'A drainage mat against it, then earth.' },
      ],
    },
  ],
  layers: [
    coat({
      id: 'primer',
      name: 'Saturating primer',
      role: 'primer',
      note: 'brushed in until the pores are full; damp, not wet',
      rate: ['volume', 0.15],
      variants: [['absorbent', 1.6, 'until it no longer drinks']],
      densityKgPerL: 1.02,
      solids: 0.3,
      chemistry: 'water-based primer',
      containers: [litres(10, 'can', 58), litres(5, 'can', 33)],
      limits: limits([5, 30], [5, 30], 90, 3, {
        noBelow: { tempC: 3, source: 'typical', until: 'overcoatFrom' },
      }),
      potLife: potLife([5, 240], [30, 120]),
      cure: {
        touch: table([5, 2], [20, 0.75], [30, 0.5]),
        rainSafe: table([5, 6], [20, 3], [30, 2]),
        overcoatFrom: table([5, 2], [20, 0.75], [30, 0.5]),
        overcoatUntil: table([5, 24], [20, 12], [30, 8]),
        foot: table([5, 4], [20, 2], [30, 1]),
      },
      ifMissed: 'Prime again.',
      mend: [prime('primer')],
      outputM2PerH: 60,
      hazards: ['irritant'],
      cleaner: 'water',
    }),
    mineral('first', 'First coat', 'notched, then smoothed; mesh pressed in wet'),
    fabric({
      id: 'mesh',
      name: 'Glass mesh',
      material: 'glass mesh',
      note: 'alkali-proof; throughout, or only at crack-prone places',
      embeddedIn: 'first',
      gPerM2: 160,
      side: 100,
      price: 75,
      more: { rollWidthM: typical(1) },
    }),
    {
      ...mineral('second', 'Second coat', 'as thick as the first; smoothed', {
        direction: 'across the coat below',
      }),
      cure: { ...CURE, overcoatFrom: UNDER_TILES, overcoatUntil: undefined },
      overcoatOpen: true,
    },
    {
      id: 'tiles',
      name: 'Tiles in flexible adhesive',
      kind: 'protection',
      note: 'after days of cure and a flood test; fully bedded, joints over the movement joints',
      only: { choice: 'cover', option: 'tiled' },
      material: 'pavers',
      laid: 'bonded',
      thicknessMm: typical(15),
      weightKgPerM2: typical(30),
      pieceWidthM: typical(0.3),
      pieceLengthM: typical(0.3),
      lapMm: typical(0),
      pricePerPiece: typical(3.2),
      outputM2PerH: typical(4),
    },
    earthMat('cover'),
    coat({
      id: 'seal',
      name: 'Light finish',
      role: 'finish',
      note: 'two thin passes with the roller',
      rate: ['volume', 0.3],
      densityKgPerL: 1.3,
      solids: 0.5,
      chemistry: 'acrylic',
      containers: [litres(15, 'pail', 130)],
      limits: limits([8, 30], [8, 40], 80, 3, {
        ...WATERY,
        noBelow: { tempC: 3, source: 'typical', until: 'overcoatFrom' },
      }),
      potLife: potLife([8, 480], [30, 240]),
      cure: {
        touch: table([8, 4], [20, 2], [30, 1]),
        rainSafe: table([8, 10], [20, 5], [30, 3]),
        overcoatFrom: table([8, 12], [20, 6], [30, 4]),
        foot: table([8, 48], [20, 24], [30, 16]),
      },
      ifMissed: 'Wash, then coat.',
      mend: [WASH, LET_DRY],
      outputM2PerH: 60,
      hazards: ['harms water'],
      cleaner: 'water',
      more: { only: { choice: 'cover', option: 'open' }, shade: 'light' },
    }),
  ],
  upkeep: {
    recoatYears: typical(10),
    recoatLayers: ['seal'],
    lifeYears: typical(25),
    inspectPerYear: typical(1),
    note: 'Open coats are sealed again; under tiles, joints are looked after.',
  },
  cautions: [
    'Wet cement burns skin and harms eyes for good: waterproof gloves, tight goggles, wet cloth off at once; the powder is not breathed.',
    ...ALWAYS,
  ],
};
