/** Products that only details are made with, and what they make. Typical values of our own choosing. */
import type { DetailWay } from '../detailways.ts';
import { ABRADE, CLEANER, LET_DRY, SOLVENT, VACUUM, WASH } from './mending.ts';
import { CATALYST, METHACRYLATE, QUICK, STIRRED } from './methacrylate.ts';
import { ISOCYANATE } from './sand.ts';
import {
  HUMIDITY_CURED,
  MOIST,
  coat,
  kg,
  limits,
  litres,
  potLife,
  table,
  throughFilm,
  typical,
} from './typical.ts';
import { WATER, dryLimits, drying } from './waterborne.ts';

const DETAILS = { role: 'membrane' as const, treats: 'details' as const };
const BRUSH = { tools: [{ kind: 'brush' as const, note: 'worked in from all sides' }] };
const AIR = { byHumidityPct: HUMIDITY_CURED };

const polyurethaneCure = (film: number) => ({
  touch: { ...table([5, 12], [20, 5], [30, 3]), ...AIR },
  rainSafe: { ...table([5, 8], [20, 4], [30, 2]), ...AIR },
  overcoatFrom: { ...table([5, 24], [20, 10], [30, 6]), ...AIR, byWetFilmMm: throughFilm(film) },
  overcoatUntil: table([5, 72], [20, 48], [30, 30]),
  foot: { ...table([5, 48], [20, 24], [30, 14]), ...AIR },
});

/** Pipes, posts and vents on a bitumen sheet without a flame: base coat with fabric, two more, granules. */
export const flashing = () =>
  coat({
    ...DETAILS,
    id: 'flashing',
    name: 'Liquid flashing',
    note: 'base coat with fabric in it, then two more; granules into the last one keep the sun off',
    rate: ['volume', 0.8],
    densityKgPerL: 1.35,
    solids: 0.85,
    chemistry: 'polyurethane, aromatic',
    containers: [litres(4, 'can', 88), litres(12, 'pail', 235)],
    limits: limits([5, 35], [5, 45], 90, 3, { ...MOIST, dryHours: typical(12) }),
    potLife: potLife([5, 90], [20, 60], [30, 30]),
    cure: polyurethaneCure(0.8),
    ifMissed: 'Abrade, vacuum and wipe with solvent before the next coat.',
    mend: [ABRADE, VACUUM, SOLVENT],
    outputM2PerH: 6,
    ...ISOCYANATE,
    more: BRUSH,
  });
export const FLASHED: DetailWay = {
  kinds: ['pipe', 'post', 'flanged-vent'],
  coatId: 'flashing',
  form: 'liquid flashing',
  coats: 3,
  granulesKgPerM2: typical(1.5),
};

/** Splits, blisters, vents and patches of an old roof: gel, fabric, gel. */
export const gel = () =>
  coat({
    ...DETAILS,
    id: 'gel',
    name: 'Bitumen gel',
    note: 'by trowel, fabric between two courses; covered by the field’s coats',
    rate: ['wetFilm', 3],
    densityKgPerL: 1.1,
    solids: 0.68,
    chemistry: 'bitumen emulsion',
    containers: [litres(5, 'pail', 31), litres(19, 'pail', 96)],
    limits: dryLimits,
    cure: { ...drying(3, 12, 16, 36, 48), overcoatUntil: table([10, 336], [20, 240], [30, 168]) },
    ifMissed: 'Wash, then go on.',
    mend: [WASH, LET_DRY],
    outputM2PerH: 5,
    ...WATER,
    more: { tools: [{ kind: 'trowel', note: 'pressed in, no air below' }] },
  });
export const GELLED: DetailWay = {
  kinds: ['split', 'blister', 'patch', 'flanged-vent'],
  coatId: 'gel',
  form: 'three courses',
};

