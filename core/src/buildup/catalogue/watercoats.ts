import type { BuildUpInput } from '../schema.ts';
import {
  ALWAYS,
  coat,
  DRIED,
  fabric,
  litres,
  limits,
  potLife,
  table,
  throughFilm,
  typical,
  WATERY,
} from './typical.ts';

const WATER = {
  hazards: ['irritant', 'harms water'] as const,
  cleaner: 'water' as const,
  potLife: potLife([10, 480], [35, 240]),
};
const dryLimits = limits([10, 40], [10, 55], 80, 3, {
  ...WATERY,
  windSprayMaxMPerS: typical(5),
  noBelow: { tempC: 5, source: 'typical', until: 'touch' },
});
const drying = (film: number, touch: number, rain: number, over: number, foot: number) => {
  const by = { byHumidityPct: DRIED, byWetFilmMm: throughFilm(film) };
  const at = (hours: number) => ({ ...table([10, hours * 2.5], [20, hours], [30, hours * 0.6]), ...by });
  return {
    touch: at(touch),
    rainSafe: at(rain),
    overcoatFrom: at(over),
    foot: at(foot),
    full: table([10, 504], [20, 336], [30, 240]),
  };
};
const SPRAY = {
  kind: 'airless spray' as const,
  tipMm: typical(0.58),
  fanDeg: typical(50),
  pressureBar: typical(180),
  overlapPct: typical(50),
  note: 'from a test patch; raised only until the tails vanish',
};
const pails = [litres(19, 'pail', 118), litres(200, 'drum', 1120)];
const WHITE = { densityKgPerL: 1.42, solids: 0.52, chemistry: 'acrylic' as const, containers: pails };
const SKINNED = { cautions: ['An opened drum is kept from skinning by a thin layer of clean water on top.'] };
const THINNED = {
  thinning: {
    with: 'clean water',
    mostPct: typical(5),
    note: 'first coat on porous ground only; some never do',
  },
};

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
          says: 'Fabric in the whole base coat: for tired felts that move.',
        },
      ],
    },
  ],
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
      outputM2PerH: 90,
      ...WATER,
      more: { blocksBleed: true },
    }),
    coat({
      id: 'base',
      name: 'Base coat, grey',
      role: 'membrane',
      note: 'roller or spray along the roof',
      rate: ['volume', 0.7],
      variants: [
        ['rough', 1.25],
        ['detail', 1.5, 'with fabric'],
        ['exposed edge', 1.1],
      ],
      ...WHITE,
      densityKgPerL: 1.38,
      solids: 0.54,
      limits: dryLimits,
      cure: { ...drying(0.7, 3, 8, 16, 16), overcoatUntil: table([10, 168], [20, 120], [30, 72]) },
      ifMissed: 'Wash again: a coat that lay open for days has collected dirt.',
      outputM2PerH: 110,
      ...WATER,
      ...SKINNED,
      more: { shade: 'light', tools: [{ kind: 'roller', napMm: typical(19), note: '' }, SPRAY], ...THINNED },
    }),
    fabric({
      id: 'fabric',
      name: 'Polyester fabric',
      material: 'polyester fabric',
      note: 'into the wet base, broomed flat, no tenting',
      embeddedIn: 'base',
      gPerM2: 100,
      side: 75,
      price: 70,
      more: { only: { choice: 'reinforcement', option: 'throughout' } },
    }),
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
      outputM2PerH: 120,
      ...WATER,
      ...SKINNED,
      more: {
        shade: 'light',
        direction: 'across the coat below',
        tools: [SPRAY, { kind: 'roller', napMm: typical(19), note: '' }],
      },
    }),
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
    'White in the sun: sunglasses, and drink.',
    ...ALWAYS,
  ],
};

const emulsion = (id: string, name: string, note: string, rate: number, more = {}) =>
  coat({
    id,
    name,
    role: 'membrane',
    note,
    rate: ['volume', rate],
    densityKgPerL: 1.03,
    solids: 0.58,
    chemistry: 'bitumen emulsion',
    containers: [litres(19, 'pail', 62), litres(200, 'drum', 560)],
    limits: dryLimits,
    cure: { ...drying(rate, 6, 12, 24, 24), overcoatUntil: table([10, 168], [20, 120], [30, 96]) },
    ifMissed: 'Wash, let dry, go on; after weeks with a biocide wash first.',
    outputM2PerH: 60,
    ...WATER,
    more: { shade: 'dark', tools: [{ kind: 'broom', note: 'soft, kept in the shade' }], ...more },
  });

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
  ],
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
    }),
    emulsion('saturate', 'Saturating emulsion', 'until no white shows', 1.6),
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

