import type { BuildUp } from '../schema.ts';
import { METHACRYLATE_TERRACE } from './methacrylate.ts';
import { REINFORCED_POLYURETHANE } from './polyurethane.ts';
import { TWO_COAT_SILICONE } from './silicone.ts';

/** Build-ups that ship with the app. All values are typical, to be replaced with those of a data sheet. */
export const CATALOGUE: readonly BuildUp[] = [
  REINFORCED_POLYURETHANE,
  METHACRYLATE_TERRACE,
  TWO_COAT_SILICONE,
];