/** Damage in an old covering: one thick coat of silicone, past it on every side. */
export const siliconePatch = () =>
  coat({
    ...DETAILS,
    id: 'patch',
    name: 'Silicone detail sealant',
    note: 'one thick coat by trowel or brush, past the damage on every side',
    rate: ['wetFilm', 2.5],
    densityKgPerL: 1.32,
    solids: 0.96,
    chemistry: 'silicone',
    containers: [litres(4, 'can', 62), litres(12, 'pail', 170)],
    limits: limits([2, 45], [2, 60], 95, 3, { humidityMinPct: typical(20) }),
    potLife: potLife([2, 60], [20, 40], [35, 20]),
    cure: {
      touch: { ...table([2, 10], [20, 4], [35, 2]), ...AIR },
      rainSafe: { ...table([2, 8], [20, 3], [35, 1.5]), ...AIR },
      overcoatFrom: { ...table([2, 48], [20, 24], [35, 12]), ...AIR, byWetFilmMm: throughFilm(2.5) },
      overcoatUntil: table([2, 336], [20, 168], [35, 96]),
      foot: { ...table([2, 72], [20, 36], [35, 20]), ...AIR },
    },
    ifMissed: 'Wash, let dry and try the adhesion of the next coat on a patch first.',
    mend: [WASH, LET_DRY],
    outputM2PerH: 5,
    hazards: ['irritant'],
    cleaner: 'solvent',
    more: { tools: [{ kind: 'trowel', note: '' }] },
  });
export const SEALED_OVER: DetailWay = {
  kinds: ['split', 'blister', 'patch', 'static-crack'],
  coatId: 'patch',
  form: 'thick patch',
  pastMm: typical(60),
};

/** Pipes, posts and supports in a water-based coat: fibres in the product stand in for fabric. */
export const fibred = () =>
  coat({
    ...DETAILS,
    id: 'fibred',
    name: 'Detail grade with fibres',
    note: 'by brush in two coats; it stands on verticals where the field’s coat runs',
    rate: ['volume', 0.75],
    densityKgPerL: 1.38,
    solids: 0.56,
    chemistry: 'acrylic',
    containers: [litres(5, 'pail', 48), litres(19, 'pail', 155)],
    limits: dryLimits,
    cure: drying(0.75, 4, 8, 16, 24),
    ifMissed: 'Wash, then go on.',
    mend: [WASH, LET_DRY],
    outputM2PerH: 8,
    ...WATER,
    more: { ...BRUSH, shade: 'light' },
  });
export const FIBRED: DetailWay = {
  kinds: ['pipe', 'post', 'support'],
  coatId: 'fibred',
  form: 'coats alone',
  coats: 2,
};

/** Cracks and joints of boards below a polyurethane deck. */
export const lowModulus = () =>
  coat({
    ...DETAILS,
    id: 'stripe',
    name: 'Low-modulus stripe',
    note: 'over the filled line, before the base coat; it stretches where the deck works',
    rate: ['wetFilm', 1.6],
    densityKgPerL: 1.28,
    solids: 0.88,
    chemistry: 'polyurethane, aromatic',
    stretch: 550,
    containers: [litres(4, 'can', 74)],
    limits: limits([7, 35], [7, 45], 85, 3, MOIST),
    potLife: potLife([7, 80], [20, 50], [30, 25]),
    cure: polyurethaneCure(1.6),
    ifMissed: 'Abrade, vacuum and wipe with solvent before the next coat.',
    mend: [ABRADE, VACUUM, SOLVENT],
    outputM2PerH: 6,
    ...ISOCYANATE,
    more: BRUSH,
  });
/** The same in catalysed resin, below wheels. */
export const lowModulusQuick = () =>
  coat({
    ...DETAILS,
    id: 'stripe',
    name: 'Low-modulus stripe',
    note: 'over the filled line, before the membrane; small mixes',
    rate: ['wetFilm', 1.6],
    densityKgPerL: 1.2,
    solids: 0.97,
    chemistry: 'methacrylate',
    stretch: 400,
    containers: [kg(10, 'drum', 128)],
    limits: limits([0, 30], [0, 35], 90, 3),
    potLife: potLife([0, 25], [20, 15], [30, 9]),
    cure: QUICK,
    ifMissed: 'Wipe with the cleaner of the data sheet, then go on.',
    mend: [CLEANER],
    ...METHACRYLATE,
    outputM2PerH: 8,
    more: { ...BRUSH, largestMixKg: typical(5), catalyst: CATALYST, ...STIRRED },
  });
const STRIPE = { coatId: 'stripe', form: 'stripe' as const, widthMm: typical(160), abrade: true };
export const STRIPED_CRACKS: DetailWay = { kinds: ['static-crack', 'moving-crack'], ...STRIPE };
export const STRIPED_BOARDS: DetailWay = {
  kinds: ['static-crack', 'moving-crack', 'board-joint'],
  ...STRIPE,
};
