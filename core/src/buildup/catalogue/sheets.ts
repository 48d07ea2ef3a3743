import type { BuildUpInput } from '../schema.ts';
import { ALWAYS, coat, fabric, kg, limits, litres, potLife, sheet, table, typical } from './typical.ts';

const primer = (name: string, note: string, rate: number, tacky: boolean) =>
  coat({
    id: 'primer',
    name,
    role: 'primer',
    note,
    rate: ['volume', rate],
    variants: [
      ['absorbent', 1.4],
      ['rough', 1.3],
    ],
    densityKgPerL: 0.92,
    solids: 0.4,
    chemistry: 'solvent primer',
    containers: [litres(10, 'can', 52), litres(25, 'can', 118)],
    limits: limits([5, 35], [5, 50], 85, 3, { dryHours: typical(12) }),
    potLife: potLife([5, 240], [35, 120]),
    cure: {
      touch: table([5, 4], [20, 1.5], [30, 0.75]),
      rainSafe: table([5, 6], [20, 2], [30, 1.5]),
      overcoatFrom: table([5, 4], [20, 1.5], [30, 0.75]),
      overcoatUntil: tacky ? table([5, 24], [20, 12], [30, 8]) : table([5, 168], [20, 120], [30, 96]),
      foot: table([5, 6], [20, 3], [30, 2]),
    },
    ifMissed: tacky ? 'Dust has killed the tack: wipe and prime again.' : 'Sweep, prime again where dusty.',
    outputM2PerH: 80,
    hazards: ['flammable', 'irritant'],
    cleaner: 'solvent',
  });

const warm = limits([8, 40], [8, 50], 90, 3, { dryHours: typical(12), windHandMaxMPerS: typical(10) });
const CENTRED = {
  id: 'centred',
  name: 'Same way, joints centred',
  says: 'Starts with half a width; courses shed water everywhere.',
};
const CROSSED = {
  id: 'crossed',
  name: 'Crossed at 90°',
  says: 'No joint lies along a joint; laps of one ply run against the fall.',
};
const OFFSET = { id: 'offset', name: 'Second ply', chosen: 'centred', options: [CENTRED, CROSSED] };

const caps = (bonding: 'self-adhered' | 'torched', note: string, price: number) =>
  (['centred', 'crossed'] as const).map((option) =>
    sheet({
      id: option === 'centred' ? 'cap' : 'cap-crossed',
      name: option === 'centred' ? 'Cap sheet' : 'Cap sheet, crossed',
      note,
      bonding,
      mm: bonding === 'torched' ? 4.2 : 3,
      kgPerM2: bonding === 'torched' ? 5.2 : 4.1,
      rollM: bonding === 'torched' ? [1, 7.5] : [1, 10],
      laps: [100, 150],
      offset: option === 'centred' ? 'centred on the ply below' : 'crossed',
      surfacing: 'granules',
      limits: bonding === 'torched' ? limits([0, 40], [0, 55], 95, 3, { dryHours: typical(12) }) : warm,
      ifMissed: 'Sweep, warm the lap and roll it again; where it will not hold, a patch over it.',
      price,
      more: {
        only: { choice: 'offset', option },
        granuleLaps:
          bonding === 'torched'
            ? 'granules sunk with heat until bitumen shows, 150 mm'
            : 'end laps over granules: lap primer and sealant, rolled',
        tools:
          bonding === 'torched'
            ? [{ kind: 'gas torch', note: 'a bead runs out of the lap' }]
            : [{ kind: 'hand roller', massKg: typical(34), note: 'laps by hand, field by the heavy roller' }],
      },
    }),
  );

