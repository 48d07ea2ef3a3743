import { LET_DRY, WASH, prime } from './mending.ts';
import { FIBRED, fibred } from './detailgrades.ts';
import type { BuildUpInput } from '../schema.ts';
import { ALWAYS, coat, fabric, litres, table, typical } from './typical.ts';
import { SKINNED, SPRAY, THINNED, WATER, WHITE, dryLimits, drying } from './waterborne.ts';

/** The base coat, heavier where a fabric lies in all of it, and what saturates that. */
const base = (
  id: string,
  note: string,
  rateL: number,
  option: 'details' | 'throughout' | 'wet',
  cure = drying(0.7, 3, 8, 16, 16),
) =>
  coat({
    id,
    name: 'Base coat, grey',
    role: 'membrane',
    note,
    rate: ['volume', rateL],
    variants: [
      ['rough', 1.25],
      ['detail', 1.5, 'with fabric'],
      ['exposed edge', 1.1],
    ],
    ...WHITE,
    densityKgPerL: 1.38,
    solids: 0.54,
    limits: dryLimits,
    cure: { ...cure, overcoatUntil: table([10, 168], [20, 120], [30, 72]) },
    ifMissed: 'Wash again: a coat that lay open for days has collected dirt.',
    mend: [WASH, LET_DRY],
    outputM2PerH: 110,
    ...WATER,
    ...SKINNED,
    more: {
      shade: 'light',
      tools: [{ kind: 'roller', napMm: typical(19), note: '' }, SPRAY],
      ...THINNED,
      only: { choice: 'reinforcement', option },
    },
  });

/** Water-based elastomeric in two different coats. Typical values of our own choosing. */
export const ELASTOMERIC: BuildUpInput = {
  id: 'elastomeric-acrylic',
  revision: 1,
  name: 'Elastomeric acrylic, base and top',
  family: 'ACRYLIC',
  summary:
    'Washed old roofing, a grey base coat and a white top coat sprayed across it. Not where water ponds.',
  acceptance: 'average-and-spots',
  leastDryFilmMm: typical(0.6),
  slopeMaxPct: typical(300),
  choices: [
    {
      id: 'reinforcement',
      name: 'Fabric',
      chosen: 'details',
      options: [
        {
          id: 'details',
          name: 'Only at details',
          says: 'Seams, outlets and upstands; the field is coats alone.',
        },
        {
          id: 'throughout',
          name: 'Throughout',
          says: 'Fabric in the whole base coat, saturated once that is dry: for tired felts that move.',
        },
        {
          id: 'wet',
          name: 'Throughout, wet on wet',
          says: 'One heavy base, two thirds under the fabric and the rest over it at once: quicker, dries slower.',
        },
      ],
    },
  ],
  detailWays: [FIBRED],
  layers: [
    coat({
      id: 'primer',
      name: 'Bleed-blocking primer',
      role: 'primer',
      note: 'over all bitumen and rubber, closed',
      rate: ['volume', 0.25],
      variants: [
        ['rough', 1.3],
        ['absorbent', 1.3],
      ],
      densityKgPerL: 1.2,
      solids: 0.48,
      chemistry: 'water-based primer',
      containers: [litres(19, 'pail', 150)],
      limits: dryLimits,
      cure: { ...drying(0.25, 1.5, 4, 4, 4), overcoatUntil: table([10, 96], [20, 72], [30, 48]) },
      ifMissed: 'Wash off what has settled, let dry, prime again.',
      mend: [WASH, LET_DRY, prime('primer')],
      outputM2PerH: 90,
      ...WATER,
      more: { blocksBleed: true },
    }),
    base('base', 'roller or spray along the roof', 0.7, 'details'),
    base('base-fabric', 'roller, wet enough to come through the fabric', 1, 'throughout'),
    base(
      'base-wet',
      'roller, two thirds under the fabric, one third over it, wet on wet',
      1.5,
      'wet',
      drying(1.5, 6, 20, 36, 36),
    ),
    ...(['throughout', 'wet'] as const).map((option) =>
      fabric({
        id: option === 'wet' ? 'fabric-wet' : 'fabric',
        name: 'Polyester fabric',
        material: 'polyester fabric',
        note: 'into the wet base, broomed flat, no tenting',
        embeddedIn: option === 'wet' ? 'base-wet' : 'base-fabric',
        gPerM2: 100,
        side: 75,
        price: 70,
        more: { only: { choice: 'reinforcement', option } },
      }),
    ),
    {
      ...base(
        'saturating',
        'over the dry fabric, until saturated: no white fibre, no pinholes',
        0.6,
        'throughout',
        drying(0.6, 3, 8, 16, 16),
      ),
      name: 'Saturating coat, grey',
    },
    coat({
      id: 'top',
      name: 'Top coat, white',
      role: 'membrane',
      note: 'sprayed across the direction of the base coat',
      rate: ['volume', 0.6],
      ...WHITE,
      limits: dryLimits,
      cure: drying(0.6, 3, 8, 16, 24),
      ifMissed: 'Wash again before another coat.',
      mend: [WASH, LET_DRY],
      outputM2PerH: 120,
      ...WATER,
      ...SKINNED,
      more: {
        shade: 'light',
        direction: 'across the coat below',
        tools: [SPRAY, { kind: 'roller', napMm: typical(19), note: '' }],
      },
    }),
    fibred(),
  ],
  upkeep: {
    recoatYears: typical(5),
    recoatLayers: ['top'],
    lifeYears: typical(15),
    inspectPerYear: typical(1),
    note: 'Hot, bright places sooner. Light colours stay cooler.',
  },
  cautions: [
    'Chlorine washes are never mixed with acids; wash water may not be allowed in the drain.',
    'Spraying: respirator, suit, mind drift on to cars and people.',
    'Glare from white: sunglasses; drink enough water.',
    ...ALWAYS,
  ],
};
