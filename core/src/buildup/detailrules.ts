/**
 * How a build-up makes its details: what the pieces are cut from, how far they reach, how they lap, what is bedded
 * under and over them, and what else is used. mm, m, kg/m², shares of 1. Every number carries its source.
 */
import { z } from 'zod';
import type { FamilyKey } from '../family/index.ts';
import { idSchema, nameSchema, sourced } from '../job/index.ts';
import type { Quantity } from '../units/index.ts';
import { CHEMISTRIES } from './chemistry.ts';
import type { Layer } from './layers.ts';

/** What details take besides the layers of the build-up. */
export const SUNDRIES = {
  fabric: { name: 'Detail fabric', quantity: 'length' },
  sealant: { name: 'Sealant', quantity: 'volume' },
  mortar: { name: 'Fillet mortar', quantity: 'mass' },
  'joint filler': { name: 'Joint sealant', quantity: 'volume' },
  'backer rod': { name: 'Backer rod', quantity: 'length' },
  'bond breaker': { name: 'Bond-breaking tape', quantity: 'length' },
  'metal primer': { name: 'Primer for metal', quantity: 'mass' },
  bar: { name: 'Termination bar', quantity: 'length' },
  fastener: { name: 'Fasteners for bars', quantity: 'count' },
  granules: { name: 'Loose granules', quantity: 'mass' },
  tape: { name: 'Masking tape', quantity: 'length' },
  'board fastener': { name: 'Fasteners for boards', quantity: 'count' },
  'elastomer strip': { name: 'Elastomer strip', quantity: 'length' },
  'plate fastener': { name: 'Fasteners with plates', quantity: 'count' },
  'head nail': { name: 'Nails for heads of courses', quantity: 'count' },
  'temporary nail': { name: 'Temporary nails', quantity: 'count' },
  'lap primer': { name: 'Primer for laps over granules', quantity: 'mass' },
} as const satisfies Record<string, { name: string; quantity: Quantity }>;
export type SundryKey = keyof typeof SUNDRIES;
export const SUNDRY_KEYS = Object.keys(SUNDRIES) as [SundryKey, ...SundryKey[]];

const sundrySchema = z.strictObject({
  key: z.enum(SUNDRY_KEYS),
  packs: z
    .array(
      z.strictObject({
        id: idSchema,
        name: nameSchema,
        /** L, kg, m or pieces, by what it is. */
        net: z.number().gt(0).max(100_000),
        /** One pack on the pallet, kg. */
        massKg: z.number().gt(0).max(2000).optional(),
        price: sourced(z.number().min(0).max(1e6)).optional(),
      }),
    )
    .min(1)
    .max(6),
});
export type Sundry = z.infer<typeof sundrySchema>;

export const DOUBLED = ['parapet', 'pipe', 'outlet', 'corner', 'post'] as const;
const mm = (least: number, most: number) => sourced(z.number().min(least).max(most));

export const detailRulesSchema = z.strictObject({
  /** Fabric bedded in resin, strips of sheet in plies, or coats without pieces. */
  made: z.enum(['fabric', 'sheet', 'coats']),
  /** The fabric or sheet whose rolls the pieces are cut from; absent: detail fabric of its own. */
  cutFrom: idSchema.optional(),
  /** The roll of the detail fabric, where it is no layer. */
  rollWidthMm: mm(50, 6000),
  rollLengthM: sourced(z.number().gt(0).max(1000)),
  /** On to the field. */
  footMm: mm(20, 1000),
  /** Piece over piece. */
  lapMm: mm(10, 500),
  /** On to each of two materials across a joint. */
  ontoMm: mm(10, 500),
  /** Coats go this far past a piece. */
  pastSeamMm: mm(0, 500),
  /** The field's reinforcement stays this far off a penetration; the detail closes it. */
  clearMm: mm(0, 500),
  /** Arms of corner pieces along each wall. */
  wingMm: mm(20, 1000),
  /** Side of the square round an outlet, at least. */
  outletSquareMm: mm(100, 3000),
  /** How far the sleeve goes down an outlet. */
  outletDownMm: mm(10, 500),
  /** How far a pipe, post or kerb is dressed up where the survey tells no height. */
  upMm: mm(20, 1000),
  /** Width of a stripe over a crack. */
  stripeMm: mm(30, 600),
  /** Width over a moving crack that is kept from bonding: what stretches. */
  debondMm: mm(2, 400).optional(),
  /** Each side of a ridge. */
  ridgeMm: mm(50, 600),
  /** Layers of pieces, each further one reaching so much further. */
  plies: z.number().int().min(1).max(3),
  plyStepMm: mm(0, 300),
  doubled: z.array(z.enum(DOUBLED)).max(DOUBLED.length),
  /** Share of the bedding resin that goes under the piece; the rest goes on top of it. */
  underShare: sourced(z.number().min(0).max(1)),
  /** Bedding coat at a detail where the coat names no rate of its own: so many times the field's. */
  timesField: sourced(z.number().min(0.5).max(5)),
  fillet: z.enum(['none', 'sealant', 'mortar']),
  filletLegMm: mm(5, 200),
  mortarKgPerL: sourced(z.number().gt(0).max(4)),
  metalPrimerKgPerM2: sourced(z.number().gt(0).max(2)),
  granulesKgPerM2: sourced(z.number().gt(0).max(10)).optional(),
  barSpacingMm: mm(50, 1000),
  barLengthM: sourced(z.number().gt(0).max(10)),
  /** The longest strip that two people handle. */
  longestM: sourced(z.number().min(0.2).max(50)),
  /** What the sealant, and the primer on metal, are made of: the coats over them have to suit. */
  sealantOf: z.enum(CHEMISTRIES).optional(),
  metalPrimerOf: z.enum(CHEMISTRIES).optional(),
  sundries: z.array(sundrySchema).max(SUNDRY_KEYS.length),
});
export type DetailRules = z.infer<typeof detailRulesSchema>;

