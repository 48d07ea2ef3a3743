import { ABRADE, CLEANER, VACUUM, prime } from './mending.ts';
import { STRIPED_CRACKS, lowModulusQuick } from './detailgrades.ts';
import type { BuildUpInput } from '../schema.ts';
import { CATALYST, METHACRYLATE, METHACRYLATE_CAUTIONS, QUICK, STIRRED } from './methacrylate.ts';
import { SAND } from './sand.ts';
import { ALWAYS, coat, kg, limits, potLife, table, typical } from './typical.ts';

const drums = [kg(25, 'drum', 250), kg(10, 'drum', 115)];
const DECK = {
  ...METHACRYLATE,
  chemistry: 'methacrylate' as const,
  ifMissed: 'Wipe with the cleaner of the data sheet, then go on.',
  mend: [CLEANER],
};
const DECK_LIMITS = limits([0, 30], [0, 35], 90, 3);
const WHEELS = { wheels: table([0, 5], [20, 3], [30, 2.5]) };

const wear = (id: string, name: string, option: string, rateKgPerM2: number, note: string) =>
  coat({
    id,
    name,
    role: 'wear',
    note,
    rate: ['mass', rateKgPerM2],
    densityKgPerL: 1.6,
    solids: 0.98,
    containers: [kg(30, 'bucket', 205)],
    limits: DECK_LIMITS,
    potLife: potLife([0, 22], [20, 14], [30, 8]),
    cure: { ...QUICK, ...WHEELS },
    ...DECK,
    outputM2PerH: 20,
    more: {
      only: { choice: 'place', option },
      largestMixKg: typical(30),
      catalyst: CATALYST,
      ...STIRRED,
      mix: {
        by: 'mass',
        source: 'typical',
        parts: [
          { id: 'resin', name: 'Resin', kind: 'resin', parts: 1, densityKgPerL: typical(1) },
          { id: 'filler', name: 'Filler', kind: 'filler', parts: 1.5, densityKgPerL: typical(2.65) },
        ],
      },
    },
  });

/** Methacrylate traffic deck. Typical values of our own choosing. */
export const VEHICULAR_DECK: BuildUpInput = {
  id: 'vehicular-deck',
  revision: 1,
  name: 'Vehicular deck, sanded wear coat',
  family: 'TRAFFIC',
  summary: 'Primer, membrane, sanded wear coat, lock coat under wheels; a heavier wear coat on ramps.',
  acceptance: 'minimum',
  leastDryFilmMm: typical(1.8),
  traffic: 'wheels',
  choices: [
    {
      id: 'place',
      name: 'Wear build-up',
      chosen: 'level',
      options: [
        { id: 'level', name: 'Parking level', says: 'A filled coat with sand to refusal.' },
        {
          id: 'ramp',
          name: 'Ramp and turns',
          says: 'A thicker coat with hard, coarse grit: wheels push and turn here.',
        },
      ],
    },
  ],
  detailWays: [STRIPED_CRACKS],
  layers: [
    coat({
      id: 'primer',
      name: 'Primer',
      role: 'primer',
      note: 'roller, closed film, light sand; puddles do not cure',
      rate: ['mass', 0.5],
      variants: [['absorbent', 1.4, 'a second pass']],
      least: [0.4, 'below this it does not cure at all'],
      densityKgPerL: 1,
      solids: 0.95,
      containers: drums,
      limits: limits([0, 30], [0, 35], 85, 3, { moistureMaxPct: typical(6), fallingSlab: true }),
      potLife: potLife([0, 20], [20, 12], [30, 8]),
      cure: { ...QUICK, overcoatUntil: table([0, 48], [20, 48], [30, 24]) },
      ...DECK,
      ifMissed: 'Abrade, clean and prime again.',
      mend: [ABRADE, VACUUM, prime('primer')],
      outputM2PerH: 40,
      more: {
        largestMixKg: typical(10),
        catalyst: CATALYST,
        ...STIRRED,
        missed: {
          leastRate: 'It stays soft: scrape off, clean and prime again; solvents on tools do the same.',
        },
      },
    }),
    coat({
      id: 'membrane',
      name: 'Membrane',
      role: 'membrane',
      stretch: 220,
      note: 'notched trowel, back-rolled',
      rate: ['mass', 2.6],
      variants: [
        ['rough', 1.15],
        ['detail', 1.25, 'with fleece over cracks and joints of boards'],
      ],
      densityKgPerL: 1.25,
      solids: 0.97,
      containers: drums,
      limits: DECK_LIMITS,
      potLife: potLife([0, 25], [20, 15], [30, 9]),
      cure: QUICK,
      ...DECK,
      outputM2PerH: 30,
      more: {
        largestMixKg: typical(25),
        catalyst: CATALYST,
        ...STIRRED,
        tools: [
          { kind: 'notched trowel', shape: 'square', notchMm: typical(5), angleDeg: typical(56), note: '' },
          { kind: 'spike roller', pinMm: typical(15), note: '' },
        ],
      },
    }),
    wear('wear', 'Wear coat', 'level', 3.2, 'notched trowel, sand to refusal at once'),
    {
      ...SAND,
      id: 'sand',
      name: 'Quartz sand',
      note: 'dry, free of iron; excess swept off before the lock coat',
      only: { choice: 'place', option: 'level' },
      into: 'wear',
      method: 'to refusal',
      grading: '0.7–1.2 mm',
      thrownKgPerM2: typical(4),
      retainedKgPerM2: typical(2.8),
      standsMm: typical(0.6),
    },
    wear('wear-ramp', 'Wear coat, ramp', 'ramp', 4.4, 'trowelled, hard grit to refusal at once'),
    {
      ...SAND,
      id: 'grit',
      name: 'Hard grit',
      note: 'flint or corundum, free of iron; excess swept off before the lock coat',
      only: { choice: 'place', option: 'ramp' },
      into: 'wear-ramp',
      method: 'to refusal',
      grading: '1–3 mm',
      thrownKgPerM2: typical(5),
      retainedKgPerM2: typical(3.4),
      standsMm: typical(1.4),
      pricePerBag: typical(26),
    },
    coat({
      id: 'lock',
      name: 'Lock coat',
      role: 'finish',
      note: 'squeegee and roller; thin grains stay sharp, thick ones drown',
      rate: ['mass', 0.7],
      variants: [
        ['ramp', 1.2],
        ['rough', 1.15],
      ],
      densityKgPerL: 1.05,
      solids: 0.96,
      containers: drums,
      limits: DECK_LIMITS,
      potLife: potLife([0, 25], [20, 15], [30, 9]),
      cure: { ...QUICK, ...WHEELS },
      ...DECK,
      outputM2PerH: 45,
      more: {
        largestMixKg: typical(10),
        catalyst: CATALYST,
        ...STIRRED,
        missed: {
          wheels:
            'Turning tyres tear a coat that is not through: close it again, look for marks, lock again.',
        },
      },
    }),
    lowModulusQuick(),
  ],
  upkeep: {
    recoatYears: typical(8),
    recoatLayers: ['lock'],
    lifeYears: typical(20),
    inspectPerYear: typical(2),
    note: 'Lanes and turns wear first.',
  },
  cautions: [
    ...METHACRYLATE_CAUTIONS,
    'Expansion joints get their own profile before anything is poured: fluid resin runs through on to what stands below.',
    'No solvent on tools or rollers: what it touches stays soft.',
    ...ALWAYS,
  ],
};
