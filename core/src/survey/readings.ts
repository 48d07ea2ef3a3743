/** What was found by looking and by testing, and the levels of the deck. */
import { z } from 'zod';
import { substrateKindSchema } from '../family/index.ts';
import { idSchema, instantSchema } from '../job/index.ts';
import type { Quantity } from '../units/index.ts';
import { placeSchema } from './common.ts';

export interface NumberTest {
  readonly name: string;
  readonly form: 'number';
  readonly quantity: Quantity;
  readonly unit: string;
  readonly least: number;
  readonly most: number;
  readonly instrument: string;
}
export interface WordTest {
  readonly name: string;
  readonly form: 'word';
  /** The first one is the good one. */
  readonly answers: readonly string[];
  readonly instrument: string;
}

const number = (
  name: string,
  unit: string,
  least: number,
  most: number,
  instrument: string,
  quantity: Quantity = 'number',
): NumberTest => ({ name, form: 'number', unit, least, most, instrument, quantity });
const word = (name: string, instrument: string, ...answers: string[]): WordTest => ({
  name,
  form: 'word',
  answers,
  instrument,
});

/** Bounds are those of the instrument: a reading outside them is a slip, not a wet roof. */
const TESTS = {
  moisture: number('Moisture by meter', '%', 0, 25, 'moisture meter', 'moisture'),
  humidity: number('In-slab humidity', '% RH', 0, 100, 'humidity probe', 'percent'),
  sheet: word('Taped plastic sheet', 'plastic sheet, overnight', 'dry', 'damp'),
  profile: number('Surface profile', 'CSP', 1, 10, 'comparator chips', 'count'),
  strength: number('Compressive strength', 'N/mm²', 1, 150, 'rebound hammer', 'stress'),
  'pull-off': number('Pull-off', 'N/mm²', 0, 20, 'pull-off gauge', 'stress'),
  'strip-pull': word('Strip-pull of a trial patch', 'trial patch with mesh', 'tears itself', 'peels off'),
  slip: number('Slip by pendulum', 'PTV', 0, 150, 'pendulum, wet'),
  core: word('Core sample', 'core cutter', 'dry', 'damp', 'wet'),
  tack: word('Fingertip tack of primer', 'fingertip', 'tack-free', 'tacky'),
} as const satisfies Record<string, NumberTest | WordTest>;

export type TestKind = keyof typeof TESTS;
export const TEST_KINDS = Object.keys(TESTS) as TestKind[];
export const testFacts = (kind: TestKind): NumberTest | WordTest => TESTS[kind];

/** A moisture reading means something only with the scale it was read on. */
export const MOISTURE_SCALES = [
  'scale of the meter',
  'carbide test, % by mass',
  'oven-dried, % by mass',
  'timber, % by mass',
] as const;
export type MoistureScale = (typeof MOISTURE_SCALES)[number];

export const testSchema = z
  .strictObject({
    id: idSchema,
    kind: z.enum(TEST_KINDS),
    /** Of a moisture reading; absent: the scale of the meter. */
    scale: z.enum(MOISTURE_SCALES).optional(),
    at: placeSchema.optional(),
    takenAt: instantSchema,
    instrument: z.string().trim().min(1).max(120),
    value: z.union([z.number(), z.string().max(40)]),
    /** Pull-off and strip-pull: laid without a primer, which may then be spared. */
    unprimed: z.boolean().default(false),
    note: z.string().max(400),
  })
  .superRefine((test, context) => {
    const facts = testFacts(test.kind);
    const fits =
      facts.form === 'word'
        ? typeof test.value === 'string' && facts.answers.includes(test.value)
        : typeof test.value === 'number' && test.value >= facts.least && test.value <= facts.most;
    if (fits) return;
    const message =
      facts.form === 'word'
        ? `one of ${facts.answers.map((a) => `“${a}”`).join(', ')}`
        : `${facts.name.toLowerCase()} from ${facts.least} to ${facts.most} ${facts.unit}`;
    context.addIssue({ code: 'custom', path: ['value'], message, input: test.value });
  });
export type Test = z.infer<typeof testSchema>;

export const ANSWERS = ['yes', 'no', 'not looked at'] as const;
export const findingSchema = z.strictObject({
  /** Key of the inspection item. */
  item: z.string().min(1).max(40),
  answer: z.enum(ANSWERS),
  /** How much of it there is, in the item's own unit. */
  amount: z.number().min(0).max(1e6).optional(),
  note: z.string().max(400),
});
export type Finding = z.infer<typeof findingSchema>;

export const COLOURS = ['light', 'middling', 'dark'] as const;
export type Colour = (typeof COLOURS)[number];

export const substrateSchema = z.strictObject({
  kind: substrateKindSchema,
  /** Day on which concrete or screed was laid, as YYYY-MM-DD. */
  laidOn: z.iso.date().optional(),
  /** Of what is there now; absent: as its kind usually is. */
  colour: z.enum(COLOURS).optional(),
  /** Which part of the sun reaches it past walls, machines and trees; absent: all of it. */
  sunShare: z.number().min(0).max(1).optional(),
});

const levelSchema = z.strictObject({
  id: idSchema,
  at: placeSchema,
  /** A height above the zone's own datum, or what the staff showed: then more is lower. Metres. Absent: not read yet. */
  valueM: z.number().min(-1000).max(10000).optional(),
});
export type Level = z.infer<typeof levelSchema>;

/** Rain that the outlets are looked at for, and the water that may stand over their rims. */
const rainCheckSchema = z.strictObject({
  mmPerH: z.number().min(1).max(1000),
  headMm: z.number().min(5).max(200),
});
export type RainCheck = z.infer<typeof rainCheckSchema>;

export const levelsSchema = z.strictObject({
  given: z.enum(['height', 'staff']),
  points: z.array(levelSchema).max(20000),
  /** Ridges and valleys: levels joined in order, along which the surface bends. */
  breakLines: z.array(z.array(idSchema).min(2).max(500)).max(200),
  /** Fall that is asked for, and fall to level to, per cent; density of the levelling mix. */
  leastFallPct: z.number().min(0).max(20),
  designFallPct: z.number().min(0.1).max(20),
  mixKgPerL: z.number().min(0.1).max(4),
  contourMm: z.number().min(1).max(1000),
  rain: rainCheckSchema.optional(),
});
export type Levels = z.infer<typeof levelsSchema>;

/** A level that was read, with its number in the survey, from 0. */
export interface ReadLevel extends Level {
  readonly valueM: number;
  readonly index: number;
}

/** The levels that were read: one without a reading is empty, never zero. */
export const readLevels = ({ points }: Levels): ReadLevel[] =>
  points.flatMap((l, index) => (l.valueM === undefined ? [] : [{ ...l, valueM: l.valueM, index }]));

/** Falls of 1 in 80 in the finished work: common practice; the mix is a cement mortar, typical. */
export const NO_LEVELS: Levels = {
  given: 'height',
  points: [],
  breakLines: [],
  leastFallPct: 1.25,
  designFallPct: 1.5,
  mixKgPerL: 2,
  contourMm: 10,
};
