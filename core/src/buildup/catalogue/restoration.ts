import { LET_DRY, WASH, prime } from './mending.ts';
import { GELLED, gel } from './detailgrades.ts';
import type { BuildUpInput } from '../schema.ts';
import { ALWAYS, coat, fabric, litres, table, typical } from './typical.ts';
import { SKINNED, WATER, WHITE, dryLimits, drying, emulsion } from './waterborne.ts';

/** Both fabrics come off the same rolls. */
const POLYESTER = { name: 'Polyester fabric', hazards: [], cautions: [] };

/** Emulsion, polyester and acrylic over gravel or old felt. Typical values of our own choosing. */
export const RESTORATION: BuildUpInput = {
  id: 'gravel-restoration',
  revision: 1,
  name: 'Restoration, emulsion and polyester under white',
  family: 'RESTORE',
  summary: 'Fill coat until smooth, polyester broomed into wet emulsion, gel at details, two white coats.',
  acceptance: 'average-and-spots',
  leastDryFilmMm: typical(1.8),
  detailsAfter: 'base',
  choices: [
    {
      id: 'ground',
      name: 'Old roof',
      chosen: 'gravel',
      options: [
        {
          id: 'gravel',
          name: 'Gravel in the felt',
          says: 'A fill coat first, until no stone tents the fabric.',
        },
        { id: 'felt', name: 'Smooth old felt', says: 'No fill coat; the base goes straight on.' },
      ],
    },
    {
      id: 'fabrics',
      name: 'Fabric',
      chosen: 'one',
      options: [
        { id: 'one', name: 'One', says: 'One polyester, its courses from the low edge up.' },
        {
          id: 'crossed',
          name: 'Two, crossed at 90°',
          says: 'A second polyester square to the first, in its own emulsion.',
        },
      ],
    },
  ],
  detailWays: [GELLED],
  layers: [
    {
      ...emulsion(
        'fill',
        'Fill coat',
        'poured and squeegeed until the stones are level; in two passes where deep',
        2.4,
        {
          only: { choice: 'ground', option: 'gravel' },
          tools: [{ kind: 'squeegee', note: '' }],
        },
      ),
      role: 'levelling' as const,
    },
    emulsion('base', 'Base emulsion', 'wet enough to come through the fabric', 1.6),
    fabric({
      id: 'fabric',
      name: 'Polyester fabric',
      material: 'polyester fabric',
      note: 'broomed into the wet base from the low edge up; no tents, no white holidays',
      embeddedIn: 'base',
      gPerM2: 110,
      side: 100,
      end: 150,
      price: 68,
      more: { product: POLYESTER },
    }),
    emulsion('saturate', 'Saturating emulsion', 'until saturated: no white fibre, no pinholes', 1.6),
    fabric({
      id: 'fabric2',
      name: 'Second polyester, crossed',
      material: 'polyester fabric',
      note: 'square to the first, broomed into the wet emulsion',
      embeddedIn: 'saturate',
      gPerM2: 110,
      side: 100,
      end: 150,
      price: 68,
      more: {
        product: POLYESTER,
        direction: 'across the layer below',
        only: { choice: 'fabrics', option: 'crossed' },
      },
    }),
    emulsion(
      'saturate2',
      'Second saturating emulsion',
      'over the crossed fabric, until saturated: no white fibre, no pinholes',
      1.2,
      {
        only: { choice: 'fabrics', option: 'crossed' },
      },
    ),
    coat({
      id: 'block',
      name: 'Bleed-blocking primer',
      role: 'primer',
      note: 'closed over the emulsion, or the white goes brown',
      rate: ['volume', 0.25],
      densityKgPerL: 1.2,
      solids: 0.48,
      chemistry: 'water-based primer',
      containers: [litres(19, 'pail', 150)],
      limits: dryLimits,
      cure: { ...drying(0.25, 1.5, 4, 4, 4), overcoatUntil: table([10, 96], [20, 72], [30, 48]) },
      ifMissed: 'Wash, let dry, prime again.',
      mend: [WASH, LET_DRY, prime('block')],
      outputM2PerH: 90,
      ...WATER,
      more: { blocksBleed: true },
    }),
    ...(['white1', 'white2'] as const).map((id, i) =>
      coat({
        id,
        name: i === 0 ? 'White coat, first' : 'White coat, second',
        role: 'reflective',
        note: i === 0 ? 'rolled or sprayed' : 'at right angles to the first',
        rate: ['volume', 0.45],
        variants: [['rough', 1.2]],
        ...WHITE,
        limits: dryLimits,
        cure: drying(0.45, 2.5, 6, 12, 24),
        ifMissed: 'Wash again before the next coat.',
        mend: [WASH, LET_DRY],
        outputM2PerH: 110,
        ...WATER,
        ...SKINNED,
        more: {
          shade: 'light' as const,
          direction: i === 0 ? ('any' as const) : ('across the coat below' as const),
          tools: [{ kind: 'roller' as const, napMm: typical(19), note: '' }],
        },
      }),
    ),
    gel(),
  ],
  upkeep: {
    recoatYears: typical(10),
    recoatLayers: ['white2'],
    lifeYears: typical(25),
    inspectPerYear: typical(1),
    note: 'The white keeps the emulsion from the sun: recoat before it goes thin.',
  },
  cautions: [
    'Tobacco-brown stains after dew on young acrylic: rinse, do not coat over.',
    'Chlorine washes are never mixed with acids; wash water may not be allowed in the drain.',
    'Old roofing may hold fibres that must not be ground or blown: ask before it is touched.',
    ...ALWAYS,
  ],
};
