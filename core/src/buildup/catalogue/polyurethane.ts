import type { BuildUp } from '../schema.ts';
import { limits, massTin, potLife, table, typical } from './typical.ts';

/** Both coats are the same resin. */
const RESIN = {
  densityKgPerL: typical(1.3),
  volumeSolids: typical(0.88),
  containers: [massTin('pail-25', '25 kg pail', 25), massTin('pail-5', '5 kg pail', 5)],
  limits: { ...limits([5, 35], [5, 50], 85, 3), humidityMinPct: typical(30) },
  potLife: potLife([5, 90], [20, 40], [35, 20]),
  cure: {
    touch: table([5, 12], [10, 9], [20, 5], [30, 3]),
    rainSafe: table([5, 4], [10, 3], [20, 2], [30, 1]),
    overcoatFrom: table([5, 24], [10, 18], [20, 10], [30, 6]),
    overcoatUntil: table([5, 120], [10, 96], [20, 72], [30, 48]),
    foot: table([5, 36], [10, 24], [20, 14], [30, 9]),
  },
};

/** One-part moisture-cured polyurethane with a polyester fleece. Typical values of our own choosing. */
export const REINFORCED_POLYURETHANE: BuildUp = {
  id: 'reinforced-polyurethane',
  revision: 1,
  name: 'Reinforced polyurethane, fleece throughout',
  family: 'PU1',
  summary:
    'Primer, fleece bedded wet on wet in the first coat, second coat. For concrete, screed and old bitumen sheet.',
  acceptance: 'average-and-spots',
  leastDryFilmMm: typical(1.8),
  layers: [
    {
      id: 'primer',
      name: 'Primer',
      kind: 'coat',
      role: 'primer',
      note: 'roller, into the pores, no puddles',
      rate: { basis: 'mass', value: 0.25, source: 'typical' },
      densityKgPerL: typical(1.05),
      volumeSolids: typical(0.6),
      containers: [massTin('can-20', '20 kg can', 20), massTin('can-5', '5 kg can', 5)],
      limits: limits([5, 35], [5, 45], 85, 3),
      potLife: potLife([5, 180], [20, 90], [35, 40]),
      cure: {
        touch: table([5, 4], [10, 3], [20, 1.5], [30, 1]),
        rainSafe: table([5, 4], [10, 3], [20, 1.5], [30, 1]),
        overcoatFrom: table([5, 8], [10, 6], [20, 3], [30, 2]),
        overcoatUntil: table([5, 72], [10, 60], [20, 36], [30, 24]),
        foot: table([5, 8], [10, 6], [20, 3], [30, 2]),
      },
      ifMissed: 'Abrade, wipe clean and prime again.',
    },
    {
      id: 'first',
      name: 'First coat',
      kind: 'coat',
      role: 'membrane',
      note: 'two thirds under the fleece, one third over it, wet on wet',
      rate: { basis: 'mass', value: 1.85, source: 'typical' },
      ...RESIN,
      ifMissed: 'Abrade, wipe clean and re-prime before the next coat.',
    },
    {
      id: 'fleece',
      name: 'Fleece',
      kind: 'fabric',
      note: 'fleecy face down, rubbed in until no white shows',
      embeddedIn: 'first',
      weightGPerM2: typical(110),
      rollWidthM: typical(1.05),
      rollLengthM: typical(50),
      sideLapMm: typical(75),
      endLapMm: typical(100),
    },
    {
      id: 'second',
      name: 'Second coat',
      kind: 'coat',
      role: 'membrane',
      note: 'second shade, so that misses show',
      rate: { basis: 'mass', value: 1.1, source: 'typical' },
      ...RESIN,
      ifMissed: 'Abrade, wipe clean and re-prime before another coat.',
    },
  ],
  cautions: [
    'Isocyanate: gloves, goggles, respirator as the safety sheet says; whoever is sensitised stays away.',
    'Roof edges and openings: fall protection first.',
    'Read the data sheet; it and local rules come before any figure here.',
  ],
};
