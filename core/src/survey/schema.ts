/** The survey: zones as measured. Metres, degrees; see geometry for axes. */
import { z } from 'zod';
import { familySchema } from '../family/index.ts';
import { idSchema, nameSchema } from '../job/index.ts';
import { coordinate, MOST_M, ringSchema } from './common.ts';
import { edgeSchema, sideSchema } from './edges.ts';
import { featureSchema } from './features.ts';
import { ZONE_USES } from './zoneuse.ts';
import { findingSchema, levelsSchema, NO_LEVELS, substrateSchema, testSchema } from './readings.ts';

const length = z.number().gt(0).max(MOST_M);

export const legSchema = z.strictObject({
  lengthM: length,
  turnDeg: z.number().gt(0).lt(180),
  turn: z.enum(['left', 'right']),
});

export const outlineSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('walk'),
    legs: z.array(legSchema).min(3).max(500),
    /** The person has seen the closing error and accepts the compass-rule adjustment. */
    adjustmentAccepted: z.boolean(),
  }),
  /** Tape measures alone: sides, diagonals and marks of right angles. */
  z.strictObject({
    kind: z.literal('taped'),
    corners: z
      .array(z.strictObject({ turn: z.enum(['left', 'right']), square: z.boolean() }))
      .min(3)
      .max(60),
    /** Side i goes from corner i to the next; null where it was not taped. */
    sidesM: z.array(length.nullable()).min(3).max(60),
    diagonals: z
      .array(
        z.strictObject({
          from: z.number().int().min(0),
          to: z.number().int().min(0),
          lengthM: length,
        }),
      )
      .max(500),
    /** The person has seen that the measures disagree and accepts the shape that fits them best. */
    adjustmentAccepted: z.boolean(),
  }),
  /** Not measured yet: an area, and what is known of its outline. */
  z.strictObject({
    kind: z.literal('estimated'),
    areaM2: z.number().gt(0).max(1e6),
    /** How long it is round; absent: as is usual. */
    perimeterM: length.optional(),
    /** How much of that goes up; absent: all of it. */
    risingM: z.number().min(0).max(MOST_M).optional(),
  }),
  z.strictObject({
    kind: z.literal('points'),
    points: ringSchema,
    origin: z.enum(['GeoJSON', 'CSV', 'DXF', 'typed', 'drawn', 'split', 'joined']),
  }),
]);

export const OPENING_KINDS = ['roof-light', 'stair-head', 'hatch', 'plinth', 'machine', 'void'] as const;
export const OPENING_NAMES: Readonly<Record<(typeof OPENING_KINDS)[number], string>> = {
  'roof-light': 'Roof light',
  'stair-head': 'Stair head',
  hatch: 'Hatch',
  plinth: 'Plinth',
  machine: 'Machine base',
  void: 'Open void',
};

export const openingSchema = z.strictObject({
  id: idSchema,
  name: nameSchema,
  kind: z.enum(OPENING_KINDS).default('roof-light'),
  /** What goes round it. */
  edge: edgeSchema.default({ kind: 'upstand', heightMm: 150, termination: 'open' }),
  shape: z.discriminatedUnion('kind', [
    /** Set out from the first corner: along the first side, and square to it into the zone. */
    z.strictObject({
      kind: z.literal('rectangle'),
      alongM: coordinate,
      acrossM: coordinate,
      lengthM: length,
      widthM: length,
    }),
    /** A round one: its middle. */
    z.strictObject({ kind: z.literal('circle'), alongM: coordinate, acrossM: coordinate, diameterM: length }),
    z.strictObject({ kind: z.literal('points'), points: ringSchema }),
  ]),
});

/** Where the zone lies on the plan of all zones: its own corner (0, 0), and its turn to the left. */
const plotSchema = z.strictObject({
  xM: coordinate,
  yM: coordinate,
  turnDeg: z.number().min(-360).max(360),
});

