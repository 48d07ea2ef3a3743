import { buildUpSchema, type BuildUp, type BuildUpInput } from '../schema.ts';
import { PEDESTRIAN_DECK, VEHICULAR_DECK } from './decks.ts';
import { METHACRYLATE_TERRACE } from './methacrylate.ts';
import { METAL_ROOF, MINERAL_COAT, PRIMED_POLYURETHANE } from './others.ts';
import { LATENT_POLYURETHANE, REINFORCED_POLYURETHANE } from './polyurethane.ts';
import { HOT_APPLIED, POCKET, SELF_ADHERED, TORCHED } from './sheets.ts';
import { TWO_COAT_SILICONE } from './silicone.ts';
import { COLD_BITUMEN, ELASTOMERIC, RESTORATION } from './watercoats.ts';

const PAGES: readonly BuildUpInput[] = [
  REINFORCED_POLYURETHANE,
  LATENT_POLYURETHANE,
  PEDESTRIAN_DECK,
  METHACRYLATE_TERRACE,
  VEHICULAR_DECK,
  ELASTOMERIC,
  RESTORATION,
  TWO_COAT_SILICONE,
  COLD_BITUMEN,
  MINERAL_COAT,
  METAL_ROOF,
  PRIMED_POLYURETHANE,
  SELF_ADHERED,
  TORCHED,
  HOT_APPLIED,
  POCKET,
];

/** Build-ups that ship with the app. All values are typical, to be replaced with those of a data sheet. */
export const CATALOGUE: readonly BuildUp[] = PAGES.map((page) => buildUpSchema.parse(page));
