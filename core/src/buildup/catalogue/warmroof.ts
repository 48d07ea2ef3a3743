import type { BuildUpInput } from '../schema.ts';
import { primer, warm } from './bitumen.ts';
import { ALWAYS, sheet, typical } from './typical.ts';

/** Warm roof: vapour layer, insulation, two self-adhered plies. Typical values of our own choosing. */
export const WARM_ROOF: BuildUpInput = {
  id: 'warm-roof',
  revision: 1,
  name: 'Warm roof, self-adhered plies',
  family: 'WARM',
  summary:
    'Vapour layer on the primed deck, insulation fixed or bonded over it, two self-adhered plies. No flame on foam.',
  acceptance: 'minimum',
  leastDryFilmMm: typical(4.5),
  choices: [
    {
      id: 'held',
      name: 'Insulation held',
      chosen: 'fixed',
      options: [
        {
          id: 'fixed',
          name: 'Fixed through',
          says: 'By the fixing plan, into the deck; on metal and timber.',
        },
        {
          id: 'bonded',
          name: 'Bonded',
          says: 'In strips of adhesive; on concrete, no holes in the vapour layer.',
        },
      ],
    },
  ],
  layers: [
    primer('Deck primer', 'tacky-dry before the vapour layer goes down', 0.25, true),
    {
      id: 'vapour',
      name: 'Vapour layer',
      kind: 'protection',
      note: 'bonded all over, laps closed, turned up at edges to the top of the insulation and round every pipe',
      material: 'sheet',
      laid: 'bonded',
      thicknessMm: typical(1.2),
      weightKgPerM2: typical(1.4),
      pieceWidthM: typical(1.08),
      pieceLengthM: typical(20),
      lapMm: typical(80),
      pricePerPiece: typical(105),
      outputM2PerH: typical(30),
    },
    ...(['fixed', 'bonded'] as const).map((option) => ({
      id: option === 'fixed' ? 'insulation' : 'insulation-bonded',
      name: option === 'fixed' ? 'Insulation, fixed' : 'Insulation, bonded',
      kind: 'protection' as const,
      note: 'dry boards, rows staggered, tight; closed in the same day, the open edge sealed to the vapour layer overnight',
      only: { choice: 'held', option },
      material: 'insulation board' as const,
      laid: option === 'fixed' ? ('mechanically fixed' as const) : ('bonded' as const),
      thicknessMm: typical(120),
      weightKgPerM2: typical(4),
      pieceWidthM: typical(0.6),
      pieceLengthM: typical(1.2),
      lapMm: typical(0),
      pricePerPiece: typical(17),
      outputM2PerH: typical(30),
      ...(option === 'fixed'
        ? {
            fasteners: {
              fieldPerM2: typical(4),
              perimeterPerM2: typical(6),
              cornerPerM2: typical(9),
              perimeterM: typical(1.5),
            },
          }
        : {}),
    })),
    sheet({
      id: 'base',
      name: 'Base sheet',
      note: 'film pulled from under it, rolled from the middle out; no flame on the insulation',
      bonding: 'self-adhered',
      mm: 2,
      kgPerM2: 2.3,
      rollM: [1, 15],
      laps: [80, 150],
      offset: 'none',
      surfacing: 'film',
      limits: warm,
      ifMissed: 'Warm the sheet or wait for the sun; cover the insulation again before night.',
      price: 104,
      more: {
        tools: [{ kind: 'hand roller', massKg: typical(34), note: '' }],
        product: { hazards: ['heavy'], cautions: [] },
      },
    }),
    sheet({
      id: 'cap',
      name: 'Cap sheet',
      note: 'joints centred on those below; rolled, granule laps sealed',
      bonding: 'self-adhered',
      mm: 3.2,
      kgPerM2: 4.3,
      rollM: [1, 10],
      laps: [100, 150],
      offset: 'centred on the ply below',
      surfacing: 'granules',
      limits: warm,
      ifMissed: 'Sweep, warm the lap and roll it again; where it will not hold, a patch over it.',
      price: 118,
      more: {
        edges: 'one bare',
        granuleLaps: 'end laps over granules: lap primer and sealant, rolled',
        tools: [
          { kind: 'hand roller', massKg: typical(34), note: 'laps by hand, field by the heavy roller' },
        ],
        product: { hazards: ['heavy'], cautions: [] },
      },
    }),
  ],
  upkeep: {
    lifeYears: typical(25),
    inspectPerYear: typical(1),
    note: 'Laps, edges and outlets are looked at; wet insulation is found by its give underfoot.',
  },
  cautions: [
    'Wet insulation never dries in there: no more is laid than is closed the same day.',
    'The vapour layer and the thickness are designed for the rooms below: a building physicist or the designer decides.',
    'Wind uplift: the number and place of fasteners is designed by a licensed person.',
    'Boards and rolls sail in the wind: weigh them down. Rolls are heavy: two to lift.',
    ...ALWAYS,
  ],
};
