/**
 * Causes of what goes wrong, as data: for which symptoms, how common beside each other, and what speaks for them. `ifCause` is
 * how often a fact is true where this is the cause, `otherwise` how often it is true on any roof. The numbers are our own
 * estimates from common practice, no source; they rank, and do not measure.
 */
import type { FactKey } from './facts.ts';

export const SYMPTOMS = [
  'bubbles',
  'blisters with water',
  'soft or tacky',
  'peeling',
  'chalky or brittle',
  'tyre marks',
  'rust spots',
  'ridges',
  'wrinkles',
  'pinholes',
  'brown stains',
  'leak below',
  'loss in the flood test',
] as const;
export type Symptom = (typeof SYMPTOMS)[number];

export interface Sign {
  readonly fact: FactKey;
  readonly ifCause: number;
}
export interface Cause {
  readonly id: string;
  readonly name: string;
  /** How common it is behind each symptom, beside the others. */
  readonly symptoms: Readonly<Partial<Record<Symptom, number>>>;
  readonly signs: readonly Sign[];
  readonly repair: readonly string[];
}

/** How often a fact is true on any roof where something went wrong for another reason. */
export const OTHERWISE: Readonly<Record<FactKey, number>> = {
  ...{ earlyOvercoat: 0.06, lateOvercoat: 0.08, dampGround: 0.08, wetSurface: 0.06, warmingSlab: 0.12 },
  ...{ dew: 0.08, rain: 0.06, tooCold: 0.08, tooHot: 0.08, thickFilm: 0.08, thinFilm: 0.1 },
  ...{ thinPrimer: 0.08, notPrepared: 0.1, unfitGround: 0.05, dirtBetween: 0.1, usedEarly: 0.06 },
  ...{ uncovered: 0.08, catalystOff: 0.06, notLooked: 0.1, badDetail: 0.12, floodTight: 0.5 },
  ...{ batchToo: 0.08, hoursToo: 0.08, personToo: 0.08 },
  ...{ waterInside: 0.1, fineBubbles: 0.1, voidsBelow: 0.15, magnet: 0.02, rinsesOff: 0.05 },
  ...{ softThrough: 0.15, peelsClean: 0.15, stepBelow: 0.1, dyeAtPlug: 0.05 },
};

const CUT_OUT = 'Cut out what is loose to where it holds, and feather the edge.';
const KEY = 'Abrade 75 to 100 mm round it, wipe, and let it dry.';
const AGAIN = 'Lay the layers again from the primer up, with reinforcement over the edge.';

