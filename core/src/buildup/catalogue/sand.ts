/** What decks share: the caution of isocyanates, the sand. */
import { typical } from './typical.ts';

export const ISOCYANATE = {
  hazards: ['sensitising', 'irritant', 'flammable'] as const,
  cleaner: 'solvent' as const,
};
export const SAND = {
  kind: 'broadcast' as const,
  bagKg: typical(25),
  pricePerBag: typical(9),
  outputM2PerH: typical(45),
};