const typical = (value: number) => ({ value, source: 'typical' as const });
const pack = (id: string, name: string, net: number, price: number, massKg: number) => ({
  id,
  name,
  net,
  massKg,
  price: typical(price),
});

/** What is on sale for the small things; typical. */
export const TYPICAL_SUNDRIES: readonly Sundry[] = [
  { key: 'fabric', packs: [pack('roll-50', '50 m roll', 50, 32, 2)] },
  {
    key: 'sealant',
    packs: [
      pack('tube-310', '310 mL cartridge', 0.31, 7, 0.5),
      pack('bag-600', '600 mL foil bag', 0.6, 12, 0.9),
    ],
  },
  { key: 'mortar', packs: [pack('bag-25', '25 kg bag', 25, 19, 25)] },
  { key: 'joint filler', packs: [pack('bag-600', '600 mL foil bag', 0.6, 14, 0.9)] },
  { key: 'board fastener', packs: [pack('box-500', 'box of 500', 500, 95, 9)] },
  { key: 'elastomer strip', packs: [pack('roll-10', '10 m roll', 10, 48, 5)] },
  { key: 'plate fastener', packs: [pack('box-250', 'box of 250', 250, 110, 8)] },
  { key: 'head nail', packs: [pack('box-1000', 'box of 1,000', 1000, 24, 3)] },
  { key: 'temporary nail', packs: [pack('box-250', 'box of 250', 250, 9, 1)] },
  { key: 'lap primer', packs: [pack('can-5', '5 kg can', 5, 38, 5.4)] },
  { key: 'backer rod', packs: [pack('coil-100', '100 m coil', 100, 24, 3)] },
  { key: 'bond breaker', packs: [pack('roll-50', '50 m roll', 50, 9, 0.6)] },
  {
    key: 'metal primer',
    packs: [pack('can-1', '1 kg can', 1, 31, 1.2), pack('can-5', '5 kg can', 5, 129, 5.5)],
  },
  { key: 'bar', packs: [pack('bar-2-5', '2.5 m bar', 2.5, 8, 0.9)] },
  { key: 'fastener', packs: [pack('box-100', 'box of 100', 100, 18, 1.1)] },
  { key: 'granules', packs: [pack('bag-10', '10 kg bag', 10, 14, 10)] },
  { key: 'tape', packs: [pack('roll-50', '50 m roll', 50, 5, 0.3)] },
];

const LIQUID: DetailRules = {
  made: 'fabric',
  rollWidthMm: typical(1050),
  rollLengthM: typical(50),
  footMm: typical(150),
  lapMm: typical(50),
  ontoMm: typical(75),
  pastSeamMm: typical(50),
  clearMm: typical(25),
  wingMm: typical(150),
  outletSquareMm: typical(500),
  outletDownMm: typical(60),
  upMm: typical(150),
  stripeMm: typical(150),
  debondMm: typical(30),
  ridgeMm: typical(200),
  plies: 1,
  plyStepMm: typical(50),
  doubled: [],
  underShare: typical(0.667),
  timesField: typical(1.2),
  fillet: 'sealant',
  filletLegMm: typical(15),
  mortarKgPerL: typical(1.9),
  metalPrimerKgPerM2: typical(0.12),
  barSpacingMm: typical(250),
  barLengthM: typical(2.5),
  longestM: typical(3),
  sealantOf: 'hybrid polymer',
  metalPrimerOf: 'epoxy',
  sundries: [...TYPICAL_SUNDRIES],
};
const SHEETS: Partial<DetailRules> = {
  made: 'sheet',
  lapMm: typical(100),
  footMm: typical(150),
  wingMm: typical(150),
  plies: 2,
  plyStepMm: typical(50),
  fillet: 'mortar',
  filletLegMm: typical(50),
  longestM: typical(1),
  granulesKgPerM2: typical(1.5),
};

