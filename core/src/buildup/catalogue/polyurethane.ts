import { ABRADE, WIPE, prime } from './mending.ts';
import type { BuildUpInput } from '../schema.ts';
import {
  ALWAYS,
  coat,
  fabric,
  HUMIDITY_CURED,
  kg,
  limits,
  MOIST,
  potLife,
  table,
  throughFilm,
  typical,
} from './typical.ts';

const ISOCYANATE = ['sensitising', 'irritant', 'flammable'] as const;
const ROLL = { tools: [{ kind: 'roller' as const, napMm: typical(12) }] };
const STIRRED = {
  stirring: { minutes: typical(2), rpm: typical(300), note: 'slow paddle, scrape the sides' },
};

/** Both coats are the same resin; the latent kind gives off no gas and sheds rain at once. */
const resin = (latent: boolean) => ({
  densityKgPerL: 1.3,
  solids: 0.88,
  chemistry: 'polyurethane, aliphatic' as const,
  containers: [kg(25, 'pail', latent ? 260 : 215), kg(5, 'pail', latent ? 60 : 49)],
  limits: limits([5, 35], [5, 50], latent ? 90 : 85, 3, latent ? {} : MOIST),
  potLife: latent ? potLife([5, 60], [20, 30], [35, 15]) : potLife([5, 90], [20, 40], [35, 20]),
  cure: latent
    ? {
        touch: table([5, 8], [10, 6], [20, 4], [30, 2.5]),
        rainSafe: table([5, 0.3], [20, 0.2], [30, 0.15]),
        overcoatFrom: table([5, 18], [10, 12], [20, 6], [30, 4]),
        overcoatUntil: table([5, 120], [10, 96], [20, 72], [30, 48]),
        foot: table([5, 24], [10, 18], [20, 10], [30, 7]),
        full: table([5, 240], [20, 120], [30, 96]),
        flood: table([5, 96], [20, 48], [30, 36]),
      }
    : {
        touch: { ...table([5, 12], [10, 9], [20, 5], [30, 3]), byHumidityPct: HUMIDITY_CURED },
        rainSafe: { ...table([5, 4], [10, 3], [20, 2], [30, 1]), byHumidityPct: HUMIDITY_CURED },
        overcoatFrom: {
          ...table([5, 24], [10, 18], [20, 10], [30, 6]),
          byHumidityPct: HUMIDITY_CURED,
          byWetFilmMm: throughFilm(1.45),
        },
        overcoatUntil: table([5, 120], [10, 96], [20, 72], [30, 48]),
        foot: {
          ...table([5, 36], [10, 24], [20, 14], [30, 9]),
          byHumidityPct: HUMIDITY_CURED,
          byWetFilmMm: throughFilm(1.45),
        },
        full: table([5, 336], [20, 168], [30, 120]),
        flood: table([5, 144], [20, 72], [30, 48]),
      },
  orderedAs: latent ? 'Polyurethane resin, latent' : 'Polyurethane resin',
  hazards: ISOCYANATE,
  cleaner: 'solvent' as const,
  cautions: latent ? [] : ['Too thick or too humid and it blisters: keep to the film, coat by coat.'],
});

const first = (latent: boolean) =>
  coat({
    id: 'first',
    name: 'First coat',
    role: 'membrane',
    stretch: 180,
    note: 'two thirds under the fabric, one third over it, wet on wet',
    rate: ['mass', 1.85],
    variants: [
      ['rough', 1.15],
      ['detail', 1.2, 'fully saturated'],
      ['vertical', 0.8, 'in two passes, thickened'],
    ],
    ...resin(latent),
    ifMissed: 'Abrade, wipe clean and re-prime before the next coat.',
    mend: [ABRADE, WIPE, prime('primer')],
    outputM2PerH: 25,
    more: {
      ...ROLL,
      ...STIRRED,
      thickener: {
        source: 'typical',
        name: 'thickener',
        points: [
          { fromSlopePct: 5, percent: 2 },
          { fromSlopePct: 30, percent: 4 },
        ],
        trialMinutes: typical(20),
        densityKgPerL: typical(1.4),
      },
    },
  });

const second = (latent: boolean) =>
  coat({
    id: 'second',
    name: 'Second coat',
    role: 'membrane',
    stretch: 180,
    note: 'second shade, so that misses show',
    rate: ['mass', 1.1],
    variants: [['detail', 1.2]],
    ...resin(latent),
    ifMissed: 'Abrade, wipe clean and re-prime before another coat.',
    mend: [ABRADE, WIPE, prime('primer')],
    outputM2PerH: 45,
    more: { ...ROLL, ...STIRRED, direction: 'across the coat below' },
  });

