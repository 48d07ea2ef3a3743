import { ABRADE, SOLVENT, VACUUM, prime } from './mending.ts';
import { STRIPED_BOARDS, lowModulus } from './detailgrades.ts';
import type { BuildUpInput } from '../schema.ts';
import { ISOCYANATE, SAND } from './sand.ts';
import {
  ALWAYS,
  HUMIDITY_CURED,
  MOIST,
  coat,
  limits,
  litres,
  potLife,
  table,
  throughFilm,
  typical,
} from './typical.ts';

const AIR = { byHumidityPct: HUMIDITY_CURED };
/** Coats of UV-stable polyurethane: slower in dry air. */
const topCure = {
  touch: { ...table([7, 12], [20, 5], [30, 3]), ...AIR },
  rainSafe: { ...table([7, 8], [20, 4], [30, 2.5]), ...AIR },
  overcoatFrom: { ...table([7, 26], [20, 12], [30, 8]), ...AIR },
  overcoatUntil: table([7, 96], [20, 48], [30, 30]),
  foot: { ...table([7, 36], [20, 20], [30, 12]), ...AIR },
};
const TOP = {
  densityKgPerL: 1.18,
  solids: 0.72,
  chemistry: 'polyurethane, aliphatic' as const,
  containers: [litres(19, 'pail', 330)],
  limits: limits([7, 35], [7, 45], 85, 3, MOIST),
  potLife: potLife([7, 60], [20, 40], [35, 20]),
  ...ISOCYANATE,
};
/** The coat that the sand goes into: as much as holds it. */
const bed = (id: string, name: string, option: 'rate' | 'refusal', rate: number) =>
  coat({
    id,
    name,
    role: 'wear',
    note: 'rolled, broadcast while wet; UV-stable',
    rate: ['volume', rate],
    ...TOP,
    cure: topCure,
    ifMissed: 'Abrade, vacuum and wipe with solvent before the next coat.',
    mend: [ABRADE, VACUUM, SOLVENT],
    outputM2PerH: 45,
    more: { only: { choice: 'broadcast', option } },
  });
/** The last coat: sand to refusal drinks more of it. */
const top = (id: string, name: string, option: 'rate' | 'refusal', rate: number) =>
  coat({
    id,
    name,
    role: 'finish',
    note: 'second shade; rolled out of the corner to the door',
    rate: ['volume', rate],
    variants: [['rough', 1.2]],
    ...TOP,
    cure: {
      ...topCure,
      foot: { ...table([7, 72], [20, 48], [30, 30]), ...AIR },
      full: table([7, 240], [20, 168], [30, 96]),
    },
    ifMissed: 'Abrade, vacuum and wipe with solvent before another coat.',
    mend: [ABRADE, VACUUM, SOLVENT],
    outputM2PerH: 55,
    more: { only: { choice: 'broadcast', option } },
  });

