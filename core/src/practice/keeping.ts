/** Numbers of the years after: how finished roofs wear, and how often they are looked after. */
import { number } from './number.ts';

const OWN = 'our own, no source: it makes a rough rule, not a forecast';

export const KEEPING = {
  recoatSpread: number(
    'recoats come so much sooner or later than a sheet says',
    0.3,
    'share',
    [0.05, 0.8],
    OWN,
  ),
  recoatLeft: number(
    'share of the design film that is left when it is coated again',
    0.35,
    'share',
    [0, 0.9],
    OWN,
  ),
  recoatDark: number('years of a dark surface, times those of a light one', 0.85, 'fraction', [0.3, 1], OWN),
  recoatWet: number(
    'years where water stands on what is not made for it, times those where it runs off',
    0.7,
    'fraction',
    [0.2, 1],
    OWN,
  ),
  recoatSun: number(
    'sun for which years are said, W/m², mean over day and night of a year',
    130,
    'number',
    [60, 320],
    OWN,
  ),
  repairOverlap: number('overlap of a repair, all round', 100, 'lap', [25, 500]),
  outletsPerYear: number('outlets are cleared a year', 2, 'count', [1, 12]),
} as const;
