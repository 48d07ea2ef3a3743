import { SWEEP, again } from './mending.ts';
import type { BuildUpInput } from '../schema.ts';
import { warm } from './bitumen.ts';
import { ALWAYS, coat, kg, potLife, sheet, table, typical } from './typical.ts';

/** Felt in cold adhesive over a base sheet that is fixed or bonded. Typical values of our own choosing. */
export const COLD_FELT: BuildUpInput = {
  id: 'cold-bonded-felt',
  revision: 1,
  name: 'Felt, cold-bonded over a fixed base',
  family: 'FELT',
  summary: 'Base sheet fixed through its laps, or bonded; granule cap in cold adhesive. No flame.',
  acceptance: 'minimum',
  leastDryFilmMm: typical(6),
  choices: [
    {
      id: 'base',
      name: 'Base sheet',
      chosen: 'fixed',
      options: [
        {
          id: 'fixed',
          name: 'Fixed',
          says: 'Boards and old roofing: by the fixing plan, partly loose, so that vapour spreads.',
        },
        { id: 'bonded', name: 'Bonded', says: 'Concrete and sound felt: in adhesive, all over.' },
      ],
    },
  ],
  layers: [
    adhesive('adhesive-base', 'Adhesive below the base', { only: { choice: 'base', option: 'bonded' } }),
    ...(['fixed', 'bonded'] as const).map((option) =>
      sheet({
        id: option === 'fixed' ? 'base-fixed' : 'base',
        name: option === 'fixed' ? 'Base sheet, fixed' : 'Base sheet, bonded',
        note:
          option === 'fixed'
            ? 'relaxed, fixed in the laps and along a middle row, laps bonded'
            : 'relaxed, laid into the adhesive, broomed from the middle out',
        bonding: option === 'fixed' ? 'mechanically fixed' : 'cold adhesive',
        mm: 3,
        kgPerM2: 3.5,
        rollM: [1, 10],
        laps: [100, 150],
        offset: 'none',
        surfacing: 'sand',
        limits: warm,
        ifMissed: 'Sweep, dry, go on the same day.',
        price: 62,
        more: {
          only: { choice: 'base', option },
          product: { hazards: ['heavy'], cautions: [] },
          ...(option === 'fixed'
            ? {
                fasteners: {
                  fieldPerM2: typical(4),
                  perimeterPerM2: typical(7),
                  cornerPerM2: typical(10),
                  perimeterM: typical(1.5),
                },
              }
            : {}),
        },
      }),
    ),
    adhesive('adhesive', 'Adhesive below the cap'),
    sheet({
      id: 'cap',
      name: 'Cap sheet',
      note: 'joints centred on those below; into the adhesive, broomed, laps rolled and weighed down',
      bonding: 'cold adhesive',
      mm: 4,
      kgPerM2: 5,
      rollM: [1, 8],
      laps: [100, 150],
      offset: 'centred on the ply below',
      surfacing: 'granules',
      limits: warm,
      ifMissed: 'Sweep; adhesive again under what does not hold.',
      price: 78,
      more: {
        edges: 'one bare',
        granuleLaps: 'end laps over granules: granules scraped off, adhesive, rolled',
        tools: [
          { kind: 'hand roller', massKg: typical(34), note: 'laps by hand, field by the heavy roller' },
        ],
        product: { hazards: ['heavy'], cautions: [] },
      },
    }),
  ],
  upkeep: {
    lifeYears: typical(20),
    inspectPerYear: typical(1),
    note: 'Laps, edges and granules are looked at; bare places get a patch.',
  },
  cautions: [
    'Adhesive with solvent is flammable: no flame, no smoking; its vapour stays in corners and below openings.',
    'Wind uplift: the number and place of fasteners is designed by a licensed person.',
    'Young laps slide: nobody walks on them until they hold. Rolls are heavy: two to lift.',
    ...ALWAYS,
  ],
};

function adhesive(id: string, name: string, more: Partial<Parameters<typeof coat>[0]['more'] & object> = {}) {
  return coat({
    id,
    name,
    role: 'preparation',
    note: 'spread by the notched trowel or brush, out to the edges; no pools',
    rate: ['mass', 0.9],
    variants: [
      ['rough', 1.3],
      ['absorbent', 1.2],
    ],
    densityKgPerL: 1.15,
    solids: 0.65,
    chemistry: 'bitumen adhesive',
    containers: [kg(25, 'pail', 92)],
    limits: warm,
    potLife: potLife([5, 240], [35, 120]),
    cure: {
      touch: table([8, 24], [20, 8], [30, 5]),
      rainSafe: table([8, 1], [20, 0.5], [30, 0.3]),
      overcoatFrom: table([8, 0.1], [20, 0.05], [30, 0.05]),
      overcoatUntil: table([8, 1.5], [20, 0.75], [30, 0.4]),
      foot: table([8, 48], [20, 24], [30, 12]),
    },
    ifMissed: 'It has skinned: sweep it and spread it again.',
    mend: [SWEEP, again(id, 'Spread it again.')],
    outputM2PerH: 40,
    hazards: ['flammable', 'irritant', 'harms water'],
    cleaner: 'solvent',
    orderedAs: 'Cold bitumen adhesive',
    more: {
      shade: 'dark',
      tools: [
        { kind: 'notched trowel', shape: 'square', notchMm: typical(3), angleDeg: typical(30), note: '' },
      ],
      ...more,
    },
  });
}
