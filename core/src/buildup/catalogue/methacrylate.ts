import { ABRADE, CLEANER, SWEEP, VACUUM, again, prime } from './mending.ts';
import type { BuildUpInput } from '../schema.ts';
import { ALWAYS, coat, fabric, kg, limits, potLife, table, typical } from './typical.ts';

export const CATALYST = {
  source: 'typical' as const,
  points: [
    { fromC: -5, toC: 5, percent: 6 },
    { fromC: 5, toC: 15, percent: 4 },
    { fromC: 15, toC: 25, percent: 2 },
    { fromC: 25, toC: 35, percent: 1 },
  ],
};

export const QUICK = {
  touch: table([-5, 1], [5, 0.75], [20, 0.5], [30, 0.35]),
  rainSafe: table([-5, 0.8], [5, 0.6], [20, 0.5], [30, 0.4]),
  overcoatFrom: table([-5, 1.25], [5, 1], [20, 0.75], [30, 0.6]),
  foot: table([-5, 3], [5, 2.5], [20, 2], [30, 1.5]),
  full: table([-5, 6], [5, 5], [20, 3], [30, 2.5]),
  flood: table([-5, 6], [5, 5], [20, 3], [30, 2.5]),
};

export const METHACRYLATE = {
  hazards: ['flammable', 'sensitising', 'irritant'] as const,
  cleaner: 'resin cleaner' as const,
  shelfMonths: 9,
};
export const METHACRYLATE_CAUTIONS = [
  'Methacrylate vapour: ventilate, gloves, goggles, respirator as the safety sheet says; no flame, no smoking.',
  'Peroxide catalyst: never together with accelerators, metal salts or heat; small quantities; keep it in its own box.',
  'Outside the catalyst table nothing is mixed: it is a stop, not a guess.',
];
export const STIRRED = {
  stirring: { minutes: typical(2), rpm: typical(200), note: 'catalyst last, slow paddle, scrape the sides' },
};
const drums = [kg(25, 'drum', 245), kg(10, 'drum', 112)];
const WARM = { ...METHACRYLATE, chemistry: 'methacrylate' as const, outputM2PerH: 30 };

