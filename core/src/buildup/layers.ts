/** The kinds of layer, each with only what applies to it. */
import { z } from 'zod';
import { idSchema, nameSchema, sourced } from '../job/index.ts';
import { CHEMISTRIES } from './chemistry.ts';
import { cureSchema, limitsSchema, missedSchema } from './conditions.ts';
import {
  catalystSchema,
  DIRECTIONS,
  kettleSchema,
  mixSchema,
  stirringSchema,
  thickenerSchema,
  thinningSchema,
  toolSchema,
} from './mixing.ts';
import { remediesSchema } from './remedies.ts';
import { containerSchema, potLifeSchema, productSchema, rateSchema, text } from './numbers.ts';

const mm = (most: number) => sourced(z.number().min(0).max(most));
const above = (most: number) => sourced(z.number().gt(0).max(most));

/** Further lengths on sale of the same roll. */
const otherRolls = z
  .array(z.strictObject({ lengthM: above(1000), price: sourced(z.number().min(0).max(1e6)).optional() }))
  .max(4)
  .optional();

/** Sides that a layer on rolls may reach over, or stop short of; openings it only stops short of. */
export const REACH_KINDS = [
  'upstand',
  'parapet',
  'threshold',
  'drip',
  'gutter',
  'joint',
  'tie-in',
  'free',
  'wall-top',
  'footing',
  'opening',
] as const;
const reach = sourced(z.number().min(-300).max(1000)).optional();
/** How far this layer goes beyond a side, short of it where negative, mm. What it does not say, the job's rules do. */
const reachMm = z
  .strictObject({
    ...{ upstand: reach, parapet: reach, threshold: reach, drip: reach, gutter: reach, joint: reach },
    ...{ 'tie-in': reach, free: reach, 'wall-top': reach, footing: reach },
    ...{ opening: sourced(z.number().min(-300).max(0)).optional() },
  })
  .optional();

/** Edges of a roll: laid so that the right one shows, and the right one is under the lap. */
export const ROLL_EDGES = ['alike', 'one frayed', 'one bare'] as const;

const base = {
  id: idSchema,
  name: nameSchema,
  note: text(400),
  /** Laid only where this option of this choice is taken. */
  only: z.strictObject({ choice: idSchema, option: idSchema }).optional(),
  /** What a crew of two lays in an hour. */
  outputM2PerH: above(2000).optional(),
  product: productSchema.optional(),
};

/** What a layer shows to sun, water and the layer above. */
const surface = {
  chemistry: z.enum(CHEMISTRIES).optional(),
  shade: z.enum(['light', 'dark', 'clear']).optional(),
};

export const COAT_ROLES = [
  'preparation',
  'primer',
  'levelling',
  'membrane',
  'wear',
  'decorative',
  'finish',
  'reflective',
] as const;
/** Places that a coat keeps to which does not go all over. `details`: it is what some details are made with. */
export const TREATS = ['edges, laps and fasteners', 'rust', 'details'] as const;

export type CoatRole = (typeof COAT_ROLES)[number];

export const coatSchema = z
  .strictObject({
    ...base,
    ...surface,
    kind: z.literal('coat'),
    role: z.enum(COAT_ROLES),
    /** What of the zone it covers; absent: all of it. */
    treats: z.enum(TREATS).optional(),
    /** In a pocket: fills it in place of the membrane where the roof falls so much or more, per cent. */
    fillsFromFallPct: sourced(z.number().gt(0).max(100)).optional(),
    rate: rateSchema,
    /** The film that a data sheet says the rate gives, to hold against what it does give. */
    says: z.strictObject({ wetFilmMm: above(200).optional(), dryFilmMm: above(200).optional() }).optional(),
    /** As laid, mixed. */
    densityKgPerL: sourced(z.number().min(0.3).max(4)),
    /** Share of the wet volume that stays, 0 to 1; or by mass, with the density of what leaves. */
    volumeSolids: sourced(z.number().gt(0).max(1)).optional(),
    massSolids: sourced(z.number().gt(0).max(1)).optional(),
    volatileKgPerL: sourced(z.number().min(0.5).max(1.7)).optional(),
    /** By how much a free film stretches before it breaks, per cent: 150 % is to two and a half times its length. */
    elongationPct: sourced(z.number().gt(0).max(2000)).optional(),
    /** Keeps what bleeds out of bitumen and rubber from light coats. */
    blocksBleed: z.boolean().optional(),
    containers: z.array(containerSchema).min(1).max(8),
    mix: mixSchema.optional(),
    /** The largest mix made in one go, for resins that are not used from the tin. */
    largestMixKg: above(500).optional(),
    catalyst: catalystSchema.optional(),
    thickener: thickenerSchema.optional(),
    thinning: thinningSchema.optional(),
    stirring: stirringSchema.optional(),
    potLife: potLifeSchema,
    kettle: kettleSchema.optional(),
    tools: z.array(toolSchema).max(6).default([]),
    direction: z.enum(DIRECTIONS).default('any'),
    limits: limitsSchema,
    cure: cureSchema,
    /** It may be overcoated at any later time, once clean: said on purpose, not forgotten. */
    overcoatOpen: z.boolean().optional(),
    /** What to do when the overcoating time was missed. */
    ifMissed: text(400),
    /** What to do when another limit was missed; general practice where nothing is said. */
    missed: missedSchema.default({}),
    /** The same as steps with what they take; they come before the words. */
    remedies: remediesSchema.optional(),
  })
  .refine(
    (c) => c.volumeSolids !== undefined || (c.massSolids !== undefined && c.volatileKgPerL !== undefined),
    {
      error: 'volume solids, or mass solids with the density of what leaves',
      path: ['volumeSolids'],
    },
  );

