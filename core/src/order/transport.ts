/** How a thing is carried, in general words. The safety sheet and the carrier’s rules decide. */
import type { Hazard } from '../buildup/index.ts';

const WORDS: readonly (readonly [Hazard, string])[] = [
  ['oxidising', 'peroxide: cool, upright, apart from everything it sets off'],
  ['flammable', 'flammable liquid: sealed, upright, no spark, a limit for a van'],
  ['toxic', 'toxic: sealed, apart from food'],
  ['corrosive', 'corrosive: sealed, upright, in a tray'],
  ['harms water', 'harms water: in a tray, nothing to a drain'],
  ['open flame', 'gas bottles: upright, secured, aired'],
  ['heavy', 'heavy: lifted by two or by machine'],
];

/** The strongest word first; nothing for what is carried like any goods. */
export const carriage = (hazards: readonly Hazard[]): string =>
  WORDS.find(([hazard]) => hazards.includes(hazard))?.[1] ?? '';