/** Pedestrian polyurethane deck for balconies and walkways. Typical values of our own choosing. */
export const PEDESTRIAN_DECK: BuildUpInput = {
  id: 'pedestrian-deck',
  revision: 1,
  name: 'Pedestrian polyurethane deck',
  family: 'PU-DECK',
  summary:
    'Primer, base coat, sand, UV-stable top coat on successive days. For plywood and concrete under foot traffic.',
  acceptance: 'average-and-spots',
  leastDryFilmMm: typical(0.6),
  traffic: 'feet',
  choices: [
    {
      id: 'broadcast',
      name: 'Broadcast',
      chosen: 'rate',
      options: [
        { id: 'rate', name: 'At a rate', says: 'An even grip, the least to sweep.' },
        { id: 'refusal', name: 'To refusal', says: 'The roughest and hardest-wearing; takes more top coat.' },
      ],
    },
  ],
  detailWays: [STRIPED_BOARDS],
  layers: [
    coat({
      id: 'primer',
      name: 'Primer',
      role: 'primer',
      note: 'brush joints first, then roll; no puddles',
      rate: ['volume', 0.15],
      variants: [['absorbent', 1.5, 'porous plywood takes a second pass']],
      densityKgPerL: 1.02,
      solids: 0.45,
      chemistry: 'solvent primer',
      containers: [litres(4, 'can', 62), litres(19, 'pail', 260)],
      limits: limits([7, 35], [7, 45], 85, 3, { moistureMaxPct: typical(12) }),
      potLife: potLife([7, 180], [20, 120], [35, 60]),
      cure: {
        touch: table([7, 5], [20, 2], [30, 1]),
        rainSafe: table([7, 6], [20, 3], [30, 2]),
        overcoatFrom: table([7, 8], [20, 4], [30, 2]),
        overcoatUntil: table([7, 48], [20, 24], [30, 16]),
        foot: table([7, 8], [20, 4], [30, 2]),
      },
      ifMissed: 'Abrade, wipe with solvent and prime again.',
      mend: [ABRADE, SOLVENT, prime('primer')],
      outputM2PerH: 50,
      ...ISOCYANATE,
    }),
    coat({
      id: 'base',
      name: 'Base coat',
      role: 'membrane',
      stretch: 220,
      note: 'poured out, notched squeegee, back-rolled; turns in the sun and must be covered',
      rate: ['volume', 0.75, [0.62, 0.75]],
      variants: [
        ['rough', 1.15],
        ['detail', 1.3, 'with fabric over board joints'],
      ],
      densityKgPerL: 1.12,
      solids: 0.85,
      chemistry: 'polyurethane, aromatic',
      containers: [litres(19, 'pail', 205)],
      limits: limits([7, 35], [7, 45], 85, 3, MOIST),
      potLife: potLife([7, 70], [20, 40], [35, 20]),
      cure: {
        touch: { ...table([7, 14], [20, 6], [30, 4]), byHumidityPct: HUMIDITY_CURED },
        rainSafe: { ...table([7, 10], [20, 5], [30, 3]), byHumidityPct: HUMIDITY_CURED },
        overcoatFrom: {
          ...table([7, 30], [20, 16, [12, 16]], [30, 10]),
          byHumidityPct: HUMIDITY_CURED,
          byWetFilmMm: throughFilm(0.75),
        },
        overcoatUntil: table([7, 72], [20, 36], [30, 24]),
        foot: { ...table([7, 36], [20, 20], [30, 12]), byHumidityPct: HUMIDITY_CURED },
      },
      ifMissed: 'Abrade all over, vacuum, prime between coats, go on the same day.',
      mend: [ABRADE, VACUUM, prime('primer', 'Prime between coats, and go on the same day.')],
      outputM2PerH: 35,
      ...ISOCYANATE,
      more: {
        shade: 'dark',
        tools: [
          { kind: 'squeegee', note: 'notched' },
          { kind: 'roller', napMm: typical(9), note: '' },
        ],
      },
    }),
    bed('wear', 'Wear coat', 'rate', 0.35),
    bed('wear-bed', 'Wear coat, as a bed', 'refusal', 0.6),
    {
      ...SAND,
      id: 'sand',
      name: 'Quartz sand, at a rate',
      note: 'dry, rounded, free of iron; into the wet coat',
      only: { choice: 'broadcast', option: 'rate' },
      into: 'wear',
      method: 'at a rate',
      grading: '0.4–0.8 mm',
      thrownKgPerM2: typical(0.8),
      retainedKgPerM2: typical(0.75),
    },
    {
      ...SAND,
      id: 'sand-refusal',
      name: 'Quartz sand, to refusal',
      note: 'dry, rounded, free of iron; excess swept off before the top coat',
      only: { choice: 'broadcast', option: 'refusal' },
      into: 'wear-bed',
      method: 'to refusal',
      grading: '0.4–0.8 mm',
      thrownKgPerM2: typical(3.5),
      retainedKgPerM2: typical(2.2),
      standsMm: typical(0.5),
    },
    top('top', 'Top coat', 'rate', 0.3),
    top('top-heavy', 'Top coat, over sand to refusal', 'refusal', 0.5),
    lowModulus(),
  ],
  upkeep: {
    recoatYears: typical(6),
    recoatLayers: ['top', 'top-heavy'],
    lifeYears: typical(20),
    inspectPerYear: typical(1),
    note: 'A top coat before the sand shows; a bare base coat in the sun is lost.',
  },
  cautions: [
    'Isocyanate: gloves, goggles, respirator as the safety sheet says; whoever is sensitised stays away.',
    'The deck is a way out: agree with the people in the house when it is closed.',
    ...ALWAYS,
  ],
};
