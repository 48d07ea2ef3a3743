import type { BuildUp } from '../schema.ts';
import { limits, potLife, table, typical, volumeTin } from './typical.ts';

const cure = {
  touch: table([2, 6], [10, 4], [20, 2], [35, 1]),
  rainSafe: table([2, 6], [10, 4], [20, 2], [35, 1]),
  overcoatFrom: table([2, 24], [10, 14], [20, 8], [35, 4]),
  overcoatUntil: table([2, 336], [10, 240], [20, 168], [35, 96]),
  foot: table([2, 48], [10, 30], [20, 18], [35, 10]),
};

const tins = [volumeTin('pail-20', '20 L pail', 20), volumeTin('drum-200', '200 L drum', 200)];

/** Two-coat moisture-cured silicone over a bleed-blocking primer. Typical values of our own choosing. */
export const TWO_COAT_SILICONE: BuildUp = {
  id: 'two-coat-silicone',
  revision: 1,
  name: 'Silicone, two coats over bleed block',
  family: 'SILICONE',
  summary:
    'Bleed-blocking primer, grey base coat, white top coat at right angles. Stands ponding; no fabric in the field.',
  acceptance: 'average-and-spots',
  leastDryFilmMm: typical(1),
  layers: [
    {
      id: 'primer',
      name: 'Bleed-blocking primer',
      kind: 'coat',
      role: 'primer',
      note: 'roller or spray, even and closed over bitumen',
      rate: { basis: 'volume', value: 0.3, source: 'typical' },
      densityKgPerL: typical(1.2),
      volumeSolids: typical(0.5),
      containers: [volumeTin('pail-20', '20 L pail', 20), volumeTin('pail-5', '5 L pail', 5)],
      limits: limits([5, 40], [5, 60], 85, 3),
      potLife: potLife([5, 480], [35, 480]),
      cure: {
        touch: table([5, 4], [20, 1.5], [35, 0.75]),
        rainSafe: table([5, 8], [20, 4], [35, 2]),
        overcoatFrom: table([5, 12], [20, 4], [35, 2]),
        overcoatUntil: table([5, 72], [20, 48], [35, 36]),
        foot: table([5, 12], [20, 4], [35, 2]),
      },
      ifMissed: 'Wash, let dry and prime again.',
    },
    {
      id: 'base',
      name: 'Base coat, grey',
      kind: 'coat',
      role: 'membrane',
      note: 'roller or spray along the roof',
      rate: { basis: 'volume', value: 0.75, source: 'typical' },
      densityKgPerL: typical(1.25),
      volumeSolids: typical(0.92),
      containers: tins,
      limits: { ...limits([2, 45], [2, 60], 95, 3), humidityMinPct: typical(20) },
      potLife: potLife([2, 60], [20, 40], [35, 20]),
      cure,
      ifMissed: 'Wash, let dry and try the adhesion of the next coat on a patch first.',
    },
    {
      id: 'top',
      name: 'Top coat, white',
      kind: 'coat',
      role: 'finish',
      note: 'at right angles to the base coat',
      rate: { basis: 'volume', value: 0.7, source: 'typical' },
      densityKgPerL: typical(1.28),
      volumeSolids: typical(0.92),
      containers: tins,
      limits: { ...limits([2, 45], [2, 60], 95, 3), humidityMinPct: typical(20) },
      potLife: potLife([2, 60], [20, 40], [35, 20]),
      cure,
      ifMissed: 'Wash, let dry and try the adhesion of another coat on a patch first.',
    },
  ],
  cautions: [
    'Cured silicone is very slippery when wet: rope off, clean shoes, fall protection first.',
    'Nothing but silicone sticks to silicone: tell whoever comes after you.',
    'Read the data sheet; it and local rules come before any figure here.',
  ],
};