export const CAUSES: readonly Cause[] = [
  {
    ...{ id: 'early-overcoat', name: 'Overcoated before the coat below had cured' },
    symptoms: { bubbles: 0.2, 'soft or tacky': 0.12, wrinkles: 0.25, pinholes: 0.1 },
    signs: [
      { fact: 'earlyOvercoat', ifCause: 0.95 },
      { fact: 'softThrough', ifCause: 0.5 },
      { fact: 'hoursToo', ifCause: 0.5 },
    ],
    repair: [CUT_OUT, 'Wait until what is left is hard through.', KEY, AGAIN],
  },
  {
    ...{ id: 'thick-film', name: 'Film too thick' },
    symptoms: { bubbles: 0.18, 'soft or tacky': 0.15, wrinkles: 0.2, pinholes: 0.1 },
    signs: [
      { fact: 'thickFilm', ifCause: 0.95 },
      { fact: 'softThrough', ifCause: 0.5 },
      { fact: 'fineBubbles', ifCause: 0.4 },
      { fact: 'personToo', ifCause: 0.3 },
    ],
    repair: ['Give it time where it still cures; else:', CUT_OUT, KEY, 'Lay it again in thinner coats.'],
  },
  {
    ...{ id: 'damp-ground', name: 'Damp ground' },
    symptoms: { bubbles: 0.15, 'blisters with water': 0.4, peeling: 0.15 },
    signs: [
      { fact: 'dampGround', ifCause: 0.9 },
      { fact: 'waterInside', ifCause: 0.7 },
    ],
    repair: [CUT_OUT, 'Dry the ground and measure it before anything else.', KEY, AGAIN],
  },
  {
    ...{ id: 'wet-surface', name: 'Laid on a wet surface' },
    symptoms: { bubbles: 0.06, 'blisters with water': 0.1, peeling: 0.12 },
    signs: [
      { fact: 'wetSurface', ifCause: 0.9 },
      { fact: 'waterInside', ifCause: 0.3 },
      { fact: 'hoursToo', ifCause: 0.5 },
    ],
    repair: [CUT_OUT, 'Dry it.', KEY, AGAIN],
  },
  {
    ...{ id: 'warming-slab', name: 'Slab warming: air came out of it' },
    symptoms: { bubbles: 0.2, pinholes: 0.3 },
    signs: [
      { fact: 'warmingSlab', ifCause: 0.95 },
      { fact: 'voidsBelow', ifCause: 0.4 },
      { fact: 'hoursToo', ifCause: 0.6 },
    ],
    repair: [
      'Open each one, fill it, and level it.',
      KEY,
      'Lay the next coat in the afternoon, while the slab cools.',
    ],
  },
  {
    ...{ id: 'hot', name: 'Laid too hot: it skinned before air and solvent were out' },
    symptoms: { bubbles: 0.06, pinholes: 0.12, wrinkles: 0.1 },
    signs: [
      { fact: 'tooHot', ifCause: 0.95 },
      { fact: 'hoursToo', ifCause: 0.6 },
    ],
    repair: [CUT_OUT, KEY, 'Lay it again in the cool of the day.'],
  },
  {
    ...{ id: 'voids', name: 'Voids in the ground not filled' },
    symptoms: { bubbles: 0.12, pinholes: 0.25 },
    signs: [
      { fact: 'voidsBelow', ifCause: 0.9 },
      { fact: 'notPrepared', ifCause: 0.4 },
    ],
    repair: ['Open each one, fill the void with resin mortar.', KEY, AGAIN],
  },
  {
    ...{ id: 'air-mixed', name: 'Air mixed in' },
    symptoms: { bubbles: 0.1, pinholes: 0.2 },
    signs: [
      { fact: 'fineBubbles', ifCause: 0.9 },
      { fact: 'personToo', ifCause: 0.4 },
    ],
    repair: ['Where the film is enough without it, a further coat closes it; else:', CUT_OUT, KEY, AGAIN],
  },
  {
    ...{ id: 'rain', name: 'Rain on it before it was rain-safe' },
    symptoms: { 'blisters with water': 0.25, 'soft or tacky': 0.1, pinholes: 0.1, 'chalky or brittle': 0.05 },
    signs: [
      { fact: 'rain', ifCause: 0.95 },
      { fact: 'waterInside', ifCause: 0.4 },
      { fact: 'hoursToo', ifCause: 0.7 },
    ],
    repair: ['Let it dry and harden.', 'Abrade what is pitted or pale.', KEY, 'Lay the top coat again.'],
  },
  {
    ...{ id: 'dew', name: 'Dew on it, or on what it was laid on' },
    symptoms: { 'blisters with water': 0.12, peeling: 0.15, 'soft or tacky': 0.08, 'brown stains': 0.1 },
    signs: [
      { fact: 'dew', ifCause: 0.95 },
      { fact: 'hoursToo', ifCause: 0.6 },
    ],
    repair: [CUT_OUT, 'Dry it.', KEY, AGAIN],
  },
  {
    ...{ id: 'no-primer', name: 'Primer short of its film' },
    symptoms: { 'blisters with water': 0.13, 'soft or tacky': 0.12, peeling: 0.12, bubbles: 0.08 },
    signs: [
      { fact: 'thinPrimer', ifCause: 0.9 },
      { fact: 'personToo', ifCause: 0.3 },
    ],
    repair: [CUT_OUT, KEY, AGAIN],
  },
  {
    ...{ id: 'bad-mix', name: 'Mixed badly, or catalyst off' },
    symptoms: { 'soft or tacky': 0.35, 'chalky or brittle': 0.1 },
    signs: [
      { fact: 'catalystOff', ifCause: 0.75 },
      { fact: 'batchToo', ifCause: 0.2 },
      { fact: 'softThrough', ifCause: 0.85 },
      { fact: 'personToo', ifCause: 0.3 },
    ],
    repair: [
      'It does not cure any more: take all of it off.',
      'Wipe the ground with the cleaner of the data sheet.',
      AGAIN,
    ],
  },
  {
    ...{ id: 'bad-batch', name: 'A faulty batch: too old, frozen once, or wrong' },
    symptoms: {
      ...{ 'soft or tacky': 0.08, bubbles: 0.03, pinholes: 0.03, peeling: 0.04 },
      ...{ 'chalky or brittle': 0.08 },
    },
    signs: [
      { fact: 'batchToo', ifCause: 0.9 },
      { fact: 'softThrough', ifCause: 0.4 },
    ],
    repair: [
      'Set what is left of the batch aside, keep a tin of it, and tell who made it.',
      CUT_OUT,
      KEY,
      AGAIN,
    ],
  },
  {
    ...{ id: 'cold', name: 'Too cold to cure' },
    symptoms: { 'soft or tacky': 0.2, wrinkles: 0.2, peeling: 0.08 },
    signs: [
      { fact: 'tooCold', ifCause: 0.95 },
      { fact: 'softThrough', ifCause: 0.6 },
      { fact: 'hoursToo', ifCause: 0.6 },
    ],
    repair: ['Keep it dry and give it warm days; what is soft after them:', CUT_OUT, AGAIN],
  },
  {
    ...{ id: 'late-overcoat', name: 'Overcoated after the window had closed' },
    symptoms: { peeling: 0.25 },
    signs: [
      { fact: 'lateOvercoat', ifCause: 0.95 },
      { fact: 'peelsClean', ifCause: 0.7 },
      { fact: 'hoursToo', ifCause: 0.5 },
    ],
    repair: [
      CUT_OUT,
      'Abrade the coat below until it is matt, wipe, and prime it where its sheet asks for it.',
      AGAIN,
    ],
  },
  {
    ...{ id: 'dirt', name: 'Dirt between the coats' },
    symptoms: { peeling: 0.2, pinholes: 0.08 },
    signs: [
      { fact: 'dirtBetween', ifCause: 0.85 },
      { fact: 'peelsClean', ifCause: 0.1 },
      { fact: 'personToo', ifCause: 0.3 },
    ],
    repair: [CUT_OUT, 'Wash and dry.', KEY, AGAIN],
  },
  {
    ...{ id: 'ground', name: 'Release agent, bleed or a ground that nothing holds on' },
    symptoms: { peeling: 0.25, 'brown stains': 0.15 },
    signs: [
      { fact: 'unfitGround', ifCause: 0.6 },
      { fact: 'notPrepared', ifCause: 0.6 },
      { fact: 'peelsClean', ifCause: 0.5 },
    ],
    repair: [
      'Take off what does not hold.',
      'Grind or blast the ground, and pull a trial before more is laid.',
      AGAIN,
    ],
  },
  {
    ...{ id: 'sun', name: 'A coat that sun breaks down was left uncovered' },
    symptoms: { 'chalky or brittle': 0.7, 'brown stains': 0.15 },
    signs: [{ fact: 'uncovered', ifCause: 0.9 }],
    repair: [
      'Abrade to sound film.',
      'Wipe, prime where its sheet asks for it.',
      'Lay the coat that covers it.',
    ],
  },
  {
    ...{ id: 'used-early', name: 'Used before it could take it' },
    symptoms: { 'tyre marks': 0.55, ridges: 0.1, 'soft or tacky': 0.05 },
    signs: [{ fact: 'usedEarly', ifCause: 0.9 }],
    repair: ['Close it.', 'Abrade the marks.', 'Lay the wear coat again, and open it by its cure.'],
  },
  {
    ...{ id: 'thin-top', name: 'Top coat too thin' },
    symptoms: { 'tyre marks': 0.35, 'chalky or brittle': 0.15, pinholes: 0.1, 'leak below': 0.15 },
    signs: [
      { fact: 'thinFilm', ifCause: 0.9 },
      { fact: 'personToo', ifCause: 0.3 },
    ],
    repair: [KEY, 'Make up the film that is missing.'],
  },
  {
    ...{ id: 'iron', name: 'Iron in the aggregate' },
    symptoms: { 'rust spots': 0.85 },
    signs: [{ fact: 'magnet', ifCause: 0.9 }],
    repair: ['Drill or pick out each grain.', 'Fill with resin, throw clean aggregate, seal.'],
  },
  {
    ...{ id: 'surfactant', name: 'Young acrylic: what dew draws out of it' },
    symptoms: { 'brown stains': 0.5 },
    signs: [
      { fact: 'rinsesOff', ifCause: 0.95 },
      { fact: 'dew', ifCause: 0.5 },
    ],
    repair: ['Rinse with clean water; nothing else is wrong.'],
  },
  {
    ...{ id: 'not-levelled', name: 'Ground not levelled, or too little under the fabric' },
    symptoms: { ridges: 0.75, wrinkles: 0.1 },
    signs: [
      { fact: 'stepBelow', ifCause: 0.85 },
      { fact: 'notPrepared', ifCause: 0.45 },
      { fact: 'thinFilm', ifCause: 0.35 },
      { fact: 'personToo', ifCause: 0.3 },
    ],
    repair: [
      'Grind the ridge down to the fabric.',
      'Fill to a straight edge.',
      'Lay a strip and the top coat again.',
    ],
  },
  {
    ...{ id: 'sheet', name: 'Sheet not relaxed, not rolled, or laid too cold' },
    symptoms: { wrinkles: 0.35, ridges: 0.1, 'leak below': 0.1 },
    signs: [
      { fact: 'notLooked', ifCause: 0.75 },
      { fact: 'tooCold', ifCause: 0.4 },
      { fact: 'personToo', ifCause: 0.3 },
    ],
    repair: [
      'Slit fishmouths, lay flat and roll.',
      'Patch of the same sheet, 100 mm past on all sides, rounded.',
    ],
  },
  {
    ...{ id: 'detail', name: 'A detail leaks' },
    symptoms: { 'leak below': 0.6, 'loss in the flood test': 0.35 },
    signs: [
      { fact: 'badDetail', ifCause: 0.7 },
      { fact: 'floodTight', ifCause: 0.1 },
    ],
    repair: [
      'Dye or water at one detail after the other, the lowest first.',
      'Make it again with its own product.',
    ],
  },
  {
    ...{ id: 'plug', name: 'The plug of an outlet leaks' },
    symptoms: { 'loss in the flood test': 0.35 },
    signs: [
      { fact: 'dyeAtPlug', ifCause: 0.9 },
      { fact: 'floodTight', ifCause: 0.1 },
    ],
    repair: ['Set the plug again and fill to the same mark.'],
  },
  {
    ...{ id: 'air', name: 'Only what the air takes' },
    symptoms: { 'loss in the flood test': 0.3 },
    signs: [
      { fact: 'floodTight', ifCause: 0.95 },
      { fact: 'dyeAtPlug', ifCause: 0.02 },
    ],
    repair: ['Nothing. Stand an open pan in the water to show it.'],
  },
];