export const FABRIC_DIRECTIONS = ['along the courses', 'across the layer below', 'any'] as const;

export const fabricSchema = z.strictObject({
  ...base,
  kind: z.literal('fabric'),
  material: z.enum(['polyester fleece', 'glass mat', 'polyester fabric', 'glass mesh']).optional(),
  embeddedIn: idSchema,
  weightGPerM2: above(2000),
  rollWidthM: above(6),
  rollLengthM: above(1000),
  sideLapMm: mm(500),
  endLapMm: mm(500),
  direction: z.enum(FABRIC_DIRECTIONS).optional(),
  /** Which face goes down. */
  faceDown: z.enum(['fleecy', 'smooth', 'either']).optional(),
  /** Everywhere, or only at the details. */
  where: z.enum(['throughout', 'details']).optional(),
  /** `one frayed`: a cut edge and a straight one. */
  edges: z.enum(ROLL_EDGES).optional(),
  reachMm,
  otherRolls,
  pricePerRoll: sourced(z.number().min(0).max(1e6)).optional(),
});

const broadcastSchema = z.strictObject({
  ...base,
  kind: z.literal('broadcast'),
  into: idSchema,
  method: z.enum(['light', 'at a rate', 'to refusal']),
  grading: text(60),
  thrownKgPerM2: above(20),
  retainedKgPerM2: above(20),
  /** Thickness that stands above the coat it is thrown into. */
  standsMm: above(10).optional(),
  bagKg: above(1500),
  pricePerBag: sourced(z.number().min(0).max(1e6)).optional(),
});

export const BONDING = [
  'self-adhered',
  'torched',
  'cold adhesive',
  'hot bonded',
  'mechanically fixed',
] as const;
export const OFFSETS = ['none', 'centred on the ply below', 'crossed'] as const;

/** Of what is fixed, for each m²: in the field, along the edges, at corners; and how wide the edge counts. */
const fastenersSchema = z.strictObject({
  fieldPerM2: above(60),
  perimeterPerM2: above(60),
  cornerPerM2: above(60),
  perimeterM: above(20),
});
export type Fasteners = z.infer<typeof fastenersSchema>;

/** How the laps of a sheet are closed, where its bonding does not close them too. */
export const SEAMS = ['hot-air weld', 'tape', 'adhesive'] as const;

export const sheetSchema = z.strictObject({
  ...base,
  ...surface,
  kind: z.literal('sheet'),
  bonding: z.enum(BONDING),
  thicknessMm: above(20),
  weightKgPerM2: above(30),
  rollWidthM: above(6),
  rollLengthM: above(200),
  sideLapMm: mm(500),
  endLapMm: mm(500),
  /** Where its joints lie over those of the ply below. */
  offset: z.enum(OFFSETS),
  /** End joints of neighbouring courses apart by. */
  staggerMm: mm(5000).optional(),
  surfacing: z.enum(['film', 'sand', 'granules', 'foil', 'bare']),
  /** How laps over granules are made tight. */
  granuleLaps: text(200).default(''),
  /** `one bare`: a selvedge without granules that the next course laps over. */
  edges: z.enum(ROLL_EDGES).optional(),
  seam: z.strictObject({ kind: z.enum(SEAMS), widthMm: above(300) }).optional(),
  fasteners: fastenersSchema.optional(),
  reachMm,
  /** Heads of courses that run up the slope are nailed at this spacing. */
  headNailsMm: above(1000).optional(),
  /** Nails that hold each length while its release film is drawn, and are pulled again. */
  temporaryNails: sourced(z.number().int().min(1).max(40)).optional(),
  otherRolls,
  /** Lies unrolled before it is laid, minutes. */
  relaxMinutes: above(1440).optional(),
  tools: z.array(toolSchema).max(6).default([]),
  limits: limitsSchema,
  ifMissed: text(400),
  missed: missedSchema.default({}),
  remedies: remediesSchema.optional(),
  pricePerRoll: sourced(z.number().min(0).max(1e6)).optional(),
});

