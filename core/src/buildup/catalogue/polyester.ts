import { ABRADE, SOLVENT, VACUUM, again } from './mending.ts';
import type { BuildUpInput } from '../schema.ts';
import { ALWAYS, coat, fabric, kg, limits, potLife, table, typical } from './typical.ts';

/** Liquid peroxide by the temperature of the resin. */
const CATALYST = {
  source: 'typical' as const,
  points: [
    { fromC: 5, toC: 12, percent: 3 },
    { fromC: 12, toC: 20, percent: 2 },
    { fromC: 20, toC: 30, percent: 1 },
  ],
};
const POLYESTER = {
  chemistry: 'polyester resin' as const,
  hazards: ['flammable', 'irritant', 'toxic', 'harms water'] as const,
  cleaner: 'solvent' as const,
  shelfMonths: 6,
};
const DRY = limits([5, 30], [5, 35], 85, 3, { dryHours: typical(24), windHandMaxMPerS: typical(8) });
const STIRRED = {
  stirring: { minutes: typical(2), rpm: typical(200), note: 'catalyst last, slow paddle, scrape the sides' },
};

/** Glass-reinforced polyester on boards. Typical values of our own choosing. */
export const GLASS_POLYESTER: BuildUpInput = {
  id: 'glass-polyester',
  revision: 1,
  name: 'Glass-reinforced polyester on boards',
  family: 'GRP',
  summary:
    'New dry boards with edge trims, bandaged joints, glass mat in catalysed polyester, pigmented top coat.',
  acceptance: 'average-and-spots',
  leastDryFilmMm: typical(1.2),
  traffic: 'feet',
  choices: [
    {
      id: 'mat',
      name: 'Glass mat',
      chosen: 'm450',
      options: [
        { id: 'm450', name: '450 g/m²', says: 'Roofs that are walked on for upkeep.' },
        { id: 'm600', name: '600 g/m²', says: 'Balconies and walkways; a third more resin.' },
      ],
    },
  ],
  layers: [
    ...(['m450', 'm600'] as const).flatMap((option) => {
      const [g, rate] = option === 'm450' ? [450, 1.5] : [600, 2];
      const id = option === 'm450' ? 'laminate' : 'laminate-600';
      return [
        coat({
          id,
          name: 'Laminating resin',
          role: 'membrane' as const,
          stretch: 2,
          note: 'rolled out, mat laid in and wetted, paddle-rolled until no air and no white fibre shows; in one go',
          rate: ['mass', rate] as const,
          variants: [['detail', 1.3, 'bandages over trims, joints and corners first']] as const,
          densityKgPerL: 1.1,
          solids: 0.92,
          ...POLYESTER,
          containers: [kg(20, 'drum', 118), kg(10, 'drum', 66)],
          limits: DRY,
          potLife: potLife([5, 35], [15, 22], [20, 15], [30, 9]),
          cure: {
            touch: table([5, 4], [12, 2], [20, 1], [30, 0.6]),
            rainSafe: table([5, 4], [12, 2], [20, 1], [30, 0.6]),
            overcoatFrom: table([5, 8], [12, 4], [20, 2], [30, 1.2]),
            overcoatUntil: table([5, 48], [20, 24], [30, 12]),
            foot: table([5, 12], [12, 6], [20, 3], [30, 2]),
          },
          ifMissed: 'Abrade all over, vacuum, wipe with solvent; then the top coat.',
          mend: [ABRADE, VACUUM, SOLVENT],
          outputM2PerH: 14,
          more: {
            only: { choice: 'mat', option },
            catalyst: CATALYST,
            ...STIRRED,
            largestMixKg: typical(10),
            tools: [{ kind: 'roller', napMm: typical(9), note: 'then the paddle roller, across and along' }],
          },
        }),
        fabric({
          id: option === 'm450' ? 'mat' : 'mat-600',
          name: `Glass mat, ${g} g/m²`,
          material: 'glass mat' as const,
          note: 'torn edges lap better than cut ones',
          embeddedIn: id,
          gPerM2: g,
          side: 50,
          end: 75,
          price: g === 450 ? 120 : 150,
          more: { only: { choice: 'mat', option }, rollWidthM: typical(1), rollLengthM: typical(60) },
        }),
      ];
    }),
    coat({
      id: 'top',
      name: 'Pigmented top coat',
      role: 'finish',
      note: 'once the laminate is hard and its fibres are sanded off; even, no bare fibre',
      rate: ['mass', 0.55],
      variants: [['rough', 1.2]],
      densityKgPerL: 1.2,
      solids: 0.95,
      ...POLYESTER,
      containers: [kg(20, 'drum', 146), kg(10, 'drum', 80)],
      limits: DRY,
      potLife: potLife([5, 35], [15, 22], [20, 15], [30, 9]),
      cure: {
        touch: table([5, 6], [12, 3], [20, 2], [30, 1.2]),
        rainSafe: table([5, 6], [12, 3], [20, 2], [30, 1.2]),
        overcoatFrom: table([5, 12], [20, 4], [30, 2.5]),
        foot: table([5, 48], [12, 30], [20, 24], [30, 16]),
        full: table([5, 168], [20, 72], [30, 48]),
        flood: table([5, 168], [20, 72], [30, 48]),
      },
      ifMissed: 'Abrade, vacuum, wipe with solvent; then another coat.',
      mend: [ABRADE, VACUUM, SOLVENT, again('top', 'Coat again.')],
      outputM2PerH: 35,
      more: { catalyst: CATALYST, ...STIRRED, largestMixKg: typical(10), shade: 'dark' },
    }),
  ],
  upkeep: {
    recoatYears: typical(10),
    recoatLayers: ['top'],
    lifeYears: typical(20),
    inspectPerYear: typical(1),
    note: 'Hair cracks at corners and edges first.',
  },
  cautions: [
    'Styrene: ventilate, gloves, goggles, respirator as the safety sheet says; no flame, no smoking; people in the house are told.',
    'Liquid peroxide: one drop blinds. Tight goggles, rinse at once with plenty of water, at least 15 minutes, and see a doctor.',
    'Peroxide is never mixed with accelerator directly, never on rags or sawdust: they catch fire by themselves.',
    'Resin left in a bucket heats and may ignite: spread shallow outdoors. Glass fibre: mask, long sleeves.',
    ...ALWAYS,
  ],
};
