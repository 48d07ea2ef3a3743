import { earthMat } from './earth.ts';
import { LET_DRY, WASH, again } from './mending.ts';
import type { BuildUpInput } from '../schema.ts';
import { ALWAYS, coat, fabric, limits, litres, potLife, table, typical } from './typical.ts';
import { drying, emulsion } from './waterborne.ts';

/** The water has to leave all three coats before anything closes them: weeks. */
const DRIED_THROUGH = table([10, 720], [20, 336], [30, 240]);

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
    {
      id: 'top',
      name: 'On top',
      chosen: 'aluminium',
      options: [
        { id: 'aluminium', name: 'Aluminium coat', says: 'Against sun and heat.' },
        {
          id: 'earth',
          name: 'Below ground',
          says: 'No shade needed; a drainage mat against it, then earth.',
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
    {
      ...emulsion('third', 'Closing emulsion', 'until no thread shows', 1.2),
      cure: {
        ...drying(1.2, 6, 12, 24, 24),
        overcoatFrom: DRIED_THROUGH,
        load: DRIED_THROUGH,
      },
      overcoatOpen: true,
    },
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
      mend: [WASH, LET_DRY, again('aluminium', 'Coat again.')],
      outputM2PerH: 80,
      hazards: ['flammable', 'irritant'],
      cleaner: 'solvent',
      more: {
        only: { choice: 'top', option: 'aluminium' },
        shade: 'light',
        stirring: { minutes: typical(5), note: 'leaf settles: keep stirring' },
      },
    }),
    earthMat('top'),
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
