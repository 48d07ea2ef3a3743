import { buildUpSchema, type BuildUp, type BuildUpInput } from '../schema.ts';
import { COLD_BITUMEN } from './coldbitumen.ts';
import { ELASTOMERIC } from './elastomeric.ts';
import { HOT_APPLIED } from './hot.ts';
import { METAL_ROOF } from './metal.ts';
import { MINERAL_COAT } from './mineral.ts';
import { PEDESTRIAN_DECK } from './pedestrian.ts';
import { COLD_FELT } from './coldfelt.ts';
import { GLASS_POLYESTER } from './polyester.ts';
import { SINGLE_PLY } from './singleply.ts';
import { TWO_PART_DECK } from './twopartdeck.ts';
import { WARM_ROOF } from './warmroof.ts';
import { POCKET } from './pocket.ts';
import { PRIMED_POLYURETHANE } from './primed.ts';
import { RESTORATION } from './restoration.ts';
import { SELF_ADHERED, TORCHED } from './sheets.ts';
import { VEHICULAR_DECK } from './vehicular.ts';
import { METHACRYLATE_TERRACE } from './methacrylate.ts';
import { LATENT_POLYURETHANE, REINFORCED_POLYURETHANE } from './polyurethane.ts';
import { TWO_COAT_SILICONE } from './silicone.ts';

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
  TWO_PART_DECK,
  SINGLE_PLY,
  WARM_ROOF,
  GLASS_POLYESTER,
  COLD_FELT,
];

let pocket: BuildUp | undefined;
/** The pocket that ships, for jobs that hold none of their own; it is one of the catalogue's. */
export const shippedPocket = (): BuildUp => (pocket ??= buildUpSchema.parse(POCKET));

let read: readonly BuildUp[] | undefined;
/**
 * Build-ups that ship with the app. All values are typical, to be replaced with those of a data sheet. They are read
 * when they are first asked for: most pages and workers never do.
 */
export const catalogue = (): readonly BuildUp[] => (read ??= PAGES.map((page) => buildUpSchema.parse(page)));
