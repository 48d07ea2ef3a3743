/** How a rate may be said, in words. */
import type { RATE_BASES } from '@lentum/core/buildup';

export const RATE_FORM_NAMES: Readonly<Record<(typeof RATE_BASES)[number], string>> = {
  mass: 'by mass',
  volume: 'by volume',
  wetFilm: 'wet film',
  dryFilm: 'dry film',
};