/** Cold bitumen emulsion with polyester. Typical values of our own choosing. */
export const COLD_BITUMEN: BuildUpInput = {
  id: 'cold-bitumen',
  revision: 1,
  name: 'Cold bitumen emulsion with polyester',
  family: 'BITEM',
  summary:
    'Diluted emulsion as primer, polyester in emulsion, a second fabric or none, aluminium coat against heat.',
  acceptance: 'average-and-spots',
  leastDryFilmMm: typical(2),
  choices: [
    {
      id: 'second',
      name: 'Second fabric',
      chosen: 'crossed',
      options: [
        {
          id: 'crossed',
          name: 'Crossed at 90°',
          says: 'Strength both ways; no joint lies over a joint for long.',
        },
        {
          id: 'offset',
          name: 'Same way, joints centred',
          says: 'Courses shed water everywhere; joints lie half a width off.',
        },
      ],
    },
  ],
  layers: [
    {
      ...emulsion(
        'primer',
        'Primer, diluted emulsion',
        'one part water to three of emulsion, brushed in',
        0.25,
      ),
      role: 'primer' as const,
      volumeSolids: typical(0.43),
    },
    emulsion('first', 'First emulsion', 'wet enough to come through', 1.3),
    fabric({
      id: 'fabric1',
      name: 'First polyester',
      material: 'polyester fabric',
      note: 'from the low edge, broomed',
      embeddedIn: 'first',
      gPerM2: 110,
      side: 100,
      end: 150,
      price: 68,
    }),
    emulsion('second', 'Second emulsion', 'once the first has dried through', 1.3),
    fabric({
      id: 'fabric2',
      name: 'Second polyester, crossed',
      material: 'polyester fabric',
      note: 'at right angles to the first',
      embeddedIn: 'second',
      gPerM2: 110,
      side: 100,
      end: 150,
      price: 68,
      more: { only: { choice: 'second', option: 'crossed' }, direction: 'across the layer below' },
    }),
    fabric({
      id: 'fabric2-offset',
      name: 'Second polyester, offset',
      material: 'polyester fabric',
      note: 'begins with half a width, joints over the middle of the first',
      embeddedIn: 'second',
      gPerM2: 110,
      side: 100,
      end: 150,
      price: 68,
      more: { only: { choice: 'second', option: 'offset' } },
    }),
    emulsion('third', 'Closing emulsion', 'until no thread shows', 1.2),
    coat({
      id: 'aluminium',
      name: 'Aluminium coat',
      role: 'reflective',
      note: 'stirred until the leaf is up, thin and even; against heat',
      rate: ['volume', 0.25],
      densityKgPerL: 1,
      solids: 0.48,
      chemistry: 'aluminium bitumen',
      containers: [litres(19, 'pail', 96)],
      limits: limits([5, 38], [5, 55], 85, 3),
      potLife: potLife([5, 480], [35, 240]),
      cure: {
        touch: table([5, 10], [20, 4], [30, 2.5]),
        rainSafe: table([5, 12], [20, 5], [30, 3]),
        overcoatFrom: table([5, 48], [20, 24], [30, 16]),
        foot: table([5, 72], [20, 36], [30, 24]),
      },
      ifMissed: 'Wash, let dry, coat again.',
      outputM2PerH: 80,
      hazards: ['flammable', 'irritant'],
      cleaner: 'solvent',
      more: { shade: 'light', stirring: { minutes: typical(5), note: 'leaf settles: keep stirring' } },
    }),
  ],
  upkeep: {
    recoatYears: typical(6),
    recoatLayers: ['aluminium'],
    lifeYears: typical(15),
    inspectPerYear: typical(1),
    note: 'Without a bright coat it ages fast.',
  },
  cautions: ['Young emulsion washes off in rain: mind the sky and the gutters below.', ...ALWAYS],
};
