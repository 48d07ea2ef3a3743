import { FLASHED, flashing } from './detailgrades.ts';
import type { BuildUpInput } from '../schema.ts';
import type { Hazard } from '../numbers.ts';
import { primer, warm } from './bitumen.ts';
import { ALWAYS, limits, sheet, typical, type ProtectionInput } from './typical.ts';

/** The primer's lower limit; a torch is not held in a wind that blows its flame about. */
/** Of every ply that is torched: the rolls are heavy too. */
const TORCH_HAZARDS: Hazard[] = ['open flame', 'heavy', 'hot'];
const torchLimits = limits([5, 40], [5, 55], 95, 3, { dryHours: typical(12), windHandMaxMPerS: typical(8) });

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

const COVER = {
  id: 'cover',
  name: 'Cover board',
  chosen: 'none',
  options: [
    { id: 'none', name: 'None', says: 'The sheet goes on the old surface, primed.' },
    {
      id: 'board',
      name: 'Board, fixed through',
      says: 'A firm, even ground over old roofing; fixed into the deck.',
    },
  ],
};

/** Fixing rates of a sheltered low roof; wind loads are the engineer's. */
const coverBoard = (): ProtectionInput => ({
  id: 'cover-board',
  name: 'Cover board',
  kind: 'protection',
  note: 'rows staggered, joints closed, fixed before anything is primed',
  only: { choice: 'cover', option: 'board' },
  material: 'board',
  laid: 'mechanically fixed',
  thicknessMm: typical(10),
  weightKgPerM2: typical(9),
  pieceWidthM: typical(1.2),
  pieceLengthM: typical(2.4),
  lapMm: typical(0),
  pricePerPiece: typical(27),
  outputM2PerH: typical(30),
  fasteners: {
    fieldPerM2: typical(4),
    perimeterPerM2: typical(6),
    cornerPerM2: typical(9),
    perimeterM: typical(1),
  },
});

/** The base goes well over new edges, the cap ends a finger short of their nose; heads up a slope are nailed. */
const BASE_OVER = {
  reachMm: { drip: typical(70), free: typical(70), gutter: typical(70) },
  headNailsMm: typical(200),
};
const CAP_OVER = {
  reachMm: { drip: typical(8), free: typical(8), gutter: typical(20) },
  headNailsMm: typical(200),
};

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
      limits: bonding === 'torched' ? torchLimits : warm,
      ifMissed: 'Sweep, warm the lap and roll it again; where it will not hold, a patch over it.',
      price,
      more: {
        edges: 'one bare',
        ...CAP_OVER,
        ...(bonding === 'torched' ? {} : { temporaryNails: typical(3) }),
        only: { choice: 'offset', option },
        product: { hazards: bonding === 'torched' ? TORCH_HAZARDS : ['heavy'], cautions: [] },
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
  choices: [OFFSET, COVER],
  detailWays: [FLASHED],
  layers: [
    coverBoard(),
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
      more: {
        ...BASE_OVER,
        tools: [{ kind: 'hand roller', massKg: typical(34), note: '' }],
        product: { hazards: ['heavy'], cautions: [] },
      },
    }),
    ...caps('self-adhered', 'joints off those below; rolled', 112),
    flashing(),
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
  choices: [OFFSET, COVER],
  detailWays: [FLASHED],
  layers: [
    coverBoard(),
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
      limits: torchLimits,
      ifMissed: 'Dry, torch off dew, torch the lap again.',
      price: 66,
      more: {
        ...BASE_OVER,
        tools: [{ kind: 'gas torch', note: 'even across the width' }],
        product: { hazards: TORCH_HAZARDS, cautions: [] },
      },
    }),
    ...caps('torched', 'joints centred on the base and staggered; granule laps sunk', 78),
    flashing(),
  ],
  upkeep: {
    lifeYears: typical(25),
    inspectPerYear: typical(1),
    note: 'Laps, bars and granules are looked at.',
  },
  cautions: [...FLAME, 'Burns: gloves, boots, long sleeves of cotton or leather.', ...ALWAYS],
};
