import { ABRADE, SOLVENT, VACUUM, prime } from './mending.ts';
import type { BuildUpInput } from '../schema.ts';
import { ISOCYANATE, SAND } from './sand.ts';
import { ALWAYS, coat, kg, limits, potLife, table, throughFilm, typical } from './typical.ts';

const DECK_LIMITS = limits([8, 32], [8, 38], 85, 3);
const mixOf = (resin: number, densityA: number, densityB: number) => ({
  mix: {
    by: 'mass' as const,
    source: 'typical' as const,
    parts: [
      { id: 'a', name: 'Resin', kind: 'resin' as const, parts: resin, densityKgPerL: typical(densityA) },
      { id: 'b', name: 'Hardener', kind: 'hardener' as const, parts: 1, densityKgPerL: typical(densityB) },
    ],
  },
  stirring: { minutes: typical(3), rpm: typical(300), note: 'then over into a clean pail and again' },
});
const EPOXY = {
  chemistry: 'epoxy' as const,
  hazards: ['sensitising', 'corrosive', 'harms water'] as const,
  cleaner: 'solvent' as const,
};
const times = (touch: number, over: number, until: number, foot: number) => ({
  touch: table([8, touch * 2.2], [20, touch], [30, touch * 0.6]),
  rainSafe: table([8, touch * 2.4], [20, touch * 1.1], [30, touch * 0.7]),
  overcoatFrom: table([8, over * 2.2], [20, over], [30, over * 0.65]),
  overcoatUntil: table([8, until], [20, until], [30, until * 0.6]),
  foot: table([8, foot * 2], [20, foot], [30, foot * 0.65]),
});
const WHEELS = { wheels: table([8, 168], [20, 96], [30, 60]), full: table([8, 240], [20, 168], [30, 120]) };
const MEND = [ABRADE, VACUUM, SOLVENT];

