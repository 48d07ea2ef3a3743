import { SWEEP, prime } from './mending.ts';
import type { BuildUpInput } from '../schema.ts';
import { ALWAYS, coat, limits, litres, potLife, sheet, table, typical } from './typical.ts';

const DRY = limits([5, 40], [5, 50], 90, 3, { dryHours: typical(12), windHandMaxMPerS: typical(8) });
/** Of a sheltered low roof; the fixing plan of a licensed person goes before it. */
const FIXING = {
  fieldPerM2: typical(3),
  perimeterPerM2: typical(5),
  cornerPerM2: typical(7),
  perimeterM: typical(1.5),
};

const ply = (id: string, material: 'rubber' | 'thermoplastic', held: 'bonded' | 'fixed', option: string) =>
  sheet({
    id,
    name: `${material === 'rubber' ? 'Rubber' : 'Thermoplastic'} sheet, ${held}`,
    note:
      held === 'bonded'
        ? 'laid out, folded back, bonded in adhesive that is touch-dry on both faces'
        : 'fixed along the lap by the fixing plan; the next course covers the plates',
    bonding: held === 'bonded' ? 'cold adhesive' : 'mechanically fixed',
    mm: material === 'rubber' ? 1.3 : 1.6,
    kgPerM2: material === 'rubber' ? 1.5 : 1.9,
    rollM: material === 'rubber' ? [3, 20] : [1.8, 20],
    laps: [held === 'bonded' ? 100 : 130, 130],
    offset: 'none',
    surfacing: 'bare',
    limits: DRY,
    ifMissed: 'Wipe the laps with the cleaner of the data sheet; close them the same day.',
    price: material === 'rubber' ? 560 : 420,
    more: {
      chemistry: material === 'rubber' ? 'rubber sheet' : 'thermoplastic sheet',
      shade: material === 'rubber' ? 'dark' : 'light',
      only: { choice: 'ply', option },
      seam:
        material === 'rubber'
          ? { kind: 'tape', widthMm: typical(75) }
          : { kind: 'hot-air weld', widthMm: typical(40) },
      ...(held === 'fixed' ? { fasteners: FIXING } : {}),
      tools: [
        { kind: 'hand roller', massKg: typical(3), note: 'silicone roller for seams, broom for the field' },
      ],
      product: { hazards: ['heavy'], cautions: [] },
    },
  });

/** Single ply of rubber or thermoplastic, bonded or fixed. Typical values of our own choosing. */
export const SINGLE_PLY: BuildUpInput = {
  id: 'single-ply',
  revision: 1,
  name: 'Single ply, bonded or fixed',
  family: 'SINGLE',
  summary:
    'One sheet of rubber or thermoplastic, bonded all over or fixed through its laps; seams taped or welded.',
  acceptance: 'minimum',
  leastDryFilmMm: typical(1.1),
  choices: [
    {
      id: 'ply',
      name: 'Sheet and how it is held',
      chosen: 'rubber-bonded',
      options: [
        { id: 'rubber-bonded', name: 'Rubber, bonded', says: 'Wide rolls, taped seams, no fasteners.' },
        { id: 'plastic-bonded', name: 'Thermoplastic, bonded', says: 'Welded seams; a light sheet.' },
        {
          id: 'plastic-fixed',
          name: 'Thermoplastic, fixed',
          says: 'Held by fasteners in the laps: a licensed person designs field, edges and corners.',
        },
      ],
    },
  ],
  layers: [
    ...(['rubber-bonded', 'plastic-bonded'] as const).map((option) =>
      coat({
        id: option === 'rubber-bonded' ? 'adhesive' : 'adhesive-plastic',
        name: option === 'rubber-bonded' ? 'Contact adhesive' : 'Sheet adhesive',
        role: 'preparation',
        note: 'rolled on both faces, thin and even; the sheet goes on when neither draws threads',
        rate: ['volume', 0.45],
        variants: [['absorbent', 1.3]],
        densityKgPerL: 0.88,
        solids: 0.3,
        chemistry: 'contact adhesive',
        containers: [litres(5, 'can', 62), litres(20, 'pail', 215)],
        limits: DRY,
        potLife: potLife([5, 240], [35, 120]),
        cure: {
          touch: table([5, 0.6], [20, 0.3], [35, 0.15]),
          rainSafe: table([5, 1], [20, 0.5], [35, 0.3]),
          overcoatFrom: table([5, 0.6], [20, 0.3], [35, 0.15]),
          overcoatUntil: table([5, 2], [20, 1], [35, 0.5]),
          foot: table([5, 1], [20, 0.5], [35, 0.3]),
        },
        ifMissed: 'It has lost its tack: sweep it and roll on a thin coat again.',
        mend: [
          SWEEP,
          prime(option === 'rubber-bonded' ? 'adhesive' : 'adhesive-plastic', 'A thin coat again.', 1),
        ],
        outputM2PerH: 35,
        hazards: ['flammable', 'irritant'],
        cleaner: 'solvent',
        more: { only: { choice: 'ply', option }, tools: [{ kind: 'roller', napMm: typical(9), note: '' }] },
      }),
    ),
    ply('rubber', 'rubber', 'bonded', 'rubber-bonded'),
    ply('plastic', 'thermoplastic', 'bonded', 'plastic-bonded'),
    ply('plastic-fixed', 'thermoplastic', 'fixed', 'plastic-fixed'),
  ],
  upkeep: {
    lifeYears: typical(25),
    inspectPerYear: typical(1),
    note: 'Seams probed, outlets cleared; what is cut gets a patch of the same sheet.',
  },
  cautions: [
    'Adhesive and cleaner are flammable: no spark, no flame, no smoking; no hot-air welding near open tins.',
    'Hot-air gun: burns, and its nozzle sets fire to what it touches; it cools on its stand.',
    'Rolls are heavy: lifting aid, none stacked at an edge. Sheets sail in the wind: weigh them down until they hold.',
    'Wind uplift: the number and place of fasteners is designed by a licensed person.',
    ...ALWAYS,
  ],
};