/** Two-ply self-adhered bitumen sheet. Typical values of our own choosing. */
export const SELF_ADHERED: BuildUpInput = {
  id: 'self-adhered-two-ply',
  revision: 1,
  name: 'Two-ply self-adhered sheet',
  family: 'SA2',
  summary: 'Primer left tacky-dry, base ply, cap ply with granules; laps rolled, joints offset. No flame.',
  acceptance: 'minimum',
  leastDryFilmMm: typical(4),
  choices: [OFFSET],
  layers: [
    primer('Tack primer', 'tacky-dry before the sheet goes down', 0.25, true),
    sheet({
      id: 'base',
      name: 'Base sheet',
      note: 'relaxed, cut, film pulled from under it, rolled from the middle out',
      bonding: 'self-adhered',
      mm: 2,
      kgPerM2: 2.2,
      rollM: [1, 15],
      laps: [80, 150],
      offset: 'none',
      surfacing: 'film',
      limits: warm,
      ifMissed: 'Warm the sheet or wait for the sun; prime again where dust lies.',
      price: 98,
      more: { tools: [{ kind: 'hand roller', massKg: typical(34), note: '' }] },
    }),
    ...caps('self-adhered', 'joints off those below; rolled', 112),
  ],
  upkeep: {
    lifeYears: typical(25),
    inspectPerYear: typical(1),
    note: 'Laps and granules are looked at; bare places get a patch.',
  },
  cautions: [
    'Rolls are heavy: two to lift, none stacked at an edge.',
    'Cold sheet does not stick: no wrinkle is walked flat.',
    ...ALWAYS,
  ],
};

const FLAME = [
  'Hot works: permit, extinguisher at hand, combustibles away, the far side of the deck looked at.',
  'Fire watch after the last flame, an hour or more by common rules; local rules decide.',
  'No torch at combustible details, behind cladding or at eaves: self-adhered pieces there.',
  'Gas bottles stand upright, away from edges and flames.',
];

/** Two-ply torch-applied bitumen sheet. Typical values of our own choosing. */
export const TORCHED: BuildUpInput = {
  id: 'torched-two-ply',
  revision: 1,
  name: 'Two-ply torched sheet',
  family: 'TORCH2',
  summary:
    'Primer, base sheet and granule cap torched in full bond; joints staggered and centred, upstands under bars.',
  acceptance: 'minimum',
  leastDryFilmMm: typical(7),
  choices: [OFFSET],
  layers: [
    primer('Bitumen primer', 'brushed or rolled, dry before any flame', 0.3, false),
    sheet({
      id: 'base',
      name: 'Base sheet',
      note: 'torched in full bond, a bead before the roll',
      bonding: 'torched',
      mm: 4,
      kgPerM2: 4.6,
      rollM: [1, 8],
      laps: [80, 150],
      offset: 'none',
      surfacing: 'film',
      limits: limits([0, 40], [0, 55], 95, 3, { dryHours: typical(12) }),
      ifMissed: 'Dry, torch off dew, torch the lap again.',
      price: 66,
      more: {
        tools: [{ kind: 'gas torch', note: 'even across the width' }],
        product: { hazards: ['open flame', 'heavy', 'hot'], cautions: [] },
      },
    }),
    ...caps('torched', 'joints centred on the base and staggered; granule laps sunk', 78),
  ],
  upkeep: {
    lifeYears: typical(25),
    inspectPerYear: typical(1),
    note: 'Laps, bars and granules are looked at.',
  },
  cautions: [...FLAME, 'Burns: gloves, boots, long sleeves of cotton or leather.', ...ALWAYS],
};

const hot = (id: string, name: string, note: string) =>
  coat({
    id,
    name,
    role: 'membrane',
    note,
    rate: ['wetFilm', 3],
    variants: [
      ['rough', 1.2],
      ['detail', 1.25, 'with fabric at cracks and corners'],
    ],
    least: [2.5, 'read hot with the probe, everywhere'],
    densityKgPerL: 1.15,
    solids: 1,
    chemistry: 'bitumen, hot',
    containers: [kg(18, 'block', 46)],
    limits: limits([-15, 40], [-10, 50], 95, 3, { dryHours: typical(12), moistureMaxPct: typical(6) }),
    potLife: potLife([-10, 8], [20, 8], [40, 8]),
    cure: {
      touch: table([-10, 0.75], [40, 0.75]),
      rainSafe: table([-10, 0.1], [40, 0.1]),
      overcoatFrom: table([-10, 0.02], [40, 0.02]),
      overcoatUntil: table([-10, 72], [40, 24]),
      foot: table([-10, 1], [40, 1]),
      flood: table([-10, 24], [40, 24]),
    },
    ifMissed: 'Clean, dry and warm the surface, then pour again.',
    outputM2PerH: 35,
    hazards: ['hot', 'irritant'],
    cleaner: 'oil cleaner',
    shelfMonths: 24,
    cautions: ['Dry blocks, fabric and buckets: a drop of water flashes to steam and throws the melt.'],
    more: {
      shade: 'dark',
      kettle: {
        applyMinC: typical(175),
        safeMaxC: typical(215),
        hoursAtHeat: typical(8),
        probeEveryM2: typical(10),
        loadKg: typical(300),
      },
      tools: [{ kind: 'hot squeegee', note: 'poured from the bucket, pulled to depth' }],
    },
  });