/** Two-part polyurethane membrane between epoxy primer and lock coat. Typical values of our own choosing. */
export const TWO_PART_DECK: BuildUpInput = {
  id: 'two-part-deck',
  revision: 1,
  name: 'Two-part deck: epoxy and polyurethane',
  family: 'TRAFFIC2',
  summary:
    'Sanded epoxy primer, crack-bridging polyurethane, wear coat with sand to refusal, lock coat; slower and quieter than methacrylate.',
  acceptance: 'minimum',
  leastDryFilmMm: typical(1.5),
  traffic: 'wheels',
  layers: [
    coat({
      id: 'primer',
      name: 'Epoxy primer',
      role: 'primer',
      note: 'squeegee and roller, pores full, no puddles; sanded while wet',
      rate: ['mass', 0.45],
      variants: [['absorbent', 1.5, 'a second pass']],
      densityKgPerL: 1.1,
      solids: 1,
      ...EPOXY,
      containers: [kg(10, 'kit', 128), kg(30, 'kit', 345)],
      limits: limits([8, 30], [8, 35], 80, 3, { moistureMaxPct: typical(4.5), fallingSlab: true }),
      potLife: potLife([8, 60], [20, 30], [30, 15]),
      cure: times(8, 14, 48, 16),
      ifMissed: 'Abrade, vacuum and prime again.',
      mend: [ABRADE, VACUUM, prime('primer')],
      outputM2PerH: 40,
      more: { ...mixOf(2, 1.13, 1.02), largestMixKg: typical(30) },
    }),
    {
      ...SAND,
      id: 'key',
      name: 'Key sand',
      note: 'a light throw, so that the membrane keys',
      into: 'primer',
      method: 'light',
      grading: '0.3–0.8 mm',
      thrownKgPerM2: typical(0.8),
      retainedKgPerM2: typical(0.7),
    },
    coat({
      id: 'membrane',
      name: 'Polyurethane membrane',
      role: 'membrane',
      stretch: 300,
      note: 'notched trowel, spike-rolled; bridges cracks that move',
      rate: ['mass', 2.3],
      variants: [
        ['rough', 1.15],
        ['detail', 1.25, 'with fabric over cracks and joints'],
      ],
      densityKgPerL: 1.25,
      solids: 1,
      chemistry: 'polyurethane, aromatic',
      containers: [kg(25, 'kit', 262)],
      limits: DECK_LIMITS,
      potLife: potLife([8, 45], [20, 30], [30, 18]),
      cure: {
        ...times(8, 18, 48, 24),
        overcoatFrom: { ...table([8, 36], [20, 18], [30, 12]), byWetFilmMm: throughFilm(1.9) },
      },
      ifMissed: 'Abrade, vacuum, wipe with solvent; then the next coat.',
      mend: MEND,
      outputM2PerH: 28,
      ...ISOCYANATE,
      more: {
        ...mixOf(4, 1.28, 1.14),
        largestMixKg: typical(25),
        tools: [
          {
            kind: 'notched trowel',
            shape: 'triangular',
            notchMm: typical(4),
            angleDeg: typical(67),
            note: '',
          },
          { kind: 'spike roller', pinMm: typical(15), note: '' },
        ],
      },
    }),
    coat({
      id: 'wear',
      name: 'Wear coat',
      role: 'wear',
      note: 'notched trowel, sand to refusal at once',
      rate: ['mass', 1.5],
      densityKgPerL: 1.35,
      solids: 1,
      chemistry: 'polyurethane, aromatic',
      containers: [kg(25, 'kit', 240)],
      limits: DECK_LIMITS,
      potLife: potLife([8, 40], [20, 25], [30, 15]),
      cure: { ...times(8, 16, 48, 20), ...WHEELS },
      ifMissed: 'Abrade, vacuum, wipe with solvent; then the next coat.',
      mend: MEND,
      outputM2PerH: 25,
      ...ISOCYANATE,
      more: { ...mixOf(4, 1.39, 1.16), largestMixKg: typical(25) },
    }),
    {
      ...SAND,
      id: 'sand',
      name: 'Quartz sand',
      note: 'dry, free of iron; excess swept off before the lock coat',
      into: 'wear',
      method: 'to refusal',
      grading: '0.7–1.2 mm',
      thrownKgPerM2: typical(4),
      retainedKgPerM2: typical(2.8),
      standsMm: typical(0.6),
    },
    coat({
      id: 'lock',
      name: 'Lock coat',
      role: 'finish',
      note: 'squeegee and roller, grains wetted all round and still standing out; UV-stable',
      rate: ['mass', 0.65],
      variants: [
        ['ramp', 1.2],
        ['rough', 1.15],
      ],
      densityKgPerL: 1.3,
      solids: 0.8,
      chemistry: 'polyurethane, aliphatic',
      containers: [kg(10, 'kit', 190)],
      limits: DECK_LIMITS,
      potLife: potLife([8, 50], [20, 30], [30, 16]),
      cure: { ...times(10, 18, 72, 24), ...WHEELS },
      ifMissed: 'Abrade, vacuum and wipe before another coat.',
      mend: MEND,
      outputM2PerH: 45,
      ...ISOCYANATE,
      more: {
        ...mixOf(5, 1.34, 1.1),
        missed: {
          wheels: 'Turning tyres tear a coat that is not through: close it again, look, lock again.',
        },
      },
    }),
  ],
  upkeep: {
    recoatYears: typical(8),
    recoatLayers: ['lock'],
    lifeYears: typical(20),
    inspectPerYear: typical(2),
    note: 'Lanes and turns wear first.',
  },
  cautions: [
    'Epoxy and isocyanate: gloves, goggles and long sleeves; whoever is sensitised stays away.',
    'Kits are mixed whole: a guessed ratio never cures.',
    'Movement joints get their own profile before anything is poured.',
    ...ALWAYS,
  ],
};