export const zoneSchema = z.strictObject({
  id: idSchema,
  /** One to three letters that begin the bays' labels. */
  code: z.string().regex(/^[A-Z]{1,3}$/, 'one to three capital letters'),
  name: nameSchema,
  /** Absent: a roof. */
  use: z.enum(ZONE_USES).exclude(['roof']).optional(),
  outline: outlineSchema,
  plot: plotSchema.default({ xM: 0, yM: 0, turnDeg: 0 }),
  /** Side i of the outline; sides that were not said are straight and free. */
  sides: z.array(sideSchema).max(2000).default([]),
  openings: z.array(openingSchema).max(200),
  features: z.array(featureSchema).max(5000).default([]),
  levels: levelsSchema.default(NO_LEVELS),
  /** A fall judged without levels, per cent: for the area on the slope. */
  fallPct: z.number().min(0).max(300).optional(),
  substrate: substrateSchema.optional(),
  findings: z.array(findingSchema).max(100).default([]),
  tests: z.array(testSchema).max(5000).default([]),
  /** The membrane family that is thought of while no build-up is chosen. */
  family: familySchema.optional(),
  /** What the deck may carry besides what lies on it now, as a structural engineer says. */
  deckLoad: z
    .strictObject({
      kgPerM2: z.number().gt(0).max(5000),
      /** Who says so, and when; empty while nobody is named. */
      says: z.string().max(200),
    })
    .optional(),
  note: z.string().max(2000),
});

const underlaySchema = z.strictObject({
  fileId: idSchema,
  name: nameSchema,
  widthPx: z.number().int().min(1).max(20000),
  heightPx: z.number().int().min(1).max(20000),
  /** Metres for one pixel, from two points and the length between them. */
  metresPerPx: z.number().gt(0).max(100),
  /** Where the lower left corner lies on the plan. */
  xM: coordinate,
  yM: coordinate,
  opacity: z.number().min(0.05).max(1),
});

export const surveySchema = z.strictObject({
  zones: z.array(zoneSchema).max(200),
  /** Longitude and latitude of the plan's (0, 0), from a file or from a person. */
  origin: z
    .strictObject({
      lonDeg: z.number().min(-180).max(180),
      latDeg: z.number().min(-85).max(85),
      /** Where the plan's y axis points, clockwise from north; absent: to the north. */
      bearingDeg: z.number().min(-360).max(360).optional(),
    })
    .optional(),
  underlay: underlaySchema.optional(),
  /** Whether a passed adhesion test may spare the primer. */
  primerSchool: z.enum(['test may spare', 'always']).default('always'),
});

export type Outline = z.infer<typeof outlineSchema>;
export type Opening = z.infer<typeof openingSchema>;
export type Plot = z.infer<typeof plotSchema>;
export type Zone = z.infer<typeof zoneSchema>;
export type Survey = z.infer<typeof surveySchema>;
/** All that most computations need of a survey. */
export type Zones = { readonly zones: readonly Zone[] };
export type Underlay = z.infer<typeof underlaySchema>;
export type EstimatedOutline = Extract<Outline, { kind: 'estimated' }>;
export type TapedOutline = Extract<Outline, { kind: 'taped' }>;
export const EMPTY_SURVEY: Survey = { zones: [], primerSchool: 'always' };

/** A zone with nothing but its outline. */
export const blankZone = (zone: Pick<Zone, 'id' | 'code' | 'name' | 'outline'>): Zone => ({
  ...zone,
  plot: { xM: 0, yM: 0, turnDeg: 0 },
  sides: [],
  openings: [],
  features: [],
  levels: { ...NO_LEVELS, points: [], breakLines: [] },
  findings: [],
  tests: [],
  note: '',
});

/** An opening with the usual kerb. */
export const blankOpening = (opening: Pick<Opening, 'id' | 'name' | 'shape'>): Opening => ({
  ...opening,
  kind: 'roof-light',
  edge: { kind: 'upstand', heightMm: 150, termination: 'open' },
});