const reinforcement = (glass: boolean) =>
  fabric({
    id: glass ? 'mat' : 'fleece',
    name: glass ? 'Glass mat' : 'Fleece',
    material: glass ? 'glass mat' : 'polyester fleece',
    note: glass
      ? 'pressed in with a split roller until it goes clear'
      : 'fleecy face down, rubbed in until saturated: no white fibre, no pinholes',
    embeddedIn: 'first',
    gPerM2: glass ? 225 : 110,
    side: glass ? 50 : 75,
    price: glass ? 95 : 80,
    more: {
      only: { choice: 'fabric', option: glass ? 'glass' : 'fleece' },
      faceDown: glass ? 'either' : 'fleecy',
      ...(glass ? { rollWidthM: typical(1.25) } : {}),
    },
  });

const page = (latent: boolean): BuildUpInput => ({
  id: latent ? 'latent-polyurethane' : 'reinforced-polyurethane',
  revision: 1,
  name: latent
    ? 'Reinforced polyurethane with latent hardener'
    : 'Reinforced polyurethane, fabric throughout',
  family: 'PU1',
  summary: latent
    ? 'Primer, fabric bedded wet on wet, second coat, of a resin that gives off no gas and sheds rain almost at once.'
    : 'Primer, fabric bedded wet on wet in the first coat, second coat. For concrete, screed and old bitumen sheet.',
  acceptance: 'average-and-spots',
  leastDryFilmMm: typical(1.8),
  traffic: 'no',
  choices: [
    {
      id: 'fabric',
      name: 'Reinforcement',
      chosen: 'fleece',
      options: [
        {
          id: 'fleece',
          name: 'Polyester fleece',
          says: 'Stretches round details; nothing stands up when it is cut.',
        },
        {
          id: 'glass',
          name: 'Glass mat',
          says: 'Wets out fast and lies flat; fibres are rubbed down before the next coat.',
        },
      ],
    },
  ],
  layers: [
    coat({
      id: 'primer',
      name: 'Primer',
      role: 'primer',
      note: 'roller, into the pores, no puddles',
      rate: ['mass', 0.25],
      variants: [['absorbent', 1.4, 'a second pass where it drinks']],
      least: [0.15, 'dry spots blow bubbles'],
      densityKgPerL: 1.05,
      solids: 0.6,
      chemistry: 'solvent primer',
      containers: [kg(20, 'can', 230), kg(5, 'can', 64)],
      limits: limits([5, 35], [5, 45], 85, 3, { moistureMaxPct: typical(6), fallingSlab: true }),
      potLife: potLife([5, 180], [20, 90], [35, 40]),
      cure: {
        touch: table([5, 4], [10, 3], [20, 1.5], [30, 1]),
        rainSafe: table([5, 4], [10, 3], [20, 1.5], [30, 1]),
        overcoatFrom: table([5, 8], [10, 6], [20, 3], [30, 2]),
        overcoatUntil: table([5, 72], [10, 60], [20, 36], [30, 24]),
        foot: table([5, 8], [10, 6], [20, 3], [30, 2]),
      },
      ifMissed: 'Abrade, wipe clean and prime again.',
      mend: [ABRADE, WIPE, prime('primer')],
      outputM2PerH: 60,
      hazards: ISOCYANATE,
      cleaner: 'solvent',
      more: { ...ROLL, ...STIRRED, blocksBleed: true },
    }),
    first(latent),
    reinforcement(false),
    reinforcement(true),
    second(latent),
  ],
  upkeep: {
    recoatYears: typical(12),
    recoatLayers: ['second'],
    lifeYears: typical(25),
    inspectPerYear: typical(1),
    note: 'Wash, abrade, prime where the data sheet asks for it, then a top coat.',
  },
  cautions: [
    'Isocyanate: gloves, goggles, respirator as the safety sheet says; whoever is sensitised stays away.',
    ...ALWAYS,
  ],
});

/** One-part moisture-cured polyurethane with fabric throughout. Typical values of our own choosing. */
export const REINFORCED_POLYURETHANE = page(false);
/** The same with a latent hardener. */
export const LATENT_POLYURETHANE = page(true);
