/** What coats drying by water share: limits, drying times, spray, containers. */
import { LET_DRY } from './mending.ts';
import { DRIED, WATERY, coat, limits, litres, potLife, table, throughFilm, typical } from './typical.ts';

export const WATER = {
  hazards: ['irritant', 'harms water'] as const,
  cleaner: 'water' as const,
  potLife: potLife([10, 480], [35, 240]),
};
export const dryLimits = limits([10, 40], [10, 55], 80, 3, {
  ...WATERY,
  windSprayMaxMPerS: typical(5),
  noBelow: { tempC: 5, source: 'typical', until: 'overcoatFrom' },
});
export const drying = (film: number, touch: number, rain: number, over: number, foot: number) => {
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
export const SPRAY = {
  kind: 'airless spray' as const,
  tipMm: typical(0.58),
  fanDeg: typical(50),
  pressureBar: typical(180),
  overlapPct: typical(50),
  note: 'from a test patch; raised only until the tails vanish',
};
const pails = [litres(19, 'pail', 118), litres(200, 'drum', 1120)];
export const WHITE = { densityKgPerL: 1.42, solids: 0.52, chemistry: 'acrylic' as const, containers: pails };
export const SKINNED = {
  cautions: ['An opened drum is kept from skinning by a thin layer of clean water on top.'],
};
export const THINNED = {
  thinning: {
    with: 'clean water',
    mostPct: typical(5),
    note: 'first coat on porous ground only; some never do',
  },
};

/** A coat of bitumen emulsion at a rate, in litres a square metre. */
export const emulsion = (id: string, name: string, note: string, rate: number, more = {}) =>
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
    mend: [
      { does: 'wash', says: 'Wash; after weeks with a biocide wash, left to stand and rinsed.' },
      LET_DRY,
    ],
    orderedAs: 'Bitumen emulsion',
    outputM2PerH: 60,
    ...WATER,
    more: { shade: 'dark', tools: [{ kind: 'broom', note: 'soft, kept in the shade' }], ...more },
  });