export const PROTECTION_LAID = ['loose', 'bonded', 'embedded hot', 'mechanically fixed'] as const;

export const PROTECTION_MATERIALS = [
  'board',
  'insulation board',
  'fleece',
  'drainage mat',
  'sheet',
  'pavers',
  'mortar',
  'gravel',
  'soil build-up',
] as const;

export const protectionSchema = z.strictObject({
  ...base,
  kind: z.literal('protection'),
  material: z.enum(PROTECTION_MATERIALS),
  laid: z.enum(PROTECTION_LAID),
  thicknessMm: above(500),
  weightKgPerM2: sourced(z.number().gt(0).max(1000)),
  pieceWidthM: above(6),
  pieceLengthM: above(200),
  lapMm: mm(500),
  fasteners: fastenersSchema.optional(),
  reachMm,
  pricePerPiece: sourced(z.number().min(0).max(1e6)).optional(),
});

const PIECE_SHAPES = ['round', 'rounded corner', 'straight'] as const;

/** Curb parts that are put together around what goes through the roof. */
const piecesSchema = z.strictObject({
  ...base,
  kind: z.literal('pieces'),
  heightMm: above(500),
  /** Around each penetration. */
  clearanceMm: above(500),
  /** The primer's skin goes this far above the curb. */
  skinAboveMm: mm(500),
  pieces: z
    .array(
      z.strictObject({
        id: idSchema,
        name: nameSchema,
        shape: z.enum(PIECE_SHAPES),
        /** Length of a straight piece, inside diameter of a round, leg of a corner. */
        sizeMm: above(2000),
        massKg: above(50).optional(),
        price: sourced(z.number().min(0).max(1e6)).optional(),
      }),
    )
    .min(1)
    .max(12),
  limits: limitsSchema,
  ifMissed: text(400),
});

export const layerSchema = z.discriminatedUnion('kind', [
  coatSchema,
  fabricSchema,
  broadcastSchema,
  sheetSchema,
  protectionSchema,
  piecesSchema,
]);

/** `because` is set where a rate was taken for a condition of the zone; it is never stored. */
export type Coat = z.infer<typeof coatSchema> & { readonly because?: string };
export type Fabric = z.infer<typeof fabricSchema>;
export type Broadcast = z.infer<typeof broadcastSchema>;
export type Sheet = z.infer<typeof sheetSchema>;
export type Protection = z.infer<typeof protectionSchema>;
export type Pieces = z.infer<typeof piecesSchema>;
export type Layer = Coat | Fabric | Broadcast | Sheet | Protection | Pieces;
export type LayerKind = Layer['kind'];
/** Layers that are laid by themselves, not into another one. */
export type WorkLayer = Coat | Sheet | Protection | Pieces;

export const isCoat = (layer: Layer): layer is Coat => layer.kind === 'coat';
/** A product that only details are made with: no coat of the field, and no part of a bay's work. */
export const isDetailCoat = (layer: Layer): layer is Coat => isCoat(layer) && layer.treats === 'details';
/** Layers of the field: all but the products that only details are made with. */
export const inField = (layer: Layer): boolean => !isDetailCoat(layer);
/** Coats that are laid on bays, all over or in places. */
export const isFieldCoat = (layer: Layer): layer is Coat => isCoat(layer) && layer.treats !== 'details';
/** Whether a layer goes all over a zone: what keeps to edges, fasteners or rust is no part of a usual square metre. */
export const allOver = (layer: Layer): boolean => layer.kind !== 'coat' || layer.treats === undefined;
export const isSheet = (layer: Layer): layer is Sheet => layer.kind === 'sheet';
export const isWorkLayer = (layer: Layer): layer is WorkLayer =>
  layer.kind !== 'fabric' && layer.kind !== 'broadcast' && !isDetailCoat(layer);