/** Hot-applied monolithic rubberised bitumen. Typical values of our own choosing. */
export const HOT_APPLIED: BuildUpInput = {
  id: 'hot-rubberised',
  revision: 1,
  name: 'Hot-applied rubberised bitumen, reinforced',
  family: 'HOT',
  summary:
    'Melted in an oil-jacketed kettle, two layers round a fabric, protection sheet pressed in hot; under soil or pavers.',
  acceptance: 'minimum',
  leastDryFilmMm: typical(5.5),
  exposure: 'covered',
  choices: [
    {
      id: 'above',
      name: 'Above it',
      chosen: 'garden',
      options: [
        { id: 'garden', name: 'Garden', says: 'Root-proof protection and a drainage mat under the soil.' },
        { id: 'pavers', name: 'Pavers', says: 'Protection board under pavers on pads.' },
      ],
    },
  ],
  layers: [
    primer('Surface conditioner', 'sprayed or rolled thin; dry before anything hot', 0.15, false),
    hot('first', 'First hot layer', 'poured and pulled to depth'),
    fabric({
      id: 'fabric',
      name: 'Spun polyester',
      material: 'polyester fabric',
      note: 'dry, into the hot layer at once, pressed until it comes through',
      embeddedIn: 'first',
      gPerM2: 45,
      side: 50,
      end: 50,
      price: 60,
    }),
    hot('second', 'Second hot layer', 'over the fabric while the first is clean and dry'),
    {
      id: 'protection',
      name: 'Protection sheet',
      kind: 'protection',
      note: 'into the hot layer, laps closed',
      only: { choice: 'above', option: 'garden' },
      material: 'sheet',
      laid: 'embedded hot',
      thicknessMm: typical(3),
      weightKgPerM2: typical(3.6),
      pieceWidthM: typical(1),
      pieceLengthM: typical(10),
      lapMm: typical(75),
      pricePerPiece: typical(58),
      outputM2PerH: typical(30),
    },
    {
      id: 'drain',
      name: 'Drainage mat',
      kind: 'protection',
      note: 'cups down, fleece up, laps with the fall',
      only: { choice: 'above', option: 'garden' },
      material: 'drainage mat',
      laid: 'loose',
      thicknessMm: typical(25),
      weightKgPerM2: typical(1.6),
      pieceWidthM: typical(1),
      pieceLengthM: typical(20),
      lapMm: typical(100),
      pricePerPiece: typical(210),
      outputM2PerH: typical(50),
    },
    {
      id: 'board',
      name: 'Protection board',
      kind: 'protection',
      note: 'into the hot layer, joints staggered',
      only: { choice: 'above', option: 'pavers' },
      material: 'board',
      laid: 'embedded hot',
      thicknessMm: typical(6),
      weightKgPerM2: typical(9),
      pieceWidthM: typical(1),
      pieceLengthM: typical(2),
      lapMm: typical(0),
      pricePerPiece: typical(24),
      outputM2PerH: typical(25),
    },
  ],
  upkeep: {
    lifeYears: typical(40),
    inspectPerYear: typical(1),
    note: 'Outlets, upstands and edges: the rest lies under its cover.',
  },
  cautions: [
    'Kettle: thermostat set, never above the safe maximum, lid closed, somebody at it, extinguisher beside it.',
    'Hot melt sticks and burns to the bone: long sleeves, gloves, face shield; water at hand for skin, never for the kettle.',
    'Dry fabric, dry blocks, dry buckets: water flashes to steam.',
    'Permit for hot works, structure and soil loads checked by whoever may.',
    ...ALWAYS,
  ],
};