/** Where a family does otherwise than most; common practice, no source. */
const BY_FAMILY: Readonly<Partial<Record<FamilyKey, Partial<DetailRules>>>> = {
  PU1: { doubled: ['parapet', 'pipe'] },
  PMMA: { longestM: typical(1.5), fillet: 'none' },
  TRAFFIC: { footMm: typical(150), fillet: 'sealant', longestM: typical(2) },
  ACRYLIC: { footMm: typical(100), lapMm: typical(75), longestM: typical(5) },
  RESTORE: { footMm: typical(150), lapMm: typical(100), longestM: typical(5) },
  SILICONE: { sealantOf: 'silicone', footMm: typical(100), longestM: typical(5) },
  BITEM: { lapMm: typical(100), doubled: ['corner'], fillet: 'mortar', filletLegMm: typical(50) },
  CEMENT: { fillet: 'mortar', filletLegMm: typical(40), lapMm: typical(50), longestM: typical(2) },
  METAL: { footMm: typical(75), stripeMm: typical(100), fillet: 'none', longestM: typical(5) },
  SA2: SHEETS,
  TORCH2: SHEETS,
  TRAFFIC2: { footMm: typical(150), fillet: 'sealant', longestM: typical(2) },
  SINGLE: {
    ...{ made: 'sheet', plies: 1, plyStepMm: typical(0), fillet: 'none' },
    ...{ lapMm: typical(75), footMm: typical(150), wingMm: typical(100), longestM: typical(4) },
  },
  WARM: SHEETS,
  FELT: SHEETS,
  GRP: { lapMm: typical(75), fillet: 'none', doubled: ['corner'], longestM: typical(2) },
  HOT: { lapMm: typical(100), plies: 2, fillet: 'sealant', filletLegMm: typical(20), longestM: typical(3) },
};

interface Detailed {
  readonly family: FamilyKey;
  readonly layers: readonly Layer[];
  readonly details?: DetailRules | undefined;
}

/** Rules of a family, with the pieces cut from the build-up's own fabric or lowest sheet where it has one. */
export function typicalDetails({ family, layers }: Omit<Detailed, 'details'>): DetailRules {
  const rules: DetailRules = { ...LIQUID, ...BY_FAMILY[family] };
  const from = layers.find((l) => l.kind === (rules.made === 'sheet' ? 'sheet' : 'fabric'));
  return from ? { ...rules, cutFrom: from.id } : rules;
}

/** The rules of a build-up: its own, or what its family usually does, marked typical. */
export const detailRulesOf = (buildUp: Detailed): DetailRules => buildUp.details ?? typicalDetails(buildUp);

/** The numbers among the rules, for forms: key, name, quantity. */
export const DETAIL_RULE_FIELDS: readonly {
  readonly path: keyof DetailRules;
  readonly name: string;
  readonly quantity: Quantity;
}[] = [
  { path: 'rollWidthMm', name: 'Detail fabric, roll width', quantity: 'lap' },
  { path: 'rollLengthM', name: 'Detail fabric, roll length', quantity: 'length' },
  { path: 'footMm', name: 'Foot on the field', quantity: 'lap' },
  { path: 'lapMm', name: 'Lap, piece over piece', quantity: 'lap' },
  { path: 'ontoMm', name: 'On to each side of a joint', quantity: 'lap' },
  { path: 'pastSeamMm', name: 'Coats past a piece', quantity: 'lap' },
  { path: 'clearMm', name: 'Field fabric clear of a pipe', quantity: 'lap' },
  { path: 'wingMm', name: 'Arms of corner pieces', quantity: 'lap' },
  { path: 'outletSquareMm', name: 'Square round an outlet', quantity: 'lap' },
  { path: 'outletDownMm', name: 'Down into an outlet', quantity: 'lap' },
  { path: 'upMm', name: 'Up pipes and posts', quantity: 'lap' },
  { path: 'stripeMm', name: 'Stripe over a crack', quantity: 'lap' },
  { path: 'debondMm', name: 'Not bonded over a moving crack', quantity: 'lap' },
  { path: 'ridgeMm', name: 'Each side of a ridge', quantity: 'lap' },
  { path: 'plyStepMm', name: 'Each further ply reaches', quantity: 'lap' },
  { path: 'underShare', name: 'Resin under the piece', quantity: 'share' },
  { path: 'timesField', name: 'Bedding coat, times the field', quantity: 'fraction' },
  { path: 'filletLegMm', name: 'Leg of the fillet', quantity: 'lap' },
  { path: 'mortarKgPerL', name: 'Fillet mortar, density', quantity: 'density' },
  { path: 'metalPrimerKgPerM2', name: 'Primer on metal', quantity: 'rateMass' },
  { path: 'granulesKgPerM2', name: 'Granules over laps', quantity: 'rateMass' },
  { path: 'barSpacingMm', name: 'Bar fixed every', quantity: 'lap' },
  { path: 'barLengthM', name: 'Bar, length', quantity: 'length' },
  { path: 'longestM', name: 'Longest strip handled', quantity: 'length' },
];