/** Catalysed methacrylate terrace with fleece and coloured aggregate. Typical values of our own choosing. */
export const METHACRYLATE_TERRACE: BuildUpInput = {
  id: 'methacrylate-terrace',
  revision: 1,
  name: 'Methacrylate terrace, coloured aggregate',
  family: 'PMMA',
  summary:
    'Primer, fleece in catalysed resin, filled wear coat broadcast with coloured quartz, clear finish. Walked on the same day.',
  acceptance: 'mean-and-share',
  leastDryFilmMm: typical(2),
  traffic: 'feet',
  choices: [
    {
      id: 'broadcast',
      name: 'Broadcast',
      chosen: 'refusal',
      options: [
        {
          id: 'refusal',
          name: 'To refusal',
          says: 'Thrown until nothing more holds; the excess is swept off and partly kept.',
        },
        {
          id: 'rate',
          name: 'At a rate',
          says: 'A measured amount; less to sweep, less to carry, and it shows every miss.',
        },
      ],
    },
  ],
  layers: [
    coat({
      id: 'primer',
      name: 'Primer',
      role: 'primer',
      note: 'roller, fill the pores, no puddles',
      rate: ['mass', 0.45],
      variants: [['absorbent', 1.5, 'a second pass where it drinks']],
      least: [0.3, 'a thin film loses its monomer and does not cure'],
      densityKgPerL: 1,
      solids: 0.95,
      containers: drums,
      limits: limits([-5, 30], [0, 35], 90, 3, { moistureMaxPct: typical(4.5) }),
      potLife: potLife([0, 20], [20, 12], [30, 8]),
      cure: { ...QUICK, overcoatUntil: table([-5, 72], [5, 72], [20, 72], [30, 48]) },
      ifMissed: 'Abrade, clean and prime again.',
      mend: [ABRADE, VACUUM, prime('primer')],
      ...WARM,
      more: { largestMixKg: typical(10), catalyst: CATALYST, ...STIRRED, blocksBleed: true },
    }),
    coat({
      id: 'membrane',
      name: 'Membrane, reinforced',
      role: 'membrane',
      stretch: 90,
      note: 'two thirds under the fleece, one third over it, wet on wet',
      rate: ['mass', 2.6],
      variants: [
        ['rough', 1.15],
        ['detail', 1.15, 'fully saturated'],
        ['vertical', 0.9, 'thickened'],
      ],
      densityKgPerL: 1.2,
      solids: 0.95,
      containers: drums,
      limits: limits([-5, 30], [0, 35], 90, 3),
      potLife: potLife([0, 25], [20, 15], [30, 9]),
      cure: QUICK,
      ifMissed: 'Not lost with time: wipe with the cleaner of the data sheet, then go on.',
      mend: [CLEANER],
      ...WARM,
      outputM2PerH: 18,
      more: {
        largestMixKg: typical(10),
        catalyst: CATALYST,
        ...STIRRED,
        tools: [{ kind: 'roller', napMm: typical(12), note: 'lambskin' }],
        thickener: {
          source: 'typical',
          name: 'thickener',
          points: [
            { fromSlopePct: 5, percent: 1 },
            { fromSlopePct: 30, percent: 2 },
          ],
          trialMinutes: typical(15),
          densityKgPerL: typical(2.2),
        },
      },
    }),
    fabric({
      id: 'fleece',
      name: 'Fleece',
      material: 'polyester fleece',
      note: 'saturated, no air under it',
      embeddedIn: 'membrane',
      gPerM2: 120,
      end: 50,
      price: 90,
    }),
    coat({
      id: 'wear',
      name: 'Wear coat',
      role: 'wear',
      note: 'notched trowel, spike rolled at once',
      rate: ['mass', 3.8],
      densityKgPerL: 1.7,
      solids: 0.98,
      containers: [kg(33, 'bucket', 190)],
      limits: limits([3, 30], [3, 35], 90, 3),
      potLife: potLife([3, 25], [20, 15], [30, 9]),
      cure: {
        ...QUICK,
        rainSafe: table([3, 0.8], [20, 0.66], [30, 0.5]),
        overcoatFrom: table([3, 1.5], [20, 1], [30, 0.8]),
      },
      ifMissed: 'Not lost with time: sweep, wipe with the cleaner of the data sheet, then go on.',
      mend: [SWEEP, CLEANER],
      ...WARM,
      outputM2PerH: 22,
      more: {
        largestMixKg: typical(33),
        catalyst: CATALYST,
        ...STIRRED,
        mix: {
          by: 'mass',
          source: 'typical',
          parts: [
            { id: 'resin', name: 'Resin', kind: 'resin', parts: 1, densityKgPerL: typical(1) },
            { id: 'filler', name: 'Filler', kind: 'filler', parts: 2, densityKgPerL: typical(2.65) },
          ],
        },
        tools: [
          {
            kind: 'notched trowel',
            shape: 'triangular',
            notchMm: typical(6),
            angleDeg: typical(50),
            note: '',
          },
          { kind: 'spike roller', pinMm: typical(20), note: '' },
        ],
      },
    }),
    {
      id: 'quartz',
      name: 'Coloured quartz',
      kind: 'broadcast',
      note: 'while wet; what does not hold is swept off before the finish',
      only: { choice: 'broadcast', option: 'refusal' },
      into: 'wear',
      method: 'to refusal',
      grading: '0.7–1.2 mm',
      thrownKgPerM2: typical(4.2),
      retainedKgPerM2: typical(2.8),
      standsMm: typical(0.7),
      bagKg: typical(25),
      pricePerBag: typical(28),
      outputM2PerH: typical(40),
    },
    {
      id: 'quartz-rate',
      name: 'Coloured quartz, at a rate',
      kind: 'broadcast',
      note: 'while wet, evenly, from both sides',
      only: { choice: 'broadcast', option: 'rate' },
      into: 'wear',
      method: 'at a rate',
      grading: '0.7–1.2 mm',
      thrownKgPerM2: typical(1.2),
      retainedKgPerM2: typical(1.15),
      standsMm: typical(0.4),
      bagKg: typical(25),
      pricePerBag: typical(28),
      outputM2PerH: typical(50),
    },
    coat({
      id: 'finish',
      name: 'Finish',
      role: 'finish',
      note: 'clear, one pass with squeegee and roller',
      rate: ['mass', 0.6],
      densityKgPerL: 1.05,
      solids: 0.96,
      containers: drums,
      limits: limits([3, 30], [3, 35], 90, 3),
      potLife: potLife([3, 25], [20, 15], [30, 9]),
      cure: QUICK,
      ifMissed: 'Abrade, clean and finish again.',
      mend: [ABRADE, VACUUM, again('finish', 'Finish again.')],
      ...WARM,
      outputM2PerH: 35,
      more: {
        largestMixKg: typical(10),
        catalyst: CATALYST,
        ...STIRRED,
        shade: 'clear',
        tools: [{ kind: 'squeegee' }, { kind: 'roller', napMm: typical(8), note: '' }],
      },
    }),
  ],
  upkeep: {
    recoatYears: typical(12),
    recoatLayers: ['finish'],
    lifeYears: typical(25),
    inspectPerYear: typical(1),
    note: 'Wash, wipe with the cleaner of the data sheet, finish again where it has worn.',
  },
  cautions: [...METHACRYLATE_CAUTIONS, ...ALWAYS],
};
