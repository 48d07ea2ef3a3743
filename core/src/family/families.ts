/**
 * Traits of the families as far as a survey needs them. Common practice, no source; limits of a product come from its
 * data sheet.
 */
import { z } from 'zod';

export const FAMILY_KEYS = [
  'PU1',
  'PU-DECK',
  'PMMA',
  'TRAFFIC',
  'ACRYLIC',
  'RESTORE',
  'SILICONE',
  'BITEM',
  'CEMENT',
  'METAL',
  'PU-PRIMED',
  'SA2',
  'TORCH2',
  'HOT',
  'POCKET',
  'TRAFFIC2',
  'SINGLE',
  'WARM',
  'GRP',
  'FELT',
] as const;
export type FamilyKey = (typeof FAMILY_KEYS)[number];
export const familySchema = z.enum(FAMILY_KEYS);

export interface Family {
  readonly key: FamilyKey;
  readonly name: string;
  /** Whether water may stand on it. */
  readonly ponding: 'stands' | 'short' | 'refused';
  /** Fall below which it is not laid without a step, per cent; 0 where it may lie flat. */
  readonly minFallPct: number;
  /** Coats are light in colour and stain over bitumen. */
  readonly light: boolean;
  /** Put down with a flame, or from a kettle. */
  readonly heat: 'none' | 'flame' | 'kettle';
  /** Feet or wheels go on it: pull-off and profile are asked for. */
  readonly trafficked: 'no' | 'feet' | 'wheels';
  readonly primer: 'always' | 'by substrate' | 'own';
  /** Concrete surface profile it wants, on the ten-step comparator scale. */
  readonly profile: readonly [least: number, most: number];
  /** Bonds to the substrate all over, so that damp below it matters. */
  readonly bonded: boolean;
  /** Wants its mineral ground wetted: dry pores draw the water out of it. */
  readonly dampGround: boolean;
  /** Seals walls that are covered with earth, too. */
  readonly belowGround: boolean;
}

const family = (key: FamilyKey, name: string, traits: Partial<Omit<Family, 'key' | 'name'>>): Family => ({
  key,
  name,
  ponding: 'stands',
  minFallPct: 0,
  light: false,
  heat: 'none',
  trafficked: 'no',
  primer: 'by substrate',
  profile: [2, 5],
  bonded: true,
  dampGround: false,
  belowGround: false,
  ...traits,
});

export const FAMILIES: Readonly<Record<FamilyKey, Family>> = {
  PU1: family('PU1', 'Reinforced one-part polyurethane', {}),
  'PU-DECK': family('PU-DECK', 'Pedestrian polyurethane deck', {
    trafficked: 'feet',
    minFallPct: 1,
    ponding: 'short',
  }),
  PMMA: family('PMMA', 'Methacrylate with fleece', { trafficked: 'feet', primer: 'always' }),
  TRAFFIC: family('TRAFFIC', 'Vehicular deck', { trafficked: 'wheels', primer: 'always', profile: [3, 4] }),
  ACRYLIC: family('ACRYLIC', 'Water-based elastomeric', { ponding: 'refused', minFallPct: 2, light: true }),
  RESTORE: family('RESTORE', 'Restoration of gravel or old felt', {
    ponding: 'short',
    minFallPct: 1,
    light: true,
    primer: 'own',
  }),
  SILICONE: family('SILICONE', 'Two-coat silicone', { light: true }),
  BITEM: family('BITEM', 'Cold bitumen emulsion with fabric', {
    ponding: 'short',
    minFallPct: 1,
    belowGround: true,
  }),
  CEMENT: family('CEMENT', 'Flexible mineral thick coat', {
    trafficked: 'feet',
    profile: [2, 4],
    dampGround: true,
    belowGround: true,
  }),
  METAL: family('METAL', 'Elastomeric anticorrosive on metal', {
    ponding: 'refused',
    minFallPct: 2,
    light: true,
  }),
  'PU-PRIMED': family('PU-PRIMED', 'Polyurethane with a choice of primers', { primer: 'always' }),
  SA2: family('SA2', 'Two-ply self-adhered sheet', {
    minFallPct: 1,
    ponding: 'short',
    primer: 'always',
    belowGround: true,
  }),
  TORCH2: family('TORCH2', 'Two-ply torch-applied sheet', {
    heat: 'flame',
    minFallPct: 1,
    ponding: 'short',
    belowGround: true,
  }),
  HOT: family('HOT', 'Hot-applied rubberised bitumen', {
    heat: 'kettle',
    primer: 'always',
    belowGround: true,
  }),
  POCKET: family('POCKET', 'Pourable-sealer pocket', {}),
  TRAFFIC2: family('TRAFFIC2', 'Two-part vehicular deck', {
    trafficked: 'wheels',
    primer: 'always',
    profile: [3, 5],
  }),
  SINGLE: family('SINGLE', 'Single-ply sheet', { minFallPct: 1, ponding: 'short' }),
  WARM: family('WARM', 'Warm roof with two plies', { minFallPct: 1, ponding: 'short', primer: 'always' }),
  GRP: family('GRP', 'Glass-reinforced polyester', { trafficked: 'feet', minFallPct: 1, ponding: 'short' }),
  FELT: family('FELT', 'Cold-bonded felt', { minFallPct: 1, ponding: 'short' }),
};