/** Pourable-sealer penetration pocket. Typical values of our own choosing. */
export const POCKET: BuildUpInput = {
  id: 'penetration-pocket',
  revision: 1,
  name: 'Penetration pocket of curb parts',
  family: 'POCKET',
  summary:
    'Rounds, corners and straights set in sealant round a pipe cluster, primed, filled with pourable sealer.',
  acceptance: 'minimum',
  leastDryFilmMm: typical(40),
  layers: [
    {
      id: 'curb',
      name: 'Curb parts',
      kind: 'pieces',
      note: 'set in sealant on the finished membrane, joints buttered, pressed down',
      heightMm: typical(50),
      clearanceMm: typical(25),
      skinAboveMm: typical(25),
      pieces: [
        {
          id: 'round-150',
          name: 'Round, in two halves',
          shape: 'round',
          sizeMm: typical(150),
          price: typical(18),
        },
        {
          id: 'corner',
          name: 'Rounded corner',
          shape: 'rounded corner',
          sizeMm: typical(100),
          price: typical(9),
        },
        {
          id: 'straight-150',
          name: 'Straight, short',
          shape: 'straight',
          sizeMm: typical(150),
          price: typical(6),
        },
        {
          id: 'straight-300',
          name: 'Straight, long',
          shape: 'straight',
          sizeMm: typical(300),
          price: typical(10),
        },
      ],
      limits: limits([5, 40], [5, 50], 85, 3),
      ifMissed: 'Wipe, sealant again, press down.',
    },
    coat({
      id: 'primer',
      name: 'Skin of primer',
      role: 'primer',
      note: 'inside the curb and 25 mm up each penetration',
      rate: ['volume', 0.1],
      densityKgPerL: 0.95,
      solids: 0.3,
      chemistry: 'solvent primer',
      containers: [litres(0.5, 'tin', 24)],
      limits: limits([5, 40], [5, 50], 85, 3),
      potLife: potLife([5, 120], [35, 60]),
      cure: {
        touch: table([5, 1], [20, 0.4], [30, 0.3]),
        rainSafe: table([5, 1], [20, 0.5], [30, 0.3]),
        overcoatFrom: table([5, 1], [20, 0.5], [30, 0.3]),
        overcoatUntil: table([5, 24], [20, 12], [30, 8]),
        foot: table([5, 2], [20, 1], [30, 0.5]),
      },
      ifMissed: 'Wipe and prime again.',
      outputM2PerH: 3,
      hazards: ['flammable', 'irritant'],
      cleaner: 'solvent',
    }),
    coat({
      id: 'pour',
      name: 'Pourable sealer',
      role: 'membrane',
      note: 'a skin first; large pockets wait about an hour, because the fill pushes outward; then full, crowned',
      rate: ['wetFilm', 50],
      least: [40, 'a shallow fill pulls away from the pipes'],
      densityKgPerL: 1.35,
      solids: 1,
      chemistry: 'sealer, pourable',
      containers: [litres(2, 'pouch', 46), litres(6, 'kit', 118)],
      limits: limits([5, 40], [5, 50], 85, 3, { dryHours: typical(12) }),
      potLife: potLife([5, 60], [20, 30], [35, 15]),
      cure: {
        touch: table([5, 12], [20, 4], [30, 2.5]),
        rainSafe: table([5, 2], [20, 1], [30, 0.75]),
        overcoatFrom: table([5, 24], [20, 12], [30, 8]),
        foot: table([5, 48], [20, 24], [30, 16]),
        full: table([5, 120], [20, 72], [30, 48]),
      },
      ifMissed: 'Clean, prime the old fill and top it up.',
      outputM2PerH: 1,
      hazards: ['irritant', 'sensitising'],
      cleaner: 'wiped dry',
      more: {
        tools: [{ kind: 'pouring jug', note: 'slowly, from one corner' }],
        mix: {
          by: 'volume',
          source: 'typical',
          parts: [
            { id: 'a', name: 'Sealer', kind: 'sealer', parts: 10, densityKgPerL: typical(1.37) },
            { id: 'b', name: 'Hardener', kind: 'hardener', parts: 1, densityKgPerL: typical(1.12) },
          ],
        },
      },
    }),
  ],
  upkeep: {
    recoatYears: typical(8),
    recoatLayers: ['pour'],
    lifeYears: typical(20),
    inspectPerYear: typical(2),
    note: 'Topped up where it has pulled away; new pipes get a new pocket.',
  },
  cautions: ['Pipes may be hot, live or under pressure: whoever owns them says so first.', ...ALWAYS],
};
