import { LET_DRY, PATCH_TEST, WASH, prime } from './mending.ts';
import { SEALED_OVER, siliconePatch } from './detailgrades.ts';
import type { BuildUpInput } from '../schema.ts';
import {
  ALWAYS,
  HUMIDITY_CURED,
  coat,
  litres,
  limits,
  potLife,
  table,
  throughFilm,
  typical,
} from './typical.ts';

const air = { byHumidityPct: HUMIDITY_CURED };
const cure = {
  touch: { ...table([2, 6], [10, 4], [20, 2], [35, 1]), ...air },
  rainSafe: { ...table([2, 6], [10, 4], [20, 2], [35, 1]), ...air },
  overcoatFrom: { ...table([2, 24], [10, 14], [20, 8], [35, 4]), ...air, byWetFilmMm: throughFilm(0.75) },
  overcoatUntil: table([2, 336], [10, 240], [20, 168], [35, 96]),
  foot: { ...table([2, 48], [10, 30], [20, 18], [35, 10]), ...air },
  full: table([2, 168], [20, 96], [35, 48]),
};

const RESIN = {
  densityKgPerL: 1.25,
  solids: 0.92,
  chemistry: 'silicone' as const,
  containers: [litres(20, 'pail', 230), litres(200, 'drum', 2150)],
  limits: limits([2, 45], [2, 60], 95, 3, { humidityMinPct: typical(20), windSprayMaxMPerS: typical(5) }),
  potLife: potLife([2, 60], [20, 40], [35, 20]),
  hazards: ['irritant'] as const,
  cleaner: 'solvent' as const,
};
const SPRAY = {
  tools: [
    { kind: 'roller' as const, napMm: typical(19), note: '' },
    {
      kind: 'airless spray' as const,
      tipMm: typical(0.69),
      fanDeg: typical(50),
      pressureBar: typical(210),
      overlapPct: typical(50),
      note: 'raised only until the tails at the edges of the fan vanish',
    },
  ],
};

/** Two-coat moisture-cured silicone. Typical values of our own choosing. */
export const TWO_COAT_SILICONE: BuildUpInput = {
  id: 'two-coat-silicone',
  revision: 1,
  name: 'Silicone, two coats over bleed block',
  family: 'SILICONE',
  summary:
    'Bleed-blocking primer, grey base coat, white top coat at right angles. Stands ponding; no fabric in the field.',
  acceptance: 'average-and-spots',
  leastDryFilmMm: typical(1),
  choices: [
    {
      id: 'primer',
      name: 'Primer',
      chosen: 'block',
      options: [
        {
          id: 'block',
          name: 'Bleed-blocking primer',
          says: 'Required on bitumen and some rubbers: they stain light coats.',
        },
        {
          id: 'none',
          name: 'None, washed and tested',
          says: 'On sound metal, foam or old silicone, after a pull test has passed.',
        },
      ],
    },
  ],
  detailWays: [SEALED_OVER],
  layers: [
    coat({
      id: 'primer',
      name: 'Bleed-blocking primer',
      role: 'primer',
      note: 'roller or spray, even and closed over bitumen',
      rate: ['volume', 0.3],
      variants: [
        ['absorbent', 1.3],
        ['rough', 1.3],
      ],
      least: [0.2, 'a thin film lets the oils through'],
      densityKgPerL: 1.2,
      solids: 0.5,
      chemistry: 'water-based primer',
      containers: [litres(20, 'pail', 165), litres(5, 'pail', 46)],
      limits: limits([5, 40], [5, 60], 85, 3, {
        ...{ risingWithinK: typical(3), dryHours: typical(12), windSprayMaxMPerS: typical(5) },
        noBelow: { tempC: 3, source: 'typical', until: 'overcoatFrom' },
      }),
      potLife: potLife([5, 480], [35, 480]),
      cure: {
        touch: table([5, 4], [20, 1.5], [35, 0.75]),
        rainSafe: table([5, 8], [20, 4], [35, 2]),
        overcoatFrom: table([5, 12], [20, 4], [35, 2]),
        overcoatUntil: table([5, 72], [20, 48], [35, 36]),
        foot: table([5, 12], [20, 4], [35, 2]),
      },
      ifMissed: 'Wash, let dry and prime again.',
      mend: [WASH, LET_DRY, prime('primer')],
      outputM2PerH: 80,
      hazards: ['irritant'],
      cleaner: 'water',
      more: { only: { choice: 'primer', option: 'block' }, blocksBleed: true },
    }),
    coat({
      id: 'base',
      name: 'Base coat, grey',
      role: 'membrane',
      stretch: 160,
      note: 'roller or spray along the roof',
      rate: ['volume', 0.75],
      variants: [
        ['rough', 1.2],
        ['detail', 1.5, 'with fabric at seams'],
        ['exposed edge', 1.1],
      ],
      ...RESIN,
      cure,
      ifMissed: 'Wash, let dry and try the adhesion of the next coat on a patch first.',
      mend: [WASH, LET_DRY, PATCH_TEST],
      outputM2PerH: 90,
      more: { ...SPRAY, shade: 'light' },
    }),
    coat({
      id: 'top',
      name: 'Top coat, white',
      role: 'finish',
      note: 'at right angles to the base coat',
      rate: ['volume', 0.7],
      ...RESIN,
      densityKgPerL: 1.28,
      cure,
      ifMissed: 'Wash, let dry and try the adhesion of another coat on a patch first.',
      mend: [WASH, LET_DRY, PATCH_TEST],
      outputM2PerH: 95,
      more: { ...SPRAY, shade: 'light', direction: 'across the coat below' },
    }),
    siliconePatch(),
  ],
  upkeep: {
    recoatYears: typical(20),
    recoatLayers: ['top'],
    lifeYears: typical(30),
    inspectPerYear: typical(1),
    note: 'Only silicone sticks to it: wash well, then silicone again.',
  },
  cautions: [
    'Cured silicone is very slippery when wet: rope off, clean shoes.',
    'Nothing but silicone sticks to silicone: tell whoever comes after you.',
    'Spraying: respirator and suit, mind drift; injection from an airless gun is a surgical emergency.',
    ...ALWAYS,
  ],
};
