/** Readings and their age, films and their acceptance, times of the day, and what a crew lays. */
import { number } from './number.ts';

export const WORK = {
  /** How long a reading is valid for. */
  airReadingMin: number('a reading of air and surface is valid for', 60, 'minutes', [5, 240]),
  mixReadingMin: number('a reading for a mix is valid for', 30, 'minutes', [5, 120]),
  moistureReadingH: number(
    'a moisture reading is valid for',
    24,
    'hours',
    [1, 168],
    'common practice; and no longer than until it rains',
  ),
  kettleReadingMin: number('a kettle temperature is valid for', 30, 'minutes', [5, 120]),
  fireWatchMin: number(
    'a fire watch runs on after the last flame',
    60,
    'minutes',
    [30, 240],
    'common practice; the permit, the insurer or local rules may ask for more',
  ),
  bottleDistance: number(
    'gas bottles stand away from kettle and flame, at least',
    3,
    'length',
    [1, 20],
    'common practice; local rules may ask for more',
  ),
  /** When a window counts as closing, and what lies open too long. */
  closingLeadH: number('a window counts as closing before its end', 6, 'hours', [0.5, 48]),
  washAfterDays: number('days after which what lies open is washed again', 3, 'count', [1, 30]),
  rinseDryMin: number('minutes that a rinsed film dries, before the next goes on', 60, 'minutes', [0, 1440]),
  growthAfterDays: number('days after which things may grow on it', 21, 'count', [5, 120]),
  floodDepth: number('water in a flood test, at its deepest', 50, 'gap', [10, 200]),
  /** Acceptance of a film. */
  leastShare: number('least of a spot or a reading, of the design', 0.8, 'share', [0.5, 1]),
  mostBetween: number('most readings between the least and the design', 0.2, 'share', [0, 1]),
  filmsAgreePct: number('films from consumption and from readings may differ by', 15, 'percent', [1, 50]),
  coversLeast: number('least that what was used covers, of the area named', 0.5, 'share', [0.1, 0.95]),
  shimOffPct: number('a shim may read off by', 5, 'percent', [0.5, 20]),
  /** The thickest film where the layer names none, as so many times its design: by what too thick does to it. */
  mostFilmHumidity: number(
    'most film of what cures with humidity, times the design',
    1.6,
    'fraction',
    [1.05, 6],
    'common practice: gas is caught, and it cures from the skin down',
  ),
  mostFilmWater: number(
    'most film of what gives off water, times the design',
    1.6,
    'fraction',
    [1.05, 6],
    'common practice: it skins over water and cracks as mud does',
  ),
  mostFilmReaction: number(
    'most film of what cures by reaction, times the design',
    2,
    'fraction',
    [1.05, 6],
    'common practice: it heats, sags and costs',
  ),
  mostFilmPrimer: number(
    'most film of a primer, times the design',
    2.5,
    'fraction',
    [1.05, 6],
    'common practice: puddles do not cure',
  ),
  mostFilmOther: number(
    'most film of any other coat, times the design',
    2,
    'fraction',
    [1.05, 6],
    'common practice: it sags and costs',
  ),
  overRangePct: number(
    'a film may lie over the upper end of its sheet’s range by',
    15,
    'percent',
    [0, 50],
    'common practice: laying spreads by so much',
  ),
  stretchShare: number(
    'share of its stretch at break that a film is trusted with',
    0.25,
    'share',
    [0.05, 0.8],
    'common practice: it stretches again each season, and it ages',
  ),
  sprayWind: number(
    'wind up to which is sprayed, where the sheet says none',
    5,
    'speed',
    [1, 12],
    'common practice: more of it drifts on to what is not to be coated',
  ),
  rollerPass: number('wet film that one rolled pass leaves', 0.2, 'film', [0.03, 1]),
  /** Two people lay so much where the layer says nothing: slow enough to be safe. */
  usualOutput: number('output of a crew where the layer says none', 20, 'output', [1, 500]),
  usualCrew: number(
    'people that an output is said for',
    2,
    'count',
    [1, 6],
    'as outputs of layers are entered',
  ),
  mostCrew: number('people who do not stand in each other’s way on a bay', 6, 'count', [1, 30]),
} as const;
