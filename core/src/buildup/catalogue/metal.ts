import { ABRADE, LET_DRY, WASH, WIPE } from './mending.ts';
import type { BuildUpInput } from '../schema.ts';
import {
  ALWAYS,
  DRIED,
  WATERY,
  coat,
  limits,
  litres,
  potLife,
  table,
  throughFilm,
  typical,
} from './typical.ts';

const SPRAYED = (tipMm: number, note: string) => ({
  tools: [
    {
      kind: 'airless spray' as const,
      tipMm: typical(tipMm),
      fanDeg: typical(50),
      pressureBar: typical(200),
      overlapPct: typical(50),
      note,
    },
  ],
});
const METAL_COAT = {
  densityKgPerL: 1.34,
  solids: 0.55,
  chemistry: 'acrylic' as const,
  containers: [litres(20, 'pail', 165), litres(10, 'pail', 89)],
  limits: limits([8, 40], [8, 50], 80, 3, {
    ...WATERY,
    windSprayMaxMPerS: typical(5),
    noBelow: { tempC: 5, source: 'typical' as const, until: 'overcoatFrom' as const },
  }),
  potLife: potLife([8, 480], [35, 240]),
  hazards: ['irritant', 'harms water'] as const,
  cleaner: 'water' as const,
  outputM2PerH: 110,
};
const metalCure = (mm: number) => {
  const by = { byHumidityPct: DRIED, byWetFilmMm: throughFilm(mm) };
  return {
    touch: { ...table([8, 6], [20, 2.5], [30, 1.5]), ...by },
    rainSafe: { ...table([8, 14], [20, 6], [30, 4]), ...by },
    overcoatFrom: { ...table([8, 24], [20, 10], [30, 6]), ...by },
    overcoatUntil: table([8, 240], [20, 168], [30, 120]),
    foot: { ...table([8, 48], [20, 24], [30, 16]), ...by },
  };
};

/** Elastomeric anticorrosive on metal sheet, specified by dry film. Typical values of our own choosing. */
export const METAL_ROOF: BuildUpInput = {
  id: 'metal-elastomeric',
  revision: 1,
  name: 'Elastomeric coat on metal sheet',
  family: 'METAL',
  summary:
    'Pressure wash, rust primer, every fastener and edge by brush, fleece on laps, two sprayed coats by dry film.',
  acceptance: 'mean-and-share',
  leastDryFilmMm: typical(0.4),
  layers: [
    coat({
      id: 'rust',
      name: 'Anticorrosive primer',
      role: 'primer',
      treats: 'rust',
      note: 'on bare and rusted metal, after wire brush and wash',
      rate: ['dryFilm', 0.06],
      least: [0.04, 'peaks of the rust stand through'],
      densityKgPerL: 1.32,
      solids: 0.5,
      chemistry: 'epoxy',
      containers: [litres(5, 'kit', 92), litres(20, 'kit', 330)],
      limits: limits([5, 35], [5, 45], 85, 3, { windSprayMaxMPerS: typical(5) }),
      potLife: potLife([5, 480], [20, 240], [35, 120]),
      cure: {
        touch: table([5, 3], [20, 1], [30, 0.6]),
        rainSafe: table([5, 6], [20, 2], [30, 1.5]),
        overcoatFrom: table([5, 10], [20, 4], [30, 3]),
        overcoatUntil: table([5, 240], [20, 168], [30, 120]),
        foot: table([5, 12], [20, 6], [30, 4]),
      },
      ifMissed: 'Abrade and wipe, then coat.',
      mend: [ABRADE, WIPE],
      outputM2PerH: 70,
      hazards: ['flammable', 'irritant', 'eye damage', 'sensitising', 'harms water'],
      cleaner: 'solvent',
      more: {
        mix: {
          by: 'volume',
          source: 'typical',
          parts: [
            { id: 'a', name: 'Base', kind: 'resin', parts: 4, densityKgPerL: typical(1.41) },
            { id: 'b', name: 'Hardener', kind: 'hardener', parts: 1, densityKgPerL: typical(0.96) },
          ],
        },
        stirring: {
          minutes: typical(3),
          rpm: typical(300),
          note: 'hardener last, then over into a clean pail',
        },
        tools: [{ kind: 'brush', note: 'into the rusted places, out to firm metal' }],
      },
    }),
    coat({
      id: 'stripe',
      name: 'Stripe coat',
      role: 'preparation',
      treats: 'edges, laps and fasteners',
      note: 'by brush over every fastener, cut edge and lap; fleece on the laps',
      rate: ['dryFilm', 0.2],
      ...METAL_COAT,
      cure: metalCure(0.36),
      ifMissed: 'Wash, then go on.',
      mend: [WASH, LET_DRY],
      outputM2PerH: 60,
      more: { tools: [{ kind: 'brush', note: 'worked in from all sides' }], shade: 'light' },
    }),
    coat({
      id: 'base',
      name: 'Base coat',
      role: 'membrane',
      stretch: 190,
      note: 'sprayed along the ribs',
      rate: ['dryFilm', 0.25],
      variants: [
        ['exposed edge', 1.25],
        ['rough', 1.15, 'profiled sheet has more surface than plan'],
      ],
      ...METAL_COAT,
      cure: metalCure(0.45),
      ifMissed: 'Wash, then go on.',
      mend: [WASH, LET_DRY],
      more: { ...SPRAYED(0.53, 'along the ribs, then across'), shade: 'light' },
    }),
    coat({
      id: 'top',
      name: 'Top coat',
      role: 'membrane',
      stretch: 190,
      note: 'second shade, across the first',
      rate: ['dryFilm', 0.25],
      variants: [
        ['exposed edge', 1.25],
        ['rough', 1.15, 'profiled sheet has more surface than plan'],
      ],
      ...METAL_COAT,
      cure: { ...metalCure(0.45), full: table([8, 336], [20, 168], [30, 120]) },
      ifMissed: 'Wash, then coat again.',
      mend: [WASH, LET_DRY],
      more: { ...SPRAYED(0.53, ''), shade: 'light', direction: 'across the coat below' },
    }),
  ],
  upkeep: {
    recoatYears: typical(8),
    recoatLayers: ['top'],
    lifeYears: typical(20),
    inspectPerYear: typical(1),
    note: 'Fasteners and laps first.',
  },
  cautions: [
    'Thin sheet and roof lights are fragile: never step on them; crawl boards and fall protection.',
    'Wet metal and wet film are very slippery: keep off.',
    'Injection from an airless gun is a surgical emergency; never near a hand.',
    ...ALWAYS,
  ],
};
